import { createHash, createHmac, timingSafeEqual } from 'node:crypto';
import { forgetSignInFailures, noteSignInFailure, signInFailures } from '../generated/people/sign-in-throttle.queries';
import { Database, Tx } from '../platform/database';
import { problem } from '../platform/problem';

/** Who tries something that strangers may try, and from where. */
export interface Attempt {
  /** Signing in, causing a message, using the link of one, founding a firm, inviting; each is counted by itself. */
  readonly to: 'sign-in' | 'mail' | 'link' | 'found' | 'invite';
  readonly email: string;
  readonly address: string;
  /** Whether this browser has signed in to the account before. */
  readonly known: boolean;
  readonly now: string;
}

interface Limit {
  readonly subject: string;
  /** Failures that cost nothing. */
  readonly free: number;
}

const FORGOTTEN_AFTER = 24 * 3600 * 1000;
const LONGEST = 15 * 60;

// Nothing that is stored says who it was.
const digest = (text: string) => createHash('sha256').update(text).digest('base64url');

/**
 * What an attempt is counted under. A browser that has signed in before is counted by itself and is not held
 * up by what strangers do; everybody else is counted by account from one address, by account from anywhere
 * (so that a hundred addresses guess no faster than a few), and by address over all accounts.
 */
function limitsOf({ to, email, address, known }: Attempt, free: number): Limit[] {
  // A link says nothing of whose it is until it is used.
  if (to === 'link') return [{ subject: digest(`link ${address}`), free: 6 * free }];
  if (to === 'found' || to === 'invite') return [{ subject: digest(`${to} ${email.trim().toLowerCase()}`), free: 2 * free }];
  const account = `${to === 'mail' ? 'mail ' : ''}${email.trim().toLowerCase()}`;
  if (known) return [{ subject: digest(`known ${account} ${address}`), free: 2 * free }];
  return [
    { subject: digest(`pair ${account} ${address}`), free },
    { subject: digest(`account ${account}`), free: 4 * free },
    { subject: digest(`${to === 'mail' ? 'mail ' : ''}address ${address}`), free: 6 * free },
  ];
}

/** Seconds to wait after so many failures: two, four, eight, up to a quarter of an hour. */
export function waitAfter(failures: number, free: number): number {
  return failures < free ? 0 : Math.min(LONGEST, 2 ** (failures - free + 1));
}

/** @throws the problem `too-many-attempts` with the seconds to wait */
export async function refuseTooMany(database: Database | Tx, attempt: Attempt, free: number): Promise<void> {
  const limits = limitsOf(attempt, free);
  const rows = await signInFailures.run({ subjects: limits.map((limit) => limit.subject) }, database);
  const waits = rows.map((row) => {
    const limit = limits.find((one) => one.subject === row.subject)!;
    // A clock that was set back makes nobody wait longer than the rule says.
    const passed = Math.max(0, Date.parse(attempt.now) - Date.parse(row.lastAt));
    return passed > FORGOTTEN_AFTER ? 0 : waitAfter(row.count, limit.free) - passed / 1000;
  });
  const left = Math.ceil(Math.max(0, ...waits));
  if (left > 0) throw problem('too-many-attempts', { seconds: left });
}

/** Counts a failed attempt. */
export async function noteFailure(database: Database | Tx, attempt: Attempt, free: number): Promise<void> {
  const subjects = limitsOf(attempt, free).map((limit) => limit.subject);
  const forgotten = new Date(Date.parse(attempt.now) - FORGOTTEN_AFTER).toISOString();
  await noteSignInFailure.run({ subjects, now: attempt.now, forgotten }, database);
}

/** Forgets the failures of the one who has signed in; those of the address over all accounts stay. */
export async function forgetFailures(database: Database, attempt: Attempt, free: number): Promise<void> {
  const own = limitsOf(attempt, free).slice(0, 1);
  await forgetSignInFailures.run({ subjects: own.map((limit) => limit.subject) }, database);
}

/** What a browser keeps to be known again by: signed, and worthless for another account. */
export function knownMark(email: string, secret: string): string {
  return createHmac('sha256', secret).update(`known ${email.trim().toLowerCase()}`).digest('base64url');
}

/** Whether a browser brings the mark of this account. */
export function isKnown(mark: string | undefined, email: string, secret: string): boolean {
  const [given, wanted] = [Buffer.from(mark ?? ''), Buffer.from(knownMark(email, secret))];
  return given.length === wanted.length && timingSafeEqual(given, wanted);
}
