import { Timesheet } from '@yellowwood/contracts';
import { blocksSubmission, Dates, EntryProblem, expectOk, moveStage, rightsHeld, rolesWith, Stage } from '@yellowwood/core';
import { sum } from 'd3-array';
import { v7 as newId } from 'uuid';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { insertDecisions, periodEntries, setSheetState } from '../generated/review/period.queries';
import { insertSubmission, possibleReviewers, withoutReviewer } from '../generated/review/submit-period.queries';
import { lockTimers, locking } from '../ledger/locks';
import { openPart } from '../ledger/locked-days';
import { audit } from '../platform/audit';
import { Context, heldOf } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { submittedFor } from '../time/on-behalf';
import { ownSheet } from '../time/own-sheet';
import { readTimesheet } from '../time/read-timesheet';
import { timerInPeriod } from '../time/timers/own-timers';
import { stageSubjects } from './stage-subjects';

/** What a person confirms by submitting; kept with each submission, with its version. */
const CONFIRMATION = '1: This is the time that I worked in this period.';
/** What is confirmed for somebody who cannot do it. */
const FOR_OTHERS =
  '1: As far as I know, this is the time that they worked in this period; they have no account to confirm it with.';

/** Kept as the reason of what no person decided. */
const BY_POLICY = 'By policy: this time is not reviewed, or nobody else decides on it.';

/**
 * Submits everything that is still recorded in a period, one's own or that of somebody without an account here; what
 * nobody else decides on is approved thereby. An empty period can be submitted once.
 */
export async function submitPeriod(context: Context, period: Dates, whose: string | undefined, note: string): Promise<Timesheet> {
  const them = await submittedFor(context, whose);
  const person = them.id;
  const open = await openPart(context, period);
  const sheet = await ownSheet(context, period, person);
  await lockTimers(context, person);
  if (await timerInPeriod(context, period, them)) throw problem('timer-in-period');
  locking(context, 'entries');
  const entries = await periodEntries.run({ person, ...open }, context.tx);
  const recorded = entries.filter((entry) => entry.stage === 'recorded');
  if (recorded.length === 0 && sheet.state === 'submitted') throw problem('nothing-to-submit');
  const hindered = recorded.filter((entry) => (entry.problems as EntryProblem[]).some(blocksSubmission));
  if (hindered.length > 0) throw problem('problems-left', { count: hindered.length });
  const moves = recorded.map((entry) => ({ id: entry.id, stage: expectOk(moveStage(entry.stage as Stage, 'submit')) }));
  await moveEntries.run({ moves: json(moves) }, context.tx);
  const quantity = sum(recorded, (entry) => (entry.kind === 'time' ? entry.quantity : 0));
  await insertSubmission.run(
    {
      firm: context.firm.id,
      id: newId(),
      sheet: sheet.id,
      by: context.actor.personId,
      at: context.now,
      note,
      confirmation: person === context.actor.personId ? CONFIRMATION : FOR_OTHERS,
      quantity,
    },
    context.tx,
  );
  await setSheetState.run({ id: sheet.id, state: 'submitted' }, context.tx);
  const alone = await approveByPolicy(context, sheet.id, recorded);
  const { from } = period;
  await audit(context, 'period submitted', [
    { kind: 'timesheet', id: sheet.id, before: { state: sheet.state }, after: { state: 'submitted', from, quantity, note } },
    ...stageSubjects(recorded, 'submitted'),
  ]);
  if (alone.length > 0) await audit(context, 'entries approved', stageSubjects(alone, 'approved'), BY_POLICY);
  return readTimesheet(context, period, person);
}

/** Approves what nobody else can decide on, as the decision says. @returns these entries, as submitted */
async function approveByPolicy<E extends { readonly id: string }>(
  { tx, firm, actor, now }: Context,
  sheetId: string,
  submitted: readonly E[],
): Promise<(E & { stage: 'submitted' })[]> {
  const ids = submitted.map(({ id }) => id);
  const possible = await possibleReviewers.run({ firm: firm.id, reviewing: rolesWith('time.review') }, tx);
  const reviewers = possible.map((one) => ({ id: one.id, reach: rightsHeld(heldOf(one))['time.review'] }));
  const rest = firm.review ? await withoutReviewer.run({ ids, reviewers: json(reviewers) }, tx) : submitted;
  const alone = new Set(rest.map(({ id }) => id));
  if (alone.size === 0) return [];
  const stage = expectOk(moveStage('submitted', 'approve'));
  await moveEntries.run({ moves: json([...alone].map((id) => ({ id, stage }))) }, tx);
  const decisions = [...alone].map((entryId) => ({ id: newId(), entryId, sheetId }));
  const decided = { outcome: 'approve', reason: '', by: actor.personId, at: now, byPolicy: true };
  await insertDecisions.run({ firm: firm.id, ...decided, decisions: json(decisions) }, tx);
  return submitted.filter(({ id }) => alone.has(id)).map((entry) => ({ ...entry, stage: 'submitted' }));
}
