import { FirmAndId, GivenAmount, Version, endpoint, strict } from '../../platform/fields';
import { InvoiceDetail } from './invoice-detail';

/** Issue a draft: take the number, freeze the document, make the PDF. */
export const issueInvoice = endpoint({
  summary: 'Issue a draft: take the number, freeze the document, make the PDF',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/invoices/:id/issue',
  permission: 'invoices.issue',
  params: FirmAndId,
  body: strict({ gross: GivenAmount, version: Version }),
  answer: InvoiceDetail,
  problems: [
    'invoice-unknown',
    'invoice-not-draft',
    'document-changed',
    'version-stale',
    'tax-rate-missing',
    'exchange-rate-missing',
    'limit-used-up',
  ],
});
