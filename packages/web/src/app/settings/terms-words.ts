import type { Terms } from '@yellowwood/contracts';
import { ROUNDING_INCREMENTS } from '@yellowwood/core';
import { FormControl } from '@angular/forms';
import { says } from '../ui/form/field';

const text = (value: string) => new FormControl(value, { nonNullable: true });

/** The fields of how time is rounded and quantities are written. */
export const termsControls = () => ({
  increment: text('1'),
  mode: text('nearest'),
  unit: text('entry'),
  minimum: new FormControl('0', {
    nonNullable: true,
    validators: ({ value }) =>
      /^\d{1,4}$/.test(String(value)) && Number(value) <= 1440 ? null : says('Type whole minutes, from 0 to 1440.'),
  }),
  quantities: text(''),
});

type TermsValues = { readonly [K in keyof ReturnType<typeof termsControls>]: string };

/** What is typed in them. */
export function termsTyped({ increment, mode, unit, minimum, quantities }: TermsValues): Terms {
  return {
    ...{ increment: Number(increment), mode: mode as Terms['mode'], unit: unit as Terms['unit'] },
    ...{ minimum: Number(minimum) || 0, decimalPlaces: quantities ? Number(quantities) : null },
  };
}

/** What stands in them of terms. */
export function termsShown({ increment, mode, unit, minimum, decimalPlaces }: Terms): TermsValues {
  return {
    ...{ increment: String(increment), mode, unit, minimum: String(minimum) },
    quantities: decimalPlaces === null ? '' : String(decimalPlaces),
  };
}

/** What may be chosen of each, in the words of one sentence. */
export const TERMS_CHOICES = {
  increments: ROUNDING_INCREMENTS.map((minutes) => ({
    value: String(minutes),
    word: minutes === 1 ? 'minute' : minutes === 60 ? 'hour' : `${minutes} minutes`,
  })),
  modes: [
    { value: 'nearest', word: 'to the nearest' },
    { value: 'up', word: 'up to the next' },
    { value: 'down', word: 'down to the last' },
  ],
  units: [
    { value: 'entry', word: 'each entry by itself' },
    { value: 'day', word: 'all time of a person on one task and day together' },
  ],
  quantities: [
    { value: '', word: 'hours and minutes, as 4:30' },
    ...[2, 3, 4, 5, 6].map((places) => ({ value: String(places), word: `hours with ${places} decimals` })),
  ],
};

/** How terms round time, as one says it: `to the nearest 15 minutes, each entry by itself, at least 30`. */
export function roundingSentence(terms: Terms): string {
  const { increment, mode, unit } = termsShown(terms);
  const word = (choices: readonly { readonly value: string; readonly word: string }[], value: string) =>
    choices.find((one) => one.value === value)!.word;
  const least = terms.minimum > 0 ? `, at least ${terms.minimum} minutes` : '';
  const { modes, increments, units } = TERMS_CHOICES;
  return `Rounded ${word(modes, mode)} ${word(increments, increment)}, ${word(units, unit)}${least}.`;
}

/** How terms write quantities, as one says it. */
export function quantitiesSentence(terms: Terms): string {
  const { word } = TERMS_CHOICES.quantities.find(({ value }) => value === termsShown(terms).quantities)!;
  return `Invoices write ${word}.`;
}
