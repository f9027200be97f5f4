import { FirmAndId, Id, Reason, endpoint, strict } from '../../platform/fields';
import { InvoiceDetail } from './invoice-detail';

/** Credit an invoice in full; its hours are to bill again. */
export const creditInvoice = endpoint({
  summary: 'Credit an invoice in full; its hours are to bill again',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/invoices/:id/credit',
  permission: 'invoices.issue',
  params: FirmAndId,
  body: strict({ id: Id, reason: Reason }),
  answer: InvoiceDetail,
  problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-credited', 'over-limit-billed', 'already-there'],
});
