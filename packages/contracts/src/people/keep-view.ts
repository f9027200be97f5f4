import { Type } from 'typebox';
import { FirmPath, endpoint, strict } from '../platform/fields';
import { View } from './view';

/** Keep how one has a table. */
export const keepView = endpoint({
  summary: 'Keep how one has a table',
  kind: 'command',
  method: 'PUT',
  path: '/f/:firm/views/:name',
  permission: null,
  params: strict({ ...FirmPath.properties, name: Type.String({ pattern: '^[a-z][a-z-]{0,39}$' }) }),
  body: View,
});
