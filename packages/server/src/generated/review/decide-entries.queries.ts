/** Types generated for queries found in "packages/server/src/review/decide-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'DecidableHeads' parameters type */
export interface IDecidableHeadsParams {
  asker: string;
  ids: stringArray;
  reach: string;
}

/** 'DecidableHeads' return type */
export interface IDecidableHeadsResult {
  personId: string;
  workDate: string;
}

/** 'DecidableHeads' query type */
export interface IDecidableHeadsQuery {
  params: IDecidableHeadsParams;
  result: IDecidableHeadsResult;
}

const decidableHeadsIR: any = {"usedParamSet":{"reach":true,"asker":true,"ids":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":97}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":106}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":131,"b":135}]}],"statement":"select\n  r.person_id as \"personId!\",\n  r.work_date as \"workDate!\"\nfrom\n  entries_in_reach (:reach!, :asker!) r\nwhere\n  r.id = any (:ids!)\n  and r.kind in ('time', 'absence')"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.person_id as "personId!",
 *   r.work_date as "workDate!"
 * from
 *   entries_in_reach (:reach!, :asker!) r
 * where
 *   r.id = any (:ids!)
 *   and r.kind in ('time', 'absence')
 * ```
 */
export const decidableHeads = new PreparedQuery<IDecidableHeadsParams,IDecidableHeadsResult>(decidableHeadsIR);


/** 'LockDecidable' parameters type */
export interface ILockDecidableParams {
  asker: string;
  ids: stringArray;
  reach: string;
}

/** 'LockDecidable' return type */
export interface ILockDecidableResult {
  billedQuantity: number;
  decidedBy: string | null;
  id: string;
  personId: string;
  quantity: number;
  stage: string;
  version: number;
  workDate: string;
}

/** 'LockDecidable' query type */
export interface ILockDecidableQuery {
  params: ILockDecidableParams;
  result: ILockDecidableResult;
}

const lockDecidableIR: any = {"usedParamSet":{"reach":true,"asker":true,"ids":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":391,"b":397}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":400,"b":406}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":439,"b":443}]}],"statement":"select\n  e.id as \"id!\",\n  e.version as \"version!\",\n  e.stage as \"stage!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"workDate!\",\n  e.quantity as \"quantity!\",\n  e.billed_quantity as \"billedQuantity!\",\n  (\n    select\n      d.by_id\n    from\n      last_decision (e.firm_id, e.id) d\n  ) as \"decidedBy?\"\nfrom\n  entry e\nwhere\n  e.id in (\n    select\n      r.id\n    from\n      entries_in_reach (:reach!, :asker!) r\n    where\n      r.id = any (:ids!)\n      and r.kind in ('time', 'absence')\n  )\norder by\n  e.id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.version as "version!",
 *   e.stage as "stage!",
 *   e.person_id as "personId!",
 *   e.work_date as "workDate!",
 *   e.quantity as "quantity!",
 *   e.billed_quantity as "billedQuantity!",
 *   (
 *     select
 *       d.by_id
 *     from
 *       last_decision (e.firm_id, e.id) d
 *   ) as "decidedBy?"
 * from
 *   entry e
 * where
 *   e.id in (
 *     select
 *       r.id
 *     from
 *       entries_in_reach (:reach!, :asker!) r
 *     where
 *       r.id = any (:ids!)
 *       and r.kind in ('time', 'absence')
 *   )
 * order by
 *   e.id
 * for update
 * ```
 */
export const lockDecidable = new PreparedQuery<ILockDecidableParams,ILockDecidableResult>(lockDecidableIR);


