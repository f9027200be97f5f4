import type { BillDesk, BillEntry } from '@yellowwood/contracts';
import { sum } from 'd3-array';
import type { Formats } from '../state/formats';
import type { WorkNames } from '../ui/work-names';

/** Entries that stand together on the desk. */
export interface Group {
  readonly key: string;
  readonly name: string;
  readonly detail: string;
  /** Not for the document with the rest: beyond the limit, held back, without a price. */
  readonly apart: boolean;
  readonly entries: BillEntry[];
}

/** Whether it may stand on a document: priced, and not held back. */
export function isBillable(entry: BillEntry): boolean {
  return entry.holdReason === null && entry.minor !== null;
}

/** Of such work nothing may be billed: the agreed limit is used up before it. */
export function isBeyond(entry: BillEntry): boolean {
  return isBillable(entry) && entry.ready === 0 && entry.minor! > 0;
}

export function sumOf(entries: readonly BillEntry[], pick: 'seconds' | 'minor' | 'ready'): number {
  return sum(entries, (entry) => entry[pick] ?? 0);
}

/** What stands on the desk by task; what the limit leaves, what is held back and what has no price at the end, apart. */
export function groupsOf(entries: readonly BillEntry[], names: WorkNames): Group[] {
  const groups = new Map<string, Group>();
  for (const entry of entries) {
    const apart = apartOf(entry);
    const key = apart ?? `${entry.projectId} ${entry.taskId ?? ''}`;
    const found = groups.get(key) ?? {
      key,
      name: apart
        ? APART[apart]
        : entry.kind === 'fee'
          ? 'Released over the limit'
          : (entry.taskName ?? names.project(entry.projectId)),
      detail: apart ? '' : names.project(entry.projectId),
      apart: apart !== null,
      entries: [],
    };
    found.entries.push(entry);
    groups.set(key, found);
  }
  const last = ['beyond', 'held', 'unpriced'];
  return [...groups.values()].sort((a, b) => last.indexOf(a.key) - last.indexOf(b.key));
}

const APART = { beyond: 'Beyond the limit', held: 'Held back', unpriced: 'Without a rate' } as const;

function apartOf(entry: BillEntry): keyof typeof APART | null {
  if (entry.holdReason) return 'held';
  if (entry.minor === null) return 'unpriced';
  return isBeyond(entry) ? 'beyond' : null;
}

/** Over an agreed limit: work that waits, and sums that stand on invoices and wait to be decided on. */
export function overAllOf(desk: BillDesk): number {
  const priced = desk.entries.filter(isBillable);
  return sumOf(priced, 'minor') - sumOf(priced, 'ready') + sum(desk.overLimit, (line) => line.waiting);
}

/** Where the money of the scope stands, as parts of one bar. */
export function pathOf(desk: BillDesk, formats: Formats): { name: string; amount: number; text: string }[] {
  const total = (pick: (project: BillDesk['projects'][number]) => number | null) =>
    sum(desk.projects, (project) => pick(project) ?? 0);
  const paid = total((project) => project.paidNet);
  const ready = sumOf(desk.entries, 'ready');
  const over = overAllOf(desk);
  const submitted = total((project) => project.submittedMinor);
  const only = desk.projects.length === 1 ? desk.projects[0]! : null;
  const left = only === null || only.limit === null ? 0 : Math.max(0, only.limit - (only.used ?? 0) - ready - submitted);
  const parts: [name: string, amount: number, word: string][] = [
    ['paid', paid, 'paid'],
    ['billed', total((project) => project.billedNet) - paid, 'billed'],
    ['approved', ready, 'to bill'],
    ['submitted', submitted, 'in review'],
    ['left', left, 'left under the limit'],
    ['over', over, 'over the limit'],
  ];
  return parts
    .filter(([, amount]) => amount > 0)
    .map(([name, amount, word]) => ({ name, amount, text: `${formats.about(amount, desk.currency)} ${word}` }));
}

/** What is not on the desk, and why; null where all is. */
export function notHereOf({ notHere: rest }: BillDesk): { seconds: number; why: string }[] | null {
  const all = [
    { seconds: rest.recorded, why: 'not yet submitted' },
    { seconds: rest.submitted, why: 'waiting for review' },
    { seconds: rest.notBillable, why: 'not billable' },
    { seconds: rest.later, why: 'after that date' },
    { seconds: rest.inDrafts, why: 'in drafts' },
  ].filter((one) => one.seconds > 0);
  return all.length > 0 ? all : null;
}
