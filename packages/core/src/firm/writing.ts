/** How dates and figures are written: BCP 47 tags, and whether a date is written as it is in ISO 8601. */
export interface Writing {
  readonly dates: string;
  readonly numbers: string;
  readonly yearFirst: boolean;
}

/** What somebody has chosen of it; null as in their country. */
export interface WritingChosen {
  readonly dates: 'day first' | 'month first' | 'year first' | null;
  readonly numbers: 'comma point' | 'point comma' | 'space comma' | 'apostrophe point' | null;
}

const DATES = { 'day first': 'en-GB', 'month first': 'en-US', 'year first': 'en-GB' } as const;
const NUMBERS = { 'comma point': 'en-GB', 'point comma': 'de-DE', 'space comma': 'fr-FR', 'apostrophe point': 'de-CH' } as const;

/** The order of day and month of a country, in English words. */
function datesOf(country: string): string {
  return Intl.DateTimeFormat.supportedLocalesOf(`en-${country}`)[0] ?? 'en-GB';
}

/** The writing of figures of a country, by its main language: `de-DE` for DE. */
function numbersOf(country: string): string {
  const { language } = new Intl.Locale(`und-${country}`).maximize();
  return Intl.NumberFormat.supportedLocalesOf(`${language}-${country}`)[0] ?? 'en-GB';
}

/**
 * How dates and figures are written, as it is chosen, else as in the country.
 * @param country ISO 3166-1
 */
export function writingFor({ dates, numbers }: WritingChosen, country: string): Writing {
  return {
    dates: dates ? DATES[dates] : datesOf(country),
    numbers: numbers ? NUMBERS[numbers] : numbersOf(country),
    yearFirst: dates === 'year first',
  };
}

/** How documents were written before firms could choose. */
export const WRITTEN_BEFORE: Writing = { dates: 'en-GB', numbers: 'en-GB', yearFirst: true };

/**
 * A date on a document, with its year: `9 June 2026`, `June 9, 2026`, `2026-06-09`.
 * @param date ISO 8601
 */
export function documentDate(date: string, { dates, yearFirst }: Writing): string {
  if (yearFirst) return date;
  const form = new Intl.DateTimeFormat(dates, { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
  return form.format(new Date(`${date}T00:00:00Z`));
}
