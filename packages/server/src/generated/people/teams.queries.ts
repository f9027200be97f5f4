/** Types generated for queries found in "packages/server/src/people/teams.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'TeamsOfFirm' parameters type */
export interface ITeamsOfFirmParams {
  lead?: string | null | void;
}

/** 'TeamsOfFirm' return type */
export interface ITeamsOfFirmResult {
  id: string;
  leadId: string;
  name: string;
  people: stringArray;
  version: number;
}

/** 'TeamsOfFirm' query type */
export interface ITeamsOfFirmQuery {
  params: ITeamsOfFirmParams;
  result: ITeamsOfFirmResult;
}

const teamsOfFirmIR: any = {"usedParamSet":{"lead":true},"params":[{"name":"lead","required":false,"transform":{"type":"scalar"},"locs":[{"a":272,"b":276},{"a":309,"b":313}]}],"statement":"select\n  t.id as \"id!\",\n  t.name as \"name!\",\n  t.lead_id as \"leadId!\",\n  t.version as \"version!\",\n  array(\n    select\n      tp.person_id\n    from\n      team_person tp\n    where\n      tp.team_id = t.id\n    order by\n      tp.person_id\n  ) as \"people!\"\nfrom\n  team t\nwhere\n  :lead::uuid is null\n  or t.lead_id = :lead\norder by\n  t.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.name as "name!",
 *   t.lead_id as "leadId!",
 *   t.version as "version!",
 *   array(
 *     select
 *       tp.person_id
 *     from
 *       team_person tp
 *     where
 *       tp.team_id = t.id
 *     order by
 *       tp.person_id
 *   ) as "people!"
 * from
 *   team t
 * where
 *   :lead::uuid is null
 *   or t.lead_id = :lead
 * order by
 *   t.name
 * ```
 */
export const teamsOfFirm = new PreparedQuery<ITeamsOfFirmParams,ITeamsOfFirmResult>(teamsOfFirmIR);


/** 'PeopleForTeams' parameters type */
export interface IPeopleForTeamsParams {
  on: string;
}

/** 'PeopleForTeams' return type */
export interface IPeopleForTeamsResult {
  id: string;
  leftOn: string | null;
  name: string;
  position: string | null;
}

/** 'PeopleForTeams' query type */
export interface IPeopleForTeamsQuery {
  params: IPeopleForTeamsParams;
  result: IPeopleForTeamsResult;
}

const peopleForTeamsIR: any = {"usedParamSet":{"on":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":141}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  po.name as \"position?\",\n  p.left_on as \"leftOn?\"\nfrom\n  person p\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   po.name as "position?",
 *   p.left_on as "leftOn?"
 * from
 *   person p
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 * order by
 *   p.name
 * ```
 */
export const peopleForTeams = new PreparedQuery<IPeopleForTeamsParams,IPeopleForTeamsResult>(peopleForTeamsIR);


/** 'AddTeam' parameters type */
export interface IAddTeamParams {
  firm: string;
  id: string;
  leadId: string;
  name: string;
}

/** 'AddTeam' return type */
export type IAddTeamResult = void;

/** 'AddTeam' query type */
export interface IAddTeamQuery {
  params: IAddTeamParams;
  result: IAddTeamResult;
}

const addTeamIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true,"leadId":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":63}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":66,"b":69}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":77}]},{"name":"leadId","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":87}]}],"statement":"insert into\n  team (firm_id, id, name, lead_id)\nvalues\n  (:firm!, :id!, :name!, :leadId!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   team (firm_id, id, name, lead_id)
 * values
 *   (:firm!, :id!, :name!, :leadId!)
 * ```
 */
export const addTeam = new PreparedQuery<IAddTeamParams,IAddTeamResult>(addTeamIR);


/** 'SetTeam' parameters type */
export interface ISetTeamParams {
  id: string;
  leadId: string;
  name: string;
}

/** 'SetTeam' return type */
export type ISetTeamResult = void;

/** 'SetTeam' query type */
export interface ISetTeamQuery {
  params: ISetTeamParams;
  result: ISetTeamResult;
}

const setTeamIR: any = {"usedParamSet":{"name":true,"leadId":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"leadId","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":52}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":95}]}],"statement":"update team\nset\n  name = :name!,\n  lead_id = :leadId!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update team
 * set
 *   name = :name!,
 *   lead_id = :leadId!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setTeam = new PreparedQuery<ISetTeamParams,ISetTeamResult>(setTeamIR);


/** 'OutdateNaming' parameters type */
export interface IOutdateNamingParams {
  id: string;
}

/** 'OutdateNaming' return type */
export type IOutdateNamingResult = void;

/** 'OutdateNaming' query type */
export interface IOutdateNamingQuery {
  params: IOutdateNamingParams;
  result: IOutdateNamingResult;
}

const outdateNamingIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":150}]}],"statement":"update project\nset\n  version = version + 1\nwhere\n  id in (\n    select\n      x.project_id\n    from\n      project_team x\n    where\n      x.team_id = :id!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   version = version + 1
 * where
 *   id in (
 *     select
 *       x.project_id
 *     from
 *       project_team x
 *     where
 *       x.team_id = :id!
 *   )
 * ```
 */
export const outdateNaming = new PreparedQuery<IOutdateNamingParams,IOutdateNamingResult>(outdateNamingIR);


/** 'NameItsPeople' parameters type */
export interface INameItsPeopleParams {
  id: string;
}

/** 'NameItsPeople' return type */
export type INameItsPeopleResult = void;

/** 'NameItsPeople' query type */
export interface INameItsPeopleQuery {
  params: INameItsPeopleParams;
  result: INameItsPeopleResult;
}

const nameItsPeopleIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":344,"b":347}]}],"statement":"insert into\n  project_person (firm_id, project_id, person_id)\nselect\n  x.firm_id,\n  x.project_id,\n  m.id\nfrom\n  project_team x\n  join (\n    select\n      t.id as team,\n      t.lead_id as id\n    from\n      team t\n    union\n    select\n      m.team_id,\n      m.person_id\n    from\n      team_person m\n  ) m on m.team = x.team_id\nwhere\n  x.team_id = :id!\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project_person (firm_id, project_id, person_id)
 * select
 *   x.firm_id,
 *   x.project_id,
 *   m.id
 * from
 *   project_team x
 *   join (
 *     select
 *       t.id as team,
 *       t.lead_id as id
 *     from
 *       team t
 *     union
 *     select
 *       m.team_id,
 *       m.person_id
 *     from
 *       team_person m
 *   ) m on m.team = x.team_id
 * where
 *   x.team_id = :id!
 * on conflict do nothing
 * ```
 */
export const nameItsPeople = new PreparedQuery<INameItsPeopleParams,INameItsPeopleResult>(nameItsPeopleIR);


/** 'NameOther' parameters type */
export interface INameOtherParams {
  id: string;
  into: string;
}

/** 'NameOther' return type */
export type INameOtherResult = void;

/** 'NameOther' query type */
export interface INameOtherQuery {
  params: INameOtherParams;
  result: INameOtherResult;
}

const nameOtherIR: any = {"usedParamSet":{"into":true,"id":true},"params":[{"name":"into","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":101}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":148}]}],"statement":"insert into\n  project_team (firm_id, project_id, team_id)\nselect\n  x.firm_id,\n  x.project_id,\n  :into!\nfrom\n  project_team x\nwhere\n  x.team_id = :id!\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project_team (firm_id, project_id, team_id)
 * select
 *   x.firm_id,
 *   x.project_id,
 *   :into!
 * from
 *   project_team x
 * where
 *   x.team_id = :id!
 * on conflict do nothing
 * ```
 */
export const nameOther = new PreparedQuery<INameOtherParams,INameOtherResult>(nameOtherIR);


/** 'NameNoMore' parameters type */
export interface INameNoMoreParams {
  id: string;
}

/** 'NameNoMore' return type */
export type INameNoMoreResult = void;

/** 'NameNoMore' query type */
export interface INameNoMoreQuery {
  params: INameNoMoreParams;
  result: INameNoMoreResult;
}

const nameNoMoreIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":46}]}],"statement":"delete from project_team\nwhere\n  team_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from project_team
 * where
 *   team_id = :id!
 * ```
 */
export const nameNoMore = new PreparedQuery<INameNoMoreParams,INameNoMoreResult>(nameNoMoreIR);


/** 'DropTeam' parameters type */
export interface IDropTeamParams {
  id: string;
}

/** 'DropTeam' return type */
export type IDropTeamResult = void;

/** 'DropTeam' query type */
export interface IDropTeamQuery {
  params: IDropTeamParams;
  result: IDropTeamResult;
}

const dropTeamIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":30,"b":33}]}],"statement":"delete from team\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from team
 * where
 *   id = :id!
 * ```
 */
export const dropTeam = new PreparedQuery<IDropTeamParams,IDropTeamResult>(dropTeamIR);


/** 'DropFromTeam' parameters type */
export interface IDropFromTeamParams {
  id: string;
}

/** 'DropFromTeam' return type */
export type IDropFromTeamResult = void;

/** 'DropFromTeam' query type */
export interface IDropFromTeamQuery {
  params: IDropFromTeamParams;
  result: IDropFromTeamResult;
}

const dropFromTeamIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":45}]}],"statement":"delete from team_person\nwhere\n  team_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from team_person
 * where
 *   team_id = :id!
 * ```
 */
export const dropFromTeam = new PreparedQuery<IDropFromTeamParams,IDropFromTeamResult>(dropFromTeamIR);


/** 'AddToTeam' parameters type */
export interface IAddToTeamParams {
  firm: string;
  id: string;
  people: stringArray;
}

/** 'AddToTeam' return type */
export type IAddToTeamResult = void;

/** 'AddToTeam' query type */
export interface IAddToTeamQuery {
  params: IAddToTeamParams;
  result: IAddToTeamResult;
}

const addToTeamIR: any = {"usedParamSet":{"firm":true,"id":true,"people":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":65,"b":70}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":78}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":97}]}],"statement":"insert into\n  team_person (firm_id, team_id, person_id)\nselect\n  :firm!,\n  :id!,\n  unnest(:people!::uuid[])\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   team_person (firm_id, team_id, person_id)
 * select
 *   :firm!,
 *   :id!,
 *   unnest(:people!::uuid[])
 * on conflict do nothing
 * ```
 */
export const addToTeam = new PreparedQuery<IAddToTeamParams,IAddToTeamResult>(addToTeamIR);


