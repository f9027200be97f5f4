import { FirmPath, Id, endpoint, strict } from '../platform/fields';
import { GivenRole } from './held';
import { PersonName } from './person-name';
import { Handle } from './sign-in';

/** Have somebody join: a person of the firm at once, with an account once they follow the link of their message. */
export const invitePerson = endpoint({
  summary: 'Have somebody join: a person of the firm at once, with an account once they follow the link of their message',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/people',
  permission: 'people.change',
  params: FirmPath,
  body: strict({ id: Id, name: PersonName, email: Handle, role: GivenRole }),
  problems: ['handle-unreadable', 'role-unknown', 'role-not-yours', 'address-taken', 'too-many-attempts', 'texts-not-sent'],
});
