import type { Permission } from '@yellowwood/core';

/** A page of settings. */
export interface Setting {
  readonly path: string;
  readonly word: string;
  /** Other words by which it is found. */
  readonly about: string;
  /** Who may open it. */
  readonly right: Permission;
}

/** All settings by subject. */
export const SETTINGS: readonly { readonly subject: string; readonly settings: readonly Setting[] }[] = [
  {
    subject: 'People',
    settings: [{ path: 'people', word: 'People', about: 'invite invitation account role staff join', right: 'people.change' }],
  },
];
