import { Rate, Seconds, minor } from '../firm/units';
import { amountText, decimalText, moneyText, rateText } from '../firm/currency';
import { WRITTEN_BEFORE, Writing, documentDate } from '../firm/writing';
import { durationText } from '../firm/duration';
import { QuantityDisplay, printedHours } from './amount';
import { LineKind } from './invoice-lines';

/** How a line prints its quantity and price. Page and PDF both take it from here. */
export interface PrintedLine {
  readonly quantity: string;
  readonly price: string;
}

/**
 * Quantity and price of a line as they are printed. A reduction is a quantity of −1 at a positive
 * price, since a negative price is not allowed on an invoice.
 * @param locale how figures are written, BCP 47
 */
export function printedLine(
  line: { kind: LineKind; quantity: Seconds; rate: Rate; net: number; display: QuantityDisplay },
  currency: string,
  locale: string,
): PrintedLine {
  if (line.kind !== 'time')
    return { quantity: line.net > 0 ? '1' : '−1', price: amountText(minor(Math.abs(line.net)), currency, locale) };
  const quantity =
    line.display.kind === 'minutes'
      ? durationText(line.quantity)
      : decimalText(printedHours(line.quantity, line.display.places), line.display.places, locale);
  return { quantity, price: rateText(line.rate, currency, locale) };
}

/** Dates and figures of a document. Page and PDF both take them from here. */
export interface DocumentTexts {
  /** An ISO date, with its year. */
  date(date: string): string;
  /** Minor units; the currency stands elsewhere. */
  amount(amount: number, currency: string): string;
  money(amount: number, currency: string): string;
  /** Millionths, as short as they can be: `20%`, `5.5%`. */
  percent(rate: number): string;
  /** Ten-thousandths. */
  factor(value: number): string;
}

/**
 * How a document writes its dates and figures.
 * @param writing undefined on documents from before firms could choose
 */
export function documentTexts(writing: Writing = WRITTEN_BEFORE): DocumentTexts {
  const { numbers } = writing;
  return {
    date: (date) => documentDate(date, writing),
    amount: (amount, currency) => amountText(minor(amount), currency, numbers),
    money: (amount, currency) => moneyText(minor(amount), currency, numbers),
    percent: (rate) => (rate % 10_000 === 0 ? `${rate / 10_000}%` : `${decimalText(rate, 4, numbers).replace(/0+$/, '')}%`),
    factor: (value) => decimalText(value, 4, numbers),
  };
}
