import { Type } from 'typebox';
import { Day, FirmAndId, Id, endpoint, nullable, optional, strict } from '../platform/fields';
import { PersonKind } from './read-person';
import { PersonName } from './person-name';
import { Handle } from './sign-in';

/** Change the facts about a person. Where they sign in is theirs to change. */
export const changePerson = endpoint({
  summary: 'Change the facts about a person. Where they sign in is theirs to change',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({
    name: PersonName,
    email: Handle,
    staffNumber: Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' }),
    // What is left out stays as it is.
    kind: optional(PersonKind),
    departmentId: optional(nullable(Id)),
    /** Where their clock is. */
    zone: optional(Type.String({ maxLength: 60 })),
    startedOn: optional(Day),
    /** Another position, from a day on. */
    position: optional(strict({ id: nullable(Id), from: Day })),
  }),
  problems: [
    'handle-unreadable',
    'person-unknown',
    'address-taken',
    'group-unknown',
    'zone-unknown',
    'position-recorded',
    'nothing-to-change',
  ],
});
