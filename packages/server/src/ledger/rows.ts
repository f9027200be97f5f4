import { AuditSubject } from '../platform/audit';
import {
  CHANGED,
  KEPT,
  KEPT_MONEY,
  KINDS,
  KIND_NAMES,
  KindName,
  LedgerEntry,
  NO_SIDE,
  STORED,
  differs,
  pick,
} from '@yellowwood/core';
import { Context } from '../platform/context';
import { INSERT, SELECTED, SIDES, UPDATE, byColumns, putSide, sideTableOf } from './columns';
import { locking } from './locks';

type Row = LedgerEntry & Record<string, unknown>;

/** A person's date. */
export interface PersonDay {
  readonly personId: string;
  readonly date: string;
}

function whole(row: Row, zoneOf: (personId: string | null) => string): LedgerEntry {
  const sides = Object.fromEntries(Object.entries(NO_SIDE).map(([fact, none]) => [fact, row[fact] ?? none]));
  return { ...row, ...sides, zone: row.zone ?? zoneOf(row.personId) };
}

/**
 * Entries of some people on some dates, locked until the transaction ends, by id.
 * @param zoneOf the zone of a person, for entries without a span
 */
export async function lockDays(
  context: Context,
  people: readonly string[],
  dates: readonly string[],
  zoneOf: (personId: string | null) => string,
): Promise<Map<string, LedgerEntry>> {
  locking(context, 'entries');
  const { rows } = await context.tx.query<Row>(
    `select ${SELECTED} from entry e ${SIDES} where e.person_id = any($1) and e.work_date = any($2) order by e.id for update of e`,
    [people, dates],
  );
  return new Map(rows.map((row) => [row.id, whole(row, zoneOf)]));
}

/** The entries of one person on one date, as they are. */
export async function readDay(context: Context, person: string, date: string, zone: string): Promise<LedgerEntry[]> {
  const { rows } = await context.tx.query<Row>(
    `select ${SELECTED} from entry e ${SIDES} where e.person_id = $1 and e.work_date = $2 order by e.id`,
    [person, date],
  );
  return rows.map((row) => whole(row, () => zone));
}

const OF_DAYS = `select id from entry where (person_id, work_date) in (select * from unnest($1::uuid[], $2::date[]))`;

/** The entries of some people's dates, as they are. */
export async function readDays(context: Context, days: readonly PersonDay[]): Promise<LedgerEntry[]> {
  const { rows } = await context.tx.query<Row>(
    `select ${SELECTED} from entry e ${SIDES} where e.id = any(array(${OF_DAYS})) order by e.id`,
    inColumns(days),
  );
  return rows.map((row) => whole(row, () => context.firm.zone));
}

function inColumns(days: readonly PersonDay[]): [string[], string[]] {
  return [days.map((day) => day.personId), days.map((day) => day.date)];
}

/** Entries by their ids, as they are. */
export async function readRows(context: Context, ids: readonly string[]): Promise<LedgerEntry[]> {
  const { rows } = await context.tx.query<Row>(`select ${SELECTED} from entry e ${SIDES} where e.id = any($1) order by e.id`, [
    ids,
  ]);
  return rows.map((row) => whole(row, () => context.firm.zone));
}

/**
 * Entries by their ids, locked until the transaction ends. What is not there is left out.
 * @param days dates of which every entry is locked with them, in the same order; their timesheets are held
 */
export async function lockRows(
  context: Context,
  ids: readonly string[],
  days: readonly PersonDay[] = [],
): Promise<LedgerEntry[]> {
  locking(context, 'entries');
  const which = days.length === 0 ? 'any($1)' : `any(array(${OF_DAYS} union select unnest($3::uuid[])))`;
  const { rows } = await context.tx.query<Row>(
    `select ${SELECTED} from entry e ${SIDES} where e.id = ${which} order by e.id for update of e`,
    days.length === 0 ? [ids] : [...inColumns(days), ids],
  );
  return rows.map((row) => whole(row, () => context.firm.zone));
}

/** Every entry of the firm, for whoever proves the books. */
export async function readLedger(context: Context): Promise<LedgerEntry[]> {
  const { rows } = await context.tx.query<Row>(`select ${SELECTED} from entry e ${SIDES} order by e.id`);
  return rows.map((row) => whole(row, () => context.firm.zone));
}

/** Whether an entry has a row in the side table of its kind: its first fact is there. */
function hasSide(entry: LedgerEntry): boolean {
  return entry[KINDS[entry.kind].side[0]!] !== null;
}

async function putSides(context: Context, entries: readonly LedgerEntry[]): Promise<void> {
  for (const kind of KIND_NAMES) {
    const rows = entries.filter((entry) => entry.kind === kind && hasSide(entry));
    if (rows.length === 0) continue;
    const json = rows.map((entry) => ({
      entry_id: entry.id,
      ...byColumns(entry as never, KINDS[kind].side as readonly string[]),
    }));
    await context.tx.query(putSide(kind), [context.firm.id, JSON.stringify(json)]);
  }
}

/** Makes entries of any kind. An id that was deleted before goes on from its highest version. */
export async function insertRows(context: Context, entries: readonly LedgerEntry[]): Promise<void> {
  if (entries.length === 0) return;
  const json = JSON.stringify(entries.map((entry) => byColumns(entry as never, STORED)));
  const made = await context.tx.query<{ id: string; version: number }>(INSERT, [context.firm.id, context.firm.currency, json]);
  const versions = new Map(made.rows.map((row) => [row.id, row.version]));
  for (const entry of entries) entry.version = versions.get(entry.id)!;
  await putSides(context, entries);
}

/** Whether anything that is stored of an entry has changed. */
export function isChanged(before: LedgerEntry, after: LedgerEntry): boolean {
  return differs(before, after, [...CHANGED, ...(KINDS[after.kind].side as (keyof LedgerEntry)[])]);
}

/** Stores what has changed of entries. */
export async function updateRows(
  context: Context,
  before: ReadonlyMap<string, LedgerEntry>,
  after: readonly LedgerEntry[],
): Promise<void> {
  if (after.length === 0) return;
  const json = JSON.stringify(after.map((entry) => byColumns(entry as never, ['id', ...CHANGED])));
  await context.tx.query(UPDATE, [context.firm.id, json]);
  await putSides(context, after);
  for (const kind of KIND_NAMES) {
    const bare = after.filter((entry) => entry.kind === kind && !hasSide(entry) && hasSide(before.get(entry.id)!));
    if (bare.length > 0)
      await context.tx.query(`delete from ${sideTableOf(kind)} where entry_id = any($1)`, [bare.map((entry) => entry.id)]);
  }
}

export async function deleteRows(context: Context, ids: readonly string[]): Promise<void> {
  if (ids.length > 0) await context.tx.query('delete from entry where id = any($1)', [ids]);
}

/** A kind of entry by its name. */
export function kindOf(name: string): (typeof KINDS)[KindName] {
  return KINDS[name as KindName];
}

/** What the history keeps of an entry that was created, changed or deleted. */
export function rowSubject(before: LedgerEntry | null, after: LedgerEntry | null): AuditSubject {
  return {
    kind: 'entry',
    id: (after ?? before)!.id,
    before: before && pick(before, KEPT),
    after: after && pick(after, KEPT),
    moneyBefore: before && pick(before, KEPT_MONEY),
    moneyAfter: after && pick(after, KEPT_MONEY),
  };
}
