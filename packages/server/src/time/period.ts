import { Dates, beginsPeriod, submissionPeriod } from '@yellowwood/core';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';

/**
 * The period of submission that begins on a date.
 * @throws `request-invalid` for a date on which none begins
 */
export function periodFrom(context: Context, from: string): Dates {
  const { period } = context.firm;
  if (!beginsPeriod(from, period)) {
    const { from: first } = submissionPeriod(from, period);
    const message = `must be the first day of a period; the one that holds it begins on ${first}`;
    throw problem('request-invalid', {}, { fields: [{ path: '/path/from', message }] });
  }
  return submissionPeriod(from, period);
}
