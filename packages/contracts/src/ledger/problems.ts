import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const ledgerProblems = sentences({
  'entries-stale': {
    status: 409,
    title: 'Some entries have changed since',
    detail: 'Somebody changed some of these entries after you read them. Look at them as they are now, then decide.',
  },
  'entry-unknown': {
    status: 404,
    title: 'No such entry',
    detail: 'This entry does not exist, was deleted, or is not yours to see.',
  },
  'entry-missing': {
    status: 409,
    title: 'An entry is gone',
    detail: 'One of these entries was deleted. Look at them as they are now, then decide.',
  },
  'day-locked': {
    status: 409,
    title: 'This day is locked',
    detail: 'The firm has locked its time up to {day}. Ask somebody who changes its settings to move that day.',
  },
  'entry-locked': {
    status: 409,
    title: 'The entry is submitted',
    detail: 'It is {stage} and is not changed any more. Withdraw the week, or ask for it to be returned.',
  },
  'entry-billed': { status: 409, title: 'The entry is billed', detail: 'It stands on an invoice. Credit the invoice first.' },
  'entry-in-draft': {
    status: 409,
    title: 'The entry is in a draft',
    detail: 'A draft invoice has this entry. Discard the draft first.',
  },
  'entry-on-document': {
    status: 409,
    title: 'It has been on an invoice',
    detail: 'An invoice that was credited or voided still names this entry, so it stays. Change it, or make it not billable.',
  },
  'quantity-or-span': {
    status: 400,
    title: 'How long?',
    detail: 'Give either a length or a start and an end, not both and not neither.',
  },
  'span-empty': {
    status: 422,
    title: 'The span is empty',
    detail: 'Start and end are the same. Type a later end; an end before the start means the next day.',
  },
  'break-too-long': {
    status: 422,
    title: 'The break is too long',
    detail: 'The break is as long as the span or longer. Type a shorter break.',
  },
  'clock-time-twice': {
    status: 422,
    title: 'That time comes twice',
    detail: 'The clocks go back on {date}: {time} comes twice. Say which of the two is meant.',
  },
  'clock-time-missing': {
    status: 422,
    title: 'That time does not exist',
    detail: 'The clocks go forward on {date}: {time} is left out. Type another time.',
  },
  'nothing-to-change': {
    status: 422,
    title: 'Nothing is changed',
    detail: 'Say what is to be different.',
  },
  'reason-missing': {
    status: 422,
    title: 'A reason is needed',
    detail: 'Say why; the reason is kept and shown to the person concerned.',
  },
  'work-billed': {
    status: 409,
    title: 'Some of its time is billed',
    detail:
      'Time of it is billed on {documents}, and stays with its project. Make a task there for what comes from now on, or credit what was billed first.',
  },
  'work-in-draft': {
    status: 409,
    title: 'Some of its time is in a draft',
    detail: 'A draft of {by} holds time of it. Discard the draft first, or have it discarded.',
  },
  'effect-unseen': {
    status: 409,
    title: 'Time is priced anew',
    detail: 'Look at what changes, then confirm.',
  },
  'effect-changed': {
    status: 409,
    title: 'It would change something else by now',
    detail: 'Somebody changed time or rates after you looked. Look at what changes now, then confirm.',
  },
});
