import { submissionPeriod } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { lockProjectRows, lockSheets, makeSheets, rulesNow } from '../generated/ledger/locks.queries';
import { Context } from '../platform/context';
import { StartOver } from '../platform/database';
import { json } from '../platform/json';
import { problem } from '../platform/problem';

/**
 * The one order in which everything is locked. Whoever locks two kinds of things locks them in this order,
 * and things of one kind by their ids: then no two transactions can wait for each other. A step back is a
 * fault of the program and fails at once, so that tests find it.
 */
const ORDER = ['rules', 'projects', 'timesheets', 'timers', 'entries', 'invoices', 'series'] as const;
export type Lockable = (typeof ORDER)[number];

/** What holds for as long as the rules are held. */
interface RulesNow {
  readonly lockedUntil: string | null;
}

/** What a transaction holds already: asking for it again is nothing. */
interface Held {
  highest: number;
  /** What the rules say that was read before they were held. */
  rules: Promise<RulesNow> | null;
  readonly sheets: Map<string, HeldSheet>;
}
const held = new WeakMap<Context, Held>();

function heldBy(context: Context): Held {
  const found = held.get(context) ?? { highest: -1, rules: null, sheets: new Map<string, HeldSheet>() };
  held.set(context, found);
  return found;
}

/** Says what is about to be locked. @throws Error when something that comes later is locked already */
export function locking(context: Context, what: Lockable): void {
  const mine = heldBy(context);
  const rank = ORDER.indexOf(what);
  if (rank < mine.highest) throw new Error(`locks out of order: ${what} after ${ORDER[mine.highest]}`);
  mine.highest = rank;
}

/**
 * Holds the firm's rules: shared by whoever records or bills, so that no rate, agreement or tax changes
 * meanwhile; exclusive for whoever changes one. Where the periods were changed since the request began, it begins anew.
 */
export function holdRules(context: Context, how: 'shared' | 'exclusive' = 'shared'): Promise<RulesNow> {
  const mine = heldBy(context);
  if (mine.rules) return mine.rules;
  locking(context, 'rules');
  return (mine.rules = heldRules(context, how));
}

async function heldRules({ tx, firm }: Context, how: 'shared' | 'exclusive'): Promise<RulesNow> {
  const lock = how === 'shared' ? 'pg_advisory_xact_lock_shared' : 'pg_advisory_xact_lock';
  await tx.query(`select ${lock}(hashtextextended('rules ' || $1, 0))`, [firm.id]);
  const [now] = await rulesNow.run(undefined, tx);
  const text = (day: unknown) => (day === null ? null : String(day));
  if (text(now!.periodFrom) !== (firm.period.from ?? null)) throw new StartOver();
  return { lockedUntil: text(now!.lockedUntil) };
}

/** Holds projects, and with them what has used their limits. */
export async function lockProjects(context: Context, ids: Iterable<string>): Promise<void> {
  locking(context, 'projects');
  await lockProjectRows.run({ ids: [...new Set(ids)] }, context.tx);
}

/** A timesheet that is held. */
export interface HeldSheet {
  readonly id: string;
  readonly personId: string;
  readonly from: string;
  readonly to: string;
  readonly state: 'open' | 'submitted';
  readonly version: number;
}

/**
 * Holds the timesheets of some days, making those that are not there yet: one writer at a time for what a
 * person records in a period.
 */
export async function lockTimesheets(
  context: Context,
  days: Iterable<{ readonly personId: string; readonly date: string }>,
): Promise<HeldSheet[]> {
  await holdRules(context);
  const mine = heldBy(context).sheets;
  const wanted = new Map<string, { id: string; personId: string; from: string; to: string }>();
  for (const { personId, date } of days) {
    const { from, to } = submissionPeriod(date, context.firm.period);
    wanted.set(`${personId} ${from}`, { id: newId(), personId, from, to });
  }
  const missing = [...wanted].filter(([key]) => !mine.has(key)).map(([, sheet]) => sheet);
  if (missing.length > 0) {
    locking(context, 'timesheets');
    const sheets = json(missing);
    let found = await lockSheets.run({ sheets }, context.tx);
    if (found.length < missing.length) {
      await makeSheets.run({ firm: context.firm.id, sheets }, context.tx);
      found = await lockSheets.run({ sheets }, context.tx);
      // A sheet of another length lies across: the firm's periods were changed.
      if (found.length < missing.length) throw problem('request-conflicts');
    }
    for (const sheet of found)
      mine.set(`${sheet.personId} ${sheet.from}`, { ...sheet, state: sheet.state as HeldSheet['state'] });
  }
  return [...wanted.keys()].map((key) => mine.get(key)!);
}

/** Holds what one person's timers are, also while they have none. */
export async function lockTimers(context: Context, personId: string): Promise<void> {
  locking(context, 'timers');
  await context.tx.query(`select pg_advisory_xact_lock(hashtextextended('timers ' || $1 || $2, 0))`, [context.firm.id, personId]);
}
