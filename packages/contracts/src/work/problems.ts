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
});
