/** Types generated for queries found in "packages/server/src/work/outline.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'TasksOfProjects' parameters type */
export interface ITasksOfProjectsParams {
  projects: stringArray;
}

/** 'TasksOfProjects' return type */
export interface ITasksOfProjectsResult {
  estimate: number;
  id: string;
  kind: string;
  name: string;
  open: boolean;
  parentId: string | null;
  place: number;
  projectId: string;
  version: number;
}

/** 'TasksOfProjects' query type */
export interface ITasksOfProjectsQuery {
  params: ITasksOfProjectsParams;
  result: ITasksOfProjectsResult;
}

const tasksOfProjectsIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":281,"b":290}]}],"statement":"select\n  t.id as \"id!\",\n  t.project_id as \"projectId!\",\n  t.parent_id as \"parentId?\",\n  t.kind as \"kind!\",\n  t.name as \"name!\",\n  t.place as \"place!\",\n  (t.state = 'open') as \"open!\",\n  t.estimate as \"estimate!\",\n  t.version as \"version!\"\nfrom\n  task t\nwhere\n  t.project_id = any (:projects!)\norder by\n  t.place,\n  t.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.project_id as "projectId!",
 *   t.parent_id as "parentId?",
 *   t.kind as "kind!",
 *   t.name as "name!",
 *   t.place as "place!",
 *   (t.state = 'open') as "open!",
 *   t.estimate as "estimate!",
 *   t.version as "version!"
 * from
 *   task t
 * where
 *   t.project_id = any (:projects!)
 * order by
 *   t.place,
 *   t.id
 * ```
 */
export const tasksOfProjects = new PreparedQuery<ITasksOfProjectsParams,ITasksOfProjectsResult>(tasksOfProjectsIR);


/** 'ProjectOfTask' parameters type */
export interface IProjectOfTaskParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ProjectOfTask' return type */
export interface IProjectOfTaskResult {
  projectId: string;
}

/** 'ProjectOfTask' query type */
export interface IProjectOfTaskQuery {
  params: IProjectOfTaskParams;
  result: IProjectOfTaskResult;
}

const projectOfTaskIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":85}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":94}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":165,"b":168}]}],"statement":"select\n  t.project_id as \"projectId!\"\nfrom\n  task t\n  join projects_to_change (:reach!, :asker!) p on p.firm_id = t.firm_id\n  and p.id = t.project_id\nwhere\n  t.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.project_id as "projectId!"
 * from
 *   task t
 *   join projects_to_change (:reach!, :asker!) p on p.firm_id = t.firm_id
 *   and p.id = t.project_id
 * where
 *   t.id = :id!
 * ```
 */
export const projectOfTask = new PreparedQuery<IProjectOfTaskParams,IProjectOfTaskResult>(projectOfTaskIR);


/** 'ProjectSeen' parameters type */
export interface IProjectSeenParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ProjectSeen' return type */
export interface IProjectSeenResult {
  id: string;
}

/** 'ProjectSeen' query type */
export interface IProjectSeenQuery {
  params: IProjectSeenParams;
  result: IProjectSeenResult;
}

const projectSeenIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":55}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":64}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":87}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\nwhere\n  p.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 * where
 *   p.id = :id!
 * ```
 */
export const projectSeen = new PreparedQuery<IProjectSeenParams,IProjectSeenResult>(projectSeenIR);


/** 'ProjectToChange' parameters type */
export interface IProjectToChangeParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ProjectToChange' return type */
export interface IProjectToChangeResult {
  id: string;
  name: string;
}

/** 'ProjectToChange' query type */
export interface IProjectToChangeQuery {
  params: IProjectToChangeParams;
  result: IProjectToChangeResult;
}

const projectToChangeIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":77}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":86}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":109}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\"\nfrom\n  projects_to_change (:reach!, :asker!) p\nwhere\n  p.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!"
 * from
 *   projects_to_change (:reach!, :asker!) p
 * where
 *   p.id = :id!
 * ```
 */
export const projectToChange = new PreparedQuery<IProjectToChangeParams,IProjectToChangeResult>(projectToChangeIR);


/** 'AddOutlineTasks' parameters type */
export interface IAddOutlineTasksParams {
  firm: string;
  tasks: Json;
}

/** 'AddOutlineTasks' return type */
export type IAddOutlineTasksResult = void;

/** 'AddOutlineTasks' query type */
export interface IAddOutlineTasksQuery {
  params: IAddOutlineTasksParams;
  result: IAddOutlineTasksResult;
}

const addOutlineTasksIR: any = {"usedParamSet":{"firm":true,"tasks":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":106}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":278,"b":284}]}],"statement":"insert into\n  task (firm_id, id, project_id, parent_id, kind, name, place, estimate, state)\nselect\n  :firm!,\n  t.id,\n  t.\"projectId\",\n  t.\"parentId\",\n  t.kind,\n  t.name,\n  t.place,\n  t.estimate,\n  case\n    when t.open then 'open'\n    else 'done'\n  end\nfrom\n  jsonb_to_recordset(:tasks!) as t (\n    id uuid,\n    \"projectId\" uuid,\n    \"parentId\" uuid,\n    kind text,\n    name text,\n    place integer,\n    estimate bigint,\n    open boolean\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   task (firm_id, id, project_id, parent_id, kind, name, place, estimate, state)
 * select
 *   :firm!,
 *   t.id,
 *   t."projectId",
 *   t."parentId",
 *   t.kind,
 *   t.name,
 *   t.place,
 *   t.estimate,
 *   case
 *     when t.open then 'open'
 *     else 'done'
 *   end
 * from
 *   jsonb_to_recordset(:tasks!) as t (
 *     id uuid,
 *     "projectId" uuid,
 *     "parentId" uuid,
 *     kind text,
 *     name text,
 *     place integer,
 *     estimate bigint,
 *     open boolean
 *   )
 * ```
 */
export const addOutlineTasks = new PreparedQuery<IAddOutlineTasksParams,IAddOutlineTasksResult>(addOutlineTasksIR);


/** 'PlaceTasks' parameters type */
export interface IPlaceTasksParams {
  tasks: Json;
}

/** 'PlaceTasks' return type */
export type IPlaceTasksResult = void;

/** 'PlaceTasks' query type */
export interface IPlaceTasksQuery {
  params: IPlaceTasksParams;
  result: IPlaceTasksResult;
}

const placeTasksIR: any = {"usedParamSet":{"tasks":true},"params":[{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":153}]}],"statement":"update task t\nset\n  project_id = m.\"projectId\",\n  parent_id = m.\"parentId\",\n  place = m.place,\n  version = t.version + 1\nfrom\n  jsonb_to_recordset(:tasks!) as m (id uuid, \"projectId\" uuid, \"parentId\" uuid, place integer)\nwhere\n  t.id = m.id"};

/**
 * Query generated from SQL:
 * ```
 * update task t
 * set
 *   project_id = m."projectId",
 *   parent_id = m."parentId",
 *   place = m.place,
 *   version = t.version + 1
 * from
 *   jsonb_to_recordset(:tasks!) as m (id uuid, "projectId" uuid, "parentId" uuid, place integer)
 * where
 *   t.id = m.id
 * ```
 */
export const placeTasks = new PreparedQuery<IPlaceTasksParams,IPlaceTasksResult>(placeTasksIR);


/** 'SetTask' parameters type */
export interface ISetTaskParams {
  estimate: number;
  id: string;
  kind: string;
  name: string;
  state: string;
}

/** 'SetTask' return type */
export type ISetTaskResult = void;

/** 'SetTask' query type */
export interface ISetTaskQuery {
  params: ISetTaskParams;
  result: ISetTaskResult;
}

const setTaskIR: any = {"usedParamSet":{"name":true,"kind":true,"estimate":true,"state":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":47}]},{"name":"estimate","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":72}]},{"name":"state","required":true,"transform":{"type":"scalar"},"locs":[{"a":85,"b":91}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":131,"b":134}]}],"statement":"update task\nset\n  name = :name!,\n  kind = :kind!,\n  estimate = :estimate!,\n  state = :state!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update task
 * set
 *   name = :name!,
 *   kind = :kind!,
 *   estimate = :estimate!,
 *   state = :state!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setTask = new PreparedQuery<ISetTaskParams,ISetTaskResult>(setTaskIR);


/** 'UsedTasks' parameters type */
export interface IUsedTasksParams {
  ids: stringArray;
}

/** 'UsedTasks' return type */
export interface IUsedTasksResult {
  name: string;
}

/** 'UsedTasks' query type */
export interface IUsedTasksQuery {
  params: IUsedTasksParams;
  result: IUsedTasksResult;
}

const usedTasksIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":65}]}],"statement":"select\n  t.name as \"name!\"\nfrom\n  task t\nwhere\n  t.id = any (:ids!)\n  and (\n    exists (\n      select\n      from\n        entry e\n      where\n        e.firm_id = t.firm_id\n        and e.project_id = t.project_id\n        and e.task_id = t.id\n    )\n    or exists (\n      select\n      from\n        timer r\n      where\n        r.firm_id = t.firm_id\n        and r.task_id = t.id\n    )\n    or exists (\n      select\n      from\n        sheet_row s\n      where\n        s.firm_id = t.firm_id\n        and s.project_id = t.project_id\n        and s.task_id = t.id\n    )\n    or exists (\n      select\n      from\n        rate_rule q\n      where\n        q.firm_id = t.firm_id\n        and q.task_id = t.id\n    )\n  )\norder by\n  t.place\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.name as "name!"
 * from
 *   task t
 * where
 *   t.id = any (:ids!)
 *   and (
 *     exists (
 *       select
 *       from
 *         entry e
 *       where
 *         e.firm_id = t.firm_id
 *         and e.project_id = t.project_id
 *         and e.task_id = t.id
 *     )
 *     or exists (
 *       select
 *       from
 *         timer r
 *       where
 *         r.firm_id = t.firm_id
 *         and r.task_id = t.id
 *     )
 *     or exists (
 *       select
 *       from
 *         sheet_row s
 *       where
 *         s.firm_id = t.firm_id
 *         and s.project_id = t.project_id
 *         and s.task_id = t.id
 *     )
 *     or exists (
 *       select
 *       from
 *         rate_rule q
 *       where
 *         q.firm_id = t.firm_id
 *         and q.task_id = t.id
 *     )
 *   )
 * order by
 *   t.place
 * limit
 *   1
 * ```
 */
export const usedTasks = new PreparedQuery<IUsedTasksParams,IUsedTasksResult>(usedTasksIR);


/** 'RemoveTasks' parameters type */
export interface IRemoveTasksParams {
  ids: stringArray;
}

/** 'RemoveTasks' return type */
export type IRemoveTasksResult = void;

/** 'RemoveTasks' query type */
export interface IRemoveTasksQuery {
  params: IRemoveTasksParams;
  result: IRemoveTasksResult;
}

const removeTasksIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":39}]}],"statement":"delete from task\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from task
 * where
 *   id = any (:ids!)
 * ```
 */
export const removeTasks = new PreparedQuery<IRemoveTasksParams,IRemoveTasksResult>(removeTasksIR);


