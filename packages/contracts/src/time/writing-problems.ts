import type { ProblemCode } from '../problems';

/** What can stand in the way of whatever writes entries of time. */
export const writingProblems: readonly ProblemCode[] = [
  'entry-unknown',
  'entries-stale',
  'entry-locked',
  'person-unknown',
  'project-unknown',
  'reference-unknown',
  'period-submitted',
  'quantity-or-span',
  'span-empty',
  'clock-time-twice',
  'clock-time-missing',
  'break-too-long',
  'break-negative',
  'nothing-to-change',
  'reason-missing',
  'already-there',
  'request-conflicts',
];
