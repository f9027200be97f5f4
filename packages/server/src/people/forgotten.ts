import { v7 } from 'uuid';
import { resetPassword as reset, writeMail } from '../generated/people/forgotten.queries';
import { Clock } from '../platform/clock';
import { Database, Tx, WRITE, transaction } from '../platform/database';
import { leaveJob } from '../platform/jobs';
import { problem } from '../platform/problem';
import { tokenHash } from './send-mail';
import { hashPassword } from './sign-in';

/** Writes a message to somebody, to be sent once what caused it is committed. */
export async function post(tx: Tx, kind: 'password-reset' | 'password-changed', recipient: string, now: string): Promise<void> {
  const id = v7();
  await writeMail.run({ id, kind, recipient, now }, tx);
  await leaveJob(tx, 'mail', { id });
}

/** Sends a link to a new password, where the address has an account; nobody learns here whether it has. */
export function forgotPassword(database: Database, clock: Clock, email: string): Promise<void> {
  return transaction(database, WRITE, (tx) => post(tx, 'password-reset', email.trim(), clock.now()));
}

/**
 * Sets a new password by the token of a message, once; all sessions of the account end, and its address is told.
 * @returns the address of the account
 * @throws the problem `link-ended` for a token that is none, was used or has expired
 */
export async function resetPassword(database: Database, clock: Clock, token: string, password: string): Promise<string> {
  const hash = await hashPassword(password);
  return transaction(database, WRITE, async (tx) => {
    const [done] = await reset.run({ hash: tokenHash(token), password: hash, now: clock.now() }, tx);
    if (!done?.email) throw problem('link-ended');
    await post(tx, 'password-changed', done.email, clock.now());
    return done.email;
  });
}
