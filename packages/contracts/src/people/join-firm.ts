import { Static, Type } from 'typebox';
import { endpoint, nullable, strict } from '../platform/fields';
import { NewPassword } from './change-password';
import { Consents } from './consents';
import { PersonName } from './person-name';
import { Session } from './session';
import { Token } from './token';

export const Joined = strict({ slug: Type.String(), session: Session });
export type Joined = Static<typeof Joined>;

/** Join a firm by the link of an invitation, once: as who is signed in, or with a new account for the address. */
export const joinFirm = endpoint({
  summary: 'Join a firm by the link of an invitation, once: as who is signed in, or with a new account for the address',
  kind: 'open',
  method: 'POST',
  path: '/invitation/join',
  permission: null,
  body: strict({
    token: Token,
    /** The new account; null for who is signed in. */
    account: nullable(strict({ name: PersonName, password: NewPassword, consents: Consents })),
  }),
  answer: Joined,
  problems: ['link-ended', 'password-weak', 'texts-changed', 'too-many-attempts', 'account-exists', 'already-member'],
});
