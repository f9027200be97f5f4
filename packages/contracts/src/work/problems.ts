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
  'code-taken': {
    status: 409,
    title: 'The code is taken',
    detail: 'Another project has the code {code}. Type another one.',
  },
});
