import { Rate, Seconds, minor } from '../firm/units';
import { amountText, decimalText, rateText } from '../firm/currency';
import { durationText } from '../time/duration';
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
 */
export function printedLine(
  line: { kind: LineKind; quantity: Seconds; rate: Rate; net: number; display: QuantityDisplay },
  currency: string,
): PrintedLine {
  if (line.kind !== 'time')
    return { quantity: line.net > 0 ? '1' : '−1', price: amountText(minor(Math.abs(line.net)), currency) };
  const quantity =
    line.display.kind === 'minutes'
      ? durationText(line.quantity)
      : decimalText(printedHours(line.quantity, line.display.places), line.display.places);
  return { quantity, price: rateText(line.rate, currency) };
}
