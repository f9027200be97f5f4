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
  dayEnd: string | null;
  dayMaximum: number | null;
  dayStart: string | null;
  department: string | null;
  departmentId: string | null;
  email: string;
  exceptions: Json;
  hours: numberArray | null;
  id: string;
  invitedAt: string | null;
  kind: string;
  leftOn: string | null;
  name: string;
  ownRoles: Json;
  plannedFrom: string | null;
  position: string | null;
  positionFrom: string | null;
  positionId: string | null;
  roles: stringArray;
  staffNumber: string;
  startedOn: string;
  teams: stringArray;
  version: number;
  ways: stringArray | null;
  weekMaximum: number | null;
  zone: string;
}

/** 'ListStaff' query type */
export interface IListStaffQuery {
  params: IListStaffParams;
  result: IListStaffResult;
}

const listStaffIR: any = {"usedParamSet":{"on":true,"firm":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":397,"b":400},{"a":1338,"b":1341},{"a":1514,"b":1517}]},{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":1624,"b":1629},{"a":1680,"b":1685}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.email as \"email!\",\n  p.staff_number as \"staffNumber!\",\n  p.left_on as \"leftOn?\",\n  p.version as \"version!\",\n  p.kind as \"kind!\",\n  po.position_id as \"positionId?\",\n  po.name as \"position?\",\n  (\n    select\n      max(pp.valid_from)\n    from\n      person_position pp\n    where\n      pp.person_id = p.id\n      and holds_on (pp.valid_from, pp.valid_to, :on!)\n  ) as \"positionFrom?\",\n  p.department_id as \"departmentId?\",\n  d.name as \"department?\",\n  p.zone as \"zone!\",\n  p.record_ways as \"ways?\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\",\n  s.planned as \"hours?\",\n  s.day_start as \"dayStart?\",\n  s.day_end as \"dayEnd?\",\n  s.valid_from as \"plannedFrom?\",\n  p.started_on as \"startedOn!\",\n  array(\n    select\n      t.name\n    from\n      team_person tp\n      join team t on t.firm_id = tp.firm_id\n      and t.id = tp.team_id\n    where\n      tp.person_id = p.id\n    order by\n      t.name\n  ) as \"teams!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\",\n  case\n    when a.person_id is not null then 'active'\n    when w.person_id is not null then 'waiting'\n    when i.id is not null then 'invited'\n    else 'none'\n  end as \"account!\",\n  i.made_at as \"invitedAt?\"\nfrom\n  person p\n  cross join held_by (p.id) h\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\n  left join schedule s on s.firm_id = p.firm_id\n  and s.person_id = p.id\n  and holds_on (s.valid_from, s.valid_to, :on!)\n  left join department d on d.firm_id = p.firm_id\n  and d.id = p.department_id\n  left join accounts_of (:firm!) a on a.person_id = p.id\n  left join waiting_of (:firm!) w on w.person_id = p.id\n  left join invitation i on i.firm_id = p.firm_id\n  and i.person_id = p.id\n  and i.joined_at is null\n  and i.withdrawn_at is null\norder by\n  p.name,\n  p.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.email as "email!",
 *   p.staff_number as "staffNumber!",
 *   p.left_on as "leftOn?",
 *   p.version as "version!",
 *   p.kind as "kind!",
 *   po.position_id as "positionId?",
 *   po.name as "position?",
 *   (
 *     select
 *       max(pp.valid_from)
 *     from
 *       person_position pp
 *     where
 *       pp.person_id = p.id
 *       and holds_on (pp.valid_from, pp.valid_to, :on!)
 *   ) as "positionFrom?",
 *   p.department_id as "departmentId?",
 *   d.name as "department?",
 *   p.zone as "zone!",
 *   p.record_ways as "ways?",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?",
 *   s.planned as "hours?",
 *   s.day_start as "dayStart?",
 *   s.day_end as "dayEnd?",
 *   s.valid_from as "plannedFrom?",
 *   p.started_on as "startedOn!",
 *   array(
 *     select
 *       t.name
 *     from
 *       team_person tp
 *       join team t on t.firm_id = tp.firm_id
 *       and t.id = tp.team_id
 *     where
 *       tp.person_id = p.id
 *     order by
 *       t.name
 *   ) as "teams!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!",
 *   case
 *     when a.person_id is not null then 'active'
 *     when w.person_id is not null then 'waiting'
 *     when i.id is not null then 'invited'
 *     else 'none'
 *   end as "account!",
 *   i.made_at as "invitedAt?"
 * from
 *   person p
 *   cross join held_by (p.id) h
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 *   left join schedule s on s.firm_id = p.firm_id
 *   and s.person_id = p.id
 *   and holds_on (s.valid_from, s.valid_to, :on!)
 *   left join department d on d.firm_id = p.firm_id
 *   and d.id = p.department_id
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


