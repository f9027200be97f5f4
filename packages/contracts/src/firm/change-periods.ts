import { Day, FirmPath, endpoint, strict } from '../platform/fields';
import { KnownTimeRules, Periods } from './time-rules';

const { kind, weekStart, days } = Periods.properties;

/** Have other periods of submission from a day on. */
export const changePeriods = endpoint({
  summary: 'Have other periods of submission from a day on',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/periods-of-submission',
  permission: 'firm.change',
  params: FirmPath,
  body: strict({ kind, weekStart, days, from: Day }),
  answer: KnownTimeRules,
  problems: ['nothing-to-change', 'day-locked', 'later-submitted'],
});
