import { randomBytes } from 'node:crypto';
import type { NewSecret, RecoveryCodes, SecondFactor } from '@yellowwood/contracts';
import { Secret, TOTP } from 'otpauth';
import { create as codeToScan } from 'qrcode';
import {
  beginFactor,
  endFactor,
  keepRecoveryCodes,
  secondFactorOf,
  takeCode,
  takeRecoveryCode,
} from '../generated/people/second-factor.queries';
import { endOtherSessions } from '../generated/people/routes.queries';
import { Clock } from '../platform/clock';
import { Database, Tx, WRITE, transaction } from '../platform/database';
import { problem } from '../platform/problem';
import { post } from './post';
import { tokenHash } from './send-mail';

/** Seconds that a code stands on the device, and how many before and after it are taken: RFC 6238, 5.2 and 6. */
const PERIOD = 30;
const WINDOW = 1;

const RECOVERY = { count: 10, bytes: 10 } as const;

const totp = (secret: Secret, label = '') => new TOTP({ issuer: 'Yellowwood', label, secret, period: PERIOD });

/** The step of time whose code this is, at most one away from now; null where it is none (RFC 6238). @param secret base32 */
export function stepOf(secret: string, code: string, now: string): number | null {
  const timestamp = Date.parse(now);
  const delta = totp(Secret.fromBase32(secret)).validate({ token: code.replace(/\s/g, ''), timestamp, window: WINDOW });
  return delta === null ? null : Math.floor(timestamp / 1000 / PERIOD) + delta;
}

// Signs that look alike do not come in base32; letters of either case, with or without dashes. The account is the salt.
const recoveryHash = (account: string, code: string) =>
  tokenHash(`recovery ${account} ${code.replace(/[\s-]/g, '').toUpperCase()}`);

function newCode(): string {
  const text = new Secret({ buffer: Uint8Array.from(randomBytes(RECOVERY.bytes)).buffer }).base32;
  return text.match(/.{4}/g)!.join('-').toLowerCase();
}

async function keepNewCodes(tx: Tx, account: string): Promise<RecoveryCodes> {
  const codes = Array.from({ length: RECOVERY.count }, newCode);
  await keepRecoveryCodes.run({ account, hashes: codes.map((code) => recoveryHash(account, code)) }, tx);
  return { codes };
}

/** Whether an account has a second factor that counts. */
export async function readSecondFactor(database: Database | Tx, account: string): Promise<SecondFactor> {
  const [factor] = await secondFactorOf.run({ account }, database);
  return { set: factor?.confirmed ?? false, codes: factor?.codes ?? 0 };
}

/**
 * Takes a code of the device, or a recovery code; each once. Where there is no second factor, none is needed.
 * @throws the problems `code-needed` where none is given, `code-wrong`
 */
export async function refuseWithoutCode(database: Database | Tx, account: string, code: string | undefined, now: string) {
  const [factor] = await secondFactorOf.run({ account }, database);
  if (!factor?.confirmed) return;
  if (code === undefined) throw problem('code-needed');
  const step = stepOf(factor.secret, code, now);
  const [row] =
    step === null
      ? await takeRecoveryCode.run({ account, hash: recoveryHash(account, code) }, database)
      : await takeCode.run({ account, step, now }, database);
  if (!row!.taken) throw problem('code-wrong');
}

/** A new secret, which counts once a code of it was typed. @throws the problem `second-factor-set` */
export async function beginSecondFactor(database: Database, account: { id: string; email: string }): Promise<NewSecret> {
  // Twenty bytes, as RFC 4226 advises (4, R6).
  const secret = new Secret({ size: 20 });
  const [row] = await beginFactor.run({ account: account.id, secret: secret.base32 }, database);
  if (!row!.begun) throw problem('second-factor-set');
  const uri = totp(secret, account.email).toString();
  const { size, data } = codeToScan(uri, { errorCorrectionLevel: 'M' }).modules;
  const dark = [...data.keys()].filter((index) => data[index]);
  const path = dark.map((index) => `M${index % size} ${Math.floor(index / size)}h1v1h-1z`).join('');
  return { secret: secret.base32, uri, picture: { size, path } };
}

/**
 * From now on the account signs in with a second factor; other sessions end, and it is told so by a message.
 * @param keep the session that stays
 * @returns codes for whoever loses the device, told this once
 * @throws the problems `code-wrong`, `second-factor-set`
 */
export function confirmSecondFactor(
  database: Database,
  clock: Clock,
  account: { id: string; email: string },
  code: string,
  keep: string,
): Promise<RecoveryCodes> {
  const now = clock.now();
  return transaction(database, WRITE, async (tx) => {
    const [factor] = await secondFactorOf.run({ account: account.id }, tx);
    if (factor?.confirmed) throw problem('second-factor-set');
    const step = factor ? stepOf(factor.secret, code, now) : null;
    const [row] = step === null ? [] : await takeCode.run({ account: account.id, step, now }, tx);
    if (!row?.taken) throw problem('code-wrong');
    await endOtherSessions.run({ account: account.id, but: keep }, tx);
    await post(tx, { kind: 'second-factor-set', recipient: account.email }, now);
    return keepNewCodes(tx, account.id);
  });
}

/** New recovery codes in place of the old ones. @throws the problem `code-wrong` */
export function renewRecoveryCodes(database: Database, clock: Clock, account: string, code: string): Promise<RecoveryCodes> {
  return transaction(database, WRITE, async (tx) => {
    if (!(await readSecondFactor(tx, account)).set) throw problem('code-wrong');
    await refuseWithoutCode(tx, account, code, clock.now());
    return keepNewCodes(tx, account);
  });
}

/** The account signs in with its password alone again, and is told so by a message. @throws the problem `code-wrong` */
export async function endSecondFactor(database: Database, clock: Clock, account: { id: string; email: string }, code: string) {
  const now = clock.now();
  await transaction(database, WRITE, async (tx) => {
    if (!(await readSecondFactor(tx, account.id)).set) throw problem('code-wrong');
    await refuseWithoutCode(tx, account.id, code, now);
    await endFactor.run({ account: account.id }, tx);
    await post(tx, { kind: 'second-factor-ended', recipient: account.email }, now);
  });
}
