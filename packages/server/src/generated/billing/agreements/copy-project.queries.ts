/** Types generated for queries found in "packages/server/src/billing/agreements/copy-project.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'TakeRates' parameters type */
export interface ITakeRatesParams {
  from: string;
  of: string;
  on: string;
  tasks: Json;
  to: string;
}

/** 'TakeRates' return type */
export type ITakeRatesResult = void;

/** 'TakeRates' query type */
export interface ITakeRatesQuery {
  params: ITakeRatesParams;
  result: ITakeRatesResult;
}

const takeRatesIR: any = {"usedParamSet":{"to":true,"from":true,"tasks":true,"of":true,"on":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":222,"b":225}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":311,"b":316}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":380,"b":386}]},{"name":"of","required":true,"transform":{"type":"scalar"},"locs":[{"a":454,"b":457}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":501,"b":504}]}],"statement":"insert into\n  rate_rule (\n    firm_id,\n    id,\n    project_id,\n    task_id,\n    service_id,\n    position_id,\n    person_id,\n    currency,\n    rate,\n    valid_from,\n    reason\n  )\nselect\n  r.firm_id,\n  gen_random_uuid(),\n  :to!,\n  t.own,\n  r.service_id,\n  r.position_id,\n  r.person_id,\n  r.currency,\n  r.rate,\n  :from!,\n  r.reason\nfrom\n  rate_rule r\n  left join jsonb_to_recordset(:tasks!) t (id uuid, own uuid) on t.id = r.task_id\nwhere\n  r.project_id = :of!\n  and holds_on (r.valid_from, r.valid_to, :on!)\n  -- A rate of a task goes where its task goes.\n  and (\n    r.task_id is null\n    or t.own is not null\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   rate_rule (
 *     firm_id,
 *     id,
 *     project_id,
 *     task_id,
 *     service_id,
 *     position_id,
 *     person_id,
 *     currency,
 *     rate,
 *     valid_from,
 *     reason
 *   )
 * select
 *   r.firm_id,
 *   gen_random_uuid(),
 *   :to!,
 *   t.own,
 *   r.service_id,
 *   r.position_id,
 *   r.person_id,
 *   r.currency,
 *   r.rate,
 *   :from!,
 *   r.reason
 * from
 *   rate_rule r
 *   left join jsonb_to_recordset(:tasks!) t (id uuid, own uuid) on t.id = r.task_id
 * where
 *   r.project_id = :of!
 *   and holds_on (r.valid_from, r.valid_to, :on!)
 *   -- A rate of a task goes where its task goes.
 *   and (
 *     r.task_id is null
 *     or t.own is not null
 *   )
 * ```
 */
export const takeRates = new PreparedQuery<ITakeRatesParams,ITakeRatesResult>(takeRatesIR);


/** 'TakeNamed' parameters type */
export interface ITakeNamedParams {
  of: string;
  to: string;
}

/** 'TakeNamed' return type */
export type ITakeNamedResult = void;

/** 'TakeNamed' query type */
export interface ITakeNamedQuery {
  params: ITakeNamedParams;
  result: ITakeNamedResult;
}

const takeNamedIR: any = {"usedParamSet":{"to":true,"of":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":126},{"a":435,"b":438},{"a":614,"b":617}]},{"name":"of","required":true,"transform":{"type":"scalar"},"locs":[{"a":284,"b":287},{"a":518,"b":521},{"a":632,"b":635}]}],"statement":"with\n  people as (\n    insert into\n      project_person (firm_id, project_id, person_id)\n    select\n      x.firm_id,\n      :to!,\n      x.person_id\n    from\n      project_person x\n      join person r on r.firm_id = x.firm_id\n      and r.id = x.person_id\n    where\n      x.project_id = :of!\n      and r.left_on is null\n  ),\n  teams as (\n    insert into\n      project_team (firm_id, project_id, team_id)\n    select\n      x.firm_id,\n      :to!,\n      x.team_id\n    from\n      project_team x\n    where\n      x.project_id = :of!\n  )\nupdate project mine\nset\n  restricted = p.restricted\nfrom\n  project p\nwhere\n  mine.id = :to!\n  and p.id = :of!"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   people as (
 *     insert into
 *       project_person (firm_id, project_id, person_id)
 *     select
 *       x.firm_id,
 *       :to!,
 *       x.person_id
 *     from
 *       project_person x
 *       join person r on r.firm_id = x.firm_id
 *       and r.id = x.person_id
 *     where
 *       x.project_id = :of!
 *       and r.left_on is null
 *   ),
 *   teams as (
 *     insert into
 *       project_team (firm_id, project_id, team_id)
 *     select
 *       x.firm_id,
 *       :to!,
 *       x.team_id
 *     from
 *       project_team x
 *     where
 *       x.project_id = :of!
 *   )
 * update project mine
 * set
 *   restricted = p.restricted
 * from
 *   project p
 * where
 *   mine.id = :to!
 *   and p.id = :of!
 * ```
 */
export const takeNamed = new PreparedQuery<ITakeNamedParams,ITakeNamedResult>(takeNamedIR);


/** 'TakeNotes' parameters type */
export interface ITakeNotesParams {
  notes: string;
  to: string;
}

/** 'TakeNotes' return type */
export type ITakeNotesResult = void;

/** 'TakeNotes' query type */
export interface ITakeNotesQuery {
  params: ITakeNotesParams;
  result: ITakeNotesResult;
}

const takeNotesIR: any = {"usedParamSet":{"notes":true,"to":true},"params":[{"name":"notes","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":35}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":50,"b":53}]}],"statement":"update project\nset\n  notes = :notes!\nwhere\n  id = :to!"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   notes = :notes!
 * where
 *   id = :to!
 * ```
 */
export const takeNotes = new PreparedQuery<ITakeNotesParams,ITakeNotesResult>(takeNotesIR);


