import { group, sum } from 'd3-array';
import { daysBetween, monthOf } from '../firm/dates';
import { Dates, WEEKS, submissionPeriod } from '../firm/period';
import { DateText, Millionths, Minor, minor, sumMinor } from '../firm/units';
import { margin, markUp, realisation } from './ratios';
import { revenueEarned } from './revenue-earned';

/** Recorded work of a project in one currency. */
export interface WorkSum {
  readonly projectId: string;
  /** Null for work that is worth nothing in any. */
  readonly currency: string | null;
  /** Standard value: of time, at its rates. */
  readonly value: number;
  /** Value that stands on no issued document. */
  readonly unbilled: number;
  /** Standard value of what is billed or written off for good, at the agreed rates and at the firm's own. */
  readonly billedStandard: number;
  readonly billedOwn: number;
}

/** What documents of one date bill of a project. */
export interface BilledSum {
  readonly projectId: string;
  readonly currency: string;
  readonly amount: number;
  readonly issuedOn: DateText | null;
}

/** Sums over the limit that stand on documents and wait to be decided on. */
export interface WaitingSum {
  readonly projectId: string;
  readonly currency: string;
  readonly minor: number;
}

/** What the earnings of some work are computed from. */
export interface EarningRows {
  readonly sums: readonly WorkSum[];
  readonly billed: readonly BilledSum[];
  readonly waiting: readonly WaitingSum[];
}

/** Converts into the firm's currency, at the stored rate of a date; null for the firm's own. */
export type ToFirm = (amount: Minor, currency: string, on: DateText | null) => Minor;

/** Limits by project and currency, as `limitKey` spells them; empty where parts of projects are meant. */
export type Limits = ReadonlyMap<string, Minor>;

export function limitKey(projectId: string, currency: string): string {
  return `${projectId} ${currency}`;
}

/** Money of a part of the work in one currency. */
export interface MoneyFigures {
  readonly currency: string;
  readonly standardValue: Minor;
  readonly billed: Minor;
  readonly unbilled: Minor;
  /** What agreed limits keep of billed and unbilled from being earned. */
  readonly over: Minor;
  readonly revenue: Minor;
  readonly realisation: Millionths | null;
  /** Billed against what the firm's own rates make of the same time. */
  readonly ownRealisation: Millionths | null;
}

interface Part {
  readonly projectId: string;
  readonly currency: string;
  readonly value: number;
  readonly billed: number;
  /** In the firm's currency, at the rate of each document's date. */
  readonly billedInFirm: number;
  readonly unbilled: number;
  readonly billedStandard: number;
  /** In the firm's currency. */
  readonly billedOwn: number;
}

/** Sums of some rows by project and currency: the unit in which revenue is judged. */
function partsOf(rows: EarningRows, toFirm: ToFirm): Map<string, Part> {
  const parts = new Map<string, { -readonly [K in keyof Part]: Part[K] }>();
  const partOf = (projectId: string, currency: string) => {
    const key = limitKey(projectId, currency);
    let part = parts.get(key);
    if (!part) {
      part = { projectId, currency, value: 0, billed: 0, billedInFirm: 0, unbilled: 0, billedStandard: 0, billedOwn: 0 };
      parts.set(key, part);
    }
    return part;
  };
  for (const row of rows.sums) {
    if (row.currency === null) continue;
    const part = partOf(row.projectId, row.currency);
    part.value += row.value;
    part.unbilled += row.unbilled;
    part.billedStandard += row.billedStandard;
    part.billedOwn += row.billedOwn;
  }
  for (const row of rows.billed) {
    const part = partOf(row.projectId, row.currency);
    part.billed += row.amount;
    part.billedInFirm += toFirm(minor(row.amount), row.currency, row.issuedOn);
  }
  // What stands over a limit on a document is not billed yet, and not given up.
  for (const row of rows.waiting) partOf(row.projectId, row.currency).unbilled += row.minor;
  return parts;
}

/** Earnings of some work within a span, and what lay before it. */
export interface Earned {
  readonly rows: EarningRows;
  /** What lies before the span, of the same work: a limit is used up in the order of work. Null to date. */
  readonly before: EarningRows | null;
  readonly limits: Limits;
  readonly toFirm: ToFirm;
}

/**
 * Revenue of a part of one project. A limit caps what is earned to the end of the span; what was earned
 * before the span is taken off again, so that quarters add up to the whole.
 */
function revenueOf(part: Part, before: Part | undefined, limits: Limits): Minor {
  const limit = limits.get(limitKey(part.projectId, part.currency)) ?? null;
  const earlier = before ?? { billed: 0, unbilled: 0 };
  const toEnd = revenueEarned(minor(part.billed + earlier.billed), minor(part.unbilled + earlier.unbilled), limit);
  return minor(toEnd - revenueEarned(minor(earlier.billed), minor(earlier.unbilled), limit));
}

/** Some work with the revenue of each of its parts, from which every figure of its money is told. */
export interface Judged {
  readonly parts: readonly (Part & { readonly revenue: Minor })[];
  readonly toFirm: ToFirm;
}

/** Judges the revenue of each project and currency, once for all figures that are told of it. */
export function judge({ rows, before, limits, toFirm }: Earned): Judged {
  const earlier = before && partsOf(before, toFirm);
  const parts = [...partsOf(rows, toFirm)].map(([key, part]) => ({
    ...part,
    revenue: revenueOf(part, earlier?.get(key), limits),
  }));
  return { parts, toFirm };
}

/** Money of some work, one figure per currency, never added up. */
export function moneyOf({ parts }: Judged): MoneyFigures[] {
  return moneyOfParts(parts);
}

/** Money of each project by itself, as `moneyOf` tells it, for many projects at once. */
export function moneyByProject({ parts }: Judged): (projectId: string) => MoneyFigures[] {
  const byProject = group(parts, (part) => part.projectId);
  return (projectId) => moneyOfParts(byProject.get(projectId) ?? []);
}

function moneyOfParts(parts: Judged['parts']): MoneyFigures[] {
  return [...group(parts, (part) => part.currency)]
    .map(([currency, own]) => {
      const of = (pick: (part: Judged['parts'][number]) => number) => minor(sum(own, pick));
      const billed = of((part) => part.billed);
      const unbilled = of((part) => part.unbilled);
      const revenue = of((part) => part.revenue);
      return {
        currency,
        standardValue: of((part) => part.value),
        billed,
        unbilled,
        over: minor(billed + unbilled - revenue),
        revenue,
        realisation: realisation(
          billed,
          of((part) => part.billedStandard),
        ),
        ownRealisation: realisation(
          of((part) => part.billedInFirm),
          of((part) => part.billedOwn),
        ),
      };
    })
    .filter((money) => money.standardValue !== 0 || money.billed !== 0 || money.unbilled !== 0)
    .sort((a, b) => a.currency.localeCompare(b.currency));
}

/**
 * Revenue in the firm's currency: what is billed at the rate of each document's date, what is not yet at the
 * rate of a day.
 */
export function revenueInFirm(judged: Judged, day: DateText): Minor {
  return sumMinor(revenuesInFirm(judged, day).map(({ revenue }) => revenue));
}

/** The same of each project by itself, for many projects at once. */
export function revenueInFirmByProject(judged: Judged, day: DateText): (projectId: string) => Minor {
  const byProject = group(revenuesInFirm(judged, day), ({ projectId }) => projectId);
  return (projectId) => sumMinor((byProject.get(projectId) ?? []).map(({ revenue }) => revenue));
}

function revenuesInFirm({ parts, toFirm }: Judged, day: DateText): { projectId: string; revenue: Minor }[] {
  return parts.map((part) => {
    const later = toFirm(minor(part.revenue - part.billed), part.currency, day);
    return { projectId: part.projectId, revenue: minor(part.billedInFirm + later) };
  });
}

export interface Earnings {
  readonly revenue: Minor;
  readonly cost: Minor;
  readonly margin: Millionths | null;
  readonly markUp: Millionths | null;
}

/** Revenue, cost, margin and mark-up together. */
export function earningsOf(revenue: Minor, cost: Minor): Earnings {
  return { revenue, cost, margin: margin(revenue, cost), markUp: markUp(revenue, cost) };
}

/** How far apart the points of a chart are. */
export type ChartStep = 'day' | 'week' | 'month';

/** A month is drawn by days, a quarter by weeks, what is longer by months. */
export function chartStep({ from, to }: Dates): ChartStep {
  const days = daysBetween(from, to) + 1;
  return days <= 31 ? 'day' : days <= 92 ? 'week' : 'month';
}

/**
 * The first day of the step that holds a date.
 * @param weekStart the weekday on which weeks begin, 1 for Monday
 */
export function stepStart(date: DateText, step: ChartStep, weekStart: number): DateText {
  if (step === 'day') return date;
  return step === 'month' ? monthOf(date).from : submissionPeriod(date, { ...WEEKS, weekStart }).from;
}

/** Recorded work of a day or a month, for the chart. Null for all projects that have no limit and the firm's currency. */
export interface ChartedWork {
  /** The day, or the first of the month. */
  readonly on: DateText;
  readonly projectId: string | null;
  readonly currency: string | null;
  readonly cost: number;
  /** Value that was earned with it: of time not written off, and of fees not billed yet. */
  readonly value: number;
}

/** What documents of a day or a month bill, and the standard value of the time on them. */
export interface ChartedDocuments {
  readonly on: DateText;
  readonly projectId: string | null;
  readonly currency: string;
  readonly issuedOn: DateText | null;
  readonly amount: number;
  readonly standard: number;
}

export interface ChartPoint {
  /** The first day of the step. */
  readonly from: DateText;
  readonly cost: number;
  readonly earned: number;
  readonly billed: number;
}

/**
 * Cost, earned and billed by day, week or month, each cumulated, in the firm's currency. What a document bills more or
 * less than the value of its time counts as earned from its date on; a limit caps what is earned, less what
 * was earned before the span. The last point is the revenue of the span.
 * @param waiting sums over the limit, by the date of the document on which they stand
 * @param startOf the first day of the step of a date
 */
export function chartOf(
  work: readonly ChartedWork[],
  documents: readonly ChartedDocuments[],
  waiting: readonly {
    readonly on: DateText;
    readonly projectId: string | null;
    readonly currency: string;
    readonly minor: number;
  }[],
  { before, limits, toFirm }: Omit<Earned, 'rows'>,
  day: DateText,
  firmCurrency: string,
  startOf: (date: DateText) => DateText,
): ChartPoint[] {
  const earlier = before ? partsOf(before, toFirm) : new Map<string, Part>();
  // Many rows share few dates.
  const starts = new Map<DateText, DateText>();
  const stepOf = ({ on }: { on: DateText }) => {
    const start = starts.get(on) ?? startOf(on);
    starts.set(on, start);
    return start;
  };
  const [worked, issued, open] = [group(work, stepOf), group(documents, stepOf), group(waiting, stepOf)];
  const value = new Map<string | null, number>();
  const adjusted = new Map<string | null, number>();
  const billed = new Map<string | null, number>();
  const add = (sums: Map<string | null, number>, key: string | null, amount: number) =>
    sums.set(key, (sums.get(key) ?? 0) + amount);
  let [cost, billedTotal] = [0, 0];
  return [...new Set([...worked.keys(), ...issued.keys(), ...open.keys()])].sort().map((from) => {
    for (const row of worked.get(from) ?? []) {
      cost += row.cost;
      if (row.currency) add(value, row.projectId, toFirm(minor(row.value), row.currency, day));
    }
    for (const row of issued.get(from) ?? []) {
      const amount = toFirm(minor(row.amount), row.currency, row.issuedOn);
      add(billed, row.projectId, amount);
      add(adjusted, row.projectId, amount - toFirm(minor(row.standard), row.currency, day));
      billedTotal += amount;
    }
    for (const row of open.get(from) ?? []) add(adjusted, row.projectId, toFirm(minor(row.minor), row.currency, day));
    const projects = new Set([...value.keys(), ...adjusted.keys()]);
    const earned = sum(projects, (project) => {
      const so = (value.get(project) ?? 0) + (adjusted.get(project) ?? 0);
      const inDocuments = billed.get(project) ?? 0;
      const key = project === null ? '' : limitKey(project, firmCurrency);
      const limit = limits.get(key) ?? null;
      const past = earlier.get(key) ?? { billed: 0, unbilled: 0 };
      const toEnd = revenueEarned(minor(past.billed + inDocuments), minor(past.unbilled + so - inDocuments), limit);
      return toEnd - revenueEarned(minor(past.billed), minor(past.unbilled), limit);
    });
    return { from, cost, earned, billed: billedTotal };
  });
}
