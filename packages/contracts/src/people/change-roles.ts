import { Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../platform/fields';
import { Role } from './invite-person';

/** Give somebody other roles: no role that one does not hold, and the last owner stays one. */
export const changeRoles = endpoint({
  summary: 'Give somebody other roles: no role that one does not hold, and the last owner stays one',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id/roles',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({ roles: Type.Array(Role, { minItems: 1, maxItems: 8, uniqueItems: true }) }),
  problems: ['person-unknown', 'role-not-yours', 'last-owner', 'nothing-to-change'],
});
