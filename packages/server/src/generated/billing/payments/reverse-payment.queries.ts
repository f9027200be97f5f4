/** Types generated for queries found in "packages/server/src/billing/payments/reverse-payment.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'InvoicesOfPayment' parameters type */
export interface IInvoicesOfPaymentParams {
  payment: string;
}

/** 'InvoicesOfPayment' return type */
export interface IInvoicesOfPaymentResult {
  invoiceId: string;
}

/** 'InvoicesOfPayment' query type */
export interface IInvoicesOfPaymentQuery {
  params: IInvoicesOfPaymentParams;
  result: IInvoicesOfPaymentResult;
}

const invoicesOfPaymentIR: any = {"usedParamSet":{"payment":true},"params":[{"name":"payment","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":98}]}],"statement":"select distinct\n  a.invoice_id as \"invoiceId!\"\nfrom\n  allocation a\nwhere\n  a.payment_id = :payment!"};

/**
 * Query generated from SQL:
 * ```
 * select distinct
 *   a.invoice_id as "invoiceId!"
 * from
 *   allocation a
 * where
 *   a.payment_id = :payment!
 * ```
 */
export const invoicesOfPayment = new PreparedQuery<IInvoicesOfPaymentParams,IInvoicesOfPaymentResult>(invoicesOfPaymentIR);


/** 'LockPayment' parameters type */
export interface ILockPaymentParams {
  id: string;
}

/** 'LockPayment' return type */
export interface ILockPaymentResult {
  amount: number;
  currency: string;
  id: string;
  reversedAt: string | null;
}

/** 'LockPayment' query type */
export interface ILockPaymentQuery {
  params: ILockPaymentParams;
  result: ILockPaymentResult;
}

const lockPaymentIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":152}]}],"statement":"select\n  p.id as \"id!\",\n  p.amount_minor as \"amount!\",\n  p.reversed_at as \"reversedAt?\",\n  p.currency as \"currency!\"\nfrom\n  payment p\nwhere\n  p.id = :id!\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.amount_minor as "amount!",
 *   p.reversed_at as "reversedAt?",
 *   p.currency as "currency!"
 * from
 *   payment p
 * where
 *   p.id = :id!
 * for update
 * ```
 */
export const lockPayment = new PreparedQuery<ILockPaymentParams,ILockPaymentResult>(lockPaymentIR);


/** 'ReversePaymentRow' parameters type */
export interface IReversePaymentRowParams {
  id: string;
  now: string;
  reason: string;
}

/** 'ReversePaymentRow' return type */
export type IReversePaymentRowResult = void;

/** 'ReversePaymentRow' query type */
export interface IReversePaymentRowQuery {
  params: IReversePaymentRowParams;
  result: IReversePaymentRowResult;
}

const reversePaymentRowIR: any = {"usedParamSet":{"now":true,"reason":true,"id":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":39}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":69}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":87}]}],"statement":"update payment\nset\n  reversed_at = :now!,\n  reversal_reason = :reason!\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update payment
 * set
 *   reversed_at = :now!,
 *   reversal_reason = :reason!
 * where
 *   id = :id!
 * ```
 */
export const reversePaymentRow = new PreparedQuery<IReversePaymentRowParams,IReversePaymentRowResult>(reversePaymentRowIR);


