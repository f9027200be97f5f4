import { endpoint, strict } from '../platform/fields';
import { Password } from './password';
import { Email } from './sign-in';

/** Ask to sign in with another address; a message goes there. */
export const changeAddress = endpoint({
  summary: 'Ask to sign in with another address; a message goes there',
  kind: 'open',
  method: 'POST',
  path: '/account/address',
  permission: null,
  body: strict({ email: Email, password: Password }),
  problems: ['password-wrong', 'nothing-to-change', 'too-many-attempts'],
});
