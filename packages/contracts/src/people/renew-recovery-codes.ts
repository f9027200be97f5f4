import { endpoint, strict } from '../platform/fields';
import { Code, RecoveryCodes } from './second-factor';

/** Have new recovery codes; the old ones work no more. */
export const renewRecoveryCodes = endpoint({
  summary: 'Have new recovery codes; the old ones work no more',
  kind: 'open',
  method: 'POST',
  path: '/account/second-factor/codes',
  permission: null,
  body: strict({ code: Code }),
  answer: RecoveryCodes,
  problems: ['code-wrong', 'too-many-attempts'],
});
