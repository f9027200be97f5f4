import type { Role } from '@yellowwood/core';

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
