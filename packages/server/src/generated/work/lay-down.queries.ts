/** Types generated for queries found in "packages/server/src/work/lay-down.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'AddTasks' parameters type */
export interface IAddTasksParams {
  firm: string;
  tasks: Json;
}

/** 'AddTasks' return type */
export type IAddTasksResult = void;

/** 'AddTasks' query type */
export interface IAddTasksQuery {
  params: IAddTasksParams;
  result: IAddTasksResult;
}

const addTasksIR: any = {"usedParamSet":{"firm":true,"tasks":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":99}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":213,"b":219}]}],"statement":"insert into\n  task (firm_id, id, project_id, parent_id, kind, name, place, estimate)\nselect\n  :firm!,\n  t.id,\n  t.\"projectId\",\n  t.\"parentId\",\n  t.kind,\n  t.name,\n  t.place,\n  t.estimate\nfrom\n  jsonb_to_recordset(:tasks!) as t (\n    id uuid,\n    \"projectId\" uuid,\n    \"parentId\" uuid,\n    kind text,\n    name text,\n    place integer,\n    estimate bigint\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   task (firm_id, id, project_id, parent_id, kind, name, place, estimate)
 * select
 *   :firm!,
 *   t.id,
 *   t."projectId",
 *   t."parentId",
 *   t.kind,
 *   t.name,
 *   t.place,
 *   t.estimate
 * from
 *   jsonb_to_recordset(:tasks!) as t (
 *     id uuid,
 *     "projectId" uuid,
 *     "parentId" uuid,
 *     kind text,
 *     name text,
 *     place integer,
 *     estimate bigint
 *   )
 * ```
 */
export const addTasks = new PreparedQuery<IAddTasksParams,IAddTasksResult>(addTasksIR);


