import { group } from 'd3-array';
import { DateText, Millionths, Minor, Rate, Seconds, minor, seconds, sumMinor, sumSeconds } from '../firm/units';
import { shortDate } from '../firm/dates';
import { split } from '../firm/split';
import { expectOk } from '../firm/result';
import { QuantityDisplay, lineAmount } from './amount';
import { TaxCategory } from '../rates/tax-category';
import { TaxedAmount } from './invoice-totals';
import { shareLine } from './shares';
import { overLimit, spreadOverLimit } from './limit';

/** An approved entry that is to be billed, as the making of lines needs it. */
export interface BillableEntry {
  readonly id: string;
  readonly kind: 'time' | 'fee';
  readonly workDate: DateText;
  readonly projectId: string;
  /** The agreement that holds on the work date. */
  readonly agreementId: string;
  readonly projectName: string;
  readonly taskId: string | null;
  readonly taskName: string | null;
  readonly serviceName: string;
  readonly personName: string;
  readonly note: string;
  /** Billable seconds not yet on another document; of a fee, minor units. */
  readonly quantity: Seconds;
  /** Of a fee, zero. */
  readonly rate: Rate;
  readonly taxCategory: TaxCategory;
  readonly taxRate: Millionths;
  /** Positive: taken off this entry on this document, with a reason. */
  readonly writeDown?: { readonly amount: Minor; readonly reason: string };
}

/** One project, as far as its document needs its agreements. */
export interface BillingTerms {
  readonly projectId: string;
  /** Its agreements, in the order of their dates. */
  readonly agreements: readonly { readonly agreementId: string; readonly display: QuantityDisplay }[];
  /** The limit that holds on the document's date, for all work of the project in this currency; null for none. */
  readonly limit: {
    /** The agreement that set it. */
    readonly agreementId: string;
    readonly limit: Minor;
    /** Net of other documents, credits given back. */
    readonly usedBefore: Minor;
  } | null;
}

export type Grouping = 'task' | 'entry';

export interface LineShare {
  readonly entryId: string;
  readonly quantity: Seconds;
  readonly amount: Minor;
}

/** What a line stands for. */
export type LineKind = 'time' | 'fee' | 'write-down' | 'over-limit';

/** One line of a document. Lines never mix projects, rates or taxes. */
export interface InvoiceLine {
  /** Stable for the same work and terms, so that an edited text finds its line again. */
  readonly key: string;
  readonly kind: LineKind;
  readonly projectId: string;
  readonly agreementId: string;
  readonly text: string;
  /** Billable seconds of a time line, minor units of a fee; of the others, zero. */
  readonly quantity: Seconds;
  readonly rate: Rate;
  readonly display: QuantityDisplay;
  readonly category: TaxCategory;
  readonly taxRate: Millionths;
  readonly net: Minor;
  readonly reason: string | null;
  readonly shares: readonly LineShare[];
}

/** How a document stands to the limit of an agreement. */
export interface LimitUse {
  readonly projectId: string;
  readonly agreementId: string;
  readonly limit: Minor;
  readonly usedBefore: Minor;
  readonly net: Minor;
  readonly over: Minor;
}

export interface MadeLines {
  readonly lines: readonly InvoiceLine[];
  readonly limits: readonly LimitUse[];
}

/**
 * Makes the lines of a document from entries: the work in full, grouped; write-downs; and, where an
 * agreement's limit is crossed, what is over it, per combination of taxes.
 *
 * @param texts edited texts by line key
 */
export function invoiceLines(
  entries: readonly BillableEntry[],
  terms: readonly BillingTerms[],
  grouping: Grouping,
  currency: string,
  texts: Readonly<Record<string, string>> = {},
): MadeLines {
  const lines: InvoiceLine[] = [];
  const limits: LimitUse[] = [];
  for (const project of terms) {
    const work = project.agreements.flatMap((agreed) => {
      const own = entries.filter((entry) => entry.agreementId === agreed.agreementId);
      const of = { projectId: project.projectId, ...agreed };
      return [
        ...timeLines(
          own.filter((entry) => entry.kind === 'time'),
          of,
          grouping,
          currency,
          texts,
        ),
        ...feeLines(
          own.filter((entry) => entry.kind === 'fee'),
          of,
          texts,
        ),
        ...writeDownLines(own, of, texts),
      ];
    });
    lines.push(...work);
    if (project.limit === null || work.length === 0) continue;
    const net = sumMinor(work.map((line) => line.net));
    const { agreementId, limit, usedBefore } = project.limit;
    const { over } = overLimit(limit, usedBefore, net);
    limits.push({ projectId: project.projectId, agreementId, limit, usedBefore, net, over });
    const of = { projectId: project.projectId, agreementId, display: project.agreements.at(-1)!.display };
    lines.push(...overLimitLines(over, work, of, texts));
  }
  return { lines, limits };
}

/** One agreement of a project. */
interface AgreedLines {
  readonly projectId: string;
  readonly agreementId: string;
  readonly display: QuantityDisplay;
}

/** A fee is a line of its own: one of it, at its sum. */
function feeLines(entries: readonly BillableEntry[], terms: AgreedLines, texts: Readonly<Record<string, string>>): InvoiceLine[] {
  return entries.map((entry) => {
    const key = `fee ${entry.id}`;
    const net = minor(entry.quantity);
    return {
      key,
      kind: 'fee',
      projectId: terms.projectId,
      agreementId: terms.agreementId,
      text: texts[key] ?? (entry.note.trim() || `${entry.projectName}, released over the former limit`),
      quantity: entry.quantity,
      rate: 0 as Rate,
      display: terms.display,
      category: entry.taxCategory,
      taxRate: entry.taxRate,
      net,
      reason: null,
      shares: [{ entryId: entry.id, quantity: entry.quantity, amount: net }],
    };
  });
}

function timeLines(
  entries: readonly BillableEntry[],
  terms: AgreedLines,
  grouping: Grouping,
  currency: string,
  texts: Readonly<Record<string, string>>,
): InvoiceLine[] {
  const keyOf = (entry: BillableEntry) =>
    grouping === 'entry'
      ? `entry ${entry.id}`
      : `task ${entry.agreementId} ${entry.taskId ?? ''} ${entry.serviceName} ${entry.rate} ${entry.taxCategory} ${entry.taxRate}`;
  const groups = [...group(entries, keyOf)];
  const priced = group(groups, ([, own]) => workKey(own[0]!));
  // Work at several prices: each line says whose it is, or of which days, or the reader sees the same words twice.
  const apart = (own: readonly BillableEntry[]) => {
    const lines = priced.get(workKey(own[0]!))!.map(([, entries]) => entries);
    if (grouping !== 'task' || new Set(lines.map((entries) => entries[0]!.rate)).size < 2) return '';
    const people = lines.map(peopleOf);
    return `, ${new Set(people).size === lines.length ? peopleOf(own) : daysOf(own)}`;
  };
  return (grouping === 'task' ? taskByTask(groups) : groups).map(([key, own]) => {
    const first = own[0]!;
    const quantity = sumSeconds(own.map((entry) => entry.quantity));
    const net = lineAmount(quantity, first.rate, currency, terms.display);
    const amounts = shareLine(
      net,
      own.map((entry) => ({ entryId: entry.id, quantity: entry.quantity })),
      first.rate,
      currency,
    );
    return {
      key,
      kind: 'time',
      projectId: terms.projectId,
      agreementId: terms.agreementId,
      text: texts[key] ?? defaultText(first, grouping) + apart(own),
      quantity,
      rate: first.rate,
      display: terms.display,
      category: first.taxCategory,
      taxRate: first.taxRate,
      net,
      reason: null,
      shares: own.map((entry, index) => ({ entryId: entry.id, quantity: entry.quantity, amount: amounts[index]! })),
    };
  });
}

/** What a line by task says without its price. */
function workKey({ taskId, projectName, serviceName }: BillableEntry): string {
  return `${taskId ?? projectName} ${serviceName}`;
}

/** Whose work a line is, in the order in which it began: two names, and how many more. */
function peopleOf(entries: readonly BillableEntry[]): string {
  const names = [...new Set(entries.map((entry) => entry.personName))];
  if (names.length < 3) return names.join(' and ');
  return `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
}

/** The days of some work: `2 Jun to 9 Jun`. */
function daysOf(entries: readonly BillableEntry[]): string {
  const days = entries.map((entry) => entry.workDate).sort();
  const [from, to] = [shortDate(days[0]!), shortDate(days.at(-1)!)];
  return from === to ? from : `${from} to ${to}`;
}

/** Lines of one task stand together, the tasks in the order in which their work began. */
function taskByTask<G extends readonly [string, readonly BillableEntry[]]>(groups: readonly G[]): G[] {
  const first = ([, own]: G) => own[0]!;
  return [...group(groups, (lines) => first(lines).taskId ?? '').values()].flatMap((lines) =>
    [...lines].sort(
      (a, b) =>
        Number(first(a).serviceName > first(b).serviceName) - Number(first(a).serviceName < first(b).serviceName) ||
        first(a).rate - first(b).rate,
    ),
  );
}

/** What a line says unless somebody writes better: the task and service, and by entry the note with its date. */
function defaultText(entry: BillableEntry, grouping: Grouping): string {
  const work = `${entry.taskName ?? entry.projectName}, ${entry.serviceName.toLowerCase()}`;
  if (grouping === 'task') return work;
  return `${shortDate(entry.workDate)} ${entry.personName}: ${entry.note.trim() || work}`;
}

function writeDownLines(
  entries: readonly BillableEntry[],
  terms: AgreedLines,
  texts: Readonly<Record<string, string>>,
): InvoiceLine[] {
  const written = entries.filter((entry) => entry.writeDown && entry.writeDown.amount > 0);
  const groups = group(
    written,
    (entry) => `write-down ${entry.agreementId} ${entry.taxCategory} ${entry.taxRate} ${entry.writeDown!.reason}`,
  );
  return [...groups].map(([key, own]) => {
    const first = own[0]!;
    const total = sumMinor(own.map((entry) => entry.writeDown!.amount));
    return {
      key,
      kind: 'write-down',
      projectId: terms.projectId,
      agreementId: terms.agreementId,
      text: texts[key] ?? `Reduction: ${first.writeDown!.reason}`,
      quantity: seconds(0),
      rate: 0 as Rate,
      display: terms.display,
      category: first.taxCategory,
      taxRate: first.taxRate,
      net: minor(-total),
      reason: first.writeDown!.reason,
      shares: own.map((entry) => ({
        entryId: entry.id,
        quantity: seconds(0),
        amount: minor(-entry.writeDown!.amount),
      })),
    };
  });
}

function overLimitLines(
  over: Minor,
  work: readonly InvoiceLine[],
  terms: AgreedLines,
  texts: Readonly<Record<string, string>>,
): InvoiceLine[] {
  const taxed: TaxedAmount[] = work.map((line) => ({ net: line.net, category: line.category, rate: line.taxRate }));
  return spreadOverLimit(over, taxed).map((row) => {
    const key = `over-limit ${terms.projectId} ${row.category} ${row.rate}`;
    // The sum is shared by the value that each entry brought under this combination of taxes.
    const byEntry = new Map<string, number>();
    for (const line of work) {
      if (line.category !== row.category || line.taxRate !== row.rate) continue;
      for (const share of line.shares) byEntry.set(share.entryId, (byEntry.get(share.entryId) ?? 0) + share.amount);
    }
    const weights = [...byEntry].map(([, amount]) => Math.max(0, amount));
    const parts = expectOk(split(row.net, weights));
    return {
      key,
      kind: 'over-limit',
      projectId: terms.projectId,
      agreementId: terms.agreementId,
      text: texts[key] ?? 'Over the agreed limit, not charged',
      quantity: seconds(0),
      rate: 0 as Rate,
      display: terms.display,
      category: row.category,
      taxRate: row.rate,
      net: minor(-row.net),
      reason: null,
      shares: [...byEntry.keys()].map((entryId, index) => ({
        entryId,
        quantity: seconds(0),
        amount: minor(-parts[index]!),
      })),
    };
  });
}
