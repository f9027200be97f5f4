import { Context } from '../../platform/context';
import { Compare, Difference, readBooks } from './books';
import { verifyDocuments, verifyLines } from './verify-documents';
import { verifyEntries } from './verify-entries';
import { verifyLimits } from './verify-limits';
import { verifyOverview } from './verify-overview';
import { verifySettlement } from './verify-settlement';
import { verifySums } from './verify-sums';

/**
 * Recomputes every stored value, cost, rounding, share, line, tax, total, settled sum, limit and every figure
 * of the rail and the tree from the recorded time, in the core.
 * @returns the differences; none when the books are right
 */
export async function verifyBooks(context: Context): Promise<Difference[]> {
  const books = await readBooks(context);
  const found: Difference[] = [];
  const compare: Compare = (what, id, stored, computed) => {
    if (JSON.stringify(stored) !== JSON.stringify(computed))
      found.push({ what, id, stored: JSON.stringify(stored), computed: JSON.stringify(computed) });
  };
  await verifyEntries(context, books, compare);
  verifyLines(books, compare);
  await verifyDocuments(context, books, compare);
  await verifySettlement(context, books, compare);
  await verifyLimits(context, books, compare);
  await verifySums(context, books, compare);
  await verifyOverview(context, books, compare);
  return found;
}
