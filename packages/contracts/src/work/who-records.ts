import { Static, Type } from 'typebox';
import { Count, FirmAndId, Id, Name, Version, endpoint, strict } from '../platform/fields';

/** Who records on a project: everybody, or those named and whoever manages it, who alone see it. */
export const WhoRecords = strict({
  everyone: Type.Boolean(),
  people: Type.Array(Id, { maxItems: 500, uniqueItems: true }),
  teams: Type.Array(Id, { maxItems: 100, uniqueItems: true }),
});
export type WhoRecords = Static<typeof WhoRecords>;

export const KnownWhoRecords = strict({
  id: Id,
  version: Version,
  everyone: Type.Boolean(),
  people: Type.Array(strict({ id: Id, name: Name })),
  teams: Type.Array(Id),
  /** The teams that may be named, with how many are in each. */
  offered: Type.Array(strict({ id: Id, name: Name, people: Count })),
});
export type KnownWhoRecords = Static<typeof KnownWhoRecords>;

/** Who records on a project. */
export const readWhoRecords = endpoint({
  summary: 'Who records on a project',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/projects/:id/who-records',
  permission: 'work.change',
  params: FirmAndId,
  answer: KnownWhoRecords,
  problems: ['scope-unknown'],
});

/** Say who records on a project; what is recorded already stays as it is. */
export const changeWhoRecords = endpoint({
  summary: 'Say who records on a project; what is recorded already stays as it is',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/projects/:id/who-records',
  permission: 'work.change',
  params: FirmAndId,
  body: WhoRecords,
  answer: KnownWhoRecords,
  problems: ['scope-unknown', 'person-unknown', 'left-already', 'team-unknown', 'nothing-to-change'],
});
