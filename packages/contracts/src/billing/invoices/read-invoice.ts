import { FirmAndId, endpoint } from '../../platform/fields';
import { InvoiceDetail } from './invoice-detail';

/** One invoice with its document, payments and what may be done. */
export const readInvoice = endpoint({
  summary: 'One invoice with its document, payments and what may be done',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/invoices/:id',
  permission: 'invoices.read',
  params: FirmAndId,
  answer: InvoiceDetail,
  problems: ['invoice-unknown', 'tax-rate-missing', 'exchange-rate-missing'],
});
