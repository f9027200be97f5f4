import { computed } from '@angular/core';
import type { OwnRole, Staff } from '@yellowwood/contracts';
import { Held, PERMISSIONS, ROLES, ROLE_RIGHTS, Rights, Role, isRole, mayGiveRights } from '@yellowwood/core';
import { RIGHT_WORDS } from '../../words/rights';
import { Say } from '../../state/own-words';

/** What each role is called, and what it may. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly word: string; readonly may: string }>> = {
  owner: { word: 'Owner', may: 'Sees and changes everything.' },
  administrator: { word: 'Administrator', may: 'Looks after people and work, and sees everybody’s hours, no money.' },
  manager: { word: 'Manager', may: 'Reviews the time of the teams and projects that they lead, and sees their money, no pay.' },
  'project manager': {
    word: 'Project manager',
    may: 'Sees the time and the money of the projects that they manage, and decides on that time.',
  },
  bookkeeper: { word: 'Bookkeeper', may: 'Prices, bills and collects, and sees pay; reviews nobody’s time.' },
  staff: { word: 'Staff', may: 'Records their own time, and sees no money.' },
  auditor: { word: 'Auditor', may: 'Reads everything, pay and the history too, and changes nothing; records no time.' },
};

/** A role that somebody may have: one that every firm has, or one of the firm's own. */
export interface RoleChoice {
  /** The name of a role that every firm has, or the id of one of the firm's own. */
  readonly key: string;
  readonly word: string;
  readonly may: string;
  readonly rights: Rights;
  /** Whether one may give it. */
  readonly mine: boolean;
}

/** What some rights are, as a sentence. */
export function rightsSentence(rights: Rights): string {
  const words = PERMISSIONS.filter((one) => rights[one]).map((one) => RIGHT_WORDS[one].toLowerCase());
  if (words.length === 0) return 'May nothing yet.';
  const sentence = `${words.join(', ')}.`;
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}

/**
 * All roles that somebody may have.
 * @param mine what one may oneself
 * @param say  says our words as the firm does; what it has named itself stays
 */
export function roleChoices(ownRoles: readonly Pick<OwnRole, 'id' | 'name' | 'rights'>[], mine: Rights, say: Say): RoleChoice[] {
  return [
    ...ROLES.map((role) => {
      const { word, may } = ROLE_WORDS[role];
      return { key: role as string, word: say(word), may: say(may), rights: ROLE_RIGHTS[role] };
    }),
    ...ownRoles.map(({ id, name, rights }) => ({ key: id, word: name, may: say(rightsSentence(rights)), rights })),
  ].map((one) => ({ ...one, mine: mayGiveRights(mine, one.rights) }));
}

/** The roles that one may give, and what the one that is chosen may, for a form that gives one. */
export function oneRole(choices: () => readonly RoleChoice[], chosen: () => string) {
  return {
    choices: computed(() => choices().map(({ key, word }) => ({ value: key, word }))),
    may: computed(() => choices().find(({ key }) => key === chosen())?.may ?? ''),
  };
}

type Person = Staff['people'][number];

/** The keys of the roles that somebody has. */
export const keysOf = ({ roles, ownRoles }: Pick<Person, 'roles' | 'ownRoles'>): string[] => [...roles, ...ownRoles];

/** Keys of roles as they are sent. */
export function givenRoles(keys: readonly string[]): Pick<Person, 'roles' | 'ownRoles'> {
  return { roles: keys.filter(isRole), ownRoles: keys.filter((key) => !isRole(key)) };
}

/** What somebody was given, as the core reckons with it. */
export function heldOf(person: Person, ownRoles: readonly OwnRole[]): Held {
  return { ...person, ownRoles: ownRoles.filter(({ id }) => person.ownRoles.includes(id)) };
}
