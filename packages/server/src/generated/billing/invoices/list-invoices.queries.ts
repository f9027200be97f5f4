/** Types generated for queries found in "packages/server/src/billing/invoices/list-invoices.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'OpenDocuments' parameters type */
export interface IOpenDocumentsParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  whose?: string | null | void;
}

/** 'OpenDocuments' return type */
export interface IOpenDocumentsResult {
  currency: string;
  due: string;
  open: number;
}

/** 'OpenDocuments' query type */
export interface IOpenDocumentsQuery {
  params: IOpenDocumentsParams;
  result: IOpenDocumentsResult;
}

const openDocumentsIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":135}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":144}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":257,"b":261}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":264,"b":273}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":276,"b":281}]}],"statement":"select\n  i.currency as \"currency!\",\n  i.due_on as \"due!\",\n  i.gross_minor - i.settled_minor as \"open!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\nwhere\n  is_open (i.status, i.kind, i.settled_minor, i.gross_minor)\n  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.currency as "currency!",
 *   i.due_on as "due!",
 *   i.gross_minor - i.settled_minor as "open!"
 * from
 *   invoices_in_reach (:reach!, :asker!) i
 * where
 *   is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
 *   and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)
 * ```
 */
export const openDocuments = new PreparedQuery<IOpenDocumentsParams,IOpenDocumentsResult>(openDocumentsIR);


/** 'ClientCredit' parameters type */
export type IClientCreditParams = void;

/** 'ClientCredit' return type */
export interface IClientCreditResult {
  clientId: string;
  clientName: string;
  currency: string;
  minor: number;
}

/** 'ClientCredit' query type */
export interface IClientCreditQuery {
  params: IClientCreditParams;
  result: IClientCreditResult;
}

const clientCreditIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  p.client_id as \"clientId!\",\n  c.name as \"clientName!\",\n  p.currency as \"currency!\",\n  sum(\n    p.amount_minor - coalesce(\n      (\n        select\n          sum(a.amount_minor)\n        from\n          allocation a\n        where\n          a.firm_id = p.firm_id\n          and a.payment_id = p.id\n          and a.live\n      ),\n      0\n    )\n  ) as \"minor!\"\nfrom\n  payment p\n  join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  p.reversed_at is null\ngroup by\n  p.client_id,\n  c.name,\n  p.currency\nhaving\n  sum(\n    p.amount_minor - coalesce(\n      (\n        select\n          sum(a.amount_minor)\n        from\n          allocation a\n        where\n          a.firm_id = p.firm_id\n          and a.payment_id = p.id\n          and a.live\n      ),\n      0\n    )\n  ) > 0\norder by\n  c.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.client_id as "clientId!",
 *   c.name as "clientName!",
 *   p.currency as "currency!",
 *   sum(
 *     p.amount_minor - coalesce(
 *       (
 *         select
 *           sum(a.amount_minor)
 *         from
 *           allocation a
 *         where
 *           a.firm_id = p.firm_id
 *           and a.payment_id = p.id
 *           and a.live
 *       ),
 *       0
 *     )
 *   ) as "minor!"
 * from
 *   payment p
 *   join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   p.reversed_at is null
 * group by
 *   p.client_id,
 *   c.name,
 *   p.currency
 * having
 *   sum(
 *     p.amount_minor - coalesce(
 *       (
 *         select
 *           sum(a.amount_minor)
 *         from
 *           allocation a
 *         where
 *           a.firm_id = p.firm_id
 *           and a.payment_id = p.id
 *           and a.live
 *       ),
 *       0
 *     )
 *   ) > 0
 * order by
 *   c.name
 * ```
 */
export const clientCredit = new PreparedQuery<IClientCreditParams,IClientCreditResult>(clientCreditIR);


