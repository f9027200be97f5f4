import { verify } from '@node-rs/argon2';
import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { makeAccount, signUpOf, writeSignUp } from '../generated/people/sign-up.queries';
import { Clock } from '../platform/clock';
import { Database, WRITE, transaction } from '../platform/database';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { post } from './post';
import { refuseWeak } from './password-strength';
import { tokenHash } from './send-mail';
import { hashPassword } from './sign-in';
import { consentsTo } from './texts';

/**
 * Keeps the wish for an account until the link of a message is followed. Where the address has an account, its message says so;
 * here nobody learns it, and it takes the same time.
 * @returns what the browser that asked is known by
 */
export async function signUp(database: Database, clock: Clock, wish: BodyOf<Endpoints['signUp']>): Promise<string> {
  const consents = consentsTo(wish.consents);
  const [email, name] = [wish.email.trim(), wish.name.trim()];
  refuseWeak(wish.password, [name, email]);
  const [id, hash] = [newId(), await hashPassword(wish.password)];
  await transaction(database, WRITE, async (tx) => {
    await writeSignUp.run({ id, email, name, hash, consents: json(consents), now: clock.now() }, tx);
    await post(tx, { kind: 'sign-up', recipient: email, about: id }, clock.now());
  });
  return id;
}

/**
 * Makes the account of a sign-up, once. Only who asked for it can, so that nobody makes somebody else open an account whose
 * password he knows: the same browser, or the password.
 * @param asked the sign-up of this browser
 * @throws the problem `link-ended` for a token that is none, was used or has expired; `password-needed`
 */
export async function verifyAddress(
  database: Database,
  clock: Clock,
  { token, password }: BodyOf<Endpoints['verifyAddress']>,
  asked: string | undefined,
): Promise<string> {
  const [hash, now] = [tokenHash(token), clock.now()];
  const [wish] = await signUpOf.run({ hash, now }, database);
  if (!wish) throw problem('link-ended');
  const same = asked === wish.id || (password !== undefined && (await verify(wish.passwordHash, password)));
  if (!same) throw problem('password-needed');
  const [made] = await makeAccount.run({ hash, account: newId(), now }, database);
  if (!made?.account) throw problem('link-ended');
  return made.account;
}
