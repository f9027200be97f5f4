import { KnownWhoRecords, WhoRecords } from '@yellowwood/contracts';
import {
  forgetNamed,
  namePeople,
  nameTeams,
  peopleNamed,
  peopleToName,
  setEveryone,
  teamsNamed,
  whoRecords,
} from '../generated/work/who-records.queries';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';

/** Who records on a project that one looks after. @throws the problem `scope-unknown` */
export async function readWhoRecords(context: Context, id: string): Promise<KnownWhoRecords> {
  const { tx } = context;
  const [project] = await whoRecords.run({ reach: reachOf(context, 'work.change'), asker: context.actor.personId, id }, tx);
  if (!project) throw problem('scope-unknown');
  const [people, teams] = [await peopleNamed.run({ id }, tx), await teamsNamed.run({ id }, tx)];
  return {
    ...project,
    people,
    teams: teams.filter(({ named }) => named).map((team) => team.id),
    offered: teams.map(({ named: _, ...team }) => team),
  };
}

/** As the history tells it: everyone, or the names of those who do. */
function told({ everyone, people, teams, offered }: KnownWhoRecords): string {
  const names = [...offered.filter(({ id }) => teams.includes(id)), ...people].map(({ name }) => name);
  return everyone ? 'everyone' : names.join(', ') || 'its manager';
}

/**
 * Says who records on a project. Those who are named while everybody records are kept for when not everybody does.
 * @throws the problems `scope-unknown`, `version-stale`, `person-unknown`, `left-already`, `team-unknown`, `nothing-to-change`
 */
export async function changeWhoRecords(
  context: Context,
  id: string,
  { everyone, people, teams }: WhoRecords,
  version: number,
): Promise<KnownWhoRecords> {
  const { tx, firm } = context;
  await takeTurn(context, 'work');
  // No team ends meanwhile, and nobody leaves.
  await takeTurn(context, 'people');
  const before = await readWhoRecords(context, id);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const had = new Set(before.people.map((person) => person.id));
  const sorted = (ids: Iterable<string>) => [...ids].sort().join();
  const same = sorted(had) === sorted(people) && sorted(before.teams) === sorted(teams);
  if (before.everyone === everyone && same) throw problem('nothing-to-change');
  const known = await peopleToName.run({ people: [...people] }, tx);
  if (known.length < people.length) throw problem('person-unknown');
  // Whoever has left stays where they were named.
  if (known.some((person) => person.leftOn !== null && !had.has(person.id))) throw problem('left-already');
  if (teams.some((team) => !before.offered.some((one) => one.id === team))) throw problem('team-unknown');
  await setEveryone.run({ id, everyone }, tx);
  await forgetNamed.run({ id }, tx);
  await namePeople.run({ firm: firm.id, id, people: [...people] }, tx);
  await nameTeams.run({ firm: firm.id, id, teams: [...teams] }, tx);
  const after = await readWhoRecords(context, id);
  await audit(context, 'project changed', [
    { kind: 'project', id, before: { whoRecords: told(before) }, after: { whoRecords: told(after) } },
  ]);
  return after;
}
