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

const behindEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true,"figure":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":54}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":57,"b":63}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":154}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":160,"b":163}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":177,"b":181}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":210,"b":219}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":238,"b":246}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":272,"b":278}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":297,"b":302},{"a":339,"b":344}]},{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":370,"b":377},{"a":444,"b":451},{"a":565,"b":572}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":695,"b":702}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":712,"b":718}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.kind = 'time'\n  and e.project_id is not null\n  and e.work_date between :from! and :to!\n  and (\n    :all!\n    or e.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or e.task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or e.person_id = :whose\n  )\n  and case\n    when :figure! in ('billable-hours', 'standard-value') then e.billable\n    when :figure! = 'unbilled' then e.billing_state = 'to bill'\n    and e.stage in ('recorded', 'submitted', 'approved')\n    when :figure! = 'realisation' then e.stage in ('billed', 'paid')\n    else true\n  end\norder by\n  e.work_date desc,\n  e.id desc\noffset\n  :offset!\nlimit\n  :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.kind = 'time'
 *   and e.project_id is not null
 *   and e.work_date between :from! and :to!
 *   and (
 *     :all!
 *     or e.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or e.task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or e.person_id = :whose
 *   )
 *   and case
 *     when :figure! in ('billable-hours', 'standard-value') then e.billable
 *     when :figure! = 'unbilled' then e.billing_state = 'to bill'
 *     and e.stage in ('recorded', 'submitted', 'approved')
 *     when :figure! = 'realisation' then e.stage in ('billed', 'paid')
 *     else true
 *   end
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
  unbilled: number;
  value: number;
}

/** 'BehindSums' query type */
export interface IBehindSumsQuery {
  params: IBehindSumsParams;
  result: IBehindSumsResult;
}

const behindSumsIR: any = {"usedParamSet":{"figure":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":870,"b":877},{"a":948,"b":955},{"a":1077,"b":1084}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1209,"b":1215}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1218,"b":1224}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1227,"b":1232}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1235,"b":1240}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1243,"b":1246}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1338,"b":1342}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1375,"b":1384}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1415,"b":1423}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1453,"b":1459}]}],"statement":"select\n  nullif(s.currency, '') as \"currency?\",\n  coalesce(\n    sum(s.entries) filter (\n      where\n        s.listed\n    ),\n    0\n  )::bigint as \"count!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.listed\n    ),\n    0\n  )::bigint as \"seconds!\",\n  sum(s.value_minor)::bigint as \"value!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        s.billing_state = 'to bill'\n        and s.stage in ('recorded', 'submitted', 'approved')\n    ),\n    0\n  )::bigint as \"unbilled!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        s.stage in ('billed', 'paid')\n    ),\n    0\n  )::bigint as \"billedStandard!\",\n  coalesce(\n    sum(s.own_minor) filter (\n      where\n        s.stage in ('billed', 'paid')\n    ),\n    0\n  )::bigint as \"billedOwn!\"\nfrom\n  (\n    select\n      w.*,\n      case\n        when :figure! in ('billable-hours', 'standard-value') then w.billable\n        when :figure! = 'unbilled' then w.billing_state = 'to bill'\n        and w.stage in ('recorded', 'submitted', 'approved')\n        when :figure! = 'realisation' then w.stage in ('billed', 'paid')\n        else true\n      end as listed\n    from\n      work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w\n    where\n      w.kind = 'time'\n      and w.project_id <> no_id ()\n      and (\n        :all!\n        or w.project_id = any (:projects!)\n      )\n      and (\n        :anyTask!\n        or w.task_id = any (:tasks!)\n      )\n  ) s\ngroup by\n  1"};

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
 *     ),
 *     0
 *   )::bigint as "seconds!",
 *   sum(s.value_minor)::bigint as "value!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         s.billing_state = 'to bill'
 *         and s.stage in ('recorded', 'submitted', 'approved')
 *     ),
 *     0
 *   )::bigint as "unbilled!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         s.stage in ('billed', 'paid')
 *     ),
 *     0
 *   )::bigint as "billedStandard!",
 *   coalesce(
 *     sum(s.own_minor) filter (
 *       where
 *         s.stage in ('billed', 'paid')
 *     ),
 *     0
 *   )::bigint as "billedOwn!"
 * from
 *   (
 *     select
 *       w.*,
 *       case
 *         when :figure! in ('billable-hours', 'standard-value') then w.billable
 *         when :figure! = 'unbilled' then w.billing_state = 'to bill'
 *         and w.stage in ('recorded', 'submitted', 'approved')
 *         when :figure! = 'realisation' then w.stage in ('billed', 'paid')
 *         else true
 *       end as listed
 *     from
 *       work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w
 *     where
 *       w.kind = 'time'
 *       and w.project_id <> no_id ()
 *       and (
 *         :all!
 *         or w.project_id = any (:projects!)
 *       )
 *       and (
 *         :anyTask!
 *         or w.task_id = any (:tasks!)
 *       )
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

const behindDocumentsIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":189}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":192,"b":198}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":201,"b":206}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":214}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":217,"b":220}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":307,"b":311}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":340,"b":349}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":368,"b":376}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":402,"b":408}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":502,"b":509}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":519,"b":525}]}],"statement":"select\n  i.id as \"id!\",\n  i.number_text as \"number!\",\n  i.issued_on as \"issuedOn!\",\n  i.currency as \"currency!\",\n  sum(s.amount_minor)::bigint as \"minor!\"\nfrom\n  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\n  join invoice i on i.firm_id = s.firm_id\n  and i.id = s.invoice_id\nwhere\n  (\n    :all!\n    or s.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or s.task_id = any (:tasks!)\n  )\ngroup by\n  1,\n  2,\n  3,\n  4\norder by\n  i.issued_on desc,\n  i.number_text desc\noffset\n  :offset!\nlimit\n  :limit!"};

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
 *   (
 *     :all!
 *     or s.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or s.task_id = any (:tasks!)
 *   )
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

const behindBilledIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":162}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":165,"b":171}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":174,"b":179}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":187}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":193}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":212,"b":216}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":245,"b":254}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":273,"b":281}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":307,"b":313}]}],"statement":"select\n  s.currency as \"currency!\",\n  sum(s.amount_minor)::bigint as \"billed!\",\n  count(distinct s.invoice_id)::int as \"count!\"\nfrom\n  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  (\n    :all!\n    or s.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or s.task_id = any (:tasks!)\n  )\ngroup by\n  1\norder by\n  1"};

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
 *   (
 *     :all!
 *     or s.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or s.task_id = any (:tasks!)
 *   )
 * group by
 *   1
 * order by
 *   1
 * ```
 */
export const behindBilled = new PreparedQuery<IBehindBilledParams,IBehindBilledResult>(behindBilledIR);


