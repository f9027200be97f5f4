import { Static, Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../../platform/fields';
import { NewProject } from '../../work/create-project';
import { LaidDown } from '../../work/lay-down';

/** What of a project comes along into a copy of it; what does not is as in any new project. */
export const Along = strict({
  /** All of its tasks, as open ones. */
  tasks: Type.Boolean(),
  /** Its estimate, and those of its tasks where they come along. */
  estimates: Type.Boolean(),
  /** What is agreed of it today, with its own rates that hold today, as if from always. */
  agreement: Type.Boolean(),
  /** Who records on it, but those who have left. */
  whoRecords: Type.Boolean(),
  notes: Type.Boolean(),
});
export type Along = Static<typeof Along>;

/** Make a project like another, with what one chooses of it; who makes it manages it. */
export const copyProject = endpoint({
  summary: 'Make a project like another, with what one chooses of it; who makes it manages it',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/projects/:id/copies',
  permission: 'work.change',
  params: FirmAndId,
  body: strict({ ...NewProject.properties, along: Along }),
  answer: LaidDown,
  problems: [
    ...(['scope-unknown', 'client-unknown', 'client-exists', 'client-archived', 'project-exists'] as const),
    ...(['copy-not-yours', 'work-internal', 'agreement-missing', 'agreement-elsewhere'] as const),
  ],
});
