import type { Forms } from '@yellowwood/contracts';
import {
  Held,
  InstantText,
  PeriodRule,
  Permission,
  Reach,
  Rights,
  Role,
  RECORD_WAYS,
  WEEKS,
  RecordWay,
  dateIn,
  narrowest,
  rightsHeld,
  seesMoney,
} from '@yellowwood/core';
import { Tx } from './database';
import { problem } from './problem';

/** The firm of a request, as far as every use case may need it. */
export interface FirmFacts {
  readonly id: string;
  readonly slug: string;
  readonly name: string;
  readonly currency: string;
  readonly country: string;
  readonly zone: string;
  readonly dayMaximum: number;
  readonly weekMaximum: number;
  readonly gapTolerance: number;
  /** Nothing of this day or an earlier one is recorded, changed, submitted or decided on. */
  readonly lockedUntil: string | null;
  /** How people record, where nothing else is said of them. */
  readonly ways: readonly RecordWay[];
  /** Whether submitted time waits for a decision. */
  readonly review: boolean;
  /** The firm's periods of submission. */
  readonly period: PeriodRule;
  readonly forms: Forms;
}

/** How one person records and how much at most, where that is not as the firm has it. */
export interface PersonRecording {
  readonly ways: readonly RecordWay[] | null;
  readonly dayMaximum: number | null;
  readonly weekMaximum: number | null;
}

/** How a person records and how much at most: as is said of them, else as the firm has it. */
export function recordingOf(firm: FirmFacts, own: PersonRecording) {
  return {
    ways: own.ways ?? firm.ways,
    dayMaximum: own.dayMaximum ?? firm.dayMaximum,
    weekMaximum: own.weekMaximum ?? firm.weekMaximum,
  };
}

/** Of somebody of whom nothing else is said. */
export const AS_THE_FIRM: PersonRecording = { ways: null, dayMaximum: null, weekMaximum: null };

/** A firm that has settled nothing, for use cases that no request begins. */
export const UNSETTLED = {
  dayMaximum: 0,
  weekMaximum: 0,
  gapTolerance: 0,
  lockedUntil: null,
  ways: RECORD_WAYS,
  review: true,
  period: WEEKS,
  forms: { dates: null, clock: null, numbers: null },
} as const satisfies Partial<FirmFacts>;

/** Who asks. */
export interface Actor {
  readonly accountId: string | null;
  readonly personId: string;
  readonly version: number;
  readonly name: string;
  readonly zone: string;
  readonly recording: PersonRecording;
  readonly positionName: string | null;
  readonly roles: readonly Role[];
  /** The firm's own roles that they have, by name. */
  readonly ownRoles: readonly string[];
  readonly rights: Rights;
}

/** Everything that a use case works with: one transaction, one firm, one person, one moment. */
export interface Context {
  readonly tx: Tx;
  readonly firm: FirmFacts;
  readonly actor: Actor;
  readonly now: InstantText;
  readonly requestId: string;
  readonly source: 'web' | 'demo' | 'test';
}

/** What somebody was given, as the database keeps it. */
export function heldOf(row: {
  readonly roles: readonly string[];
  readonly ownRoles: unknown;
  readonly exceptions: unknown;
}): Held {
  return {
    roles: row.roles as Role[],
    ownRoles: row.ownRoles as Held['ownRoles'],
    exceptions: row.exceptions as Held['exceptions'],
  };
}

/** Today where the person is. */
export function today(context: Context): string {
  return dateIn(context.actor.zone, context.now);
}

/** The reach of a right. @throws the problem `right-missing` */
export function reachOf(context: Context, permission: Permission): Reach {
  const reach = context.actor.rights[permission];
  if (!reach) throw problem('right-missing');
  return reach;
}

/** How far several rights are held together; undefined where one of them is missing. */
export function jointReach({ actor }: Context, ...permissions: readonly Permission[]): Reach | undefined {
  return permissions.map((permission) => actor.rights[permission]).reduce(narrowest);
}

/** Whether the person has a right at all. */
export function may(context: Context, permission: Permission): boolean {
  return context.actor.rights[permission] !== undefined;
}

/**
 * Opens a firm for the rest of the transaction: from here on row-level security shows this firm alone.
 * @throws the problems `firm-unknown`, also when the firm exists and the account does not belong to it, and
 *   `second-factor-needed` where the firm asks it of those who see money, `not-confirmed` for who has just come by a link
 */
export async function enterFirm(
  tx: Tx,
  slug: string,
  accountId: string,
  { unconfirmed = false, ...rest }: Pick<Context, 'now' | 'requestId' | 'source'> & { readonly unconfirmed?: boolean },
): Promise<Context> {
  const found = await tx.query<EnteredRow>('select * from enter_firm($1, $2, $3)', [slug, accountId, rest.now.slice(0, 10)]);
  const row = found.rows[0];
  if (!row) throw problem('firm-unknown');
  const held = heldOf({ roles: row.roles, ownRoles: row.own_roles, exceptions: row.exceptions });
  const rights = rightsHeld(held);
  if (!row.confirmed && !unconfirmed) throw problem('not-confirmed', { firm: row.name });
  if (row.factor_for_money && !row.has_factor && seesMoney(rights)) throw problem('second-factor-needed');
  return {
    ...rest,
    tx,
    firm: {
      id: row.firm_id,
      slug,
      name: row.name,
      currency: row.currency,
      country: row.country,
      zone: row.zone,
      dayMaximum: row.day_maximum,
      weekMaximum: row.week_maximum,
      gapTolerance: row.gap_tolerance,
      lockedUntil: row.locked_until,
      review: row.review,
      ways: row.record_ways,
      period: row.period,
      forms: row.forms,
    },
    actor: {
      accountId,
      personId: row.person_id,
      version: row.person_version,
      name: row.person_name,
      zone: row.person_zone,
      recording: { ways: row.person_ways, dayMaximum: row.person_day_maximum, weekMaximum: row.person_week_maximum },
      positionName: row.position_name,
      roles: held.roles,
      ownRoles: held.ownRoles.map(({ name }) => name),
      rights,
    },
  };
}

interface EnteredRow {
  firm_id: string;
  name: string;
  currency: string;
  country: string;
  zone: string;
  day_maximum: number;
  week_maximum: number;
  gap_tolerance: number;
  locked_until: string | null;
  review: boolean;
  record_ways: RecordWay[];
  period: PeriodRule;
  forms: Forms;
  factor_for_money: boolean;
  has_factor: boolean;
  confirmed: boolean;
  person_id: string;
  person_version: number;
  person_name: string;
  person_zone: string;
  person_ways: RecordWay[] | null;
  person_day_maximum: number | null;
  person_week_maximum: number | null;
  position_name: string | null;
  roles: string[];
  own_roles: unknown;
  exceptions: unknown;
}
