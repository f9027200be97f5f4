import { Minor, minor } from '../firm/units';

/**
 * Revenue earned under time and materials: billed and unbilled value, never above the limit
 * (limit 10,000, billed 8,000, unbilled 3,500: 10,000).
 */
export function revenueEarned(billed: Minor, unbilled: Minor, limit: Minor | null): Minor {
  const earned = billed + unbilled;
  return minor(limit === null ? earned : Math.min(earned, Math.max(limit, billed)));
}
