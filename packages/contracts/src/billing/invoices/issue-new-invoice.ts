import { FirmPath, GivenAmount, Id, endpoint, strict } from '../../platform/fields';
import { DraftWish } from './draft-wish';
import { InvoiceDetail } from './invoice-detail';

/** Make a document and issue it at once. */
export const issueNewInvoice = endpoint({
  summary: 'Issue a document that was not kept as a draft before: all of it or nothing',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/invoices/issue',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ id: Id, wish: DraftWish, gross: GivenAmount }),
  answer: InvoiceDetail,
  problems: [
    'entries-not-billable',
    'entry-unpriced',
    'write-down-too-large',
    'tax-rate-missing',
    'exchange-rate-missing',
    'document-changed',
    'nothing-to-pay',
    'limit-used-up',
  ],
});
