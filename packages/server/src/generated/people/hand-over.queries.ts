/** Types generated for queries found in "packages/server/src/people/hand-over.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ProjectsManaged' parameters type */
export interface IProjectsManagedParams {
  person: string;
}

/** 'ProjectsManaged' return type */
export interface IProjectsManagedResult {
  client: string | null;
  id: string;
  name: string;
}

/** 'ProjectsManaged' query type */
export interface IProjectsManagedQuery {
  params: IProjectsManagedParams;
  result: IProjectsManagedResult;
}

const projectsManagedIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":178,"b":185}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  c.name as \"client?\"\nfrom\n  project p\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  p.manager_id = :person!\n  and is_live (p)\norder by\n  c.name nulls first,\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   c.name as "client?"
 * from
 *   project p
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   p.manager_id = :person!
 *   and is_live (p)
 * order by
 *   c.name nulls first,
 *   p.name
 * ```
 */
export const projectsManaged = new PreparedQuery<IProjectsManagedParams,IProjectsManagedResult>(projectsManagedIR);


/** 'OpenDays' parameters type */
export interface IOpenDaysParams {
  person: string;
}

/** 'OpenDays' return type */
export interface IOpenDaysResult {
  date: string;
  duration: number;
}

/** 'OpenDays' query type */
export interface IOpenDaysQuery {
  params: IOpenDaysParams;
  result: IOpenDaysResult;
}

const openDaysIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":111,"b":118}]}],"statement":"select\n  e.work_date as \"date!\",\n  sum(e.quantity)::bigint as \"duration!\"\nfrom\n  entry e\nwhere\n  e.person_id = :person!\n  and e.stage = 'recorded'\n  and e.kind = 'time'\ngroup by\n  e.work_date\norder by\n  e.work_date"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.work_date as "date!",
 *   sum(e.quantity)::bigint as "duration!"
 * from
 *   entry e
 * where
 *   e.person_id = :person!
 *   and e.stage = 'recorded'
 *   and e.kind = 'time'
 * group by
 *   e.work_date
 * order by
 *   e.work_date
 * ```
 */
export const openDays = new PreparedQuery<IOpenDaysParams,IOpenDaysResult>(openDaysIR);


/** 'GiveProjects' parameters type */
export interface IGiveProjectsParams {
  person: string;
  projects: stringArray;
  to: string;
}

/** 'GiveProjects' return type */
export interface IGiveProjectsResult {
  id: string;
  name: string;
}

/** 'GiveProjects' query type */
export interface IGiveProjectsQuery {
  params: IGiveProjectsParams;
  result: IGiveProjectsResult;
}

const giveProjectsIR: any = {"usedParamSet":{"to":true,"projects":true,"person":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":37}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":57,"b":66}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":95}]}],"statement":"update project\nset\n  manager_id = :to!\nwhere\n  id = any (:projects!)\n  and manager_id = :person!\nreturning\n  id as \"id!\",\n  name as \"name!\""};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   manager_id = :to!
 * where
 *   id = any (:projects!)
 *   and manager_id = :person!
 * returning
 *   id as "id!",
 *   name as "name!"
 * ```
 */
export const giveProjects = new PreparedQuery<IGiveProjectsParams,IGiveProjectsResult>(giveProjectsIR);


/** 'LeadTeams' parameters type */
export interface ILeadTeamsParams {
  teams: stringArray;
  to: string;
}

/** 'LeadTeams' return type */
export type ILeadTeamsResult = void;

/** 'LeadTeams' query type */
export interface ILeadTeamsQuery {
  params: ILeadTeamsParams;
  result: ILeadTeamsResult;
}

const leadTeamsIR: any = {"usedParamSet":{"to":true,"teams":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":31}]},{"name":"teams","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":82}]}],"statement":"update team\nset\n  lead_id = :to!,\n  version = version + 1\nwhere\n  id = any (:teams!)"};

/**
 * Query generated from SQL:
 * ```
 * update team
 * set
 *   lead_id = :to!,
 *   version = version + 1
 * where
 *   id = any (:teams!)
 * ```
 */
export const leadTeams = new PreparedQuery<ILeadTeamsParams,ILeadTeamsResult>(leadTeamsIR);


