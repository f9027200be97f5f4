import { FirmPath, Id, endpoint, strict } from '../platform/fields';
import { OwnRoleFacts } from './held';

/** Make a role of the firm’s own: no right, and no reach of one, that one does not hold. */
export const createRole = endpoint({
  summary: 'Make a role of the firm’s own: no right, and no reach of one, that one does not hold',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/roles',
  permission: 'people.change',
  params: FirmPath,
  body: strict({ id: Id, ...OwnRoleFacts.properties }),
  problems: ['role-exists', 'role-not-yours', 'reach-not-given'],
});
