/** Types generated for queries found in "packages/server/src/billing/invoices/read-invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'AllocationsOf' parameters type */
export interface IAllocationsOfParams {
  invoice: string;
}

/** 'AllocationsOf' return type */
export interface IAllocationsOfResult {
  by: string;
  creditNumber: string | null;
  id: string;
  kind: string;
  live: boolean;
  minor: number;
  paymentId: string | null;
  receivedOn: string;
  reference: string;
}

/** 'AllocationsOf' query type */
export interface IAllocationsOfQuery {
  params: IAllocationsOfParams;
  result: IAllocationsOfResult;
}

const allocationsOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":563,"b":571}]}],"statement":"select\n  a.id as \"id!\",\n  a.payment_id as \"paymentId?\",\n  a.kind as \"kind!\",\n  a.amount_minor as \"minor!\",\n  a.live as \"live!\",\n  coalesce(p.received_on, n.issued_on) as \"receivedOn!\",\n  coalesce(p.reference, '') as \"reference!\",\n  coalesce(pe.name, '') as \"by!\",\n  n.number_text as \"creditNumber?\"\nfrom\n  allocation a\n  left join payment p on p.firm_id = a.firm_id\n  and p.id = a.payment_id\n  left join person pe on pe.firm_id = p.firm_id\n  and pe.id = p.recorded_by\n  left join invoice n on n.firm_id = a.firm_id\n  and n.id = a.credit_id\nwhere\n  a.invoice_id = :invoice!\norder by\n  a.at"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.payment_id as "paymentId?",
 *   a.kind as "kind!",
 *   a.amount_minor as "minor!",
 *   a.live as "live!",
 *   coalesce(p.received_on, n.issued_on) as "receivedOn!",
 *   coalesce(p.reference, '') as "reference!",
 *   coalesce(pe.name, '') as "by!",
 *   n.number_text as "creditNumber?"
 * from
 *   allocation a
 *   left join payment p on p.firm_id = a.firm_id
 *   and p.id = a.payment_id
 *   left join person pe on pe.firm_id = p.firm_id
 *   and pe.id = p.recorded_by
 *   left join invoice n on n.firm_id = a.firm_id
 *   and n.id = a.credit_id
 * where
 *   a.invoice_id = :invoice!
 * order by
 *   a.at
 * ```
 */
export const allocationsOf = new PreparedQuery<IAllocationsOfParams,IAllocationsOfResult>(allocationsOfIR);


