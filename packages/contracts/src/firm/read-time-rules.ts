import { FirmPath, endpoint } from '../platform/fields';
import { KnownTimeRules } from './time-rules';

/** What the firm settles about the time that it records. */
export const readTimeRules = endpoint({
  summary: 'What the firm settles about the time that it records',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/time-rules',
  permission: 'firm.change',
  params: FirmPath,
  answer: KnownTimeRules,
});
