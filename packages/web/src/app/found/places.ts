import { isZone } from '@yellowwood/core';
import { COUNTRIES } from '@yellowwood/core/countries';
import type { Choice } from '../ui/form/choice-field';

const names = (type: 'region' | 'currency') => new Intl.DisplayNames('en', { type });

/** What this browser knows of a country beside its name. */
function zonesOf(country: string): readonly string[] {
  const locale = new Intl.Locale(`und-${country}`) as Intl.Locale & { getTimeZones?(): string[]; timeZones?: string[] };
  return locale.getTimeZones?.() ?? locale.timeZones ?? [];
}

/** The zone that the clock of this machine goes by. */
export function ownZone(): string {
  return new Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** The country that somebody is likely in: the one of the language, if its zone fits, else the first that has the zone. */
export function likelyCountry(): string {
  const zone = ownZone();
  const spoken = new Intl.Locale(navigator.language).maximize().region ?? '';
  const fits = COUNTRIES.filter((country) => zonesOf(country).includes(zone));
  return fits.find((country) => country === spoken) ?? fits[0] ?? (COUNTRIES.includes(spoken) ? spoken : '');
}

/** The zone of a country: this machine's, if it is one of them. */
export function likelyZone(country: string): string {
  const zones = zonesOf(country);
  return zones.includes(ownZone()) ? ownZone() : (zones[0] ?? ownZone());
}

const byWord = (a: Choice, b: Choice) => a.word.localeCompare(b.word, 'en');

export function countryChoices(): Choice[] {
  const named = names('region');
  return COUNTRIES.map((code) => ({ value: code, word: named.of(code) ?? code })).sort(byWord);
}

export function currencyChoices(codes: readonly string[]): Choice[] {
  const named = names('currency');
  return codes.map((code) => ({ value: code, word: `${code}, ${named.of(code) ?? ''}` }));
}

/** Zones of places: one without rules of its own, such as UTC, is nobody's. */
export function zoneChoices(): Choice[] {
  return Intl.supportedValuesOf('timeZone')
    .filter(isZone)
    .map((zone) => ({ value: zone, word: zone.replaceAll('_', ' ') }));
}

/** The days of the week, from Monday as 1. */
export const WEEKDAYS: readonly Choice[] = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'].map(
  (word, index) => ({ value: String(index + 1), word }),
);
