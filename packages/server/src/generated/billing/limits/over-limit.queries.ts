/** Types generated for queries found in "packages/server/src/billing/limits/over-limit.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'OverLimitLine' parameters type */
export interface IOverLimitLineParams {
  asker: string;
  line: string;
  reach: string;
}

/** 'OverLimitLine' return type */
export interface IOverLimitLineResult {
  agreementId: string;
  category: string;
  clientId: string | null;
  currency: string;
  invoiceId: string;
  lineId: string;
  number: string;
  projectId: string;
  projectName: string;
  waiting: number;
}

/** 'OverLimitLine' query type */
export interface IOverLimitLineQuery {
  params: IOverLimitLineParams;
  result: IOverLimitLineResult;
}

const overLimitLineIR: any = {"usedParamSet":{"reach":true,"asker":true,"line":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":369,"b":375}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":378,"b":384}]},{"name":"line","required":true,"transform":{"type":"scalar"},"locs":[{"a":598,"b":603}]}],"statement":"select\n  w.line_id as \"lineId!\",\n  w.invoice_id as \"invoiceId!\",\n  w.project_id as \"projectId!\",\n  w.currency as \"currency!\",\n  w.waiting_minor as \"waiting!\",\n  l.agreement_id as \"agreementId!\",\n  l.category as \"category!\",\n  p.client_id as \"clientId?\",\n  p.name as \"projectName!\",\n  i.number_text as \"number!\"\nfrom\n  over_limit_waiting () w\n  join invoices_to_act_on (:reach!, :asker!) i on i.firm_id = w.firm_id\n  and i.id = w.invoice_id\n  join invoice_line l on l.firm_id = w.firm_id\n  and l.id = w.line_id\n  join project p on p.firm_id = w.firm_id\n  and p.id = w.project_id\nwhere\n  w.line_id = :line!                                                                                                      "};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.line_id as "lineId!",
 *   w.invoice_id as "invoiceId!",
 *   w.project_id as "projectId!",
 *   w.currency as "currency!",
 *   w.waiting_minor as "waiting!",
 *   l.agreement_id as "agreementId!",
 *   l.category as "category!",
 *   p.client_id as "clientId?",
 *   p.name as "projectName!",
 *   i.number_text as "number!"
 * from
 *   over_limit_waiting () w
 *   join invoices_to_act_on (:reach!, :asker!) i on i.firm_id = w.firm_id
 *   and i.id = w.invoice_id
 *   join invoice_line l on l.firm_id = w.firm_id
 *   and l.id = w.line_id
 *   join project p on p.firm_id = w.firm_id
 *   and p.id = w.project_id
 * where
 *   w.line_id = :line!                                                                                                      
 * ```
 */
export const overLimitLine = new PreparedQuery<IOverLimitLineParams,IOverLimitLineResult>(overLimitLineIR);


/** 'RoomUnder' parameters type */
export interface IRoomUnderParams {
  day: string;
  projects: stringArray;
}

/** 'RoomUnder' return type */
export interface IRoomUnderResult {
  currency: string;
  projectId: string;
  room: number;
}

/** 'RoomUnder' query type */
export interface IRoomUnderQuery {
  params: IRoomUnderParams;
  result: IRoomUnderResult;
}

const roomUnderIR: any = {"usedParamSet":{"day":true,"projects":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":202,"b":206},{"a":370,"b":374}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":413,"b":422}]}],"statement":"select\n  m.project_id as \"projectId!\",\n  m.currency as \"currency!\",\n  (\n    m.left_minor - coalesce(\n      (\n        select\n          sum(b.ready_minor)\n        from\n          to_bill_rows ('infinity', :day!) b\n        where\n          b.project_id = m.project_id\n          and b.currency = m.currency\n      ),\n      0\n    )\n  )::bigint as \"room!\"\nfrom\n  project_limits (:day!, null) m\nwhere\n  m.project_id = any (:projects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   m.project_id as "projectId!",
 *   m.currency as "currency!",
 *   (
 *     m.left_minor - coalesce(
 *       (
 *         select
 *           sum(b.ready_minor)
 *         from
 *           to_bill_rows ('infinity', :day!) b
 *         where
 *           b.project_id = m.project_id
 *           and b.currency = m.currency
 *       ),
 *       0
 *     )
 *   )::bigint as "room!"
 * from
 *   project_limits (:day!, null) m
 * where
 *   m.project_id = any (:projects!)
 * ```
 */
export const roomUnder = new PreparedQuery<IRoomUnderParams,IRoomUnderResult>(roomUnderIR);


/** 'DecidedOfInvoice' parameters type */
export interface IDecidedOfInvoiceParams {
  invoice: string;
}

/** 'DecidedOfInvoice' return type */
export interface IDecidedOfInvoiceResult {
  billed: number;
  feeId: string | null;
  minor: number;
  number: string | null;
  writeDownId: string | null;
}

/** 'DecidedOfInvoice' query type */
export interface IDecidedOfInvoiceQuery {
  params: IDecidedOfInvoiceParams;
  result: IDecidedOfInvoiceResult;
}

const decidedOfInvoiceIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":640,"b":648},{"a":843,"b":851}]}],"statement":"select\n  f.entry_id as \"feeId?\",\n  null::uuid as \"writeDownId?\",\n  e.billed_quantity as \"billed!\",\n  e.quantity as \"minor!\",\n  (\n    select\n      max(i.number_text)\n    from\n      line_share s\n      join invoice_line x on x.firm_id = s.firm_id\n      and x.id = s.line_id\n      join invoice i on i.firm_id = x.firm_id\n      and i.id = x.invoice_id\n    where\n      s.firm_id = f.firm_id\n      and s.entry_id = f.entry_id\n      and s.live\n  ) as \"number?\"\nfrom\n  entry_fee f\n  join invoice_line l on l.firm_id = f.firm_id\n  and l.id = f.over_limit_line_id\n  join entry e on e.firm_id = f.firm_id\n  and e.id = f.entry_id\nwhere\n  l.invoice_id = :invoice!\nunion all\nselect\n  null,\n  w.id,\n  0,\n  w.amount_minor,\n  null\nfrom\n  limit_write_down w\n  join invoice_line l on l.firm_id = w.firm_id\n  and l.id = w.over_limit_line_id\nwhere\n  l.invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.entry_id as "feeId?",
 *   null::uuid as "writeDownId?",
 *   e.billed_quantity as "billed!",
 *   e.quantity as "minor!",
 *   (
 *     select
 *       max(i.number_text)
 *     from
 *       line_share s
 *       join invoice_line x on x.firm_id = s.firm_id
 *       and x.id = s.line_id
 *       join invoice i on i.firm_id = x.firm_id
 *       and i.id = x.invoice_id
 *     where
 *       s.firm_id = f.firm_id
 *       and s.entry_id = f.entry_id
 *       and s.live
 *   ) as "number?"
 * from
 *   entry_fee f
 *   join invoice_line l on l.firm_id = f.firm_id
 *   and l.id = f.over_limit_line_id
 *   join entry e on e.firm_id = f.firm_id
 *   and e.id = f.entry_id
 * where
 *   l.invoice_id = :invoice!
 * union all
 * select
 *   null,
 *   w.id,
 *   0,
 *   w.amount_minor,
 *   null
 * from
 *   limit_write_down w
 *   join invoice_line l on l.firm_id = w.firm_id
 *   and l.id = w.over_limit_line_id
 * where
 *   l.invoice_id = :invoice!
 * ```
 */
export const decidedOfInvoice = new PreparedQuery<IDecidedOfInvoiceParams,IDecidedOfInvoiceResult>(decidedOfInvoiceIR);


/** 'InsertWriteDown' parameters type */
export interface IInsertWriteDownParams {
  amount: number;
  by: string;
  firm: string;
  id: string;
  line: string;
  now: string;
  reason: string;
}

/** 'InsertWriteDown' return type */
export type IInsertWriteDownResult = void;

/** 'InsertWriteDown' query type */
export interface IInsertWriteDownQuery {
  params: IInsertWriteDownParams;
  result: IInsertWriteDownResult;
}

const insertWriteDownIR: any = {"usedParamSet":{"firm":true,"id":true,"line":true,"amount":true,"reason":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":113}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":119}]},{"name":"line","required":true,"transform":{"type":"scalar"},"locs":[{"a":122,"b":127}]},{"name":"amount","required":true,"transform":{"type":"scalar"},"locs":[{"a":130,"b":137}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":140,"b":147}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":153}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":160}]}],"statement":"insert into\n  limit_write_down (firm_id, id, over_limit_line_id, amount_minor, reason, by_id, at)\nvalues\n  (:firm!, :id!, :line!, :amount!, :reason!, :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   limit_write_down (firm_id, id, over_limit_line_id, amount_minor, reason, by_id, at)
 * values
 *   (:firm!, :id!, :line!, :amount!, :reason!, :by!, :now!)
 * ```
 */
export const insertWriteDown = new PreparedQuery<IInsertWriteDownParams,IInsertWriteDownResult>(insertWriteDownIR);


/** 'DeleteWriteDowns' parameters type */
export interface IDeleteWriteDownsParams {
  ids: stringArray;
}

/** 'DeleteWriteDowns' return type */
export type IDeleteWriteDownsResult = void;

/** 'DeleteWriteDowns' query type */
export interface IDeleteWriteDownsQuery {
  params: IDeleteWriteDownsParams;
  result: IDeleteWriteDownsResult;
}

const deleteWriteDownsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":51}]}],"statement":"delete from limit_write_down\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from limit_write_down
 * where
 *   id = any (:ids!)
 * ```
 */
export const deleteWriteDowns = new PreparedQuery<IDeleteWriteDownsParams,IDeleteWriteDownsResult>(deleteWriteDownsIR);


