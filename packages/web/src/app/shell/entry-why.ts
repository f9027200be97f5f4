import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { readRate } from '@yellowwood/core';
import type { EntryWhy as Why } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { LOSS_WORDS, PROBLEM_WORDS } from '../state/words';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { WorkNames } from '../ui/work-names';
import { TextField } from '../ui/form/text-field';

/** Why an entry has its time, rate and value: the rule that won, those that lost, rounding, history. */
@Component({
  selector: 'yw-entry-why',
  imports: [MatButton, Failure, DayPipe, HoursPipe, MoneyPipe, RatePipe, GrowthMark, History, TextField],
  templateUrl: './entry-why.html',
  styleUrl: './why.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryWhy {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
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
  protected readonly typedRate = signal('');
  protected readonly reason = signal('');
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
    this.typedRate.set(present ? this.formats.rate(present.rate, present.currency) : '');
    this.reason.set('');
    this.command.forget();
    this.pricing.set(true);
  }

  protected async price(event: Event, version: number): Promise<void> {
    event.preventDefault();
    const read = readRate(this.typedRate());
    if (!read.ok) return this.command.refuse('Type a rate such as 92.00. A rate of zero must be typed on purpose.');
    if (this.reason().trim() === '') return this.command.refuse('Say why; the reason is kept in the history.');
    await this.send(version, read.value, this.reason().trim());
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
