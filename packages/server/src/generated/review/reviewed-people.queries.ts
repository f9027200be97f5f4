/** Types generated for queries found in "packages/server/src/review/reviewed-people.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ReviewPeople' parameters type */
export interface IReviewPeopleParams {
  asker: string;
  from: string;
  reach: string;
  recording: stringArray;
  to: string;
}

/** 'ReviewPeople' return type */
export interface IReviewPeopleResult {
  dayMaximum: number | null;
  id: string;
  name: string;
  note: string;
  position: string | null;
  sheetId: string | null;
  state: string | null;
  submittedAt: string | null;
  weekMaximum: number | null;
}

/** 'ReviewPeople' query type */
export interface IReviewPeopleQuery {
  params: IReviewPeopleParams;
  result: IReviewPeopleResult;
}

const reviewPeopleIR: any = {"usedParamSet":{"reach":true,"asker":true,"to":true,"from":true,"recording":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":668,"b":674}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":677,"b":683}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":714,"b":717},{"a":902,"b":905},{"a":1298,"b":1301}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":871,"b":876},{"a":979,"b":984},{"a":1287,"b":1292}]},{"name":"recording","required":true,"transform":{"type":"scalar"},"locs":[{"a":1090,"b":1100}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\",\n  po.name as \"position?\",\n  t.id as \"sheetId?\",\n  t.state as \"state?\",\n  (\n    select\n      max(s.at)\n    from\n      submission s\n    where\n      s.firm_id = t.firm_id\n      and s.timesheet_id = t.id\n      and s.withdrawn_at is null\n  ) as \"submittedAt?\",\n  coalesce(\n    (\n      select\n        s.note\n      from\n        submission s\n      where\n        s.firm_id = t.firm_id\n        and s.timesheet_id = t.id\n        and s.withdrawn_at is null\n      order by\n        s.at desc\n      limit\n        1\n    ),\n    ''\n  ) as \"note!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\n  left join positions_on (:to!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\n  left join timesheet t on t.firm_id = p.firm_id\n  and t.person_id = p.id\n  and t.period_from = :from!\nwhere\n  p.started_on <= :to!\n  and (\n    (\n      (\n        p.left_on is null\n        or p.left_on >= :from!\n      )\n      -- Who records no time is waited for by nobody.\n      and has_right (p.id, 'time.record', :recording!)\n    )\n    -- What was recorded all the same is reviewed.\n    or exists (\n      select\n      from\n        entry e\n      where\n        e.person_id = p.id\n        and e.work_date between :from! and :to!\n    )\n  )\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?",
 *   po.name as "position?",
 *   t.id as "sheetId?",
 *   t.state as "state?",
 *   (
 *     select
 *       max(s.at)
 *     from
 *       submission s
 *     where
 *       s.firm_id = t.firm_id
 *       and s.timesheet_id = t.id
 *       and s.withdrawn_at is null
 *   ) as "submittedAt?",
 *   coalesce(
 *     (
 *       select
 *         s.note
 *       from
 *         submission s
 *       where
 *         s.firm_id = t.firm_id
 *         and s.timesheet_id = t.id
 *         and s.withdrawn_at is null
 *       order by
 *         s.at desc
 *       limit
 *         1
 *     ),
 *     ''
 *   ) as "note!"
 * from
 *   people_in_reach (:reach!, :asker!) p
 *   left join positions_on (:to!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 *   left join timesheet t on t.firm_id = p.firm_id
 *   and t.person_id = p.id
 *   and t.period_from = :from!
 * where
 *   p.started_on <= :to!
 *   and (
 *     (
 *       (
 *         p.left_on is null
 *         or p.left_on >= :from!
 *       )
 *       -- Who records no time is waited for by nobody.
 *       and has_right (p.id, 'time.record', :recording!)
 *     )
 *     -- What was recorded all the same is reviewed.
 *     or exists (
 *       select
 *       from
 *         entry e
 *       where
 *         e.person_id = p.id
 *         and e.work_date between :from! and :to!
 *     )
 *   )
 * order by
 *   p.name
 * ```
 */
export const reviewPeople = new PreparedQuery<IReviewPeopleParams,IReviewPeopleResult>(reviewPeopleIR);


/** 'ReviewEntries' parameters type */
export interface IReviewEntriesParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ReviewEntries' return type */
export interface IReviewEntriesResult {
  absenceCode: string | null;
  billable: boolean;
  changedByOther: boolean;
  date: string;
  id: string;
  kind: string;
  lagDays: number;
  personId: string;
  problems: stringArray;
  quantity: number;
  stage: string;
  version: number;
}

/** 'ReviewEntries' query type */
export interface IReviewEntriesQuery {
  params: IReviewEntriesParams;
  result: IReviewEntriesResult;
}

const reviewEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":369,"b":375}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":378,"b":384}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":494,"b":499}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":505,"b":508}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":645,"b":649}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":682,"b":691}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":698,"b":706}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":739,"b":745}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":752,"b":757}]}],"statement":"select\n  e.id as \"id!\",\n  e.version as \"version!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"date!\",\n  e.kind as \"kind!\",\n  e.quantity as \"quantity!\",\n  e.billable as \"billable!\",\n  e.stage as \"stage!\",\n  e.problems as \"problems!\",\n  e.lag_days as \"lagDays!\",\n  e.changed_by_other as \"changedByOther!\",\n  a.absence_code as \"absenceCode?\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  left join entry_absence a on a.firm_id = e.firm_id\n  and a.entry_id = e.id\nwhere\n  e.work_date between :from! and :to!\n  and in_scope (\n    case\n      when e.kind = 'absence' then null\n      else e.project_id\n    end,\n    e.task_id,\n    e.person_id,\n    :all!\n    or e.kind = 'absence',\n    :projects!,\n    :anyTask!\n    or e.kind = 'absence',\n    :tasks!,\n    :whose\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.version as "version!",
 *   e.person_id as "personId!",
 *   e.work_date as "date!",
 *   e.kind as "kind!",
 *   e.quantity as "quantity!",
 *   e.billable as "billable!",
 *   e.stage as "stage!",
 *   e.problems as "problems!",
 *   e.lag_days as "lagDays!",
 *   e.changed_by_other as "changedByOther!",
 *   a.absence_code as "absenceCode?"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 *   left join entry_absence a on a.firm_id = e.firm_id
 *   and a.entry_id = e.id
 * where
 *   e.work_date between :from! and :to!
 *   and in_scope (
 *     case
 *       when e.kind = 'absence' then null
 *       else e.project_id
 *     end,
 *     e.task_id,
 *     e.person_id,
 *     :all!
 *     or e.kind = 'absence',
 *     :projects!,
 *     :anyTask!
 *     or e.kind = 'absence',
 *     :tasks!,
 *     :whose
 *   )
 * ```
 */
export const reviewEntries = new PreparedQuery<IReviewEntriesParams,IReviewEntriesResult>(reviewEntriesIR);


/** 'RecordedInAll' parameters type */
export interface IRecordedInAllParams {
  from: string;
  people: stringArray;
  to: string;
}

/** 'RecordedInAll' return type */
export interface IRecordedInAllResult {
  personId: string;
  seconds: number;
}

/** 'RecordedInAll' query type */
export interface IRecordedInAllQuery {
  params: IRecordedInAllParams;
  result: IRecordedInAllResult;
}

const recordedInAllIR: any = {"usedParamSet":{"people":true,"from":true,"to":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":119,"b":126}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":177,"b":182}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":188,"b":191}]}],"statement":"select\n  e.person_id as \"personId!\",\n  sum(e.quantity)::bigint as \"seconds!\"\nfrom\n  entry e\nwhere\n  e.person_id = any (:people!)\n  and e.kind = 'time'\n  and e.work_date between :from! and :to!\ngroup by\n  e.person_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.person_id as "personId!",
 *   sum(e.quantity)::bigint as "seconds!"
 * from
 *   entry e
 * where
 *   e.person_id = any (:people!)
 *   and e.kind = 'time'
 *   and e.work_date between :from! and :to!
 * group by
 *   e.person_id
 * ```
 */
export const recordedInAll = new PreparedQuery<IRecordedInAllParams,IRecordedInAllResult>(recordedInAllIR);


