import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const firmProblems = sentences({
  'number-taken': {
    status: 409,
    title: 'The numbers have begun',
    detail: 'An invoice has a number already: the next ones go on from it, without a hole. Leave the next number as it is.',
  },
});
