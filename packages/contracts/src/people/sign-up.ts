import { endpoint, strict } from '../platform/fields';
import { NewPassword } from './change-password';
import { Consents } from './consents';
import { PersonName } from './person-name';
import { Email } from './sign-in';

/** Ask for an account; a message shows whether the address is theirs. The answer is the same whether it has an account. */
export const signUp = endpoint({
  summary: 'Ask for an account; a message shows whether the address is theirs. The answer is the same whether it has an account',
  kind: 'open',
  method: 'POST',
  path: '/sign-up',
  permission: null,
  body: strict({ name: PersonName, email: Email, password: NewPassword, consents: Consents }),
  problems: ['sign-up-closed', 'password-weak', 'texts-changed', 'too-many-attempts'],
});
