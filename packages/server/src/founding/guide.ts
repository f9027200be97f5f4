import { BodyOf, Endpoints, Guide } from '@yellowwood/contracts';
import { firstSteps } from '../generated/founding/guide.queries';
import { setGuide } from '../generated/people/join.queries';
import { Context, may } from '../platform/context';

/** What there is to do in somebody's first hour: in the firm, for who may change it, and of one's own time. */
export async function readGuide(context: Context): Promise<Guide> {
  const [row] = await firstSteps.run({ person: context.actor.personId }, context.tx);
  const { placeSaid, alone, unbilled, facts, work, people, recorded, timing, submitted } = row!;
  const changes = may(context, 'firm.change');
  const records = may(context, 'time.record');
  const steps: readonly (readonly [Guide['steps'][number]['step'], boolean, boolean])[] = [
    ['place', changes, placeSaid],
    ['work', changes, work],
    ['people', changes && !alone, people],
    ['recorded', records, recorded || timing],
    ['facts', changes && !unbilled, facts],
    ['submitted', records, submitted],
  ];
  return { steps: steps.filter(([, concerns]) => concerns).map(([step, , done]) => ({ step, done })) };
}

/** Has the first steps shown to oneself, or not. */
export async function changeGuide({ tx, actor }: Context, { shown }: BodyOf<Endpoints['changeGuide']>): Promise<null> {
  await setGuide.run({ person: actor.personId, shown }, tx);
  return null;
}
