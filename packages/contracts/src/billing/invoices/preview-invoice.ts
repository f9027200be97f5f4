import { Amount, FirmPath, Id, endpoint, strict } from '../../platform/fields';
import { InvoiceDocument } from './invoice-document';
import { LineRounding } from './line-rounding';
import { Static, Type } from 'typebox';
import { DraftWish } from './draft-wish';

export const DraftPreview = strict({
  document: InvoiceDocument,
  nextNumber: Type.String(),
  limits: Type.Array(strict({ projectId: Id, limit: Amount, usedBefore: Amount, net: Amount, over: Amount })),
  rounding: Type.Array(LineRounding),
});
export type DraftPreview = Static<typeof DraftPreview>;

/** The document that these entries would make; nothing is stored. */
export const previewInvoice = endpoint({
  summary: 'The document that these entries would make; nothing is stored',
  kind: 'read',
  method: 'POST',
  path: '/f/:firm/billing/preview',
  permission: 'invoices.issue',
  params: FirmPath,
  body: DraftWish,
  answer: DraftPreview,
  problems: ['entries-not-billable', 'entry-unpriced', 'write-down-too-large', 'tax-rate-missing', 'exchange-rate-missing'],
});
