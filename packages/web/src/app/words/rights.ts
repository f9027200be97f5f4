import { Permission, Reach, isOfPeople } from '@yellowwood/core';

/** What each right lets somebody do. */
export const RIGHT_WORDS: Readonly<Record<Permission, string>> = {
  'time.record': 'Records time',
  'time.read': 'Sees hours',
  'time.correct': 'Corrects hours',
  'time.review': 'Decides on hours',
  'work.read': 'Sees clients, projects and tasks',
  'values.read': 'Sees rates and values',
  'cost.read': 'Sees cost and margin',
  'pay.read': 'Sees pay',
  'entries.price': 'Prices hours',
  'agreements.change': 'Changes what is agreed',
  'invoices.read': 'Sees invoices',
  'invoices.issue': 'Makes and issues invoices',
  'payments.record': 'Records payments',
  'results.read': 'Sees results',
  'history.read': 'Sees who did what',
  'people.change': 'Looks after people and their rights',
  'work.change': 'Makes projects',
  'firm.change': 'Changes the settings of the firm',
};

const REACH_WORDS: Readonly<Record<Reach, string>> = {
  own: 'own',
  project: 'own, and projects managed',
  team: 'own, projects managed, teams led',
  firm: 'all',
};

/** How far a right reaches, in words: those over single people add up, the others one has or has not. */
export function reachWords(permission: Permission, reach: Reach | null | undefined): string {
  if (!reach) return 'not at all';
  return isOfPeople(permission) ? REACH_WORDS[reach] : 'yes';
}
