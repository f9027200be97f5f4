import { endpoint, strict } from '../platform/fields';
import { NewPassword } from './change-password';
import { Token } from './token';

/** Set a new password by the link of a message, once; all sessions of the account end. */
export const resetPassword = endpoint({
  summary: 'Set a new password by the link of a message, once; all sessions of the account end',
  kind: 'open',
  method: 'POST',
  path: '/password/reset',
  permission: null,
  body: strict({ token: Token, password: NewPassword }),
  problems: ['link-ended', 'password-weak', 'too-many-attempts'],
});
