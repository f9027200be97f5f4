import { Millionths, Minor, minor } from '../firm/units';
import { margin, markUp, ratio, realisation } from './ratios';

/** The sums of one project, in the agreement's currency but for the cost, which is the firm's. */
export interface ProjectSums {
  readonly cost: Minor;
  /** Rounded time × rate of everything billable, whatever its stage. */
  readonly standardValue: Minor;
  /** Net of issued documents, credits taken off. */
  readonly billed: Minor;
  /** Standard value of what these documents bill. */
  readonly billedStandard: Minor;
  /** Value at the agreed rate of billable time that is on no issued document. */
  readonly unbilled: Minor;
  readonly limit: Minor | null;
}

export interface ProjectResult extends ProjectSums {
  readonly revenue: Minor;
  readonly margin: Millionths | null;
  readonly markUp: Millionths | null;
  readonly realisation: Millionths | null;
  readonly limitUsed: Millionths | null;
}

/**
 * Revenue earned under time and materials: billed and unbilled value, never above the limit
 * (limit 10,000, billed 8,000, unbilled 3,500: 10,000).
 */
export function revenueEarned(billed: Minor, unbilled: Minor, limit: Minor | null): Minor {
  const earned = billed + unbilled;
  return minor(limit === null ? earned : Math.min(earned, Math.max(limit, billed)));
}

/**
 * The result of one project.
 * @param revenueInCostCurrency the revenue where the agreement's currency is not the firm's; margin and
 *        mark-up compare only figures of one currency
 */
export function projectResult(sums: ProjectSums, revenueInCostCurrency?: Minor): ProjectResult {
  const revenue = revenueEarned(sums.billed, sums.unbilled, sums.limit);
  const comparable = revenueInCostCurrency ?? revenue;
  return {
    ...sums,
    revenue,
    margin: margin(comparable, sums.cost),
    markUp: markUp(comparable, sums.cost),
    realisation: realisation(sums.billed, sums.billedStandard),
    limitUsed: sums.limit === null ? null : ratio(sums.billed, sums.limit),
  };
}
