import { ROUNDING_INCREMENTS } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { Count, Day, Duration, FirmPath, Id, Version, choice, endpoint, nullable, optional, strict } from '../../platform/fields';

/** How billable time is rounded and written, unless something else is agreed of a project. */
export const Terms = strict({
  increment: Type.Integer({ enum: [...ROUNDING_INCREMENTS], description: 'minutes' }),
  mode: choice('nearest', 'up', 'down'),
  /** Each entry, or all of a person's time on one task and day together. */
  unit: choice('entry', 'day'),
  /** The least that is charged for what is rounded. */
  minimum: Type.Integer({ minimum: 0, maximum: 1440, description: 'minutes' }),
  /** Decimal places of hours on a document; null for hours and minutes. */
  decimalPlaces: nullable(Type.Integer({ minimum: 2, maximum: 6 })),
});
export type Terms = Static<typeof Terms>;

export const KnownTerms = strict({
  id: Id,
  terms: Terms,
  /** Projects under way, billed by time, that go by them today, and that have others. */
  projects: strict({ same: Count, otherwise: Count }),
  version: Version,
});
export type KnownTerms = Static<typeof KnownTerms>;

/** How billable time is rounded and written, unless something else is agreed of a project. */
export const readTerms = endpoint({
  summary: 'How billable time is rounded and written, unless something else is agreed of a project',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/terms',
  permission: 'agreements.change',
  params: FirmPath,
  answer: KnownTerms,
});

/**
 * Round and write billable time otherwise: of projects that are made from now on, and from a day on of those that go by the
 * firm's terms today. Nothing that is recorded comes to be worth anything else.
 */
export const changeTerms = endpoint({
  summary:
    "Round and write billable time otherwise, of projects made from now on, and from a day on of those that go by the firm's terms today",
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/terms',
  permission: 'agreements.change',
  params: FirmPath,
  body: strict({ terms: Terms, from: nullable(Day) }),
  answer: KnownTerms,
  problems: ['nothing-to-change', 'day-locked', 'later-recorded'],
});

/** What the last four weeks of time on these projects came to, and would come to by other rounding. */
export const TermsEffect = strict({
  since: Day,
  recorded: Duration,
  now: Duration,
  then: Duration,
  /** The first day on which nothing of theirs is recorded, then or later. */
  free: Day,
});
export type TermsEffect = Static<typeof TermsEffect>;

const Minutes = Type.String({ pattern: '^[0-9]{1,4}$', description: 'minutes' });

/** What other rounding would have made of the time of the last four weeks. */
export const previewTerms = endpoint({
  summary: 'What other rounding would have made of the time of the last four weeks',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/terms/effect',
  permission: 'agreements.change',
  params: FirmPath,
  query: strict({
    increment: Minutes,
    mode: optional(Terms.properties.mode),
    unit: optional(Terms.properties.unit),
    minimum: optional(Minutes),
  }),
  answer: TermsEffect,
});
