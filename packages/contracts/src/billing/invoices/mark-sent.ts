import { FirmAndId, endpoint } from '../../platform/fields';
import { InvoiceDetail } from './invoice-detail';

/** Mark an issued invoice as sent. */
export const markSent = endpoint({
  summary: 'Mark an issued invoice as sent',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/invoices/:id/sent',
  permission: 'invoices.issue',
  params: FirmAndId,
  answer: InvoiceDetail,
  problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-sent'],
});
