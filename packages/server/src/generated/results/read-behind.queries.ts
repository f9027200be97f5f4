/** Types generated for queries found in "packages/server/src/results/read-behind.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'BehindEntries' parameters type */
export interface IBehindEntriesParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  figure: string;
  from: string;
  limit: number;
  offset: number;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'BehindEntries' return type */
export interface IBehindEntriesResult {
  id: string;
}

/** 'BehindEntries' query type */
export interface IBehindEntriesQuery {
  params: IBehindEntriesParams;
  result: IBehindEntriesResult;
}

const behindEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true,"figure":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":54}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":57,"b":63}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":164}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":170,"b":173}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":246,"b":250}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":257,"b":266}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":273,"b":281}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":288,"b":294}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":301,"b":306}]},{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":329,"b":336}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":435,"b":442}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":452,"b":458}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.kind in ('time', 'fee')\n  and e.project_id is not null\n  and e.work_date between :from! and :to!\n  and in_scope (\n    e.project_id,\n    e.task_id,\n    e.person_id,\n    :all!,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    :whose\n  )\n  and is_behind (:figure!, e.kind, e.billable, e.stage, e.billing_state)\norder by\n  e.work_date desc,\n  e.id desc\noffset\n  :offset!\nlimit\n  :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.kind in ('time', 'fee')
 *   and e.project_id is not null
 *   and e.work_date between :from! and :to!
 *   and in_scope (
 *     e.project_id,
 *     e.task_id,
 *     e.person_id,
 *     :all!,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     :whose
 *   )
 *   and is_behind (:figure!, e.kind, e.billable, e.stage, e.billing_state)
 * order by
 *   e.work_date desc,
 *   e.id desc
 * offset
 *   :offset!
 * limit
 *   :limit!
 * ```
 */
export const behindEntries = new PreparedQuery<IBehindEntriesParams,IBehindEntriesResult>(behindEntriesIR);


/** 'BehindSums' parameters type */
export interface IBehindSumsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  figure: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'BehindSums' return type */
export interface IBehindSumsResult {
  billedOwn: number;
  billedStandard: number;
  cost: number;
  count: number;
  currency: string | null;
  seconds: number;
  standardCost: number;
  uncosted: number;
  value: number;
}

/** 'BehindSums' query type */
export interface IBehindSumsQuery {
  params: IBehindSumsParams;
  result: IBehindSumsResult;
}

const behindSumsIR: any = {"usedParamSet":{"figure":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":870,"b":877}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":970,"b":976}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":979,"b":985}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":988,"b":993}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":996,"b":1001}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1004,"b":1007}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1140,"b":1144}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1147,"b":1156}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1159,"b":1167}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1170,"b":1176}]}],"statement":"select\n  nullif(s.currency, '') as \"currency?\",\n  coalesce(\n    sum(s.entries) filter (\n      where\n        s.listed\n    ),\n    0\n  )::bigint as \"count!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.listed\n        and s.kind = 'time'\n    ),\n    0\n  )::bigint as \"seconds!\",\n  sum(standard_value (s.kind, s.value_minor))::bigint as \"value!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  sum(s.uncosted_seconds)::bigint as \"uncosted!\",\n  coalesce(\n    sum(standard_value (s.kind, s.value_minor)) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedStandard!\",\n  coalesce(\n    sum(s.own_minor) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedOwn!\"\nfrom\n  (\n    select\n      w.*,\n      is_behind (:figure!, w.kind, w.billable, w.stage, w.billing_state) as listed\n    from\n      work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w\n    where\n      w.kind in ('time', 'fee')\n      and w.project_id <> no_id ()\n      and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\n  ) s\ngroup by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   nullif(s.currency, '') as "currency?",
 *   coalesce(
 *     sum(s.entries) filter (
 *       where
 *         s.listed
 *     ),
 *     0
 *   )::bigint as "count!",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.listed
 *         and s.kind = 'time'
 *     ),
 *     0
 *   )::bigint as "seconds!",
 *   sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   sum(s.uncosted_seconds)::bigint as "uncosted!",
 *   coalesce(
 *     sum(standard_value (s.kind, s.value_minor)) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedStandard!",
 *   coalesce(
 *     sum(s.own_minor) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedOwn!"
 * from
 *   (
 *     select
 *       w.*,
 *       is_behind (:figure!, w.kind, w.billable, w.stage, w.billing_state) as listed
 *     from
 *       work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w
 *     where
 *       w.kind in ('time', 'fee')
 *       and w.project_id <> no_id ()
 *       and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 *   ) s
 * group by
 *   1
 * ```
 */
export const behindSums = new PreparedQuery<IBehindSumsParams,IBehindSumsResult>(behindSumsIR);


/** 'BehindDocuments' parameters type */
export interface IBehindDocumentsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  limit: number;
  offset: number;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'BehindDocuments' return type */
export interface IBehindDocumentsResult {
  currency: string;
  id: string;
  issuedOn: string;
  minor: number;
  number: string;
}

/** 'BehindDocuments' query type */
export interface IBehindDocumentsQuery {
  params: IBehindDocumentsParams;
  result: IBehindDocumentsResult;
}

const behindDocumentsIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":189}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":192,"b":198}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":201,"b":206}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":214}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":217,"b":220}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":342,"b":346}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":349,"b":358}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":361,"b":369}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":372,"b":378}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":474,"b":481}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":491,"b":497}]}],"statement":"select\n  i.id as \"id!\",\n  i.number_text as \"number!\",\n  i.issued_on as \"issuedOn!\",\n  i.currency as \"currency!\",\n  sum(s.amount_minor)::bigint as \"minor!\"\nfrom\n  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\n  join invoice i on i.firm_id = s.firm_id\n  and i.id = s.invoice_id\nwhere\n  in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2,\n  3,\n  4\norder by\n  i.issued_on desc,\n  i.number_text desc\noffset\n  :offset!\nlimit\n  :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "id!",
 *   i.number_text as "number!",
 *   i.issued_on as "issuedOn!",
 *   i.currency as "currency!",
 *   sum(s.amount_minor)::bigint as "minor!"
 * from
 *   billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
 *   join invoice i on i.firm_id = s.firm_id
 *   and i.id = s.invoice_id
 * where
 *   in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   1,
 *   2,
 *   3,
 *   4
 * order by
 *   i.issued_on desc,
 *   i.number_text desc
 * offset
 *   :offset!
 * limit
 *   :limit!
 * ```
 */
export const behindDocuments = new PreparedQuery<IBehindDocumentsParams,IBehindDocumentsResult>(behindDocumentsIR);


/** 'BehindBilled' parameters type */
export interface IBehindBilledParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'BehindBilled' return type */
export interface IBehindBilledResult {
  billed: number;
  count: number;
  currency: string;
}

/** 'BehindBilled' query type */
export interface IBehindBilledQuery {
  params: IBehindBilledParams;
  result: IBehindBilledResult;
}

const behindBilledIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":162}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":165,"b":171}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":174,"b":179}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":187}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":193}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":247,"b":251}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":254,"b":263}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":266,"b":274}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":277,"b":283}]}],"statement":"select\n  s.currency as \"currency!\",\n  sum(s.amount_minor)::bigint as \"billed!\",\n  count(distinct s.invoice_id)::int as \"count!\"\nfrom\n  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1\norder by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.currency as "currency!",
 *   sum(s.amount_minor)::bigint as "billed!",
 *   count(distinct s.invoice_id)::int as "count!"
 * from
 *   billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
 * where
 *   in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   1
 * order by
 *   1
 * ```
 */
export const behindBilled = new PreparedQuery<IBehindBilledParams,IBehindBilledResult>(behindBilledIR);


