import type { ProblemCode } from '../problems';

/** What can stand in the way of deciding on entries. */
export const decidingProblems: readonly ProblemCode[] = [
  'day-locked',
  'own-time',
  'entries-stale',
  'stage-not-possible',
  'entry-missing',
];
