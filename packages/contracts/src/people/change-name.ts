import { endpoint, strict } from '../platform/fields';
import { PersonName } from './person-name';
import { Session } from './session';

/** Change the name of one's account; what a firm calls one, the firm says. */
export const changeName = endpoint({
  summary: "Change the name of one's account; what a firm calls one, the firm says",
  kind: 'open',
  method: 'PUT',
  path: '/account/name',
  permission: null,
  body: strict({ name: PersonName }),
  answer: Session,
});
