import { ReviewDetail } from '@yellowwood/contracts';
import { Dates } from '@yellowwood/core';
import { returnsOfSheet, taskEstimates } from '../generated/review/read-review-person.queries';
import { entriesOfPeople } from '../ledger/read-entries';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { resolveScope } from '../work/scope';
import { reviewed } from './reviewed-people';

/** One person's period with the entries behind it. */
export async function readReviewPerson(
  context: Context,
  personId: string,
  period: Dates,
  scopeText: string | undefined,
): Promise<ReviewDetail> {
  const scope = await resolveScope(context, scopeText);
  const { people, sheets } = await reviewed(context, period, scope, personId);
  const person = people.find((one) => one.personId === personId);
  if (!person) throw problem('person-unknown');
  const inScope = new Set(person.entries.map((entry) => entry.id));
  const all = await entriesOfPeople(context, [personId], period.from, period.to, reachOf(context, 'time.review'));
  const entries = scope.all
    ? all
    : all.filter((entry) => inScope.has(entry.id) || scope.projects.includes(entry.projectId ?? ''));
  const sheet = sheets.get(personId);
  return {
    person,
    entries,
    returns: sheet ? await returnsOfSheet.run({ sheet }, context.tx) : [],
    estimates: await taskEstimates.run(
      { tasks: [...new Set(entries.map((entry) => entry.taskId).filter((id): id is string => id !== null))] },
      context.tx,
    ),
  };
}
