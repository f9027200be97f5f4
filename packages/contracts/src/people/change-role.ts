import { FirmAndId, endpoint } from '../platform/fields';
import { OwnRoleFacts } from './held';

/** Rename a role of the firm’s own, or change its rights for everybody who has it. */
export const changeRole = endpoint({
  summary: 'Rename a role of the firm’s own, or change its rights for everybody who has it',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/roles/:id',
  permission: 'people.change',
  params: FirmAndId,
  body: OwnRoleFacts,
  problems: ['role-unknown', 'role-exists', 'role-not-yours', 'reach-not-given', 'nothing-to-change'],
});
