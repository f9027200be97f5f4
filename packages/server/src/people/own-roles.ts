import { AnswerOf, BodyOf, Endpoints, OwnRole, OwnRoleFacts, QueryOf, WhyMay } from '@yellowwood/contracts';
import { Rights, reachAndSources, waysTo } from '@yellowwood/core';
import {
  accessTo,
  addOwnRole,
  dropOwnRole,
  heldByPeople,
  listOwnRoles,
  setOwnRole,
  teamsLedWith,
} from '../generated/people/own-roles.queries';
import { closeLinksOf } from '../generated/people/links.queries';
import { audit } from '../platform/audit';
import { Context, heldOf } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { oneAtATime, refuseForeign, refuseStrange, toldRights } from './change-person';

/** The roles that the firm has made for itself. */
export async function listRoles({ tx }: Context): Promise<AnswerOf<Endpoints['listRoles']>> {
  const rows = await listOwnRoles.run(undefined, tx);
  return { roles: rows.map((row) => ({ ...row, rights: row.rights as Rights })) };
}

const told = ({ name, rights }: OwnRoleFacts) => ({ name, ...toldRights(rights) });

/** The roles as nobody else changes them. */
async function heldRoles(context: Context): Promise<OwnRole[]> {
  await oneAtATime(context);
  return (await listRoles(context)).roles;
}

/** @throws the problems `role-unknown`, `version-stale`, `role-not-yours` where it holds what one does not hold */
function seenRole(context: Context, roles: readonly OwnRole[], id: string, version: number): OwnRole {
  const role = roles.find((one) => one.id === id);
  if (!role) throw problem('role-unknown');
  if (role.version !== version) throw problem('version-stale');
  refuseForeign(context, role.rights);
  return role;
}

/** @throws the problems `reach-not-given`, `role-not-yours`, `role-exists` */
function refuseWrong(context: Context, roles: readonly OwnRole[], id: string, { name, rights }: OwnRoleFacts): void {
  refuseStrange(rights);
  refuseForeign(context, rights);
  const twin = roles.some((one) => one.id !== id && one.name.toLowerCase() === name.toLowerCase());
  if (twin) throw problem('role-exists');
}

/**
 * Makes a role of the firm's own.
 * @throws the problems `role-exists`, `role-not-yours`, `reach-not-given`
 */
export async function createRole(context: Context, { id, ...wish }: BodyOf<Endpoints['createRole']>): Promise<null> {
  const role = { ...wish, name: wish.name.trim() };
  refuseWrong(context, await heldRoles(context), id, role);
  await addOwnRole.run({ firm: context.firm.id, id, name: role.name, rights: json(role.rights) }, context.tx);
  await audit(context, 'role made', [{ kind: 'role', id, after: told(role) }]);
  return null;
}

/**
 * Renames a role, or changes its rights for everybody who has it, at their next request.
 * @throws the problems `role-unknown`, `version-stale`, `role-exists`, `role-not-yours`, `reach-not-given`,
 *   `nothing-to-change`
 */
export async function changeRole(context: Context, id: string, wish: OwnRoleFacts, version: number): Promise<null> {
  const roles = await heldRoles(context);
  const known = seenRole(context, roles, id, version);
  const after = { ...wish, name: wish.name.trim() };
  refuseWrong(context, roles, id, after);
  const [before, now] = [told(known), told(after)];
  if (JSON.stringify(before) === JSON.stringify(now)) throw problem('nothing-to-change');
  await setOwnRole.run({ id, name: after.name, rights: json(after.rights) }, context.tx);
  await audit(context, 'role changed', [{ kind: 'role', id, before, after: now }]);
  return null;
}

/**
 * Ends a role that nobody has, and the links to join with it.
 * @throws the problems `role-unknown`, `version-stale`, `role-not-yours`, `role-held`
 */
export async function endRole(context: Context, id: string, version: number): Promise<null> {
  const role = seenRole(context, await heldRoles(context), id, version);
  // Nobody joins with it any more either; who did meanwhile is counted.
  const links = await closeLinksOf.run({ role: id, now: context.now }, context.tx);
  const { people } = (await listRoles(context)).roles.find((one) => one.id === id)!;
  if (people > 0) throw problem('role-held', { count: people });
  await dropOwnRole.run({ id }, context.tx);
  const before = { role: role.name };
  if (links.length > 0)
    await audit(
      context,
      'link ended',
      links.map((link) => ({ kind: 'link', id: link.id, before, after: null })),
    );
  await audit(context, 'role ended', [{ kind: 'role', id, before: told(role), after: null }]);
  return null;
}

/**
 * Whether somebody has a right over the time of a person, on a project or on any, or over a project, and why.
 * @throws the problems `person-unknown`, `project-unknown`
 */
export async function readWhyMay(
  { tx }: Context,
  id: string,
  { right, person, project }: QueryOf<Endpoints['readWhyMay']>,
): Promise<WhyMay> {
  const people = await heldByPeople.run({ people: [...new Set([id, person])] }, tx);
  const one = people.find((row) => row.id === id);
  if (!one || !people.some((row) => row.id === person)) throw problem('person-unknown');
  const [work] = project ? await accessTo.run({ project, person: id }, tx) : [];
  if (project && !work) throw problem('project-unknown');
  const { reach, sources } = reachAndSources(heldOf(one), right);
  const led = await teamsLedWith.run({ lead: id, person }, tx);
  const teams = led.map(({ name }) => ({ name, people: new Set([person]) }));
  const subject = { personId: person, managerId: null, open: false, named: false, ...work };
  const ways = waysTo(right, reach, id, teams, subject);
  return { may: ways.length > 0, reach: reach ?? null, sources, ways };
}
