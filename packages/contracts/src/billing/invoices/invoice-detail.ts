import { Amount, Day, Id, nullable, strict } from '../../platform/fields';
import { InvoiceRow } from './invoice-row';
import { InvoiceDocument } from './invoice-document';
import { LineRounding } from './line-rounding';
import { Static, Type } from 'typebox';
import { DraftWish } from './draft-wish';

export const InvoiceDetail = strict({
  row: InvoiceRow,
  document: InvoiceDocument,
  payments: Type.Array(
    strict({
      id: Id,
      paymentId: nullable(Id),
      kind: Type.String(),
      minor: Amount,
      receivedOn: Day,
      reference: Type.String(),
      by: Type.String(),
      live: Type.Boolean(),
      creditNumber: nullable(Type.String()),
    }),
  ),
  /** What may be done with it now. */
  may: strict({ pay: Type.Boolean(), send: Type.Boolean(), void: Type.Boolean(), credit: Type.Boolean() }),
  rounding: Type.Array(LineRounding),
  /** What a draft was asked to hold, so that it can be taken up again; null for what is issued. */
  wish: nullable(DraftWish),
});
export type InvoiceDetail = Static<typeof InvoiceDetail>;
