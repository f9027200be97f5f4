import { Review } from '@yellowwood/contracts';
import { addDays } from '@yellowwood/core';
import { waitingWeeks } from '../generated/review/read-review.queries';
import { Context, reachOf } from '../platform/context';
import { resolveScope, scopeParameters } from '../work/scope';
import { reviewed } from './reviewed-people';

/** People by days: what is clean, and what needs a look and why. */
export async function readReview(context: Context, from: string, scopeText: string | undefined): Promise<Review> {
  const scope = await resolveScope(context, scopeText);
  const period = { from, to: addDays(from, 6) };
  const { people } = await reviewed(context, period, scope);
  const who = { reach: reachOf(context, 'time.review'), asker: context.actor.personId };
  const waiting = await waitingWeeks.run({ ...who, ...scopeParameters(scope) }, context.tx);
  return { ...period, scope: scope.text, people, waiting };
}
