import { Seconds, seconds, sumSeconds } from '../firm/units';
import { RoundingRule, roundTime } from './rounding';

/** Minutes to which time may be rounded. */
export const ROUNDING_INCREMENTS = [1, 5, 6, 10, 15, 30, 60] as const;

/** How many times a length of time came, of what is rounded: entries, or days. */
export interface Lengths {
  readonly recorded: Seconds;
  readonly times: number;
}

/** What many lengths come to, each rounded by itself. */
export function roundedTotal(lengths: readonly Lengths[], rule: RoundingRule): Seconds {
  return sumSeconds(lengths.map(({ recorded, times }) => seconds(roundTime(recorded, rule).seconds * times)));
}
