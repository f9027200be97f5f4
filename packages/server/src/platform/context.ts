import {
  Held,
  InstantText,
  PeriodRule,
  Permission,
  Reach,
  Rights,
  Role,
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
  /** Whether submitted time waits for a decision. */
  readonly review: boolean;
  /** The firm's periods of submission. */
  readonly period: PeriodRule;
}

/** Who asks. */
export interface Actor {
  readonly accountId: string | null;
  readonly personId: string;
  readonly version: number;
  readonly name: string;
  readonly zone: string;
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
 *   `second-factor-needed` where the firm asks it of those who see money
 */
export async function enterFirm(
  tx: Tx,
  slug: string,
  accountId: string,
  rest: Pick<Context, 'now' | 'requestId' | 'source'>,
): Promise<Context> {
  const found = await tx.query<EnteredRow>('select * from enter_firm($1, $2, $3)', [slug, accountId, rest.now.slice(0, 10)]);
  const row = found.rows[0];
  if (!row) throw problem('firm-unknown');
  const held = heldOf({ roles: row.roles, ownRoles: row.own_roles, exceptions: row.exceptions });
  const rights = rightsHeld(held);
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
      period: {
        kind: row.period_kind as PeriodRule['kind'],
        weekStart: row.week_start,
        days: row.period_days,
        anchor: row.period_anchor,
      },
    },
    actor: {
      accountId,
      personId: row.person_id,
      version: row.person_version,
      name: row.person_name,
      zone: row.person_zone,
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
  period_kind: string;
  week_start: number;
  period_days: number;
  period_anchor: string;
  factor_for_money: boolean;
  has_factor: boolean;
  person_id: string;
  person_version: number;
  person_name: string;
  person_zone: string;
  position_name: string | null;
  roles: string[];
  own_roles: unknown;
  exceptions: unknown;
}
