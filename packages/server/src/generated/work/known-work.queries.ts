/** Types generated for queries found in "packages/server/src/work/known-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'TasksKnown' parameters type */
export interface ITasksKnownParams {
  asker: string;
  reach: string;
  tasks: stringArray;
}

/** 'TasksKnown' return type */
export interface ITasksKnownResult {
  id: string;
  kind: string;
  name: string;
  open: boolean;
  parentId: string | null;
  projectId: string;
}

/** 'TasksKnown' query type */
export interface ITasksKnownQuery {
  params: ITasksKnownParams;
  result: ITasksKnownResult;
}

const tasksKnownIR: any = {"usedParamSet":{"tasks":true,"reach":true,"asker":true},"params":[{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":99,"b":105}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":439,"b":445}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":448,"b":454}]}],"statement":"with recursive\n  known as (\n    select\n      t.*\n    from\n      task t\n    where\n      t.id = any (:tasks!)\n    union\n    select\n      t.*\n    from\n      known k\n      join task t on t.firm_id = k.firm_id\n      and t.id = k.parent_id\n  )\nselect\n  k.id as \"id!\",\n  k.project_id as \"projectId!\",\n  k.parent_id as \"parentId?\",\n  k.name as \"name!\",\n  k.kind as \"kind!\",\n  (k.state = 'open') as \"open!\"\nfrom\n  known k\n  join projects_in_reach (:reach!, :asker!) p on p.firm_id = k.firm_id\n  and p.id = k.project_id"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   known as (
 *     select
 *       t.*
 *     from
 *       task t
 *     where
 *       t.id = any (:tasks!)
 *     union
 *     select
 *       t.*
 *     from
 *       known k
 *       join task t on t.firm_id = k.firm_id
 *       and t.id = k.parent_id
 *   )
 * select
 *   k.id as "id!",
 *   k.project_id as "projectId!",
 *   k.parent_id as "parentId?",
 *   k.name as "name!",
 *   k.kind as "kind!",
 *   (k.state = 'open') as "open!"
 * from
 *   known k
 *   join projects_in_reach (:reach!, :asker!) p on p.firm_id = k.firm_id
 *   and p.id = k.project_id
 * ```
 */
export const tasksKnown = new PreparedQuery<ITasksKnownParams,ITasksKnownResult>(tasksKnownIR);


/** 'ProjectsKnown' parameters type */
export interface IProjectsKnownParams {
  asker: string;
  others: boolean;
  projects: stringArray;
  reach: string;
}

/** 'ProjectsKnown' return type */
export interface IProjectsKnownResult {
  archived: boolean;
  billable: boolean;
  clientId: string | null;
  code: string;
  complete: number | null;
  departmentId: string | null;
  endsOn: string | null;
  id: string;
  managerId: string;
  name: string;
  named: Json | null;
  open: boolean;
  orderReference: string;
  shown: string;
  startsOn: string | null;
  state: string;
  takesTime: boolean;
  tone: number;
}

/** 'ProjectsKnown' query type */
export interface IProjectsKnownQuery {
  params: IProjectsKnownParams;
  result: IProjectsKnownResult;
}

const projectsKnownIR: any = {"usedParamSet":{"asker":true,"others":true,"reach":true,"projects":true},"params":[{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":288,"b":294},{"a":909,"b":915}]},{"name":"others","required":true,"transform":{"type":"scalar"},"locs":[{"a":297,"b":304}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":900,"b":906}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1012,"b":1021}]}],"statement":"select\n  p.id as \"id!\",\n  p.client_id as \"clientId?\",\n  p.department_id as \"departmentId?\",\n  p.name as \"name!\",\n  work_text (p) as \"shown!\",\n  p.code as \"code!\",\n  p.order_reference as \"orderReference!\",\n  p.tone as \"tone!\",\n  s.name as \"state!\",\n  is_live (p) as \"open!\",\n  open_to (p, :asker!, :others!) as \"takesTime!\",\n  case\n    when p.restricted then json_build_object(\n      'people',\n      (\n        select\n          count(*)\n        from\n          project_person x\n        where\n          x.project_id = p.id\n      ),\n      'teams',\n      (\n        select\n          count(*)\n        from\n          project_team x\n        where\n          x.project_id = p.id\n      )\n    )\n  end as \"named?\",\n  p.archived as \"archived!\",\n  p.billable as \"billable!\",\n  p.manager_id as \"managerId!\",\n  p.starts_on as \"startsOn?\",\n  p.ends_on as \"endsOn?\",\n  p.complete as \"complete?\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  join project_state s on s.firm_id = p.firm_id\n  and s.id = p.state_id\nwhere\n  p.id = any (:projects!)"};

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
 *   s.name as "state!",
 *   is_live (p) as "open!",
 *   open_to (p, :asker!, :others!) as "takesTime!",
 *   case
 *     when p.restricted then json_build_object(
 *       'people',
 *       (
 *         select
 *           count(*)
 *         from
 *           project_person x
 *         where
 *           x.project_id = p.id
 *       ),
 *       'teams',
 *       (
 *         select
 *           count(*)
 *         from
 *           project_team x
 *         where
 *           x.project_id = p.id
 *       )
 *     )
 *   end as "named?",
 *   p.archived as "archived!",
 *   p.billable as "billable!",
 *   p.manager_id as "managerId!",
 *   p.starts_on as "startsOn?",
 *   p.ends_on as "endsOn?",
 *   p.complete as "complete?"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   join project_state s on s.firm_id = p.firm_id
 *   and s.id = p.state_id
 * where
 *   p.id = any (:projects!)
 * ```
 */
export const projectsKnown = new PreparedQuery<IProjectsKnownParams,IProjectsKnownResult>(projectsKnownIR);


/** 'ClientsKnown' parameters type */
export interface IClientsKnownParams {
  adds: boolean;
  asker: string;
  clients: stringArray;
  reach: string;
}

/** 'ClientsKnown' return type */
export interface IClientsKnownResult {
  archived: boolean;
  currency: string;
  id: string;
  name: string;
}

/** 'ClientsKnown' query type */
export interface IClientsKnownQuery {
  params: IClientsKnownParams;
  result: IClientsKnownResult;
}

const clientsKnownIR: any = {"usedParamSet":{"reach":true,"asker":true,"adds":true,"clients":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":127,"b":133}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":136,"b":142}]},{"name":"adds","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":150}]},{"name":"clients","required":true,"transform":{"type":"scalar"},"locs":[{"a":175,"b":183}]}],"statement":"select\n  c.id as \"id!\",\n  c.name as \"name!\",\n  c.currency as \"currency!\",\n  c.archived as \"archived!\"\nfrom\n  clients_in_reach (:reach!, :asker!, :adds!) c\nwhere\n  c.id = any (:clients!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   c.id as "id!",
 *   c.name as "name!",
 *   c.currency as "currency!",
 *   c.archived as "archived!"
 * from
 *   clients_in_reach (:reach!, :asker!, :adds!) c
 * where
 *   c.id = any (:clients!)
 * ```
 */
export const clientsKnown = new PreparedQuery<IClientsKnownParams,IClientsKnownResult>(clientsKnownIR);


/** 'DepartmentsKnown' parameters type */
export interface IDepartmentsKnownParams {
  asker: string;
  departments: stringArray;
  reach: string;
}

/** 'DepartmentsKnown' return type */
export interface IDepartmentsKnownResult {
  id: string;
  name: string;
}

/** 'DepartmentsKnown' query type */
export interface IDepartmentsKnownQuery {
  params: IDepartmentsKnownParams;
  result: IDepartmentsKnownResult;
}

const departmentsKnownIR: any = {"usedParamSet":{"reach":true,"asker":true,"departments":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":79}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":88}]},{"name":"departments","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":125}]}],"statement":"select\n  d.id as \"id!\",\n  d.name as \"name!\"\nfrom\n  departments_in_reach (:reach!, :asker!) d\nwhere\n  d.id = any (:departments!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   d.id as "id!",
 *   d.name as "name!"
 * from
 *   departments_in_reach (:reach!, :asker!) d
 * where
 *   d.id = any (:departments!)
 * ```
 */
export const departmentsKnown = new PreparedQuery<IDepartmentsKnownParams,IDepartmentsKnownResult>(departmentsKnownIR);


/** 'PeopleKnown' parameters type */
export interface IPeopleKnownParams {
  asker: string;
  on: string;
  people: stringArray;
  reach: string;
}

/** 'PeopleKnown' return type */
export interface IPeopleKnownResult {
  id: string;
  name: string;
  position: string | null;
}

/** 'PeopleKnown' query type */
export interface IPeopleKnownQuery {
  params: IPeopleKnownParams;
  result: IPeopleKnownResult;
}

const peopleKnownIR: any = {"usedParamSet":{"reach":true,"asker":true,"on":true,"people":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":100}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":109}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":140,"b":143}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":221,"b":228}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  po.name as \"position?\"\nfrom\n  people_in_reach (:reach!, :asker!) p\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\nwhere\n  p.id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   po.name as "position?"
 * from
 *   people_in_reach (:reach!, :asker!) p
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 * where
 *   p.id = any (:people!)
 * ```
 */
export const peopleKnown = new PreparedQuery<IPeopleKnownParams,IPeopleKnownResult>(peopleKnownIR);


