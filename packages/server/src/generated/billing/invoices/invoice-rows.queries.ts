/** Types generated for queries found in "packages/server/src/billing/invoices/invoice-rows.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'InvoiceRows' parameters type */
export interface IInvoiceRowsParams {
  afterDay: string;
  afterId: string;
  all: boolean;
  anyId: boolean;
  asker: string;
  beforeAt: string;
  beforeId: string;
  id?: string | null | void;
  limit: number;
  projects: stringArray;
  reach: string;
  show: string;
  whose?: string | null | void;
}

/** 'InvoiceRows' return type */
export interface IInvoiceRowsResult {
  clientId: string;
  clientName: string;
  createdAt: string;
  credited: number;
  currency: string;
  dueOn: string | null;
  gross: number;
  hasCredit: boolean;
  id: string;
  issuedOn: string | null;
  kind: string;
  lastPaid: string | null;
  net: number;
  number: string | null;
  projects: stringArray | null;
  sentAt: string | null;
  settled: number;
  status: string;
  version: number;
}

/** 'InvoiceRows' query type */
export interface IInvoiceRowsQuery {
  params: IInvoiceRowsParams;
  result: IInvoiceRowsResult;
}

const invoiceRowsIR: any = {"usedParamSet":{"reach":true,"asker":true,"anyId":true,"id":true,"show":true,"all":true,"projects":true,"whose":true,"afterDay":true,"afterId":true,"beforeAt":true,"beforeId":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1121,"b":1127}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1130,"b":1136}]},{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1221,"b":1227}]},{"name":"id","required":false,"transform":{"type":"scalar"},"locs":[{"a":1243,"b":1245}]},{"name":"show","required":true,"transform":{"type":"scalar"},"locs":[{"a":1263,"b":1268},{"a":1293,"b":1298},{"a":1361,"b":1366},{"a":1544,"b":1549},{"a":1727,"b":1732},{"a":1780,"b":1785}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1497,"b":1501}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1504,"b":1513}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1516,"b":1521}]},{"name":"afterDay","required":true,"transform":{"type":"scalar"},"locs":[{"a":1585,"b":1594}]},{"name":"afterId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1603,"b":1611}]},{"name":"beforeAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":1653,"b":1662}]},{"name":"beforeId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1678,"b":1687}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":1854,"b":1860}]}],"statement":"select\n  i.id as \"id!\",\n  i.kind as \"kind!\",\n  i.status as \"status!\",\n  i.number_text as \"number?\",\n  i.client_id as \"clientId!\",\n  c.name as \"clientName!\",\n  i.currency as \"currency!\",\n  i.issued_on as \"issuedOn?\",\n  i.due_on as \"dueOn?\",\n  i.net_minor as \"net!\",\n  i.gross_minor as \"gross!\",\n  i.settled_minor as \"settled!\",\n  i.credited_minor as \"credited!\",\n  i.sent_at as \"sentAt?\",\n  i.version as \"version!\",\n  i.created_at as \"createdAt!\",\n  (\n    select\n      array_agg(distinct p.name)\n    from\n      invoice_line l\n      join project p on p.firm_id = l.firm_id\n      and p.id = l.project_id\n    where\n      l.firm_id = i.firm_id\n      and l.invoice_id = i.id\n  ) as \"projects?\",\n  (\n    select\n      max(pay.received_on)\n    from\n      allocation al\n      join payment pay on pay.firm_id = al.firm_id\n      and pay.id = al.payment_id\n    where\n      al.firm_id = i.firm_id\n      and al.invoice_id = i.id\n      and al.live\n  ) as \"lastPaid?\",\n  exists (\n    select\n      1\n    from\n      invoice n\n    where\n      n.firm_id = i.firm_id\n      and n.credits_id = i.id\n  ) as \"hasCredit!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\n  join client c on c.firm_id = i.firm_id\n  and c.id = i.client_id\nwhere\n  (\n    :anyId!\n    or i.id = :id\n  )\n  and (\n    :show! = 'all'\n    or (\n      :show! = 'drafts'\n      and i.status = 'draft'\n    )\n    or (\n      :show! = 'open'\n      and is_open (i.status, i.kind, i.settled_minor, i.gross_minor)\n    )\n  )\n  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)\n  and case\n    when :show! = 'open' then (i.due_on, i.id) > (:afterDay!::date, :afterId!::uuid)\n    else (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)\n  end\norder by\n  case\n    when :show! = 'open' then i.due_on\n  end,\n  case\n    when :show! = 'open' then i.id\n  end,\n  i.created_at desc,\n  i.id desc\nlimit\n  :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "id!",
 *   i.kind as "kind!",
 *   i.status as "status!",
 *   i.number_text as "number?",
 *   i.client_id as "clientId!",
 *   c.name as "clientName!",
 *   i.currency as "currency!",
 *   i.issued_on as "issuedOn?",
 *   i.due_on as "dueOn?",
 *   i.net_minor as "net!",
 *   i.gross_minor as "gross!",
 *   i.settled_minor as "settled!",
 *   i.credited_minor as "credited!",
 *   i.sent_at as "sentAt?",
 *   i.version as "version!",
 *   i.created_at as "createdAt!",
 *   (
 *     select
 *       array_agg(distinct p.name)
 *     from
 *       invoice_line l
 *       join project p on p.firm_id = l.firm_id
 *       and p.id = l.project_id
 *     where
 *       l.firm_id = i.firm_id
 *       and l.invoice_id = i.id
 *   ) as "projects?",
 *   (
 *     select
 *       max(pay.received_on)
 *     from
 *       allocation al
 *       join payment pay on pay.firm_id = al.firm_id
 *       and pay.id = al.payment_id
 *     where
 *       al.firm_id = i.firm_id
 *       and al.invoice_id = i.id
 *       and al.live
 *   ) as "lastPaid?",
 *   exists (
 *     select
 *       1
 *     from
 *       invoice n
 *     where
 *       n.firm_id = i.firm_id
 *       and n.credits_id = i.id
 *   ) as "hasCredit!"
 * from
 *   invoices_in_reach (:reach!, :asker!) i
 *   join client c on c.firm_id = i.firm_id
 *   and c.id = i.client_id
 * where
 *   (
 *     :anyId!
 *     or i.id = :id
 *   )
 *   and (
 *     :show! = 'all'
 *     or (
 *       :show! = 'drafts'
 *       and i.status = 'draft'
 *     )
 *     or (
 *       :show! = 'open'
 *       and is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
 *     )
 *   )
 *   and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)
 *   and case
 *     when :show! = 'open' then (i.due_on, i.id) > (:afterDay!::date, :afterId!::uuid)
 *     else (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)
 *   end
 * order by
 *   case
 *     when :show! = 'open' then i.due_on
 *   end,
 *   case
 *     when :show! = 'open' then i.id
 *   end,
 *   i.created_at desc,
 *   i.id desc
 * limit
 *   :limit!
 * ```
 */
export const invoiceRows = new PreparedQuery<IInvoiceRowsParams,IInvoiceRowsResult>(invoiceRowsIR);


