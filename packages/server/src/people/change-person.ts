import { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { Role, mayGive } from '@yellowwood/core';
import {
  dropRoles,
  endMembership,
  giveRoles,
  lockPeople,
  ownersWithAccount,
  raisePeople,
  raisePerson,
  rolesWithAccount,
  setPerson,
} from '../generated/people/change-person.queries';
import { findByAddress } from '../generated/people/invite.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
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
  const roles = await rolesWithAccount.run({ firm: firm.id, person: actor.personId }, tx);
  if (roles.map(({ role }) => role).join() !== actor.roles.join()) throw new StartOver();
}

/** A person as they are, with nobody else changing them. @throws the problem `person-unknown` */
export async function heldPerson(context: Context, person: string) {
  await oneAtATime(context);
  const [known] = await lockPeople.run({ people: [person] }, context.tx);
  if (!known) throw problem('person-unknown');
  return { ...known, roles: known.roles as Role[] };
}

/** A person as they were seen. @throws the problems `person-unknown`, `version-stale` */
export async function seenPerson(context: Context, person: string, version: number) {
  const known = await heldPerson(context, person);
  if (known.version !== version) throw problem('version-stale');
  return known;
}

/** Nobody gives a role that they do not hold, nor takes one from who holds more. @throws the problem `role-not-yours` */
export function refuseForeign({ actor }: Context, roles: readonly Role[]): void {
  if (!roles.every((role) => mayGive(actor.rights, role))) throw problem('role-not-yours');
}

/** A firm keeps somebody with an account who may do everything. @throws the problem `last-owner` */
export async function refuseWithoutOwner({ tx, firm }: Context): Promise<void> {
  if ((await ownersWithAccount.run({ firm: firm.id }, tx)).length === 0) throw problem('last-owner');
}

/**
 * Changes what the firm knows of a person.
 * @throws the problems `person-unknown`, `version-stale`, `address-taken`, `nothing-to-change`
 */
export async function changePerson(
  context: Context,
  person: string,
  wish: BodyOf<Endpoints['changePerson']>,
  version: number,
): Promise<null> {
  const known = await seenPerson(context, person, version);
  const after = { name: wish.name.trim(), email: wish.email.trim(), staffNumber: wish.staffNumber.trim() };
  const { name, email, staffNumber } = known;
  const before = { name, email, staffNumber };
  if (JSON.stringify(before) === JSON.stringify(after)) throw problem('nothing-to-change');
  const [taken] = await findByAddress.run({ email: after.email }, context.tx);
  if (taken && taken.id !== person) throw problem('address-taken');
  await setPerson.run({ person, ...after }, context.tx);
  await audit(context, 'person changed', [{ kind: 'person', id: person, before, after }]);
  return null;
}

/**
 * Gives somebody other roles; who is signed in has them at the next request.
 * @throws the problems `person-unknown`, `version-stale`, `role-not-yours`, `last-owner`, `nothing-to-change`
 */
export async function changeRoles(context: Context, person: string, roles: readonly Role[], version: number): Promise<null> {
  const known = await seenPerson(context, person, version);
  await giveOther(context, [{ ...known, after: [...roles].sort() }]);
  return null;
}

/**
 * Gives many people roles, beside what they have or instead of it: all of it, or nothing.
 * @throws the problems `person-unknown`, `people-changed` with the names of who is not as they were seen, `role-not-yours`,
 *   `last-owner`, `nothing-to-change`
 */
export async function changeManyRoles(
  context: Context,
  { people, roles, how }: BodyOf<Endpoints['changeManyRoles']>,
): Promise<AnswerOf<Endpoints['changeManyRoles']>> {
  await oneAtATime(context);
  const seen = new Map(people.map(({ id, version }) => [id, version]));
  const rows = await lockPeople.run({ people: [...seen.keys()] }, context.tx);
  if (rows.length < seen.size) throw problem('person-unknown');
  const stale = rows.filter(({ id, version }) => seen.get(id) !== version);
  if (stale.length > 0) throw problem('people-changed', { names: stale.map(({ name }) => name).join(', ') });
  const changed = await giveOther(
    context,
    rows.map((row) => ({
      ...{ id: row.id, roles: row.roles as Role[] },
      after: [...new Set([...roles, ...(how === 'add' ? (row.roles as Role[]) : [])])].sort(),
    })),
  );
  return { changed };
}

interface OtherRoles {
  readonly id: string;
  readonly roles: readonly Role[];
  readonly after: readonly Role[];
}

/**
 * Gives people the roles that they shall have, in alphabetical order. @returns how many had others
 * @throws the problems `role-not-yours`, `last-owner`, `nothing-to-change`
 */
async function giveOther(context: Context, all: readonly OtherRoles[]): Promise<number> {
  const { tx, firm } = context;
  const others = all.filter(({ roles, after }) => roles.join() !== after.join());
  if (others.length === 0) throw problem('nothing-to-change');
  refuseForeign(context, [...new Set(others.flatMap(({ roles, after }) => [...roles, ...after]))]);
  const people = others.map(({ id }) => id);
  await dropRoles.run({ people }, tx);
  const given = others.flatMap(({ id, after }) => after.map((role) => ({ person: id, role })));
  await giveRoles.run({ firm: firm.id, given: json(given) }, tx);
  await raisePeople.run({ people }, tx);
  await refuseWithoutOwner(context);
  const told = (of: readonly Role[]) => ({ roles: of.join(', ') });
  await audit(
    context,
    'roles changed',
    others.map(({ id, roles, after }) => ({ kind: 'person', id, before: told(roles), after: told(after) })),
  );
  return others.length;
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
  refuseForeign(context, known.roles);
  await raisePerson.run({ person, leftOn: null }, context.tx);
  await endMembership.run({ firm: context.firm.id, person, at: null }, context.tx);
  const before = { leftOn: known.leftOn };
  await audit(context, 'access restored', [{ kind: 'person', id: person, before, after: { leftOn: null } }]);
  return null;
}
