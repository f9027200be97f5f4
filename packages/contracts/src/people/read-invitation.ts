import { Static, Type } from 'typebox';
import { Name, endpoint, strict } from '../platform/fields';
import { Token } from './token';

export const Invitation = strict({
  firm: Name,
  /** Who invites. */
  sender: Name,
  /** Who is invited, and at which address. */
  name: Name,
  email: Type.String(),
  /** Whether the address has an account, by whose password one joins. */
  known: Type.Boolean(),
});
export type Invitation = Static<typeof Invitation>;

/** What an invitation is to, by the link of its message. */
export const readInvitation = endpoint({
  summary: 'What an invitation is to, by the link of its message',
  kind: 'open',
  method: 'POST',
  path: '/invitation',
  permission: null,
  body: strict({ token: Token }),
  answer: Invitation,
  problems: ['link-ended', 'too-many-attempts'],
});
