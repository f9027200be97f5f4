import { endpoint } from '../platform/fields';
import { Sessions } from './list-sessions';

/** Sign out everywhere else. */
export const endSessions = endpoint({
  summary: 'Sign out everywhere else',
  kind: 'open',
  method: 'DELETE',
  path: '/sessions',
  permission: null,
  answer: Sessions,
});
