import { ChangeDetectionStrategy, Component, ElementRef, Injector, afterNextRender, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { AGE_BUCKETS } from '@yellowwood/core';
import type { InvoiceRow } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { BUCKET_WORDS } from '../state/words';
import { AmountPipe, DayPipe, MoneyPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { loaded } from '../ui/loaded';
import { InvoicePaper } from './invoice-paper';

const SHOWS = [
  { value: 'open', word: 'Open' },
  { value: 'all', word: 'All' },
  { value: 'drafts', word: 'Drafts' },
] as const;

/** Invoices with age and state; one opens beside the list with its payments, and below with its document. */
@Component({
  selector: 'yw-collect',
  imports: [AmountPipe, DayPipe, MoneyPipe, GrowthMark, InvoicePaper],
  templateUrl: './collect.html',
  styleUrl: './collect.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CollectScreen {
  private readonly api = inject(Api);
  private readonly injector = inject(Injector);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly address = inject(Address);
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  protected readonly firmCurrency = computed(() => this.me()?.firm.currency ?? '');
  protected readonly shows = SHOWS;
  protected readonly buckets = AGE_BUCKETS;
  protected readonly words = BUCKET_WORDS;
  protected readonly show = computed(() => SHOWS.find((one) => one.value === this.address.show())?.value ?? 'open');
  protected readonly list = loaded(
    () => ({ scope: this.address.scope(), show: this.show() }),
    async (query) => this.everything(query),
  );
  protected readonly chosen = computed(() =>
    this.address.selection()?.kind === 'invoice' ? this.address.selection()!.id : null,
  );
  protected readonly title = computed(() => ({ open: 'Open invoices', all: 'All invoices', drafts: 'Drafts' })[this.show()]);

  /** How many pages of what question are shown; a refresh reads as many again. */
  private shown = { of: '', pages: 1 };

  private async everything(query: { scope: string; show: 'open' | 'all' | 'drafts' }) {
    const of = JSON.stringify(query);
    if (this.shown.of !== of) this.shown = { of, pages: 1 };
    const first = await this.api.call('listInvoices', { query });
    const invoices = [...first.invoices];
    let { nextCursor } = first;
    for (let page = 1; nextCursor && page < this.shown.pages; page += 1) {
      const next = await this.api.call('listInvoices', { query: { ...query, cursor: nextCursor } });
      invoices.push(...next.invoices);
      ({ nextCursor } = next);
    }
    return { ...first, invoices, nextCursor };
  }

  protected async more(): Promise<void> {
    this.shown.pages += 1;
    const before = this.list.value()!.invoices.length;
    await this.list.reload();
    // Where the list goes on.
    afterNextRender(() => this.host.nativeElement.querySelectorAll<HTMLElement>('tbody tr')[before]?.focus(), {
      injector: this.injector,
    });
  }

  protected stateText(invoice: InvoiceRow): string {
    switch (invoice.state) {
      case 'late':
        return `${invoice.daysLate} ${invoice.daysLate === 1 ? 'day' : 'days'} late`;
      case 'open':
      case 'not sent':
        return invoice.daysLate === 0 ? 'due today' : `due in ${-invoice.daysLate} ${invoice.daysLate === -1 ? 'day' : 'days'}`;
      case 'part paid':
        return `part paid, due in ${-invoice.daysLate} days`;
      default:
        return invoice.state;
    }
  }

  protected small(invoice: InvoiceRow): string {
    if (invoice.state === 'draft' || invoice.kind === 'credit note') return '';
    const parts = [invoice.sentAt ? 'sent' : 'not sent yet'];
    if (invoice.lastPaid && invoice.open > 0) parts.push('part paid');
    return parts.join(', ');
  }

  protected stageOf(invoice: InvoiceRow): 'approved' | 'billed' | 'paid' {
    return invoice.state === 'draft' ? 'approved' : invoice.state === 'paid' ? 'paid' : 'billed';
  }

  protected setShow(show: string): void {
    void this.address.set({ show: show === 'open' ? null : show, sel: null });
  }

  protected open(invoice: InvoiceRow): void {
    this.address.ask(`invoice:${invoice.id}`);
  }

  protected key(event: KeyboardEvent, index: number): void {
    if (event.key === 'Enter') this.open(this.list.value()!.invoices[index]!);
    else if (event.key === 'ArrowDown' || event.key === 'ArrowUp')
      this.host.nativeElement.querySelectorAll<HTMLElement>('tbody tr')[index + (event.key === 'ArrowDown' ? 1 : -1)]?.focus();
    else return;
    event.preventDefault();
  }
}
