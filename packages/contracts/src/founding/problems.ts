import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const foundingProblems = sentences({
  'country-unknown': { status: 422, title: 'No such country', detail: 'Choose a country of the list.' },
  'currency-unknown': { status: 422, title: 'No such currency', detail: 'Choose a currency of the list.' },
  'zone-unknown': { status: 422, title: 'No such time zone', detail: 'Choose a time zone of the list.' },
  'firm-exists': { status: 409, title: 'This firm is another one’s', detail: 'Send it again under another id.' },
});
