import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const peopleProblems = sentences({
  'sign-in-refused': {
    status: 401,
    title: 'Sign-in refused',
    detail: 'The e-mail address or number and the password do not belong together. Check both.',
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
  'code-needed': {
    status: 401,
    title: 'A code, please',
    detail: 'This account signs in with a second factor. Type the code that your device shows, or a recovery code.',
  },
  'code-wrong': {
    status: 422,
    title: 'This code is none',
    detail: 'Take the code that your device shows now; each works once. Is the clock of your device right?',
  },
  'second-factor-set': {
    status: 409,
    title: 'There is a second factor already',
    detail: 'Your account signs in with one. End it first to begin another.',
  },
  'instruction-changed': {
    status: 409,
    title: 'There is another wording by now',
    detail: 'What is to be confirmed was changed meanwhile. Load the page again and read it.',
  },
  'instructed-already': {
    status: 409,
    title: 'It is confirmed already',
    detail: 'Of these people, somebody was instructed in this version already. Load the list again.',
  },
  'paper-unreadable': {
    status: 422,
    title: 'This file is none of these',
    detail: 'Attach a PDF, a PNG or a JPEG of at most a megabyte.',
  },
  'paper-unknown': { status: 404, title: 'There is no paper', detail: 'Nothing was attached for this person.' },
  'day-ahead': { status: 422, title: 'That day is still ahead', detail: 'Type today or an earlier day.' },
  'nothing-to-confirm': {
    status: 409,
    title: 'Nobody waits here',
    detail: 'They are confirmed already, or have gone. Load the list again.',
  },
  'handle-unreadable': {
    status: 422,
    title: 'Neither an address nor a number',
    detail: 'Type an e-mail address, or a telephone number with its country, such as +44 7700 900123.',
  },
  'texts-not-sent': {
    status: 409,
    title: 'No text messages are sent here',
    detail: 'This server is not set to send any. Invite by e-mail, or make a link to copy.',
  },
  'link-ended': {
    status: 410,
    title: 'This link works no more',
    detail: 'It was used, or its time is over. Ask for a new one.',
  },
  'sign-up-closed': {
    status: 403,
    title: 'Nobody can sign up here',
    detail: 'Firms are not founded here by strangers. Ask a firm that is here already to invite you.',
  },
  'password-weak': {
    status: 422,
    title: 'This password is easily guessed',
    detail: '{why} Take several words that do not belong together, or have your browser make one.',
  },
  'password-needed': {
    status: 401,
    title: 'The password, please',
    detail: 'This is another browser than the one that asked for the account. Type the password that you chose there.',
  },
  'texts-changed': {
    status: 409,
    title: 'The texts have changed',
    detail: 'The terms or what is said about data have a new version. Load this page again and read them.',
  },
  'account-exists': {
    status: 409,
    title: 'There is an account already',
    detail: 'This address has an account by now. Sign in, and follow the link once more.',
  },
  'already-member': {
    status: 409,
    title: 'You belong to this firm already',
    detail: 'The account that is signed in belongs to this firm as somebody else. Sign out, and follow the link once more.',
  },
  'role-not-yours': {
    status: 403,
    title: 'This role is not yours to give',
    detail: 'The role holds rights that you do not hold. Choose another, or ask somebody who holds them.',
  },
  'group-unknown': {
    status: 404,
    title: 'No such position or department',
    detail: 'It does not exist any more. Load the list again.',
  },
  'group-exists': {
    status: 409,
    title: 'One of this name is there',
    detail: 'Two of one name cannot be told apart. Take another name, or take up again the one that was ended.',
  },
  'group-held': {
    status: 409,
    title: 'Somebody is still in it',
    detail: '{count} still have it. Give them another first, then end it.',
  },
  'zone-unknown': { status: 422, title: 'No such time zone', detail: 'Choose a zone from the list, such as Europe/London.' },
  'position-recorded': {
    status: 409,
    title: 'Time is recorded from that day on',
    detail: 'What is recorded has its rate already. Have the other position begin after {day}.',
  },
  'role-unknown': { status: 404, title: 'No such role', detail: 'This role does not exist any more. Load the list again.' },
  'role-missing': {
    status: 409,
    title: 'Everybody has a role',
    detail: 'Somebody would have no role left. Give at least one.',
  },
  'role-exists': {
    status: 409,
    title: 'A role of this name is there',
    detail: 'Two roles of one name cannot be told apart. Take another name.',
  },
  'role-held': {
    status: 409,
    title: 'Somebody has this role',
    detail: '{count} still have it. Give them other roles first, then end it.',
  },
  'reach-not-given': {
    status: 422,
    title: 'No right reaches like that',
    detail: '{rights} cannot be given that far. Choose among the reaches that it has.',
  },
  'owner-whole': {
    status: 409,
    title: 'An owner may do everything',
    detail: 'An owner has no exceptions. Give them another role instead of it first.',
  },
  'address-taken': {
    status: 409,
    title: 'This address is somebody’s already',
    detail: 'Somebody of the firm has this address. Find them in the list, and send the invitation again there.',
  },
  'team-unknown': { status: 404, title: 'No such team', detail: 'This team does not exist any more. Load the list again.' },
  'team-exists': {
    status: 409,
    title: 'A team of this name is there',
    detail: 'Two teams of one name cannot be told apart. Take another name.',
  },
  'lead-not-yours': {
    status: 403,
    title: 'This lead sees more than you',
    detail: 'Whoever leads this team sees of its people what you do not see of everybody. Ask the owner of the firm.',
  },
  'addresses-taken': {
    status: 409,
    title: 'Some addresses are somebody’s already',
    detail: 'Nobody was invited: {emails} stands twice, or is somebody’s of the firm already. Take it out, then send the rest.',
  },
  'not-invited': {
    status: 409,
    title: 'Nobody is waited for',
    detail: 'This person has an account already, or has left. Load the list again.',
  },
  'people-changed': {
    status: 409,
    title: 'Somebody was changed meanwhile',
    detail: 'Not all of them are as you saw them: {names}. Nothing was changed. Look at the list again, then decide.',
  },
  'last-owner': {
    status: 409,
    title: 'The last owner stays',
    detail: 'A firm needs somebody with an account who may do everything. Make somebody else an owner first.',
  },
  'handed-over-already': {
    status: 409,
    title: 'Changed meanwhile',
    detail: 'Not all of it is looked after by {name} any more. Nothing was handed over. Look at it again.',
  },
  'left-already': { status: 409, title: 'Has left already', detail: 'This person has left. Load the list again.' },
  'not-left': { status: 409, title: 'Is there', detail: 'This person has not left. Load the list again.' },
  'not-oneself': {
    status: 409,
    title: 'Not by oneself',
    detail: 'You cannot end your own access here. Ask somebody else who looks after people.',
  },
  'person-unknown': { status: 404, title: 'No such person', detail: 'This person does not exist or is not yours to see.' },
});
