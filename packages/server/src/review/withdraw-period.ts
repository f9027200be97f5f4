import { Timesheet } from '@yellowwood/contracts';
import { Stage, expectOk, moveStage } from '@yellowwood/core';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { lockPeople } from '../generated/people/people-facts.queries';
import { periodEntries, setSheetState } from '../generated/review/period.queries';
import { withdrawSubmissions } from '../generated/review/withdraw-period.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { ownSheet } from '../time/own-sheet';
import { readTimesheet } from '../time/read-timesheet';
import { stageSubjects } from './stage-subjects';

/** Takes back what is submitted and not yet decided. */
export async function withdrawPeriod(context: Context, from: string): Promise<Timesheet> {
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
  return readTimesheet(context, from, undefined);
}
