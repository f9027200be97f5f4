import { Currency, Day, Duration, FirmPath, Id, Name, Version, endpoint, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { View } from './view';
import { Periods, Ways } from '../firm/time-rules';
import { Forms } from '../firm/forms';
import { FunctionsOff } from '../firm/functions';
import { WordFacts } from '../firm/words';
import { RightsField, Role } from './held';

export const Me = strict({
  person: strict({ id: Id, version: Version, name: Name, zone: Type.String(), position: nullable(Name) }),
  roles: Type.Array(Role),
  /** The firm's own roles that one has, by name. */
  ownRoles: Type.Array(Name),
  rights: RightsField,
  /** How one records one's time. */
  ways: Ways,
  firm: strict({
    slug: Type.String(),
    name: Name,
    currency: Currency,
    /** ISO 3166-1: how numbers and dates are written. */
    country: Type.String({ pattern: '^[A-Z]{2}$' }),
    zone: Type.String(),
    gapTolerance: Duration,
    /** How dates, times and figures are written for whoever has not chosen. */
    forms: Forms,
    /** What the firm calls work, and which text names it. */
    ...WordFacts.properties,
    /** Functions that nobody sees. */
    off: FunctionsOff,
    /** The firm's periods of submission. */
    period: strict({ ...Periods.properties, earlier: Type.Array(Periods) }),
  }),
  /** The version of how the firm has time recorded that one has still to confirm; null for none. */
  toConfirm: nullable(Type.Integer()),
  today: Day,
  /** Whether one is shown the first steps. */
  guide: Type.Boolean(),
  /** How one has the tables, by their names. */
  views: Type.Record(Type.String(), View),
});
export type Me = Static<typeof Me>;

/** Oneself in this firm: person, roles, rights. */
export const readMe = endpoint({
  summary: 'Oneself in this firm: person, roles, rights',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/me',
  permission: null,
  params: FirmPath,
  answer: Me,
});
