import { AnswerOf, Endpoints, QueryOf, Sought } from '@yellowwood/contracts';
import { foundBy } from '@yellowwood/core';
import { workFound } from '../generated/work/find-work.queries';
import { Context } from '../platform/context';
import { asksForWork, idsOf, knownWork } from './known-work';

/** How many are found at once; more letters find the rest. */
const MOST = 40;

/** What is looked through for something, what of it is told, and whether it must have a word in its own name. */
const SEARCHES: Readonly<Record<Sought, { kinds: string[]; wanted: string[]; ownWord: boolean; openOnly: boolean }>> = {
  tree: {
    kinds: ['client', 'department', 'project', 'task', 'person'],
    wanted: ['client', 'department', 'project', 'task', 'person'],
    ...{ ownWord: true, openOnly: false },
  },
  work: {
    kinds: ['client', 'department', 'project', 'task'],
    wanted: ['project', 'task'],
    ...{ ownWord: false, openOnly: true },
  },
  client: { kinds: ['client'], wanted: ['client'], ownWord: true, openOnly: false },
  project: { kinds: ['client', 'department', 'project'], wanted: ['project'], ownWord: false, openOnly: false },
  person: { kinds: ['person'], wanted: ['person'], ownWord: true, openOnly: false },
};

/** Finds work and people by any part of any of their words; what lies below something is found by its words, too. */
export async function findWork(
  context: Context,
  { words: typed, sought }: QueryOf<Endpoints['findWork']>,
): Promise<AnswerOf<Endpoints['findWork']>> {
  const words = foundBy(typed);
  const { kinds, wanted, ownWord, openOnly } = SEARCHES[sought];
  const rows = await workFound.run(
    {
      ...{ ...asksForWork(context), words, count: words.length },
      ...{ kinds, wanted, ownWord, openOnly, tasks: wanted.includes('task'), most: MOST },
    },
    context.tx,
  );
  const found = rows.map(({ scope }) => scope);
  return { found, known: await knownWork(context, idsOf(found)) };
}
