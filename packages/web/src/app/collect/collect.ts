import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { AGE_BUCKETS } from '@yellowwood/core';
import type { InvoiceList, InvoiceRow } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { BUCKET_WORDS } from '../state/words';
import { MoneyPipe } from '../ui/formats';
import { ToggleField } from '../ui/form/toggle-field';
import { GrowthMark } from '../ui/growth-mark';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { paged } from '../ui/paged';
import { CellTemplate } from '../ui/table/cell-template';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';
import { InvoicePaper } from './invoice-paper';

const SHOWS = [
  { value: 'open', word: 'Open' },
  { value: 'all', word: 'All' },
  { value: 'drafts', word: 'Drafts' },
] as const;

interface Question {
  readonly scope: string;
  readonly show: 'open' | 'all' | 'drafts';
}

/** Invoices with age and state; one opens beside the list with its payments, and below with its document. */
@Component({
  selector: 'yw-collect',
  imports: [CellTemplate, MoneyPipe, GrowthMark, InvoicePaper, Table, ToggleField, Loading],
  templateUrl: './collect.html',
  styleUrl: './collect.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CollectScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  protected readonly columns = this.columnsOf();
  protected readonly idOf = ({ id }: InvoiceRow) => id;
  protected readonly isSettled = ({ open }: InvoiceRow) => open === 0;
  protected readonly shows = SHOWS;
  protected readonly buckets = AGE_BUCKETS;
  protected readonly words = BUCKET_WORDS;
  protected readonly show = computed(() => SHOWS.find((one) => one.value === this.address.show())?.value ?? 'open');
  private readonly pages = paged<Question, InvoiceList>(
    (query, cursor) => this.api.call('listInvoices', { query: { ...query, ...(cursor ? { cursor } : {}) } }),
    (all, next) => ({ ...all, invoices: [...all.invoices, ...next.invoices], nextCursor: next.nextCursor }),
  );
  protected readonly list = loaded(
    () => ({ scope: this.address.scope(), show: this.show() }),
    (query) => this.pages.read(query),
  );
  /** The invoice that is open; it stays so while one asks why of what it bills. */
  protected readonly chosen = computed(() => {
    const selection = this.address.selection();
    return selection?.kind === 'invoice' ? selection.id : selection?.kind === 'entry' ? this.address.doc() : null;
  });
  protected readonly title = computed(() => ({ open: 'Open invoices', all: 'All invoices', drafts: 'Drafts' })[this.show()]);

  protected async more(): Promise<void> {
    this.pages.another();
    await this.list.reload();
  }

  private columnsOf(): Column<InvoiceRow>[] {
    const money = (minor: number, { currency }: InvoiceRow) => [{ currency, minor }];
    const owed = ({ kind, state }: InvoiceRow) => kind === 'invoice' && state !== 'draft';
    return [
      { id: 'number', head: 'Invoice', kind: 'text', value: (one) => one.number ?? 'Draft', width: 104 },
      {
        id: 'client',
        head: 'Client',
        kind: 'text',
        value: (one) => one.clientName,
        small: (one) => one.projects.join(', '),
        groups: true,
      },
      { id: 'issued', head: 'Issued', kind: 'date', value: (one) => one.issuedOn, choice: 'shown', width: 74 },
      {
        id: 'due',
        head: 'Due',
        kind: 'date',
        value: (one) => (one.kind === 'invoice' ? one.dueOn : null),
        choice: 'shown',
        width: 90,
      },
      {
        id: 'net',
        head: 'Without tax',
        kind: 'money',
        value: (one) => money(one.net, one),
        total: true,
        choice: 'hidden',
        width: 108,
      },
      {
        id: 'gross',
        head: 'Total',
        kind: 'money',
        value: (one) => money(one.gross, one),
        total: true,
        choice: 'shown',
        width: 108,
      },
      {
        id: 'open',
        head: 'Open',
        kind: 'money',
        value: (one) => (owed(one) ? money(one.open, one) : null),
        tone: () => 'strong',
        total: true,
        width: 108,
      },
      {
        id: 'state',
        head: 'State',
        kind: 'text',
        value: (one) => this.stateText(one),
        small: (one) => this.small(one),
        tone: ({ state }) => (state === 'late' ? 'wrong' : ''),
        width: 132,
      },
    ];
  }

  private stateText(invoice: InvoiceRow): string {
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

  private small(invoice: InvoiceRow): string {
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
    void this.address.set({ doc: invoice.id }, true);
    this.address.ask(`invoice:${invoice.id}`);
  }
}
