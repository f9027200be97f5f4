/** Types generated for queries found in "packages/server/src/results/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ResultSums' parameters type */
export interface IResultSumsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
}

/** 'ResultSums' return type */
export interface IResultSumsResult {
  billable: number;
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

const resultSumsIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":556,"b":562}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":565,"b":571}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":651,"b":656}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":662,"b":665}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":674,"b":678}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":702,"b":711}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":720,"b":728}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":749,"b":755}]}],"statement":"select e.project_id as \"projectId!\", e.task_id as \"taskId?\", e.value_currency as \"currency?\",\n  sum(e.quantity) as \"seconds!\", coalesce(sum(e.quantity) filter (where e.billable), 0) as \"billable!\", coalesce(sum(e.cost_minor), 0) as \"cost!\",\n  coalesce(sum(e.value_minor), 0) as \"value!\",\n  coalesce(sum(e.value_minor) filter (where e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved')), 0) as \"unbilled!\",\n  coalesce(sum(e.value_minor) filter (where e.stage in ('billed', 'paid')), 0) as \"billedStandard!\"\nfrom entries_in_reach(:reach!, :asker!) e\nwhere e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))\ngroup by 1, 2, 3"};

/**
 * Query generated from SQL:
 * ```
 * select e.project_id as "projectId!", e.task_id as "taskId?", e.value_currency as "currency?",
 *   sum(e.quantity) as "seconds!", coalesce(sum(e.quantity) filter (where e.billable), 0) as "billable!", coalesce(sum(e.cost_minor), 0) as "cost!",
 *   coalesce(sum(e.value_minor), 0) as "value!",
 *   coalesce(sum(e.value_minor) filter (where e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved')), 0) as "unbilled!",
 *   coalesce(sum(e.value_minor) filter (where e.stage in ('billed', 'paid')), 0) as "billedStandard!"
 * from entries_in_reach(:reach!, :asker!) e
 * where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
 * group by 1, 2, 3
 * ```
 */
export const resultSums = new PreparedQuery<IResultSumsParams,IResultSumsResult>(resultSumsIR);


/** 'ResultBilled' parameters type */
export interface IResultBilledParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
}

/** 'ResultBilled' return type */
export interface IResultBilledResult {
  amount: number;
  currency: string;
  issuedOn: string;
  projectId: string;
  standard: number;
  taskId: string | null;
}

/** 'ResultBilled' query type */
export interface IResultBilledQuery {
  params: IResultBilledParams;
  result: IResultBilledResult;
}

const resultBilledIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"from":true,"to":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":431,"b":437}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":440,"b":446}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":529,"b":533}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":557,"b":566}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":575,"b":583}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":604,"b":610}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":638,"b":643}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":649,"b":652}]}],"statement":"select e.project_id as \"projectId!\", e.task_id as \"taskId?\", i.currency as \"currency!\", i.issued_on as \"issuedOn!\", sum(s.amount_minor) as \"amount!\",\n  coalesce(sum(case when l.kind = 'time' then e.value_minor * sign(s.quantity) end), 0)::bigint as \"standard!\"\nfrom invoice i\njoin invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id\njoin line_share s on s.firm_id = l.firm_id and s.line_id = l.id\njoin entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id\nwhere i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!\ngroup by 1, 2, 3, 4"};

/**
 * Query generated from SQL:
 * ```
 * select e.project_id as "projectId!", e.task_id as "taskId?", i.currency as "currency!", i.issued_on as "issuedOn!", sum(s.amount_minor) as "amount!",
 *   coalesce(sum(case when l.kind = 'time' then e.value_minor * sign(s.quantity) end), 0)::bigint as "standard!"
 * from invoice i
 * join invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id
 * join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
 * join entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id
 * where i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!
 * group by 1, 2, 3, 4
 * ```
 */
export const resultBilled = new PreparedQuery<IResultBilledParams,IResultBilledResult>(resultBilledIR);


/** 'MonthSums' parameters type */
export interface IMonthSumsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
}

/** 'MonthSums' return type */
export interface IMonthSumsResult {
  cost: number;
  currency: string | null;
  month: string;
  projectId: string;
  value: number;
}

/** 'MonthSums' query type */
export interface IMonthSumsQuery {
  params: IMonthSumsParams;
  result: IMonthSumsResult;
}

const monthSumsIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":224,"b":230}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":233,"b":239}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":319,"b":324}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":330,"b":333}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":342,"b":346}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":370,"b":379}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":388,"b":396}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":417,"b":423}]}],"statement":"select e.project_id as \"projectId!\", to_char(e.work_date, 'YYYY-MM') as \"month!\", e.value_currency as \"currency?\", coalesce(sum(e.value_minor), 0) as \"value!\", coalesce(sum(e.cost_minor), 0) as \"cost!\"\nfrom entries_in_reach(:reach!, :asker!) e\nwhere e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))\ngroup by 1, 2, 3 order by 2"};

/**
 * Query generated from SQL:
 * ```
 * select e.project_id as "projectId!", to_char(e.work_date, 'YYYY-MM') as "month!", e.value_currency as "currency?", coalesce(sum(e.value_minor), 0) as "value!", coalesce(sum(e.cost_minor), 0) as "cost!"
 * from entries_in_reach(:reach!, :asker!) e
 * where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
 * group by 1, 2, 3 order by 2
 * ```
 */
export const monthSums = new PreparedQuery<IMonthSumsParams,IMonthSumsResult>(monthSumsIR);


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

const ownHoursIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":246,"b":253}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":299,"b":304}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":310,"b":313}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":320,"b":324}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":348,"b":357}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":366,"b":374}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":395,"b":401}]}],"statement":"select p.id as \"projectId!\", p.name as \"name!\", sum(e.quantity) as \"seconds!\", coalesce(sum(e.quantity) filter (where e.billable), 0) as \"billable!\"\nfrom entry e join project p on p.firm_id = e.firm_id and p.id = e.project_id\nwhere e.person_id = :person! and e.kind = 'time' and e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))\ngroup by p.id, p.name order by 3 desc"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "projectId!", p.name as "name!", sum(e.quantity) as "seconds!", coalesce(sum(e.quantity) filter (where e.billable), 0) as "billable!"
 * from entry e join project p on p.firm_id = e.firm_id and p.id = e.project_id
 * where e.person_id = :person! and e.kind = 'time' and e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
 * group by p.id, p.name order by 3 desc
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

const behindEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"figure":true,"offset":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":58}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":143}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":152}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":165}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":189,"b":198}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":207,"b":215}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":236,"b":242}]},{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":257,"b":264}]},{"name":"offset","required":true,"transform":{"type":"scalar"},"locs":[{"a":581,"b":588}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":596,"b":602}]}],"statement":"select e.id as \"id!\" from entries_in_reach(:reach!, :asker!) e\nwhere e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))\n  and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0\n    when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end\norder by e.work_date desc, e.id desc offset :offset! limit :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!" from entries_in_reach(:reach!, :asker!) e
 * where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
 *   and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0
 *     when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end
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
}

/** 'BehindSums' return type */
export interface IBehindSumsResult {
  cost: number;
  count: number;
  currency: string | null;
  seconds: number;
  value: number;
}

/** 'BehindSums' query type */
export interface IBehindSumsQuery {
  params: IBehindSumsParams;
  result: IBehindSumsResult;
}

const behindSumsIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"figure":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":202,"b":208}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":211,"b":217}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":297,"b":302}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":308,"b":311}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":320,"b":324}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":348,"b":357}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":366,"b":374}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":395,"b":401}]},{"name":"figure","required":true,"transform":{"type":"scalar"},"locs":[{"a":416,"b":423}]}],"statement":"select e.value_currency as \"currency?\", count(*) as \"count!\", sum(e.quantity) as \"seconds!\", coalesce(sum(e.value_minor), 0) as \"value!\", coalesce(sum(e.cost_minor), 0) as \"cost!\"\nfrom entries_in_reach(:reach!, :asker!) e\nwhere e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))\n  and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0\n    when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end\ngroup by 1"};

/**
 * Query generated from SQL:
 * ```
 * select e.value_currency as "currency?", count(*) as "count!", sum(e.quantity) as "seconds!", coalesce(sum(e.value_minor), 0) as "value!", coalesce(sum(e.cost_minor), 0) as "cost!"
 * from entries_in_reach(:reach!, :asker!) e
 * where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
 *   and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0
 *     when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end
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
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
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

const behindDocumentsIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"from":true,"to":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":307,"b":313}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":316,"b":322}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":405,"b":409}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":433,"b":442}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":451,"b":459}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":480,"b":486}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":514,"b":519}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":525,"b":528}]}],"statement":"select i.id as \"id!\", i.number_text as \"number!\", i.issued_on as \"issuedOn!\", i.currency as \"currency!\", sum(s.amount_minor) as \"minor!\"\nfrom invoice i\njoin invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id\njoin line_share s on s.firm_id = l.firm_id and s.line_id = l.id\njoin entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id\nwhere i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!\ngroup by 1, 2, 3, 4 order by i.issued_on desc, i.number_text desc"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "id!", i.number_text as "number!", i.issued_on as "issuedOn!", i.currency as "currency!", sum(s.amount_minor) as "minor!"
 * from invoice i
 * join invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id
 * join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
 * join entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id
 * where i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!
 * group by 1, 2, 3, 4 order by i.issued_on desc, i.number_text desc
 * ```
 */
export const behindDocuments = new PreparedQuery<IBehindDocumentsParams,IBehindDocumentsResult>(behindDocumentsIR);


