/** Types generated for queries found in "packages/server/src/billing/invoices/list-invoices.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

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


