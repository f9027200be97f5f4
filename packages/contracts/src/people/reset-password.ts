import { Type } from 'typebox';
import { endpoint, strict } from '../platform/fields';
import { NewPassword } from './change-password';

/** Set a new password by the link of a message, once; all sessions of the account end. */
export const resetPassword = endpoint({
  summary: 'Set a new password by the link of a message, once; all sessions of the account end',
  kind: 'open',
  method: 'POST',
  path: '/password/reset',
  permission: null,
  body: strict({ token: Type.String({ minLength: 1, maxLength: 100, pattern: '^[\\w-]+$' }), password: NewPassword }),
  problems: ['link-ended', 'too-many-attempts'],
});
