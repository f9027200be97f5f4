/** Types generated for queries found in "packages/server/src/billing/terms/terms.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'TermsOfFirm' parameters type */
export type ITermsOfFirmParams = void;

/** 'TermsOfFirm' return type */
export interface ITermsOfFirmResult {
  decimalPlaces: number | null;
  increment: number;
  minimum: number;
  mode: string;
  unit: string;
  version: number;
}

/** 'TermsOfFirm' query type */
export interface ITermsOfFirmQuery {
  params: ITermsOfFirmParams;
  result: ITermsOfFirmResult;
}

const termsOfFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  f.rounding_increment as \"increment!\",\n  f.rounding_mode as \"mode!\",\n  f.rounding_unit as \"unit!\",\n  f.rounding_minimum as \"minimum!\",\n  f.decimal_places as \"decimalPlaces?\",\n  f.version as \"version!\"\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.rounding_increment as "increment!",
 *   f.rounding_mode as "mode!",
 *   f.rounding_unit as "unit!",
 *   f.rounding_minimum as "minimum!",
 *   f.decimal_places as "decimalPlaces?",
 *   f.version as "version!"
 * from
 *   firm f
 * ```
 */
export const termsOfFirm = new PreparedQuery<ITermsOfFirmParams,ITermsOfFirmResult>(termsOfFirmIR);


/** 'ProjectsByTerms' parameters type */
export interface IProjectsByTermsParams {
  day: string;
}

/** 'ProjectsByTerms' return type */
export interface IProjectsByTermsResult {
  otherwise: number;
  same: number;
}

/** 'ProjectsByTerms' query type */
export interface IProjectsByTermsQuery {
  params: IProjectsByTermsParams;
  result: IProjectsByTermsResult;
}

const projectsByTermsIR: any = {"usedParamSet":{"day":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":100}]}],"statement":"select\n  count(o.id) as \"same!\",\n  count(*) - count(o.id) as \"otherwise!\"\nfrom\n  agreements_on (:day!) a\n  join project p on p.firm_id = a.firm_id\n  and p.id = a.project_id\n  left join agreements_of_the_firm () o on o.firm_id = a.firm_id\n  and o.id = a.id\nwhere\n  a.method = 'time and materials'\n  and is_live (p)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(o.id) as "same!",
 *   count(*) - count(o.id) as "otherwise!"
 * from
 *   agreements_on (:day!) a
 *   join project p on p.firm_id = a.firm_id
 *   and p.id = a.project_id
 *   left join agreements_of_the_firm () o on o.firm_id = a.firm_id
 *   and o.id = a.id
 * where
 *   a.method = 'time and materials'
 *   and is_live (p)
 * ```
 */
export const projectsByTerms = new PreparedQuery<IProjectsByTermsParams,IProjectsByTermsResult>(projectsByTermsIR);


/** 'LastRecorded' parameters type */
export type ILastRecordedParams = void;

/** 'LastRecorded' return type */
export interface ILastRecordedResult {
  day: string | null;
}

/** 'LastRecorded' query type */
export interface ILastRecordedQuery {
  params: ILastRecordedParams;
  result: ILastRecordedResult;
}

const lastRecordedIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  max(e.work_date) as \"day?\"\nfrom\n  entry e\n  join agreements_of_the_firm () a on a.firm_id = e.firm_id\n  and a.project_id = e.project_id\nwhere\n  e.kind = 'time'\n  and holds_on (a.valid_from, a.valid_to, e.work_date)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   max(e.work_date) as "day?"
 * from
 *   entry e
 *   join agreements_of_the_firm () a on a.firm_id = e.firm_id
 *   and a.project_id = e.project_id
 * where
 *   e.kind = 'time'
 *   and holds_on (a.valid_from, a.valid_to, e.work_date)
 * ```
 */
export const lastRecorded = new PreparedQuery<ILastRecordedParams,ILastRecordedResult>(lastRecordedIR);


/** 'GoingAlong' parameters type */
export interface IGoingAlongParams {
  from: string;
}

/** 'GoingAlong' return type */
export interface IGoingAlongResult {
  id: string;
  projectId: string;
}

/** 'GoingAlong' query type */
export interface IGoingAlongQuery {
  params: IGoingAlongParams;
  result: IGoingAlongResult;
}

const goingAlongIR: any = {"usedParamSet":{"from":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":178,"b":183},{"a":237,"b":242}]}],"statement":"select\n  a.id as \"id!\",\n  a.project_id as \"projectId!\"\nfrom\n  agreement a\nwhere\n  a.id in (\n    select\n      id\n    from\n      agreements_of_the_firm ()\n  )\n  and a.valid_from < :from!\n  and (\n    a.valid_to is null\n    or a.valid_to >= :from!\n  )\norder by\n  a.id\nfor update of\n  a"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.project_id as "projectId!"
 * from
 *   agreement a
 * where
 *   a.id in (
 *     select
 *       id
 *     from
 *       agreements_of_the_firm ()
 *   )
 *   and a.valid_from < :from!
 *   and (
 *     a.valid_to is null
 *     or a.valid_to >= :from!
 *   )
 * order by
 *   a.id
 * for update of
 *   a
 * ```
 */
export const goingAlong = new PreparedQuery<IGoingAlongParams,IGoingAlongResult>(goingAlongIR);


/** 'ChangeLater' parameters type */
export interface IChangeLaterParams {
  decimalPlaces?: number | null | void;
  from: string;
  increment: number;
  minimum: number;
  mode: string;
  unit: string;
}

/** 'ChangeLater' return type */
export type IChangeLaterResult = void;

/** 'ChangeLater' query type */
export interface IChangeLaterQuery {
  params: IChangeLaterParams;
  result: IChangeLaterResult;
}

const changeLaterIR: any = {"usedParamSet":{"increment":true,"mode":true,"unit":true,"minimum":true,"decimalPlaces":true,"from":true},"params":[{"name":"increment","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":54}]},{"name":"mode","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":80}]},{"name":"unit","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":106}]},{"name":"minimum","required":true,"transform":{"type":"scalar"},"locs":[{"a":130,"b":138}]},{"name":"decimalPlaces","required":false,"transform":{"type":"scalar"},"locs":[{"a":160,"b":173}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":197,"b":202}]}],"statement":"update agreement\nset\n  rounding_increment = :increment!,\n  rounding_mode = :mode!,\n  rounding_unit = :unit!,\n  rounding_minimum = :minimum!,\n  decimal_places = :decimalPlaces\nwhere\n  valid_from >= :from!\n  and id in (\n    select\n      id\n    from\n      agreements_of_the_firm ()\n  )"};

/**
 * Query generated from SQL:
 * ```
 * update agreement
 * set
 *   rounding_increment = :increment!,
 *   rounding_mode = :mode!,
 *   rounding_unit = :unit!,
 *   rounding_minimum = :minimum!,
 *   decimal_places = :decimalPlaces
 * where
 *   valid_from >= :from!
 *   and id in (
 *     select
 *       id
 *     from
 *       agreements_of_the_firm ()
 *   )
 * ```
 */
export const changeLater = new PreparedQuery<IChangeLaterParams,IChangeLaterResult>(changeLaterIR);


/** 'SetTerms' parameters type */
export interface ISetTermsParams {
  decimalPlaces?: number | null | void;
  increment: number;
  minimum: number;
  mode: string;
  unit: string;
}

/** 'SetTerms' return type */
export type ISetTermsResult = void;

/** 'SetTerms' query type */
export interface ISetTermsQuery {
  params: ISetTermsParams;
  result: ISetTermsResult;
}

const setTermsIR: any = {"usedParamSet":{"increment":true,"mode":true,"unit":true,"minimum":true,"decimalPlaces":true},"params":[{"name":"increment","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":49}]},{"name":"mode","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":75}]},{"name":"unit","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":101}]},{"name":"minimum","required":true,"transform":{"type":"scalar"},"locs":[{"a":125,"b":133}]},{"name":"decimalPlaces","required":false,"transform":{"type":"scalar"},"locs":[{"a":155,"b":168}]}],"statement":"update firm\nset\n  rounding_increment = :increment!,\n  rounding_mode = :mode!,\n  rounding_unit = :unit!,\n  rounding_minimum = :minimum!,\n  decimal_places = :decimalPlaces,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   rounding_increment = :increment!,
 *   rounding_mode = :mode!,
 *   rounding_unit = :unit!,
 *   rounding_minimum = :minimum!,
 *   decimal_places = :decimalPlaces,
 *   version = version + 1
 * ```
 */
export const setTerms = new PreparedQuery<ISetTermsParams,ISetTermsResult>(setTermsIR);


/** 'LengthsLately' parameters type */
export interface ILengthsLatelyParams {
  since: string;
  to: string;
  unit: string;
}

/** 'LengthsLately' return type */
export interface ILengthsLatelyResult {
  billed: number;
  recorded: number;
  times: number;
}

/** 'LengthsLately' query type */
export interface ILengthsLatelyQuery {
  params: ILengthsLatelyParams;
  result: ILengthsLatelyResult;
}

const lengthsLatelyIR: any = {"usedParamSet":{"since":true,"to":true,"unit":true},"params":[{"name":"since","required":true,"transform":{"type":"scalar"},"locs":[{"a":476,"b":482}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":488,"b":491}]},{"name":"unit","required":true,"transform":{"type":"scalar"},"locs":[{"a":530,"b":535}]}],"statement":"select\n  l.recorded as \"recorded!\",\n  count(*) as \"times!\",\n  sum(l.billed)::bigint as \"billed!\"\nfrom\n  (\n    select\n      sum(e.quantity)::bigint as recorded,\n      sum(e.billable_quantity)::bigint as billed\n    from\n      entry e\n      join agreements_of_the_firm () a on a.firm_id = e.firm_id\n      and a.project_id = e.project_id\n      and holds_on (a.valid_from, a.valid_to, e.work_date)\n    where\n      e.kind = 'time'\n      and e.billable\n      and e.work_date between :since! and :to!\n    group by\n      case\n        when :unit! = 'day' then concat(e.person_id, ' ', e.work_date, ' ', e.project_id, ' ', e.task_id)\n        else e.id::text\n      end\n  ) l\ngroup by\n  l.recorded"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.recorded as "recorded!",
 *   count(*) as "times!",
 *   sum(l.billed)::bigint as "billed!"
 * from
 *   (
 *     select
 *       sum(e.quantity)::bigint as recorded,
 *       sum(e.billable_quantity)::bigint as billed
 *     from
 *       entry e
 *       join agreements_of_the_firm () a on a.firm_id = e.firm_id
 *       and a.project_id = e.project_id
 *       and holds_on (a.valid_from, a.valid_to, e.work_date)
 *     where
 *       e.kind = 'time'
 *       and e.billable
 *       and e.work_date between :since! and :to!
 *     group by
 *       case
 *         when :unit! = 'day' then concat(e.person_id, ' ', e.work_date, ' ', e.project_id, ' ', e.task_id)
 *         else e.id::text
 *       end
 *   ) l
 * group by
 *   l.recorded
 * ```
 */
export const lengthsLately = new PreparedQuery<ILengthsLatelyParams,ILengthsLatelyResult>(lengthsLatelyIR);


