import { Timesheet } from '@yellowwood/contracts';
import { Dates, Stage, expectOk, moveStage } from '@yellowwood/core';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { periodEntries, setSheetState } from '../generated/review/period.queries';
import { approvedByPolicy, withdrawSubmissions } from '../generated/review/withdraw-period.queries';
import { locking } from '../ledger/locks';
import { openPart } from '../ledger/locked-days';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { submittedFor } from '../time/on-behalf';
import { ownSheet } from '../time/own-sheet';
import { readTimesheet } from '../time/read-timesheet';
import { stageSubjects } from './stage-subjects';

/** Takes back what is submitted and nobody has decided on, also where it was approved by policy; what is billed stays. */
export async function withdrawPeriod(context: Context, period: Dates, whose: string | undefined): Promise<Timesheet> {
  const { id: person } = await submittedFor(context, whose);
  const open = await openPart(context, period);
  const sheet = await ownSheet(context, period, person);
  locking(context, 'entries');
  const entries = await periodEntries.run({ person, ...open }, context.tx);
  const ids = entries.map(({ id }) => id);
  const byPolicy = new Set((await approvedByPolicy.run({ ids }, context.tx)).map(({ id }) => id));
  const waiting = entries.filter((entry) => entry.stage === 'submitted' || byPolicy.has(entry.id));
  // A submitted period without entries, or one decided in full, has nothing that waits.
  if (sheet.state !== 'submitted' || (waiting.length === 0 && entries.length > 0)) throw problem('nothing-to-withdraw');
  const moves = waiting.map((entry) => ({
    id: entry.id,
    stage: expectOk(moveStage(entry.stage as Stage, byPolicy.has(entry.id) ? 'reopen' : 'withdraw')),
  }));
  await moveEntries.run({ moves: json(moves) }, context.tx);
  await withdrawSubmissions.run({ sheet: sheet.id, at: context.now }, context.tx);
  await setSheetState.run({ id: sheet.id, state: 'open' }, context.tx);
  await audit(context, 'period withdrawn', [
    { kind: 'timesheet', id: sheet.id, before: { state: 'submitted' }, after: { state: 'open', from: period.from } },
    ...stageSubjects(waiting, 'recorded'),
  ]);
  return readTimesheet(context, period, person);
}
