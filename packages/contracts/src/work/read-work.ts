import { FirmPath, Id, Name, choice, endpoint, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { KnownWork } from './known-work';

export const Work = strict({
  /** What one has recorded on in the last weeks, the newest first. */
  lately: Type.Array(strict({ projectId: Id, taskId: nullable(Id) })),
  /** What that is called and belongs to. */
  known: KnownWork,
  services: Type.Array(
    strict({ id: Id, code: Type.String(), name: Name, kind: choice('direct', 'indirect', 'leave'), billable: Type.Boolean() }),
  ),
});
export type Work = Static<typeof Work>;

/** The services of the firm, and what one has worked on lately. */
export const readWork = endpoint({
  summary: 'The services of the firm, and what one has worked on lately',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/work',
  permission: 'work.read',
  params: FirmPath,
  answer: Work,
});
