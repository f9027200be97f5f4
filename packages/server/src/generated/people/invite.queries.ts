/** Types generated for queries found in "packages/server/src/people/invite.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'FindByAddress' parameters type */
export interface IFindByAddressParams {
  email: string;
}

/** 'FindByAddress' return type */
export interface IFindByAddressResult {
  id: string;
}

/** 'FindByAddress' query type */
export interface IFindByAddressQuery {
  params: IFindByAddressParams;
  result: IFindByAddressResult;
}

const findByAddressIR: any = {"usedParamSet":{"email":true},"params":[{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":76}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  person p\nwhere\n  lower(p.email) = lower(:email!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   person p
 * where
 *   lower(p.email) = lower(:email!)
 * ```
 */
export const findByAddress = new PreparedQuery<IFindByAddressParams,IFindByAddressResult>(findByAddressIR);


/** 'AddPerson' parameters type */
export interface IAddPersonParams {
  email: string;
  firm: string;
  id: string;
  name: string;
  startedOn: string;
  zone: string;
}

/** 'AddPerson' return type */
export type IAddPersonResult = void;

/** 'AddPerson' query type */
export interface IAddPersonQuery {
  params: IAddPersonParams;
  result: IAddPersonResult;
}

const addPersonIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true,"email":true,"zone":true,"startedOn":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":95,"b":100}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":105,"b":108}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":118}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":129}]},{"name":"zone","required":true,"transform":{"type":"scalar"},"locs":[{"a":465,"b":470}]},{"name":"startedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":475,"b":485}]}],"statement":"insert into\n  person (firm_id, id, name, email, staff_number, kind, zone, started_on)\nselect\n  :firm!,\n  :id!,\n  :name!,\n  :email!,\n  (\n    select\n      min(n)::text\n    from\n      generate_series(\n        1,\n        (\n          select\n            count(*) + 1\n          from\n            person\n        )\n      ) n\n    where\n      not exists (\n        select\n        from\n          person\n        where\n          staff_number = n::text\n      )\n  ),\n  'employee',\n  :zone!,\n  :startedOn!"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person (firm_id, id, name, email, staff_number, kind, zone, started_on)
 * select
 *   :firm!,
 *   :id!,
 *   :name!,
 *   :email!,
 *   (
 *     select
 *       min(n)::text
 *     from
 *       generate_series(
 *         1,
 *         (
 *           select
 *             count(*) + 1
 *           from
 *             person
 *         )
 *       ) n
 *     where
 *       not exists (
 *         select
 *         from
 *           person
 *         where
 *           staff_number = n::text
 *       )
 *   ),
 *   'employee',
 *   :zone!,
 *   :startedOn!
 * ```
 */
export const addPerson = new PreparedQuery<IAddPersonParams,IAddPersonResult>(addPersonIR);


/** 'AddPlannedTime' parameters type */
export interface IAddPlannedTimeParams {
  dayEnd: string;
  dayStart: string;
  firm: string;
  person: string;
  planned: numberArray;
  validFrom: string;
}

/** 'AddPlannedTime' return type */
export type IAddPlannedTimeResult = void;

/** 'AddPlannedTime' query type */
export interface IAddPlannedTimeQuery {
  params: IAddPlannedTimeParams;
  result: IAddPlannedTimeResult;
}

const addPlannedTimeIR: any = {"usedParamSet":{"firm":true,"person":true,"validFrom":true,"planned":true,"dayStart":true,"dayEnd":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":95,"b":100}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":110}]},{"name":"validFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":123}]},{"name":"planned","required":true,"transform":{"type":"scalar"},"locs":[{"a":126,"b":134}]},{"name":"dayStart","required":true,"transform":{"type":"scalar"},"locs":[{"a":137,"b":146}]},{"name":"dayEnd","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":156}]}],"statement":"insert into\n  schedule (firm_id, person_id, valid_from, planned, day_start, day_end)\nvalues\n  (:firm!, :person!, :validFrom!, :planned!, :dayStart!, :dayEnd!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   schedule (firm_id, person_id, valid_from, planned, day_start, day_end)
 * values
 *   (:firm!, :person!, :validFrom!, :planned!, :dayStart!, :dayEnd!)
 * ```
 */
export const addPlannedTime = new PreparedQuery<IAddPlannedTimeParams,IAddPlannedTimeResult>(addPlannedTimeIR);


/** 'WriteInvitation' parameters type */
export interface IWriteInvitationParams {
  by: string;
  email: string;
  firm: string;
  id: string;
  now: string;
  person: string;
}

/** 'WriteInvitation' return type */
export type IWriteInvitationResult = void;

/** 'WriteInvitation' query type */
export interface IWriteInvitationQuery {
  params: IWriteInvitationParams;
  result: IWriteInvitationResult;
}

const writeInvitationIR: any = {"usedParamSet":{"firm":true,"id":true,"person":true,"email":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":93}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":99}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":109}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":131}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":134,"b":138}]}],"statement":"insert into\n  invitation (firm_id, id, person_id, email, invited_by, made_at)\nvalues\n  (:firm!, :id!, :person!, lower(:email!), :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invitation (firm_id, id, person_id, email, invited_by, made_at)
 * values
 *   (:firm!, :id!, :person!, lower(:email!), :by!, :now!)
 * ```
 */
export const writeInvitation = new PreparedQuery<IWriteInvitationParams,IWriteInvitationResult>(writeInvitationIR);


/** 'WithdrawInvitations' parameters type */
export interface IWithdrawInvitationsParams {
  now: string;
  person: string;
}

/** 'WithdrawInvitations' return type */
export type IWithdrawInvitationsResult = void;

/** 'WithdrawInvitations' query type */
export interface IWithdrawInvitationsQuery {
  params: IWithdrawInvitationsParams;
  result: IWithdrawInvitationsResult;
}

const withdrawInvitationsIR: any = {"usedParamSet":{"now":true,"person":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":43}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":65,"b":72}]}],"statement":"update invitation\nset\n  withdrawn_at = :now!\nwhere\n  person_id = :person!\n  and joined_at is null\n  and withdrawn_at is null"};

/**
 * Query generated from SQL:
 * ```
 * update invitation
 * set
 *   withdrawn_at = :now!
 * where
 *   person_id = :person!
 *   and joined_at is null
 *   and withdrawn_at is null
 * ```
 */
export const withdrawInvitations = new PreparedQuery<IWithdrawInvitationsParams,IWithdrawInvitationsResult>(withdrawInvitationsIR);


/** 'ListStaff' parameters type */
export interface IListStaffParams {
  firm: string;
  on: string;
}

/** 'ListStaff' return type */
export interface IListStaffResult {
  account: string;
  department: string | null;
  email: string;
  exceptions: Json;
  id: string;
  invitedAt: string | null;
  leftOn: string | null;
  name: string;
  ownRoles: stringArray;
  position: string | null;
  roles: stringArray;
  teams: stringArray;
  version: number;
}

/** 'ListStaff' query type */
export interface IListStaffQuery {
  params: IListStaffParams;
  result: IListStaffResult;
}

const listStaffIR: any = {"usedParamSet":{"on":true,"firm":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":597,"b":600}]},{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":1764,"b":1769},{"a":1820,"b":1825}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.email as \"email!\",\n  p.left_on as \"leftOn?\",\n  p.version as \"version!\",\n  po.name as \"position?\",\n  d.name as \"department?\",\n  coalesce(t.teams, '{}') as \"teams!\",\n  coalesce(r.roles, '{}') as \"roles!\",\n  coalesce(o.own_roles, '{}') as \"ownRoles!\",\n  coalesce(e.exceptions, '{}') as \"exceptions!\",\n  case\n    when a.person_id is not null then 'active'\n    when w.person_id is not null then 'waiting'\n    when i.id is not null then 'invited'\n    else 'none'\n  end as \"account!\",\n  i.made_at as \"invitedAt?\"\nfrom\n  person p\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\n  left join department d on d.firm_id = p.firm_id\n  and d.id = p.department_id\n  -- Of everybody at once: asked person by person they take twice as long in a firm of two thousand.\n  left join (\n    select\n      tp.person_id,\n      array_agg(\n        n.name\n        order by\n          n.name\n      ) as teams\n    from\n      team_person tp\n      join team n on n.firm_id = tp.firm_id\n      and n.id = tp.team_id\n    group by\n      tp.person_id\n  ) t on t.person_id = p.id\n  left join (\n    select\n      person_id,\n      array_agg(\n        role\n        order by\n          role\n      ) as roles\n    from\n      person_role\n    group by\n      person_id\n  ) r on r.person_id = p.id\n  left join (\n    select\n      person_id,\n      array_agg(\n        role_id\n        order by\n          role_id\n      ) as own_roles\n    from\n      person_own_role\n    group by\n      person_id\n  ) o on o.person_id = p.id\n  left join (\n    select\n      person_id,\n      jsonb_object_agg(permission, reach) as exceptions\n    from\n      person_exception\n    group by\n      person_id\n  ) e on e.person_id = p.id\n  left join accounts_of (:firm!) a on a.person_id = p.id\n  left join waiting_of (:firm!) w on w.person_id = p.id\n  left join invitation i on i.firm_id = p.firm_id\n  and i.person_id = p.id\n  and i.joined_at is null\n  and i.withdrawn_at is null\norder by\n  p.name,\n  p.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.email as "email!",
 *   p.left_on as "leftOn?",
 *   p.version as "version!",
 *   po.name as "position?",
 *   d.name as "department?",
 *   coalesce(t.teams, '{}') as "teams!",
 *   coalesce(r.roles, '{}') as "roles!",
 *   coalesce(o.own_roles, '{}') as "ownRoles!",
 *   coalesce(e.exceptions, '{}') as "exceptions!",
 *   case
 *     when a.person_id is not null then 'active'
 *     when w.person_id is not null then 'waiting'
 *     when i.id is not null then 'invited'
 *     else 'none'
 *   end as "account!",
 *   i.made_at as "invitedAt?"
 * from
 *   person p
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 *   left join department d on d.firm_id = p.firm_id
 *   and d.id = p.department_id
 *   -- Of everybody at once: asked person by person they take twice as long in a firm of two thousand.
 *   left join (
 *     select
 *       tp.person_id,
 *       array_agg(
 *         n.name
 *         order by
 *           n.name
 *       ) as teams
 *     from
 *       team_person tp
 *       join team n on n.firm_id = tp.firm_id
 *       and n.id = tp.team_id
 *     group by
 *       tp.person_id
 *   ) t on t.person_id = p.id
 *   left join (
 *     select
 *       person_id,
 *       array_agg(
 *         role
 *         order by
 *           role
 *       ) as roles
 *     from
 *       person_role
 *     group by
 *       person_id
 *   ) r on r.person_id = p.id
 *   left join (
 *     select
 *       person_id,
 *       array_agg(
 *         role_id
 *         order by
 *           role_id
 *       ) as own_roles
 *     from
 *       person_own_role
 *     group by
 *       person_id
 *   ) o on o.person_id = p.id
 *   left join (
 *     select
 *       person_id,
 *       jsonb_object_agg(permission, reach) as exceptions
 *     from
 *       person_exception
 *     group by
 *       person_id
 *   ) e on e.person_id = p.id
 *   left join accounts_of (:firm!) a on a.person_id = p.id
 *   left join waiting_of (:firm!) w on w.person_id = p.id
 *   left join invitation i on i.firm_id = p.firm_id
 *   and i.person_id = p.id
 *   and i.joined_at is null
 *   and i.withdrawn_at is null
 * order by
 *   p.name,
 *   p.id
 * ```
 */
export const listStaff = new PreparedQuery<IListStaffParams,IListStaffResult>(listStaffIR);


