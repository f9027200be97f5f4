import { Static, Type } from 'typebox';
import { endpoint, strict } from '../platform/fields';
import { Password } from './password';

export const NewPassword = Type.String({ minLength: 12, maxLength: 200, pattern: '\\S' });
export type NewPassword = Static<typeof NewPassword>;

/** Change the password; other sessions of the account end. */
export const changePassword = endpoint({
  summary: 'Change the password; other sessions of the account end',
  kind: 'open',
  method: 'POST',
  path: '/password',
  permission: null,
  body: strict({ current: Password, next: NewPassword }),
  problems: ['password-wrong', 'password-weak', 'too-many-attempts'],
});
