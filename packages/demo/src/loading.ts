import { AS_THE_FIRM, Context, Tx, UNSETTLED } from '@yellowwood/server';
import { PEOPLE } from './firm';
import { ZONE } from './plan';
import { Seed } from './seed';

export const SLUG = 'quillfeather';
export const FIRM = 'Quillfeather Conservation';

/** What the loading of the demo firm has made, by name. */
export interface Made {
  readonly firmId: string;
  readonly people: Map<string, string>;
  readonly clients: Map<string, string>;
  readonly projects: Map<string, string>;
  readonly tasks: Map<string, string>;
  readonly services: Map<string, string>;
  readonly positions: Map<string, string>;
}

export interface Loading {
  readonly tx: Tx;
  readonly seed: Seed;
  readonly now: string;
  readonly today: string;
  /** First Monday of the history. */
  readonly start: string;
  readonly made: Made;
}

export const rateOf = (major: number) => Math.round(major * 10_000);
export const minorOf = (major: number) => Math.round(major * 100);

export async function insert(tx: Tx, table: string, rows: readonly Record<string, unknown>[]): Promise<void> {
  if (rows.length === 0) return;
  const columns = Object.keys(rows[0]!);
  for (let index = 0; index < rows.length; index += 5000) {
    await tx.query(
      `insert into "${table}" (${columns.join(', ')}) select ${columns.join(', ')} from jsonb_populate_recordset(null::"${table}", $1)`,
      [JSON.stringify(rows.slice(index, index + 5000))],
    );
  }
}

/** The context of a use case that somebody of the firm did at some moment. */
export function contextOf({ tx, made }: Loading, name: string, now: string): Context {
  const person = PEOPLE.find((one) => one.name === name)!;
  return {
    tx,
    firm: {
      id: made.firmId,
      slug: SLUG,
      name: FIRM,
      currency: 'GBP',
      country: 'GB',
      zone: ZONE,
      ...UNSETTLED,
      dayMaximum: 36_000,
      weekMaximum: 172_800,
      gapTolerance: 900,
    },
    actor: {
      accountId: null,
      personId: made.people.get(name)!,
      version: 1,
      name,
      zone: ZONE,
      recording: AS_THE_FIRM,
      positionName: person.position,
      roles: ['owner'],
      ownRoles: [],
      rights: FULL,
    },
    now,
    requestId: 'demo',
    source: 'demo',
  };
}

const FULL = {
  'time.read': 'firm',
  'time.review': 'firm',
  'invoices.read': 'firm',
  'invoices.issue': 'firm',
  'values.read': 'firm',
  'payments.record': 'firm',
  'work.read': 'firm',
} as const;
