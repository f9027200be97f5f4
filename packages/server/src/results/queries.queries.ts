/** Types generated for queries found in "packages/server/src/results/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ResultSums' parameters type */
export interface IResultSumsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  byTask: boolean;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultSums' return type */
export interface IResultSumsResult {
  billable: number;
  billedOwn: number;
  billedStandard: number;
  cost: number;
  currency: string | null;
  projectId: string;
  seconds: number;
  taskId: string | null;
  unbilled: number;
  value: number;
}

/** 'ResultSums' query type */
export interface IResultSumsQuery {
  params: IResultSumsParams;
  result: IResultSumsResult;
}

const resultSumsIR: any = {"usedParamSet":{"byTask":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":54}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":773,"b":779}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":782,"b":788}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":791,"b":796}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":799,"b":804}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":807,"b":810}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":872,"b":876}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":900,"b":909}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":918,"b":926}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":947,"b":953}]}],"statement":"select s.project_id as \"projectId!\", case when :byTask! or s.task_id = no_id() then nullif(s.task_id, no_id()) else s.project_id end as \"taskId?\", nullif(s.currency, '') as \"currency?\",\n  sum(s.quantity)::bigint as \"seconds!\", coalesce(sum(s.quantity) filter (where s.billable), 0)::bigint as \"billable!\", sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.value_minor)::bigint as \"value!\",\n  coalesce(sum(s.value_minor) filter (where s.billing_state = 'to bill' and s.stage in ('recorded', 'submitted', 'approved')), 0)::bigint as \"unbilled!\",\n  coalesce(sum(s.value_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as \"billedStandard!\",\n  coalesce(sum(s.own_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as \"billedOwn!\"\nfrom work_sums_between(:reach!, :asker!, :whose, :from!, :to!) s\nwhere s.kind = 'time' and s.project_id <> no_id()\n  and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))\ngroup by 1, 2, 3 having sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select s.project_id as "projectId!", case when :byTask! or s.task_id = no_id() then nullif(s.task_id, no_id()) else s.project_id end as "taskId?", nullif(s.currency, '') as "currency?",
 *   sum(s.quantity)::bigint as "seconds!", coalesce(sum(s.quantity) filter (where s.billable), 0)::bigint as "billable!", sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.value_minor)::bigint as "value!",
 *   coalesce(sum(s.value_minor) filter (where s.billing_state = 'to bill' and s.stage in ('recorded', 'submitted', 'approved')), 0)::bigint as "unbilled!",
 *   coalesce(sum(s.value_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as "billedStandard!",
 *   coalesce(sum(s.own_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as "billedOwn!"
 * from work_sums_between(:reach!, :asker!, :whose, :from!, :to!) s
 * where s.kind = 'time' and s.project_id <> no_id()
 *   and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))
 * group by 1, 2, 3 having sum(s.entries) > 0
 * ```
 */
export const resultSums = new PreparedQuery<IResultSumsParams,IResultSumsResult>(resultSumsIR);


/** 'ResultBilled' parameters type */
export interface IResultBilledParams {
  all: boolean;
  anyTask: boolean;
  apart: stringArray;
  asker: string;
  byTask: boolean;
  from: string;
  own: string;
  projects: stringArray;
  reach: string;
  series: boolean;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultBilled' return type */
export interface IResultBilledResult {
  amount: number;
  currency: string;
  issuedOn: string | null;
  month: string | null;
  ofSeries: boolean;
  projectId: string | null;
  standard: number;
  taskId: string | null;
}

/** 'ResultBilled' query type */
export interface IResultBilledQuery {
  params: IResultBilledParams;
  result: IResultBilledResult;
}

const resultBilledIR: any = {"usedParamSet":{"byTask":true,"own":true,"series":true,"apart":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":361,"b":368}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":454,"b":458},{"a":629,"b":633}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":507,"b":514},{"a":570,"b":577}]},{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":603,"b":609}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":731,"b":737}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":740,"b":746}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":749,"b":754}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":757,"b":762}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":765,"b":768}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":782,"b":786}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":810,"b":819}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":828,"b":836}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":857,"b":863}]}],"statement":"select (grouping(s.month) = 0) as \"ofSeries!\", case when grouping(s.month) = 0 then s.apart_id else s.project_id end as \"projectId?\", s.task_id as \"taskId?\", s.currency as \"currency!\", s.rate_on as \"issuedOn?\", s.month as \"month?\",\n  sum(s.amount_minor)::bigint as \"amount!\", sum(s.standard_minor)::bigint as \"standard!\"\nfrom (\n  select b.project_id, case when :byTask! then nullif(b.task_id, no_id()) end as task_id, b.currency, case when b.currency <> :own! then b.issued_on end as rate_on,\n    case when :series! then month_start(b.issued_on) end as month, case when :series! and (b.project_id = any(:apart!) or b.currency <> :own!) then b.project_id end as apart_id, b.amount_minor, b.standard_minor\n  from billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) b\n  where (:all! or b.project_id = any(:projects!)) and (:anyTask! or b.task_id = any(:tasks!))\n) s\ngroup by grouping sets ((s.project_id, s.task_id, s.currency, s.rate_on), (s.apart_id, s.currency, s.month, s.rate_on))"};

/**
 * Query generated from SQL:
 * ```
 * select (grouping(s.month) = 0) as "ofSeries!", case when grouping(s.month) = 0 then s.apart_id else s.project_id end as "projectId?", s.task_id as "taskId?", s.currency as "currency!", s.rate_on as "issuedOn?", s.month as "month?",
 *   sum(s.amount_minor)::bigint as "amount!", sum(s.standard_minor)::bigint as "standard!"
 * from (
 *   select b.project_id, case when :byTask! then nullif(b.task_id, no_id()) end as task_id, b.currency, case when b.currency <> :own! then b.issued_on end as rate_on,
 *     case when :series! then month_start(b.issued_on) end as month, case when :series! and (b.project_id = any(:apart!) or b.currency <> :own!) then b.project_id end as apart_id, b.amount_minor, b.standard_minor
 *   from billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) b
 *   where (:all! or b.project_id = any(:projects!)) and (:anyTask! or b.task_id = any(:tasks!))
 * ) s
 * group by grouping sets ((s.project_id, s.task_id, s.currency, s.rate_on), (s.apart_id, s.currency, s.month, s.rate_on))
 * ```
 */
export const resultBilled = new PreparedQuery<IResultBilledParams,IResultBilledResult>(resultBilledIR);


/** 'SeriesRecorded' parameters type */
export interface ISeriesRecordedParams {
  all: boolean;
  anyTask: boolean;
  apart: stringArray;
  asker: string;
  from: string;
  own: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'SeriesRecorded' return type */
export interface ISeriesRecordedResult {
  cost: number;
  currency: string | null;
  month: string;
  projectId: string | null;
  value: number;
}

/** 'SeriesRecorded' query type */
export interface ISeriesRecordedQuery {
  params: ISeriesRecordedParams;
  result: ISeriesRecordedResult;
}

const seriesRecordedIR: any = {"usedParamSet":{"apart":true,"own":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":42}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":66}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":271,"b":277}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":280,"b":286}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":289,"b":294}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":297,"b":302}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":305,"b":308}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":370,"b":374}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":398,"b":407}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":416,"b":424}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":445,"b":451}]}],"statement":"select case when s.project_id = any(:apart!) or s.currency <> :own! then s.project_id end as \"projectId?\", s.month as \"month!\", nullif(s.currency, '') as \"currency?\",\n  sum(s.cost_minor)::bigint as \"cost!\", sum(s.value_minor)::bigint as \"value!\"\nfrom work_months_between(:reach!, :asker!, :whose, :from!, :to!) s\nwhere s.kind = 'time' and s.project_id <> no_id()\n  and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))\ngroup by 1, 2, 3 having sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select case when s.project_id = any(:apart!) or s.currency <> :own! then s.project_id end as "projectId?", s.month as "month!", nullif(s.currency, '') as "currency?",
 *   sum(s.cost_minor)::bigint as "cost!", sum(s.value_minor)::bigint as "value!"
 * from work_months_between(:reach!, :asker!, :whose, :from!, :to!) s
 * where s.kind = 'time' and s.project_id <> no_id()
 *   and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))
 * group by 1, 2, 3 having sum(s.entries) > 0
 * ```
 */
export const seriesRecorded = new PreparedQuery<ISeriesRecordedParams,ISeriesRecordedResult>(seriesRecordedIR);


/** 'ResultNodes' parameters type */
export interface IResultNodesParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  today: string;
}

/** 'ResultNodes' return type */
export interface IResultNodesResult {
  budget: number;
  clientId: string | null;
  clientName: string | null;
  currency: string | null;
  departmentId: string | null;
  departmentName: string | null;
  estimate: number;
  limit: number | null;
  method: string | null;
  name: string;
  projectId: string;
}

/** 'ResultNodes' query type */
export interface IResultNodesQuery {
  params: IResultNodesParams;
  result: IResultNodesResult;
}

const resultNodesIR: any = {"usedParamSet":{"reach":true,"asker":true,"today":true,"all":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":323,"b":329}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":332,"b":338}]},{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":576,"b":582},{"a":625,"b":631}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":641,"b":645}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":661,"b":670}]}],"statement":"select p.id as \"projectId!\", p.name as \"name!\", p.client_id as \"clientId?\", p.department_id as \"departmentId?\", c.name as \"clientName?\", d.name as \"departmentName?\", p.estimate as \"estimate!\", p.budget_minor as \"budget!\",\n  a.method as \"method?\", a.currency as \"currency?\", a.limit_minor as \"limit?\"\nfrom projects_in_reach(:reach!, :asker!) p\nleft join client c on c.firm_id = p.firm_id and c.id = p.client_id\nleft join department d on d.firm_id = p.firm_id and d.id = p.department_id\nleft join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :today! and (a.valid_to is null or a.valid_to >= :today!)\nwhere (:all! or p.id = any(:projects!)) order by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "projectId!", p.name as "name!", p.client_id as "clientId?", p.department_id as "departmentId?", c.name as "clientName?", d.name as "departmentName?", p.estimate as "estimate!", p.budget_minor as "budget!",
 *   a.method as "method?", a.currency as "currency?", a.limit_minor as "limit?"
 * from projects_in_reach(:reach!, :asker!) p
 * left join client c on c.firm_id = p.firm_id and c.id = p.client_id
 * left join department d on d.firm_id = p.firm_id and d.id = p.department_id
 * left join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :today! and (a.valid_to is null or a.valid_to >= :today!)
 * where (:all! or p.id = any(:projects!)) order by p.name
 * ```
 */
export const resultNodes = new PreparedQuery<IResultNodesParams,IResultNodesResult>(resultNodesIR);


/** 'ResultTasks' parameters type */
export interface IResultTasksParams {
  projects: stringArray;
}

/** 'ResultTasks' return type */
export interface IResultTasksResult {
  budget: number;
  estimate: number;
  id: string;
  name: string;
  parentId: string | null;
  projectId: string;
}

/** 'ResultTasks' query type */
export interface IResultTasksQuery {
  params: IResultTasksParams;
  result: IResultTasksResult;
}

const resultTasksIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":191,"b":200}]}],"statement":"select t.id as \"id!\", t.project_id as \"projectId!\", t.parent_id as \"parentId?\", t.name as \"name!\", t.estimate as \"estimate!\", t.budget_minor as \"budget!\"\nfrom task t where t.project_id = any(:projects!) order by t.place, t.name"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.project_id as "projectId!", t.parent_id as "parentId?", t.name as "name!", t.estimate as "estimate!", t.budget_minor as "budget!"
 * from task t where t.project_id = any(:projects!) order by t.place, t.name
 * ```
 */
export const resultTasks = new PreparedQuery<IResultTasksParams,IResultTasksResult>(resultTasksIR);


/** 'OwnHours' parameters type */
export interface IOwnHoursParams {
  all: boolean;
  anyTask: boolean;
  from: string;
  person: string;
  projects: stringArray;
  tasks: stringArray;
  to: string;
}

/** 'OwnHours' return type */
export interface IOwnHoursResult {
  billable: number;
  name: string;
  projectId: string;
  seconds: number;
}

/** 'OwnHours' query type */
export interface IOwnHoursQuery {
  params: IOwnHoursParams;
  result: IOwnHoursResult;
}

const ownHoursIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":195,"b":202}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":211,"b":216}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":219,"b":222}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":318,"b":322}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":346,"b":355}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":364,"b":372}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":393,"b":399}]}],"statement":"select p.id as \"projectId!\", p.name as \"name!\", sum(s.quantity)::bigint as \"seconds!\", coalesce(sum(s.quantity) filter (where s.billable), 0)::bigint as \"billable!\"\nfrom work_sums_between('own', :person!, null, :from!, :to!) s join project p on p.firm_id = s.firm_id and p.id = s.project_id\nwhere s.kind = 'time' and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))\ngroup by p.id, p.name having sum(s.entries) > 0 order by 3 desc, p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "projectId!", p.name as "name!", sum(s.quantity)::bigint as "seconds!", coalesce(sum(s.quantity) filter (where s.billable), 0)::bigint as "billable!"
 * from work_sums_between('own', :person!, null, :from!, :to!) s join project p on p.firm_id = s.firm_id and p.id = s.project_id
 * where s.kind = 'time' and (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))
 * group by p.id, p.name having sum(s.entries) > 0 order by 3 desc, p.name
 * ```
 */
export const ownHours = new PreparedQuery<IOwnHoursParams,IOwnHoursResult>(ownHoursIR);


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

const behindEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true,"figure":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":58}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":143}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":152}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":165}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":189,"b":198}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":207,"b":215}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":236,"b":242}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":251,"b":256},{"a":289,"b":294}]},{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":313,"b":320},{"a":387,"b":394},{"a":500,"b":507}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":618,"b":625}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":633,"b":639}]}],"statement":"select e.id as \"id!\" from entries_in_reach(:reach!, :asker!) e\nwhere e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)\n  and case when :figure! in ('billable-hours', 'standard-value') then e.billable\n    when :figure! = 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when :figure! = 'realisation' then e.stage in ('billed', 'paid') else true end\norder by e.work_date desc, e.id desc offset :offset! limit :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!" from entries_in_reach(:reach!, :asker!) e
 * where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
 *   and case when :figure! in ('billable-hours', 'standard-value') then e.billable
 *     when :figure! = 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when :figure! = 'realisation' then e.stage in ('billed', 'paid') else true end
 * order by e.work_date desc, e.id desc offset :offset! limit :limit!
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

const behindSumsIR: any = {"usedParamSet":{"figure":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":670,"b":677},{"a":744,"b":751},{"a":857,"b":864}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":966,"b":972}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":975,"b":981}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":984,"b":989}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":992,"b":997}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1000,"b":1003}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1069,"b":1073}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1097,"b":1106}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1115,"b":1123}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1144,"b":1150}]}],"statement":"select nullif(s.currency, '') as \"currency?\", coalesce(sum(s.entries) filter (where s.listed), 0)::bigint as \"count!\", coalesce(sum(s.quantity) filter (where s.listed), 0)::bigint as \"seconds!\",\n  sum(s.value_minor)::bigint as \"value!\", sum(s.cost_minor)::bigint as \"cost!\",\n  coalesce(sum(s.value_minor) filter (where s.billing_state = 'to bill' and s.stage in ('recorded', 'submitted', 'approved')), 0)::bigint as \"unbilled!\",\n  coalesce(sum(s.value_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as \"billedStandard!\",\n  coalesce(sum(s.own_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as \"billedOwn!\"\nfrom (\n  select w.*, case when :figure! in ('billable-hours', 'standard-value') then w.billable\n    when :figure! = 'unbilled' then w.billing_state = 'to bill' and w.stage in ('recorded', 'submitted', 'approved') when :figure! = 'realisation' then w.stage in ('billed', 'paid') else true end as listed\n  from work_sums_between(:reach!, :asker!, :whose, :from!, :to!) w\n  where w.kind = 'time' and w.project_id <> no_id()\n    and (:all! or w.project_id = any(:projects!)) and (:anyTask! or w.task_id = any(:tasks!))\n) s\ngroup by 1"};

/**
 * Query generated from SQL:
 * ```
 * select nullif(s.currency, '') as "currency?", coalesce(sum(s.entries) filter (where s.listed), 0)::bigint as "count!", coalesce(sum(s.quantity) filter (where s.listed), 0)::bigint as "seconds!",
 *   sum(s.value_minor)::bigint as "value!", sum(s.cost_minor)::bigint as "cost!",
 *   coalesce(sum(s.value_minor) filter (where s.billing_state = 'to bill' and s.stage in ('recorded', 'submitted', 'approved')), 0)::bigint as "unbilled!",
 *   coalesce(sum(s.value_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as "billedStandard!",
 *   coalesce(sum(s.own_minor) filter (where s.stage in ('billed', 'paid')), 0)::bigint as "billedOwn!"
 * from (
 *   select w.*, case when :figure! in ('billable-hours', 'standard-value') then w.billable
 *     when :figure! = 'unbilled' then w.billing_state = 'to bill' and w.stage in ('recorded', 'submitted', 'approved') when :figure! = 'realisation' then w.stage in ('billed', 'paid') else true end as listed
 *   from work_sums_between(:reach!, :asker!, :whose, :from!, :to!) w
 *   where w.kind = 'time' and w.project_id <> no_id()
 *     and (:all! or w.project_id = any(:projects!)) and (:anyTask! or w.task_id = any(:tasks!))
 * ) s
 * group by 1
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

const behindDocumentsIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":170,"b":176}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":179,"b":185}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":188,"b":193}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":201}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":204,"b":207}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":283,"b":287}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":311,"b":320}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":329,"b":337}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":358,"b":364}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":441,"b":448}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":456,"b":462}]}],"statement":"select i.id as \"id!\", i.number_text as \"number!\", i.issued_on as \"issuedOn!\", i.currency as \"currency!\", sum(s.amount_minor)::bigint as \"minor!\"\nfrom billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) s\njoin invoice i on i.firm_id = s.firm_id and i.id = s.invoice_id\nwhere (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))\ngroup by 1, 2, 3, 4 order by i.issued_on desc, i.number_text desc offset :offset! limit :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "id!", i.number_text as "number!", i.issued_on as "issuedOn!", i.currency as "currency!", sum(s.amount_minor)::bigint as "minor!"
 * from billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) s
 * join invoice i on i.firm_id = s.firm_id and i.id = s.invoice_id
 * where (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))
 * group by 1, 2, 3, 4 order by i.issued_on desc, i.number_text desc offset :offset! limit :limit!
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

const behindBilledIR: any = {"usedParamSet":{"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":153}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":162}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":165,"b":170}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":178}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":181,"b":184}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":200}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":224,"b":233}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":242,"b":250}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":271,"b":277}]}],"statement":"select s.currency as \"currency!\", sum(s.amount_minor)::bigint as \"billed!\", count(distinct s.invoice_id)::int as \"count!\"\nfrom billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) s\nwhere (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))\ngroup by 1 order by 1"};

/**
 * Query generated from SQL:
 * ```
 * select s.currency as "currency!", sum(s.amount_minor)::bigint as "billed!", count(distinct s.invoice_id)::int as "count!"
 * from billed_sums_between(:reach!, :asker!, :whose, :from!, :to!) s
 * where (:all! or s.project_id = any(:projects!)) and (:anyTask! or s.task_id = any(:tasks!))
 * group by 1 order by 1
 * ```
 */
export const behindBilled = new PreparedQuery<IBehindBilledParams,IBehindBilledResult>(behindBilledIR);


