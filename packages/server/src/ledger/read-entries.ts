import { Entry } from '@yellowwood/contracts';
import { LedgerEntry, Reach, clockIn, wireFacts } from '@yellowwood/core';
import { Context, reachOf } from '../platform/context';
import { SELECTED, SIDES } from './columns';

interface ReadRow extends LedgerEntry {
  readonly inDraft: boolean;
  readonly personZone: string | null;
  readonly outcome: string | null;
  readonly decisionReason: string | null;
  readonly decidedAt: string | null;
  readonly decidedBy: string | null;
}

// Read with the last decision on what is recorded, which says why something came back.
const READ = `select ${SELECTED}, (e.stage = 'approved' and e.billed_quantity > 0) as "inDraft", p.zone as "personZone",
    d.outcome, d.reason as "decisionReason", d.at as "decidedAt", d.by_name as "decidedBy"
  from entries_in_reach($1, $2) e
  left join person p on p.firm_id = e.firm_id and p.id = e.person_id
  ${SIDES}
  left join lateral (
    select x.outcome, x.reason, x.at, dp.name as by_name
    from decision x join person dp on dp.firm_id = x.firm_id and dp.id = x.by_id
    where x.firm_id = e.firm_id and x.entry_id = e.id order by x.at desc limit 1
  ) d on e.stage = 'recorded'`;
const ORDER = 'order by e.work_date, side0.start_at nulls last, e.id';

/** Turns an entry into what crosses the wire; money, and notes on it, only for readers with the right to values. */
function toEntry(context: Context, row: ReadRow): Entry {
  const zone = row.zone ?? row.personZone ?? context.firm.zone;
  const values = context.actor.rights['values.read'] !== undefined;
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
    startClock: row.startAt && clockIn(zone, row.startAt),
    endClock: row.endAt && clockIn(zone, row.endAt),
    breakSeconds: row.breakSeconds ?? 0,
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
  if (values)
    entry.value = { billable: row.billableQuantity, rate: row.rate, minor: row.valueMinor, currency: row.valueCurrency };
  return entry;
}

/** Entries by their ids, as far as the reader may see them. */
export async function entriesById(context: Context, ids: readonly string[]): Promise<Entry[]> {
  if (ids.length === 0) return [];
  const { rows } = await context.tx.query<ReadRow>(`${READ} where e.id = any($3) ${ORDER}`, [
    reachOf(context, 'time.read'),
    context.actor.personId,
    ids,
  ]);
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
  const { rows } = await context.tx.query<ReadRow>(
    `${READ} where e.person_id = any($3) and e.work_date between $4 and $5 ${ORDER}`,
    [reach, context.actor.personId, people, from, to],
  );
  return rows.map((row) => toEntry(context, row));
}
