import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const billingProblems = sentences({
  'later-recorded': {
    status: 409,
    title: 'Later time is recorded already',
    detail: 'On these projects time is recorded up to {day}, and what it is worth stays as it is. Choose a day after it.',
  },
  'entry-not-billable': {
    status: 409,
    title: 'The entry is not billable',
    detail: 'Its time is not charged to anybody, so it has no rate. Make it billable first.',
  },
  'entry-not-to-bill': {
    status: 409,
    title: 'The entry is not to bill',
    detail: 'Only approved time that is to bill can be held back.',
  },
  'line-unknown': {
    status: 404,
    title: 'No such line',
    detail: 'The document has no such line. Read the document again.',
  },
  'entry-unpriced': {
    status: 409,
    title: 'An entry has no rate',
    detail: 'Type a rate on it, with a reason, or leave it out of this invoice.',
  },
  'entries-not-billable': {
    status: 409,
    title: 'Some of this time cannot be billed',
    detail: 'Some of these entries are already on another invoice or draft, held, or no longer approved. Load the list again.',
  },
  'subject-unknown': { status: 404, title: 'No history here', detail: 'This does not exist or is not yours to see.' },
  'invoice-unknown': {
    status: 404,
    title: 'No such invoice',
    detail: 'This invoice does not exist, was discarded, or is not yours to see.',
  },
  'invoice-not-draft': {
    status: 409,
    title: 'It is issued',
    detail: 'This invoice has been issued and stays as it is. Credit it instead.',
  },
  'invoice-not-issued': { status: 409, title: 'It is not issued', detail: 'This needs an issued invoice.' },
  'invoice-sent': { status: 409, title: 'It was sent', detail: 'This invoice was sent, so it is credited, not voided.' },
  'invoice-settled': { status: 409, title: 'It is settled', detail: 'Nothing is open on this invoice any more.' },
  'invoice-credited': { status: 409, title: 'It is credited', detail: 'This invoice has been credited in full already.' },
  'document-changed': {
    status: 409,
    title: 'The document has changed',
    detail: 'The total is now {gross}. Look at the document again, then issue.',
  },
  'write-down-too-large': {
    status: 422,
    title: 'The reduction is too large',
    detail: 'An entry can be reduced by no more than its value.',
  },
  'tax-rate-missing': {
    status: 409,
    title: 'A tax rate is missing',
    detail: 'There is no rate for tax category {category} on {date}.',
  },
  'payment-unknown': { status: 404, title: 'No such payment', detail: 'This payment does not exist or is not yours to see.' },
  'payment-reversed': { status: 409, title: 'It is reversed', detail: 'This payment has been reversed already.' },
  'payment-not-positive': { status: 422, title: 'How much?', detail: 'Type an amount above zero.' },
  'payment-ahead': { status: 422, title: 'The date lies ahead', detail: 'A payment cannot be received later than today.' },
  'nothing-to-pay': {
    status: 409,
    title: 'Nothing to pay',
    detail: 'This document would ask for nothing. Choose other work, or take less off.',
  },
  'limit-used-up': {
    status: 409,
    title: 'The agreed limit is used up',
    detail: 'Nothing of this can be billed. Have the limit raised, or write the work off with a reason.',
  },
  'limit-has-no-room': {
    status: 409,
    title: 'The limit has no room for it',
    detail: 'The agreed limit has {left} left. Release no more than that, or have the limit raised.',
  },
  'over-limit-unknown': {
    status: 404,
    title: 'No such sum',
    detail: 'This sum over a limit does not exist, or its invoice was credited. Load the list again.',
  },
  'over-limit-too-much': {
    status: 409,
    title: 'More than waits there',
    detail: 'Only {waiting} of this sum over the limit is still undecided.',
  },
  'over-limit-billed': {
    status: 409,
    title: 'Its sum over the limit has been billed',
    detail: 'A fee from this invoice stands on {number}. Credit or discard that one first.',
  },
  'entry-not-written-off': {
    status: 409,
    title: 'The entry is not written off',
    detail: 'Only what was written off can be taken back. Load the list again.',
  },
  'agreement-missing': {
    status: 409,
    title: 'Nothing is agreed then',
    detail: 'The project has no agreement on that day. Choose another day.',
  },
  'agreement-begins-then': {
    status: 409,
    title: 'That is billed already',
    detail: 'What is agreed from that day on is billed already. Choose a later day.',
  },
  'copy-not-yours': {
    status: 403,
    title: 'That is not yours to take along',
    detail: 'You may not agree anything of this project, or not say who records on it. Copy it without that.',
  },
  'agreement-elsewhere': {
    status: 409,
    title: 'Its agreement does not hold there',
    detail:
      'What is agreed of this project is in {currency}, and for another client it would not be. Copy it without what is agreed.',
  },
  'work-internal': {
    status: 409,
    title: 'Work of the firm’s own',
    detail: 'Nobody pays for a project without a client: nothing is agreed of it.',
  },
});
