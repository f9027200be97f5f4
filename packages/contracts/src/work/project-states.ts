import { Static, Type } from 'typebox';
import { Count, FirmAndId, FirmPath, Id, Name, Version, endpoint, strict } from '../platform/fields';

const StateFacts = {
  name: Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' }),
  /** Whether time is recorded on projects of this state. */
  records: Type.Boolean(),
  /** Whether projects of this state count as open: they stand first in lists, and somebody has to look after them. */
  open: Type.Boolean(),
};

/** A state that the firm's projects may have. */
export const ProjectState = strict({
  id: Id,
  ...StateFacts,
  name: Name,
  /** How many projects have it, of those that one sees. */
  projects: Count,
  version: Version,
});
export type ProjectState = Static<typeof ProjectState>;

/** The states that the firm's projects may have, in the order in which they follow each other. */
export const listProjectStates = endpoint({
  summary: "The states that the firm's projects may have, in the order in which they follow each other",
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/project-states',
  permission: 'work.read',
  params: FirmPath,
  answer: strict({ states: Type.Array(ProjectState) }),
});

/** Make another state for projects; it comes after those that there are. */
export const createProjectState = endpoint({
  summary: 'Make another state for projects; it comes after those that there are',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/project-states',
  permission: 'firm.change',
  params: FirmPath,
  body: strict({ id: Id, ...StateFacts }),
  problems: ['state-exists'],
});

/**
 * Change a state of projects, or where it stands. What is recorded on its projects and not decided on is marked, or not
 * any more.
 */
export const changeProjectState = endpoint({
  summary: 'Change a state of projects, or where it stands; what is recorded on them and not decided on is marked anew',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/project-states/:id',
  permission: 'firm.change',
  params: FirmAndId,
  /** Its place among the states, from 0. */
  body: strict({ ...StateFacts, place: Type.Integer({ minimum: 0, maximum: 99 }) }),
  problems: ['state-unknown', 'state-exists', 'state-last', 'nothing-to-change'],
});

/** Take away a state that no project has. */
export const removeProjectState = endpoint({
  summary: 'Take away a state that no project has',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/project-states/:id',
  permission: 'firm.change',
  params: FirmAndId,
  problems: ['state-unknown', 'state-held', 'state-last'],
});
