import { Type } from 'typebox';
import { FirmPath, endpoint, strict } from '../platform/fields';
import { OwnRole } from './held';

/** The roles that the firm has made for itself. */
export const listRoles = endpoint({
  summary: 'The roles that the firm has made for itself',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/roles',
  permission: 'people.change',
  params: FirmPath,
  answer: strict({ roles: Type.Array(OwnRole) }),
});
