import { BodyOf, Endpoints, KnownTerms, QueryOf, Terms, TermsEffect } from '@yellowwood/contracts';
import { NEAREST_MINUTE, RoundingMode, addDays, roundedTotal, seconds } from '@yellowwood/core';
import { sum } from 'd3-array';
import { v7 as newId } from 'uuid';
import { lockFirm } from '../../generated/firm/firm-facts.queries';
import {
  changeLater,
  goingAlong,
  lastRecorded,
  lengthsLately,
  projectsByTerms,
  setTerms,
  termsOfFirm,
} from '../../generated/billing/terms/terms.queries';
import { holdRules } from '../../ledger/locks';
import { agreedOf, goOn } from '../agreements/go-on';
import { audit } from '../../platform/audit';
import { Context, today } from '../../platform/context';
import { problem } from '../../platform/problem';

/** How billable time is rounded and written, unless something else is agreed of a project. */
export async function readTerms(context: Context): Promise<KnownTerms> {
  const [row] = await termsOfFirm.run(undefined, context.tx);
  const { version, ...terms } = row!;
  const [projects] = await projectsByTerms.run({ day: today(context) }, context.tx);
  return { id: context.firm.id, terms: terms as Terms, projects: projects!, version };
}

const inOrder = ({ increment, mode, unit, minimum, decimalPlaces }: Terms): Terms => ({
  ...{ increment, mode, unit, minimum, decimalPlaces },
});

/**
 * Rounds and writes billable time otherwise, of projects that are made from now on, and from a day on of those that go by the
 * firm's terms today: a later agreement with the same terms otherwise. On that day and later nothing of theirs is recorded
 * yet, so that nothing comes to be worth anything else.
 * @throws the problems `version-stale`, `nothing-to-change`, `day-locked`, `later-recorded` with the last day
 */
export async function changeTerms(
  context: Context,
  wish: BodyOf<Endpoints['changeTerms']>,
  version: number,
): Promise<KnownTerms> {
  const { tx, firm } = context;
  const { lockedUntil } = await holdRules(context, 'exclusive');
  await lockFirm.run(undefined, tx);
  const before = await readTerms(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const [was, is] = [inOrder(before.terms), inOrder(wish.terms)];
  if (JSON.stringify(was) === JSON.stringify(is)) throw problem('nothing-to-change');
  const along = wish.from === null ? 0 : await takeAlong(context, is, wish.from, lockedUntil);
  await setTerms.run(is, tx);
  const told = (terms: Terms, facts: object) => ({ ...terms, ...facts });
  await audit(context, 'firm changed', [
    {
      ...{ kind: 'firm', id: firm.id },
      before: told(was, { termsFrom: null, projectsAlong: null }),
      after: told(is, { termsFrom: wish.from, projectsAlong: along || null }),
    },
  ]);
  return readTerms(context);
}

/** Has agreements with the firm's terms go on with others from a day on. @returns how many */
async function takeAlong(context: Context, terms: Terms, from: string, lockedUntil: string | null): Promise<number> {
  const { tx } = context;
  if (lockedUntil !== null && from <= lockedUntil) throw problem('day-locked', { day: lockedUntil });
  const [last] = await lastRecorded.run(undefined, tx);
  if (last!.day !== null && String(last!.day) >= from) throw problem('later-recorded', { day: String(last!.day) });
  const ending = await goingAlong.run({ from }, tx);
  const ids = new Set(ending.map(({ id }) => id));
  const projects = ending.map(({ projectId }) => projectId);
  const agreed = (await agreedOf(tx, projects)).filter(({ id }) => ids.has(id));
  await goOn(
    context,
    from,
    agreed.map((one) => ({ ...one, id: newId(), of: one.id })),
  );
  await changeLater.run({ ...terms, from }, tx);
  return ending.length;
}

/** How many days before today the effect of other rounding is counted over. */
const LATELY = 28;

/** What other rounding would have made of the time of the last four weeks. */
export async function previewTerms(context: Context, query: QueryOf<Endpoints['previewTerms']>): Promise<TermsEffect> {
  const { tx } = context;
  const to = today(context);
  const since = addDays(to, -LATELY);
  const rule = {
    increment: Number(query.increment) || NEAREST_MINUTE.increment,
    mode: query.mode ?? (NEAREST_MINUTE.mode as RoundingMode),
    unit: query.unit ?? NEAREST_MINUTE.unit,
    minimum: Number(query.minimum ?? 0),
  };
  const lengths = await lengthsLately.run({ since, to, unit: rule.unit }, tx);
  const [last] = await lastRecorded.run(undefined, tx);
  const free = last!.day === null ? to : addDays(String(last!.day), 1);
  return {
    since,
    recorded: sum(lengths, ({ recorded, times }) => recorded * times),
    now: sum(lengths, ({ billed }) => billed),
    then: roundedTotal(
      lengths.map(({ recorded, times }) => ({ recorded: seconds(recorded), times })),
      rule,
    ),
    free: free < to ? to : free,
  };
}
