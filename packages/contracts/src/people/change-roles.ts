import { Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../platform/fields';
import { OwnRoleIds, Role } from './held';

/** Give somebody other roles: no role that one does not hold, and the last owner stays one. */
export const changeRoles = endpoint({
  summary: 'Give somebody other roles: no role that one does not hold, and the last owner stays one',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id/roles',
  permission: 'people.change',
  params: FirmAndId,
  /** At least one of both kinds. */
  body: strict({ roles: Type.Array(Role, { maxItems: 8, uniqueItems: true }), ownRoles: OwnRoleIds }),
  problems: ['person-unknown', 'role-unknown', 'role-missing', 'role-not-yours', 'last-owner', 'nothing-to-change'],
});
