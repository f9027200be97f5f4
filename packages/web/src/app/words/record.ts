import { Seconds, readDuration, seconds } from '@yellowwood/core';

const DURATIONS: Readonly<Record<string, string>> = {
  'duration-not-hours': 'More than 24 is not read as hours. Type 4:30, 4.5 or 270m.',
  'duration-minutes': 'Minutes go to 59. Type 4:30, 4.5 or 270m.',
};

/** What a cell takes: a duration above zero; nothing at all empties it. */
export function readCell(typed: string): { readonly quantity: Seconds } | { readonly sentence: string } {
  if (typed.trim() === '') return { quantity: seconds(0) };
  const read = readDuration(typed);
  if (!read.ok) return { sentence: DURATIONS[read.error.code] ?? 'This cannot be read as a duration. Type 4:30, 4.5 or 4h30.' };
  return read.value === 0 ? { sentence: 'Type more than zero, or empty the cell.' } : { quantity: read.value };
}

export const NOT_SENT = 'Not sent yet: the server does not answer. It is sent as soon as it does.';
export const OTHER_THINGS = 'Something else stands in this cell by now. Open it in the day below.';

/** Somebody else was here between looking and typing. */
export function changedMeanwhile(now: string): string {
  return `${now ? `Somebody made this ${now} meanwhile` : 'Somebody emptied this cell meanwhile'}. Enter takes yours, Escape theirs.`;
}
