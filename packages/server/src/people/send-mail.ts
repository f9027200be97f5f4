import { createHash, randomBytes } from 'node:crypto';
import { keepToken, mailToSend, noteMailSent } from '../generated/people/send-mail.queries';
import { Clock } from '../platform/clock';
import { Database } from '../platform/database';
import { Letter, Mailer } from '../platform/mailer';
import { passwordChanged, passwordReset } from './letters';

/** How long a link to a new password works, milliseconds. */
const RESET_LIVES = 3600 * 1000;

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

interface Reader {
  readonly accountId: string;
  readonly name: string;
}

/** What each kind of message says. A token is made here, at sending, and only its hash is kept. */
const LETTERS: Readonly<Record<string, (post: Post, mail: string, reader: Reader) => Promise<Letter>>> = {
  'password-reset': async ({ database, clock, site }, mail, { accountId, name }) => {
    const token = randomBytes(32).toString('base64url');
    const expires = new Date(Date.parse(clock.now()) + RESET_LIVES).toISOString();
    await keepToken.run({ hash: tokenHash(token), kind: 'password-reset', account: accountId, mail, expires }, database);
    // Behind the #, which no browser sends and no server logs.
    return passwordReset(name, `${site}/reset#${token}`);
  },
  'password-changed': async ({ site }, _mail, { name }) => passwordChanged(name, site),
};

/**
 * Sends a message that was caused, once: one that is sent already is not sent again, and one that is sent again because
 * nobody knows whether it went out has the same id. To an address without an account nothing goes.
 * @throws what the mail server said; the job is then tried again
 */
export async function sendMail(post: Post, id: string): Promise<void> {
  const [mail] = await mailToSend.run({ id }, post.database);
  if (!mail || mail.sentAt) return;
  if (mail.accountId && mail.name) {
    const letter = await LETTERS[mail.kind]!(post, id, { accountId: mail.accountId, name: mail.name });
    await post.mailer.send(mail.recipient, id, letter);
  }
  await noteMailSent.run({ id, now: post.clock.now() }, post.database);
}
