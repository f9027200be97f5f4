import { AnswerOf, BodyOf, Endpoints, GivenRole, GroupKind } from '@yellowwood/contracts';
import {
  Exceptions,
  Held,
  OwnRole,
  PERMISSIONS,
  ROLE_RIGHTS,
  Rights,
  isRole,
  mayGiveRights,
  reachesOf,
  rightsHeld,
  isZone,
} from '@yellowwood/core';
import {
  addExceptions,
  addPositionOf,
  dropLaterPositions,
  endPositions,
  groupByIds,
  lastRecorded,
  positionNow,
  dropExceptions,
  dropOwnRoles,
  dropRoles,
  endMembership,
  giveOwnRoles,
  giveRoles,
  heldWithAccount,
  lockPeople,
  ownRolesByIds,
  ownersWithAccount,
  raisePeople,
  raisePerson,
  setPerson,
} from '../generated/people/change-person.queries';
import { findByAddress } from '../generated/people/invite.queries';
import { audit } from '../platform/audit';
import { writtenHandle } from './handles';
import { Context, heldOf } from '../platform/context';
import { StartOver } from '../platform/database';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';

/**
 * One after the other, so that neither an address comes twice nor the last owner goes. Whose own roles were changed while
 * they waited begins again, with what they may now.
 */
export async function oneAtATime(context: Context): Promise<void> {
  const { tx, firm, actor } = context;
  await takeTurn(context, 'people');
  const [now] = await heldWithAccount.run({ firm: firm.id, person: actor.personId }, tx);
  if (!now || JSON.stringify(rightsHeld(heldOf(now))) !== JSON.stringify(actor.rights)) throw new StartOver();
}

/** A person as they are, with nobody else changing them. @throws the problem `person-unknown` */
export async function heldPerson(context: Context, person: string) {
  await oneAtATime(context);
  const [known] = await lockPeople.run({ people: [person] }, context.tx);
  if (!known) throw problem('person-unknown');
  return { ...known, ...heldOf(known) };
}

/** A person as they were seen. @throws the problems `person-unknown`, `version-stale` */
export async function seenPerson(context: Context, person: string, version: number) {
  const known = await heldPerson(context, person);
  if (known.version !== version) throw problem('version-stale');
  return known;
}

/** Nobody gives rights that they do not hold, nor takes them from who holds more. @throws the problem `role-not-yours` */
export function refuseForeign({ actor }: Context, ...given: readonly Rights[]): void {
  if (!given.every((rights) => mayGiveRights(actor.rights, rights))) throw problem('role-not-yours');
}

/** A right is given as far as roles give it, and no other way. @throws the problem `reach-not-given` with its names */
export function refuseStrange(given: Exceptions): void {
  const strange = PERMISSIONS.filter((permission) => given[permission] && !reachesOf(permission).includes(given[permission]));
  if (strange.length > 0) throw problem('reach-not-given', { rights: strange.join(', ') });
}

/** A firm keeps somebody with an account who may do everything. @throws the problem `last-owner` */
export async function refuseWithoutOwner({ tx, firm }: Context): Promise<void> {
  if ((await ownersWithAccount.run({ firm: firm.id }, tx)).length === 0) throw problem('last-owner');
}

type PersonWish = BodyOf<Endpoints['changePerson']>;

/** A position or department that can be given. @throws the problem `group-unknown` */
async function groupOf({ tx }: Context, kind: GroupKind, id: string | null, had: string | null): Promise<string | null> {
  if (id === null) return null;
  const [group] = await groupByIds.run({ ids: [id] }, tx);
  if (!group || group.kind !== kind || (group.ended && id !== had)) throw problem('group-unknown');
  return group.name;
}

/**
 * Gives somebody another position from a day on, instead of all that was said of later days. What is recorded has its
 * rate from the position that they had, so no time may stand on that day or later.
 * @returns what they were, and are, that day; null where it is the same
 * @throws the problems `group-unknown`, `position-recorded` with the last such day
 */
async function givePosition(context: Context, person: string, { id, from }: NonNullable<PersonWish['position']>) {
  const { tx, firm } = context;
  const [now] = await positionNow.run({ person, on: from }, tx);
  if ((now?.id ?? null) === id) return null;
  const name = await groupOf(context, 'position', id, null);
  const [last] = await lastRecorded.run({ person, from }, tx);
  if (last!.day !== null) throw problem('position-recorded', { day: String(last!.day) });
  await dropLaterPositions.run({ person, from }, tx);
  await endPositions.run({ person, from }, tx);
  if (id !== null) await addPositionOf.run({ firm: firm.id, person, position: id, from }, tx);
  return { before: now?.name ?? null, after: name, from };
}

/**
 * Changes what the firm knows of a person.
 * @throws the problems `person-unknown`, `version-stale`, `address-taken`, `group-unknown`, `zone-unknown`,
 *   `position-recorded`, `nothing-to-change`
 */
export async function changePerson(context: Context, person: string, wish: PersonWish, version: number): Promise<null> {
  const { tx } = context;
  const known = await seenPerson(context, person, version);
  const { kind = known.kind, departmentId = known.departmentId, zone = known.zone, startedOn = known.startedOn } = wish;
  const facts = {
    name: wish.name.trim(),
    email: writtenHandle(wish.email),
    staffNumber: wish.staffNumber.trim(),
    kind,
    zone,
    startedOn,
  };
  if (!isZone(zone)) throw problem('zone-unknown');
  const was = { name: known.name, email: known.email, staffNumber: known.staffNumber, kind: known.kind };
  const department = await groupOf(context, 'department', departmentId, known.departmentId);
  const departmentBefore = await groupOf(context, 'department', known.departmentId, known.departmentId);
  const before = { ...was, zone: known.zone, startedOn: known.startedOn, department: departmentBefore };
  const after = { ...facts, department };
  const position = wish.position ? await givePosition(context, person, wish.position) : null;
  if (!position && JSON.stringify(before) === JSON.stringify(after)) throw problem('nothing-to-change');
  const [taken] = await findByAddress.run({ email: facts.email }, tx);
  if (taken && taken.id !== person) throw problem('address-taken');
  await setPerson.run({ person, ...facts, departmentId }, tx);
  const told = {
    before: { ...before, ...(position && { position: position.before, positionFrom: null }) },
    after: { ...after, ...(position && { position: position.after, positionFrom: position.from }) },
  };
  await audit(context, 'person changed', [{ kind: 'person', id: person, ...told }]);
  return null;
}

type GivenRoles = BodyOf<Endpoints['changeRoles']>;

/** The roles of the firm's own that are given, each of them there. @throws the problem `role-unknown` */
async function ownRolesOf({ tx }: Pick<Context, 'tx'>, ids: readonly string[]): Promise<OwnRole[]> {
  const rows = ids.length === 0 ? [] : await ownRolesByIds.run({ ids: [...ids] }, tx);
  if (rows.length < ids.length) throw problem('role-unknown');
  return rows.map((row) => ({ ...row, rights: row.rights as Rights }));
}

/** A role as somebody has it who has no other. @throws the problem `role-unknown` */
export async function roleGiven(context: Pick<Context, 'tx'>, role: GivenRole): Promise<RolesHeld> {
  return isRole(role) ? { roles: [role], ownRoles: [] } : { roles: [], ownRoles: await ownRolesOf(context, [role]) };
}

/**
 * Gives somebody other roles; who is signed in has them at the next request.
 * @throws the problems `person-unknown`, `role-unknown`, `role-missing`, `version-stale`, `role-not-yours`, `last-owner`,
 *   `nothing-to-change`
 */
export async function changeRoles(context: Context, person: string, given: GivenRoles, version: number): Promise<null> {
  const known = await seenPerson(context, person, version);
  const ownRoles = await ownRolesOf(context, given.ownRoles);
  await giveOther(context, [{ id: known.id, held: known, after: { roles: [...given.roles].sort(), ownRoles } }]);
  return null;
}

/**
 * Gives many people roles, beside what they have or instead of it, or takes them away: all of it, or nothing.
 * @throws the problems `person-unknown`, `people-changed` with the names of who is not as they were seen, `role-unknown`,
 *   `role-missing`, `role-not-yours`, `last-owner`, `nothing-to-change`
 */
export async function changeManyRoles(
  context: Context,
  { people, how, ...given }: BodyOf<Endpoints['changeManyRoles']>,
): Promise<AnswerOf<Endpoints['changeManyRoles']>> {
  await oneAtATime(context);
  const seen = new Map(people.map(({ id, version }) => [id, version]));
  const rows = await lockPeople.run({ people: [...seen.keys()] }, context.tx);
  if (rows.length < seen.size) throw problem('person-unknown');
  const stale = rows.filter(({ id, version }) => seen.get(id) !== version);
  if (stale.length > 0) throw problem('people-changed', { names: stale.map(({ name }) => name).join(', ') });
  const ownRoles = await ownRolesOf(context, given.ownRoles);
  const changed = await giveOther(
    context,
    rows.map((row) => {
      const held = heldOf(row);
      const kept = how === 'replace' ? [] : held.roles.filter((role) => !given.roles.includes(role));
      const keptOwn = how === 'replace' ? [] : held.ownRoles.filter(({ id }) => !given.ownRoles.includes(id));
      const come = how === 'take' ? { roles: [], ownRoles: [] } : { roles: given.roles, ownRoles };
      return {
        ...{ id: row.id, held },
        after: { roles: [...come.roles, ...kept].sort(), ownRoles: [...come.ownRoles, ...keptOwn] },
      };
    }),
  );
  return { changed };
}

export type RolesHeld = Pick<Held, 'roles' | 'ownRoles'>;

interface OtherRoles {
  readonly id: string;
  readonly held: Held;
  readonly after: RolesHeld;
}

export const namesOf = ({ roles, ownRoles }: RolesHeld): string =>
  [...roles, ...ownRoles.map(({ name }) => name).sort()].join(', ');

/** The rights of roles, one by one. */
export const rightsOfEach = ({ roles, ownRoles }: RolesHeld): Rights[] => [
  ...roles.map((role) => ROLE_RIGHTS[role]),
  ...ownRoles.map(({ rights }) => rights),
];

/**
 * Gives people the roles that they shall have. Exceptions stay, but of an owner, who may do everything.
 * @returns how many had others
 * @throws the problems `role-missing`, `role-not-yours`, `last-owner`, `nothing-to-change`
 */
async function giveOther(context: Context, all: readonly OtherRoles[]): Promise<number> {
  const { tx, firm } = context;
  const others = all
    .map((one) => ({ ...one, was: namesOf(one.held), is: namesOf(one.after) }))
    .filter(({ was, is }) => was !== is);
  if (others.length === 0) throw problem('nothing-to-change');
  if (others.some(({ is }) => is === '')) throw problem('role-missing');
  // Thousands hold the same few roles: each is asked about once.
  refuseForeign(context, ...new Set(others.flatMap(({ held, after }) => [...rightsOfEach(held), ...rightsOfEach(after)])));
  const people = others.map(({ id }) => id);
  await dropRoles.run({ people }, tx);
  await dropOwnRoles.run({ people }, tx);
  const owners = others.filter(({ after }) => after.roles.includes('owner')).map(({ id }) => id);
  if (owners.length > 0) await dropExceptions.run({ people: owners }, tx);
  const given = others.flatMap(({ id, after }) => after.roles.map((role) => ({ person: id, role })));
  const own = others.flatMap(({ id, after }) => after.ownRoles.map((role) => ({ person: id, role: role.id })));
  await giveRoles.run({ firm: firm.id, given: json(given) }, tx);
  await giveOwnRoles.run({ firm: firm.id, given: json(own) }, tx);
  await raisePeople.run({ people }, tx);
  await refuseWithoutOwner(context);
  await audit(
    context,
    'roles changed',
    others.map(({ id, was, is }) => ({ kind: 'person', id, before: { roles: was }, after: { roles: is } })),
  );
  return others.length;
}

/** What the history says of rights: one fact each. */
export const toldRights = (rights: Exceptions) =>
  Object.fromEntries(PERMISSIONS.filter((one) => rights[one] !== undefined).map((one) => [`may ${one}`, rights[one] ?? 'none']));

/**
 * Gives one person single rights beside their roles, or takes them away. Whoever does it holds all that the person may,
 * as it was and as it will be.
 * @throws the problems `person-unknown`, `version-stale`, `owner-whole`, `reach-not-given`, `role-not-yours`,
 *   `nothing-to-change`
 */
export async function changeExceptions(context: Context, person: string, exceptions: Exceptions, version: number): Promise<null> {
  const { tx, firm } = context;
  const known = await seenPerson(context, person, version);
  if (known.roles.includes('owner')) throw problem('owner-whole');
  refuseStrange(exceptions);
  const [before, after] = [toldRights(known.exceptions), toldRights(exceptions)];
  if (JSON.stringify(before) === JSON.stringify(after)) throw problem('nothing-to-change');
  refuseForeign(context, rightsHeld(known), rightsHeld({ ...known, exceptions }));
  await dropExceptions.run({ people: [person] }, tx);
  const rows = Object.entries(exceptions).map(([permission, reach]) => ({ permission, reach }));
  await addExceptions.run({ firm: firm.id, person, exceptions: json(rows) }, tx);
  await raisePeople.run({ people: [person] }, tx);
  await audit(context, 'exceptions changed', [{ kind: 'person', id: person, before, after }]);
  return null;
}

/** Ends somebody's access from now on. An owner stays: whoever may end an owner's is one. */
export async function endAccess({ tx, firm, now }: Context, person: string, leftOn: string): Promise<void> {
  await raisePerson.run({ person, leftOn }, tx);
  await endMembership.run({ firm: firm.id, person, at: now }, tx);
}

/**
 * Restores somebody who has left, as they were.
 * @throws the problems `person-unknown`, `version-stale`, `role-not-yours`, `not-left`
 */
export async function personReturns(context: Context, person: string, version: number): Promise<null> {
  const known = await seenPerson(context, person, version);
  if (known.leftOn === null) throw problem('not-left');
  refuseForeign(context, rightsHeld(known));
  await raisePerson.run({ person, leftOn: null }, context.tx);
  await endMembership.run({ firm: context.firm.id, person, at: null }, context.tx);
  const before = { leftOn: known.leftOn };
  await audit(context, 'access restored', [{ kind: 'person', id: person, before, after: { leftOn: null } }]);
  return null;
}
