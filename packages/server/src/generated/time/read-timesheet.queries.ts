/** Types generated for queries found in "packages/server/src/time/read-timesheet.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'SheetOf' parameters type */
export interface ISheetOfParams {
  from: string;
  person: string;
}

/** 'SheetOf' return type */
export interface ISheetOfResult {
  byPolicy: number;
  id: string;
  returned: Json | null;
  rows: Json;
  state: string;
  submissions: Json;
  version: number;
}

/** 'SheetOf' query type */
export interface ISheetOfQuery {
  params: ISheetOfParams;
  result: ISheetOfResult;
}

const sheetOfIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":1523,"b":1530}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1554,"b":1559}]}],"statement":"select\n  t.id as \"id!\",\n  t.state as \"state!\",\n  t.version as \"version!\",\n  (\n    select\n      coalesce(\n        jsonb_agg(\n          jsonb_build_object(\n            'projectId',\n            r.project_id,\n            'taskId',\n            r.task_id,\n            'serviceId',\n            r.service_id,\n            'billable',\n            r.billable\n          )\n        ),\n        '[]'\n      )\n    from\n      sheet_row r\n    where\n      r.firm_id = t.firm_id\n      and r.timesheet_id = t.id\n  ) as \"rows!\",\n  (\n    select\n      coalesce(\n        jsonb_agg(\n          jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at)\n          order by\n            s.at desc\n        ),\n        '[]'\n      )\n    from\n      submission s\n    where\n      s.firm_id = t.firm_id\n      and s.timesheet_id = t.id\n  ) as \"submissions!\",\n  (\n    select\n      jsonb_build_object('reason', d.reason, 'at', d.at, 'by', p.name)\n    from\n      decision d\n      join person p on p.firm_id = d.firm_id\n      and p.id = d.by_id\n    where\n      d.firm_id = t.firm_id\n      and d.timesheet_id = t.id\n      and d.entry_id is null\n    order by\n      d.at desc\n    limit\n      1\n  ) as \"returned?\",\n  (\n    select\n      count(*)\n    from\n      entry e\n      join last_decision (e.firm_id, e.id) d on d.by_policy\n    where\n      e.person_id = t.person_id\n      and e.work_date between t.period_from and t.period_to\n      and e.stage = 'approved'\n      and e.billed_quantity = 0\n  ) as \"byPolicy!\"\nfrom\n  timesheet t\nwhere\n  t.person_id = :person!\n  and t.period_from = :from!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.state as "state!",
 *   t.version as "version!",
 *   (
 *     select
 *       coalesce(
 *         jsonb_agg(
 *           jsonb_build_object(
 *             'projectId',
 *             r.project_id,
 *             'taskId',
 *             r.task_id,
 *             'serviceId',
 *             r.service_id,
 *             'billable',
 *             r.billable
 *           )
 *         ),
 *         '[]'
 *       )
 *     from
 *       sheet_row r
 *     where
 *       r.firm_id = t.firm_id
 *       and r.timesheet_id = t.id
 *   ) as "rows!",
 *   (
 *     select
 *       coalesce(
 *         jsonb_agg(
 *           jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at)
 *           order by
 *             s.at desc
 *         ),
 *         '[]'
 *       )
 *     from
 *       submission s
 *     where
 *       s.firm_id = t.firm_id
 *       and s.timesheet_id = t.id
 *   ) as "submissions!",
 *   (
 *     select
 *       jsonb_build_object('reason', d.reason, 'at', d.at, 'by', p.name)
 *     from
 *       decision d
 *       join person p on p.firm_id = d.firm_id
 *       and p.id = d.by_id
 *     where
 *       d.firm_id = t.firm_id
 *       and d.timesheet_id = t.id
 *       and d.entry_id is null
 *     order by
 *       d.at desc
 *     limit
 *       1
 *   ) as "returned?",
 *   (
 *     select
 *       count(*)
 *     from
 *       entry e
 *       join last_decision (e.firm_id, e.id) d on d.by_policy
 *     where
 *       e.person_id = t.person_id
 *       and e.work_date between t.period_from and t.period_to
 *       and e.stage = 'approved'
 *       and e.billed_quantity = 0
 *   ) as "byPolicy!"
 * from
 *   timesheet t
 * where
 *   t.person_id = :person!
 *   and t.period_from = :from!
 * ```
 */
export const sheetOf = new PreparedQuery<ISheetOfParams,ISheetOfResult>(sheetOfIR);


