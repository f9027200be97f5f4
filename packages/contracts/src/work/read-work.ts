import { Currency, FirmPath, Id, Name, choice, endpoint, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const Work = strict({
  clients: Type.Array(strict({ id: Id, name: Name, currency: Currency })),
  departments: Type.Array(strict({ id: Id, name: Name })),
  projects: Type.Array(
    strict({
      id: Id,
      clientId: nullable(Id),
      departmentId: nullable(Id),
      name: Name,
      /** The text that names it on the page, as the firm chose. */
      shown: Name,
      code: Type.String(),
      orderReference: Type.String(),
      tone: Type.Integer({ minimum: 1, maximum: 12 }),
      open: Type.Boolean(),
      billable: Type.Boolean(),
      managerId: Id,
    }),
  ),
  tasks: Type.Array(
    strict({ id: Id, projectId: Id, parentId: nullable(Id), name: Name, kind: Type.String(), open: Type.Boolean() }),
  ),
  /** What one has recorded on in the last weeks, the newest first. */
  lately: Type.Array(strict({ projectId: Id, taskId: nullable(Id) })),
  services: Type.Array(
    strict({ id: Id, code: Type.String(), name: Name, kind: choice('direct', 'indirect', 'leave'), billable: Type.Boolean() }),
  ),
});
export type Work = Static<typeof Work>;

/** Clients, projects, tasks and services that one may see. */
export const readWork = endpoint({
  summary: 'Clients, projects, tasks and services that one may see',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/work',
  permission: 'work.read',
  params: FirmPath,
  answer: Work,
});
