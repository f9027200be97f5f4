/** Types generated for queries found in "packages/server/src/work/who-records.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WhoRecords' parameters type */
export interface IWhoRecordsParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'WhoRecords' return type */
export interface IWhoRecordsResult {
  everyone: boolean;
  id: string;
  version: number;
}

/** 'WhoRecords' query type */
export interface IWhoRecordsQuery {
  params: IWhoRecordsParams;
  result: IWhoRecordsResult;
}

const whoRecordsIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":118}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":121,"b":127}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":150}]}],"statement":"select\n  p.id as \"id!\",\n  p.version as \"version!\",\n  not p.restricted as \"everyone!\"\nfrom\n  projects_to_change (:reach!, :asker!) p\nwhere\n  p.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.version as "version!",
 *   not p.restricted as "everyone!"
 * from
 *   projects_to_change (:reach!, :asker!) p
 * where
 *   p.id = :id!
 * ```
 */
export const whoRecords = new PreparedQuery<IWhoRecordsParams,IWhoRecordsResult>(whoRecordsIR);


/** 'PeopleNamed' parameters type */
export interface IPeopleNamedParams {
  id: string;
}

/** 'PeopleNamed' return type */
export interface IPeopleNamedResult {
  id: string;
  name: string;
}

/** 'PeopleNamed' query type */
export interface IPeopleNamedQuery {
  params: IPeopleNamedParams;
  result: IPeopleNamedResult;
}

const peopleNamedIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":157,"b":160}]}],"statement":"select\n  r.id as \"id!\",\n  r.name as \"name!\"\nfrom\n  project_person x\n  join person r on r.firm_id = x.firm_id\n  and r.id = x.person_id\nwhere\n  x.project_id = :id!\norder by\n  r.name,\n  r.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.name as "name!"
 * from
 *   project_person x
 *   join person r on r.firm_id = x.firm_id
 *   and r.id = x.person_id
 * where
 *   x.project_id = :id!
 * order by
 *   r.name,
 *   r.id
 * ```
 */
export const peopleNamed = new PreparedQuery<IPeopleNamedParams,IPeopleNamedResult>(peopleNamedIR);


/** 'TeamsNamed' parameters type */
export interface ITeamsNamedParams {
  id: string;
}

/** 'TeamsNamed' return type */
export interface ITeamsNamedResult {
  id: string;
  name: string;
  named: boolean;
  people: number;
}

/** 'TeamsNamed' query type */
export interface ITeamsNamedQuery {
  params: ITeamsNamedParams;
  result: ITeamsNamedResult;
}

const teamsNamedIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":367,"b":370}]}],"statement":"select\n  t.id as \"id!\",\n  t.name as \"name!\",\n  (\n    select\n      count(*)\n    from\n      (\n        select\n          t.lead_id\n        union\n        select\n          m.person_id\n        from\n          team_person m\n        where\n          m.team_id = t.id\n      ) m\n  ) as \"people!\",\n  exists (\n    select\n    from\n      project_team x\n    where\n      x.project_id = :id!\n      and x.team_id = t.id\n  ) as \"named!\"\nfrom\n  team t\norder by\n  t.name,\n  t.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.name as "name!",
 *   (
 *     select
 *       count(*)
 *     from
 *       (
 *         select
 *           t.lead_id
 *         union
 *         select
 *           m.person_id
 *         from
 *           team_person m
 *         where
 *           m.team_id = t.id
 *       ) m
 *   ) as "people!",
 *   exists (
 *     select
 *     from
 *       project_team x
 *     where
 *       x.project_id = :id!
 *       and x.team_id = t.id
 *   ) as "named!"
 * from
 *   team t
 * order by
 *   t.name,
 *   t.id
 * ```
 */
export const teamsNamed = new PreparedQuery<ITeamsNamedParams,ITeamsNamedResult>(teamsNamedIR);


/** 'PeopleToName' parameters type */
export interface IPeopleToNameParams {
  people: stringArray;
}

/** 'PeopleToName' return type */
export interface IPeopleToNameResult {
  id: string;
  leftOn: string | null;
  name: string;
}

/** 'PeopleToName' query type */
export interface IPeopleToNameQuery {
  params: IPeopleToNameParams;
  result: IPeopleToNameResult;
}

const peopleToNameIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":113}]}],"statement":"select\n  r.id as \"id!\",\n  r.name as \"name!\",\n  r.left_on as \"leftOn?\"\nfrom\n  person r\nwhere\n  r.id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.name as "name!",
 *   r.left_on as "leftOn?"
 * from
 *   person r
 * where
 *   r.id = any (:people!)
 * ```
 */
export const peopleToName = new PreparedQuery<IPeopleToNameParams,IPeopleToNameResult>(peopleToNameIR);


/** 'SetEveryone' parameters type */
export interface ISetEveryoneParams {
  everyone: boolean;
  id: string;
}

/** 'SetEveryone' return type */
export type ISetEveryoneResult = void;

/** 'SetEveryone' query type */
export interface ISetEveryoneQuery {
  params: ISetEveryoneParams;
  result: ISetEveryoneResult;
}

const setEveryoneIR: any = {"usedParamSet":{"everyone":true,"id":true},"params":[{"name":"everyone","required":true,"transform":{"type":"scalar"},"locs":[{"a":38,"b":47}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":87,"b":90}]}],"statement":"update project\nset\n  restricted = not :everyone!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   restricted = not :everyone!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setEveryone = new PreparedQuery<ISetEveryoneParams,ISetEveryoneResult>(setEveryoneIR);


/** 'ForgetNamed' parameters type */
export interface IForgetNamedParams {
  id: string;
}

/** 'ForgetNamed' return type */
export type IForgetNamedResult = void;

/** 'ForgetNamed' query type */
export interface IForgetNamedQuery {
  params: IForgetNamedParams;
  result: IForgetNamedResult;
}

const forgetNamedIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":82},{"a":134,"b":137}]}],"statement":"with\n  people as (\n    delete from project_person\n    where\n      project_id = :id!\n  )\ndelete from project_team\nwhere\n  project_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   people as (
 *     delete from project_person
 *     where
 *       project_id = :id!
 *   )
 * delete from project_team
 * where
 *   project_id = :id!
 * ```
 */
export const forgetNamed = new PreparedQuery<IForgetNamedParams,IForgetNamedResult>(forgetNamedIR);


/** 'NamePeople' parameters type */
export interface INamePeopleParams {
  firm: string;
  id: string;
  people: stringArray;
}

/** 'NamePeople' return type */
export type INamePeopleResult = void;

/** 'NamePeople' query type */
export interface INamePeopleQuery {
  params: INamePeopleParams;
  result: INamePeopleResult;
}

const namePeopleIR: any = {"usedParamSet":{"firm":true,"id":true,"people":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":76}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":81,"b":84}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":103}]}],"statement":"insert into\n  project_person (firm_id, project_id, person_id)\nselect\n  :firm!,\n  :id!,\n  unnest(:people!::uuid[])"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project_person (firm_id, project_id, person_id)
 * select
 *   :firm!,
 *   :id!,
 *   unnest(:people!::uuid[])
 * ```
 */
export const namePeople = new PreparedQuery<INamePeopleParams,INamePeopleResult>(namePeopleIR);


/** 'NameTeams' parameters type */
export interface INameTeamsParams {
  firm: string;
  id: string;
  teams: stringArray;
}

/** 'NameTeams' return type */
export type INameTeamsResult = void;

/** 'NameTeams' query type */
export interface INameTeamsQuery {
  params: INameTeamsParams;
  result: INameTeamsResult;
}

const nameTeamsIR: any = {"usedParamSet":{"firm":true,"id":true,"teams":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":72}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":80}]},{"name":"teams","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":98}]}],"statement":"insert into\n  project_team (firm_id, project_id, team_id)\nselect\n  :firm!,\n  :id!,\n  unnest(:teams!::uuid[])"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project_team (firm_id, project_id, team_id)
 * select
 *   :firm!,
 *   :id!,
 *   unnest(:teams!::uuid[])
 * ```
 */
export const nameTeams = new PreparedQuery<INameTeamsParams,INameTeamsResult>(nameTeamsIR);


