import { endpoint, strict } from '../platform/fields';
import { Handle } from './sign-in';

/** Ask for a message with a link to a new password; the answer is the same whether the address has an account or not. */
export const forgotPassword = endpoint({
  summary: 'Ask for a message with a link to a new password; the answer is the same whether the address has an account or not',
  kind: 'open',
  method: 'POST',
  path: '/password/forgotten',
  permission: null,
  body: strict({ email: Handle }),
  problems: ['too-many-attempts'],
});
