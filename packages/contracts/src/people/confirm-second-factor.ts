import { endpoint, strict } from '../platform/fields';
import { Code, RecoveryCodes } from './second-factor';

/** Sign in with a second factor from now on; other sessions end. */
export const confirmSecondFactor = endpoint({
  summary: 'Sign in with a second factor from now on; other sessions end',
  kind: 'open',
  method: 'POST',
  path: '/account/second-factor/confirm',
  permission: null,
  body: strict({ code: Code }),
  answer: RecoveryCodes,
  problems: ['code-wrong', 'second-factor-set', 'too-many-attempts'],
});
