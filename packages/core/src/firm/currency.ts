import { group } from 'd3-array';
import { Minor, RATE_SCALE, Rate, minor, rate, sumMinor } from './units';
import { multiplyDivide } from './exact';
import { isoDigits } from './iso-4217';
import { Result, fail, ok } from './result';

/**
 * The decimals of a currency's minor unit, from the list that ISO 4217's maintenance agency publishes.
 * Never from the browser's locale data, which differs for real currencies such as HUF or IDR.
 * @throws RangeError for a code that ISO 4217 does not list
 */
export function minorDigits(currency: string): number {
  const digits = isoDigits(currency);
  if (digits === undefined) throw new RangeError(`${currency} is not an ISO 4217 currency`);
  return digits;
}

/** Whether ISO 4217 lists the code. */
export function isCurrency(code: string): boolean {
  return isoDigits(code) !== undefined;
}

/** Minor units in one major unit: 100 for GBP, 1 for JPY, 1,000 for KWD. */
export function minorPerMajor(currency: string): number {
  return 10 ** minorDigits(currency);
}

/** How a locale writes figures: its separators, what stands between a figure and a currency or per cent behind it. */
interface Writing {
  readonly group: string;
  readonly decimal: string;
  /** Null where the currency stands before the figure. */
  readonly beforeCurrency: string | null;
  readonly beforePercent: string;
}

const writings = new Map<string, Writing>();

function writingOf(locale: string): Writing {
  let found = writings.get(locale);
  if (!found) {
    const parts = new Intl.NumberFormat(locale, { useGrouping: true }).formatToParts(1234567.8);
    const money = new Intl.NumberFormat(locale, { style: 'currency', currency: 'EUR' }).formatToParts(1);
    const share = new Intl.NumberFormat(locale, { style: 'percent' }).formatToParts(1);
    const gap = (all: Intl.NumberFormatPart[], sign: 'currency' | 'percentSign') => {
      const before = all[all.findIndex((part) => part.type === sign) - 1];
      return before?.type === 'literal' ? before.value : '';
    };
    found = {
      group: parts.find((part) => part.type === 'group')?.value ?? ',',
      decimal: parts.find((part) => part.type === 'decimal')?.value ?? '.',
      beforeCurrency: money.at(-1)?.type === 'currency' ? gap(money, 'currency') : null,
      beforePercent: gap(share, 'percentSign'),
    };
    writings.set(locale, found);
  }
  return found;
}

/**
 * A whole number of `10^-digits` units written with the locale's separators, exactly: the figure never
 * passes through a binary fraction. A true minus sign stands before negative figures.
 */
export function decimalText(value: number, digits: number, locale = 'en-GB'): string {
  const { group, decimal } = writingOf(locale);
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

function withCurrency(negative: boolean, figure: string, currency: string, locale: string): string {
  const sign = negative ? '−' : '';
  const symbol = symbols[currency];
  const { beforeCurrency } = writingOf(locale);
  if (beforeCurrency !== null) return `${sign}${figure}${beforeCurrency}${symbol ?? currency}`;
  return symbol ? `${sign}${symbol}${figure}` : `${sign}${currency} ${figure}`;
}

/** An amount with its currency: `£3,683.34`, `−€20.00`, `KWD 1.500`; where the locale has it behind: `3.683,34 €`. */
export function moneyText(amount: Minor, currency: string, locale = 'en-GB'): string {
  return withCurrency(amount < 0, amountText(minor(Math.abs(amount)), currency, locale), currency, locale);
}

/** An amount to the nearest major unit, where a figure only shows what is large and what is small: `£3,683`. */
export function wholeMoneyText(amount: Minor, currency: string, locale = 'en-GB'): string {
  const major = multiplyDivide([Math.abs(amount)], [minorPerMajor(currency)]);
  return withCurrency(amount < 0 && major !== 0, decimalText(major, 0, locale), currency, locale);
}

/** An amount for other programs: a point, no groups, the currency's decimals: `-3683.34`. */
export function plainAmountText(amount: Minor, currency: string): string {
  const digits = minorDigits(currency);
  const text = Math.abs(amount)
    .toString()
    .padStart(digits + 1, '0');
  const fraction = digits > 0 ? `.${text.slice(-digits)}` : '';
  return (amount < 0 ? '-' : '') + text.slice(0, text.length - digits) + fraction;
}

/** Sums amounts by currency, never across; the currencies in order of their codes. */
export function sumByCurrency(figures: Iterable<{ currency: string; minor: number }>): { currency: string; minor: Minor }[] {
  const byCurrency = group([...figures], (figure) => figure.currency);
  return [...byCurrency]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([currency, all]) => ({ currency, minor: sumMinor(all.map((figure) => minor(figure.minor))) }));
}

/** A rate per hour, to the currency's decimals, or to four where it has more: `92.00`, `61.2550`. */
export function rateText(value: Rate, currency: string, locale = 'en-GB'): string {
  const digits = minorDigits(currency);
  const step = RATE_SCALE / 10 ** digits;
  return value % step === 0 ? decimalText(value / step, digits, locale) : decimalText(value, 4, locale);
}

/** A percentage to one decimal, from a fraction in millionths: 953,000 is `95.3%`, in German `95,3 %`. */
export function percentText(value: number, locale = 'en-GB', digits = 1): string {
  return `${decimalText(multiplyDivide([value, 10 ** digits], [10_000]), digits, locale)}${writingOf(locale).beforePercent}%`;
}

/**
 * A typed decimal in units of `10^-digits`. Where only one sign stands, a point is the decimal sign and a
 * comma before exactly three digits a group (unless the figure may have three decimals); where two
 * stand, the last is the decimal sign. What is not clear is refused.
 */
function readDecimal(text: string, digits: number): number | undefined {
  const cleaned = text.replace(/[\s\u00a0\u202f'’]/g, '').replace(/^−/, '-');
  const match = /^(-?)(\d*)((?:[.,]\d*)*)$/.exec(cleaned);
  if (!match || !/\d/.test(cleaned)) return undefined;
  const parts = match[3]!.match(/[.,]\d*/g) ?? [];
  const signs = new Set(parts.map((part) => part[0]));
  const last = parts.at(-1);
  const oneGroup = parts.length === 1 && last![0] === ',' && last!.length === 4 && digits < 3;
  const onlyGroups = parts.length > 1 && signs.size === 1;
  const fraction = last === undefined || oneGroup || onlyGroups ? '' : last.slice(1);
  const groups = fraction === '' && (oneGroup || onlyGroups) ? parts : parts.slice(0, -1);
  if (groups.some((group) => group.length !== 4 || group[0] !== groups[0]![0])) return undefined;
  if (groups.length > 0 && !/^\d{1,3}$/.test(match[2]!)) return undefined;
  if (groups.length < parts.length && groups.some((group) => group[0] === last![0])) return undefined;
  if (fraction.length > digits) return undefined;
  const whole = (match[2] || '0') + groups.map((group) => group.slice(1)).join('');
  const value = Number(whole + fraction.padEnd(digits, '0'));
  if (!Number.isSafeInteger(value)) return undefined;
  return match[1] && value !== 0 ? -value : value;
}

/**
 * Reads a typed amount: `1400`, `1,400.00`, `1.400,00`, `1 400,5`, with or without a currency sign.
 * More decimals than the currency has are an error, never cut off.
 */
export function readAmount(text: string, currency: string): Result<Minor, 'amount-unreadable' | 'amount-empty'> {
  const trimmed = text
    .replace(/[£€$¥]/g, '')
    .replace(new RegExp(currency, 'i'), '')
    .trim();
  if (trimmed === '') return fail('amount-empty');
  const value = readDecimal(trimmed, minorDigits(currency));
  return value === undefined ? fail('amount-unreadable', { typed: text, decimals: minorDigits(currency) }) : ok(minor(value));
}

/** Reads a typed rate per hour, up to four decimals. Zero is a rate; nothing is not. */
export function readRate(text: string): Result<Rate, 'rate-unreadable' | 'rate-empty'> {
  const trimmed = text.replace(/[£€$¥]/g, '').trim();
  if (trimmed === '') return fail('rate-empty');
  const value = readDecimal(trimmed, 4);
  return value === undefined || value < 0 ? fail('rate-unreadable', { typed: text }) : ok(rate(value));
}
