import { Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../platform/fields';
import { OutlineTask } from './outline-task';

/** The tasks of a project, each with its place and what was said of it. */
export const listTasks = endpoint({
  summary: 'The tasks of a project, each with its place and what was said of it',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/projects/:id/tasks',
  permission: 'work.read',
  params: FirmAndId,
  answer: strict({ tasks: Type.Array(OutlineTask) }),
  problems: ['scope-unknown'],
});
