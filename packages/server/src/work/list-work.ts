import { QueryOf, Endpoints, WorkLists } from '@yellowwood/contracts';
import { group } from 'd3-array';
import { homesListed, peopleListed, projectsCounted, projectsListed, tasksListed } from '../generated/work/list-work.queries';
import { Context } from '../platform/context';
import { asksForWork, idsOf, knownWork } from './known-work';

/** How many of a list make a page. */
const PAGE = 100;
/** Of so few projects, what clients hold is listed unasked. */
const FEW = 40;

type Row = { readonly id: string; readonly holds: boolean; readonly more: boolean };

/** What lies below the firm, and below whatever of it is unfolded, by page; the way to what is chosen in any case. */
export async function listWork(
  context: Context,
  { unfolded = '', chosen = 'all' }: QueryOf<Endpoints['listWork']>,
): Promise<WorkLists> {
  const { tx } = context;
  const { reach, asker, adds, peopleReach } = asksForWork(context);
  const way = chosen === 'all' ? undefined : await knownWork(context, idsOf([chosen]));
  const onWay = [...(way?.clients ?? []), ...(way?.departments ?? []), ...(way?.projects ?? []), ...(way?.tasks ?? [])].map(
    ({ id }) => id,
  );
  const pages = new Map<string, number>(
    unfolded
      .split(',')
      .filter(Boolean)
      .map((one) => one.split('*'))
      .map(([scope, times = '1']) => [scope!, Number(times)]),
  );
  const mostOf = (scope: string) => (pages.get(scope) ?? 1) * PAGE;
  const homes = await homesListed.run({ reach, asker, adds, most: mostOf('top'), chosen: onWay }, tx);
  const [{ projects } = { projects: 0 }] = await projectsCounted.run({ reach, asker }, tx);
  const few = projects <= FEW;
  const scopes = [...pages.keys()];
  const wanted = idsOf(scopes);
  const openHomes = [...new Set([...wanted.clients, ...wanted.departments, ...onWay, ...(few ? homes.map(({ id }) => id) : [])])];
  const homeScopes = new Map(homes.map(({ id, scope }) => [id, scope]));
  const projectRows =
    openHomes.length === 0
      ? []
      : await projectsListed.run(
          {
            ...{ reach, asker, homes: openHomes, chosen: onWay },
            mosts: openHomes.map((id) => mostOf(homeScopes.get(id) ?? '')),
          },
          tx,
        );
  const parents = [...new Set([...wanted.projects, ...wanted.tasks, ...onWay])];
  const kindOf = new Map([...wanted.projects, ...(way?.projects ?? []).map(({ id }) => id)].map((id) => [id, 'project']));
  const parentScope = (id: string) => `${kindOf.get(id) ?? 'task'}:${id}`;
  const taskRows =
    parents.length === 0
      ? []
      : await tasksListed.run({ reach, asker, parents, chosen: onWay, mosts: parents.map((id) => mostOf(parentScope(id))) }, tx);
  const peopleRows = await peopleListed.run({ reach: peopleReach, asker, most: pages.has('people') ? mostOf('people') : 1 }, tx);
  const people = peopleRows[0]?.people ?? 0;
  const listOf = (of: string, kind: string, rows: readonly Row[]) => ({
    of,
    items: rows.map(({ id, holds }) => ({ scope: `${kind}:${id}`, holds })),
    more: rows[0]?.more ?? false,
  });
  const lists = [
    { of: 'top', items: homes.map(({ scope, holds }) => ({ scope, holds })), more: homes[0]?.more ?? false },
    ...[...group(projectRows, ({ home }) => home)].map(([home, rows]) =>
      listOf(homeScopes.get(home) ?? scopes.find((scope) => scope.endsWith(home))!, 'project', rows),
    ),
    ...[...group(taskRows, ({ parent }) => parent)].map(([parent, rows]) => listOf(parentScope(parent), 'task', rows)),
    ...(pages.has('people')
      ? [
          listOf(
            'people',
            'person',
            peopleRows.map(({ id }) => ({ id, holds: false, more: people > peopleRows.length })),
          ),
        ]
      : []),
  ];
  const listed = idsOf(lists.flatMap(({ items }) => items.map(({ scope }) => scope)));
  return {
    lists,
    known: await knownWork(context, {
      ...listed,
      projects: [...listed.projects, ...(way?.projects ?? []).map(({ id }) => id)],
      people: [...listed.people, ...(way?.people ?? []).map(({ id }) => id)],
    }),
    few,
    counts: { clients: homes[0]?.clients ?? 0, projects, people },
  };
}
