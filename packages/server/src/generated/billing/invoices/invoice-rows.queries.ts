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

const invoiceRowsIR: any = {"usedParamSet":{"reach":true,"asker":true,"anyId":true,"id":true,"show":true,"all":true,"projects":true,"whose":true,"afterDay":true,"afterId":true,"beforeAt":true,"beforeId":true,"limit":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1128,"b":1134}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1137,"b":1143}]},{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1228,"b":1234}]},{"name":"id","required":false,"transform":{"type":"scalar"},"locs":[{"a":1250,"b":1252}]},{"name":"show","required":true,"transform":{"type":"scalar"},"locs":[{"a":1270,"b":1275},{"a":1300,"b":1305},{"a":1368,"b":1373},{"a":1551,"b":1556},{"a":1734,"b":1739},{"a":1787,"b":1792}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1504,"b":1508}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1511,"b":1520}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1523,"b":1528}]},{"name":"afterDay","required":true,"transform":{"type":"scalar"},"locs":[{"a":1592,"b":1601}]},{"name":"afterId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1610,"b":1618}]},{"name":"beforeAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":1660,"b":1669}]},{"name":"beforeId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1685,"b":1694}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":1861,"b":1867}]}],"statement":"select\n  i.id as \"id!\",\n  i.kind as \"kind!\",\n  i.status as \"status!\",\n  i.number_text as \"number?\",\n  i.client_id as \"clientId!\",\n  c.name as \"clientName!\",\n  i.currency as \"currency!\",\n  i.issued_on as \"issuedOn?\",\n  i.due_on as \"dueOn?\",\n  i.net_minor as \"net!\",\n  i.gross_minor as \"gross!\",\n  i.settled_minor as \"settled!\",\n  i.credited_minor as \"credited!\",\n  i.sent_at as \"sentAt?\",\n  i.version as \"version!\",\n  i.created_at as \"createdAt!\",\n  (\n    select\n      array_agg(distinct work_text (p))\n    from\n      invoice_line l\n      join project p on p.firm_id = l.firm_id\n      and p.id = l.project_id\n    where\n      l.firm_id = i.firm_id\n      and l.invoice_id = i.id\n  ) as \"projects?\",\n  (\n    select\n      max(pay.received_on)\n    from\n      allocation al\n      join payment pay on pay.firm_id = al.firm_id\n      and pay.id = al.payment_id\n    where\n      al.firm_id = i.firm_id\n      and al.invoice_id = i.id\n      and al.live\n  ) as \"lastPaid?\",\n  exists (\n    select\n      1\n    from\n      invoice n\n    where\n      n.firm_id = i.firm_id\n      and n.credits_id = i.id\n  ) as \"hasCredit!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\n  join client c on c.firm_id = i.firm_id\n  and c.id = i.client_id\nwhere\n  (\n    :anyId!\n    or i.id = :id\n  )\n  and (\n    :show! = 'all'\n    or (\n      :show! = 'drafts'\n      and i.status = 'draft'\n    )\n    or (\n      :show! = 'open'\n      and is_open (i.status, i.kind, i.settled_minor, i.gross_minor)\n    )\n  )\n  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)\n  and case\n    when :show! = 'open' then (i.due_on, i.id) > (:afterDay!::date, :afterId!::uuid)\n    else (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)\n  end\norder by\n  case\n    when :show! = 'open' then i.due_on\n  end,\n  case\n    when :show! = 'open' then i.id\n  end,\n  i.created_at desc,\n  i.id desc\nlimit\n  :limit!"};

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
 *       array_agg(distinct work_text (p))
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


