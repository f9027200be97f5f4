import { Static, Type } from 'typebox';
import { endpoint, optional, strict } from '../platform/fields';
import { Password } from './password';
import { Code } from './second-factor';
import { Session } from './session';

export const Email = Type.String({ minLength: 3, maxLength: 200, pattern: '^[^\\s@]+@[^\\s@]+$' });
export type Email = Static<typeof Email>;

/** What somebody signs in with: an e-mail address, or a telephone number with its country. */
export const Handle = Type.String({
  minLength: 3,
  maxLength: 200,
  pattern: '^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$',
});
export type Handle = Static<typeof Handle>;

/** Sign in. */
export const signIn = endpoint({
  summary: 'Sign in',
  kind: 'open',
  method: 'POST',
  path: '/session',
  permission: null,
  body: strict({ email: Handle, password: Password, code: optional(Code) }),
  answer: Session,
  problems: ['sign-in-refused', 'code-needed', 'code-wrong', 'too-many-attempts'],
});
