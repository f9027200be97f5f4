// What the demo firm and the measurements use of the server: the same use cases as requests do.
export { transaction, openDatabase, WRITE, READ } from './platform/database';
export type { Tx, Database } from './platform/database';
export type { Context, Actor, FirmFacts } from './platform/context';
export { demoSignIns } from './people/demo-sign-ins';
export { hashPassword } from './people/sign-in';
export { audit } from './platform/audit';
export { json } from './platform/json';
export { valuationBasis } from './billing/value-entries';
export type { Valued } from './billing/value-entries';
export { createDraft } from './billing/draft-invoice';
export { issueInvoice } from './billing/issue-invoice';
export { markSent, creditInvoice } from './billing/end-invoice';
export { holdEntries } from './billing/hold-entries';
export { recordPayment } from './billing/settle-invoice';
export { insertEntries, putAbsences, putSpans } from './time/queries.queries';
export type { LedgerRow } from './time/ledger-row';
export { rowSubject } from './time/ledger-row';
