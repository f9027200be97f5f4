import { LineEntries } from '@yellowwood/contracts';
import { invoiceRows } from '../../generated/billing/invoices/invoice-rows.queries';
import { lineByKey, sharesOfLine } from '../../generated/billing/invoices/read-line-entries.queries';
import { entriesById } from '../../ledger/read-entries';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { ANY, who } from './invoice-rows';

/** The entries that a line of a kept document bills, within the reader's reach; also of one that was given back since. */
export async function readLineEntries(context: Context, id: string, key: string): Promise<LineEntries> {
  const [found] = await invoiceRows.run({ ...ANY, ...who(context), anyId: false, id }, context.tx);
  if (!found) throw problem('invoice-unknown');
  const [line] = await lineByKey.run({ invoice: id, key }, context.tx);
  if (!line) throw problem('line-unknown');
  const shares = await sharesOfLine.run({ line: line.id }, context.tx);
  const byEntry = new Map(shares.map((share) => [share.entryId, share]));
  const entries = await entriesById(context, [...byEntry.keys()]);
  return {
    entries: entries.map((entry) => {
      const { quantity, minor } = byEntry.get(entry.id)!;
      return { entry, quantity, minor };
    }),
    count: shares.length,
  };
}
