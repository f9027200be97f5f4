import type { ProblemCode } from '../problems';

const span: readonly ProblemCode[] = [
  'way-not-open',
  'quantity-or-span',
  'span-empty',
  'clock-time-twice',
  'clock-time-missing',
  'break-too-long',
];

/** What can stand in the way of recording an entry. */
export const creatingProblems: readonly ProblemCode[] = [
  'person-unknown',
  'project-unknown',
  'reference-unknown',
  'period-submitted',
  'reason-missing',
  'day-locked',
  ...span,
];

/** What can stand in the way of changing one. */
export const changingProblems: readonly ProblemCode[] = [
  'entry-unknown',
  'entry-locked',
  'project-unknown',
  'reference-unknown',
  'period-submitted',
  'reason-missing',
  'day-locked',
  'nothing-to-change',
  ...span,
];

/** What can stand in the way of deleting one. */
export const removingProblems: readonly ProblemCode[] = [
  'entry-unknown',
  'entry-locked',
  'entry-on-document',
  'reason-missing',
  'day-locked',
];
