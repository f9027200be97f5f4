import { Amount, Count, Currency, Day, Id, Millionths, choice, nullable, optional, strict } from '../../platform/fields';
import { Static, Type } from 'typebox';
import { Logo } from '../../firm/firm-facts';
import { TaxCategoryField } from './tax-category';

/** Seller or buyer, as the document names them. */
export const Party = strict({
  name: Type.String(),
  address: Type.Array(Type.String()),
  country: Type.String(),
  taxId: nullable(Type.String()),
  email: Type.String(),
});
export type Party = Static<typeof Party>;

/** The document model: what the page shows and the PDF prints, figure for figure. */
export const InvoiceDocument = strict({
  kind: choice('invoice', 'credit note'),
  number: nullable(Type.String()),
  credits: nullable(Type.String()),
  reason: Type.String(),
  seller: Party,
  buyer: Party,
  orderReference: Type.String(),
  issuedOn: nullable(Day),
  supplyFrom: Day,
  supplyTo: Day,
  dueOn: nullable(Day),
  paymentDays: Count,
  paymentDetails: Type.String(),
  /** Not on documents from before there were any: a logo, and what stands before and after the lines. */
  logo: optional(nullable(Logo)),
  opening: optional(Type.String()),
  closing: optional(Type.String()),
  /** How its dates and figures are written; not on documents from before firms could choose. */
  writing: optional(strict({ dates: Type.String(), numbers: Type.String(), yearFirst: Type.Boolean() })),
  currency: Currency,
  lines: Type.Array(
    strict({
      key: Type.String(),
      kind: Type.String(),
      text: Type.String(),
      quantity: Type.String(),
      price: Type.String(),
      minor: Amount,
      category: TaxCategoryField,
      taxRate: Millionths,
      projectId: Id,
      entries: Count,
    }),
  ),
  net: Amount,
  taxes: Type.Array(
    strict({
      category: TaxCategoryField,
      name: Type.String(),
      rate: Millionths,
      base: Amount,
      minor: Amount,
      reason: Type.String(),
    }),
  ),
  tax: Amount,
  gross: Amount,
  /** The tax total in the firm's currency, where the document is in another. */
  taxInFirmCurrency: nullable(strict({ currency: Currency, minor: Amount, exchangeRate: Count })),
});
export type InvoiceDocument = Static<typeof InvoiceDocument>;
