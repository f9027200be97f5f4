import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, inject, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { COUNTRIES, countryDefaults } from '@yellowwood/core/countries';
import { Api } from '../api/api';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { ChoiceField } from '../ui/form/choice-field';
import { SendsForm, valuesOf } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { PickField } from '../ui/form/pick-field';
import { TextField } from '../ui/form/text-field';
import { TickField } from '../ui/form/tick-field';
import { WEEKDAYS, countryChoices, currencyChoices, likelyCountry, likelyZone, zoneChoices } from './places';

/** Asks for the firm: its name, its country, and what usually follows from that. */
@Component({
  selector: 'yw-firm-form',
  imports: [ChoiceField, Failure, MatButton, PickField, ReactiveFormsModule, SendsForm, TextField, TickField],
  templateUrl: './firm-form.html',
  styleUrl: './step.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirmForm {
  private readonly api = inject(Api);
  /** The part of the address that stands for the firm that was founded. */
  readonly founded = output<string>();
  protected readonly countries = countryChoices();
  protected readonly currencies = currencyChoices([...new Set(COUNTRIES.map((one) => countryDefaults(one).currency))].sort());
  protected readonly zones = zoneChoices();
  protected readonly weekdays = WEEKDAYS;
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed("Type the firm's name.") }),
    country: new FormControl('', { nonNullable: true, validators: needed('Choose the country that the firm is in.') }),
    currency: new FormControl('', { nonNullable: true, validators: needed('Choose a currency.') }),
    zone: new FormControl('', { nonNullable: true, validators: needed('Choose a time zone.') }),
    weekStart: new FormControl('1', { nonNullable: true }),
    taxed: new FormControl(true, { nonNullable: true }),
  });
  protected readonly command = command();
  private readonly values = valuesOf(this.form);
  private readonly first = viewChild(TextField);
  protected readonly tax = computed(() => {
    const { country } = this.values();
    return country ? countryDefaults(country).tax : null;
  });
  protected readonly taxWords = computed(() => {
    const tax = this.tax();
    return tax ? `Charge ${tax.name} at ${tax.rate / 10_000} %` : '';
  });

  constructor() {
    this.take(likelyCountry());
    afterRenderEffect({ read: () => this.first()?.focus() });
  }

  /** What usually follows from a country; each may be chosen otherwise. */
  protected take(country: string): void {
    if (!country) return;
    const { currency, weekStart, tax } = countryDefaults(country);
    const zone = likelyZone(country);
    this.form.patchValue({ country, currency, zone, weekStart: String(weekStart), taxed: tax !== null });
  }

  protected async found(): Promise<void> {
    const { weekStart, ...facts } = this.form.getRawValue();
    const body = { ...facts, weekStart: Number(weekStart) };
    const founded = await this.command.run((id) => this.api.call('foundFirm', { body: { id, ...body } }), {
      about: JSON.stringify(body),
    });
    if (founded) this.founded.emit(founded.slug);
  }
}
