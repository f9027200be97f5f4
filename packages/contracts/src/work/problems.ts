import { sentences } from '../platform/problem';

/** What can stand in the way, with the sentence that says what to do. */
export const workProblems = sentences({
  'scope-unknown': {
    status: 404,
    title: 'No such work',
    detail: 'This client, project or task does not exist or is not yours to see.',
  },
  'project-unknown': {
    status: 422,
    title: 'No such project',
    detail: 'This project or task does not exist, or you may not record on it. Choose another.',
  },
  'client-unknown': {
    status: 422,
    title: 'No such client',
    detail: 'This client does not exist or is not yours to see. Choose another.',
  },
  'client-exists': {
    status: 409,
    title: 'There is such a client already',
    detail: 'A client of this name is there already. Choose it, or give the new one another name.',
  },
  'project-exists': {
    status: 409,
    title: 'There is such a project already',
    detail: 'The project “{name}” is open for this client already. Choose it, or give the new one another name.',
  },
  'order-unreadable': {
    status: 422,
    title: 'The list cannot be read',
    detail: '“{name}” lies below something that does not stand before it in the list. Paste the list once more.',
  },
  'task-unknown': {
    status: 404,
    title: 'No such task',
    detail: 'This task does not exist any more, or is not yours to change.',
  },
  'task-used': {
    status: 409,
    title: 'Something refers to it',
    detail:
      '“{name}” has time, a timer, a planned row or a rate. Say that it is done instead: it is offered no more, and its time stays.',
  },
  'below-itself': {
    status: 422,
    title: 'A task cannot lie below itself',
    detail: 'Choose another place: this one lies below the task that is moved.',
  },
  'too-deep': {
    status: 422,
    title: 'That is too deep',
    detail: 'Tasks lie at most {most} deep below their project. Choose a place further out.',
  },
  'state-unknown': {
    status: 404,
    title: 'No such state',
    detail: 'This state of projects does not exist any more. Load the page again, and choose another.',
  },
  'project-used': {
    status: 409,
    title: 'Something refers to it',
    detail:
      '“{name}” has time, a timer, a planned row or a line of a document. Put it into the archive instead: it is out of sight, and all of it stays.',
  },
  'client-used': {
    status: 409,
    title: 'Something refers to it',
    detail:
      '“{name}” has projects, documents or payments. Take its projects away first, or put it into the archive instead: it is out of sight, and all of it stays.',
  },
  'state-exists': {
    status: 409,
    title: 'There is such a state already',
    detail: 'A state of this name is there already. Give this one another name.',
  },
  'state-held': {
    status: 409,
    title: 'Projects have this state',
    detail: '{count} have it, those in the archive too. Give them another state first, then take this one away.',
  },
  'state-last': {
    status: 409,
    title: 'New projects would have no state',
    detail: 'A project begins in the first state that counts as open and takes time. Make another such state first.',
  },
  'client-archived': {
    status: 409,
    title: 'The client is in the archive',
    detail: '“{name}” is in the archive. Take it out again first, under Clients and projects.',
  },
  'client-under-way': {
    status: 409,
    title: 'Something is under way for this client',
    detail: '{count} of its projects count as open. Finish them or put them into the archive first.',
  },
  'code-taken': {
    status: 409,
    title: 'The code is taken',
    detail: 'Another project has the code {code}. Type another one.',
  },
});
