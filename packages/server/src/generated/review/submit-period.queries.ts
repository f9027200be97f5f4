/** Types generated for queries found in "packages/server/src/review/submit-period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

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


/** 'WithoutReviewer' parameters type */
export interface IWithoutReviewerParams {
  firm: string;
  firmWide: stringArray;
  ids: stringArray;
  ofProjects: stringArray;
  ofTeams: stringArray;
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

const withoutReviewerIR: any = {"usedParamSet":{"ids":true,"firm":true,"firmWide":true,"ofTeams":true,"ofProjects":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":62}]},{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":128}]},{"name":"firmWide","required":true,"transform":{"type":"scalar"},"locs":[{"a":264,"b":273}]},{"name":"ofTeams","required":true,"transform":{"type":"scalar"},"locs":[{"a":313,"b":321}]},{"name":"ofProjects","required":true,"transform":{"type":"scalar"},"locs":[{"a":660,"b":671}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entry e\nwhere\n  e.id = any (:ids!)\n  and not exists (\n    select\n    from\n      accounts_of (:firm!) a\n      join person_role r on r.person_id = a.person_id\n    where\n      a.person_id <> e.person_id\n      and (\n        r.role = any (:firmWide!)\n        or (\n          r.role = any (:ofTeams!)\n          and exists (\n            select\n            from\n              team t\n              join team_person tp on tp.firm_id = t.firm_id\n              and tp.team_id = t.id\n            where\n              t.lead_id = a.person_id\n              and tp.person_id = e.person_id\n          )\n        )\n        or (\n          r.role = any (:ofProjects!)\n          and exists (\n            select\n            from\n              project p\n            where\n              p.id = e.project_id\n              and p.manager_id = a.person_id\n          )\n        )\n      )\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entry e
 * where
 *   e.id = any (:ids!)
 *   and not exists (
 *     select
 *     from
 *       accounts_of (:firm!) a
 *       join person_role r on r.person_id = a.person_id
 *     where
 *       a.person_id <> e.person_id
 *       and (
 *         r.role = any (:firmWide!)
 *         or (
 *           r.role = any (:ofTeams!)
 *           and exists (
 *             select
 *             from
 *               team t
 *               join team_person tp on tp.firm_id = t.firm_id
 *               and tp.team_id = t.id
 *             where
 *               t.lead_id = a.person_id
 *               and tp.person_id = e.person_id
 *           )
 *         )
 *         or (
 *           r.role = any (:ofProjects!)
 *           and exists (
 *             select
 *             from
 *               project p
 *             where
 *               p.id = e.project_id
 *               and p.manager_id = a.person_id
 *           )
 *         )
 *       )
 *   )
 * ```
 */
export const withoutReviewer = new PreparedQuery<IWithoutReviewerParams,IWithoutReviewerResult>(withoutReviewerIR);


