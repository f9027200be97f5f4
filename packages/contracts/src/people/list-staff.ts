import { Static, Type } from 'typebox';
import { Day, FirmPath, Id, Name, Version, choice, endpoint, nullable, strict } from '../platform/fields';
import { PlannedWeek } from '../firm/time-rules';
import { Recording } from './change-recording';
import { ExceptionsField, OwnRole, Role } from './held';

export const PersonKind = choice('employee', 'subcontractor', 'other');

export const Staff = strict({
  people: Type.Array(
    strict({
      id: Id,
      name: Name,
      email: Type.String(),
      staffNumber: Type.String(),
      kind: PersonKind,
      positionId: nullable(Id),
      position: nullable(Name),
      /** Since when they have this position. */
      positionFrom: nullable(Day),
      departmentId: nullable(Id),
      department: nullable(Name),
      zone: Type.String(),
      recording: Recording,
      /** What is planned of their week now, and since when; null where nothing is. */
      planned: nullable(strict({ ...PlannedWeek.properties, from: Day })),
      startedOn: Day,
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
