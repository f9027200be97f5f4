import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { EntryWhy as Why } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { sessionFeature } from '../state/session';
import { LOSS_WORDS, PROBLEM_WORDS } from '../state/words';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { ClockPipe, DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { WorkNames } from '../ui/work-names';
import { SendsForm } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { RateField } from '../ui/form/rate-field';
import { TextField } from '../ui/form/text-field';
import { SayPipe } from '../state/own-words';

/** Why an entry has its time, rate and value: the rule that won, those that lost, rounding, history. */
@Component({
  selector: 'yw-entry-why',
  imports: [
    ClockPipe,
    MatButton,
    ReactiveFormsModule,
    Failure,
    DayPipe,
    HoursPipe,
    MoneyPipe,
    RateField,
    RatePipe,
    GrowthMark,
    History,
    SendsForm,
    TextField,
    Loading,
    SayPipe,
  ],
  templateUrl: './entry-why.html',
  styleUrl: './why.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryWhy {
  private readonly api = inject(Api);
  protected readonly names = inject(WorkNames);
  protected readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  readonly id = input.required<string>();
  protected readonly why = loaded(
    () => this.id(),
    (id) => this.api.call('readEntryWhy', { params: { id } }),
  );
  protected readonly words = PROBLEM_WORDS;
  protected readonly loss = LOSS_WORDS;
  /** Whether a rate is being typed; that closes with its entry. */
  protected readonly pricing = linkedSignal({ source: () => this.id(), computation: () => false });
  protected readonly form = new FormGroup({
    rate: new FormControl<number | null>(null, needed('Type a rate such as 92.00. A rate of zero must be typed on purpose.')),
    reason: new FormControl('', { nonNullable: true, validators: needed('Say why; the reason is kept in the history.') }),
  });
  protected readonly command = command();
  protected readonly canPrice = computed(() => {
    const w = this.why.value();
    return (
      !!this.rights()['entries.price'] &&
      !!w?.rounding &&
      !w.entry.inDraft &&
      ['recorded', 'submitted', 'approved'].includes(w.entry.stage)
    );
  });

  protected rounding(r: { increment: number; mode: string; minimum: number; byMinimum: boolean; unit: string }): string {
    if (r.byMinimum) return `at least ${r.minimum} min`;
    const step = r.increment === 1 ? 'minute' : `${r.increment} min`;
    return `${r.mode === 'nearest' ? 'nearest' : r.mode} ${step}${r.unit === 'day' ? ' over the day' : ''}`;
  }

  protected begin(present: Why['rate']): void {
    this.form.reset({ rate: present?.rate ?? null });
    this.command.forget();
    this.pricing.set(true);
  }

  protected price(version: number): Promise<void> {
    const { rate, reason } = this.form.getRawValue();
    return this.send(version, rate, reason.trim());
  }

  protected backToRules(version: number): Promise<void> {
    return this.send(version, null, 'Back to the rules');
  }

  private async send(version: number, rate: number | null, reason: string): Promise<void> {
    const id = this.id();
    const priced = await this.command.run(
      () => this.api.call('priceEntry', { params: { id }, version, body: { rate, reason } }),
      { done: rate === null ? 'Priced by the rules' : 'Priced' },
    );
    if (priced && id === this.id()) this.pricing.set(false);
  }
}
