import { DurationForm, Theme } from './preferences';
import { Id, Name, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const Session = strict({
  account: nullable(strict({ id: Id, email: Type.String(), name: Name, theme: Theme, durationForm: DurationForm })),
  firms: Type.Array(strict({ slug: Type.String(), name: Name })),
  /** Sign-ins of the demo firm, listed in demo mode only. */
  /** Where messages that the demo sends can be read; null where they go to people. */
  mailPage: nullable(Type.String()),
  demo: Type.Array(strict({ role: Type.String(), name: Name, email: Type.String(), password: Type.String() })),
});
export type Session = Static<typeof Session>;
