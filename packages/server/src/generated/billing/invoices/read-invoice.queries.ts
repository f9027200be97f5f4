/** Types generated for queries found in "packages/server/src/billing/invoices/read-invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

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


/** 'RoundedLines' parameters type */
export interface IRoundedLinesParams {
  invoice: string;
}

/** 'RoundedLines' return type */
export interface IRoundedLinesResult {
  key: string;
  places: number | null;
  quantities: numberArray;
  rate: number;
}

/** 'RoundedLines' query type */
export interface IRoundedLinesQuery {
  params: IRoundedLinesParams;
  result: IRoundedLinesResult;
}

const roundedLinesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":234,"b":242}]}],"statement":"select\n  l.key as \"key!\",\n  l.rate as \"rate!\",\n  l.decimal_places as \"places?\",\n  array_agg(s.quantity) as \"quantities!\"\nfrom\n  invoice_line l\n  join line_share s on s.firm_id = l.firm_id\n  and s.line_id = l.id\nwhere\n  l.invoice_id = :invoice!\ngroup by\n  l.id,\n  l.key,\n  l.rate,\n  l.decimal_places,\n  l.place\norder by\n  l.place"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.key as "key!",
 *   l.rate as "rate!",
 *   l.decimal_places as "places?",
 *   array_agg(s.quantity) as "quantities!"
 * from
 *   invoice_line l
 *   join line_share s on s.firm_id = l.firm_id
 *   and s.line_id = l.id
 * where
 *   l.invoice_id = :invoice!
 * group by
 *   l.id,
 *   l.key,
 *   l.rate,
 *   l.decimal_places,
 *   l.place
 * order by
 *   l.place
 * ```
 */
export const roundedLines = new PreparedQuery<IRoundedLinesParams,IRoundedLinesResult>(roundedLinesIR);


