import { LONGEST_WORK_NAME } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { FirmPath, Id, endpoint, nullable, optional, strict } from '../platform/fields';
import { KnownWork } from './known-work';

export const WorkName = Type.String({ minLength: 1, maxLength: LONGEST_WORK_NAME, pattern: '\\S' });

export const NewProject = strict({
  id: Id,
  name: WorkName,
  /** For whom: a client that there is, or with its name one that is made; null for the firm itself, which is not billed. */
  client: nullable(strict({ id: Id, name: optional(WorkName) })),
});
export type NewProject = Static<typeof NewProject>;

export const MadeProject = strict({
  project: KnownWork.properties.projects.items,
  client: nullable(KnownWork.properties.clients.items),
});
export type MadeProject = Static<typeof MadeProject>;

/** Make a project, and its client where it is new, with the firm's usual terms; who makes it manages it. */
export const createProject = endpoint({
  summary: "Make a project, and its client where it is new, with the firm's usual terms; who makes it manages it",
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/projects',
  permission: 'work.change',
  params: FirmPath,
  body: NewProject,
  answer: MadeProject,
  problems: ['client-unknown', 'client-exists', 'client-archived', 'project-exists'],
});
