import { Type } from 'typebox';
import { ROLES } from '@yellowwood/core';
import { OwnRoleIds, Role } from './held';
import { Count, FirmPath, SeenList, choice, endpoint, strict } from '../platform/fields';

/** Give many people roles at once, beside what they have or instead of it, or take them away: all of it, or nothing. */
export const changeManyRoles = endpoint({
  summary: 'Give many people roles at once, beside what they have or instead of it, or take them away: all of it, or nothing',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/people/roles',
  permission: 'people.change',
  params: FirmPath,
  body: strict({
    people: SeenList,
    roles: Type.Array(Role, { maxItems: ROLES.length, uniqueItems: true }),
    ownRoles: OwnRoleIds,
    how: choice('add', 'replace', 'take'),
  }),
  /** How many have other roles now; who had them already is left as they were. */
  answer: strict({ changed: Count }),
  problems: [
    'person-unknown',
    'role-unknown',
    'role-missing',
    'people-changed',
    'role-not-yours',
    'last-owner',
    'nothing-to-change',
  ],
});
