/** Types generated for queries found in "packages/server/src/billing/invoices/invoice-rows.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'InvoiceRows' parameters type */
export interface IInvoiceRowsParams {
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

const invoiceRowsIR: any = {"usedParamSet":{"anyId":true,"id":true,"show":true,"all":true,"projects":true,"reach":true,"asker":true,"whose":true,"beforeAt":true,"beforeId":true,"limit":true},"params":[{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1192,"b":1198}]},{"name":"id","required":false,"transform":{"type":"scalar"},"locs":[{"a":1214,"b":1216}]},{"name":"show","required":true,"transform":{"type":"scalar"},"locs":[{"a":1234,"b":1239},{"a":1264,"b":1269},{"a":1332,"b":1337},{"a":2294,"b":2299},{"a":2413,"b":2418}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1471,"b":1475}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1656,"b":1665}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1690,"b":1696}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1961,"b":1967}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1991,"b":1996},{"a":2265,"b":2270}]},{"name":"beforeAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":2341,"b":2350}]},{"name":"beforeId","required":true,"transform":{"type":"scalar"},"locs":[{"a":2366,"b":2375}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":2491,"b":2497}]}],"statement":"select\n  i.id as \"id!\",\n  i.kind as \"kind!\",\n  i.status as \"status!\",\n  i.number_text as \"number?\",\n  i.client_id as \"clientId!\",\n  c.name as \"clientName!\",\n  i.currency as \"currency!\",\n  i.issued_on as \"issuedOn?\",\n  i.due_on as \"dueOn?\",\n  i.net_minor as \"net!\",\n  i.gross_minor as \"gross!\",\n  i.settled_minor as \"settled!\",\n  i.credited_minor as \"credited!\",\n  i.sent_at as \"sentAt?\",\n  i.version as \"version!\",\n  i.created_at as \"createdAt!\",\n  (\n    select\n      array_agg(distinct p.name)\n    from\n      invoice_line l\n      join project p on p.firm_id = l.firm_id\n      and p.id = l.project_id\n    where\n      l.firm_id = i.firm_id\n      and l.invoice_id = i.id\n  ) as \"projects?\",\n  (\n    select\n      max(pay.received_on)\n    from\n      allocation al\n      join payment pay on pay.firm_id = al.firm_id\n      and pay.id = al.payment_id\n    where\n      al.firm_id = i.firm_id\n      and al.invoice_id = i.id\n      and al.live\n  ) as \"lastPaid?\",\n  exists (\n    select\n      1\n    from\n      invoice n\n    where\n      n.firm_id = i.firm_id\n      and n.credits_id = i.id\n  ) as \"hasCredit!\"\nfrom\n  invoice i\n  join client c on c.firm_id = i.firm_id\n  and c.id = i.client_id\nwhere\n  (\n    :anyId!\n    or i.id = :id\n  )\n  and (\n    :show! = 'all'\n    or (\n      :show! = 'drafts'\n      and i.status = 'draft'\n    )\n    or (\n      :show! = 'open'\n      and i.status = 'issued'\n      and i.kind = 'invoice'\n      and i.settled_minor < i.gross_minor\n    )\n  )\n  and (\n    :all!\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and l.project_id = any (:projects!)\n    )\n  )\n  and (\n    :reach! = 'firm'\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n        join project p on p.firm_id = l.firm_id\n        and p.id = l.project_id\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and p.manager_id = :asker!\n    )\n  )\n  and (\n    :whose::uuid is null\n    or exists (\n      select\n        1\n      from\n        invoice_line l\n        join line_share s on s.firm_id = l.firm_id\n        and s.line_id = l.id\n      where\n        l.firm_id = i.firm_id\n        and l.invoice_id = i.id\n        and s.person_id = :whose\n    )\n  )\n  and (\n    :show! = 'open'\n    or (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)\n  )\norder by\n  case\n    when :show! = 'open' then i.due_on\n  end,\n  i.created_at desc,\n  i.id desc\nlimit\n  :limit!"};

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
 *   invoice i
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
 *       and i.status = 'issued'
 *       and i.kind = 'invoice'
 *       and i.settled_minor < i.gross_minor
 *     )
 *   )
 *   and (
 *     :all!
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and l.project_id = any (:projects!)
 *     )
 *   )
 *   and (
 *     :reach! = 'firm'
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *         join project p on p.firm_id = l.firm_id
 *         and p.id = l.project_id
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and p.manager_id = :asker!
 *     )
 *   )
 *   and (
 *     :whose::uuid is null
 *     or exists (
 *       select
 *         1
 *       from
 *         invoice_line l
 *         join line_share s on s.firm_id = l.firm_id
 *         and s.line_id = l.id
 *       where
 *         l.firm_id = i.firm_id
 *         and l.invoice_id = i.id
 *         and s.person_id = :whose
 *     )
 *   )
 *   and (
 *     :show! = 'open'
 *     or (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)
 *   )
 * order by
 *   case
 *     when :show! = 'open' then i.due_on
 *   end,
 *   i.created_at desc,
 *   i.id desc
 * limit
 *   :limit!
 * ```
 */
export const invoiceRows = new PreparedQuery<IInvoiceRowsParams,IInvoiceRowsResult>(invoiceRowsIR);


