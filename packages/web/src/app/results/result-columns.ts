import { ratio } from '@yellowwood/core';
import type { Money, ResultRow, Results } from '@yellowwood/contracts';
import type { Formats } from '../state/formats';
import { Cell, Column } from '../ui/table/column';

/** A row with its depth in the tree. */
export interface Shown extends ResultRow {
  readonly depth: number;
}

type OwnHours = NonNullable<Results['own']>[number];

/** Of those who see their own hours alone. */
export const OWN_COLUMNS: readonly Column<OwnHours>[] = [
  { id: 'project', head: 'Project', kind: 'text', value: (one) => one.name },
  { id: 'hours', head: 'Hours', kind: 'hours', value: (one) => one.seconds, total: true },
  { id: 'billable', head: 'Billable', kind: 'hours', value: (one) => one.billable, total: true },
];

/** What is shown of results, and to whom. */
interface Sight {
  readonly byTask: boolean;
  /** Whether estimates and budgets stand there: they are of work, not of the people on it. */
  readonly planned: boolean;
  /** Whether it is about a span of time, and not the whole life of the work. */
  readonly spanned: boolean;
  readonly cost: boolean;
  readonly money: boolean;
  /** Whether what is billed of it stands there: the firm may not bill at all. */
  readonly billed: boolean;
  /** The firm's own. */
  readonly currency: string;
  readonly formats: Formats;
}

const each = (money: readonly Money[] | null, pick: (one: Money) => number) =>
  (money ?? []).map((one) => ({ currency: one.currency, minor: pick(one) })).filter(({ minor }) => minor !== 0);

/** What became of value: billed, not yet, and how much of it. */
const billedColumns = (byTask: boolean): Column<Shown>[] => [
  {
    id: 'billed',
    head: 'Billed',
    kind: 'money',
    value: (row) => each(row.money, (one) => one.billed),
    total: true,
    choice: 'shown',
  },
  {
    id: 'unbilled',
    head: 'Unbilled',
    kind: 'money',
    value: (row) => each(row.money, (one) => one.unbilled),
    total: true,
    choice: byTask ? 'hidden' : 'shown',
  },
  {
    id: 'realisation',
    head: 'Realisation',
    kind: 'percent',
    value: (row) => (row.money?.length === 1 ? row.money[0]!.realisation : null),
    choice: 'hidden',
  },
];

/** The columns of the results of projects or tasks, within the reader's rights. */
export function resultColumns({ byTask, planned, spanned, cost, money, billed, currency, formats }: Sight): Column<Shown>[] {
  const own = (minor: number) => [{ currency, minor }];
  const overBudget = (row: Shown) => !!row.cost && row.cost.budget > 0 && row.toDate.cost! > row.cost.budget;
  const overEstimate = (row: Shown) => row.hours.estimate > 0 && row.toDate.seconds > row.hours.estimate;
  const columns: (Column<Shown> | false)[] = [
    { id: 'name', head: byTask ? 'Phase and task' : 'Project', kind: 'text', value: (row) => row.name },
    cost &&
      planned && {
        id: 'spent',
        head: 'Spent of budget',
        kind: 'percent',
        choice: 'shown',
        value: (row) => (row.cost ? ratio(row.toDate.cost!, row.cost.budget) : null),
        width: 110,
      },
    byTask && { id: 'own', head: 'Own', kind: 'hours', value: (row) => row.hours.own, tone: () => 'quiet', choice: 'shown' },
    byTask && {
      id: 'below',
      head: 'Below',
      kind: 'hours',
      value: (row) => row.hours.below,
      tone: () => 'quiet',
      choice: 'shown',
    },
    { id: 'hours', head: byTask ? 'Total' : 'Hours', kind: 'hours', value: (row) => row.hours.total, total: true },
    planned && {
      id: 'estimate',
      head: 'Estimate',
      kind: 'hours',
      value: (row) => row.hours.estimate || null,
      small: (row) => (row.hours.estimate > 0 && spanned ? `${formats.hours(row.toDate.seconds)} to date` : ''),
      tone: (row) => (overEstimate(row) ? 'wrong' : ''),
      total: true,
      choice: byTask ? 'shown' : 'hidden',
    },
    cost && { id: 'cost', head: 'Cost', kind: 'money', value: (row) => row.cost && own(row.cost.total), total: true },
    cost &&
      planned && {
        id: 'left',
        head: 'Budget left',
        kind: 'money',
        value: (row) => (row.cost && row.cost.budget > 0 ? own(row.cost.budget - row.toDate.cost!) : null),
        tone: (row) => (overBudget(row) ? 'wrong' : ''),
        choice: 'hidden',
      },
    cost &&
      money && {
        id: 'revenue',
        head: 'Revenue',
        kind: 'money',
        value: (row) => row.margin && own(row.margin.revenue),
        total: true,
        choice: 'hidden',
      },
    cost &&
      money && {
        id: 'margin',
        head: 'Margin',
        kind: 'money',
        value: (row) => row.margin && own(row.margin.minor),
        tone: (row) => ((row.margin?.minor ?? 0) < 0 ? 'wrong' : ''),
        total: true,
        choice: 'shown',
      },
    cost &&
      money && {
        id: 'share',
        head: 'Margin %',
        kind: 'percent',
        value: (row) => row.margin?.share ?? null,
        small: (row) =>
          row.margin && row.margin.share === null && row.cost!.total > 0
            ? row.hours.billable > 0
              ? 'no revenue yet'
              : 'no revenue'
            : '',
        tone: (row) => ((row.margin?.minor ?? 0) < 0 ? 'wrong' : ''),
        choice: 'shown',
      },
    ...(billed ? billedColumns(byTask) : []),
  ];
  return columns.filter((column) => column !== false);
}

/** What all rows come to: what the scope itself comes to, since a phase holds what its tasks hold. */
export function resultTotals(results: Results | null, planned: boolean): ReadonlyMap<string, Cell> {
  if (!results) return new Map();
  const { hours, cost, money } = results;
  const own = (minor: number) => [{ currency: cost!.currency, minor }];
  return new Map<string, Cell>([
    ['hours', hours.total],
    ...(planned ? [['estimate', hours.estimate || null] as const] : []),
    ...(cost
      ? ([
          ['cost', own(cost.cost)],
          ['revenue', own(cost.revenue)],
          ['margin', own(cost.revenue - cost.cost)],
          ['share', cost.margin],
        ] as const)
      : []),
    ['billed', each(money, (one) => one.billed)],
    ['unbilled', each(money, (one) => one.unbilled)],
  ]);
}
