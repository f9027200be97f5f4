import { Type } from 'typebox';
import { FirmPath, Id, endpoint, strict } from '../platform/fields';
import { GivenRole } from './held';
import { PersonName } from './person-name';
import { Handle } from './sign-in';

/** Ask several people to join, with one role: all of them, or none. */
export const invitePeople = endpoint({
  summary: 'Ask several people to join, with one role: all of them, or none',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/people/several',
  permission: 'people.change',
  params: FirmPath,
  body: strict({
    people: Type.Array(strict({ id: Id, name: PersonName, email: Handle }), { minItems: 1, maxItems: 200 }),
    role: GivenRole,
  }),
  problems: ['handle-unreadable', 'addresses-taken', 'role-unknown', 'role-not-yours', 'too-many-attempts', 'texts-not-sent'],
});
