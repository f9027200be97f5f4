import { blocksSubmission, EntryProblem, expectOk, moveStage, Stage } from '@yellowwood/core';
import { Week } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { lockPeople } from '../time/queries.queries';
import { readWeek } from '../time/read-week';
import { ownSheet } from '../time/sheet-rows';
import { timerInWeek } from '../time/timers';
import { insertSubmission, moveEntries, periodEntries, setSheetState, withdrawSubmissions } from './queries.queries';
import { json } from '../platform/json';

/** What a person confirms by submitting; kept with each submission, with its version. */
const CONFIRMATION = '1: This is the time that I worked in this period.';

/** Submits everything that is still recorded in one's own week. An empty week can be submitted once. */
export async function submitWeek(context: Context, from: string, note: string): Promise<Week> {
  const person = context.actor.personId;
  await lockPeople.run({ people: [person] }, context.tx);
  const sheet = await ownSheet(context, from);
  if (await timerInWeek(context, from)) throw problem('timer-in-period');
  const entries = await periodEntries.run({ person, from: sheet.from, to: sheet.to }, context.tx);
  const recorded = entries.filter((entry) => entry.stage === 'recorded');
  if (recorded.length === 0 && sheet.state === 'submitted') throw problem('nothing-to-submit');
  const hindered = recorded.filter((entry) => (entry.problems as EntryProblem[]).some(blocksSubmission));
  if (hindered.length > 0) throw problem('problems-left', { count: hindered.length });
  const moves = recorded.map((entry) => ({ id: entry.id, stage: expectOk(moveStage(entry.stage as Stage, 'submit')) }));
  await moveEntries.run({ moves: json(moves) }, context.tx);
  const quantity = recorded.reduce((sum, entry) => sum + (entry.kind === 'time' ? entry.quantity : 0), 0);
  await insertSubmission.run(
    {
      firm: context.firm.id,
      id: newId(),
      sheet: sheet.id,
      by: person,
      at: context.now,
      note,
      confirmation: CONFIRMATION,
      quantity,
    },
    context.tx,
  );
  await setSheetState.run({ id: sheet.id, state: 'submitted' }, context.tx);
  await audit(context, 'week submitted', [
    { kind: 'timesheet', id: sheet.id, before: { state: sheet.state }, after: { state: 'submitted', from, quantity, note } },
    ...stageSubjects(recorded, 'submitted'),
  ]);
  return readWeek(context, from, undefined);
}

/** Takes back what is submitted and not yet decided. */
export async function withdrawWeek(context: Context, from: string): Promise<Week> {
  const person = context.actor.personId;
  await lockPeople.run({ people: [person] }, context.tx);
  const sheet = await ownSheet(context, from);
  const entries = await periodEntries.run({ person, from: sheet.from, to: sheet.to }, context.tx);
  const waiting = entries.filter((entry) => entry.stage === 'submitted');
  // A submitted week without entries, or one decided in full, has nothing that waits.
  if (sheet.state !== 'submitted' || (waiting.length === 0 && entries.length > 0)) throw problem('nothing-to-withdraw');
  const moves = waiting.map((entry) => ({ id: entry.id, stage: expectOk(moveStage(entry.stage as Stage, 'withdraw')) }));
  await moveEntries.run({ moves: json(moves) }, context.tx);
  await withdrawSubmissions.run({ sheet: sheet.id, at: context.now }, context.tx);
  await setSheetState.run({ id: sheet.id, state: 'open' }, context.tx);
  await audit(context, 'week withdrawn', [
    { kind: 'timesheet', id: sheet.id, before: { state: 'submitted' }, after: { state: 'open', from } },
    ...stageSubjects(waiting, 'recorded'),
  ]);
  return readWeek(context, from, undefined);
}

/** History of entries whose stage moved and nothing else. */
export function stageSubjects(entries: readonly { id: string; stage: string }[], to: string) {
  return entries.map((entry) => ({ kind: 'entry' as const, id: entry.id, before: { stage: entry.stage }, after: { stage: to } }));
}
