import { bookBilledSums, bookWorkSums } from '../../generated/results/books/verify-sums.queries';
import { Context } from '../../platform/context';
import { Books, Compare, Proven } from './books';

/** All people, no project, no task: `no_id()` of the database. */
export const NO_ID = '00000000-0000-0000-0000-000000000000';

/** Nobody in particular: `nobody()`. */
const NOBODY = 'ffffffff-ffff-ffff-ffff-ffffffffffff';

/** All months: `no_month()`. */
const NO_MONTH = '0001-01-01';

/** Figures by a key of several parts. */
class Sums {
  readonly byKey = new Map<string, number[]>();

  add(key: readonly unknown[], figures: readonly number[]): void {
    const text = key.join(' ');
    const found = this.byKey.get(text) ?? figures.map(() => 0);
    this.byKey.set(
      text,
      figures.map((figure, index) => figure + found[index]!),
    );
  }

  /** Compares with what is stored, key by key; a key of nothing may be missing. */
  compareWith(stored: Sums, what: Proven, compare: Compare): void {
    for (const key of new Set([...this.byKey.keys(), ...stored.byKey.keys()])) {
      const [own, other] = [this.byKey.get(key), stored.byKey.get(key)];
      // Rows of writers at the same moment may cancel out and stay until the next writer folds them.
      const none = (figures: number[] | undefined) => !figures || figures.every((figure) => figure === 0);
      if (none(own) && none(other)) continue;
      compare(what, key, other ?? [], own ?? []);
    }
  }
}

/** The coarse sums that the overviews read, against sums over the rows. */
export async function verifySums(context: Context, { entries, invoices, lines, shares }: Books, compare: Compare): Promise<void> {
  const month = (date: string) => `${date.slice(0, 7)}-01`;
  const work = new Sums();
  for (const entry of entries) {
    const { kind, stage, billingState, billable, quantity } = entry;
    const of = [kind, entry.projectId ?? NO_ID, entry.taskId ?? NO_ID];
    const at = [stage, billingState, billable, entry.valueCurrency ?? ''];
    const uncosted = kind === 'time' && entry.standardCostMinor === null ? quantity : 0;
    const money = [entry.valueMinor, entry.ownValueMinor, entry.costMinor, entry.standardCostMinor].map((one) => one ?? 0);
    const figures = [1, quantity, ...money, uncosted];
    for (const person of [entry.personId ?? NOBODY, NO_ID])
      for (const when of [month(entry.workDate), NO_MONTH]) work.add([person, ...of, when, ...at], figures);
  }
  const stored = new Sums();
  for (const row of await bookWorkSums.run(undefined, context.tx)) {
    const { personId, kind, projectId, taskId, stage, billingState, billable, currency } = row;
    stored.add(
      [personId, kind, projectId, taskId, row.month, stage, billingState, billable, currency],
      [row.entries, row.quantity, row.value, row.own, row.cost, row.standardCost, row.uncosted],
    );
  }
  work.compareWith(stored, 'sum of recorded work', compare);

  const entryOf = new Map(entries.map((entry) => [entry.id, entry]));
  const lineOf = new Map(lines.map((line) => [line.id, line]));
  const ofInvoice = new Map(invoices.map((invoice) => [invoice.id, invoice]));
  for (const share of shares) {
    const line = lineOf.get(share.lineId)!;
    const invoice = ofInvoice.get(line.invoiceId)!;
    const entry = entryOf.get(share.entryId)!;
    // After a credit, or on a void document, the entry may have moved on.
    if (!share.live || invoice.kind !== 'invoice' || invoice.credited !== 0) continue;
    compare(
      'facts of a share',
      share.entryId,
      [share.personId, share.projectId, share.taskId, share.workDate, share.standard],
      [entry.personId ?? NOBODY, entry.projectId, entry.taskId, entry.workDate, line.kind === 'time' ? entry.valueMinor : 0],
    );
  }
  const issued = new Map(invoices.filter((invoice) => invoice.status === 'issued').map((invoice) => [invoice.id, invoice]));
  const billed = new Sums();
  for (const share of shares) {
    const invoice = issued.get(lineOf.get(share.lineId)!.invoiceId);
    if (!invoice) continue;
    const key = [share.projectId, share.taskId ?? NO_ID, month(share.workDate), invoice.currency, invoice.issuedOn];
    for (const person of [share.personId, NO_ID]) billed.add([invoice.id, person, ...key], [share.amount, share.standard]);
  }
  const kept = new Sums();
  for (const row of await bookBilledSums.run(undefined, context.tx)) {
    const { invoiceId, personId, projectId, taskId, currency, issuedOn, amount, standard } = row;
    kept.add([invoiceId, personId, projectId, taskId, row.month, currency, issuedOn], [amount, standard]);
  }
  billed.compareWith(kept, 'sum of billed work', compare);
}
