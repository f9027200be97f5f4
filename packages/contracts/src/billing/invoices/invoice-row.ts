import { Amount, Currency, Day, Id, Instant, Name, Version, choice, nullable, strict } from '../../platform/fields';
import { Static, Type } from 'typebox';

export const InvoiceRow = strict({
  id: Id,
  kind: choice('invoice', 'credit note'),
  number: nullable(Type.String()),
  state: Type.String(),
  clientId: Id,
  clientName: Name,
  projects: Type.Array(Name),
  currency: Currency,
  issuedOn: nullable(Day),
  dueOn: nullable(Day),
  daysLate: Type.Integer(),
  net: Amount,
  gross: Amount,
  settled: Amount,
  open: Amount,
  sentAt: nullable(Instant),
  lastPaid: nullable(Day),
  version: Version,
});
export type InvoiceRow = Static<typeof InvoiceRow>;
