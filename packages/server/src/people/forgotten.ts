import { resetPassword as reset } from '../generated/people/forgotten.queries';
import { Clock } from '../platform/clock';
import { Database, WRITE, transaction } from '../platform/database';
import { problem } from '../platform/problem';
import { refuseWeak } from './password-strength';
import { post } from './post';
import { tokenHash } from './send-mail';
import { hashPassword } from './sign-in';

/** Sends a link to a new password, where the address has an account; nobody learns here whether it has. */
export function forgotPassword(database: Database, clock: Clock, email: string): Promise<void> {
  return transaction(database, WRITE, (tx) => post(tx, { kind: 'password-reset', recipient: email.trim() }, clock.now()));
}

/**
 * Sets a new password by the token of a message, once; all sessions of the account end, and its address is told.
 * @returns the address of the account
 * @throws the problems `password-weak`, and `link-ended` for a token that is none, was used or has expired
 */
export async function resetPassword(database: Database, clock: Clock, token: string, password: string): Promise<string> {
  refuseWeak(password, []);
  const hash = await hashPassword(password);
  return transaction(database, WRITE, async (tx) => {
    const [done] = await reset.run({ hash: tokenHash(token), password: hash, now: clock.now() }, tx);
    if (!done?.email) throw problem('link-ended');
    await post(tx, { kind: 'password-changed', recipient: done.email }, clock.now());
    return done.email;
  });
}
