/** Types generated for queries found in "packages/server/src/work/read-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ClientsSeen' parameters type */
export interface IClientsSeenParams {
  asker: string;
  changes: boolean;
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

const clientsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true,"changes":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":165},{"a":322,"b":328}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":168,"b":174}]},{"name":"changes","required":true,"transform":{"type":"scalar"},"locs":[{"a":348,"b":356}]}],"statement":"select\n  c.id as \"id!\",\n  c.name as \"name!\",\n  c.currency as \"currency!\"\nfrom\n  client c\nwhere\n  exists (\n    select\n      1\n    from\n      projects_in_reach (:reach!, :asker!) p\n    where\n      p.client_id = c.id\n  )\n  -- One that has no project yet is seen by those who see all work, or may add some.\n  or (\n    (\n      :reach! = 'firm'\n      or :changes!\n    )\n    and not exists (\n      select\n      from\n        project p\n      where\n        p.client_id = c.id\n    )\n  )\norder by\n  c.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   c.id as "id!",
 *   c.name as "name!",
 *   c.currency as "currency!"
 * from
 *   client c
 * where
 *   exists (
 *     select
 *       1
 *     from
 *       projects_in_reach (:reach!, :asker!) p
 *     where
 *       p.client_id = c.id
 *   )
 *   -- One that has no project yet is seen by those who see all work, or may add some.
 *   or (
 *     (
 *       :reach! = 'firm'
 *       or :changes!
 *     )
 *     and not exists (
 *       select
 *       from
 *         project p
 *       where
 *         p.client_id = c.id
 *     )
 *   )
 * order by
 *   c.name
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

const departmentsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":134,"b":140}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":143,"b":149}]}],"statement":"select\n  d.id as \"id!\",\n  d.name as \"name!\"\nfrom\n  department d\nwhere\n  exists (\n    select\n      1\n    from\n      projects_in_reach (:reach!, :asker!) p\n    where\n      p.department_id = d.id\n  )\norder by\n  d.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   d.id as "id!",
 *   d.name as "name!"
 * from
 *   department d
 * where
 *   exists (
 *     select
 *       1
 *     from
 *       projects_in_reach (:reach!, :asker!) p
 *     where
 *       p.department_id = d.id
 *   )
 * order by
 *   d.name
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
  orderReference: string;
  shown: string;
  tone: number;
}

/** 'ProjectsSeen' query type */
export interface IProjectsSeenQuery {
  params: IProjectsSeenParams;
  result: IProjectsSeenResult;
}

const projectsSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":345,"b":351}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":354,"b":360}]}],"statement":"select\n  p.id as \"id!\",\n  p.client_id as \"clientId?\",\n  p.department_id as \"departmentId?\",\n  p.name as \"name!\",\n  work_text (p) as \"shown!\",\n  p.code as \"code!\",\n  p.order_reference as \"orderReference!\",\n  p.tone as \"tone!\",\n  (p.state = 'open') as \"open!\",\n  p.billable as \"billable!\",\n  p.manager_id as \"managerId!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.client_id as "clientId?",
 *   p.department_id as "departmentId?",
 *   p.name as "name!",
 *   work_text (p) as "shown!",
 *   p.code as "code!",
 *   p.order_reference as "orderReference!",
 *   p.tone as "tone!",
 *   (p.state = 'open') as "open!",
 *   p.billable as "billable!",
 *   p.manager_id as "managerId!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 * order by
 *   p.name
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

const tasksSeenIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":200,"b":206}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":215}]}],"statement":"select\n  t.id as \"id!\",\n  t.project_id as \"projectId!\",\n  t.parent_id as \"parentId?\",\n  t.name as \"name!\",\n  t.kind as \"kind!\",\n  (t.state = 'open') as \"open!\"\nfrom\n  task t\n  join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id\n  and p.id = t.project_id\norder by\n  t.project_id,\n  t.place,\n  t.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.project_id as "projectId!",
 *   t.parent_id as "parentId?",
 *   t.name as "name!",
 *   t.kind as "kind!",
 *   (t.state = 'open') as "open!"
 * from
 *   task t
 *   join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
 *   and p.id = t.project_id
 * order by
 *   t.project_id,
 *   t.place,
 *   t.name
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

const servicesSeenIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  id as \"id!\",\n  code as \"code!\",\n  name as \"name!\",\n  kind as \"kind!\",\n  billable as \"billable!\"\nfrom\n  service\norder by\n  name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   code as "code!",
 *   name as "name!",
 *   kind as "kind!",
 *   billable as "billable!"
 * from
 *   service
 * order by
 *   name
 * ```
 */
export const servicesSeen = new PreparedQuery<IServicesSeenParams,IServicesSeenResult>(servicesSeenIR);


/** 'WorkedLately' parameters type */
export interface IWorkedLatelyParams {
  asker: string;
  since: string;
}

/** 'WorkedLately' return type */
export interface IWorkedLatelyResult {
  projectId: string;
  taskId: string | null;
}

/** 'WorkedLately' query type */
export interface IWorkedLatelyQuery {
  params: IWorkedLatelyParams;
  result: IWorkedLatelyResult;
}

const workedLatelyIR: any = {"usedParamSet":{"asker":true,"since":true},"params":[{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":107}]},{"name":"since","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":135}]}],"statement":"select\n  e.project_id as \"projectId!\",\n  e.task_id as \"taskId?\"\nfrom\n  entry e\nwhere\n  e.person_id = :asker!\n  and e.work_date > :since!\n  and e.project_id is not null\ngroup by\n  e.project_id,\n  e.task_id\norder by\n  max(e.work_date) desc,\n  max(e.id::text) desc\nlimit\n  12"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.project_id as "projectId!",
 *   e.task_id as "taskId?"
 * from
 *   entry e
 * where
 *   e.person_id = :asker!
 *   and e.work_date > :since!
 *   and e.project_id is not null
 * group by
 *   e.project_id,
 *   e.task_id
 * order by
 *   max(e.work_date) desc,
 *   max(e.id::text) desc
 * limit
 *   12
 * ```
 */
export const workedLately = new PreparedQuery<IWorkedLatelyParams,IWorkedLatelyResult>(workedLatelyIR);


