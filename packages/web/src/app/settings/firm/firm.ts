import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Forms } from '@yellowwood/contracts';
import { LOGO_BYTES } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Functions } from '../../state/functions';
import { sessionActions, sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { fileText } from '../../ui/file-text';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { History } from '../../ui/history';
import { FormsField } from '../forms-field';
import { Logo } from '../../ui/logo';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

/** What the firm says of itself on its documents, and how their numbers begin. */
@Component({
  selector: 'yw-firm',
  imports: [Failure, FormsField, History, Loading, Logo, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './firm.html',
  styleUrls: ['../setting.scss', './firm.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirmScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly address = inject(Address);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly functions = inject(Functions);
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
    opening: new FormControl('', { nonNullable: true }),
    closing: new FormControl('', { nonNullable: true }),
    invoicePrefix: new FormControl('', { nonNullable: true }),
    nextInvoice: new FormControl('1', { nonNullable: true, validators: needed('Type the number of the next invoice.') }),
    creditPrefix: new FormControl('', { nonNullable: true }),
    forms: new FormControl<Forms>({ dates: null, clock: null, numbers: null }, { nonNullable: true }),
  });
  protected readonly drawing = command();
  private readonly values = valuesOf(this.form);
  /** How the next invoice will be numbered, as it is typed. */
  protected readonly next = computed(() => {
    const { invoicePrefix, nextInvoice } = this.values();
    return /^\d{1,7}$/.test(nextInvoice) ? `The next invoice is ${invoicePrefix}${nextInvoice.padStart(4, '0')}.` : '';
  });

  constructor() {
    fillFor(
      this.form,
      // A logo comes and goes beside it: what is being typed stays.
      () => {
        const firm = this.firm.value();
        return firm ? JSON.stringify(firm.facts) : undefined;
      },
      () => {
        const { facts } = this.firm.value()!;
        return { ...facts, address: facts.address.join('\n'), nextInvoice: String(facts.nextInvoice) };
      },
    );
  }

  /** Draws the file that was chosen as the logo. */
  protected async draw(box: HTMLInputElement): Promise<void> {
    const file = box.files?.[0];
    box.value = '';
    if (!file) return;
    if (file.size > LOGO_BYTES) return this.drawing.refuse('The file is larger than 200 kB. Choose a smaller one.');
    await this.turn(await fileText(file), 'It stands on the next document');
  }

  protected takeOff(): Promise<void> {
    return this.turn(null, 'The next document has no logo');
  }

  private async turn(picture: string | null, done: string): Promise<void> {
    const { version } = this.firm.value()!;
    const saved = await this.drawing.run(() => this.api.call('changeLogo', { body: { picture }, version }), { done });
    if (saved) this.firm.set(saved);
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
