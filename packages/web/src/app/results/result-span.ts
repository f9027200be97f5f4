import { Signal, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { Dates, monthOf, quarterOf } from '@yellowwood/core';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';

/** The spans of results, as they stand in the address and as they are called. */
export const SPANS = [
  { value: 'month', word: 'This month' },
  { value: 'quarter', word: 'This quarter' },
  { value: 'to-date', word: 'To date' },
];

/**
 * Of which days results are told: the firm and a client by the quarter, a project over its whole life, unless the address
 * says so. Use in an injection context.
 * @returns which of the spans it is, and its days; none for everything to date
 */
export function resultSpan(): { show: Signal<string>; days: Signal<Dates | null> } {
  const address = inject(Address);
  const today = inject(Store).selectSignal(sessionFeature.selectToday);
  const show = computed(() => {
    const asked = SPANS.find(({ value }) => value === address.show())?.value;
    return asked ?? (/^(project|task):/.test(address.scope()) ? 'to-date' : 'quarter');
  });
  const days = computed(() => {
    if (!today() || show() === 'to-date') return null;
    return { from: (show() === 'month' ? monthOf(today()) : quarterOf(today())).from, to: today() };
  });
  return { show, days };
}
