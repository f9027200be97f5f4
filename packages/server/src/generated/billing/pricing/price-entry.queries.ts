/** Types generated for queries found in "packages/server/src/billing/pricing/price-entry.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'LockToPrice' parameters type */
export interface ILockToPriceParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'LockToPrice' return type */
export interface ILockToPriceResult {
  billable: boolean;
  billableQuantity: number;
  billedQuantity: number;
  id: string;
  personId: string;
  problems: stringArray;
  projectId: string | null;
  quantity: number;
  rate: number | null;
  rateReason: string;
  rateSource: string | null;
  serviceId: string | null;
  stage: string;
  taskId: string | null;
  valueMinor: number | null;
  version: number;
  workDate: string;
}

/** 'LockToPrice' query type */
export interface ILockToPriceQuery {
  params: ILockToPriceParams;
  result: ILockToPriceResult;
}

const lockToPriceIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":546,"b":552}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":555,"b":561}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":639,"b":642}]}],"statement":"select\n  e.id as \"id!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"workDate!\",\n  e.project_id as \"projectId?\",\n  e.task_id as \"taskId?\",\n  e.service_id as \"serviceId?\",\n  e.quantity as \"quantity!\",\n  e.billable as \"billable!\",\n  e.rate as \"rate?\",\n  e.rate_source as \"rateSource?\",\n  e.rate_reason as \"rateReason!\",\n  e.value_minor as \"valueMinor?\",\n  e.billed_quantity as \"billedQuantity!\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.stage as \"stage!\",\n  e.problems as \"problems!\",\n  e.version as \"version!\"\nfrom\n  entries_in_reach (:reach!, :asker!) r\n  join entry e on e.firm_id = r.firm_id\n  and e.id = r.id\nwhere\n  r.id = :id!\nfor update of\n  e"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.person_id as "personId!",
 *   e.work_date as "workDate!",
 *   e.project_id as "projectId?",
 *   e.task_id as "taskId?",
 *   e.service_id as "serviceId?",
 *   e.quantity as "quantity!",
 *   e.billable as "billable!",
 *   e.rate as "rate?",
 *   e.rate_source as "rateSource?",
 *   e.rate_reason as "rateReason!",
 *   e.value_minor as "valueMinor?",
 *   e.billed_quantity as "billedQuantity!",
 *   e.billable_quantity as "billableQuantity!",
 *   e.stage as "stage!",
 *   e.problems as "problems!",
 *   e.version as "version!"
 * from
 *   entries_in_reach (:reach!, :asker!) r
 *   join entry e on e.firm_id = r.firm_id
 *   and e.id = r.id
 * where
 *   r.id = :id!
 * for update of
 *   e
 * ```
 */
export const lockToPrice = new PreparedQuery<ILockToPriceParams,ILockToPriceResult>(lockToPriceIR);


/** 'SetTypedRate' parameters type */
export interface ISetTypedRateParams {
  id: string;
  ownRate?: number | null | void;
  ownValue?: number | null | void;
  problems: stringArray;
  rate?: number | null | void;
  reason: string;
  rule?: string | null | void;
  source?: string | null | void;
  value?: number | null | void;
}

/** 'SetTypedRate' return type */
export type ISetTypedRateResult = void;

/** 'SetTypedRate' query type */
export interface ISetTypedRateQuery {
  params: ISetTypedRateParams;
  result: ISetTypedRateResult;
}

const setTypedRateIR: any = {"usedParamSet":{"rate":true,"source":true,"rule":true,"reason":true,"value":true,"ownRate":true,"ownValue":true,"problems":true,"id":true},"params":[{"name":"rate","required":false,"transform":{"type":"scalar"},"locs":[{"a":26,"b":30}]},{"name":"source","required":false,"transform":{"type":"scalar"},"locs":[{"a":49,"b":55}]},{"name":"rule","required":false,"transform":{"type":"scalar"},"locs":[{"a":75,"b":79}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":98,"b":105}]},{"name":"value","required":false,"transform":{"type":"scalar"},"locs":[{"a":124,"b":129}]},{"name":"ownRate","required":false,"transform":{"type":"scalar"},"locs":[{"a":145,"b":152}]},{"name":"ownValue","required":false,"transform":{"type":"scalar"},"locs":[{"a":175,"b":183}]},{"name":"problems","required":true,"transform":{"type":"scalar"},"locs":[{"a":199,"b":208},{"a":241,"b":250}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":299,"b":302}]}],"statement":"update entry\nset\n  rate = :rate,\n  rate_source = :source,\n  rate_rule_id = :rule,\n  rate_reason = :reason!,\n  value_minor = :value,\n  own_rate = :ownRate,\n  own_value_minor = :ownValue,\n  problems = :problems!,\n  problem_count = cardinality(:problems!::text[]),\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   rate = :rate,
 *   rate_source = :source,
 *   rate_rule_id = :rule,
 *   rate_reason = :reason!,
 *   value_minor = :value,
 *   own_rate = :ownRate,
 *   own_value_minor = :ownValue,
 *   problems = :problems!,
 *   problem_count = cardinality(:problems!::text[]),
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setTypedRate = new PreparedQuery<ISetTypedRateParams,ISetTypedRateResult>(setTypedRateIR);


