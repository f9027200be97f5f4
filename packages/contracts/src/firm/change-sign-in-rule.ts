import { FirmPath, endpoint } from '../platform/fields';
import { KnownSignInRule, SignInRule } from './sign-in-rule';

/** Change what the firm asks of its people when they sign in; who lacks it is asked at their next step. */
export const changeSignInRule = endpoint({
  summary: 'Change what the firm asks of its people when they sign in; who lacks it is asked at their next step',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/sign-in-rule',
  permission: 'firm.change',
  params: FirmPath,
  body: SignInRule,
  answer: KnownSignInRule,
  problems: ['nothing-to-change', 'own-factor-first'],
});
