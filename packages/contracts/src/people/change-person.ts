import { Type } from 'typebox';
import { FirmAndId, endpoint, strict } from '../platform/fields';
import { PersonName } from './person-name';
import { Email } from './sign-in';

/** Change the facts about a person. Where they sign in is theirs to change. */
export const changePerson = endpoint({
  summary: 'Change the facts about a person. Where they sign in is theirs to change',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({ name: PersonName, email: Email, staffNumber: Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' }) }),
  problems: ['person-unknown', 'address-taken', 'nothing-to-change'],
});
