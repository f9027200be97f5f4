/** Types generated for queries found in "packages/server/src/costs/list-pay.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'PayInReach' parameters type */
export interface IPayInReachParams {
  asker: string;
  on: string;
  reach: string;
  recording: stringArray;
}

/** 'PayInReach' return type */
export interface IPayInReachResult {
  id: string;
  name: string;
  overhead: number | null;
  overheadKind: string | null;
  pay: number | null;
  payFrom: string | null;
  position: string | null;
  standard: number | null;
}

/** 'PayInReach' query type */
export interface IPayInReachQuery {
  params: IPayInReachParams;
  result: IPayInReachResult;
}

const payInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"on":true,"recording":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":231}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":234,"b":240}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":271,"b":274},{"a":475,"b":478},{"a":596,"b":599},{"a":717,"b":720},{"a":889,"b":892}]},{"name":"recording","required":true,"transform":{"type":"scalar"},"locs":[{"a":940,"b":950}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  po.name as \"position?\",\n  r.rate as \"pay?\",\n  r.valid_from as \"payFrom?\",\n  o.kind as \"overheadKind?\",\n  o.value as \"overhead?\",\n  sr.rate as \"standard?\"\nfrom\n  people_in_reach (:reach!, :asker!) p\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\n  left join standard_cost_rate sr on sr.firm_id = po.firm_id\n  and sr.position_id = po.position_id\n  and holds_on (sr.valid_from, sr.valid_to, :on!)\n  left join pay_rate r on r.firm_id = p.firm_id\n  and r.person_id = p.id\n  and holds_on (r.valid_from, r.valid_to, :on!)\n  left join overhead o on o.firm_id = p.firm_id\n  and o.person_id = p.id\n  and holds_on (o.valid_from, o.valid_to, :on!)\nwhere\n  -- Whose time costs something: who records and is there, and whoever has pay.\n  r.rate is not null\n  or (\n    (\n      p.left_on is null\n      or p.left_on >= :on!\n    )\n    and has_right (p.id, 'time.record', :recording!)\n  )\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   po.name as "position?",
 *   r.rate as "pay?",
 *   r.valid_from as "payFrom?",
 *   o.kind as "overheadKind?",
 *   o.value as "overhead?",
 *   sr.rate as "standard?"
 * from
 *   people_in_reach (:reach!, :asker!) p
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 *   left join standard_cost_rate sr on sr.firm_id = po.firm_id
 *   and sr.position_id = po.position_id
 *   and holds_on (sr.valid_from, sr.valid_to, :on!)
 *   left join pay_rate r on r.firm_id = p.firm_id
 *   and r.person_id = p.id
 *   and holds_on (r.valid_from, r.valid_to, :on!)
 *   left join overhead o on o.firm_id = p.firm_id
 *   and o.person_id = p.id
 *   and holds_on (o.valid_from, o.valid_to, :on!)
 * where
 *   -- Whose time costs something: who records and is there, and whoever has pay.
 *   r.rate is not null
 *   or (
 *     (
 *       p.left_on is null
 *       or p.left_on >= :on!
 *     )
 *     and has_right (p.id, 'time.record', :recording!)
 *   )
 * order by
 *   p.name
 * ```
 */
export const payInReach = new PreparedQuery<IPayInReachParams,IPayInReachResult>(payInReachIR);


