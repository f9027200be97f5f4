import { endpoint } from '../platform/fields';
import { Session } from './session';

/** Who is signed in, and to which firms they belong. */
export const readSession = endpoint({
  summary: 'Who is signed in, and to which firms they belong',
  kind: 'open',
  method: 'GET',
  path: '/session',
  permission: null,
  answer: Session,
});
