import { Static, Type } from 'typebox';
import { Forms } from './forms';
import { Count, Id, Version, nullable, strict } from '../platform/fields';

const Line = Type.String({ maxLength: 200 });

/** What a firm says of itself on its documents. */
export const FirmFacts = strict({
  name: Type.String({ minLength: 1, maxLength: 100, pattern: '\\S' }),
  address: Type.Array(Line, { maxItems: 6 }),
  taxId: Type.String({ maxLength: 60 }),
  email: Type.String({ maxLength: 200, pattern: '^([^\\s@]+@[^\\s@]+)?$' }),
  paymentDetails: Type.String({ maxLength: 500 }),
  /** What stands on a document before its lines, and after them. */
  opening: Type.String({ maxLength: 1000 }),
  closing: Type.String({ maxLength: 1000 }),
  /** How the numbers of invoices and of credit notes begin. */
  invoicePrefix: Type.String({ maxLength: 12 }),
  creditPrefix: Type.String({ maxLength: 12 }),
  /** The number that the next invoice takes; free until the first one is issued. */
  nextInvoice: Type.Integer({ minimum: 1, maximum: 9_999_999 }),
  /** How dates, times and figures are written on the page, for everybody who has not chosen. */
  forms: Forms,
});
export type FirmFacts = Static<typeof FirmFacts>;

/** A logo as it stands on documents; its picture is read apart. Width and height in pixels. */
export const Logo = strict({ id: Id, width: Count, height: Count });
export type Logo = Static<typeof Logo>;

export const KnownFirm = strict({
  ...{ id: Id, facts: FirmFacts, version: Version, numbered: Type.Boolean() },
  logo: nullable(Logo),
});
export type KnownFirm = Static<typeof KnownFirm>;
