import type { FirmFunction, Permission } from '@yellowwood/core';

/** A page of settings. */
export interface Setting {
  readonly path: string;
  readonly word: string;
  /** Other words by which it is found. */
  readonly about: string;
  /** Who may open it; null for everybody. */
  readonly right: Permission | null;
  /** The function that it belongs to, out of sight with it. */
  readonly of?: FirmFunction;
}

const ABOUT_ACCOUNT = 'name password e-mail address second factor recovery codes sessions devices sign out leave';

/** All settings by subject. */
export const SETTINGS: readonly { readonly subject: string; readonly settings: readonly Setting[] }[] = [
  {
    subject: 'You',
    settings: [{ path: 'account', word: 'Account', about: ABOUT_ACCOUNT, right: null }],
  },
  {
    subject: 'Firm',
    settings: [
      {
        ...{ path: 'firm', word: 'Facts and numbers', right: 'firm.change' },
        about: 'name address tax id payment bank invoice number prefix documents',
      },
      {
        ...{ path: 'functions', word: 'What is used', right: 'firm.change' },
        about: 'functions switch on off hide office field size trade review invoices cost people grid instruction services',
      },
      {
        ...{ path: 'words', word: 'Words', right: 'firm.change' },
        about: 'rename client project task service customer job order matter code reference levels call names',
      },
      {
        ...{ path: 'time', word: 'Rules of time', right: 'firm.change' },
        about: 'maximum hours day week overtime gap lock closed period review approval policy',
      },
      {
        ...{ path: 'signing-in', word: 'Signing in', right: 'firm.change' },
        about: 'second factor code safety security password money',
      },
    ],
  },
  {
    subject: 'Work',
    settings: [
      {
        ...{ path: 'work', word: 'Clients and projects', right: 'work.change' },
        about: 'client project task phase outline list paste lay down add new customer job archive',
      },
      {
        ...{ path: 'states', word: 'States of projects', right: 'firm.change' },
        about: 'proposed open under way on hold finished closed state status takes time record job',
      },
    ],
  },
  {
    subject: 'Money',
    settings: [
      {
        ...{ path: 'terms', word: 'Rounding and quantities', right: 'agreements.change', of: 'invoices' },
        about: 'round quarter hour increment minimum charge decimals hours form of quantities agreement terms',
      },
    ],
  },
  {
    subject: 'People',
    settings: [
      { path: 'people', word: 'People', about: 'invite invitation account role staff join', right: 'people.change' },
      { path: 'groups', word: 'Positions and departments', about: 'job title trade grade unit branch', right: 'people.change' },
      {
        ...{ path: 'roles', word: 'Roles', right: 'people.change' },
        about: 'rights permissions access exceptions own role copy may see',
      },
      {
        ...{ path: 'instruction', word: 'Instruction', right: 'people.change', of: 'instruction' },
        about: 'timekeeping rules confirm evidence audit training sign paper film',
      },
      { path: 'teams', word: 'Teams', about: 'lead manager group members merge', right: 'people.change' },
    ],
  },
];
