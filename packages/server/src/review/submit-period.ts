import { Timesheet } from '@yellowwood/contracts';
import { Dates, EntryProblem, Stage, blocksSubmission, expectOk, moveStage } from '@yellowwood/core';
import { sum } from 'd3-array';
import { v7 as newId } from 'uuid';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { periodEntries, setSheetState } from '../generated/review/period.queries';
import { insertSubmission } from '../generated/review/submit-period.queries';
import { lockTimers, locking } from '../ledger/locks';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { ownSheet } from '../time/own-sheet';
import { readTimesheet } from '../time/read-timesheet';
import { timerInPeriod } from '../time/timers/own-timers';
import { stageSubjects } from './stage-subjects';

/** What a person confirms by submitting; kept with each submission, with its version. */
const CONFIRMATION = '1: This is the time that I worked in this period.';

/** Submits everything that is still recorded in one's own period. An empty period can be submitted once. */
export async function submitPeriod(context: Context, period: Dates, note: string): Promise<Timesheet> {
  const person = context.actor.personId;
  const sheet = await ownSheet(context, period);
  await lockTimers(context, person);
  if (await timerInPeriod(context, period)) throw problem('timer-in-period');
  locking(context, 'entries');
  const entries = await periodEntries.run({ person, ...period }, context.tx);
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
      by: person,
      at: context.now,
      note,
      confirmation: CONFIRMATION,
      quantity,
    },
    context.tx,
  );
  await setSheetState.run({ id: sheet.id, state: 'submitted' }, context.tx);
  const { from } = period;
  await audit(context, 'period submitted', [
    { kind: 'timesheet', id: sheet.id, before: { state: sheet.state }, after: { state: 'submitted', from, quantity, note } },
    ...stageSubjects(recorded, 'submitted'),
  ]);
  return readTimesheet(context, period, undefined);
}
