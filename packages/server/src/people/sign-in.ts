import { hash, verify } from '@node-rs/argon2';
import { findAccountByEmail } from '../generated/people/sign-in.queries';
import { Database } from '../platform/database';
import { problem } from '../platform/problem';

/** argon2id as OWASP's cheat sheet gives it: 19 MiB, two passes, one lane. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The hash that is stored of a password. */
export function hashPassword(password: string): Promise<string> {
  return hash(password, ARGON);
}

// Unknown addresses cost as much time as known ones, so that nobody can find out who has an account.
const nobody = hashPassword('no account has this password');

/** The account that an e-mail address and a password belong to. @throws the problem `sign-in-refused` */
export async function signIn(database: Database, email: string, password: string): Promise<string> {
  const [account] = await findAccountByEmail.run({ email }, database);
  const matches = await verify(account?.passwordHash ?? (await nobody), password).catch(() => false);
  if (!account || !matches) throw problem('sign-in-refused');
  return account.id;
}
