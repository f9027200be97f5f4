import { corrected } from '../generated/people/people-facts.queries';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';

/** Somebody whose days are meant. */
export interface Whose {
  readonly id: string;
  readonly zone: string;
}

/** Somebody whose time one may correct, and whether it is submitted for them too, since they have no account here. */
export async function correctable({ tx, firm, actor }: Context, person: string) {
  const reach = actor.rights['time.correct'];
  if (!reach || person === actor.personId) return undefined;
  const [found] = await corrected.run({ firm: firm.id, reach, asker: actor.personId, person }, tx);
  return found;
}

/**
 * Whose period is submitted or taken back: one's own, or that of somebody who cannot do it.
 * @throws the problem `person-unknown` for everybody else
 */
export async function submittedFor(context: Context, person: string | undefined): Promise<Whose> {
  const { actor } = context;
  if (person === undefined || person === actor.personId) return { id: actor.personId, zone: actor.zone };
  const found = await correctable(context, person);
  if (!found?.absent) throw problem('person-unknown');
  return found;
}
