import { Minor, RATE_SCALE, Rate, minor, rate } from '../firm/units';
import { minorPerMajor } from '../firm/currency';
import { multiplyDivide } from '../firm/exact';

/** A dated rate of exchange: ten-thousandths of the firm's major unit for one major unit of the other. */
export interface ExchangeRate {
  readonly from: string;
  readonly to: string;
  readonly rate: number;
}

/** Converts one document's amount, rounded once half away from zero. */
export function convert(amount: Minor, exchange: ExchangeRate): Minor {
  return minor(multiplyDivide([amount, exchange.rate, minorPerMajor(exchange.to)], [RATE_SCALE, minorPerMajor(exchange.from)]));
}

/**
 * Converts an hourly rate, rounded once half away from zero.
 * @param exchangeRate ten-thousandths of the firm's major unit for one major unit of the other
 */
export function convertRate(agreed: Rate, exchangeRate: number): Rate {
  return rate(multiplyDivide([agreed, exchangeRate], [RATE_SCALE]));
}
