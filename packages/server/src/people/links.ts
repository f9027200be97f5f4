import { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { Rights, Role, dateIn, isNumber, mayGiveRights, mayLetLead, rightsHeld } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { heldWithAccount } from '../generated/people/change-person.queries';
import { makeInvitedAccount } from '../generated/people/join.queries';
import {
  addLink,
  awaitMember,
  closeLink,
  confirmMember,
  keepLink,
  leadOfTeam,
  linkById,
  liveLinks,
  openLink,
  useLink,
} from '../generated/people/links.queries';
import { findAccount } from '../generated/people/routes.queries';
import { addToTeam } from '../generated/people/teams.queries';
import { audit } from '../platform/audit';
import { Clock } from '../platform/clock';
import { setGuide } from '../generated/people/join.queries';
import { Context, enterFirm, heldOf } from '../platform/context';
import { Database, Tx, WRITE, transaction } from '../platform/database';
import { instantText, json } from '../platform/json';
import { problem } from '../platform/problem';
import { heldPerson, namesOf, refuseForeign, rightsOfEach, roleGiven } from './change-person';
import { handleOf } from './handles';
import { roleToGive, takeIn } from './invite';
import type { Joining } from './join';
import { refuseWeak } from './password-strength';
import { tokenHash } from './send-mail';
import { hashPassword } from './sign-in';
import { consentsTo } from './texts';

/** The links by which people may still join. */
export async function listLinks({ tx, now }: Context): Promise<AnswerOf<Endpoints['listLinks']>> {
  const rows = await liveLinks.run({ now }, tx);
  return { links: rows.map((row) => ({ ...row, role: row.role as Role | null, expiresAt: instantText(String(row.expiresAt)) })) };
}

/** Whether somebody with these rights may have others join a team: its lead reaches them thereby. @throws `team-unknown` */
async function mayJoinTeam(tx: Tx, rights: Rights, team: string | null): Promise<boolean> {
  if (team === null) return true;
  const [lead] = await leadOfTeam.run({ team }, tx);
  if (!lead) throw problem('team-unknown');
  return mayLetLead(rights, rightsHeld(heldOf(lead)));
}

/**
 * Makes a link by which people join. Nobody gives a role, or a lead the reach over people, that they could not give by hand.
 * @throws the problems `role-unknown`, `role-not-yours`, `team-unknown`, `lead-not-yours`
 */
export async function createLink(
  context: Context,
  { id, token, role, teamId, uses, days }: BodyOf<Endpoints['createLink']>,
): Promise<null> {
  const { tx, firm, actor, now } = context;
  const given = await roleToGive(context, role);
  if (!(await mayJoinTeam(tx, actor.rights, teamId))) throw problem('lead-not-yours');
  const expires = new Date(Date.parse(now) + days * 86_400_000).toISOString();
  const gives = { role: given.roles[0] ?? null, ownRole: given.ownRoles[0]?.id ?? null };
  await addLink.run({ firm: firm.id, id, ...gives, team: teamId, uses, expires, by: actor.personId, now }, tx);
  await keepLink.run({ hash: tokenHash(token), firm: firm.id, link: id, expires }, tx);
  await audit(context, 'link made', [{ kind: 'link', id, after: { role: namesOf(given), uses, until: expires } }]);
  return null;
}

/** Ends a link. @throws the problem `link-ended` where it has ended already */
export async function endLink(context: Context, id: string): Promise<null> {
  const [link] = await closeLink.run({ id, now: context.now }, context.tx);
  if (!link) throw problem('link-ended');
  const role = namesOf(await roleGiven(context, (link.role ?? link.ownRole)!));
  await audit(context, 'link ended', [{ kind: 'link', id, before: { role }, after: null }]);
  return null;
}

/**
 * The link of a token while it lives and whoever made it could still make it; its firm is open for the rest of the
 * transaction. @throws the problem `link-ended`
 */
async function livingLink(tx: Tx, token: string, now: string) {
  const [opened] = await openLink.run({ hash: tokenHash(token), now }, tx);
  const [link] = opened ? await linkById.run({ id: opened.link }, tx) : [];
  if (!opened || !link) throw problem('link-ended');
  const [maker] = await heldWithAccount.run({ firm: opened.firmId, person: link.senderId }, tx);
  const rights = maker ? rightsHeld(heldOf(maker)) : {};
  const given = await roleGiven({ tx }, (link.role ?? link.ownRoleId)!);
  const mayGive = rightsOfEach(given).every((one) => mayGiveRights(rights, one));
  if (!rights['people.change'] || !mayGive || !(await mayJoinTeam(tx, rights, link.teamId))) throw problem('link-ended');
  return { ...opened, ...link, given };
}

/** A telephone number: an address has an account once a message has shown whose it is. @throws `handle-unreadable` */
function numberOf(typed: string): string {
  const handle = handleOf(typed);
  if (!isNumber(handle)) throw problem('handle-unreadable');
  return handle;
}

/** What a link is to. @throws the problem `link-ended` */
export function readLink(database: Database, clock: Clock, token: string): Promise<AnswerOf<Endpoints['readLink']>> {
  return transaction(database, WRITE, async (tx) => {
    const { firm, sender, given, team } = await livingLink(tx, token, clock.now());
    return { firm, sender, role: given.roles[0] ?? null, ownRole: given.ownRoles[0]?.name ?? null, team };
  });
}

/**
 * Joins a firm by a link, with the account that is signed in or a new one by a telephone number. What is the firm's is seen
 * once somebody there has said that it is them.
 * @throws the problems `link-ended`, `account-exists`, `already-member`, `not-signed-in`, `password-weak`, `texts-changed`,
 *   `handle-unreadable`
 */
export async function joinByLink(
  database: Database,
  clock: Clock,
  { token, account }: BodyOf<Endpoints['joinByLink']>,
  signedIn: string | undefined,
  requestId: string,
): Promise<Joining> {
  if (!account && !signedIn) throw problem('not-signed-in');
  if (account) refuseWeak(account.password, [account.name, account.number]);
  const made = account && {
    ...{ name: account.name.trim(), email: numberOf(account.number), consents: json(consentsTo(account.consents)) },
    hash: await hashPassword(account.password),
  };
  return transaction(database, WRITE, async (tx) => {
    const now = clock.now();
    const link = await livingLink(tx, token, now);
    const id = made ? newId() : signedIn!;
    if (made) {
      const [answer] = await makeInvitedAccount.run({ ...made, account: id, now }, tx);
      if (!answer!.made) throw problem('account-exists');
    }
    const [own] = await findAccount.run({ id }, tx);
    if (!own) throw problem('not-signed-in');
    // Two at once wait for each other here: the last use is one.
    if ((await useLink.run({ id: link.link, now }, tx)).length === 0) throw problem('link-ended');
    const [firm, person] = [link.firmId, newId()];
    const startedOn = dateIn(link.zone, now);
    await takeIn(tx, firm, { id: person, name: own.name, email: own.email, zone: link.zone, startedOn }, link.given);
    await setGuide.run({ person, shown: true }, tx);
    if (link.teamId) await addToTeam.run({ firm, id: link.teamId, people: [person] }, tx);
    const [answer] = await awaitMember.run({ account: id, firm, person }, tx);
    if (!answer!.joined) throw problem('already-member');
    const context = await enterFirm(tx, link.slug, id, { now, requestId, source: 'web', unconfirmed: true });
    await audit(context, 'firm joined', [{ kind: 'person', id: person, after: { name: own.name, role: namesOf(link.given) } }]);
    return { account: id, slug: link.slug };
  });
}

/**
 * Says that somebody who came by a link is who they say.
 * @throws the problems `person-unknown`, `nothing-to-confirm`, `role-not-yours`
 */
export async function confirmPerson(context: Context, person: string): Promise<null> {
  const known = await heldPerson(context, person);
  refuseForeign(context, rightsHeld(known));
  const [answer] = await confirmMember.run({ firm: context.firm.id, person }, context.tx);
  if (!answer!.confirmed) throw problem('nothing-to-confirm');
  await audit(context, 'person confirmed', [{ kind: 'person', id: person, after: { name: known.name } }]);
  return null;
}
