import { endpoint, strict } from '../platform/fields';
import { Password } from './password';
import { Code } from './second-factor';

/** Sign in with the password alone again. */
export const endSecondFactor = endpoint({
  summary: 'Sign in with the password alone again',
  kind: 'open',
  method: 'POST',
  path: '/account/second-factor/end',
  permission: null,
  body: strict({ password: Password, code: Code }),
  problems: ['password-wrong', 'code-wrong', 'too-many-attempts'],
});
