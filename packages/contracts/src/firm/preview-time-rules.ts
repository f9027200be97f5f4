import { Day, FirmPath, endpoint, optional, strict } from '../platform/fields';
import { Type } from 'typebox';
import { TimeRulesEffect } from './time-rules';

const Seconds = Type.String({ pattern: '^[0-9]{1,6}$', description: 'seconds' });

/** What other rules would have pointed out lately, and what a lock would leave undone. */
export const previewTimeRules = endpoint({
  summary: 'What other rules would have pointed out lately, and what a lock would leave undone',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/time-rules/effect',
  permission: 'firm.change',
  params: FirmPath,
  query: strict({ dayMaximum: Seconds, weekMaximum: Seconds, lockedUntil: optional(Day) }),
  answer: TimeRulesEffect,
});
