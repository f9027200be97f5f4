/** Types generated for queries found in "packages/server/src/results/read-overview.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'StageSums' parameters type */
export interface IStageSumsParams {
  asker: string;
  reach: string;
}

/** 'StageSums' return type */
export interface IStageSumsResult {
  billingState: string;
  projectId: string | null;
  seconds: number;
  stage: string;
  taskId: string | null;
}

/** 'StageSums' query type */
export interface IStageSumsQuery {
  params: IStageSumsParams;
  result: IStageSumsResult;
}

const stageSumsIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":219,"b":225}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":228,"b":234}]}],"statement":"select\n  nullif(project_id, no_id ()) as \"projectId?\",\n  nullif(task_id, no_id ()) as \"taskId?\",\n  stage as \"stage!\",\n  billing_state as \"billingState!\",\n  sum(quantity)::bigint as \"seconds!\"\nfrom\n  work_sums_in_reach (:reach!, :asker!, null)\nwhere\n  month = no_month ()\n  and kind = 'time'\ngroup by\n  1,\n  2,\n  3,\n  4\nhaving\n  sum(quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   nullif(project_id, no_id ()) as "projectId?",
 *   nullif(task_id, no_id ()) as "taskId?",
 *   stage as "stage!",
 *   billing_state as "billingState!",
 *   sum(quantity)::bigint as "seconds!"
 * from
 *   work_sums_in_reach (:reach!, :asker!, null)
 * where
 *   month = no_month ()
 *   and kind = 'time'
 * group by
 *   1,
 *   2,
 *   3,
 *   4
 * having
 *   sum(quantity) <> 0
 * ```
 */
export const stageSums = new PreparedQuery<IStageSumsParams,IStageSumsResult>(stageSumsIR);


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
  open: number;
  recorded: number;
}

/** 'OwnPeriod' query type */
export interface IOwnPeriodQuery {
  params: IOwnPeriodParams;
  result: IOwnPeriodResult;
}

const ownPeriodIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":259}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":285,"b":290}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":296,"b":299}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":313,"b":317}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":344,"b":353}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":372,"b":380}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":404,"b":410}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":429,"b":434},{"a":469,"b":474}]}],"statement":"select\n  coalesce(\n    sum(quantity) filter (\n      where\n        kind = 'time'\n    ),\n    0\n  ) as \"recorded!\",\n  coalesce(\n    sum(quantity) filter (\n      where\n        stage = 'recorded'\n    ),\n    0\n  ) as \"open!\"\nfrom\n  entry\nwhere\n  person_id = :person!\n  and work_date between :from! and :to!\n  and (\n    :all!\n    or project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or person_id = :whose\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(
 *     sum(quantity) filter (
 *       where
 *         kind = 'time'
 *     ),
 *     0
 *   ) as "recorded!",
 *   coalesce(
 *     sum(quantity) filter (
 *       where
 *         stage = 'recorded'
 *     ),
 *     0
 *   ) as "open!"
 * from
 *   entry
 * where
 *   person_id = :person!
 *   and work_date between :from! and :to!
 *   and (
 *     :all!
 *     or project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or person_id = :whose
 *   )
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

const openRecordedIR: any = {"usedParamSet":{"reach":true,"asker":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":78}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":81,"b":87}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":159}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":177}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":204,"b":213}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":232,"b":240}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":264,"b":270}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":289,"b":294},{"a":329,"b":334}]}],"statement":"select\n  coalesce(sum(quantity), 0) as \"open!\"\nfrom\n  entries_in_reach (:reach!, :asker!)\nwhere\n  stage = 'recorded'\n  and kind = 'time'\n  and work_date <= :to!\n  and (\n    :all!\n    or project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or person_id = :whose\n  )"};

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
 *   and (
 *     :all!
 *     or project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or person_id = :whose
 *   )
 * ```
 */
export const openRecorded = new PreparedQuery<IOpenRecordedParams,IOpenRecordedResult>(openRecordedIR);


/** 'ReturnedOwn' parameters type */
export interface IReturnedOwnParams {
  person: string;
}

/** 'ReturnedOwn' return type */
export interface IReturnedOwnResult {
  count: number;
  oldest: string | null;
}

/** 'ReturnedOwn' query type */
export interface IReturnedOwnQuery {
  params: IReturnedOwnParams;
  result: IReturnedOwnResult;
}

const returnedOwnIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":107}]}],"statement":"select\n  count(*) as \"count!\",\n  min(e.work_date) as \"oldest?\"\nfrom\n  entry e\nwhere\n  e.person_id = :person!\n  and e.stage = 'recorded'\n  and (\n    select\n      d.outcome\n    from\n      decision d\n    where\n      d.firm_id = e.firm_id\n      and d.entry_id = e.id\n    order by\n      d.at desc\n    limit\n      1\n  ) in ('return', 'reopen')"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) as "count!",
 *   min(e.work_date) as "oldest?"
 * from
 *   entry e
 * where
 *   e.person_id = :person!
 *   and e.stage = 'recorded'
 *   and (
 *     select
 *       d.outcome
 *     from
 *       decision d
 *     where
 *       d.firm_id = e.firm_id
 *       and d.entry_id = e.id
 *     order by
 *       d.at desc
 *     limit
 *       1
 *   ) in ('return', 'reopen')
 * ```
 */
export const returnedOwn = new PreparedQuery<IReturnedOwnParams,IReturnedOwnResult>(returnedOwnIR);


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

const submittedInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":156}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":165},{"a":235,"b":241}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":255,"b":259}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":286,"b":295}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":314,"b":322}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":346,"b":352}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":371,"b":376},{"a":411,"b":416}]}],"statement":"select\n  coalesce(sum(quantity), 0) as \"submitted!\",\n  count(distinct person_id) as \"people!\",\n  min(work_date) as \"oldest?\"\nfrom\n  entries_in_reach (:reach!, :asker!)\nwhere\n  stage = 'submitted'\n  and kind = 'time'\n  and person_id <> :asker!\n  and (\n    :all!\n    or project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or person_id = :whose\n  )"};

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
 *   and (
 *     :all!
 *     or project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or person_id = :whose
 *   )
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
  currency: string;
  minor: number | null;
  oldest: string | null;
  unpriced: number;
}

/** 'ReadyToBill' query type */
export interface IReadyToBillQuery {
  params: IReadyToBillParams;
  result: IReadyToBillResult;
}

const readyToBillIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":348,"b":354}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":357,"b":363}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":470,"b":475}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":489,"b":493}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":520,"b":529}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":548,"b":556}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":580,"b":586}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":605,"b":610},{"a":645,"b":650}]}],"statement":"select\n  value_currency as \"currency!\",\n  sum(value_minor) filter (\n    where\n      rate is not null\n      and hold_reason is null\n  ) as \"minor?\",\n  min(work_date) filter (\n    where\n      rate is not null\n      and hold_reason is null\n  ) as \"oldest?\",\n  count(*) filter (\n    where\n      rate is null\n  ) as \"unpriced!\"\nfrom\n  entries_in_reach (:reach!, :asker!)\nwhere\n  stage = 'approved'\n  and billing_state = 'to bill'\n  and billed_quantity = 0\n  and work_date <= :upTo!\n  and (\n    :all!\n    or project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or person_id = :whose\n  )\ngroup by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   value_currency as "currency!",
 *   sum(value_minor) filter (
 *     where
 *       rate is not null
 *       and hold_reason is null
 *   ) as "minor?",
 *   min(work_date) filter (
 *     where
 *       rate is not null
 *       and hold_reason is null
 *   ) as "oldest?",
 *   count(*) filter (
 *     where
 *       rate is null
 *   ) as "unpriced!"
 * from
 *   entries_in_reach (:reach!, :asker!)
 * where
 *   stage = 'approved'
 *   and billing_state = 'to bill'
 *   and billed_quantity = 0
 *   and work_date <= :upTo!
 *   and (
 *     :all!
 *     or project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or person_id = :whose
 *   )
 * group by
 *   1
 * ```
 */
export const readyToBill = new PreparedQuery<IReadyToBillParams,IReadyToBillResult>(readyToBillIR);


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

const openInvoicesIR: any = {"usedParamSet":{"today":true,"reach":true,"asker":true,"all":true,"projects":true,"whose":true},"params":[{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":181,"b":187}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":337,"b":343}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":608,"b":614}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":638,"b":642}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":823,"b":832}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":857,"b":862},{"a":1131,"b":1136}]}],"statement":"select\n  i.currency as \"currency!\",\n  sum(i.gross_minor - i.settled_minor) as \"minor!\",\n  coalesce(\n    sum(i.gross_minor - i.settled_minor) filter (\n      where\n        i.due_on < :today!\n    ),\n    0\n  ) as \"late!\"\nfrom\n  invoice i\nwhere\n  i.status = 'issued'\n  and i.kind = 'invoice'\n  and i.settled_minor < i.gross_minor\n  and (\n    :reach! = 'firm'\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n        join project p on p.firm_id = l.firm_id\n        and p.id = l.project_id\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and p.manager_id = :asker!\n    )\n  )\n  and (\n    :all!\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and l.project_id = any (:projects!)\n    )\n  )\n  and (\n    :whose::uuid is null\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n        join line_share s on s.firm_id = l.firm_id\n        and s.line_id = l.id\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and s.person_id = :whose\n    )\n  )\ngroup by\n  1\norder by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.currency as "currency!",
 *   sum(i.gross_minor - i.settled_minor) as "minor!",
 *   coalesce(
 *     sum(i.gross_minor - i.settled_minor) filter (
 *       where
 *         i.due_on < :today!
 *     ),
 *     0
 *   ) as "late!"
 * from
 *   invoice i
 * where
 *   i.status = 'issued'
 *   and i.kind = 'invoice'
 *   and i.settled_minor < i.gross_minor
 *   and (
 *     :reach! = 'firm'
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *         join project p on p.firm_id = l.firm_id
 *         and p.id = l.project_id
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and p.manager_id = :asker!
 *     )
 *   )
 *   and (
 *     :all!
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and l.project_id = any (:projects!)
 *     )
 *   )
 *   and (
 *     :whose::uuid is null
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *         join line_share s on s.firm_id = l.firm_id
 *         and s.line_id = l.id
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and s.person_id = :whose
 *     )
 *   )
 * group by
 *   1
 * order by
 *   1
 * ```
 */
export const openInvoices = new PreparedQuery<IOpenInvoicesParams,IOpenInvoicesResult>(openInvoicesIR);


