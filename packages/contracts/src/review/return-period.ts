import { Day, FirmAndId, Reason, endpoint, strict } from '../platform/fields';
import { Decided } from './decided';

/** Return a whole submitted period with a reason, an empty or missing day included. */
export const returnPeriod = endpoint({
  summary: 'Return a whole submitted period with a reason, an empty or missing day included',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/people/:id/return',
  permission: 'time.review',
  params: FirmAndId,
  body: strict({ from: Day, reason: Reason }),
  answer: Decided,
  problems: ['own-time', 'person-unknown', 'period-not-submitted', 'day-locked'],
});
