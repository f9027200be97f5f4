import { BodyOf, KnownTimeRules, QueryOf, Endpoints, TimeRules, TimeRulesEffect } from '@yellowwood/contracts';
import {
  PeriodRule,
  WEEKS,
  RecordWay,
  addDays,
  inOrderOfWays,
  periodRuleOn,
  submissionPeriod,
  withPeriods,
} from '@yellowwood/core';
import { rollups, sum } from 'd3-array';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import {
  cutSheets,
  dayTotals,
  dropSheets,
  lastSubmitted,
  leftUndone,
  setPeriods,
  projectsByIds,
  setReviewOfProjects,
  setTimeRules,
  timeRules,
} from '../generated/time/time-rules.queries';
import { holdRules } from '../ledger/locks';
import { plannedText } from '../people/recording';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';

/** Weeks that begin as the firm's do, whatever its periods are. */
const weeksOf = ({ weekStart }: PeriodRule): PeriodRule => ({ ...WEEKS, weekStart });

/** What the firm settles about the time that it records. */
export async function readTimeRules({ tx, firm }: Context): Promise<KnownTimeRules> {
  const [row] = await timeRules.run(undefined, tx);
  const { version, lockedUntil, hours, dayStart, dayEnd, periodKind, weekStart, periodDays, ...rest } = row!;
  const { periodAnchor, periodFrom, periodsEarlier, ways, ...rules } = rest;
  const bare = { kind: periodKind as PeriodRule['kind'], weekStart, days: periodDays, anchor: String(periodAnchor) };
  return {
    id: firm.id,
    rules: {
      ...rules,
      ways: ways as RecordWay[],
      planned: { hours: hours.map(Number), dayStart, dayEnd },
      lockedUntil: lockedUntil === null ? null : String(lockedUntil),
    },
    periods: {
      ...bare,
      from: periodFrom === null ? null : String(periodFrom),
      earlier: periodsEarlier as unknown as KnownTimeRules['periods']['earlier'],
    },
    version,
  };
}

/** The rules as they were seen, held against everybody who records. @throws the problem `version-stale` */
async function seenRules(context: Context, version: number): Promise<KnownTimeRules> {
  await holdRules(context, 'exclusive');
  await lockFirm.run(undefined, context.tx);
  const before = await readTimeRules(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  return before;
}

/**
 * Changes what the firm settles about time, while nobody records or decides.
 * @throws the problems `version-stale`, `nothing-to-change`, `week-below-day`, `lock-ahead`, `project-unknown`
 */
export async function changeTimeRules(context: Context, wish: TimeRules, version: number): Promise<KnownTimeRules> {
  const { tx, firm } = context;
  const before = await seenRules(context, version);
  const after = { ...wish, unreviewed: [...wish.unreviewed].sort(), ways: inOrderOfWays(wish.ways) };
  const order = ({ dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed, ways, planned }: TimeRules) =>
    JSON.stringify([dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed, ways, plannedText(planned)]);
  if (order(before.rules) === order(after)) throw problem('nothing-to-change');
  if (after.weekMaximum < after.dayMaximum) throw problem('week-below-day');
  if (after.lockedUntil !== null && after.lockedUntil >= today(context)) throw problem('lock-ahead');
  const projects = await projectsByIds.run({ ids: [...new Set([...before.rules.unreviewed, ...after.unreviewed])] }, tx);
  const names = new Map(projects.map(({ id, name }) => [id, name]));
  if (!after.unreviewed.every((id) => names.has(id))) throw problem('project-unknown');
  const { unreviewed, planned, ...rules } = after;
  await setTimeRules.run({ ...rules, ...planned }, tx);
  await setReviewOfProjects.run({ unreviewed }, tx);
  const told = ({ unreviewed: ids, ways, planned: week, ...rest }: TimeRules) => ({
    ...rest,
    ways: ways.join(', '),
    planned: plannedText(week),
    unreviewed: projects
      .filter(({ id }) => ids.includes(id))
      .map(({ name }) => name)
      .join(', '),
  });
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: told(before.rules), after: told(after) }]);
  return readTimeRules(context);
}

/**
 * Has other periods of submission from a day on. What is open already is cut there; rows that somebody laid out for later
 * are let go, what is recorded stays.
 * @throws the problems `version-stale`, `nothing-to-change`, `day-locked`, `later-submitted` with the last such day
 */
export async function changePeriods(
  context: Context,
  { from, ...wish }: BodyOf<Endpoints['changePeriods']>,
  version: number,
): Promise<KnownTimeRules> {
  const { tx, firm } = context;
  const { rules, periods } = await seenRules(context, version);
  const day = rules.lockedUntil;
  if (day !== null && from <= day) throw problem('day-locked', { day });
  const next = { ...wish, anchor: from };
  const length = ({ kind, weekStart, days }: PeriodRule) =>
    [kind, kind === 'week' && weekStart, kind === 'days' && days].join(' ');
  if (length(periodRuleOn(from, periods)) === length(next)) throw problem('nothing-to-change');
  const [last] = await lastSubmitted.run({ from }, tx);
  if (last!.day !== null) throw problem('later-submitted', { day: String(last!.day) });
  const { earlier = [], ...latest } = withPeriods(periods, next, from);
  await setPeriods.run({ ...latest, from, earlier: json(earlier) }, tx);
  await dropSheets.run({ from }, tx);
  await cutSheets.run({ last: addDays(from, -1) }, tx);
  const told = ({ kind, weekStart, days }: PeriodRule, since: string | null) => ({
    ...{
      periods: kind,
      periodsFrom: since,
      weekStart: kind === 'week' ? weekStart : null,
      periodDays: kind === 'days' ? days : null,
    },
  });
  const was = periodRuleOn(from, periods);
  await audit(context, 'firm changed', [
    { kind: 'firm', id: firm.id, before: told(was, was.from ?? null), after: told(next, from) },
  ]);
  return readTimeRules(context);
}

/** How many days before today the effect of other rules is counted over. */
const LATELY = 28;

/** What other rules would have pointed out lately, and what a lock would leave undone. */
export async function previewTimeRules(
  context: Context,
  query: QueryOf<Endpoints['previewTimeRules']>,
): Promise<TimeRulesEffect> {
  const { tx, firm } = context;
  const to = today(context);
  // Whole weeks: half a one says nothing of its most.
  const since = submissionPeriod(addDays(to, -LATELY), weeksOf(firm.period)).from;
  const rows = await dayTotals.run({ from: since, to }, tx);
  const days = rows.map(({ seconds, dayMaximum }) => ({ seconds, own: dayMaximum }));
  const weekOf = (date: unknown) => submissionPeriod(String(date), weeksOf(firm.period)).from;
  const weeks = [
    ...rollups(
      rows,
      (list) => ({ seconds: sum(list, ({ seconds }) => seconds), own: list[0]!.weekMaximum }),
      (row) => `${row.personId} ${weekOf(row.date)}`,
    ).map(([, week]) => week),
  ];
  // What is said of single people stays, whatever the firm has.
  const over = (list: readonly { seconds: number; own: number | null }[], now: number, then: string) => ({
    now: list.filter(({ seconds, own }) => seconds > (own ?? now)).length,
    then: list.filter(({ seconds, own }) => seconds > (own ?? Number(then))).length,
  });
  const [left] = query.lockedUntil ? await leftUndone.run({ until: query.lockedUntil }, tx) : [];
  return {
    since,
    days: over(days, firm.dayMaximum, query.dayMaximum),
    weeks: over(weeks, firm.weekMaximum, query.weekMaximum),
    locked: left ?? { recorded: 0, submitted: 0, people: 0 },
  };
}
