import { FirmPath, endpoint } from '../platform/fields';
import { KnownTimeRules, TimeRules } from './time-rules';

/** Change what the firm settles about the time that it records. */
export const changeTimeRules = endpoint({
  summary: 'Change what the firm settles about the time that it records',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/time-rules',
  permission: 'firm.change',
  params: FirmPath,
  body: TimeRules,
  answer: KnownTimeRules,
  problems: ['nothing-to-change', 'week-below-day', 'lock-ahead', 'project-unknown'],
});
