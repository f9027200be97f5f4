import { FirmPath, Id, Name, endpoint, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const People = strict({
  people: Type.Array(strict({ id: Id, name: Name, position: nullable(Name), teams: Type.Array(Name) })),
});
export type People = Static<typeof People>;

/** People whose time one may read. */
export const listPeople = endpoint({
  summary: 'People whose time one may read',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/people',
  permission: 'time.read',
  params: FirmPath,
  answer: People,
});
