import { createHash, randomBytes } from 'node:crypto';
import { keepToken, mailToSend, noteMailSent } from '../generated/people/send-mail.queries';
import { Clock } from '../platform/clock';
import { Database } from '../platform/database';
import { Letter, Mailer } from '../platform/mailer';
import {
  accountThere,
  addressChanged,
  addressNotFree,
  addressToVerify,
  factorEnded,
  factorSet,
  invitation,
  newAddress,
  passwordChanged,
  passwordReset,
} from './letters';

const HOUR = 3600 * 1000;

/** What is stored of a token. */
export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('base64url');
}

/** What sending needs. */
export interface Post {
  readonly database: Database;
  readonly clock: Clock;
  readonly mailer: Mailer;
  /** Where the page is, as its readers reach it, without a slash at the end. */
  readonly site: string;
}

/** What is known of a message when it is sent. */
interface Mail {
  readonly id: string;
  readonly accountId: string | null;
  readonly name: string;
  readonly firm: string | null;
  readonly sender: string | null;
}

/** Makes the token of a message and keeps its hash. */
async function linkOf({ database, clock, site }: Post, mail: Mail, page: string, lives: number): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const expires = new Date(Date.parse(clock.now()) + lives).toISOString();
  // A token of an account is for what it has already; all others are for what they are about.
  const account = page === 'reset' ? mail.accountId : null;
  await keepToken.run({ hash: tokenHash(token), account, mail: mail.id, expires }, database);
  // Behind the #, which no browser sends and no server logs.
  return `${site}/${page}#${token}`;
}

/** What each kind of message says. A token is made here, at sending, and only its hash is kept. None where nobody is meant. */
const LETTERS: Readonly<Record<string, (post: Post, mail: Mail) => Promise<Letter | null> | Letter | null>> = {
  'password-reset': async (post, mail) =>
    mail.accountId ? passwordReset(mail.name, await linkOf(post, mail, 'reset', HOUR)) : null,
  'password-changed': ({ site }, mail) => (mail.accountId ? passwordChanged(mail.name, site) : null),
  'sign-up': async (post, mail) =>
    mail.accountId ? accountThere(mail.name, post.site) : addressToVerify(await linkOf(post, mail, 'verify', 24 * HOUR)),
  'address-change': async (post, mail) =>
    mail.accountId ? addressNotFree(post.site) : newAddress(mail.name, await linkOf(post, mail, 'address', 24 * HOUR)),
  'address-changed': (_, mail) => addressChanged(mail.name),
  'second-factor-set': ({ site }, mail) => (mail.accountId ? factorSet(mail.name, site) : null),
  'second-factor-ended': ({ site }, mail) => (mail.accountId ? factorEnded(mail.name, site) : null),
  invitation: async (post, mail) =>
    invitation(mail.name, mail.sender!, mail.firm!, await linkOf(post, mail, 'join', 7 * 24 * HOUR)),
};

/**
 * Sends a message that was caused, once: one that is sent already is not sent again, and one that is sent again because
 * nobody knows whether it went out has the same id. Where it is for nobody, to an address without an account, nothing goes.
 * @throws what the mail server said; the job is then tried again
 */
export async function sendMail(post: Post, id: string): Promise<void> {
  const [mail] = await mailToSend.run({ id }, post.database);
  if (!mail || mail.sentAt) return;
  const { accountId, name, firm, sender } = mail;
  const letter = name === null ? null : await LETTERS[mail.kind]!(post, { id, accountId, name, firm, sender });
  if (letter) await post.mailer.send(mail.recipient, id, letter);
  await noteMailSent.run({ id, now: post.clock.now() }, post.database);
}
