import type { FirmFunction, Place, Size, Trade } from '@yellowwood/core';

/** What a function is called, and what it is for. */
export const FUNCTION_WORDS: Readonly<Record<FirmFunction, { readonly word: string; readonly about: string }>> = {
  review: {
    word: 'Review before billing',
    about: 'Somebody else looks at submitted time first. Without it, time is approved as it is submitted.',
  },
  invoices: { word: 'Invoices', about: 'Approved time becomes invoices, and payments are followed: the steps Bill and Collect.' },
  cost: { word: 'What people cost', about: 'Pay and overhead make cost and margin of the work, for those who may see them.' },
  people: { word: 'Time person by person', about: 'People and teams stand below the work, each with the hours of their own.' },
  grid: { word: 'The grid', about: 'Hours are typed into a grid of days. Without it, each day stands alone, as on a phone.' },
  instruction: { word: 'Instruction', about: 'People confirm how time is recorded here; who has, when and how, is listed.' },
};

export const PLACE_WORDS: Readonly<Record<Place, string>> = { office: 'In an office', field: 'In the field', both: 'In both' };
export const SIZE_WORDS: Readonly<Record<Size, string>> = { one: 'I am alone', few: 'Up to ten', more: 'More' };
export const TRADE_WORDS: Readonly<Record<Trade, string>> = {
  general: 'Something else',
  survey: 'Surveying and engineering',
  design: 'Architecture and design',
  building: 'Building and restoration',
  repair: 'Installation and repair',
  upkeep: 'Cleaning, gardens and upkeep',
  advice: 'Advice',
  accounts: 'Law, tax and accounts',
  software: 'Software and data',
  research: 'Research',
};
