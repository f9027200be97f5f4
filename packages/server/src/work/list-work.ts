import { QueryOf, Endpoints, WorkLists } from '@yellowwood/contracts';
import { group } from 'd3-array';
import { homesListed, peopleListed, projectsCounted, projectsListed, tasksListed } from '../generated/work/list-work.queries';
import { Context } from '../platform/context';
import { asksForWork, idsOf, knownWork } from './known-work';

/** How many of a list make a page. */
const PAGE = 100;
/** Of so few projects, what clients hold is listed unasked. */
const FEW = 40;

/** A row of a list: what stands there, whether something lies below it, and whether the list goes on. */
interface Row {
  readonly id: string;
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
  { unfolded = '', chosen = 'all' }: QueryOf<Endpoints['listWork']>,
): Promise<WorkLists> {
  const { tx } = context;
  const { reach, asker, adds, peopleReach } = asksForWork(context);
  const wanted = new Wanted(unfolded);
  const way = await wayTo(context, chosen);
  const onWay = way.map((scope) => scope.split(':')[1]!);
  const homes = await homesListed.run({ reach, asker, adds, most: wanted.mostOf('top'), chosen: onWay }, tx);
  const [{ projects } = { projects: 0 }] = await projectsCounted.run({ reach, asker }, tx);
  const few = projects <= FEW;
  const scopes = [...new Set([...wanted.scopes(), ...way, ...(few ? homes.map(({ scope }) => scope) : [])])];
  const scopeOf = new Map(scopes.map((scope) => [scope.split(':')[1], scope]));
  const open = idsOf(scopes);
  const listsOf = (kind: string, rows: readonly (Row & { readonly of: string })[]) =>
    [...group(rows, ({ of }) => of)].map(([of, list]) => listOf(scopeOf.get(of)!, kind, list));
  const asked = (ids: readonly string[]) => ({
    ...{ reach, asker, chosen: onWay, of: [...ids] },
    mosts: ids.map((id) => wanted.mostOf(scopeOf.get(id)!)),
  });
  const ofHomes = [...open.clients, ...open.departments];
  const ofWork = [...open.projects, ...open.tasks];
  const projectRows = ofHomes.length === 0 ? [] : await projectsListed.run(asked(ofHomes), tx);
  const taskRows = ofWork.length === 0 ? [] : await tasksListed.run(asked(ofWork), tx);
  // How many there are is told in any case.
  const most = wanted.has('people') ? wanted.mostOf('people') : 1;
  const peopleRows = await peopleListed.run({ reach: peopleReach, asker, most }, tx);
  const people = peopleRows[0]?.people ?? 0;
  const lists = [
    { of: 'top', items: homes.map(({ scope, holds }) => ({ scope, holds })), more: homes[0]?.more ?? false },
    ...listsOf('project', projectRows),
    ...listsOf('task', taskRows),
    ...(wanted.has('people') ? [listOf('people', 'person', peopleRows)] : []),
  ];
  return {
    lists,
    known: await knownWork(context, idsOf([...lists.flatMap(({ items }) => items.map(({ scope }) => scope)), ...way, chosen])),
    few,
    counts: { clients: homes[0]?.clients ?? 0, projects, people },
  };
}

function listOf(of: string, kind: string, rows: readonly Row[]): WorkLists['lists'][number] {
  return { of, items: rows.map(({ id, holds }) => ({ scope: `${kind}:${id}`, holds })), more: rows.at(-1)?.more ?? false };
}
