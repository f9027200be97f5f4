import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const ratesProblems = sentences({
  'exchange-rate-missing': {
    status: 409,
    title: 'An exchange rate is missing',
    detail: 'There is no rate for {currency} on {date}.',
  },
});
