import { Static, Type } from 'typebox';
import { Count, FirmAndId, FirmPath, Id, Instant, Name, endpoint, nullable, strict } from '../platform/fields';
import { NewPassword } from './change-password';
import { Consents } from './consents';
import { GivenRole, Role } from './held';
import { Joined } from './join-firm';
import { PersonName } from './person-name';
import { Handle } from './sign-in';
import { Token } from './token';

/** The role that a link gives: one that every firm has, or one of the firm's own by its name. */
const Gives = strict({ role: nullable(Role), ownRole: nullable(Name) });

/** A link by which people join with a role, and perhaps into a team. */
export const JoinLink = strict({
  id: Id,
  ...Gives.properties,
  team: nullable(Name),
  /** How many may join by it, and how many have. */
  uses: Count,
  used: Count,
  expiresAt: Instant,
  by: Name,
});
export type JoinLink = Static<typeof JoinLink>;

/** The links by which people may still join. */
export const listLinks = endpoint({
  summary: 'The links by which people may still join',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/links',
  permission: 'people.change',
  params: FirmPath,
  answer: strict({ links: Type.Array(JoinLink) }),
});

/** Make a link by which people join. Whoever makes it keeps its token: the server keeps what it is known again by. */
export const createLink = endpoint({
  summary: 'Make a link by which people join; the server keeps only what its token is known again by',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/links',
  permission: 'people.change',
  params: FirmPath,
  body: strict({
    id: Id,
    token: Type.String({ pattern: '^[\\w-]{43}$', description: '32 random bytes, base64url' }),
    role: GivenRole,
    teamId: nullable(Id),
    uses: Type.Integer({ minimum: 1, maximum: 200 }),
    days: Type.Integer({ minimum: 1, maximum: 30 }),
  }),
  problems: ['role-unknown', 'role-not-yours', 'team-unknown', 'lead-not-yours'],
});

/** End a link: nobody joins by it any more. */
export const endLink = endpoint({
  summary: 'End a link: nobody joins by it any more',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/links/:id/end',
  permission: 'people.change',
  params: FirmAndId,
  problems: ['link-ended'],
});

/** Say that somebody who joined by a link is who they say: their week opens. */
export const confirmPerson = endpoint({
  summary: 'Say that somebody who joined by a link is who they say: their week opens',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/people/:id/confirm',
  permission: 'people.change',
  params: FirmAndId,
  problems: ['person-unknown', 'nothing-to-confirm', 'role-not-yours'],
});

/** What a link is to. */
export const readLink = endpoint({
  summary: 'What a link to join is to',
  kind: 'open',
  method: 'POST',
  path: '/link',
  permission: null,
  body: strict({ token: Token }),
  answer: strict({ firm: Name, sender: Name, ...Gives.properties, team: nullable(Name) }),
  problems: ['link-ended', 'too-many-attempts'],
});

/** Join a firm by a link: as who is signed in, or with a new account by a telephone number. */
export const joinByLink = endpoint({
  summary: 'Join a firm by a link: as who is signed in, or with a new account by a telephone number',
  kind: 'open',
  method: 'POST',
  path: '/link/join',
  permission: null,
  body: strict({
    token: Token,
    account: nullable(strict({ name: PersonName, number: Handle, password: NewPassword, consents: Consents })),
  }),
  answer: Joined,
  problems: [
    ...(['link-ended', 'password-weak', 'texts-changed', 'too-many-attempts', 'account-exists', 'already-member'] as const),
    ...(['handle-unreadable', 'not-signed-in'] as const),
  ],
});
