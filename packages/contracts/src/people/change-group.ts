import { Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../platform/fields';
import { GroupName } from './groups';

/** Rename a position or a department, end it, or take it up again. */
export const changeGroup = endpoint({
  summary: 'Rename a position or a department, end it, or take it up again',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/groups/:id',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({ name: GroupName, ended: Type.Boolean() }),
  problems: ['group-unknown', 'group-exists', 'group-held', 'nothing-to-change'],
});
