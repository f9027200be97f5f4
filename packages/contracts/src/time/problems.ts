import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const timeProblems = sentences({
  'period-submitted': {
    status: 409,
    title: 'The week is submitted',
    detail: 'It takes no new time. Withdraw it first, or ask for it to be returned.',
  },
  'way-not-open': {
    status: 422,
    title: 'Not recorded in this way',
    detail: 'Your firm has you record {ways}. Record this time in that way.',
  },
  'nothing-to-bring': { status: 409, title: 'Nothing to bring', detail: 'The week before has no rows.' },
  'timer-unknown': {
    status: 404,
    title: 'No such timer',
    detail: 'This timer was stopped or thrown away. Look at your timers as they are now.',
  },
  'timer-running': {
    status: 409,
    title: 'A timer is running',
    detail: 'Another timer was started at the same moment. Look at your timers as they are now.',
  },
  'timer-not-running': { status: 409, title: 'The timer is paused', detail: 'It does not run, so it cannot be paused.' },
  'timer-start-ahead': {
    status: 422,
    title: 'The start lies ahead',
    detail: 'A timer cannot start later than now. Type an earlier time.',
  },
  'timer-start-overlaps': {
    status: 422,
    title: 'The start lies in other time',
    detail: 'Another timer ran at that time until {until}. Type a later start.',
  },
  'timer-start-after-pause': {
    status: 422,
    title: 'The start is after the first pause',
    detail: 'The first stretch ended at {until}. Type an earlier start.',
  },
});
