import { endpoint } from '../platform/fields';
import { SecondFactor } from './second-factor';

/** Whether one signs in with a second factor. */
export const readSecondFactor = endpoint({
  summary: 'Whether one signs in with a second factor',
  kind: 'open',
  method: 'GET',
  path: '/account/second-factor',
  permission: null,
  answer: SecondFactor,
});
