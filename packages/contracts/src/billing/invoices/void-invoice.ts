import { FirmAndId, Reason, endpoint, strict } from '../../platform/fields';
import { InvoiceDetail } from './invoice-detail';

/** Void what was never sent; the number is kept and the hours are to bill again. */
export const voidInvoice = endpoint({
  summary: 'Void what was never sent; the number is kept and the hours are to bill again',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/invoices/:id/void',
  permission: 'invoices.issue',
  params: FirmAndId,
  body: strict({ reason: Reason }),
  answer: InvoiceDetail,
  problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-sent', 'invoice-settled', 'over-limit-billed'],
});
