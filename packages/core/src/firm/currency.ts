import currencyCodes from 'currency-codes';
import { Minor, RATE_SCALE, Rate, minor, rate } from './units';
import { multiplyDivide } from './exact';
import { Result, fail, ok } from './result';

/**
 * The decimals of a currency's minor unit, from the list that ISO 4217's maintenance agency publishes.
 * Never from the browser's locale data, which differs for real currencies such as HUF or IDR.
 * @throws RangeError for a code that ISO 4217 does not list
 */
export function minorDigits(currency: string): number {
  const entry = currencyCodes.code(currency);
  if (!entry) throw new RangeError(`${currency} is not an ISO 4217 currency`);
  return entry.digits;
}

/** Whether ISO 4217 lists the code. */
export function isCurrency(code: string): boolean {
  return /^[A-Z]{3}$/.test(code) && currencyCodes.code(code) !== undefined;
}

/** Minor units in one major unit: 100 for GBP, 1 for JPY, 1,000 for KWD. */
export function minorPerMajor(currency: string): number {
  return 10 ** minorDigits(currency);
}

const separators = new Map<string, { group: string; decimal: string }>();

function separatorsOf(locale: string): { group: string; decimal: string } {
  let found = separators.get(locale);
  if (!found) {
    const parts = new Intl.NumberFormat(locale, { useGrouping: true }).formatToParts(1234567.8);
    found = {
      group: parts.find((part) => part.type === 'group')?.value ?? ',',
      decimal: parts.find((part) => part.type === 'decimal')?.value ?? '.',
    };
    separators.set(locale, found);
  }
  return found;
}

/**
 * A whole number of `10^-digits` units written with the locale's separators, exactly: the figure never
 * passes through a binary fraction. A true minus sign stands before negative figures.
 */
export function decimalText(value: number, digits: number, locale = 'en-GB'): string {
  const { group, decimal } = separatorsOf(locale);
  const text = Math.abs(value)
    .toString()
    .padStart(digits + 1, '0');
  const major = text.slice(0, text.length - digits).replace(/\B(?=(\d{3})+(?!\d))/g, group);
  const fraction = digits > 0 ? decimal + text.slice(text.length - digits) : '';
  return (value < 0 ? '−' : '') + major + fraction;
}

/** An amount without its currency: `3,683.34`. */
export function amountText(amount: Minor, currency: string, locale = 'en-GB'): string {
  return decimalText(amount, minorDigits(currency), locale);
}

const symbols: Readonly<Record<string, string>> = { GBP: '£', EUR: '€', USD: '$', JPY: '¥' };

/** An amount with its currency: `£3,683.34`, `−€20.00`, `KWD 1.500`. */
export function moneyText(amount: Minor, currency: string, locale = 'en-GB'): string {
  const sign = amount < 0 ? '−' : '';
  const figure = amountText(minor(Math.abs(amount)), currency, locale);
  const symbol = symbols[currency];
  return symbol ? `${sign}${symbol}${figure}` : `${sign}${currency} ${figure}`;
}

/** A rate per hour, to the currency's decimals, or to four where it has more: `92.00`, `61.2550`. */
export function rateText(value: Rate, currency: string, locale = 'en-GB'): string {
  const digits = minorDigits(currency);
  const step = RATE_SCALE / 10 ** digits;
  return value % step === 0 ? decimalText(value / step, digits, locale) : decimalText(value, 4, locale);
}

/** A percentage to one decimal, from a fraction in millionths: 953,000 is `95.3 %`. */
export function percentText(value: number, locale = 'en-GB', digits = 1): string {
  return `${decimalText(multiplyDivide([value, 10 ** digits], [10_000]), digits, locale)}%`;
}

function readDecimal(text: string, digits: number): number | undefined {
  const cleaned = text.replace(/[\s\u00a0\u202f'’]/g, '').replace(/^−/, '-');
  const match = /^(-?)(\d{1,3}(?:[.,]\d{3})+|\d+)?(?:([.,])(\d*))?$/.exec(cleaned);
  if (!match || (!match[2] && !match[4])) return undefined;
  const decimal = match[3];
  const grouping = match[2]?.match(/[.,]/)?.[0];
  // "1,234" alone is read as a group; "1,234,5" or "1.234.5" mixes one sign for both and is refused.
  if (decimal && grouping === decimal) return undefined;
  const fraction = match[4] ?? '';
  if (fraction.length > digits) return undefined;
  const whole = (match[2] ?? '0').replace(/[.,]/g, '');
  const value = Number(whole + fraction.padEnd(digits, '0'));
  if (!Number.isSafeInteger(value)) return undefined;
  return match[1] && value !== 0 ? -value : value;
}

/**
 * Reads a typed amount: `1400`, `1,400.00`, `1.400,00`, `1 400,5`, with or without a currency sign.
 * More decimals than the currency has are an error, never cut off.
 */
export function readAmount(text: string, currency: string): Result<Minor, 'amount-unreadable' | 'amount-empty'> {
  const trimmed = text.replace(/[£€$¥]/g, '').replace(new RegExp(currency, 'i'), '').trim();
  if (trimmed === '') return fail('amount-empty');
  const value = readDecimal(trimmed, minorDigits(currency));
  return value === undefined
    ? fail('amount-unreadable', { typed: text, decimals: minorDigits(currency) })
    : ok(minor(value));
}

/** Reads a typed rate per hour, up to four decimals. Zero is a rate; nothing is not. */
export function readRate(text: string): Result<Rate, 'rate-unreadable' | 'rate-empty'> {
  const trimmed = text.replace(/[£€$¥]/g, '').trim();
  if (trimmed === '') return fail('rate-empty');
  const value = readDecimal(trimmed, 4);
  return value === undefined || value < 0 ? fail('rate-unreadable', { typed: text }) : ok(rate(value));
}
