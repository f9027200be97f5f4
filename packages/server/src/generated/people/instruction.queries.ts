/** Types generated for queries found in "packages/server/src/people/instruction.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'Instructions' parameters type */
export type IInstructionsParams = void;

/** 'Instructions' return type */
export interface IInstructionsResult {
  at: string;
  by: string;
  version: number;
  wording: string;
}

/** 'Instructions' query type */
export interface IInstructionsQuery {
  params: IInstructionsParams;
  result: IInstructionsResult;
}

const instructionsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  i.version as \"version!\",\n  i.wording as \"wording!\",\n  p.name as \"by!\",\n  i.made_at as \"at!\"\nfrom\n  instruction i\n  join person p on p.firm_id = i.firm_id\n  and p.id = i.made_by\norder by\n  i.version desc"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.version as "version!",
 *   i.wording as "wording!",
 *   p.name as "by!",
 *   i.made_at as "at!"
 * from
 *   instruction i
 *   join person p on p.firm_id = i.firm_id
 *   and p.id = i.made_by
 * order by
 *   i.version desc
 * ```
 */
export const instructions = new PreparedQuery<IInstructionsParams,IInstructionsResult>(instructionsIR);


/** 'OwnInstruction' parameters type */
export interface IOwnInstructionParams {
  person: string;
}

/** 'OwnInstruction' return type */
export interface IOwnInstructionResult {
  at: string;
  by: string;
  confirmedOn: string | null;
  version: number;
  wording: string;
}

/** 'OwnInstruction' query type */
export interface IOwnInstructionQuery {
  params: IOwnInstructionParams;
  result: IOwnInstructionResult;
}

const ownInstructionIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":311,"b":318}]}],"statement":"select\n  i.version as \"version!\",\n  i.wording as \"wording!\",\n  p.name as \"by!\",\n  i.made_at as \"at!\",\n  d.day as \"confirmedOn?\"\nfrom\n  instruction i\n  join person p on p.firm_id = i.firm_id\n  and p.id = i.made_by\n  left join instructed d on d.firm_id = i.firm_id\n  and d.version = i.version\n  and d.person_id = :person!\norder by\n  i.version desc\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.version as "version!",
 *   i.wording as "wording!",
 *   p.name as "by!",
 *   i.made_at as "at!",
 *   d.day as "confirmedOn?"
 * from
 *   instruction i
 *   join person p on p.firm_id = i.firm_id
 *   and p.id = i.made_by
 *   left join instructed d on d.firm_id = i.firm_id
 *   and d.version = i.version
 *   and d.person_id = :person!
 * order by
 *   i.version desc
 * limit
 *   1
 * ```
 */
export const ownInstruction = new PreparedQuery<IOwnInstructionParams,IOwnInstructionResult>(ownInstructionIR);


/** 'ToConfirm' parameters type */
export interface IToConfirmParams {
  person: string;
}

/** 'ToConfirm' return type */
export interface IToConfirmResult {
  done: boolean;
  version: number;
}

/** 'ToConfirm' query type */
export interface IToConfirmQuery {
  params: IToConfirmParams;
  result: IToConfirmResult;
}

const toConfirmIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":146,"b":153}]}],"statement":"select\n  i.version as \"version!\",\n  exists (\n    select\n    from\n      instructed d\n    where\n      d.version = i.version\n      and d.person_id = :person!\n  ) as \"done!\"\nfrom\n  instruction i\norder by\n  i.version desc\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.version as "version!",
 *   exists (
 *     select
 *     from
 *       instructed d
 *     where
 *       d.version = i.version
 *       and d.person_id = :person!
 *   ) as "done!"
 * from
 *   instruction i
 * order by
 *   i.version desc
 * limit
 *   1
 * ```
 */
export const toConfirm = new PreparedQuery<IToConfirmParams,IToConfirmResult>(toConfirmIR);


/** 'AddInstruction' parameters type */
export interface IAddInstructionParams {
  by: string;
  firm: string;
  now: string;
  version: number;
  wording: string;
}

/** 'AddInstruction' return type */
export type IAddInstructionResult = void;

/** 'AddInstruction' query type */
export interface IAddInstructionQuery {
  params: IAddInstructionParams;
  result: IAddInstructionResult;
}

const addInstructionIR: any = {"usedParamSet":{"firm":true,"version":true,"wording":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":87}]},{"name":"version","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":98}]},{"name":"wording","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":109}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":115}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":122}]}],"statement":"insert into\n  instruction (firm_id, version, wording, made_by, made_at)\nvalues\n  (:firm!, :version!, :wording!, :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   instruction (firm_id, version, wording, made_by, made_at)
 * values
 *   (:firm!, :version!, :wording!, :by!, :now!)
 * ```
 */
export const addInstruction = new PreparedQuery<IAddInstructionParams,IAddInstructionResult>(addInstructionIR);


/** 'AddInstructed' parameters type */
export interface IAddInstructedParams {
  by: string;
  day: string;
  firm: string;
  how: string;
  now: string;
  paper?: Buffer | null | void;
  paperName?: string | null | void;
  people: stringArray;
  version: number;
}

/** 'AddInstructed' return type */
export interface IAddInstructedResult {
  id: string;
}

/** 'AddInstructed' query type */
export interface IAddInstructedQuery {
  params: IAddInstructedParams;
  result: IAddInstructedResult;
}

const addInstructedIR: any = {"usedParamSet":{"firm":true,"version":true,"how":true,"day":true,"by":true,"now":true,"paperName":true,"paper":true,"people":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":118}]},{"name":"version","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":131}]},{"name":"how","required":true,"transform":{"type":"scalar"},"locs":[{"a":144,"b":148}]},{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":153,"b":157}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":162,"b":165}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":170,"b":174}]},{"name":"paperName","required":false,"transform":{"type":"scalar"},"locs":[{"a":179,"b":188}]},{"name":"paper","required":false,"transform":{"type":"scalar"},"locs":[{"a":193,"b":198}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":236,"b":243}]}],"statement":"insert into\n  instructed (firm_id, version, person_id, how, day, noted_by, noted_at, paper_name, paper)\nselect\n  :firm!,\n  :version!,\n  p.id,\n  :how!,\n  :day!,\n  :by!,\n  :now!,\n  :paperName,\n  :paper\nfrom\n  person p\nwhere\n  p.id = any (:people!)\non conflict do nothing\nreturning\n  person_id as \"id!\""};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   instructed (firm_id, version, person_id, how, day, noted_by, noted_at, paper_name, paper)
 * select
 *   :firm!,
 *   :version!,
 *   p.id,
 *   :how!,
 *   :day!,
 *   :by!,
 *   :now!,
 *   :paperName,
 *   :paper
 * from
 *   person p
 * where
 *   p.id = any (:people!)
 * on conflict do nothing
 * returning
 *   person_id as "id!"
 * ```
 */
export const addInstructed = new PreparedQuery<IAddInstructedParams,IAddInstructedResult>(addInstructedIR);


/** 'PeopleNamed' parameters type */
export interface IPeopleNamedParams {
  people: stringArray;
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

const peopleNamedIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":87}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\"\nfrom\n  person p\nwhere\n  p.id = any (:people!)\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!"
 * from
 *   person p
 * where
 *   p.id = any (:people!)
 * order by
 *   p.name
 * ```
 */
export const peopleNamed = new PreparedQuery<IPeopleNamedParams,IPeopleNamedResult>(peopleNamedIR);


/** 'InstructedPeople' parameters type */
export type IInstructedPeopleParams = void;

/** 'InstructedPeople' return type */
export interface IInstructedPeopleResult {
  id: string;
  instructed: Json;
  name: string;
}

/** 'InstructedPeople' query type */
export interface IInstructedPeopleQuery {
  params: IInstructedPeopleParams;
  result: IInstructedPeopleResult;
}

const instructedPeopleIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  coalesce(\n    (\n      select\n        jsonb_agg(\n          jsonb_build_object(\n            'version',\n            d.version,\n            'how',\n            d.how,\n            'day',\n            d.day,\n            'by',\n            n.name,\n            'paper',\n            d.paper_name\n          )\n          order by\n            d.version desc\n        )\n      from\n        instructed d\n        join person n on n.firm_id = d.firm_id\n        and n.id = d.noted_by\n      where\n        d.firm_id = p.firm_id\n        and d.person_id = p.id\n    ),\n    '[]'\n  ) as \"instructed!\"\nfrom\n  person p\nwhere\n  p.left_on is null\n  or exists (\n    select\n    from\n      instructed d\n    where\n      d.firm_id = p.firm_id\n      and d.person_id = p.id\n  )\norder by\n  p.name,\n  p.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   coalesce(
 *     (
 *       select
 *         jsonb_agg(
 *           jsonb_build_object(
 *             'version',
 *             d.version,
 *             'how',
 *             d.how,
 *             'day',
 *             d.day,
 *             'by',
 *             n.name,
 *             'paper',
 *             d.paper_name
 *           )
 *           order by
 *             d.version desc
 *         )
 *       from
 *         instructed d
 *         join person n on n.firm_id = d.firm_id
 *         and n.id = d.noted_by
 *       where
 *         d.firm_id = p.firm_id
 *         and d.person_id = p.id
 *     ),
 *     '[]'
 *   ) as "instructed!"
 * from
 *   person p
 * where
 *   p.left_on is null
 *   or exists (
 *     select
 *     from
 *       instructed d
 *     where
 *       d.firm_id = p.firm_id
 *       and d.person_id = p.id
 *   )
 * order by
 *   p.name,
 *   p.id
 * ```
 */
export const instructedPeople = new PreparedQuery<IInstructedPeopleParams,IInstructedPeopleResult>(instructedPeopleIR);


/** 'PaperOf' parameters type */
export interface IPaperOfParams {
  person: string;
}

/** 'PaperOf' return type */
export interface IPaperOfResult {
  bytes: Buffer;
  name: string;
}

/** 'PaperOf' query type */
export interface IPaperOfQuery {
  params: IPaperOfParams;
  result: IPaperOfResult;
}

const paperOfIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":98,"b":105}]}],"statement":"select\n  d.paper_name as \"name!\",\n  d.paper as \"bytes!\"\nfrom\n  instructed d\nwhere\n  d.person_id = :person!\n  and d.paper is not null\norder by\n  d.version desc\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   d.paper_name as "name!",
 *   d.paper as "bytes!"
 * from
 *   instructed d
 * where
 *   d.person_id = :person!
 *   and d.paper is not null
 * order by
 *   d.version desc
 * limit
 *   1
 * ```
 */
export const paperOf = new PreparedQuery<IPaperOfParams,IPaperOfResult>(paperOfIR);


