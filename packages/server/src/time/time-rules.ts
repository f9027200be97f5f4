import { KnownTimeRules, QueryOf, Endpoints, TimeRules, TimeRulesEffect } from '@yellowwood/contracts';
import { addDays, submissionPeriod } from '@yellowwood/core';
import { rollups, sum } from 'd3-array';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import {
  dayTotals,
  leftUndone,
  projectsByIds,
  setReviewOfProjects,
  setTimeRules,
  timeRules,
} from '../generated/time/time-rules.queries';
import { holdRules } from '../ledger/locks';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { problem } from '../platform/problem';

/** What the firm settles about the time that it records. */
export async function readTimeRules({ tx, firm }: Context): Promise<KnownTimeRules> {
  const [row] = await timeRules.run(undefined, tx);
  const { version, lockedUntil, ...rules } = row!;
  return { id: firm.id, rules: { ...rules, lockedUntil: lockedUntil === null ? null : String(lockedUntil) }, version };
}

/**
 * Changes what the firm settles about time, while nobody records or decides.
 * @throws the problems `version-stale`, `nothing-to-change`, `week-below-day`, `lock-ahead`, `project-unknown`
 */
export async function changeTimeRules(context: Context, wish: TimeRules, version: number): Promise<KnownTimeRules> {
  const { tx, firm } = context;
  await holdRules(context, 'exclusive');
  await lockFirm.run(undefined, tx);
  const before = await readTimeRules(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after = { ...wish, unreviewed: [...wish.unreviewed].sort() };
  const order = ({ dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed }: TimeRules) =>
    JSON.stringify([dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed]);
  if (order(before.rules) === order(after)) throw problem('nothing-to-change');
  if (after.weekMaximum < after.dayMaximum) throw problem('week-below-day');
  if (after.lockedUntil !== null && after.lockedUntil >= today(context)) throw problem('lock-ahead');
  const projects = await projectsByIds.run({ ids: [...new Set([...before.rules.unreviewed, ...after.unreviewed])] }, tx);
  const names = new Map(projects.map(({ id, name }) => [id, name]));
  if (!after.unreviewed.every((id) => names.has(id))) throw problem('project-unknown');
  const { unreviewed, ...rules } = after;
  await setTimeRules.run(rules, tx);
  await setReviewOfProjects.run({ unreviewed }, tx);
  const told = ({ unreviewed: ids, ...rest }: TimeRules) => ({
    ...rest,
    unreviewed: projects
      .filter(({ id }) => ids.includes(id))
      .map(({ name }) => name)
      .join(', '),
  });
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: told(before.rules), after: told(after) }]);
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
  const since = submissionPeriod(addDays(to, -LATELY), { ...firm.period, kind: 'week' }).from;
  const rows = await dayTotals.run({ from: since, to }, tx);
  const days = rows.map(({ seconds }) => seconds);
  const weekOf = (date: unknown) => submissionPeriod(String(date), { ...firm.period, kind: 'week' }).from;
  const weeks = [
    ...rollups(
      rows,
      (list) => sum(list, ({ seconds }) => seconds),
      (row) => `${row.personId} ${weekOf(row.date)}`,
    ).map(([, seconds]) => seconds),
  ];
  const over = (list: readonly number[], now: number, then: string) => ({
    now: list.filter((seconds) => seconds > now).length,
    then: list.filter((seconds) => seconds > Number(then)).length,
  });
  const [left] = query.lockedUntil ? await leftUndone.run({ until: query.lockedUntil }, tx) : [];
  return {
    since,
    days: over(days, firm.dayMaximum, query.dayMaximum),
    weeks: over(weeks, firm.weekMaximum, query.weekMaximum),
    locked: left ?? { recorded: 0, submitted: 0, people: 0 },
  };
}
