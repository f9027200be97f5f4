import { Approved } from '@yellowwood/contracts';
import { Outcome, Seen, Stage, decide } from '@yellowwood/core';
import { sum } from 'd3-array';
import { v7 as newId } from 'uuid';
import { moveEntries } from '../generated/ledger/move-entries.queries';
import { decidableHeads, lockDecidable } from '../generated/review/decide-entries.queries';
import { insertDecisions, setSheetState } from '../generated/review/period.queries';
import { HeldSheet, lockTimesheets, locking } from '../ledger/locks';
import { entriesById } from '../ledger/read-entries';
import { refuseLockedDays } from '../ledger/locked-days';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { json } from '../platform/json';
import { demand, problem } from '../platform/problem';
import { stageSubjects } from './stage-subjects';

const ACTIONS: Readonly<Record<Outcome, string>> = {
  approve: 'entries approved',
  return: 'entries returned',
  reopen: 'entries re-opened',
  recall: 'approval taken back',
};

/** Decides on entries, or takes one's own approval back: all of them or none. */
export async function decideEntries(
  context: Context,
  outcome: Outcome,
  seen: readonly Seen[],
  reason: string | null,
): Promise<Approved> {
  const { tx, actor, firm } = context;
  const ids = seen.map((one) => one.id);
  const who = { reach: reachOf(context, 'time.review'), asker: actor.personId, ids };
  // Whose timesheets they stand in is read first: timesheets are held before entries.
  const heads = await decidableHeads.run(who, tx);
  await refuseLockedDays(
    context,
    heads.map((head) => head.workDate),
  );
  const sheets = await lockTimesheets(
    context,
    heads.map((head) => ({ personId: head.personId, date: head.workDate })),
  );
  locking(context, 'entries');
  const rows = await lockDecidable.run(who, tx);
  const now = rows.map((row) => ({
    ...row,
    stage: row.stage as Stage,
    reserved: row.stage === 'approved' && row.billedQuantity > 0,
  }));
  const decided = decide(outcome, now, seen, actor.personId, reason);
  if (!decided.ok && decided.error.code === 'entry-changed') {
    const versions = new Map(now.map((row) => [row.id, row.version]));
    const stale = seen.filter((one) => versions.get(one.id) !== one.version).map((one) => one.id);
    throw problem('entries-stale', {}, { current: await entriesById(context, stale) });
  }
  // What stands in a draft is billed in part as far as the counter goes; the sentence should name the draft.
  if (!decided.ok && decided.error.code === 'entry-billed' && now.find((row) => row.id === decided.error.data?.['id'])?.reserved)
    throw problem('entry-in-draft');
  const moves = demand(decided);
  const decisions = rows.map((row) => ({
    id: newId(),
    entryId: row.id,
    sheetId: sheets.find(holding(row))!.id,
  }));
  await insertDecisions.run(
    {
      ...{ firm: firm.id, outcome, reason: reason ?? '', by: actor.personId, at: context.now, byPolicy: false },
      decisions: json(decisions),
    },
    tx,
  );
  await moveEntries.run({ moves: json(moves) }, tx);
  // What comes back to its person opens its period; what waits again does not.
  if (outcome === 'return' || outcome === 'reopen')
    for (const sheet of sheets) await setSheetState.run({ id: sheet.id, state: 'open' }, tx);
  await audit(context, ACTIONS[outcome], stageSubjects(rows, moves[0]!.stage), reason ?? '');
  return {
    decided: rows.length,
    seconds: sum(rows, (row) => row.quantity),
    entries: rows.map((row) => ({ id: row.id, version: row.version + 1 })),
  };
}

function holding(row: { readonly personId: string; readonly workDate: string }) {
  return (sheet: HeldSheet) => sheet.personId === row.personId && sheet.from <= row.workDate && sheet.to >= row.workDate;
}
