import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const peopleProblems = sentences({
  'sign-in-refused': {
    status: 401,
    title: 'Sign-in refused',
    detail: 'The e-mail address and the password do not belong together. Check both.',
  },
  'too-many-attempts': {
    status: 429,
    title: 'Too many attempts',
    detail:
      'Wait {seconds} seconds and try again. Whoever signed in from this browser before is not affected by others’ attempts.',
  },
  'password-wrong': {
    status: 422,
    title: 'The present password is wrong',
    detail: 'Type the password that you sign in with now.',
  },
  'link-ended': {
    status: 410,
    title: 'This link works no more',
    detail: 'It was used, or its hour is over. Ask for a new one.',
  },
  'person-unknown': { status: 404, title: 'No such person', detail: 'This person does not exist or is not yours to see.' },
});
