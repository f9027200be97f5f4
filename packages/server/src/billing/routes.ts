import { endpoints } from '@yellowwood/contracts';
import { WRITE } from '../platform/database';
import { Platform, mount } from '../platform/mount';
import { readHistory } from './read-history';
import { holdEntries } from './desk/hold-entries';
import { listToBill } from './desk/list-to-bill';
import { reinstateEntries, writeOffEntries } from './desk/write-off-entries';
import { releaseOverLimit } from './limits/release-over-limit';
import { writeDownOverLimit } from './limits/write-down-over-limit';
import { changeAgreement, readAgreements } from './agreements/agreements';
import { copyProject } from './agreements/copy-project';
import { readBillDesk } from './desk/read-bill-desk';
import { createDraft } from './invoices/create-draft';
import { creditInvoice } from './invoices/credit-invoice';
import { discardDraft } from './invoices/discard-draft';
import { issueInvoice, issueNewInvoice } from './invoices/issue-invoice';
import { listInvoices } from './invoices/list-invoices';
import { markSent } from './invoices/mark-sent';
import { previewInvoice } from './invoices/preview-invoice';
import { readLineEntries } from './invoices/read-line-entries';
import { readInvoice } from './invoices/read-invoice';
import { readInvoicePdf } from './invoices/read-invoice-pdf';
import { voidInvoice } from './invoices/void-invoice';
import { recordPayment } from './payments/record-payment';
import { reversePayment } from './payments/reverse-payment';
import { changeTerms, previewTerms, readTerms } from './terms/terms';
import { listUnpriced } from './pricing/list-unpriced';
import { priceEntries, priceEntry } from './pricing/price-entry';
import { readEntryWhy } from './pricing/read-entry-why';

/** Pricing, billing and collecting. */
export function billingRoutes(platform: Platform): void {
  mount(platform, endpoints.readEntryWhy, (context, { params }) => readEntryWhy(context, params.id));
  mount(platform, endpoints.priceEntries, (context, { body }) => priceEntries(context, body.entries, body.rate, body.reason));
  mount(platform, endpoints.readLineEntries, (context, { params }) => readLineEntries(context, params.id, params.line));
  mount(platform, endpoints.priceEntry, (context, { params, body, version }) =>
    priceEntry(context, params.id, version, body.rate, body.reason),
  );
  mount(platform, endpoints.listToBill, (context, { query }) => listToBill(context, query.scope, query.upTo));
  mount(platform, endpoints.listUnpriced, (context, { query }) => listUnpriced(context, query.scope));
  mount(platform, endpoints.readBillDesk, (context, { query }) => readBillDesk(context, query.scope, query.upTo));
  mount(platform, endpoints.holdEntries, (context, { body }) => holdEntries(context, body.entries, body.reason));
  mount(platform, endpoints.releaseEntries, (context, { body }) => holdEntries(context, body.entries, null));
  mount(platform, endpoints.writeOffEntries, (context, { body }) => writeOffEntries(context, body.entries, body.reason));
  mount(platform, endpoints.reinstateEntries, (context, { body }) => reinstateEntries(context, body.entries));
  mount(platform, endpoints.releaseOverLimit, (context, { params, body }) => releaseOverLimit(context, params.id, body));
  mount(platform, endpoints.writeDownOverLimit, (context, { params, body }) =>
    writeDownOverLimit(context, params.id, body.minor, body.reason),
  );
  mount(platform, endpoints.readTerms, (context) => readTerms(context));
  mount(platform, endpoints.previewTerms, (context, { query }) => previewTerms(context, query));
  mount(platform, endpoints.changeTerms, (context, { body, version }) => changeTerms(context, body, version));
  mount(platform, endpoints.readAgreements, (context, { params }) => readAgreements(context, params.id));
  mount(platform, endpoints.changeAgreement, (context, { params, body }) => changeAgreement(context, params.id, body));
  mount(platform, endpoints.copyProject, (context, { params, body }) => copyProject(context, params.id, body));
  mount(platform, endpoints.previewInvoice, (context, { body }) => previewInvoice(context, body));
  mount(platform, endpoints.createDraft, (context, { body }) => createDraft(context, body.id, body.wish));
  mount(platform, endpoints.discardDraft, (context, { params, version }) =>
    discardDraft(context, params.id, version).then(() => null),
  );
  // Rendering takes longer than all the rest and needs the snapshot alone: the series and its next number
  // are not kept waiting for it. Where it could not be done, opening the document does it.
  mount(
    platform,
    endpoints.issueInvoice,
    (context, { params, body }) => issueInvoice(context, params.id, body.gross, body.version),
    { afterwards: (context, { params }) => readInvoicePdf(context, params.id) },
  );
  mount(platform, endpoints.issueNewInvoice, (context, { body }) => issueNewInvoice(context, body.id, body.wish, body.gross), {
    afterwards: (context, { body }) => readInvoicePdf(context, body.id),
  });
  mount(platform, endpoints.listInvoices, (context, { query }) => listInvoices(context, query.show, query.scope, query.cursor));
  mount(platform, endpoints.readInvoice, (context, { params }) => readInvoice(context, params.id));
  mount(platform, endpoints.markSent, (context, { params }) => markSent(context, params.id));
  mount(platform, endpoints.voidInvoice, (context, { params, body }) => voidInvoice(context, params.id, body.reason));
  mount(platform, endpoints.creditInvoice, (context, { params, body }) =>
    creditInvoice(context, params.id, body.id, body.reason),
  );
  mount(platform, endpoints.recordPayment, (context, { body }) => recordPayment(context, body));
  mount(platform, endpoints.reversePayment, (context, { params, body }) =>
    reversePayment(context, params.id, body.reason).then(() => null),
  );

  mount(platform, endpoints.readHistory, (context, { params }) => readHistory(context, params.id));
  // Rendered when it is first opened, and kept.
  mount(platform, endpoints.readInvoicePdf, (context, { params }) => readInvoicePdf(context, params.id), { begin: WRITE });
}
