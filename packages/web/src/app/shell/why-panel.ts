import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { Store } from '@ngrx/store';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { EntryWhy } from './entry-why';
import { WeekNeeds } from '../record/week-needs';
import { PersonReview } from '../review/person-review';
import { InvoicePanel } from '../collect/invoice-panel';
import { FigureWhy } from '../results/figure-why';
import { NotFetched } from '../ui/not-fetched';

/** What the review holds for whoever reviews nobody. */
const OWN = 'Open a week to see its days, and what was returned of it.';
const EMPTY: Readonly<Record<string, string>> = {
  review: 'Choose a person to see the entries behind the week.',
  bill: 'Choose an entry to see why it is billed as it is.',
  collect: 'Choose an invoice to see its payments and history.',
  results: 'Choose a figure to see the entries behind it.',
};

/** The right side answers why: derivation, sources and history of whatever is selected. */
@Component({
  selector: 'yw-why-panel',
  imports: [EntryWhy, PersonReview, InvoicePanel, FigureWhy, NotFetched, WeekNeeds],
  templateUrl: './why-panel.html',
  styles: `
    :host {
      border-left: 1px solid var(--line);
      background: var(--surface);
      overflow: auto;
      display: block;
      font-size: 14px;
    }
    aside {
      padding: 12px 18px 20px;
      display: grid;
      gap: 4px;
    }
    .fold {
      justify-self: end;
      background: none;
      border: 0;
      color: var(--ink-2);
      cursor: pointer;
      font-size: 13px;
      padding: 2px 4px;
      text-decoration: underline;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhyPanel {
  private readonly address = inject(Address);
  readonly folded = output();
  protected readonly kind = computed(() => this.address.selection()?.kind ?? null);
  protected readonly id = computed(() => this.address.selection()?.id ?? '');
  protected readonly step = computed(() => this.address.step());
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly empty = computed(() =>
    this.step() === 'review' && !this.rights()['time.review'] ? OWN : (EMPTY[this.step() ?? ''] ?? ''),
  );
}
