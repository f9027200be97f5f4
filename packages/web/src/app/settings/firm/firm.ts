import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Forms } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionActions, sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { History } from '../../ui/history';
import { FormsField } from '../forms-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

/** What the firm says of itself on its documents, and how their numbers begin. */
@Component({
  selector: 'yw-firm',
  imports: [Failure, FormsField, History, Loading, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './firm.html',
  styleUrl: '../setting.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirmScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly address = inject(Address);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly command = command();
  protected readonly firm = loaded(
    () => this.address.firm(),
    () => this.api.call('readFirm'),
  );
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed("Type the firm's name.") }),
    address: new FormControl('', { nonNullable: true }),
    taxId: new FormControl('', { nonNullable: true }),
    email: new FormControl('', { nonNullable: true }),
    paymentDetails: new FormControl('', { nonNullable: true }),
    invoicePrefix: new FormControl('', { nonNullable: true }),
    nextInvoice: new FormControl('1', { nonNullable: true, validators: needed('Type the number of the next invoice.') }),
    creditPrefix: new FormControl('', { nonNullable: true }),
    forms: new FormControl<Forms>({ dates: null, clock: null, numbers: null }, { nonNullable: true }),
  });
  private readonly values = valuesOf(this.form);
  /** How the next invoice will be numbered, as it is typed. */
  protected readonly next = computed(() => {
    const { invoicePrefix, nextInvoice } = this.values();
    return /^\d{1,7}$/.test(nextInvoice) ? `The next invoice is ${invoicePrefix}${nextInvoice.padStart(4, '0')}.` : '';
  });

  constructor() {
    fillFor(
      this.form,
      () => this.firm.value()?.version,
      () => {
        const { facts } = this.firm.value()!;
        return { ...facts, address: facts.address.join('\n'), nextInvoice: String(facts.nextInvoice) };
      },
    );
  }

  protected async save(): Promise<void> {
    const { address, nextInvoice, ...facts } = this.form.getRawValue();
    if (!/^[1-9]\d{0,6}$/.test(nextInvoice)) return this.command.refuse('The next invoice needs a whole number from 1 on.');
    const body = { ...facts, address: address.split('\n'), nextInvoice: Number(nextInvoice) };
    const { version } = this.firm.value()!;
    const saved = await this.command.run(() => this.api.call('changeFirm', { body, version }), {
      done: 'Saved. It stands on the next document',
    });
    if (!saved) return;
    this.firm.set(saved);
    const me = this.me()!;
    const { name, forms } = saved.facts;
    this.store.dispatch(sessionActions.meRead({ me: { ...me, firm: { ...me.firm, name, forms } } }));
  }
}
