/** Types generated for queries found in "packages/server/src/rates/exchange.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ExchangeRates' parameters type */
export type IExchangeRatesParams = void;

/** 'ExchangeRates' return type */
export interface IExchangeRatesResult {
  currency: string;
  rate: number;
  validFrom: string;
  validTo: string | null;
}

/** 'ExchangeRates' query type */
export interface IExchangeRatesQuery {
  params: IExchangeRatesParams;
  result: IExchangeRatesResult;
}

const exchangeRatesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  currency as \"currency!\",\n  rate as \"rate!\",\n  valid_from as \"validFrom!\",\n  valid_to as \"validTo?\"\nfrom\n  exchange_rate\norder by\n  currency,\n  valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   currency as "currency!",
 *   rate as "rate!",
 *   valid_from as "validFrom!",
 *   valid_to as "validTo?"
 * from
 *   exchange_rate
 * order by
 *   currency,
 *   valid_from
 * ```
 */
export const exchangeRates = new PreparedQuery<IExchangeRatesParams,IExchangeRatesResult>(exchangeRatesIR);


