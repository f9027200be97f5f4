import { Static, Type } from 'typebox';
import {
  Amount,
  Currency,
  Day,
  FirmAndId,
  Id,
  LARGEST,
  RateField,
  Reason,
  endpoint,
  nullable,
  optional,
  strict,
} from '../../platform/fields';
import { Terms } from '../terms/terms';

/** What is agreed of a project with its client, from a day on. */
export const AgreedTerms = strict({
  method: Type.String({ enum: ['time and materials', 'not billable'] }),
  currency: Currency,
  limit: nullable(Type.Integer({ minimum: 0, maximum: LARGEST, description: 'minor units, net of tax; null for none' })),
  ...Terms.properties,
});
export type AgreedTerms = Static<typeof AgreedTerms>;

const Dates = { validFrom: Day, validTo: nullable(Day) };

export const KnownAgreements = strict({
  /** The latest first, each with what is billed by all of them in its currency. */
  agreements: Type.Array(strict({ id: Id, ...AgreedTerms.properties, method: Type.String(), ...Dates, used: Amount })),
  /** The project's own rates of whatever is done on it, the latest first; without one the firm's other rates hold. */
  rates: Type.Array(strict({ id: Id, currency: Currency, rate: RateField, ...Dates })),
});
export type KnownAgreements = Static<typeof KnownAgreements>;

/** What is agreed of a project, and was. */
export const readAgreements = endpoint({
  summary: 'What is agreed of a project, and was',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/projects/:id/agreements',
  permission: 'values.read',
  params: FirmAndId,
  answer: KnownAgreements,
  problems: ['project-unknown'],
});

/**
 * Agree something else of a project from a day on, all that is not said the same: what holds then ends the day before, and
 * unbilled time from then on is priced anew. Its currency stays the client's, in which invoices are written. Where a price
 * moves, it is refused the first time with what would change (`effect-unseen`, the effect as `current`), and done when that
 * comes back as seen.
 */
export const changeAgreement = endpoint({
  summary: 'Agree something else of a project from a day on: its unbilled time from then on is priced anew',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/projects/:id/agreements',
  permission: 'agreements.change',
  params: FirmAndId,
  body: strict({
    id: Id,
    validFrom: Day,
    ...Type.Partial(Type.Omit(AgreedTerms, ['currency'])).properties,
    /** The project's own rate from then on; null for the firm's other rates. */
    rate: optional(nullable(RateField)),
    reason: Reason,
    seen: optional(nullable(Type.String({ maxLength: 100 }))),
  }),
  answer: KnownAgreements,
  problems: [
    ...(['project-unknown', 'agreement-missing', 'agreement-begins-then', 'work-internal'] as const),
    ...(['nothing-to-change', 'day-locked', 'effect-unseen', 'effect-changed'] as const),
  ],
});
