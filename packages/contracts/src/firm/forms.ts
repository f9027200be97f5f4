import { Static } from 'typebox';
import { choice, nullable, strict } from '../platform/fields';

/** How dates, times of the clock and figures are written; null where nothing is chosen. */
export const Forms = strict({
  /** `9 Jun 2026`, `Jun 9, 2026`, `2026-06-09`. */
  dates: nullable(choice('day first', 'month first', 'year first')),
  /** `17:40`, `5:40 pm`. */
  clock: nullable(choice('24 hours', '12 hours')),
  /** `1,234.50`, `1.234,50`, `1 234,50`, `1’234.50`. */
  numbers: nullable(choice('comma point', 'point comma', 'space comma', 'apostrophe point')),
});
export type Forms = Static<typeof Forms>;
