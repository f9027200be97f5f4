import { ChangeDetectionStrategy, Component, computed, effect, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { TermsEffect } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { OwnWords, SayPipe } from '../../state/own-words';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { ToggleField } from '../../ui/form/toggle-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { TERMS_CHOICES, termsControls, termsShown, termsTyped } from '../terms-words';

const text = (value: string) => new FormControl(value, { nonNullable: true });

/** How billable time is rounded and written, as sentences with words to change, and what a change would have done lately. */
@Component({
  selector: 'yw-terms',
  imports: [
    ...[ChoiceField, DateField, Failure, History, Loading, MatButton, ReactiveFormsModule, SayPipe, SendsForm, TextField],
    ...[ToggleField],
  ],
  templateUrl: './terms.html',
  styleUrls: ['../setting.scss', '../sentences.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TermsScreen {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly address = inject(Address);
  private readonly say = inject(OwnWords).say;
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readTerms'),
  );
  protected readonly form = new FormGroup({
    ...termsControls(),
    along: text('yes'),
    from: new FormControl('', { nonNullable: true, validators: needed('Type from which day on.') }),
  });
  private readonly values = valuesOf(this.form);
  protected readonly increments = TERMS_CHOICES.increments;
  protected readonly modes = TERMS_CHOICES.modes;
  protected readonly units = TERMS_CHOICES.units.map(({ value, word }) => ({ value, word: this.say(word) }));
  protected readonly quantities = TERMS_CHOICES.quantities;
  protected readonly alongs = [
    { value: 'yes', word: 'go along' },
    { value: 'no', word: 'stay as they are' },
  ];
  private readonly wish = computed(() => termsTyped(this.values()));
  protected readonly goAlong = computed(() => this.values().along === 'yes' && (this.known.value()?.projects.same ?? 0) > 0);
  /** What this rounding would have made of the time of the last four weeks. */
  protected readonly lately = loaded(
    () => {
      const { increment, mode, unit, minimum } = this.wish();
      return this.known.value() ? { increment: String(increment), mode, unit, minimum: String(minimum) } : undefined;
    },
    (query) => this.api.call('previewTerms', { query }),
    () => true,
  );

  constructor() {
    effect(() => {
      const { from } = this.form.controls;
      if (this.goAlong()) from.enable({ emitEvent: false });
      else from.disable({ emitEvent: false });
    });
    fillFor(
      this.form,
      () => this.known.value()?.version,
      () => ({ ...termsShown(this.known.value()!.terms), along: 'yes', from: '' }),
    );
  }

  protected effectSentence({ since, recorded, now, then }: TermsEffect): string {
    const hours = (value: number) => this.formats.hours(value);
    if (recorded === 0) return `Since ${this.formats.day(since)} nothing billable is recorded on these projects.`;
    const other = then === now ? '' : ` It would have been ${hours(then)}.`;
    return `Since ${this.formats.day(since)} ${hours(recorded)} were recorded on these projects, and ${hours(now)} of it are billable.${other}`;
  }

  protected alongSentence(count: number): string {
    const one = count === 1;
    return one ? 'The project under way that goes by these terms' : `The ${count} projects under way that go by these terms`;
  }

  protected otherwiseSentence(count: number): string {
    return count === 1
      ? 'One project under way has terms of its own, and keeps them.'
      : `${count} projects under way have terms of their own, and keep them.`;
  }

  protected freeSentence({ free }: TermsEffect): string {
    return `What is recorded already keeps its worth: ${this.formats.day(free, 'full')} is the first day without time on them.`;
  }

  protected async save(): Promise<void> {
    const { from, along } = this.form.getRawValue();
    const body = { terms: this.wish(), from: along === 'yes' && this.goAlong() ? from : null };
    const { version } = this.known.value()!;
    const saved = await this.command.run(() => this.api.call('changeTerms', { body, version }), { done: 'Saved' });
    if (saved) this.known.set(saved);
  }
}
