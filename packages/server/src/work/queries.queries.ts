/** Types generated for queries found in "packages/server/src/work/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'ClientsSeen' parameters type */
export interface IClientsSeenParams {
  asker: string;
  reach: string;
}

/** 'ClientsSeen' return type */
export interface IClientsSeenResult {
  currency: string;
  id: string;
  name: string;
}

/** 'ClientsSeen' query type */
export interface IClientsSeenQuery {
  params: IClientsSeenParams;
  result: IClientsSeenResult;
}

const clientsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":127,"b":133}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":136,"b":142}]}],"statement":"select c.id as \"id!\", c.name as \"name!\", c.currency as \"currency!\" from client c\nwhere exists (select 1 from projects_in_reach(:reach!, :asker!) p where p.client_id = c.id) order by c.name"};

/**
 * Query generated from SQL:
 * ```
 * select c.id as "id!", c.name as "name!", c.currency as "currency!" from client c
 * where exists (select 1 from projects_in_reach(:reach!, :asker!) p where p.client_id = c.id) order by c.name
 * ```
 */
export const clientsSeen = new PreparedQuery<IClientsSeenParams,IClientsSeenResult>(clientsSeenIR);


/** 'DepartmentsSeen' parameters type */
export interface IDepartmentsSeenParams {
  asker: string;
  reach: string;
}

/** 'DepartmentsSeen' return type */
export interface IDepartmentsSeenResult {
  id: string;
  name: string;
}

/** 'DepartmentsSeen' query type */
export interface IDepartmentsSeenQuery {
  params: IDepartmentsSeenParams;
  result: IDepartmentsSeenResult;
}

const departmentsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":110}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":119}]}],"statement":"select d.id as \"id!\", d.name as \"name!\" from department d\nwhere exists (select 1 from projects_in_reach(:reach!, :asker!) p where p.department_id = d.id) order by d.name"};

/**
 * Query generated from SQL:
 * ```
 * select d.id as "id!", d.name as "name!" from department d
 * where exists (select 1 from projects_in_reach(:reach!, :asker!) p where p.department_id = d.id) order by d.name
 * ```
 */
export const departmentsSeen = new PreparedQuery<IDepartmentsSeenParams,IDepartmentsSeenResult>(departmentsSeenIR);


/** 'ProjectsSeen' parameters type */
export interface IProjectsSeenParams {
  asker: string;
  reach: string;
}

/** 'ProjectsSeen' return type */
export interface IProjectsSeenResult {
  billable: boolean;
  clientId: string | null;
  code: string;
  departmentId: string | null;
  id: string;
  managerId: string;
  name: string;
  open: boolean;
  tone: number;
}

/** 'ProjectsSeen' query type */
export interface IProjectsSeenQuery {
  params: IProjectsSeenParams;
  result: IProjectsSeenResult;
}

const projectsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":255,"b":261}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":264,"b":270}]}],"statement":"select p.id as \"id!\", p.client_id as \"clientId?\", p.department_id as \"departmentId?\", p.name as \"name!\", p.code as \"code!\", p.tone as \"tone!\",\n  (p.state = 'open') as \"open!\", p.billable as \"billable!\", p.manager_id as \"managerId!\"\nfrom projects_in_reach(:reach!, :asker!) p order by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.client_id as "clientId?", p.department_id as "departmentId?", p.name as "name!", p.code as "code!", p.tone as "tone!",
 *   (p.state = 'open') as "open!", p.billable as "billable!", p.manager_id as "managerId!"
 * from projects_in_reach(:reach!, :asker!) p order by p.name
 * ```
 */
export const projectsSeen = new PreparedQuery<IProjectsSeenParams,IProjectsSeenResult>(projectsSeenIR);


/** 'TasksSeen' parameters type */
export interface ITasksSeenParams {
  asker: string;
  reach: string;
}

/** 'TasksSeen' return type */
export interface ITasksSeenResult {
  id: string;
  kind: string;
  name: string;
  open: boolean;
  parentId: string | null;
  projectId: string;
}

/** 'TasksSeen' query type */
export interface ITasksSeenQuery {
  params: ITasksSeenParams;
  result: ITasksSeenResult;
}

const tasksSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":189}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":192,"b":198}]}],"statement":"select t.id as \"id!\", t.project_id as \"projectId!\", t.parent_id as \"parentId?\", t.name as \"name!\", t.kind as \"kind!\", (t.state = 'open') as \"open!\"\nfrom task t join projects_in_reach(:reach!, :asker!) p on p.firm_id = t.firm_id and p.id = t.project_id\norder by t.project_id, t.place, t.name"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.project_id as "projectId!", t.parent_id as "parentId?", t.name as "name!", t.kind as "kind!", (t.state = 'open') as "open!"
 * from task t join projects_in_reach(:reach!, :asker!) p on p.firm_id = t.firm_id and p.id = t.project_id
 * order by t.project_id, t.place, t.name
 * ```
 */
export const tasksSeen = new PreparedQuery<ITasksSeenParams,ITasksSeenResult>(tasksSeenIR);


/** 'ServicesSeen' parameters type */
export type IServicesSeenParams = void;

/** 'ServicesSeen' return type */
export interface IServicesSeenResult {
  billable: boolean;
  code: string;
  id: string;
  kind: string;
  name: string;
}

/** 'ServicesSeen' query type */
export interface IServicesSeenQuery {
  params: IServicesSeenParams;
  result: IServicesSeenResult;
}

const servicesSeenIR: any = {"usedParamSet":{},"params":[],"statement":"select id as \"id!\", code as \"code!\", name as \"name!\", kind as \"kind!\", billable as \"billable!\" from service order by name"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", code as "code!", name as "name!", kind as "kind!", billable as "billable!" from service order by name
 * ```
 */
export const servicesSeen = new PreparedQuery<IServicesSeenParams,IServicesSeenResult>(servicesSeenIR);


/** 'ScopeProjects' parameters type */
export interface IScopeProjectsParams {
  asker: string;
  id: string;
  kind: string;
  reach: string;
}

/** 'ScopeProjects' return type */
export interface IScopeProjectsResult {
  id: string;
}

/** 'ScopeProjects' query type */
export interface IScopeProjectsQuery {
  params: IScopeProjectsParams;
  result: IScopeProjectsResult;
}

const scopeProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"kind":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":50}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":53,"b":59}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":76},{"a":111,"b":116},{"a":157,"b":162}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":104},{"a":147,"b":150},{"a":201,"b":204}]}],"statement":"select p.id as \"id!\" from projects_in_reach(:reach!, :asker!) p\nwhere (:kind! = 'project' and p.id = :id!) or (:kind! = 'client' and p.client_id = :id!) or (:kind! = 'department' and p.department_id = :id!)"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!" from projects_in_reach(:reach!, :asker!) p
 * where (:kind! = 'project' and p.id = :id!) or (:kind! = 'client' and p.client_id = :id!) or (:kind! = 'department' and p.department_id = :id!)
 * ```
 */
export const scopeProjects = new PreparedQuery<IScopeProjectsParams,IScopeProjectsResult>(scopeProjectsIR);


/** 'ScopeTask' parameters type */
export interface IScopeTaskParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ScopeTask' return type */
export interface IScopeTaskResult {
  id: string;
  projectId: string;
}

/** 'ScopeTask' query type */
export interface IScopeTaskQuery {
  params: IScopeTaskParams;
  result: IScopeTaskResult;
}

const scopeTaskIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":106}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":109,"b":115}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":185}]}],"statement":"with recursive below as (\n  select t.firm_id, t.id, t.project_id from task t join projects_in_reach(:reach!, :asker!) p on p.firm_id = t.firm_id and p.id = t.project_id where t.id = :id!\n  union all\n  select c.firm_id, c.id, c.project_id from task c join below b on c.firm_id = b.firm_id and c.parent_id = b.id\n)\nselect id as \"id!\", project_id as \"projectId!\" from below"};

/**
 * Query generated from SQL:
 * ```
 * with recursive below as (
 *   select t.firm_id, t.id, t.project_id from task t join projects_in_reach(:reach!, :asker!) p on p.firm_id = t.firm_id and p.id = t.project_id where t.id = :id!
 *   union all
 *   select c.firm_id, c.id, c.project_id from task c join below b on c.firm_id = b.firm_id and c.parent_id = b.id
 * )
 * select id as "id!", project_id as "projectId!" from below
 * ```
 */
export const scopeTask = new PreparedQuery<IScopeTaskParams,IScopeTaskResult>(scopeTaskIR);


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

const stageSumsIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":204,"b":210}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":213,"b":219}]}],"statement":"select nullif(project_id, no_id()) as \"projectId?\", nullif(task_id, no_id()) as \"taskId?\", stage as \"stage!\", billing_state as \"billingState!\", sum(quantity)::bigint as \"seconds!\"\nfrom work_sums_in_reach(:reach!, :asker!, null) where month = no_month() and kind = 'time' group by 1, 2, 3, 4 having sum(quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * select nullif(project_id, no_id()) as "projectId?", nullif(task_id, no_id()) as "taskId?", stage as "stage!", billing_state as "billingState!", sum(quantity)::bigint as "seconds!"
 * from work_sums_in_reach(:reach!, :asker!, null) where month = no_month() and kind = 'time' group by 1, 2, 3, 4 having sum(quantity) <> 0
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

const ownPeriodIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":189}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":213,"b":218}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":224,"b":227}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":236,"b":240}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":262,"b":271}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":280,"b":288}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":307,"b":313}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":322,"b":327},{"a":358,"b":363}]}],"statement":"select coalesce(sum(quantity) filter (where kind = 'time'), 0) as \"recorded!\",\n  coalesce(sum(quantity) filter (where stage = 'recorded'), 0) as \"open!\"\nfrom entry where person_id = :person! and work_date between :from! and :to!\n  and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select coalesce(sum(quantity) filter (where kind = 'time'), 0) as "recorded!",
 *   coalesce(sum(quantity) filter (where stage = 'recorded'), 0) as "open!"
 * from entry where person_id = :person! and work_date between :from! and :to!
 *   and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)
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

const openRecordedIR: any = {"usedParamSet":{"reach":true,"asker":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":73}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":82}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":148}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":157,"b":161}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":192}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":201,"b":209}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":228,"b":234}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":243,"b":248},{"a":279,"b":284}]}],"statement":"select coalesce(sum(quantity), 0) as \"open!\"\nfrom entries_in_reach(:reach!, :asker!) where stage = 'recorded' and kind = 'time' and work_date <= :to!\n  and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select coalesce(sum(quantity), 0) as "open!"
 * from entries_in_reach(:reach!, :asker!) where stage = 'recorded' and kind = 'time' and work_date <= :to!
 *   and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)
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

const returnedOwnIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":99}]}],"statement":"select count(*) as \"count!\", min(e.work_date) as \"oldest?\" from entry e\nwhere e.person_id = :person! and e.stage = 'recorded'\n  and (select d.outcome from decision d where d.firm_id = e.firm_id and d.entry_id = e.id order by d.at desc limit 1) in ('return', 'reopen')"};

/**
 * Query generated from SQL:
 * ```
 * select count(*) as "count!", min(e.work_date) as "oldest?" from entry e
 * where e.person_id = :person! and e.stage = 'recorded'
 *   and (select d.outcome from decision d where d.firm_id = e.firm_id and d.entry_id = e.id order by d.at desc limit 1) in ('return', 'reopen')
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

const submittedInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":141,"b":147}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":156},{"a":220,"b":226}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":235,"b":239}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":261,"b":270}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":279,"b":287}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":306,"b":312}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":321,"b":326},{"a":357,"b":362}]}],"statement":"select coalesce(sum(quantity), 0) as \"submitted!\", count(distinct person_id) as \"people!\", min(work_date) as \"oldest?\"\nfrom entries_in_reach(:reach!, :asker!) where stage = 'submitted' and kind = 'time' and person_id <> :asker!\n  and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select coalesce(sum(quantity), 0) as "submitted!", count(distinct person_id) as "people!", min(work_date) as "oldest?"
 * from entries_in_reach(:reach!, :asker!) where stage = 'submitted' and kind = 'time' and person_id <> :asker!
 *   and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)
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

const ownReviewStateIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":267,"b":274}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":296,"b":301}]}],"statement":"select t.state as \"state!\",\n  (select bool_and(e.stage not in ('recorded', 'submitted')) from entry e where e.firm_id = t.firm_id and e.person_id = t.person_id and e.work_date between t.period_from and t.period_to) as \"approved?\"\nfrom timesheet t where t.person_id = :person! and t.period_from = :from!"};

/**
 * Query generated from SQL:
 * ```
 * select t.state as "state!",
 *   (select bool_and(e.stage not in ('recorded', 'submitted')) from entry e where e.firm_id = t.firm_id and e.person_id = t.person_id and e.work_date between t.period_from and t.period_to) as "approved?"
 * from timesheet t where t.person_id = :person! and t.period_from = :from!
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

const readyToBillIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":285,"b":291}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":294,"b":300}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":399,"b":404}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":413,"b":417}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":439,"b":448}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":457,"b":465}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":484,"b":490}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":499,"b":504},{"a":535,"b":540}]}],"statement":"select value_currency as \"currency!\", sum(value_minor) filter (where rate is not null and hold_reason is null) as \"minor?\", min(work_date) filter (where rate is not null and hold_reason is null) as \"oldest?\",\n  count(*) filter (where rate is null) as \"unpriced!\"\nfrom entries_in_reach(:reach!, :asker!)\nwhere stage = 'approved' and billing_state = 'to bill' and billed_quantity = 0 and work_date <= :upTo!\n  and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)\ngroup by 1"};

/**
 * Query generated from SQL:
 * ```
 * select value_currency as "currency!", sum(value_minor) filter (where rate is not null and hold_reason is null) as "minor?", min(work_date) filter (where rate is not null and hold_reason is null) as "oldest?",
 *   count(*) filter (where rate is null) as "unpriced!"
 * from entries_in_reach(:reach!, :asker!)
 * where stage = 'approved' and billing_state = 'to bill' and billed_quantity = 0 and work_date <= :upTo!
 *   and (:all! or project_id = any(:projects!)) and (:anyTask! or task_id = any(:tasks!)) and (:whose::uuid is null or person_id = :whose)
 * group by 1
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

const openInvoicesIR: any = {"usedParamSet":{"today":true,"reach":true,"asker":true,"all":true,"projects":true,"whose":true},"params":[{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":155,"b":161}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":286,"b":292}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":478,"b":484}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":495,"b":499}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":616,"b":625}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":637,"b":642},{"a":832,"b":837}]}],"statement":"select i.currency as \"currency!\", sum(i.gross_minor - i.settled_minor) as \"minor!\", coalesce(sum(i.gross_minor - i.settled_minor) filter (where i.due_on < :today!), 0) as \"late!\"\nfrom invoice i\nwhere i.status = 'issued' and i.kind = 'invoice' and i.settled_minor < i.gross_minor\n  and (:reach! = 'firm' or exists (select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))\n  and (:all! or exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)))\n  and (:whose::uuid is null or exists (select 1 from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id where l.firm_id = i.firm_id and l.invoice_id = i.id and s.person_id = :whose))\ngroup by 1 order by 1"};

/**
 * Query generated from SQL:
 * ```
 * select i.currency as "currency!", sum(i.gross_minor - i.settled_minor) as "minor!", coalesce(sum(i.gross_minor - i.settled_minor) filter (where i.due_on < :today!), 0) as "late!"
 * from invoice i
 * where i.status = 'issued' and i.kind = 'invoice' and i.settled_minor < i.gross_minor
 *   and (:reach! = 'firm' or exists (select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))
 *   and (:all! or exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)))
 *   and (:whose::uuid is null or exists (select 1 from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id where l.firm_id = i.firm_id and l.invoice_id = i.id and s.person_id = :whose))
 * group by 1 order by 1
 * ```
 */
export const openInvoices = new PreparedQuery<IOpenInvoicesParams,IOpenInvoicesResult>(openInvoicesIR);


/** 'ScheduleOf' parameters type */
export interface IScheduleOfParams {
  from: string;
  people: stringArray;
  to: string;
}

/** 'ScheduleOf' return type */
export interface IScheduleOfResult {
  dayEnd: string;
  dayStart: string;
  personId: string;
  planned: numberArray;
  validFrom: string;
  validTo: string | null;
}

/** 'ScheduleOf' query type */
export interface IScheduleOfQuery {
  params: IScheduleOfParams;
  result: IScheduleOfResult;
}

const scheduleOfIR: any = {"usedParamSet":{"people":true,"to":true,"from":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":191,"b":198}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":219,"b":222}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":261,"b":266}]}],"statement":"select person_id as \"personId!\", valid_from as \"validFrom!\", valid_to as \"validTo?\", planned as \"planned!\", day_start as \"dayStart!\", day_end as \"dayEnd!\"\nfrom schedule where person_id = any(:people!) and valid_from <= :to! and (valid_to is null or valid_to >= :from!) order by person_id, valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select person_id as "personId!", valid_from as "validFrom!", valid_to as "validTo?", planned as "planned!", day_start as "dayStart!", day_end as "dayEnd!"
 * from schedule where person_id = any(:people!) and valid_from <= :to! and (valid_to is null or valid_to >= :from!) order by person_id, valid_from
 * ```
 */
export const scheduleOf = new PreparedQuery<IScheduleOfParams,IScheduleOfResult>(scheduleOfIR);


/** 'ExchangeRates' parameters type */
export type IExchangeRatesParams = void;

/** 'ExchangeRates' return type */
export interface IExchangeRatesResult {
  currency: string;
  rate: number;
  validFrom: string;
  validTo: string | null;
}

/** 'ExchangeRates' query type */
export interface IExchangeRatesQuery {
  params: IExchangeRatesParams;
  result: IExchangeRatesResult;
}

const exchangeRatesIR: any = {"usedParamSet":{},"params":[],"statement":"select currency as \"currency!\", rate as \"rate!\", valid_from as \"validFrom!\", valid_to as \"validTo?\" from exchange_rate order by currency, valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select currency as "currency!", rate as "rate!", valid_from as "validFrom!", valid_to as "validTo?" from exchange_rate order by currency, valid_from
 * ```
 */
export const exchangeRates = new PreparedQuery<IExchangeRatesParams,IExchangeRatesResult>(exchangeRatesIR);


