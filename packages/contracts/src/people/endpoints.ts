import { TOptional, Type } from 'typebox';
import { PERMISSIONS, ROLES } from '@yellowwood/core';
import {
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Millionths,
  Name,
  RateField,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';

const Theme = choice('light', 'dark', 'system');
const DurationForm = choice('clock', 'decimal');
const Email = Type.String({ minLength: 3, maxLength: 200, pattern: '^[^\\s@]+@[^\\s@]+$' });
const Password = Type.String({ minLength: 1, maxLength: 200 });
const NewPassword = Type.String({ minLength: 12, maxLength: 200 });

export const Session = strict({
  account: nullable(strict({ id: Id, email: Type.String(), name: Name, theme: Theme, durationForm: DurationForm })),
  firms: Type.Array(strict({ slug: Type.String(), name: Name })),
  /** Sign-ins of the demo firm, listed in demo mode only. */
  demo: Type.Array(strict({ role: Type.String(), name: Name, email: Type.String(), password: Type.String() })),
});

const Reach = choice('own', 'team', 'firm');
export const Me = strict({
  person: strict({ id: Id, name: Name, zone: Type.String(), position: nullable(Name) }),
  roles: Type.Array(choice(...ROLES)),
  rights: strict(
    Object.fromEntries(PERMISSIONS.map((permission) => [permission, optional(Reach)])) as Record<
      (typeof PERMISSIONS)[number],
      TOptional<typeof Reach>
    >,
  ),
  firm: strict({ slug: Type.String(), name: Name, currency: Currency, zone: Type.String(), gapTolerance: Duration }),
  today: Day,
});

export const People = strict({
  people: Type.Array(strict({ id: Id, name: Name, position: nullable(Name), teams: Type.Array(Name) })),
});

/** What an hour of each person costs today, and from what. Only for readers with the right to pay. */
export const PayList = strict({
  on: Day,
  currency: Currency,
  people: Type.Array(
    strict({
      id: Id,
      name: Name,
      position: nullable(Name),
      /** Null where no pay rate is valid: their time costs nothing until somebody gives one. */
      pay: nullable(strict({ rate: RateField, validFrom: Day })),
      overhead: nullable(RateField),
      /** Overhead as it is agreed: money per hour, or a percentage of pay in millionths. */
      overheadPercent: nullable(Millionths),
      cost: nullable(RateField),
    }),
  ),
});

export const peopleEndpoints = {
  readSession: endpoint({
    name: 'readSession',
    summary: 'Who is signed in, and to which firms they belong',
    kind: 'open',
    method: 'GET',
    path: '/session',
    permission: null,
    answer: Session,
  }),
  signIn: endpoint({
    name: 'signIn',
    summary: 'Sign in',
    kind: 'open',
    method: 'POST',
    path: '/session',
    permission: null,
    body: strict({ email: Email, password: Password }),
    answer: Session,
    problems: ['sign-in-refused', 'too-many-attempts'],
  }),
  signOut: endpoint({
    name: 'signOut',
    summary: 'Sign out',
    kind: 'open',
    method: 'DELETE',
    path: '/session',
    permission: null,
    answer: Session,
  }),
  changePassword: endpoint({
    name: 'changePassword',
    summary: 'Change the password; other sessions of the account end',
    kind: 'open',
    method: 'POST',
    path: '/password',
    permission: null,
    body: strict({ current: Password, next: NewPassword }),
    problems: ['password-wrong'],
  }),
  changePreferences: endpoint({
    name: 'changePreferences',
    summary: 'Theme and form of durations',
    kind: 'open',
    method: 'PUT',
    path: '/preferences',
    permission: null,
    body: strict({ theme: Theme, durationForm: DurationForm }),
    answer: Session,
  }),
  readMe: endpoint({
    name: 'readMe',
    summary: 'Oneself in this firm: person, roles, rights',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/me',
    permission: null,
    params: FirmPath,
    answer: Me,
  }),
  listPeople: endpoint({
    name: 'listPeople',
    summary: 'People whose time one may read',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/people',
    permission: 'time.read',
    params: FirmPath,
    answer: People,
  }),
  listPay: endpoint({
    name: 'listPay',
    summary: 'Pay, overhead and loaded cost of an hour of each person',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/pay',
    permission: 'pay.read',
    params: FirmPath,
    answer: PayList,
  }),
};
