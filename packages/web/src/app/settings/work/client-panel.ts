import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { Api } from '../../api/api';
import { countryChoices } from '../../found/places';
import { SayPipe } from '../../state/own-words';
import { workActions } from '../../state/work';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor } from '../../ui/form/drafts';
import { needed, says } from '../../ui/form/field';
import { PickField } from '../../ui/form/pick-field';
import { TextField } from '../../ui/form/text-field';
import { TickField } from '../../ui/form/tick-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { seenOf } from './seen';

const text = (sentence?: string) => new FormControl('', { nonNullable: true, validators: sentence ? needed(sentence) : null });

/** One client beside the outline: what stands on documents to them, when they pay, and what became of it. */
@Component({
  selector: 'yw-client-panel',
  imports: [Failure, History, Loading, MatButton, PickField, ReactiveFormsModule, SayPipe, SendsForm, TextField, TickField],
  templateUrl: './client-panel.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClientPanel {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly ask = inject(Ask);
  readonly id = input.required<string>();
  readonly closed = output();
  /** It is there no more. */
  readonly gone = output();
  protected readonly countries = countryChoices();
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.id(),
    (id) => this.api.call('readClient', { params: { id } }),
  );
  protected readonly form = new FormGroup({
    name: text('Type a name.'),
    address: text(),
    country: text('Choose a country.'),
    taxId: text(),
    email: text(),
    paymentDays: new FormControl('30', {
      nonNullable: true,
      validators: ({ value }) =>
        /^\d{1,3}$/.test(String(value)) && Number(value) <= 365 ? null : says('Type whole days, from 0 to 365.'),
    }),
    archived: new FormControl(false, { nonNullable: true }),
  });

  constructor() {
    fillFor(
      this.form,
      () => seenOf(this.known.value()),
      () => {
        const { address, paymentDays, ...facts } = this.known.value()!.facts;
        return { ...facts, address: address.join('\n'), paymentDays: String(paymentDays) };
      },
    );
  }

  protected async save(): Promise<void> {
    const { id, version } = this.known.value()!;
    const { address, paymentDays, ...facts } = this.form.getRawValue();
    const body = { ...facts, address: address.split('\n'), paymentDays: Number(paymentDays) };
    const saved = await this.command.run(() => this.api.call('changeClient', { params: { id }, body, version }), {
      done: 'Saved',
    });
    if (!saved) return;
    this.known.set(saved);
    this.store.dispatch(workActions.workOutdated());
  }

  protected async remove(): Promise<void> {
    const { id, version, facts } = this.known.value()!;
    const sure = await this.ask.ask({
      title: `Delete ${facts.name}?`,
      text: 'This cannot be taken back.',
      button: `Delete ${facts.name}`,
    });
    if (sure === undefined) return;
    const done = await this.command.run(
      async () => {
        await this.api.call('removeClient', { params: { id }, version });
        return true;
      },
      { done: `${facts.name} is deleted` },
    );
    if (!done) return;
    this.gone.emit();
    this.store.dispatch(workActions.workOutdated());
  }
}
