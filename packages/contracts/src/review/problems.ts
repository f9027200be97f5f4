import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const reviewProblems = sentences({
  'period-not-submitted': { status: 409, title: 'The week is not submitted', detail: 'Only a submitted week can be returned.' },
  'problems-left': {
    status: 409,
    title: 'Something stands in the way',
    detail: '{count} entries have problems. Mend what is marked, then submit.',
  },
  'nothing-to-submit': { status: 409, title: 'Nothing to submit', detail: 'Everything of this week is submitted already.' },
  'nothing-to-withdraw': { status: 409, title: 'Nothing to withdraw', detail: 'Nothing of this week waits for a decision.' },
  'timer-in-period': {
    status: 409,
    title: 'A timer is still open',
    detail: 'A timer of this week runs or is paused. Stop it or throw it away, then submit.',
  },
  'own-time': {
    status: 403,
    title: 'Not on your own time',
    detail: 'Nobody decides on their own time. Ask somebody else who reviews.',
  },
  'decided-by-another': {
    status: 409,
    title: 'Approved by somebody else',
    detail: 'Only who approved takes an approval back. Re-open the entry instead, with a reason.',
  },
  'stage-not-possible': {
    status: 409,
    title: 'Not possible now',
    detail: 'An entry is {stage}, so this cannot be done with it. Load the list again.',
  },
});
