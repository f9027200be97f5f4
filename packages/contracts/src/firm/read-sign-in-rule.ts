import { FirmPath, endpoint } from '../platform/fields';
import { KnownSignInRule } from './sign-in-rule';

/** What the firm asks of its people when they sign in. */
export const readSignInRule = endpoint({
  summary: 'What the firm asks of its people when they sign in',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/sign-in-rule',
  permission: 'firm.change',
  params: FirmPath,
  answer: KnownSignInRule,
});
