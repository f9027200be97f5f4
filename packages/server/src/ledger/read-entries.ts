import { Entry } from '@yellowwood/contracts';
import { Reach, Stage, clockIn } from '@yellowwood/core';
import { type ISelectEntriesResult, selectEntries } from '../generated/ledger/read-entries.queries';
import { Context, reachOf } from '../platform/context';

const ANY = { anyId: true, ids: [], anyPerson: true, people: [], from: '0001-01-01', to: '9999-12-31' };

/** Turns a row into what crosses the wire; its value only for readers with the right to values. */
export function toEntry(context: Context, row: ISelectEntriesResult): Entry {
  const entry: Entry = {
    id: row.id,
    kind: row.kind as Entry['kind'],
    personId: row.personId,
    date: row.date,
    projectId: row.projectId,
    taskId: row.taskId,
    serviceId: row.serviceId,
    absenceCode: row.absenceCode,
    quantity: row.quantity,
    billable: row.billable,
    note: row.note,
    explanation: row.explanation,
    stage: row.stage as Stage,
    billingState: row.billingState as Entry['billingState'],
    holdReason: row.holdReason,
    inDraft: row.inDraft,
    origin: row.origin,
    startAt: row.startAt,
    endAt: row.endAt,
    startClock: row.startAt && clockIn(row.zone, row.startAt),
    endClock: row.endAt && clockIn(row.zone, row.endAt),
    breakSeconds: row.breakSeconds,
    problems: row.problems,
    lagDays: row.lagDays,
    late: row.late,
    changedByOther: row.changedByOther,
    // What was approved and is re-opened has come back to the person, too, and they are told why.
    returned:
      row.outcome === 'return' || row.outcome === 'reopen'
        ? { by: row.decidedBy!, at: row.decidedAt!, reason: row.decisionReason! }
        : null,
    version: row.version,
  };
  if (context.actor.rights['values.read']) {
    entry.value = { billable: row.billableQuantity, rate: row.rate, minor: row.valueMinor, currency: row.valueCurrency };
  }
  return entry;
}

/** Entries by their ids, as far as the reader may see them. */
export async function entriesById(context: Context, ids: readonly string[]): Promise<Entry[]> {
  if (ids.length === 0) return [];
  const rows = await selectEntries.run(
    { ...ANY, reach: reachOf(context, 'time.read'), asker: context.actor.personId, anyId: false, ids: [...ids] },
    context.tx,
  );
  return rows.map((row) => toEntry(context, row));
}

/** The entries of some people in a range of dates. */
export async function entriesOfPeople(
  context: Context,
  people: readonly string[],
  from: string,
  to: string,
  reach: Reach = reachOf(context, 'time.read'),
): Promise<Entry[]> {
  const rows = await selectEntries.run(
    { ...ANY, reach, asker: context.actor.personId, anyPerson: false, people: [...people], from, to },
    context.tx,
  );
  return rows.map((row) => toEntry(context, row));
}
