import { Decided } from '@yellowwood/contracts';
import { Dates } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { insertDecisions, periodEntries, setSheetState } from '../generated/review/period.queries';
import { lockTimesheets, locking } from '../ledger/locks';
import { openPart } from '../ledger/locked-days';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { stageSubjects } from './stage-subjects';

/** Returns a whole submitted period, also when what is wrong with it is that something is missing. */
export async function returnPeriod(context: Context, personId: string, period: Dates, reason: string): Promise<Decided> {
  const { tx, actor, firm } = context;
  if (personId === actor.personId) throw problem('own-time');
  const [person] = await peopleFacts.run(
    { reach: reachOf(context, 'time.review'), asker: actor.personId, people: [personId] },
    tx,
  );
  if (!person) throw problem('person-unknown');
  const open = await openPart(context, period);
  const [sheet] = await lockTimesheets(context, [{ personId, date: period.from }]);
  if (sheet?.state !== 'submitted') throw problem('period-not-submitted');
  locking(context, 'entries');
  const entries = await periodEntries.run({ person: personId, ...open }, tx);
  const waiting = entries.filter((entry) => entry.stage === 'submitted');
  await moveEntries.run({ moves: json(waiting.map((entry) => ({ id: entry.id, stage: 'recorded' }))) }, tx);
  const decisions = [
    { id: newId(), sheetId: sheet.id, entryId: null },
    ...waiting.map((entry) => ({ id: newId(), sheetId: sheet.id, entryId: entry.id })),
  ];
  await insertDecisions.run(
    {
      firm: firm.id,
      outcome: 'return',
      byPolicy: false,
      reason,
      by: actor.personId,
      at: context.now,
      decisions: json(decisions),
    },
    tx,
  );
  await setSheetState.run({ id: sheet.id, state: 'open' }, tx);
  await audit(
    context,
    'period returned',
    [
      { kind: 'timesheet', id: sheet.id, before: { state: 'submitted' }, after: { state: 'open' } },
      ...stageSubjects(waiting, 'recorded'),
    ],
    reason,
  );
  return { decided: waiting.length, seconds: waiting.reduce((sum, entry) => sum + entry.quantity, 0) };
}
