import { MOST_LINES } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { Duration, FirmPath, Id, endpoint, nullable, strict } from '../platform/fields';
import { NewProject, WorkName } from './create-project';
import { KnownWork } from './known-work';

export const Outline = strict({
  /** For whom: a client that there is, or with its name one that is made; null for the firm itself. */
  client: NewProject.properties.client,
  /** Each after what it lies below: what lies below nothing is a project, all else a task of it. */
  lines: Type.Array(strict({ id: Id, parentId: nullable(Id), name: WorkName, estimate: Duration }), {
    minItems: 1,
    maxItems: MOST_LINES,
  }),
});
export type Outline = Static<typeof Outline>;

/** What was laid down. */
export const LaidDown = strict({
  client: nullable(KnownWork.properties.clients.items),
  projects: KnownWork.properties.projects,
  tasks: KnownWork.properties.tasks,
});
export type LaidDown = Static<typeof LaidDown>;

/** Lay down projects and their tasks from a list, with the firm's usual terms: all of them, or none. */
export const layDown = endpoint({
  summary: "Lay down projects and their tasks from a list, with the firm's usual terms: all of them, or none",
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/outline',
  permission: 'work.change',
  params: FirmPath,
  body: Outline,
  answer: LaidDown,
  problems: ['already-there', 'client-unknown', 'client-exists', 'client-archived', 'project-exists', 'order-unreadable'],
});
