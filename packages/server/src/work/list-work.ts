import { QueryOf, Endpoints, WorkLists } from '@yellowwood/contracts';
import { group } from 'd3-array';
import { belowListed, homesListed, peopleListed, projectsCounted } from '../generated/work/list-work.queries';
import { Context } from '../platform/context';
import { asksForWork, idsOf, knownWork } from './known-work';

/** How many of a list make a page. */
const PAGE = 100;
/** Of so few projects, what clients hold is listed unasked. */
const FEW = 40;

/** A row of a list: what stands there, whether something lies below it, and whether the list goes on. */
interface Row {
  readonly scope: string;
  readonly holds: boolean;
  readonly more: boolean;
}

/** How far each list is wanted, by the scope that it is of; one page where nothing is said. */
class Wanted {
  private readonly pages: ReadonlyMap<string, number>;

  constructor(unfolded: string) {
    const parts = unfolded.split(',').map((one) => one.split('*'));
    this.pages = new Map(parts.filter(([scope]) => scope).map(([scope, times = '1']) => [scope!, Number(times)]));
  }

  scopes(): string[] {
    return [...this.pages.keys()];
  }

  has(scope: string): boolean {
    return this.pages.has(scope);
  }

  mostOf(scope: string): number {
    return (this.pages.get(scope) ?? 1) * PAGE;
  }
}

/** The scopes on the way to what is chosen, the top first; what is not there, or not theirs to see, has none. */
async function wayTo(context: Context, chosen: string): Promise<string[]> {
  if (chosen === 'all') return [];
  const { clients, departments, projects, tasks } = await knownWork(context, idsOf([chosen]));
  const of = (kind: string, list: readonly { id: string }[]) => list.map(({ id }) => `${kind}:${id}`);
  return [...of('client', clients), ...of('department', departments), ...of('project', projects), ...of('task', tasks)];
}

/** What lies below the firm, and below whatever of it is unfolded, by page; the way to what is chosen in any case. */
export async function listWork(
  context: Context,
  { unfolded = '', also, chosen = 'all' }: QueryOf<Endpoints['listWork']>,
): Promise<WorkLists> {
  const { tx } = context;
  const { reach, asker, adds, peopleReach } = asksForWork(context);
  const wanted = new Wanted(unfolded);
  const archived = also === 'archived';
  const way = await wayTo(context, chosen);
  const onWay = way.map((scope) => scope.split(':')[1]!);
  const homes = await homesListed.run({ reach, asker, adds, archived, most: wanted.mostOf('top'), chosen: onWay }, tx);
  const [{ projects } = { projects: 0 }] = await projectsCounted.run({ reach, asker }, tx);
  const few = projects <= FEW;
  const scopes = [...new Set([...wanted.scopes(), ...way, ...(few ? homes.map(({ scope }) => scope) : [])])];
  const unfoldedWork = scopes.filter((scope) => scope.includes(':'));
  const idOf = (scope: string) => scope.split(':')[1]!;
  const rows = await belowListed.run(
    {
      reach,
      asker,
      archived,
      chosen: onWay,
      of: unfoldedWork.map(idOf),
      mosts: unfoldedWork.map((scope) => wanted.mostOf(scope)),
    },
    tx,
  );
  const below = group(rows, ({ of }) => of);
  // How many people there are is told in any case.
  const most = wanted.has('people') ? wanted.mostOf('people') : 1;
  const peopleRows = await peopleListed.run({ reach: peopleReach, asker, most }, tx);
  const lists = [
    listOf('top', homes),
    ...unfoldedWork.filter((scope) => below.has(idOf(scope))).map((scope) => listOf(scope, below.get(idOf(scope))!)),
    ...(wanted.has('people') ? [listOf('people', peopleRows)] : []),
  ];
  return {
    lists,
    known: await knownWork(context, idsOf([...lists.flatMap(({ items }) => items.map(({ scope }) => scope)), ...way, chosen])),
    few,
    counts: { clients: homes[0]?.clients ?? 0, projects, people: peopleRows[0]?.people ?? 0 },
  };
}

function listOf(of: string, rows: readonly Row[]): WorkLists['lists'][number] {
  return { of, items: rows.map(({ scope, holds }) => ({ scope, holds })), more: rows[0]?.more ?? false };
}
