import { AnswerOf, BodyOf, Endpoints, Staff } from '@yellowwood/contracts';
import { ROLES, ROLE_RIGHTS, Role, dateIn, mayGive, rightsHeld, submissionPeriod } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { heldWithAccount } from '../generated/people/change-person.queries';
import {
  addPerson,
  addPlannedTime,
  addRole,
  findByAddress,
  listStaff as listOfStaff,
  plannedByOwner,
  withdrawInvitations,
  writeInvitation,
} from '../generated/people/invite.queries';
import { audit } from '../platform/audit';
import { Context, heldOf, today } from '../platform/context';
import { problem } from '../platform/problem';
import { heldPerson, oneAtATime, refuseForeign } from './change-person';
import { post } from './post';
import { listRoles } from './own-roles';
import { noteFailure, refuseTooMany } from './sign-in-throttle';

/** Sends the message, no more often than one is asked for oneself: nobody's mailbox is flooded. */
async function invite(context: Context, person: string, email: string, tries: number): Promise<void> {
  const { tx, firm, actor, now } = context;
  const attempt = { to: 'invite', email, address: '', known: false, now } as const;
  await refuseTooMany(tx, attempt, tries);
  await noteFailure(tx, attempt, tries);
  const id = newId();
  await writeInvitation.run({ firm: firm.id, id, person, email, by: actor.personId, now }, tx);
  await post(tx, { kind: 'invitation', recipient: email, about: id, firm: firm.id }, now);
}

interface Invited {
  readonly id: string;
  readonly name: string;
  readonly email: string;
}

/** Adds people to the firm with a role and planned time, and sends the messages by which they come to an account. */
async function add(context: Context, people: readonly Invited[], role: Role, tries: number): Promise<void> {
  const { tx, firm } = context;
  const startedOn = submissionPeriod(today(context), firm.period).from;
  const [like] = await plannedByOwner.run({ day: today(context) }, tx);
  for (const { id, name, email } of people) {
    await addPerson.run({ firm: firm.id, id, name, email, zone: firm.zone, startedOn }, tx);
    await addRole.run({ firm: firm.id, person: id, role }, tx);
    if (like) await addPlannedTime.run({ firm: firm.id, person: id, validFrom: startedOn, planned: like.planned }, tx);
    await invite(context, id, email, tries);
  }
  await audit(
    context,
    'person invited',
    people.map(({ id, name, email }) => ({ kind: 'person', id, after: { name, email, role } })),
  );
}

const trimmed = ({ id, name, email }: Invited): Invited => ({ id, name: name.trim(), email: email.trim() });

/**
 * Adds somebody to the firm with a role and planned time, and sends the message by which they come to an account.
 * @param tries messages to one address before waiting begins
 * @throws the problems `role-not-yours`, `address-taken`, `too-many-attempts`
 */
export async function invitePerson(
  context: Context,
  { role, ...wish }: BodyOf<Endpoints['invitePerson']>,
  tries: number,
): Promise<AnswerOf<Endpoints['invitePerson']>> {
  const person = trimmed(wish);
  refuseForeign(context, ROLE_RIGHTS[role]);
  await oneAtATime(context);
  const [taken] = await findByAddress.run({ email: person.email }, context.tx);
  if (taken) throw problem('address-taken');
  await add(context, [person], role, tries);
  return null;
}

/**
 * Adds several people with one role, as one by one: all of them, or none.
 * @throws the problems `role-not-yours`, `addresses-taken` with those that stand twice or are there, `too-many-attempts`
 */
export async function invitePeople(
  context: Context,
  { role, ...wish }: BodyOf<Endpoints['invitePeople']>,
  tries: number,
): Promise<null> {
  const people = wish.people.map(trimmed);
  refuseForeign(context, ROLE_RIGHTS[role]);
  await oneAtATime(context);
  const taken: string[] = [];
  const seen = new Set<string>();
  for (const { email } of people) {
    const there = await findByAddress.run({ email }, context.tx);
    if (seen.has(email.toLowerCase()) || there.length > 0) taken.push(email);
    seen.add(email.toLowerCase());
  }
  if (taken.length > 0) throw problem('addresses-taken', { emails: taken.join(', ') });
  await add(context, people, role, tries);
  return null;
}

/**
 * Sends the message to somebody who has no account yet, also once more; what was sent before works no longer.
 * @throws the problems `person-unknown`, `not-invited`, `role-not-yours`, `too-many-attempts`
 */
export async function sendInvitation(context: Context, person: string, tries: number): Promise<null> {
  const { tx, firm, now } = context;
  const known = await heldPerson(context, person);
  refuseForeign(context, rightsHeld(known));
  const has = await heldWithAccount.run({ firm: firm.id, person }, tx);
  if (has.length > 0 || known.leftOn !== null) throw problem('not-invited');
  await withdrawInvitations.run({ person, now }, tx);
  await invite(context, person, known.email, tries);
  await audit(context, 'person invited', [{ kind: 'person', id: person, after: { email: known.email } }]);
  return null;
}

/** Everybody of the firm, and which roles one may give. */
export async function listStaff(context: Context): Promise<Staff> {
  const rows = await listOfStaff.run({ firm: context.firm.id, on: today(context) }, context.tx);
  return {
    people: rows.map(({ invitedAt, ...person }) => ({
      ...person,
      roles: [...heldOf(person).roles],
      kind: person.kind as 'employee',
      ownRoles: heldOf(person).ownRoles.map(({ id }) => id),
      exceptions: heldOf(person).exceptions,
      account: person.account as 'none',
      invitedOn: invitedAt === null ? null : dateIn(context.actor.zone, String(invitedAt)),
    })),
    roles: ROLES.filter((role) => mayGive(context.actor.rights, role)),
    ownRoles: (await listRoles(context)).roles,
  };
}
