import { LineRounding } from '@yellowwood/contracts';
import { QuantityDisplay, lineRounding, rate, seconds } from '@yellowwood/core';

/** A line of a document, made or stored, as far as its rounding goes. */
interface RoundedLine {
  readonly key: string;
  readonly rate: number;
  readonly display: QuantityDisplay;
  /** Billable seconds of each of its entries. */
  readonly quantities: readonly number[];
}

/** The lines whose net is not the sum of what their entries are worth one by one. */
export function roundingOf(lines: readonly RoundedLine[], currency: string): LineRounding[] {
  return lines
    .map((line) => ({
      key: line.key,
      minor: lineRounding(line.quantities.map(seconds), rate(line.rate), currency, line.display),
    }))
    .filter((line) => line.minor !== 0);
}
