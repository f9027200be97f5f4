import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const firmProblems = sentences({
  'own-factor-first': {
    status: 409,
    title: 'Your own comes first',
    detail: 'You see money too. Set up a second factor for your account, then ask it of others.',
  },
  'week-below-day': {
    status: 422,
    title: 'A week holds its days',
    detail: 'The most of a week cannot be less than the most of a day. Raise the one, or lower the other.',
  },
  'later-submitted': {
    status: 409,
    title: 'Later time is submitted already',
    detail: 'Time up to {day} was submitted in its periods. Choose a day after it.',
  },
  'lock-ahead': {
    status: 422,
    title: 'Today stays open',
    detail: 'Time is locked up to yesterday at the latest: what runs today is still being recorded. Choose an earlier day.',
  },
  'words-alike': {
    status: 422,
    title: 'Two words are the same',
    detail: 'Two levels of work cannot have one word: nobody could tell them apart. Take another word for one of them.',
  },
  'logo-unreadable': {
    status: 422,
    title: 'No picture to draw',
    detail: 'A logo is a PNG or SVG picture of at most 200 kB. This file is not one, or is larger. Choose another.',
  },
  'logo-unknown': { status: 404, title: 'No such logo', detail: 'There is no such picture. Load the page again.' },
  'number-taken': {
    status: 409,
    title: 'The numbers have begun',
    detail: 'An invoice has a number already: the next ones go on from it, without a hole. Leave the next number as it is.',
  },
});
