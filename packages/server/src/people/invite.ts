import { AnswerOf, BodyOf, Endpoints, GivenRole, Staff } from '@yellowwood/contracts';
import { Held, Role, dateIn, isNumber, rightsHeld, submissionPeriod } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { giveOwnRoles, giveRoles, heldWithAccount } from '../generated/people/change-person.queries';
import {
  addPerson,
  addPlannedTime,
  findByAddress,
  listStaff as listOfStaff,
  withdrawInvitations,
  writeInvitation,
} from '../generated/people/invite.queries';
import { plannedForNew } from '../generated/people/recording.queries';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { Tx } from '../platform/database';
import { problem } from '../platform/problem';
import { RolesHeld, heldPerson, namesOf, oneAtATime, refuseForeign, rightsOfEach, roleGiven } from './change-person';
import { json } from '../platform/json';
import { writtenHandle } from './handles';
import { post } from './post';
import { listRoles } from './own-roles';
import { noteFailure, refuseTooMany } from './sign-in-throttle';

/** How messages are sent. */
export interface Sending {
  /** Messages to one address before waiting begins. */
  readonly tries: number;
  /** Whether text messages are. */
  readonly texts: boolean;
}

/** Sends the message, no more often than one is asked for oneself: nobody's mailbox is flooded. */
async function invite(context: Context, person: string, email: string, { tries, texts }: Sending): Promise<void> {
  if (isNumber(email) && !texts) throw problem('texts-not-sent');
  const { tx, firm, actor, now } = context;
  const attempt = { to: 'invite', email, address: '', known: false, now } as const;
  await refuseTooMany(tx, attempt, tries);
  await noteFailure(tx, attempt, tries);
  const id = newId();
  await writeInvitation.run({ firm: firm.id, id, person, email, by: actor.personId, now }, tx);
  await post(tx, { kind: 'invitation', recipient: email, about: id, firm: firm.id }, now);
}

/** Takes somebody into a firm that is open, with a role and the week that it plans for whoever comes new. */
export async function takeIn(
  tx: Tx,
  firm: string,
  person: Invited & { readonly zone: string; readonly startedOn: string },
  { roles, ownRoles }: RolesHeld,
): Promise<void> {
  await addPerson.run({ firm, ...person }, tx);
  await giveRoles.run({ firm, given: json(roles.map((role) => ({ person: person.id, role }))) }, tx);
  await giveOwnRoles.run({ firm, given: json(ownRoles.map(({ id }) => ({ person: person.id, role: id }))) }, tx);
  const [plan] = await plannedForNew.run(undefined, tx);
  await addPlannedTime.run({ firm, person: person.id, validFrom: person.startedOn, ...plan! }, tx);
}

interface Invited {
  readonly id: string;
  readonly name: string;
  readonly email: string;
}

/** Adds people to the firm with a role and planned time, and sends the messages by which they come to an account. */
async function add(context: Context, people: readonly Invited[], given: RolesHeld, sending: Sending): Promise<void> {
  const { tx, firm } = context;
  const startedOn = submissionPeriod(today(context), firm.period).from;
  for (const { id, name, email } of people) {
    await takeIn(tx, firm.id, { id, name, email, zone: firm.zone, startedOn }, given);
    await invite(context, id, email, sending);
  }
  await audit(
    context,
    'person invited',
    people.map(({ id, name, email }) => ({ kind: 'person', id, after: { name, email, role: namesOf(given) } })),
  );
}

/** The role that people shall join with, with nobody else changing what it is. @throws `role-unknown`, `role-not-yours` */
export async function roleToGive(context: Context, role: GivenRole): Promise<RolesHeld> {
  await oneAtATime(context);
  const given = await roleGiven(context, role);
  refuseForeign(context, ...rightsOfEach(given));
  return given;
}

const trimmed = ({ id, name, email }: Invited): Invited => ({ id, name: name.trim(), email: writtenHandle(email) });

/**
 * Adds somebody to the firm with a role and planned time, and sends the message by which they come to an account.
 * @throws the problems `role-unknown`, `role-not-yours`, `address-taken`, `too-many-attempts`, `texts-not-sent`
 */
export async function invitePerson(
  context: Context,
  { role, ...wish }: BodyOf<Endpoints['invitePerson']>,
  sending: Sending,
): Promise<AnswerOf<Endpoints['invitePerson']>> {
  const person = trimmed(wish);
  const given = await roleToGive(context, role);
  const [taken] = await findByAddress.run({ email: person.email }, context.tx);
  if (taken) throw problem('address-taken');
  await add(context, [person], given, sending);
  return null;
}

/**
 * Adds several people with one role, as one by one: all of them, or none.
 * @throws the problems `role-unknown`, `role-not-yours`, `addresses-taken` with those that stand twice or are there,
 *   `too-many-attempts`, `texts-not-sent`
 */
export async function invitePeople(
  context: Context,
  { role, ...wish }: BodyOf<Endpoints['invitePeople']>,
  sending: Sending,
): Promise<null> {
  const people = wish.people.map(trimmed);
  const given = await roleToGive(context, role);
  const taken: string[] = [];
  const seen = new Set<string>();
  for (const { email } of people) {
    const there = await findByAddress.run({ email }, context.tx);
    if (seen.has(email.toLowerCase()) || there.length > 0) taken.push(email);
    seen.add(email.toLowerCase());
  }
  if (taken.length > 0) throw problem('addresses-taken', { emails: taken.join(', ') });
  await add(context, people, given, sending);
  return null;
}

/**
 * Sends the message to somebody who has no account yet, also once more; what was sent before works no longer.
 * @throws the problems `person-unknown`, `not-invited`, `role-not-yours`, `too-many-attempts`, `texts-not-sent`
 */
export async function sendInvitation(context: Context, person: string, sending: Sending): Promise<null> {
  const { tx, firm, now } = context;
  const known = await heldPerson(context, person);
  refuseForeign(context, rightsHeld(known));
  const has = await heldWithAccount.run({ firm: firm.id, person }, tx);
  if (has.length > 0 || known.leftOn !== null) throw problem('not-invited');
  await withdrawInvitations.run({ person, now }, tx);
  await invite(context, person, known.email, sending);
  await audit(context, 'person invited', [{ kind: 'person', id: person, after: { email: known.email } }]);
  return null;
}

/** Everybody of the firm. */
export async function listStaff(context: Context): Promise<Staff> {
  const { firm, actor, tx } = context;
  const rows = await listOfStaff.run({ firm: firm.id, on: today(context) }, tx);
  return {
    // Written field by field: what is left over of two thousand rows costs as much as reading them.
    people: rows.map((row) => ({
      id: row.id,
      name: row.name,
      email: row.email,
      position: row.position,
      department: row.department,
      teams: row.teams as string[],
      roles: row.roles as Role[],
      ownRoles: row.ownRoles as string[],
      exceptions: row.exceptions as Held['exceptions'],
      account: row.account as Staff['people'][number]['account'],
      leftOn: row.leftOn,
      version: row.version,
      invitedOn: row.invitedAt === null ? null : dateIn(actor.zone, String(row.invitedAt)),
    })),
    ownRoles: (await listRoles(context)).roles,
  };
}
