import { Type } from 'typebox';
import { FirmAndId, endpoint } from '../../platform/fields';

/** The PDF of an issued document. */
export const readInvoicePdf = endpoint({
  summary: 'The PDF of an issued document, rendered once from its snapshot',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/invoices/:id/pdf',
  permission: 'invoices.read',
  params: FirmAndId,
  answer: Type.Unsafe<{ bytes: Uint8Array; fileName: string }>({}),
  media: 'application/pdf',
  problems: ['invoice-unknown', 'invoice-not-issued'],
});
