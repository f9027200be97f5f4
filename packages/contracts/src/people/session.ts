import { Forms } from '../firm/forms';
import { DurationForm, Theme } from './preferences';
import { Id, Name, choice, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const Session = strict({
  account: nullable(strict({ id: Id, email: Type.String(), name: Name, theme: Theme, durationForm: DurationForm, forms: Forms })),
  firms: Type.Array(strict({ slug: Type.String(), name: Name })),
  /** Whether strangers may found a firm here: yes, and it is the first; yes; no. */
  founding: choice('first', 'open', 'closed'),
  /** Where messages that the demo sends can be read; null where they go to people. */
  mailPage: nullable(Type.String()),
  /** Sign-ins of the demo firm, listed in demo mode only. */
  demo: Type.Array(strict({ role: Type.String(), name: Name, email: Type.String(), password: Type.String() })),
});
export type Session = Static<typeof Session>;
