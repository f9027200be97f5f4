import { FirmPath, Id, endpoint, strict } from '../platform/fields';
import { GroupKind, GroupName } from './groups';

/** Make a position or a department. */
export const createGroup = endpoint({
  summary: 'Make a position or a department',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/groups',
  permission: 'people.change',
  params: FirmPath,
  body: strict({ id: Id, kind: GroupKind, name: GroupName }),
  problems: ['group-exists'],
});
