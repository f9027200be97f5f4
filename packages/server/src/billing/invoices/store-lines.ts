import { v7 as newId } from 'uuid';
import { insertLines, insertShares, insertTaxes } from '../../generated/billing/invoices/invoice.queries';
import { Context } from '../../platform/context';
import { json } from '../../platform/json';
import { MadeDocument } from './make-document';

/** Stores a document's lines, their shares and the tax breakdown. */
export async function storeLines(
  context: Context,
  invoice: string,
  made: Pick<MadeDocument, 'lines' | 'taxes'>,
  edited: ReadonlySet<string>,
): Promise<void> {
  const { tx, firm } = context;
  const lines = made.lines.map((line, index) => ({
    ...line,
    id: newId(),
    place: index + 1,
    textEdited: edited.has(line.key),
    decimalPlaces: line.display.kind === 'decimal' ? line.display.places : null,
    reason: line.reason ?? '',
  }));
  await insertLines.run({ firm: firm.id, invoice, lines: json(lines.map(({ shares, display, ...line }) => line)) }, tx);
  const shares = lines.flatMap((line) => line.shares.map((share) => ({ lineId: line.id, ...share })));
  await insertShares.run({ firm: firm.id, shares: json(shares) }, tx);
  await insertTaxes.run({ firm: firm.id, invoice, taxes: json(made.taxes.map((row) => ({ ...row, tax: row.minor }))) }, tx);
}
