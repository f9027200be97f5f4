/** Types generated for queries found in "packages/server/src/costs/list-pay.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'PayInReach' parameters type */
export interface IPayInReachParams {
  asker: string;
  on: string;
  reach: string;
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

const payInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"on":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":231}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":234,"b":240}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":351,"b":354},{"a":410,"b":413},{"a":621,"b":624},{"a":680,"b":683},{"a":784,"b":787},{"a":841,"b":844},{"a":945,"b":948},{"a":1002,"b":1005}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  po.name as \"position?\",\n  r.rate as \"pay?\",\n  r.valid_from as \"payFrom?\",\n  o.kind as \"overheadKind?\",\n  o.value as \"overhead?\",\n  sr.rate as \"standard?\"\nfrom\n  people_in_reach (:reach!, :asker!) p\n  left join person_position pp on pp.firm_id = p.firm_id\n  and pp.person_id = p.id\n  and pp.valid_from <= :on!\n  and (\n    pp.valid_to is null\n    or pp.valid_to >= :on!\n  )\n  left join position po on po.firm_id = pp.firm_id\n  and po.id = pp.position_id\n  left join standard_cost_rate sr on sr.firm_id = pp.firm_id\n  and sr.position_id = pp.position_id\n  and sr.valid_from <= :on!\n  and (\n    sr.valid_to is null\n    or sr.valid_to >= :on!\n  )\n  left join pay_rate r on r.firm_id = p.firm_id\n  and r.person_id = p.id\n  and r.valid_from <= :on!\n  and (\n    r.valid_to is null\n    or r.valid_to >= :on!\n  )\n  left join overhead o on o.firm_id = p.firm_id\n  and o.person_id = p.id\n  and o.valid_from <= :on!\n  and (\n    o.valid_to is null\n    or o.valid_to >= :on!\n  )\norder by\n  p.name"};

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
 *   left join person_position pp on pp.firm_id = p.firm_id
 *   and pp.person_id = p.id
 *   and pp.valid_from <= :on!
 *   and (
 *     pp.valid_to is null
 *     or pp.valid_to >= :on!
 *   )
 *   left join position po on po.firm_id = pp.firm_id
 *   and po.id = pp.position_id
 *   left join standard_cost_rate sr on sr.firm_id = pp.firm_id
 *   and sr.position_id = pp.position_id
 *   and sr.valid_from <= :on!
 *   and (
 *     sr.valid_to is null
 *     or sr.valid_to >= :on!
 *   )
 *   left join pay_rate r on r.firm_id = p.firm_id
 *   and r.person_id = p.id
 *   and r.valid_from <= :on!
 *   and (
 *     r.valid_to is null
 *     or r.valid_to >= :on!
 *   )
 *   left join overhead o on o.firm_id = p.firm_id
 *   and o.person_id = p.id
 *   and o.valid_from <= :on!
 *   and (
 *     o.valid_to is null
 *     or o.valid_to >= :on!
 *   )
 * order by
 *   p.name
 * ```
 */
export const payInReach = new PreparedQuery<IPayInReachParams,IPayInReachResult>(payInReachIR);


