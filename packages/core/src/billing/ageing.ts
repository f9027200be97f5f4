import { DateText, Minor, minor } from '../firm/units';
import { daysBetween } from '../firm/dates';

/** Buckets by days past due on the report's date. Common practice. */
export const AGE_BUCKETS = ['not-due', '1-30', '31-60', '61-90', 'over-90'] as const;
export type AgeBucket = (typeof AGE_BUCKETS)[number];

/** Days past due: positive when late, zero on the due date. */
export function daysLate(due: DateText, on: DateText): number {
  return daysBetween(due, on);
}

/** The bucket of an invoice that is due on a date. */
export function ageBucket(due: DateText, on: DateText): AgeBucket {
  const late = daysLate(due, on);
  if (late <= 0) return 'not-due';
  if (late <= 30) return '1-30';
  if (late <= 60) return '31-60';
  return late <= 90 ? '61-90' : 'over-90';
}

/** What is open in each bucket, for invoices of one currency. */
export function ageing(open: readonly { due: DateText; open: Minor }[], on: DateText): Record<AgeBucket, Minor> {
  const sums = Object.fromEntries(AGE_BUCKETS.map((bucket) => [bucket, 0])) as Record<AgeBucket, number>;
  for (const invoice of open) sums[ageBucket(invoice.due, on)] += invoice.open;
  return Object.fromEntries(AGE_BUCKETS.map((bucket) => [bucket, minor(sums[bucket])])) as Record<AgeBucket, Minor>;
}
