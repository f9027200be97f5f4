import { BodyOf, Endpoints, LooksAfter } from '@yellowwood/contracts';
import { Rights, mayLetLead, mayLetManage, rightsHeld, submissionPeriod } from '@yellowwood/core';
import { giveProjects, leadTeams, openDays, projectsManaged } from '../generated/people/hand-over.queries';
import { heldByPeople } from '../generated/people/own-roles.queries';
import { teamsOfFirm } from '../generated/people/teams.queries';
import { audit } from '../platform/audit';
import { Context, heldOf } from '../platform/context';
import { problem } from '../platform/problem';
import { heldPerson } from './change-person';

/** The rights of somebody of the firm. @throws the problem `person-unknown` */
async function rightsOfPerson({ tx }: Context, person: string): Promise<Rights> {
  const [held] = await heldByPeople.run({ people: [person] }, tx);
  if (!held) throw problem('person-unknown');
  return rightsHeld(heldOf(held));
}

/**
 * What somebody looks after, and what of it one may give to somebody else.
 * @throws the problem `person-unknown`
 */
export async function readLooksAfter(context: Context, person: string): Promise<LooksAfter> {
  const { tx, firm, actor } = context;
  const rights = await rightsOfPerson(context, person);
  const [managed, teams] = [await projectsManaged.run({ person }, tx), await teamsOfFirm.run({ lead: person }, tx)];
  const days = actor.rights['time.read'] === 'firm' ? await openDays.run({ person }, tx) : [];
  const open = new Map<string, { from: string; to: string; duration: number }>();
  for (const { date, duration } of days) {
    const { from, to } = submissionPeriod(String(date), firm.period);
    open.set(from, { from, to, duration: (open.get(from)?.duration ?? 0) + Number(duration) });
  }
  return {
    projects: managed.map((project) => ({ ...project, mine: mayLetManage(actor.rights, rights) })),
    teams: teams.map(({ id, name, version }) => ({ id, name, version, mine: mayLetLead(actor.rights, rights) })),
    open: [...open.values()],
  };
}

/**
 * Has somebody else look after projects and teams: all of them, or none. Whoever takes them over reaches their people and
 * their time by their own rights, and only who holds these for everybody gives that.
 * @throws the problems `person-unknown`, `left-already`, `handed-over-already`, `lead-not-yours`, `nothing-to-change`
 */
export async function handOver(
  context: Context,
  person: string,
  { to, projects, teams }: BodyOf<Endpoints['handOver']>,
): Promise<null> {
  const { tx, actor } = context;
  if (projects.length + teams.length === 0 || to === person) throw problem('nothing-to-change');
  const [from, next] = [await heldPerson(context, person), await heldPerson(context, to)];
  if (next.leftOn !== null) throw problem('left-already');
  const both = [rightsHeld(from), rightsHeld(next)];
  const mayProjects = projects.length === 0 || both.every((rights) => mayLetManage(actor.rights, rights));
  const mayTeams = teams.length === 0 || both.every((rights) => mayLetLead(actor.rights, rights));
  if (!mayProjects || !mayTeams) throw problem('lead-not-yours');
  const seen = new Map(teams.map(({ id, version }) => [id, version]));
  const led = (await teamsOfFirm.run({ lead: person }, tx)).filter(({ id, version }) => seen.get(id) === version);
  const given = await giveProjects.run({ person, to, projects: [...projects] }, tx);
  if (led.length < seen.size || given.length < projects.length) throw problem('handed-over-already', { name: from.name });
  await leadTeams.run({ to, teams: [...seen.keys()] }, tx);
  const names = [...given, ...led].map(({ name }) => name).sort();
  await audit(context, 'work handed over', [
    ...given.map(({ id }) => ({
      ...{ kind: 'project' as const, id, before: { manager: from.name }, after: { manager: next.name } },
    })),
    ...led.map(({ id }) => ({ kind: 'team' as const, id, before: { lead: from.name }, after: { lead: next.name } })),
    { kind: 'person', id: person, before: { looksAfter: names.join(', ') }, after: { looksAfter: null } },
    { kind: 'person', id: to, before: { looksAfter: null }, after: { looksAfter: names.join(', ') } },
  ]);
  return null;
}
