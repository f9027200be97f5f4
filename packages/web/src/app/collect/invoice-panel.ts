import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { InvoiceDetail } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { DateField } from '../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../ui/form/drafts';
import { says } from '../ui/form/field';
import { MoneyField } from '../ui/form/money-field';
import { DayPipe, MoneyPipe } from '../ui/formats';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { TextField } from '../ui/form/text-field';
import { OwnWords } from '../state/own-words';

/** One invoice beside the list: totals, payments, what may be done, history. */
@Component({
  selector: 'yw-invoice-panel',
  imports: [
    MatButton,
    ReactiveFormsModule,
    DateField,
    Failure,
    DayPipe,
    MoneyField,
    MoneyPipe,
    History,
    SendsForm,
    TextField,
    Loading,
  ],
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
  protected readonly form = new FormGroup({
    received: new FormControl('', { nonNullable: true }),
    amount: new FormControl<number | null>(null, ({ value }) =>
      (value ?? 0) > 0 ? null : says(`Type an amount such as ${this.openText()}.`),
    ),
    reference: new FormControl('', { nonNullable: true }),
  });
  private openText(): string {
    const row = this.invoice.value()?.row;
    return row ? this.formats.amount(row.open, row.currency) : '';
  }
  private readonly typed = valuesOf(this.form);
  /** The invoice for which the form was filled last. */
  private filled = '';
  protected readonly payment = command();
  protected readonly command = command();
  protected readonly payText = computed(() => {
    const currency = this.invoice.value()?.row.currency;
    const amount = this.typed().amount ?? 0;
    return currency && amount > 0 ? `Record ${this.formats.money(amount, currency)}` : 'Record payment';
  });

  private readonly say = inject(OwnWords).say;
  /** What the amount does, before it is recorded. */
  protected readonly leaves = computed(() => {
    const row = this.invoice.value()?.row;
    if (!row) return '';
    const amount = this.typed().amount ?? 0;
    if (amount <= 0) return '';
    const left = row.open - amount;
    const money = this.formats.money(Math.abs(left), row.currency);
    return left > 0 ? `leaves ${money} open` : left === 0 ? 'settles it' : `${money} over: ${this.say('the client’s credit')}`;
  });

  constructor() {
    // What is open is the amount that most payments have; it is offered for every invoice anew.
    fillFor(
      this.form,
      () => {
        const row = this.invoice.value()?.row;
        return row && `${row.id} ${row.open}`;
      },
      () => {
        const { id, open } = this.invoice.value()!.row;
        this.payment.forget();
        const same = id === this.filled;
        this.filled = id;
        // Another payment on the same invoice: what was typed about this one stays.
        return { ...(same ? this.form.getRawValue() : { received: this.today(), reference: '' }), amount: open };
      },
    );
  }

  /** The lines that are not the sum of their entries to the cent; null for none. */
  protected roundings({ rounding, document }: InvoiceDetail): { key: string; text: string; minor: number }[] | null {
    if (rounding.length === 0) return null;
    return rounding.map((one) => ({ ...one, text: document.lines.find((line) => line.key === one.key)?.text ?? '' }));
  }

  protected async pay(detail: InvoiceDetail): Promise<void> {
    const { row } = detail;
    const { received, amount, reference } = this.form.getRawValue();
    const body = { invoiceId: row.id, minor: amount!, receivedOn: received, reference: reference.trim() };
    const over = amount! - row.open;
    const credit = over > 0 ? `, ${this.formats.money(over, row.currency)} of it as ${this.say("the client's credit")}` : '';
    const after = await this.payment.run((id) => this.api.call('recordPayment', { body: { id, ...body } }), {
      done: `${this.formats.money(amount!, row.currency)} recorded on ${row.number}${credit}`,
      about: row.id,
    });
    if (!after || this.id() !== row.id) return;
    this.form.controls.reference.reset();
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
        : `A credit note over ${this.formats.money(row.gross, row.currency)} is issued; its hours are to bill again.${row.settled > 0 ? this.say(' What was paid becomes the client’s credit.') : ''}`;
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
