import { endpoint, optional, strict } from '../platform/fields';
import { Password } from './password';
import { Session } from './session';
import { Token } from './token';

/**
 * Make the account of a sign-up by the link of its message, once, and sign in. In another browser than the one that asked,
 * the password shows that it was the same person.
 */
export const verifyAddress = endpoint({
  summary: 'Make the account of a sign-up by the link of its message, once, and sign in',
  kind: 'open',
  method: 'POST',
  path: '/sign-up/verify',
  permission: null,
  body: strict({ token: Token, password: optional(Password) }),
  answer: Session,
  problems: ['link-ended', 'password-needed', 'too-many-attempts'],
});
