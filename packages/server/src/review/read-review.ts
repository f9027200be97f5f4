import { Review } from '@yellowwood/contracts';
import { Dates, submissionPeriod } from '@yellowwood/core';
import { group, sum } from 'd3-array';
import { waitingDays } from '../generated/review/read-review.queries';
import { Context, reachOf } from '../platform/context';
import { resolveScope, scopeParameters } from '../work/scope';
import { reviewed } from './reviewed-people';

/** People by days: what is clean, and what needs a look and why. */
export async function readReview(context: Context, period: Dates, scopeText: string | undefined): Promise<Review> {
  const scope = await resolveScope(context, scopeText);
  const { people } = await reviewed(context, period, scope);
  const who = { reach: reachOf(context, 'time.review'), asker: context.actor.personId };
  const days = await waitingDays.run({ ...who, ...scopeParameters(scope) }, context.tx);
  // By date, so that the firm's own periods can be made of them.
  const begins = new Map(
    [...new Set(days.map((row) => row.date))].map((date) => [date, submissionPeriod(date, context.firm.period).from]),
  );
  const waiting = [...group(days, (row) => begins.get(row.date)!)].map(([from, rows]) => ({
    from,
    submitted: sum(rows, (row) => row.submitted),
    people: new Set(rows.map((row) => row.personId)).size,
  }));
  return { from: period.from, to: period.to, scope: scope.text, people, waiting };
}
