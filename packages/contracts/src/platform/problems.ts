import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const platformProblems = sentences({
  'request-invalid': {
    status: 400,
    title: 'The request is not valid',
    detail: 'Mend the fields that are named and send it again.',
  },
  'body-unreadable': { status: 400, title: 'The request cannot be read', detail: 'Send the body as JSON.' },
  'body-too-large': { status: 413, title: 'The request is too large', detail: 'Send less at once.' },
  'idempotency-key-missing': {
    status: 400,
    title: 'A key is missing',
    detail: 'Send a UUID in the header Idempotency-Key; repeat it when you repeat the request.',
  },
  'version-missing': {
    status: 428,
    title: 'The version is missing',
    detail: 'Read the thing first and send its version in If-Match.',
  },
  'version-stale': {
    status: 412,
    title: 'It has changed since',
    detail: 'Somebody changed this after you read it. Look at it as it is now, then decide.',
  },
  'already-there': {
    status: 409,
    title: 'It is there already',
    detail: 'The same thing was made at the same moment. Read it again.',
  },
  'different-body': {
    status: 409,
    title: 'This id was used before',
    detail: 'The same id or key was sent with another content. Take a new one.',
  },
  'request-conflicts': {
    status: 409,
    title: 'It conflicts with what is there',
    detail: 'Read it again as it is now, then decide.',
  },
  'reference-unknown': {
    status: 422,
    title: 'Something named here does not exist',
    detail: 'One of the ids names nothing in this firm. Choose again.',
  },
  'not-signed-in': { status: 401, title: 'Not signed in', detail: 'Sign in and try again.' },
  'token-renewed': {
    status: 403,
    title: 'Send it again',
    detail: 'The page’s token was missing and has been renewed. Send it once more.',
  },
  'origin-refused': {
    status: 403,
    title: 'The request came from elsewhere',
    detail: 'Only pages of this installation may change something here. Open it by its own address.',
  },
  'firm-unknown': { status: 404, title: 'No such firm', detail: 'There is no firm of this name that you belong to.' },
  'not-confirmed': {
    status: 403,
    title: 'You are not confirmed yet',
    detail: 'You have joined {firm}. Somebody there says that it is you; then your week opens.',
  },
  'second-factor-needed': {
    status: 403,
    title: 'This firm asks for a second factor',
    detail: 'Who sees money here signs in with one. Set it up for your account; then go on.',
  },
  'right-missing': {
    status: 403,
    title: 'Not allowed',
    detail: 'This needs a right that you do not have. Ask the owner of the firm.',
  },
  'not-found': { status: 404, title: 'Nothing here', detail: 'There is nothing at this address.' },
  'method-refused': { status: 405, title: 'Not possible here', detail: 'This address does not take that method.' },
  'server-fault': {
    status: 500,
    title: 'Something went wrong here',
    detail: 'Nothing was changed. Try again; if it happens again, tell us the time.',
  },
  'not-ready': { status: 503, title: 'Not ready yet', detail: 'The database does not answer. Try again in a moment.' },
});
