import { BodyOf, Endpoints, Team, TeamFacts, Teams } from '@yellowwood/contracts';
import { Rights, mayLetLead, rightsHeld } from '@yellowwood/core';
import { heldByPeople } from '../generated/people/own-roles.queries';
import {
  addTeam,
  addToTeam,
  dropFromTeam,
  dropTeam,
  nameItsPeople,
  nameNoMore,
  nameOther,
  outdateNaming,
  peopleForTeams,
  setTeam,
  teamsOfFirm,
} from '../generated/people/teams.queries';
import { audit } from '../platform/audit';
import { Context, heldOf, today } from '../platform/context';
import { problem } from '../platform/problem';
import { oneAtATime } from './change-person';

/** Everybody of the firm by id. */
async function knownPeople(context: Context) {
  const rows = await peopleForTeams.run({ on: today(context) }, context.tx);
  return new Map(rows.map((row) => [row.id, row]));
}
type Known = Awaited<ReturnType<typeof knownPeople>>;

/** What those who lead may, by their id: leading lets them do it to others. */
async function rightsOfLeads({ tx }: Context, leads: readonly string[]): Promise<Leads> {
  const rows = await heldByPeople.run({ people: [...new Set(leads)] }, tx);
  return new Map(rows.map((row) => [row.id, rightsHeld(heldOf(row))]));
}
type Leads = ReadonlyMap<string, Rights>;

const mayChange = ({ actor }: Context, leads: Leads, leadId: string) => mayLetLead(actor.rights, leads.get(leadId)!);

/** The teams of the firm, and who may be put into one. */
export async function listTeams(context: Context): Promise<Teams> {
  const known = await knownPeople(context);
  const teams = await teamsOfFirm.run({ lead: null }, context.tx);
  const leads = await rightsOfLeads(
    context,
    teams.map(({ leadId }) => leadId),
  );
  const within = new Set(teams.flatMap(({ leadId, people }) => [leadId, ...people]));
  return {
    teams: teams.map((team) => ({ ...team, mine: mayChange(context, leads, team.leadId) })),
    people: [...known.values()]
      .filter(({ id, leftOn }) => leftOn === null || within.has(id))
      .map(({ id, name, position }) => ({ id, name, position })),
  };
}

/** The teams as nobody else changes them, who may be in one, and what who leads one, or shall, may. */
async function heldTeams(context: Context, lead?: string) {
  await oneAtATime(context);
  const teams = await teamsOfFirm.run({ lead: null }, context.tx);
  const leads = await rightsOfLeads(context, [...teams.map(({ leadId }) => leadId), ...(lead ? [lead] : [])]);
  return { teams, leads, known: await knownPeople(context) };
}
type Held = Awaited<ReturnType<typeof heldTeams>>;

/** A team as it was seen. @throws the problems `team-unknown`, `version-stale`, `lead-not-yours` */
function seenTeam(context: Context, { teams, leads }: Held, id: string, version: number) {
  const team = teams.find((one) => one.id === id);
  if (!team) throw problem('team-unknown');
  if (team.version !== version) throw problem('version-stale');
  if (!mayChange(context, leads, team.leadId)) throw problem('lead-not-yours');
  return team;
}

/** @throws the problems `person-unknown`, `lead-not-yours`, `team-exists` */
function refuseWrong(context: Context, { teams, known, leads }: Held, id: string, { name, leadId, people }: TeamFacts): void {
  if (![leadId, ...people].every((person) => known.has(person))) throw problem('person-unknown');
  if (!mayChange(context, leads, leadId)) throw problem('lead-not-yours');
  const twin = teams.some((one) => one.id !== id && one.name.toLowerCase() === name.toLowerCase());
  if (twin) throw problem('team-exists');
}

/** What the history says of a team: names, by the alphabet. */
const told = (known: Known, { name, leadId, people }: Pick<Team, 'name' | 'leadId' | 'people'>) => ({
  name,
  lead: known.get(leadId)!.name,
  people: people
    .map((id) => known.get(id)!.name)
    .sort()
    .join(', '),
});

/**
 * Makes a team. Its lead reaches its people, and only who holds that for everybody gives it.
 * @throws the problems `team-exists`, `person-unknown`, `lead-not-yours`
 */
export async function createTeam(context: Context, { id, ...wish }: BodyOf<Endpoints['createTeam']>): Promise<null> {
  const { tx, firm } = context;
  const team = { ...wish, name: wish.name.trim() };
  const held = await heldTeams(context, team.leadId);
  refuseWrong(context, held, id, team);
  await addTeam.run({ firm: firm.id, id, name: team.name, leadId: team.leadId }, tx);
  await addToTeam.run({ firm: firm.id, id, people: [...team.people] }, tx);
  await audit(context, 'team made', [{ kind: 'team', id, after: told(held.known, team) }]);
  return null;
}

/**
 * Renames a team, has somebody else lead it, puts people in and takes them out.
 * @throws the problems `team-unknown`, `version-stale`, `team-exists`, `person-unknown`, `lead-not-yours`, `nothing-to-change`
 */
export async function changeTeam(context: Context, id: string, wish: TeamFacts, version: number): Promise<null> {
  const { tx, firm } = context;
  const held = await heldTeams(context, wish.leadId);
  const before = seenTeam(context, held, id, version);
  const after = { name: wish.name.trim(), leadId: wish.leadId, people: [...wish.people].sort() };
  refuseWrong(context, held, id, after);
  const same = after.name === before.name && after.leadId === before.leadId && after.people.join() === before.people.join();
  if (same) throw problem('nothing-to-change');
  await setTeam.run({ id, name: after.name, leadId: after.leadId }, tx);
  await dropFromTeam.run({ id }, tx);
  await addToTeam.run({ firm: firm.id, id, people: after.people }, tx);
  await audit(context, 'team changed', [{ kind: 'team', id, before: told(held.known, before), after: told(held.known, after) }]);
  return null;
}

/**
 * Ends a team; where another is named, its people join that one.
 * @throws the problems `team-unknown`, `version-stale`, `lead-not-yours`
 */
export async function endTeam(
  context: Context,
  id: string,
  { into }: BodyOf<Endpoints['endTeam']>,
  version: number,
): Promise<null> {
  const { tx, firm } = context;
  const held = await heldTeams(context);
  const team = seenTeam(context, held, id, version);
  const subjects = [{ kind: 'team' as const, id, before: told(held.known, team), after: null }];
  if (into === null) {
    // Where the team recorded, its people do.
    await nameItsPeople.run({ id }, tx);
    await drop(context, id);
    await audit(context, 'team ended', subjects);
    return null;
  }
  const other = held.teams.find((one) => one.id === into && one.id !== id);
  if (!other) throw problem('team-unknown');
  if (!mayChange(context, held.leads, other.leadId)) throw problem('lead-not-yours');
  // Whoever led it is one of them.
  const joining = [...new Set([...team.people, team.leadId])].filter((person) => person !== other.leadId);
  await addToTeam.run({ firm: firm.id, id: into, people: joining }, tx);
  await setTeam.run({ id: into, name: other.name, leadId: other.leadId }, tx);
  await nameOther.run({ id, into }, tx);
  await drop(context, id);
  const joined = { ...other, people: [...new Set([...other.people, ...joining])] };
  await audit(context, 'teams merged', [
    ...subjects,
    { kind: 'team', id: into, before: told(held.known, other), after: told(held.known, joined) },
  ]);
  return null;
}

/** Nothing names the team any more, and nobody is in it. */
async function drop({ tx }: Context, id: string): Promise<void> {
  await outdateNaming.run({ id }, tx);
  await nameNoMore.run({ id }, tx);
  await dropFromTeam.run({ id }, tx);
  await dropTeam.run({ id }, tx);
}
