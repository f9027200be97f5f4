import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { MONDAY } from './moments';
import type { Who } from './found-firm';
import { ofFirm } from './of-firm';
import type { World } from './world';

/** Records one entry of a length as somebody, on the project unless said otherwise. */
export async function record(
  world: World,
  who: Who,
  date: string,
  hours: number,
  names: Partial<BodyOf<Endpoints['createEntry']>> = {},
) {
  return world.as(who).done('createEntry', {
    body: {
      id: newId(),
      personId: world.ids[who],
      date,
      projectId: world.ids.project,
      taskId: null,
      serviceId: world.ids.survey,
      quantity: hours * 3600,
      note: '',
      origin: 'grid',
      ...names,
    },
  });
}

/**
 * Changes something while a request waits for it: between what the request has read and what it locks.
 * @param held what the request will wait for, locked here first
 * @returns what the request is answered
 */
export async function meanwhile<T>(world: World, held: string, change: string, ask: () => Promise<T>): Promise<T> {
  let asked: Promise<T> | undefined;
  await ofFirm(world.admin, world.firmId, async (tx) => {
    const { rows } = await tx.query<{ pid: number }>('select pg_backend_pid() as pid');
    await tx.query(held);
    let answered = false;
    asked = ask().finally(() => (answered = true));
    // Asked on another connection: a transaction sees the activity of others as it was when it first looked.
    const waiting = 'select from pg_stat_activity where $1 = any(pg_blocking_pids(pid))';
    while (!answered && (await world.admin.query(waiting, [rows[0]!.pid])).rowCount === 0)
      await new Promise((resolve) => setTimeout(resolve, 5));
    if (answered) throw new Error('nothing waited for what is held');
    await tx.query(change);
  });
  return asked!;
}

/**
 * Waits until every transaction has ended that is under way in the whole server now: another worker's, a job's. Those
 * named go on; they are given as `pg_current_xact_id()` tells them.
 */
export async function othersEnded(world: World, ...save: string[]): Promise<void> {
  const underWay = async () =>
    (await world.admin.query<{ xact: string }>('select pg_snapshot_xip(pg_current_snapshot())::text as xact')).rows.map(
      ({ xact }) => xact,
    );
  const awaited = (await underWay()).filter((xact) => !save.includes(xact));
  while ((await underWay()).some((xact) => awaited.includes(xact))) await new Promise((resolve) => setTimeout(resolve, 5));
}

/** Somebody's day of absence, as it is stored: no use case lays one down yet. */
export async function absent(world: World, who: Who, date: string, code: 'holiday' | 'sick' | 'training'): Promise<string> {
  const id = newId();
  const { id: model } = await record(world, who, date, 7.5, { projectId: null, serviceId: null, billable: false });
  await world.sql(
    `insert into entry select (jsonb_populate_record(e, jsonb_build_object('id', $2::uuid, 'kind', 'absence', 'problems', '{}'::text[],
       'problem_count', 0))).* from entry e where e.id = $1`,
    [model, id],
  );
  await world.sql('insert into entry_absence (firm_id, entry_id, absence_code, absence_paid) values ($1, $2, $3, true)', [
    world.firmId,
    id,
    code,
  ]);
  await world.sql('delete from entry where id = $1', [model]);
  return id;
}

/** A project like the first, with an agreement of its own. @returns its id */
export async function anotherProject(world: World, terms: { limit_minor?: number } = {}): Promise<string> {
  const project = newId();
  for (const [table, own] of [
    ['project', { id: project, code: project.slice(-12) }],
    ['agreement', { id: newId(), project_id: project, ...terms }],
  ] as const)
    await world.sql(
      `insert into ${table} select (jsonb_populate_record(t, $1)).* from ${table} t where ${table === 'project' ? 'id' : 'project_id'} = $2`,
      [JSON.stringify(own), world.ids.project],
    );
  return project;
}

/** Gives a project another state, as it is stored. */
export async function setState(world: World, project: string, state: 'underWay' | 'onHold' | 'finished'): Promise<void> {
  await world.sql(
    `update project p set state_id = s.id, records = s.records, open = s.open
     from project_state s where s.firm_id = p.firm_id and s.id = $2 and p.id = $1`,
    [project, world.ids[state]],
  );
}

/** Submits somebody's week and has the owner approve all of it. */
export async function submitAndApprove(world: World, who: Who, from = MONDAY): Promise<void> {
  const week = await world.as(who).done('submitPeriod', { params: { from }, body: { note: '' } });
  const entries = week.entries.filter((entry) => entry.stage === 'submitted').map(({ id, version }) => ({ id, version }));
  await world.as(who === 'owner' ? 'manager' : 'owner').done('approveEntries', { body: { entries } });
}

/** Keeps a draft over some entries of the client. */
export async function draft(
  world: World,
  ids: readonly string[],
  grouping: 'task' | 'entry' = 'task',
  clientId = world.ids.client,
) {
  return world.as('bookkeeper').done('createDraft', {
    body: { id: newId(), wish: { clientId, upTo: '2026-06-14', grouping, entries: ids.map((id) => ({ id })), texts: [] } },
  });
}

/** Drafts and issues some entries of the client. */
export async function bill(...of: Parameters<typeof draft>) {
  const { row } = await draft(...of);
  const [world] = of;
  return world
    .as('bookkeeper')
    .done('issueInvoice', { params: { id: row.id }, body: { gross: row.gross, version: row.version } });
}

/**
 * Does things at the very same moment. A new connection to the database takes longer than a whole request, so
 * those that are needed are opened first; else the first request would have ended before the second begins.
 */
export async function atOnce<T>(world: World, count: number, work: (index: number) => Promise<T>): Promise<T[]> {
  const each = <R>(one: (index: number) => Promise<R>) => Promise.all(Array.from({ length: count }, (_, index) => one(index)));
  await each(() => world.database.query('select pg_sleep(0.05)'));
  return each(work);
}
