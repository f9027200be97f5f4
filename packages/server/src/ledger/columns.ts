import { CHANGED, KINDS, KIND_NAMES, READ_COLUMNS, STORED } from '@yellowwood/core';

// The one place that knows where the facts of an entry stand in the database. Everything here is put together
// from the lists of the core when the server starts; values are always bound.

/** The column of a fact: `workDate` is `work_date`. */
export function columnOf(fact: string): string {
  return fact.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
}

/** The side table of a kind: `entry_time`. */
export function sideTableOf(kind: string): string {
  return `entry_${kind}`;
}

const sides = KIND_NAMES.map((kind, index) => ({ kind, alias: `side${index}`, facts: KINDS[kind].side as readonly string[] }));

/** Columns of an entry `e`, its side tables joined, each under the name of its fact. */
export const SELECTED = [
  ...READ_COLUMNS.map((fact) => `e.${columnOf(fact)} as "${fact}"`),
  ...sides.flatMap(({ alias, facts }) => facts.map((fact) => `${alias}.${columnOf(fact)} as "${fact}"`)),
].join(', ');

/** The side tables beside an entry `e`. */
export const SIDES = sides
  .map(
    ({ kind, alias }) => `left join ${sideTableOf(kind)} ${alias} on ${alias}.firm_id = e.firm_id and ${alias}.entry_id = e.id`,
  )
  .join(' ');

const stored = STORED.map(columnOf);

/** Makes entries. $1 the firm, $2 its currency, $3 the rows as JSON, by columns. */
export const INSERT = `insert into entry (firm_id, cost_currency, posted_on, problem_count, ${stored.join(', ')})
  select $1, $2, r.work_date, cardinality(r.problems), ${stored.map((column) => `r.${column}`).join(', ')}
  from jsonb_populate_recordset(null::entry, $3) r order by r.id returning id, version`;

const changed = CHANGED.map(columnOf);

/** Changes entries. $1 the firm, $2 the rows as JSON, by columns. */
export const UPDATE = `update entry t set posted_on = r.work_date, problem_count = cardinality(r.problems),
  ${changed.map((column) => `${column} = r.${column}`).join(', ')}
  from jsonb_populate_recordset(null::entry, $2) r where t.firm_id = $1 and t.id = r.id`;

/** Writes the side rows of one kind. $1 the firm, $2 the rows as JSON, by columns. */
export function putSide(kind: keyof typeof KINDS): string {
  const table = sideTableOf(kind);
  const columns = (KINDS[kind].side as readonly string[]).map(columnOf);
  return `insert into ${table} (firm_id, entry_id, ${columns.join(', ')})
    select $1, r.entry_id, ${columns.map((column) => `r.${column}`).join(', ')} from jsonb_populate_recordset(null::${table}, $2) r
    on conflict (firm_id, entry_id) do update set ${columns.map((column) => `${column} = excluded.${column}`).join(', ')}`;
}

/** An object by columns instead of facts. */
export function byColumns(facts: Readonly<Record<string, unknown>>, names: readonly string[]): Record<string, unknown> {
  return Object.fromEntries(names.map((name) => [columnOf(name), facts[name]]));
}
