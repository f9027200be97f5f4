import { Millionths, Minor, WHOLE, minor, sumMinor } from '../firm/units';
import { multiplyDivide } from '../firm/exact';
import { TaxCategory } from '../rates/tax-category';

/** What a line, an allowance or a charge brings to the totals. */
export interface TaxedAmount {
  readonly net: Minor;
  readonly category: TaxCategory;
  readonly rate: Millionths;
}

/** One row of the tax breakdown. */
export interface TaxSubtotal {
  readonly category: TaxCategory;
  readonly rate: Millionths;
  readonly base: Minor;
  readonly tax: Minor;
}

export interface InvoiceTotals {
  /** Sum of line nets [BR-CO-10]. */
  readonly lines: Minor;
  /** Document allowances [BR-CO-11]. */
  readonly allowances: Minor;
  /** Document charges [BR-CO-12]. */
  readonly charges: Minor;
  /** Total without tax [BR-CO-13]. */
  readonly net: Minor;
  /** Tax by category and rate [BR-S-08 and its sisters, BR-CO-17]. */
  readonly taxes: readonly TaxSubtotal[];
  /** Tax total [BR-CO-14]. */
  readonly tax: Minor;
  /** Total with tax [BR-CO-15]. */
  readonly gross: Minor;
  /** Amount due [BR-CO-16]. */
  readonly due: Minor;
}

/**
 * The totals of a document as EN 16931-1 computes them. Tax is computed per category and rate on the
 * whole base, rounded half away from zero to the minor unit, never per line.
 */
export function invoiceTotals(
  lines: readonly TaxedAmount[],
  allowances: readonly TaxedAmount[] = [],
  charges: readonly TaxedAmount[] = [],
  paid: Minor = minor(0),
  rounding: Minor = minor(0),
): InvoiceTotals {
  const bases = new Map<string, { category: TaxCategory; rate: Millionths; base: number }>();
  const add = (amount: TaxedAmount, sign: 1 | -1) => {
    const key = `${amount.category} ${amount.rate}`;
    const found = bases.get(key) ?? { category: amount.category, rate: amount.rate, base: 0 };
    found.base += sign * amount.net;
    bases.set(key, found);
  };
  lines.forEach((line) => add(line, 1));
  allowances.forEach((allowance) => add(allowance, -1));
  charges.forEach((charge) => add(charge, 1));
  const taxes = [...bases.values()]
    .map(({ category, rate, base }) => ({
      category,
      rate,
      base: minor(base),
      tax: minor(multiplyDivide([base, rate], [WHOLE])),
    }))
    .sort((a, b) => b.rate - a.rate || a.category.localeCompare(b.category));
  const sum = (amounts: readonly TaxedAmount[]) => sumMinor(amounts.map((amount) => amount.net));
  const net = minor(sum(lines) - sum(allowances) + sum(charges));
  const tax = sumMinor(taxes.map((row) => row.tax));
  return {
    lines: sum(lines),
    allowances: sum(allowances),
    charges: sum(charges),
    net,
    taxes,
    tax,
    gross: minor(net + tax),
    due: minor(net + tax - paid + rounding),
  };
}
