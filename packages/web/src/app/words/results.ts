import type { Behind, Figure, Results } from '@yellowwood/contracts';

/** What each figure of the results is called. */
export const FIGURE_WORDS: Readonly<Record<Figure, string>> = {
  hours: 'Hours',
  'billable-hours': 'Billable hours',
  cost: 'Labour cost',
  'standard-value': 'Standard value',
  billed: 'Billed',
  unbilled: 'Unbilled',
  revenue: 'Revenue earned',
  margin: 'Margin',
  realisation: 'Realisation',
};

/** How each figure comes about, in a sentence or two. */
export const FIGURE_RULES: Readonly<Record<Figure, string>> = {
  hours: 'All recorded time of this work, whatever its stage.',
  'billable-hours': 'Recorded time that may be charged to the client.',
  cost: 'Payable time of each entry × (pay rate + overhead) of its work date, rounded once per entry.',
  'standard-value': 'Billable time of each entry, rounded as agreed, × its rate, rounded once per entry.',
  billed: 'Net of the issued invoices, credit notes taken off.',
  unbilled:
    'Value of billable time and fees that stand on no issued invoice yet, and sums over a limit that nobody has decided on.',
  revenue: 'Billed and unbilled value together, never above the agreed limit.',
  margin: '(Revenue − cost) ÷ revenue. The mark-up divides by cost instead.',
  realisation:
    'Billed net ÷ standard value of the time that these invoices bill or that was written off; then ÷ what the firm’s own rates make of the same time.',
};

/** The parts that a figure comes from. */
export const PART_WORDS: Readonly<Record<Behind['sums'][number]['part'], string>> = {
  cost: 'Cost',
  'standard value': 'Standard value',
  billed: 'Billed',
  unbilled: 'Unbilled',
  'over the limit': 'Over the limit',
  'at own rates': 'At own rates',
};

/** What cost is made of where it is not each person's own, and why there is none. */
export const COST_BASIS_WORDS: Readonly<Record<NonNullable<Results['costBasis']>, string>> = {
  actual: '',
  standard: 'Cost and margin at the standard cost rates of the positions; what people are paid is not told here.',
  'no standard rate': 'Cost and margin are not told: some of this time has no standard cost rate.',
};
