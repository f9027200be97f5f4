/** Types generated for queries found in "packages/server/src/review/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'PeriodEntries' parameters type */
export interface IPeriodEntriesParams {
  from: string;
  person: string;
  to: string;
}

/** 'PeriodEntries' return type */
export interface IPeriodEntriesResult {
  id: string;
  kind: string;
  problems: stringArray;
  quantity: number;
  stage: string;
  version: number;
}

/** 'PeriodEntries' query type */
export interface IPeriodEntriesQuery {
  params: IPeriodEntriesParams;
  result: IPeriodEntriesResult;
}

const periodEntriesIR: any = {"usedParamSet":{"person":true,"from":true,"to":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":157,"b":164}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":188,"b":193}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":199,"b":202}]}],"statement":"select id as \"id!\", stage as \"stage!\", kind as \"kind!\", quantity as \"quantity!\", problems as \"problems!\", version as \"version!\" from entry\nwhere person_id = :person! and work_date between :from! and :to! order by id for update"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", stage as "stage!", kind as "kind!", quantity as "quantity!", problems as "problems!", version as "version!" from entry
 * where person_id = :person! and work_date between :from! and :to! order by id for update
 * ```
 */
export const periodEntries = new PreparedQuery<IPeriodEntriesParams,IPeriodEntriesResult>(periodEntriesIR);


/** 'MoveEntries' parameters type */
export interface IMoveEntriesParams {
  moves: Json;
}

/** 'MoveEntries' return type */
export type IMoveEntriesResult = void;

/** 'MoveEntries' query type */
export interface IMoveEntriesQuery {
  params: IMoveEntriesParams;
  result: IMoveEntriesResult;
}

const moveEntriesIR: any = {"usedParamSet":{"moves":true},"params":[{"name":"moves","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":90}]}],"statement":"update entry e set stage = m.stage, version = e.version + 1 from jsonb_to_recordset(:moves!) as m(id uuid, stage text) where e.id = m.id"};

/**
 * Query generated from SQL:
 * ```
 * update entry e set stage = m.stage, version = e.version + 1 from jsonb_to_recordset(:moves!) as m(id uuid, stage text) where e.id = m.id
 * ```
 */
export const moveEntries = new PreparedQuery<IMoveEntriesParams,IMoveEntriesResult>(moveEntriesIR);


/** 'InsertSubmission' parameters type */
export interface IInsertSubmissionParams {
  at: string;
  by: string;
  confirmation: string;
  firm: string;
  id: string;
  note: string;
  quantity: number;
  sheet: string;
}

/** 'InsertSubmission' return type */
export type IInsertSubmissionResult = void;

/** 'InsertSubmission' query type */
export interface IInsertSubmissionQuery {
  params: IInsertSubmissionParams;
  result: IInsertSubmissionResult;
}

const insertSubmissionIR: any = {"usedParamSet":{"firm":true,"id":true,"sheet":true,"by":true,"at":true,"note":true,"confirmation":true,"quantity":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":105}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":111}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":120}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":126}]},{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":132}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":140}]},{"name":"confirmation","required":true,"transform":{"type":"scalar"},"locs":[{"a":143,"b":156}]},{"name":"quantity","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":168}]}],"statement":"insert into submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity) values (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity) values (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)
 * ```
 */
export const insertSubmission = new PreparedQuery<IInsertSubmissionParams,IInsertSubmissionResult>(insertSubmissionIR);


/** 'WithdrawSubmissions' parameters type */
export interface IWithdrawSubmissionsParams {
  at: string;
  sheet: string;
}

/** 'WithdrawSubmissions' return type */
export type IWithdrawSubmissionsResult = void;

/** 'WithdrawSubmissions' query type */
export interface IWithdrawSubmissionsQuery {
  params: IWithdrawSubmissionsParams;
  result: IWithdrawSubmissionsResult;
}

const withdrawSubmissionsIR: any = {"usedParamSet":{"at":true,"sheet":true},"params":[{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":40}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":69}]}],"statement":"update submission set withdrawn_at = :at! where timesheet_id = :sheet! and withdrawn_at is null"};

/**
 * Query generated from SQL:
 * ```
 * update submission set withdrawn_at = :at! where timesheet_id = :sheet! and withdrawn_at is null
 * ```
 */
export const withdrawSubmissions = new PreparedQuery<IWithdrawSubmissionsParams,IWithdrawSubmissionsResult>(withdrawSubmissionsIR);


/** 'SetSheetState' parameters type */
export interface ISetSheetStateParams {
  id: string;
  state: string;
}

/** 'SetSheetState' return type */
export type ISetSheetStateResult = void;

/** 'SetSheetState' query type */
export interface ISetSheetStateQuery {
  params: ISetSheetStateParams;
  result: ISetSheetStateResult;
}

const setSheetStateIR: any = {"usedParamSet":{"state":true,"id":true},"params":[{"name":"state","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":35}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":74}]}],"statement":"update timesheet set state = :state!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timesheet set state = :state!, version = version + 1 where id = :id!
 * ```
 */
export const setSheetState = new PreparedQuery<ISetSheetStateParams,ISetSheetStateResult>(setSheetStateIR);


/** 'LockDecidable' parameters type */
export interface ILockDecidableParams {
  asker: string;
  ids: stringArray;
  reach: string;
}

/** 'LockDecidable' return type */
export interface ILockDecidableResult {
  billedQuantity: number;
  id: string;
  personId: string;
  quantity: number;
  stage: string;
  version: number;
  workDate: string;
}

/** 'LockDecidable' query type */
export interface ILockDecidableQuery {
  params: ILockDecidableParams;
  result: ILockDecidableResult;
}

const lockDecidableIR: any = {"usedParamSet":{"reach":true,"asker":true,"ids":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":258}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":261,"b":267}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":289,"b":293}]}],"statement":"select e.id as \"id!\", e.version as \"version!\", e.stage as \"stage!\", e.person_id as \"personId!\", e.work_date as \"workDate!\", e.quantity as \"quantity!\", e.billed_quantity as \"billedQuantity!\"\nfrom entry e where e.id in (select r.id from entries_in_reach(:reach!, :asker!) r where r.id = any(:ids!)) order by e.id for update"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.version as "version!", e.stage as "stage!", e.person_id as "personId!", e.work_date as "workDate!", e.quantity as "quantity!", e.billed_quantity as "billedQuantity!"
 * from entry e where e.id in (select r.id from entries_in_reach(:reach!, :asker!) r where r.id = any(:ids!)) order by e.id for update
 * ```
 */
export const lockDecidable = new PreparedQuery<ILockDecidableParams,ILockDecidableResult>(lockDecidableIR);


/** 'InsertDecisions' parameters type */
export interface IInsertDecisionsParams {
  at: string;
  by: string;
  decisions: Json;
  firm: string;
  outcome: string;
  reason: string;
}

/** 'InsertDecisions' return type */
export type IInsertDecisionsResult = void;

/** 'InsertDecisions' query type */
export interface IInsertDecisionsQuery {
  params: IInsertDecisionsParams;
  result: IInsertDecisionsResult;
}

const insertDecisionsIR: any = {"usedParamSet":{"firm":true,"outcome":true,"reason":true,"by":true,"at":true,"decisions":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":99}]},{"name":"outcome","required":true,"transform":{"type":"scalar"},"locs":[{"a":134,"b":142}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":152}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":155,"b":158}]},{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":164}]},{"name":"decisions","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":200}]}],"statement":"insert into decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at)\nselect :firm!, d.id, d.\"sheetId\", d.\"entryId\", :outcome!, :reason!, :by!, :at! from jsonb_to_recordset(:decisions!) as d(id uuid, \"sheetId\" uuid, \"entryId\" uuid)"};

/**
 * Query generated from SQL:
 * ```
 * insert into decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at)
 * select :firm!, d.id, d."sheetId", d."entryId", :outcome!, :reason!, :by!, :at! from jsonb_to_recordset(:decisions!) as d(id uuid, "sheetId" uuid, "entryId" uuid)
 * ```
 */
export const insertDecisions = new PreparedQuery<IInsertDecisionsParams,IInsertDecisionsResult>(insertDecisionsIR);


/** 'SheetsOfDates' parameters type */
export interface ISheetsOfDatesParams {
  earliest: string;
  latest: string;
  people: stringArray;
}

/** 'SheetsOfDates' return type */
export interface ISheetsOfDatesResult {
  from: string;
  id: string;
  personId: string;
  state: string;
  to: string;
}

/** 'SheetsOfDates' query type */
export interface ISheetsOfDatesQuery {
  params: ISheetsOfDatesParams;
  result: ISheetsOfDatesResult;
}

const sheetsOfDatesIR: any = {"usedParamSet":{"people":true,"latest":true,"earliest":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":166}]},{"name":"latest","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":197}]},{"name":"earliest","required":true,"transform":{"type":"scalar"},"locs":[{"a":218,"b":227}]}],"statement":"select t.id as \"id!\", t.person_id as \"personId!\", t.period_from as \"from!\", t.period_to as \"to!\", t.state as \"state!\"\nfrom timesheet t where t.person_id = any(:people!) and t.period_from <= :latest! and t.period_to >= :earliest! order by t.id for update"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!", t.state as "state!"
 * from timesheet t where t.person_id = any(:people!) and t.period_from <= :latest! and t.period_to >= :earliest! order by t.id for update
 * ```
 */
export const sheetsOfDates = new PreparedQuery<ISheetsOfDatesParams,ISheetsOfDatesResult>(sheetsOfDatesIR);


/** 'ReviewPeople' parameters type */
export interface IReviewPeopleParams {
  asker: string;
  from: string;
  reach: string;
  to: string;
}

/** 'ReviewPeople' return type */
export interface IReviewPeopleResult {
  id: string;
  name: string;
  note: string;
  position: string | null;
  sheetId: string | null;
  state: string | null;
  submittedAt: string | null;
}

/** 'ReviewPeople' query type */
export interface IReviewPeopleQuery {
  params: IReviewPeopleParams;
  result: IReviewPeopleResult;
}

const reviewPeopleIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":435,"b":441}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":444,"b":450}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":619,"b":624}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":648,"b":651}]}],"statement":"select p.id as \"id!\", p.name as \"name!\", po.name as \"position?\", t.id as \"sheetId?\", t.state as \"state?\",\n  (select max(s.at) from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null) as \"submittedAt?\",\n  coalesce((select s.note from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null order by s.at desc limit 1), '') as \"note!\"\nfrom people_in_reach(:reach!, :asker!) p\nleft join position po on po.firm_id = p.firm_id and po.id = p.position_id\nleft join timesheet t on t.firm_id = p.firm_id and t.person_id = p.id and t.period_from = :from!\nwhere p.started_on <= :to!\norder by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.name as "name!", po.name as "position?", t.id as "sheetId?", t.state as "state?",
 *   (select max(s.at) from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null) as "submittedAt?",
 *   coalesce((select s.note from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null order by s.at desc limit 1), '') as "note!"
 * from people_in_reach(:reach!, :asker!) p
 * left join position po on po.firm_id = p.firm_id and po.id = p.position_id
 * left join timesheet t on t.firm_id = p.firm_id and t.person_id = p.id and t.period_from = :from!
 * where p.started_on <= :to!
 * order by p.name
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

const reviewEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":336,"b":342}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":345,"b":351}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":455,"b":460}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":466,"b":469}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":476,"b":480}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":504,"b":513}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":544,"b":552}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":573,"b":579}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":610,"b":615},{"a":648,"b":653}]}],"statement":"select e.id as \"id!\", e.version as \"version!\", e.person_id as \"personId!\", e.work_date as \"date!\", e.kind as \"kind!\", e.quantity as \"quantity!\", e.billable as \"billable!\", e.stage as \"stage!\",\n  e.problems as \"problems!\", e.lag_days as \"lagDays!\", e.changed_by_other as \"changedByOther!\", a.code as \"absenceCode?\"\nfrom entries_in_reach(:reach!, :asker!) e\nleft join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id\nwhere e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!) or e.kind = 'absence') and (:anyTask! or e.task_id = any(:tasks!) or e.kind = 'absence') and (:whose::uuid is null or e.person_id = :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.version as "version!", e.person_id as "personId!", e.work_date as "date!", e.kind as "kind!", e.quantity as "quantity!", e.billable as "billable!", e.stage as "stage!",
 *   e.problems as "problems!", e.lag_days as "lagDays!", e.changed_by_other as "changedByOther!", a.code as "absenceCode?"
 * from entries_in_reach(:reach!, :asker!) e
 * left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
 * where e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!) or e.kind = 'absence') and (:anyTask! or e.task_id = any(:tasks!) or e.kind = 'absence') and (:whose::uuid is null or e.person_id = :whose)
 * ```
 */
export const reviewEntries = new PreparedQuery<IReviewEntriesParams,IReviewEntriesResult>(reviewEntriesIR);


/** 'WaitingWeeks' parameters type */
export interface IWaitingWeeksParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'WaitingWeeks' return type */
export interface IWaitingWeeksResult {
  from: string;
  people: number;
  submitted: number;
}

/** 'WaitingWeeks' query type */
export interface IWaitingWeeksQuery {
  params: IWaitingWeeksParams;
  result: IWaitingWeeksResult;
}

const waitingWeeksIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":155,"b":161}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":170},{"a":242,"b":248}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":255,"b":259}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":283,"b":292}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":301,"b":309}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":330,"b":336}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":345,"b":350},{"a":383,"b":388}]}],"statement":"select (date_trunc('week', e.work_date))::date as \"from!\", sum(e.quantity) as \"submitted!\", count(distinct e.person_id) as \"people!\"\nfrom entries_in_reach(:reach!, :asker!) e\nwhere e.stage = 'submitted' and e.kind = 'time' and e.person_id <> :asker! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)\ngroup by 1 order by 1"};

/**
 * Query generated from SQL:
 * ```
 * select (date_trunc('week', e.work_date))::date as "from!", sum(e.quantity) as "submitted!", count(distinct e.person_id) as "people!"
 * from entries_in_reach(:reach!, :asker!) e
 * where e.stage = 'submitted' and e.kind = 'time' and e.person_id <> :asker! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
 * group by 1 order by 1
 * ```
 */
export const waitingWeeks = new PreparedQuery<IWaitingWeeksParams,IWaitingWeeksResult>(waitingWeeksIR);


/** 'DecisionsOfSheet' parameters type */
export interface IDecisionsOfSheetParams {
  sheet: string;
}

/** 'DecisionsOfSheet' return type */
export interface IDecisionsOfSheetResult {
  at: string;
  by: string;
  entryId: string | null;
  outcome: string;
  reason: string;
}

/** 'DecisionsOfSheet' query type */
export interface IDecisionsOfSheetQuery {
  params: IDecisionsOfSheetParams;
  result: IDecisionsOfSheetResult;
}

const decisionsOfSheetIR: any = {"usedParamSet":{"sheet":true},"params":[{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":215}]}],"statement":"select d.at as \"at!\", p.name as \"by!\", d.outcome as \"outcome!\", d.reason as \"reason!\", d.entry_id as \"entryId?\"\nfrom decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id where d.timesheet_id = :sheet! order by d.at desc limit 100"};

/**
 * Query generated from SQL:
 * ```
 * select d.at as "at!", p.name as "by!", d.outcome as "outcome!", d.reason as "reason!", d.entry_id as "entryId?"
 * from decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id where d.timesheet_id = :sheet! order by d.at desc limit 100
 * ```
 */
export const decisionsOfSheet = new PreparedQuery<IDecisionsOfSheetParams,IDecisionsOfSheetResult>(decisionsOfSheetIR);


/** 'TaskEstimates' parameters type */
export interface ITaskEstimatesParams {
  tasks: stringArray;
}

/** 'TaskEstimates' return type */
export interface ITaskEstimatesResult {
  estimate: number;
  id: string;
  name: string;
  recorded: number;
}

/** 'TaskEstimates' query type */
export interface ITaskEstimatesQuery {
  params: ITaskEstimatesParams;
  result: ITaskEstimatesResult;
}

const taskEstimatesIR: any = {"usedParamSet":{"tasks":true},"params":[{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":306,"b":312}]}],"statement":"select t.id as \"id!\", t.name as \"name!\", t.estimate as \"estimate!\", coalesce((select sum(s.quantity) from work_sum s where s.firm_id = t.firm_id and s.person_id = no_id() and s.month = no_month() and s.project_id = t.project_id and s.task_id = t.id), 0)::bigint as \"recorded!\"\nfrom task t where t.id = any(:tasks!) and t.estimate > 0 order by t.name"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.name as "name!", t.estimate as "estimate!", coalesce((select sum(s.quantity) from work_sum s where s.firm_id = t.firm_id and s.person_id = no_id() and s.month = no_month() and s.project_id = t.project_id and s.task_id = t.id), 0)::bigint as "recorded!"
 * from task t where t.id = any(:tasks!) and t.estimate > 0 order by t.name
 * ```
 */
export const taskEstimates = new PreparedQuery<ITaskEstimatesParams,ITaskEstimatesResult>(taskEstimatesIR);


/** 'HistoryOf' parameters type */
export interface IHistoryOfParams {
  id: string;
}

/** 'HistoryOf' return type */
export interface IHistoryOfResult {
  action: string;
  after: Json | null;
  at: string;
  before: Json | null;
  by: string;
  id: string;
  kind: string;
  moneyAfter: Json | null;
  moneyBefore: Json | null;
  reason: string;
}

/** 'HistoryOf' query type */
export interface IHistoryOfQuery {
  params: IHistoryOfParams;
  result: IHistoryOfResult;
}

const historyOfIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":405,"b":408}]}],"statement":"select v.id as \"id!\", v.at as \"at!\", p.name as \"by!\", v.action as \"action!\", v.reason as \"reason!\", s.subject_kind as \"kind!\", s.before as \"before?\", s.after as \"after?\", s.money_before as \"moneyBefore?\", s.money_after as \"moneyAfter?\"\nfrom audit_subject s\njoin audit_event v on v.firm_id = s.firm_id and v.id = s.event_id\njoin person p on p.firm_id = v.firm_id and p.id = v.actor_id\nwhere s.subject_id = :id! order by v.at, v.xact, v.id"};

/**
 * Query generated from SQL:
 * ```
 * select v.id as "id!", v.at as "at!", p.name as "by!", v.action as "action!", v.reason as "reason!", s.subject_kind as "kind!", s.before as "before?", s.after as "after?", s.money_before as "moneyBefore?", s.money_after as "moneyAfter?"
 * from audit_subject s
 * join audit_event v on v.firm_id = s.firm_id and v.id = s.event_id
 * join person p on p.firm_id = v.firm_id and p.id = v.actor_id
 * where s.subject_id = :id! order by v.at, v.xact, v.id
 * ```
 */
export const historyOf = new PreparedQuery<IHistoryOfParams,IHistoryOfResult>(historyOfIR);


/** 'NamesOfWork' parameters type */
export interface INamesOfWorkParams {
  ids: stringArray;
}

/** 'NamesOfWork' return type */
export interface INamesOfWorkResult {
  id: string;
  name: string;
}

/** 'NamesOfWork' query type */
export interface INamesOfWorkQuery {
  params: INamesOfWorkParams;
  result: INamesOfWorkResult;
}

const namesOfWorkIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":64,"b":68},{"a":122,"b":126},{"a":183,"b":187},{"a":243,"b":247}]}],"statement":"select id as \"id!\", name as \"name!\" from project where id = any(:ids!)\nunion all select id, name from task where id = any(:ids!)\nunion all select id, name from service where id = any(:ids!)\nunion all select id, name from person where id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", name as "name!" from project where id = any(:ids!)
 * union all select id, name from task where id = any(:ids!)
 * union all select id, name from service where id = any(:ids!)
 * union all select id, name from person where id = any(:ids!)
 * ```
 */
export const namesOfWork = new PreparedQuery<INamesOfWorkParams,INamesOfWorkResult>(namesOfWorkIR);


/** 'InvoiceInReach' parameters type */
export interface IInvoiceInReachParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'InvoiceInReach' return type */
export interface IInvoiceInReachResult {
  id: string;
}

/** 'InvoiceInReach' query type */
export interface IInvoiceInReachQuery {
  params: IInvoiceInReachParams;
  result: IInvoiceInReachResult;
}

const invoiceInReachIR: any = {"usedParamSet":{"id":true,"reach":true,"asker":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":52}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":65}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":254,"b":260}]}],"statement":"select i.id as \"id!\" from invoice i where i.id = :id! and (:reach! = 'firm' or exists (\n  select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "id!" from invoice i where i.id = :id! and (:reach! = 'firm' or exists (
 *   select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))
 * ```
 */
export const invoiceInReach = new PreparedQuery<IInvoiceInReachParams,IInvoiceInReachResult>(invoiceInReachIR);


