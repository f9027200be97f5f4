import { Static, Type } from 'typebox';
import { Day, FirmPath, Id, Name, Version, choice, endpoint, nullable, strict } from '../platform/fields';
import { ExceptionsField, OwnRole, Role } from './held';

export const Staff = strict({
  people: Type.Array(
    strict({
      id: Id,
      name: Name,
      email: Type.String(),
      position: nullable(Name),
      department: nullable(Name),
      teams: Type.Array(Name),
      roles: Type.Array(Role),
      /** The firm's own roles that they have. */
      ownRoles: Type.Array(Id),
      exceptions: ExceptionsField,
      /** Whether they have an account here, have come by a link and wait to be confirmed, were asked to have one, or neither. */
      account: choice('active', 'waiting', 'invited', 'none'),
      /** The last day of somebody who has left. */
      leftOn: nullable(Day),
      version: Version,
      /** When they were invited last. */
      invitedOn: nullable(Day),
    }),
  ),
  /** The firm's own roles. */
  ownRoles: Type.Array(OwnRole),
});
export type Staff = Static<typeof Staff>;

/** Everybody of the firm, with their roles and accounts. */
export const listStaff = endpoint({
  summary: 'Everybody of the firm, with their roles and accounts',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/staff',
  permission: 'people.change',
  params: FirmPath,
  answer: Staff,
});
