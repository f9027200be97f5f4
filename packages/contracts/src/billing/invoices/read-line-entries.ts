import { Static, Type } from 'typebox';
import { Amount, Count, Duration, FirmPath, Id, endpoint, strict } from '../../platform/fields';
import { Entry } from '../../ledger/entry';

/** The entries that a line of a document bills, as far as the reader may see them, the oldest first. */
export const LineEntries = strict({
  entries: Type.Array(
    strict({
      entry: Entry,
      /** How much of it the line bills: seconds, or, of a fee, minor units. */
      quantity: Duration,
      /** Its share of the line's net. */
      minor: Amount,
    }),
  ),
  /** Of all of them, also of those that the reader may not see. */
  count: Count,
});
export type LineEntries = Static<typeof LineEntries>;

/** What a line of a document bills. */
export const readLineEntries = endpoint({
  summary: 'What a line of a document bills',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/invoices/:id/lines/:line/entries',
  permission: 'invoices.read',
  params: strict({ ...FirmPath.properties, id: Id, line: Type.String({ minLength: 1, maxLength: 400 }) }),
  answer: LineEntries,
  problems: ['invoice-unknown', 'line-unknown'],
});
