import { Type } from 'typebox';
import { FirmPath, endpoint, strict } from '../platform/fields';
import { Group } from './groups';

/** The positions and departments of the firm, ended ones too. */
export const listGroups = endpoint({
  summary: 'The positions and departments of the firm, ended ones too',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/groups',
  permission: 'people.change',
  params: FirmPath,
  answer: strict({ groups: Type.Array(Group) }),
});
