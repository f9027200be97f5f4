import { Entry } from '@yellowwood/contracts';
import { LedgerEntry, Reach, clockIn, widest, wireFacts } from '@yellowwood/core';
import { Context, reachOf } from '../platform/context';
import { instantText } from '../platform/json';
import { SELECTED, SIDES } from './columns';

interface ReadRow extends LedgerEntry {
  readonly inDraft: boolean;
  readonly decided: { readonly outcome: string; readonly reason: string; readonly at: string; readonly by: string } | null;
}

// Read with the last decision on what is recorded, which says why something came back: as one value of its own, since
// every further table in the join makes a small reading dearer to plan than to do.
const READ = `select ${SELECTED}, (e.stage = 'approved' and e.billed_quantity > 0) as "inDraft",
    case when e.stage = 'recorded' then (
      select jsonb_build_object('outcome', x.outcome, 'reason', x.reason, 'at', x.at, 'by', by.name)
      from last_decision(e.firm_id, e.id) x join person by on by.firm_id = x.firm_id and by.id = x.by_id
    ) end as decided
  from entries_in_reach($1, $2) e ${SIDES}`;
const ORDER = 'order by e.work_date, side0.start_at nulls last, e.id';

/**
 * The entries of some that are read in a reach of which the reader sees the values: one may see more people's time than
 * values.
 */
async function withValues(context: Context, rows: readonly ReadRow[], read: Reach): Promise<(row: ReadRow) => boolean> {
  const reach = context.actor.rights['values.read'];
  if (!reach || widest(reach, read) === reach) return () => reach !== undefined;
  const { rows: seen } = await context.tx.query<{ id: string }>(
    'select e.id from entries_in_reach($1, $2) e where e.id = any($3)',
    [reach, context.actor.personId, rows.map(({ id }) => id)],
  );
  const ids = new Set(seen.map(({ id }) => id));
  return ({ id }) => ids.has(id);
}

/** Turns entries into what crosses the wire; money, and notes on it, only where the reader has the right to values. */
async function toEntries(context: Context, rows: readonly ReadRow[], read: Reach): Promise<Entry[]> {
  const valued = await withValues(context, rows, read);
  return rows.map((row) => toEntry(row, valued(row)));
}

function toEntry(row: ReadRow, values: boolean): Entry {
  const { decided } = row;
  const entry: Entry = {
    id: row.id,
    kind: row.kind,
    personId: row.personId,
    ...wireFacts(row),
    absenceCode: row.absenceCode,
    stage: row.stage,
    billingState: row.billingState,
    holdReason: values ? row.holdReason : null,
    inDraft: row.inDraft,
    origin: row.origin,
    startAt: row.startAt,
    endAt: row.endAt,
    startClock: row.startAt && clockIn(row.zone, row.startAt),
    endClock: row.endAt && clockIn(row.zone, row.endAt),
    breakSeconds: row.breakSeconds ?? 0,
    problems: row.problems,
    lagDays: row.lagDays,
    late: row.late,
    changedByOther: row.changedByOther,
    // What was approved and is re-opened has come back to the person, too, and they are told why.
    returned:
      decided?.outcome === 'return' || decided?.outcome === 'reopen'
        ? { by: decided.by, at: instantText(decided.at), reason: decided.reason }
        : null,
    version: row.version,
  };
  if (values)
    entry.value = { billable: row.billableQuantity, rate: row.rate, minor: row.valueMinor, currency: row.valueCurrency };
  return entry;
}

/** Entries by their ids, as far as the reader may see them. */
export async function entriesById(context: Context, ids: readonly string[]): Promise<Entry[]> {
  if (ids.length === 0) return [];
  const reach = reachOf(context, 'time.read');
  const { rows } = await context.tx.query<ReadRow>(`${READ} where e.id = any($3) ${ORDER}`, [reach, context.actor.personId, ids]);
  return toEntries(context, rows, reach);
}

/** The entries of some people in a range of dates. */
export async function entriesOfPeople(
  context: Context,
  people: readonly string[],
  from: string,
  to: string,
  reach: Reach = reachOf(context, 'time.read'),
): Promise<Entry[]> {
  const { rows } = await context.tx.query<ReadRow>(
    `${READ} where e.person_id = any($3) and e.work_date between $4 and $5 ${ORDER}`,
    [reach, context.actor.personId, people, from, to],
  );
  return toEntries(context, rows, reach);
}
