/** Types generated for queries found in "packages/server/src/review/submit-period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'InsertSubmission' parameters type */
export interface IInsertSubmissionParams {
  at: string;
  by: string;
  confirmation: string;
  firm: string;
  id: string;
  note: string;
  quantity: number;
  sheet: string;
}

/** 'InsertSubmission' return type */
export type IInsertSubmissionResult = void;

/** 'InsertSubmission' query type */
export interface IInsertSubmissionQuery {
  params: IInsertSubmissionParams;
  result: IInsertSubmissionResult;
}

const insertSubmissionIR: any = {"usedParamSet":{"firm":true,"id":true,"sheet":true,"by":true,"at":true,"note":true,"confirmation":true,"quantity":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":109}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":115}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":127,"b":130}]},{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":136}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":139,"b":144}]},{"name":"confirmation","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":160}]},{"name":"quantity","required":true,"transform":{"type":"scalar"},"locs":[{"a":163,"b":172}]}],"statement":"insert into\n  submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)\nvalues\n  (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)
 * values
 *   (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)
 * ```
 */
export const insertSubmission = new PreparedQuery<IInsertSubmissionParams,IInsertSubmissionResult>(insertSubmissionIR);


/** 'PossibleReviewers' parameters type */
export interface IPossibleReviewersParams {
  firm: string;
  reviewing: stringArray;
}

/** 'PossibleReviewers' return type */
export interface IPossibleReviewersResult {
  exceptions: Json;
  id: string;
  ownRoles: Json;
  roles: stringArray;
}

/** 'PossibleReviewers' query type */
export interface IPossibleReviewersQuery {
  params: IPossibleReviewersParams;
  result: IPossibleReviewersResult;
}

const possibleReviewersIR: any = {"usedParamSet":{"firm":true,"reviewing":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":136,"b":141}]},{"name":"reviewing","required":true,"transform":{"type":"scalar"},"locs":[{"a":202,"b":212}]}],"statement":"select\n  a.person_id as \"id!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\"\nfrom\n  accounts_of (:firm!) a\n  cross join held_by (a.person_id) h\nwhere\n  h.roles && :reviewing!\n  or h.own_roles <> '[]'\n  or h.exceptions ? 'time.review'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.person_id as "id!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!"
 * from
 *   accounts_of (:firm!) a
 *   cross join held_by (a.person_id) h
 * where
 *   h.roles && :reviewing!
 *   or h.own_roles <> '[]'
 *   or h.exceptions ? 'time.review'
 * ```
 */
export const possibleReviewers = new PreparedQuery<IPossibleReviewersParams,IPossibleReviewersResult>(possibleReviewersIR);


/** 'WithoutReviewer' parameters type */
export interface IWithoutReviewerParams {
  ids: stringArray;
  reviewers: Json;
}

/** 'WithoutReviewer' return type */
export interface IWithoutReviewerResult {
  id: string;
}

/** 'WithoutReviewer' query type */
export interface IWithoutReviewerQuery {
  params: IWithoutReviewerParams;
  result: IWithoutReviewerResult;
}

const withoutReviewerIR: any = {"usedParamSet":{"ids":true,"reviewers":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":62}]},{"name":"reviewers","required":true,"transform":{"type":"scalar"},"locs":[{"a":270,"b":280}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entry e\nwhere\n  e.id = any (:ids!)\n  and (\n    exists (\n      select\n      from\n        project p\n      where\n        p.id = e.project_id\n        and not p.review\n    )\n    or not exists (\n      select\n      from\n        jsonb_to_recordset(:reviewers!) as a (id uuid, reach text)\n      where\n        a.id <> e.person_id\n        and (\n          a.reach = 'firm'\n          or (\n            a.reach = 'team'\n            and exists (\n              select\n              from\n                team t\n                join team_person tp on tp.firm_id = t.firm_id\n                and tp.team_id = t.id\n              where\n                t.lead_id = a.id\n                and tp.person_id = e.person_id\n            )\n          )\n          or (\n            a.reach in ('project', 'team')\n            and exists (\n              select\n              from\n                project p\n              where\n                p.id = e.project_id\n                and p.manager_id = a.id\n            )\n          )\n        )\n    )\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entry e
 * where
 *   e.id = any (:ids!)
 *   and (
 *     exists (
 *       select
 *       from
 *         project p
 *       where
 *         p.id = e.project_id
 *         and not p.review
 *     )
 *     or not exists (
 *       select
 *       from
 *         jsonb_to_recordset(:reviewers!) as a (id uuid, reach text)
 *       where
 *         a.id <> e.person_id
 *         and (
 *           a.reach = 'firm'
 *           or (
 *             a.reach = 'team'
 *             and exists (
 *               select
 *               from
 *                 team t
 *                 join team_person tp on tp.firm_id = t.firm_id
 *                 and tp.team_id = t.id
 *               where
 *                 t.lead_id = a.id
 *                 and tp.person_id = e.person_id
 *             )
 *           )
 *           or (
 *             a.reach in ('project', 'team')
 *             and exists (
 *               select
 *               from
 *                 project p
 *               where
 *                 p.id = e.project_id
 *                 and p.manager_id = a.id
 *             )
 *           )
 *         )
 *     )
 *   )
 * ```
 */
export const withoutReviewer = new PreparedQuery<IWithoutReviewerParams,IWithoutReviewerResult>(withoutReviewerIR);


