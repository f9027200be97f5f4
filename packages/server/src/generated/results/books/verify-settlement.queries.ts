/** Types generated for queries found in "packages/server/src/results/books/verify-settlement.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'BookAllocations' parameters type */
export type IBookAllocationsParams = void;

/** 'BookAllocations' return type */
export interface IBookAllocationsResult {
  amount: number;
  invoiceId: string;
  kind: string;
  live: boolean;
  paid: number | null;
  paymentId: string | null;
  reversedAt: string | null;
}

/** 'BookAllocations' query type */
export interface IBookAllocationsQuery {
  params: IBookAllocationsParams;
  result: IBookAllocationsResult;
}

const bookAllocationsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  a.invoice_id as \"invoiceId!\",\n  a.payment_id as \"paymentId?\",\n  a.kind as \"kind!\",\n  a.amount_minor as \"amount!\",\n  a.live as \"live!\",\n  p.amount_minor as \"paid?\",\n  p.reversed_at as \"reversedAt?\"\nfrom\n  allocation a\n  left join payment p on p.firm_id = a.firm_id\n  and p.id = a.payment_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.invoice_id as "invoiceId!",
 *   a.payment_id as "paymentId?",
 *   a.kind as "kind!",
 *   a.amount_minor as "amount!",
 *   a.live as "live!",
 *   p.amount_minor as "paid?",
 *   p.reversed_at as "reversedAt?"
 * from
 *   allocation a
 *   left join payment p on p.firm_id = a.firm_id
 *   and p.id = a.payment_id
 * ```
 */
export const bookAllocations = new PreparedQuery<IBookAllocationsParams,IBookAllocationsResult>(bookAllocationsIR);


