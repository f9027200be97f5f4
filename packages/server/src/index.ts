// What the demo firm and the measurements use of the server: the same use cases as requests do.
export { transaction, openDatabase, WRITE, READ } from './platform/database';

export type { Tx, Database } from './platform/database';

export { enterFirm } from './platform/context';

export type { Context, Actor, FirmFacts } from './platform/context';

export { demoSignIns } from './people/demo-sign-ins';

export { hashPassword } from './people/sign-in';

export { audit } from './platform/audit';

export { json } from './platform/json';

export { valuationBasis } from './ledger/value-entries';

export type { Valued } from './ledger/value-entries';

export { createDraft } from './billing/invoices/create-draft';

export { issueInvoice } from './billing/invoices/issue-invoice';

export { markSent } from './billing/invoices/mark-sent';
export { creditInvoice } from './billing/invoices/credit-invoice';

export { holdEntries } from './billing/desk/hold-entries';

export { recordPayment } from './billing/payments/record-payment';

export { writeEntries } from './time/write-entries';

export { insertEntries, putAbsences, putSpans } from './generated/time/write-entries.queries';

export type { LedgerRow } from './ledger/row';

export { rowSubject } from './ledger/row';
