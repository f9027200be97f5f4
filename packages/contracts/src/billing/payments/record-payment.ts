import { Day, FirmPath, GivenAmount, Id, endpoint, strict } from '../../platform/fields';
import { Type } from 'typebox';
import { InvoiceDetail } from '../invoices/invoice-detail';

/** Record a payment against an invoice; what is over becomes client credit. */
export const recordPayment = endpoint({
  summary: 'Record a payment against an invoice; what is over becomes client credit',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/payments',
  permission: 'payments.record',
  params: FirmPath,
  body: strict({ id: Id, invoiceId: Id, minor: GivenAmount, receivedOn: Day, reference: Type.String({ maxLength: 200 }) }),
  answer: InvoiceDetail,
  problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-settled', 'payment-not-positive', 'payment-ahead'],
});
