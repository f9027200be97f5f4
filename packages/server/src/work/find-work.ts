import { AnswerOf, Endpoints, QueryOf, Sought } from '@yellowwood/contracts';
import { foundBy } from '@yellowwood/core';
import { workFound } from '../generated/work/find-work.queries';
import { Context } from '../platform/context';
import { asksForWork, idsOf, knownWork } from './known-work';

/** After every other letter: what begins with a word comes before the word and this. */
const LAST_LETTER = '\u{10ffff}';
/** How many are found at once; more letters find the rest. */
const MOST = 40;

/** How something is looked for. */
interface Search {
  /** What is looked through. */
  readonly kinds: string[];
  /** What of it is told. */
  readonly wanted: string[];
  /** Whether it must have a word in its own name. */
  readonly ownWord: boolean;
  /** Whether anybody of the firm is told, of those who have not left. */
  readonly anybody: boolean;
  /** Whether only what takes time is told. */
  readonly toRecordOn: boolean;
  /** Whether what is in the archive is told, too: all of it can be found in the tree. */
  readonly archived: boolean;
}
const CHOSEN = { ownWord: true, anybody: false, toRecordOn: false, archived: false };

const SEARCHES: Readonly<Record<Sought, Search>> = {
  tree: {
    kinds: ['client', 'department', 'project', 'task', 'person'],
    wanted: ['client', 'department', 'project', 'task', 'person'],
    ...{ ownWord: true, anybody: false, toRecordOn: false, archived: true },
  },
  work: {
    kinds: ['client', 'department', 'project', 'task'],
    wanted: ['project', 'task'],
    ...{ ownWord: false, anybody: false, toRecordOn: true, archived: false },
  },
  client: { ...CHOSEN, kinds: ['client'], wanted: ['client'] },
  project: { ...CHOSEN, kinds: ['client', 'department', 'project'], wanted: ['project'], ownWord: false },
  colleague: { ...CHOSEN, kinds: ['person'], wanted: ['person'], anybody: true },
};

/** Finds work and people by any part of any of their words; what lies below something is found by its words, too. */
export async function findWork(
  context: Context,
  { words: typed, sought }: QueryOf<Endpoints['findWork']>,
): Promise<AnswerOf<Endpoints['findWork']>> {
  const words = foundBy(typed);
  const { anybody, ...search } = SEARCHES[sought];
  const { namesReach, ...asks } = asksForWork(context);
  const rows = await workFound.run(
    {
      ...{ ...asks, ...(anybody && { peopleReach: namesReach }), here: anybody, words, count: words.length },
      upTo: words.map((word) => word + LAST_LETTER),
      ...{ ...search, tasks: search.wanted.includes('task'), below: words.length > 1 || !search.ownWord, most: MOST },
    },
    context.tx,
  );
  const found = rows.map(({ scope }) => scope);
  return { found, known: await knownWork(context, idsOf(found)) };
}
