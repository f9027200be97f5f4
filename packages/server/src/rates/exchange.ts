import { DateText, Minor, convert } from '@yellowwood/core';
import { exchangeRates } from '../generated/rates/exchange.queries';
import { Tx } from '../platform/database';
import { problem } from '../platform/problem';

/** Converts amounts into the firm's currency at the stored rate of a date. */
export interface Exchange {
  /**
   * @param on the date of the rate; the firm's own currency needs none
   * @throws the problem `exchange-rate-missing`
   */
  toFirm(amount: Minor, currency: string, on: DateText | null): Minor;
  /** Ten-thousandths of the firm's unit for one of the other; null where none is stored, and for its own. */
  rateOn(currency: string, on: DateText): number | null;
  /** @throws the problem `exchange-rate-missing` */
  neededOn(currency: string, on: DateText): number;
}

/** Reads the dated table of exchange rates. */
export async function readExchange(tx: Tx, firmCurrency: string): Promise<Exchange> {
  const rows = await exchangeRates.run(undefined, tx);
  const rateOn = (currency: string, on: DateText): number | null =>
    rows.find((one) => one.currency === currency && one.validFrom <= on && (one.validTo === null || one.validTo >= on))?.rate ??
    null;
  const needed = (currency: string, on: DateText): number => {
    const rate = rateOn(currency, on);
    if (rate === null) throw problem('exchange-rate-missing', { currency, date: on });
    return rate;
  };
  return {
    rateOn,
    neededOn: needed,
    toFirm: (amount, currency, on) =>
      currency === firmCurrency ? amount : convert(amount, { from: currency, to: firmCurrency, rate: needed(currency, on!) }),
  };
}
