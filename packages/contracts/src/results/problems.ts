import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const resultsProblems = sentences({
  'range-reversed': {
    status: 422,
    title: 'The dates are the wrong way round',
    detail: 'The first day lies after the last. Choose an earlier first day.',
  },
  'cost-not-told': {
    status: 403,
    title: 'This cost is not told',
    detail: 'Some of this time has no standard cost rate. Ask the owner to give the position one.',
  },
});
