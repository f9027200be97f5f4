import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { readAmount } from '@yellowwood/core';
import type { InvoiceDetail } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { DateField } from '../ui/form/date-field';
import { DayPipe, MoneyPipe } from '../ui/formats';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { TextField } from '../ui/form/text-field';

/** One invoice beside the list: totals, payments, what may be done, history. */
@Component({
  selector: 'yw-invoice-panel',
  imports: [MatButton, DateField, Failure, DayPipe, MoneyPipe, History, TextField],
  templateUrl: './invoice-panel.html',
  styleUrls: ['../shell/why.scss'],
  styles:
    'yw-date-field { width: auto; } .gone { text-decoration: line-through; color: var(--ink-2); } .small { font-size: 12.5px; font-weight: 400; display: block; margin-left: auto; } small { display: block; } .rounding { display: flex; gap: 8px; justify-content: space-between; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InvoicePanel {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly asking = inject(Ask);
  protected readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly mayPay = computed(() => !!this.rights()['payments.record']);
  readonly id = input.required<string>();
  protected readonly invoice = loaded(
    () => this.id(),
    (id) => this.api.call('readInvoice', { params: { id } }),
  );
  protected readonly received = linkedSignal({ source: () => this.id(), computation: () => this.today() });
  protected readonly amount = signal('');
  protected readonly reference = linkedSignal({ source: () => this.id(), computation: () => '' });
  protected readonly payment = command();
  protected readonly command = command();
  protected readonly payText = computed(() => {
    const currency = this.invoice.value()?.row.currency;
    if (!currency) return 'Record payment';
    const read = readAmount(this.amount(), currency);
    return read.ok && read.value > 0 ? `Record ${this.formats.money(read.value, currency)}` : 'Record payment';
  });

  /** What the amount does, before it is recorded. */
  protected readonly leaves = computed(() => {
    const row = this.invoice.value()?.row;
    if (!row) return '';
    const read = readAmount(this.amount(), row.currency);
    if (!read.ok || read.value <= 0) return '';
    const left = row.open - read.value;
    const money = this.formats.money(Math.abs(left), row.currency);
    return left > 0 ? `leaves ${money} open` : left === 0 ? 'settles it' : `${money} over: the client’s credit`;
  });

  constructor() {
    // What is open is the amount that most payments have; it is offered for every invoice anew.
    let offered = '';
    effect(() => {
      const row = this.invoice.value()?.row;
      if (!row) return;
      const key = `${row.id} ${row.open}`;
      if (key === offered) return;
      offered = key;
      untracked(() => {
        this.amount.set(this.formats.amount(row.open, row.currency));
        this.payment.forget();
      });
    });
  }

  /** The lines that are not the sum of their entries to the cent; null for none. */
  protected roundings({ rounding, document }: InvoiceDetail): { key: string; text: string; minor: number }[] | null {
    if (rounding.length === 0) return null;
    return rounding.map((one) => ({ ...one, text: document.lines.find((line) => line.key === one.key)?.text ?? '' }));
  }

  protected async pay(event: Event, detail: InvoiceDetail): Promise<void> {
    event.preventDefault();
    const { row } = detail;
    const read = readAmount(this.amount(), row.currency);
    if (!read.ok || read.value <= 0)
      return this.payment.refuse(`Type an amount such as ${this.formats.amount(row.open, row.currency)}.`);
    const body = { invoiceId: row.id, minor: read.value, receivedOn: this.received(), reference: this.reference().trim() };
    const over = read.value - row.open;
    const credit = over > 0 ? `, ${this.formats.money(over, row.currency)} of it as the client's credit` : '';
    const after = await this.payment.run((id) => this.api.call('recordPayment', { body: { id, ...body } }), {
      done: `${this.formats.money(read.value, row.currency)} recorded on ${row.number}${credit}`,
      about: row.id,
    });
    if (!after || this.id() !== row.id) return;
    this.reference.set('');
    this.invoice.set(after);
  }

  protected async reverse(id: string): Promise<void> {
    const reason = await this.asking.ask({
      title: 'Reverse this payment?',
      text: 'What it settled is open again.',
      field: { label: 'Reason', needed: true },
      button: 'Reverse payment',
    });
    if (reason)
      await this.command.run(() => this.api.call('reversePayment', { params: { id }, body: { reason } }), {
        done: 'Payment reversed',
      });
  }

  protected async send(detail: InvoiceDetail): Promise<void> {
    await this.command.run(() => this.api.call('markSent', { params: { id: detail.row.id } }), {
      done: `${detail.row.number} marked as sent`,
    });
  }

  protected async end(detail: InvoiceDetail, how: 'void' | 'credit'): Promise<void> {
    const { row } = detail;
    const text =
      how === 'void'
        ? 'It was never sent. The number is kept, its hours are to bill again.'
        : `A credit note over ${this.formats.money(row.gross, row.currency)} is issued; its hours are to bill again.${row.settled > 0 ? ' What was paid becomes the client’s credit.' : ''}`;
    const reason = await this.asking.ask({
      title: how === 'void' ? `Void ${row.number}?` : `Credit ${row.number} in full?`,
      text,
      field: { label: 'Reason', needed: true },
      button: how === 'void' ? 'Void invoice' : 'Credit invoice',
    });
    if (!reason) return;
    await this.command.run(
      (id) =>
        how === 'void'
          ? this.api.call('voidInvoice', { params: { id: row.id }, body: { reason } })
          : this.api.call('creditInvoice', { params: { id: row.id }, body: { id, reason } }),
      { done: how === 'void' ? `${row.number} is void` : `${row.number} is credited`, about: `${how} ${row.id}` },
    );
  }
}
