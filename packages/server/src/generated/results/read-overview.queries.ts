/** Types generated for queries found in "packages/server/src/results/read-overview.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'OwnPeriod' parameters type */
export interface IOwnPeriodParams {
  all: boolean;
  anyTask: boolean;
  from: string;
  person: string;
  projects: stringArray;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'OwnPeriod' return type */
export interface IOwnPeriodResult {
  recorded: number;
  returned: number;
  returnedOn: string | null;
}

/** 'OwnPeriod' query type */
export interface IOwnPeriodQuery {
  params: IOwnPeriodParams;
  result: IOwnPeriodResult;
}

const ownPeriodIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":111},{"a":485,"b":492}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":165,"b":170}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":176,"b":179}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":233,"b":237}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":240,"b":249}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":260}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":263,"b":269}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":272,"b":277}]}],"statement":"select\n  (\n    select\n      coalesce(sum(quantity), 0)\n    from\n      entry\n    where\n      person_id = :person!\n      and kind = 'time'\n      and work_date between :from! and :to!\n      and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)\n  ) as \"recorded!\",\n  r.count as \"returned!\",\n  r.oldest as \"returnedOn?\"\nfrom\n  (\n    select\n      count(*) as count,\n      min(e.work_date) as oldest\n    from\n      entry e\n    where\n      e.person_id = :person!\n      and e.stage = 'recorded'\n      and (\n        select\n          d.outcome\n        from\n          last_decision (e.firm_id, e.id) d\n      ) in ('return', 'reopen')\n  ) r"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (
 *     select
 *       coalesce(sum(quantity), 0)
 *     from
 *       entry
 *     where
 *       person_id = :person!
 *       and kind = 'time'
 *       and work_date between :from! and :to!
 *       and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)
 *   ) as "recorded!",
 *   r.count as "returned!",
 *   r.oldest as "returnedOn?"
 * from
 *   (
 *     select
 *       count(*) as count,
 *       min(e.work_date) as oldest
 *     from
 *       entry e
 *     where
 *       e.person_id = :person!
 *       and e.stage = 'recorded'
 *       and (
 *         select
 *           d.outcome
 *         from
 *           last_decision (e.firm_id, e.id) d
 *       ) in ('return', 'reopen')
 *   ) r
 * ```
 */
export const ownPeriod = new PreparedQuery<IOwnPeriodParams,IOwnPeriodResult>(ownPeriodIR);


/** 'OpenRecorded' parameters type */
export interface IOpenRecordedParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'OpenRecorded' return type */
export interface IOpenRecordedResult {
  open: number;
}

/** 'OpenRecorded' query type */
export interface IOpenRecordedQuery {
  params: IOpenRecordedParams;
  result: IOpenRecordedResult;
}

const openRecordedIR: any = {"usedParamSet":{"reach":true,"asker":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":78}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":81,"b":87}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":159}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":213}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":216,"b":225}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":228,"b":236}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":239,"b":245}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":248,"b":253}]}],"statement":"select\n  coalesce(sum(quantity), 0) as \"open!\"\nfrom\n  entries_in_reach (:reach!, :asker!)\nwhere\n  stage = 'recorded'\n  and kind = 'time'\n  and work_date <= :to!\n  and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(sum(quantity), 0) as "open!"
 * from
 *   entries_in_reach (:reach!, :asker!)
 * where
 *   stage = 'recorded'
 *   and kind = 'time'
 *   and work_date <= :to!
 *   and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)
 * ```
 */
export const openRecorded = new PreparedQuery<IOpenRecordedParams,IOpenRecordedResult>(openRecordedIR);


/** 'SubmittedInReach' parameters type */
export interface ISubmittedInReachParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'SubmittedInReach' return type */
export interface ISubmittedInReachResult {
  oldest: string | null;
  people: number;
  submitted: number;
}

/** 'SubmittedInReach' query type */
export interface ISubmittedInReachQuery {
  params: ISubmittedInReachParams;
  result: ISubmittedInReachResult;
}

const submittedInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":156}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":165},{"a":235,"b":241}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":291,"b":295}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":298,"b":307}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":310,"b":318}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":321,"b":327}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":330,"b":335}]}],"statement":"select\n  coalesce(sum(quantity), 0) as \"submitted!\",\n  count(distinct person_id) as \"people!\",\n  min(work_date) as \"oldest?\"\nfrom\n  entries_in_reach (:reach!, :asker!)\nwhere\n  stage = 'submitted'\n  and kind = 'time'\n  and person_id <> :asker!\n  and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(sum(quantity), 0) as "submitted!",
 *   count(distinct person_id) as "people!",
 *   min(work_date) as "oldest?"
 * from
 *   entries_in_reach (:reach!, :asker!)
 * where
 *   stage = 'submitted'
 *   and kind = 'time'
 *   and person_id <> :asker!
 *   and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)
 * ```
 */
export const submittedInReach = new PreparedQuery<ISubmittedInReachParams,ISubmittedInReachResult>(submittedInReachIR);


/** 'OwnReviewState' parameters type */
export interface IOwnReviewStateParams {
  from: string;
  person: string;
}

/** 'OwnReviewState' return type */
export interface IOwnReviewStateResult {
  approved: boolean | null;
  state: string;
}

/** 'OwnReviewState' query type */
export interface IOwnReviewStateQuery {
  params: IOwnReviewStateParams;
  result: IOwnReviewStateResult;
}

const ownReviewStateIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":319,"b":326}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":350,"b":355}]}],"statement":"select\n  t.state as \"state!\",\n  (\n    select\n      bool_and(e.stage not in ('recorded', 'submitted'))\n    from\n      entry e\n    where\n      e.firm_id = t.firm_id\n      and e.person_id = t.person_id\n      and e.work_date between t.period_from and t.period_to\n  ) as \"approved?\"\nfrom\n  timesheet t\nwhere\n  t.person_id = :person!\n  and t.period_from = :from!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.state as "state!",
 *   (
 *     select
 *       bool_and(e.stage not in ('recorded', 'submitted'))
 *     from
 *       entry e
 *     where
 *       e.firm_id = t.firm_id
 *       and e.person_id = t.person_id
 *       and e.work_date between t.period_from and t.period_to
 *   ) as "approved?"
 * from
 *   timesheet t
 * where
 *   t.person_id = :person!
 *   and t.period_from = :from!
 * ```
 */
export const ownReviewState = new PreparedQuery<IOwnReviewStateParams,IOwnReviewStateResult>(ownReviewStateIR);


/** 'ReadyToBill' parameters type */
export interface IReadyToBillParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
  whose?: string | null | void;
}

/** 'ReadyToBill' return type */
export interface IReadyToBillResult {
  currency: string | null;
  oldest: string | null;
  over: number;
  ready: number;
  unpriced: number;
}

/** 'ReadyToBill' query type */
export interface IReadyToBillQuery {
  params: IReadyToBillParams;
  result: IReadyToBillResult;
}

const readyToBillIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":294,"b":299},{"a":302,"b":307}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":310,"b":316}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":319,"b":325}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":403,"b":407}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":414,"b":423}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":430,"b":438}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":445,"b":451}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":458,"b":463}]}],"statement":"select\n  b.currency as \"currency?\",\n  sum(b.ready_minor)::bigint as \"ready!\",\n  sum(b.over_minor)::bigint as \"over!\",\n  min(b.work_date) filter (\n    where\n      b.ready_minor > 0\n  ) as \"oldest?\",\n  count(*) filter (\n    where\n      b.unpriced\n  )::int as \"unpriced!\"\nfrom\n  to_bill_in_reach (:upTo!, :upTo!, :reach!, :asker!) b\nwhere\n  in_scope (\n    b.project_id,\n    b.task_id,\n    b.person_id,\n    :all!,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    :whose\n  )\ngroup by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   b.currency as "currency?",
 *   sum(b.ready_minor)::bigint as "ready!",
 *   sum(b.over_minor)::bigint as "over!",
 *   min(b.work_date) filter (
 *     where
 *       b.ready_minor > 0
 *   ) as "oldest?",
 *   count(*) filter (
 *     where
 *       b.unpriced
 *   )::int as "unpriced!"
 * from
 *   to_bill_in_reach (:upTo!, :upTo!, :reach!, :asker!) b
 * where
 *   in_scope (
 *     b.project_id,
 *     b.task_id,
 *     b.person_id,
 *     :all!,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     :whose
 *   )
 * group by
 *   1
 * ```
 */
export const readyToBill = new PreparedQuery<IReadyToBillParams,IReadyToBillResult>(readyToBillIR);


/** 'WaitingOverLimit' parameters type */
export interface IWaitingOverLimitParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
}

/** 'WaitingOverLimit' return type */
export interface IWaitingOverLimitResult {
  currency: string;
  waiting: number;
}

/** 'WaitingOverLimit' query type */
export interface IWaitingOverLimitQuery {
  params: IWaitingOverLimitParams;
  result: IWaitingOverLimitResult;
}

const waitingOverLimitIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":140,"b":146}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":155}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":251,"b":255}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":284,"b":293}]}],"statement":"select\n  w.currency as \"currency!\",\n  sum(w.waiting_minor)::bigint as \"waiting!\"\nfrom\n  over_limit_waiting () w\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id\n  and p.id = w.project_id\nwhere\n  w.waiting_minor > 0\n  and (\n    :all!\n    or w.project_id = any (:projects!)\n  )\ngroup by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.currency as "currency!",
 *   sum(w.waiting_minor)::bigint as "waiting!"
 * from
 *   over_limit_waiting () w
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
 *   and p.id = w.project_id
 * where
 *   w.waiting_minor > 0
 *   and (
 *     :all!
 *     or w.project_id = any (:projects!)
 *   )
 * group by
 *   1
 * ```
 */
export const waitingOverLimit = new PreparedQuery<IWaitingOverLimitParams,IWaitingOverLimitResult>(waitingOverLimitIR);


/** 'OpenInvoices' parameters type */
export interface IOpenInvoicesParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  today: string;
  whose?: string | null | void;
}

/** 'OpenInvoices' return type */
export interface IOpenInvoicesResult {
  currency: string;
  late: number;
  minor: number;
}

/** 'OpenInvoices' query type */
export interface IOpenInvoicesQuery {
  params: IOpenInvoicesParams;
  result: IOpenInvoicesResult;
}

const openInvoicesIR: any = {"usedParamSet":{"today":true,"reach":true,"asker":true,"all":true,"projects":true,"whose":true},"params":[{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":189,"b":195}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":259,"b":265}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":268,"b":274}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":387,"b":391}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":394,"b":403}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":406,"b":411}]}],"statement":"select\n  i.currency as \"currency!\",\n  sum(i.gross_minor - i.settled_minor)::bigint as \"minor!\",\n  coalesce(\n    sum(i.gross_minor - i.settled_minor) filter (\n      where\n        i.due_on < :today!\n    ),\n    0\n  )::bigint as \"late!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\nwhere\n  is_open (i.status, i.kind, i.settled_minor, i.gross_minor)\n  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)\ngroup by\n  1\norder by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.currency as "currency!",
 *   sum(i.gross_minor - i.settled_minor)::bigint as "minor!",
 *   coalesce(
 *     sum(i.gross_minor - i.settled_minor) filter (
 *       where
 *         i.due_on < :today!
 *     ),
 *     0
 *   )::bigint as "late!"
 * from
 *   invoices_in_reach (:reach!, :asker!) i
 * where
 *   is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
 *   and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)
 * group by
 *   1
 * order by
 *   1
 * ```
 */
export const openInvoices = new PreparedQuery<IOpenInvoicesParams,IOpenInvoicesResult>(openInvoicesIR);


