import { endpoint, strict } from '../platform/fields';
import { Session } from './session';
import { Token } from './token';

/** Show by the link of a message that another address is one's own; from then on one signs in with it. */
export const confirmAddress = endpoint({
  summary: "Show by the link of a message that another address is one's own; from then on one signs in with it",
  kind: 'open',
  method: 'POST',
  path: '/account/address/confirm',
  permission: null,
  body: strict({ token: Token }),
  answer: Session,
  problems: ['link-ended', 'too-many-attempts'],
});
