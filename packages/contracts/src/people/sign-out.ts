import { endpoint } from '../platform/fields';
import { Session } from './session';

/** Sign out. */
export const signOut = endpoint({
  summary: 'Sign out',
  kind: 'open',
  method: 'DELETE',
  path: '/session',
  permission: null,
  answer: Session,
});
