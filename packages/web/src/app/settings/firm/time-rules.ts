import { ChangeDetectionStrategy, Component, computed, inject, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { TimeRulesEffect } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { workFeature } from '../../state/work';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { DurationField } from '../../ui/form/duration-field';
import { needed } from '../../ui/form/field';
import { PickField } from '../../ui/form/pick-field';
import { ToggleField } from '../../ui/form/toggle-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

const length = () => new FormControl<number | null>(null, { validators: needed('Type a length, such as 8:00.') });

/** What the firm settles about time, as sentences with words to change, and what a change would have done lately. */
@Component({
  selector: 'yw-time-rules',
  imports: [
    ...[DateField, DurationField, Failure, History, Loading, MatButton, PickField, ReactiveFormsModule, SendsForm, ToggleField],
  ],
  templateUrl: './time-rules.html',
  styleUrls: ['../setting.scss', './time-rules.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeRulesScreen {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly address = inject(Address);
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectList);
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readTimeRules'),
  );
  protected readonly form = new FormGroup({
    dayMaximum: length(),
    weekMaximum: length(),
    gapTolerance: length(),
    lockedUntil: new FormControl('', { nonNullable: true }),
    review: new FormControl('yes', { nonNullable: true }),
    unreviewed: new FormControl<readonly string[]>([], { nonNullable: true }),
  });
  protected readonly values = valuesOf(this.form);
  protected readonly hows = [
    { value: 'yes', word: 'waits for a decision' },
    { value: 'no', word: 'is approved at once' },
  ];
  private readonly finder = viewChild<PickField>('finder');
  /** What these rules would have pointed out lately, and leave undone. */
  protected readonly effect = loaded(
    () => {
      const { dayMaximum, weekMaximum, lockedUntil } = this.values();
      return dayMaximum && weekMaximum ? { dayMaximum, weekMaximum, lockedUntil } : undefined;
    },
    ({ dayMaximum, weekMaximum, lockedUntil }) =>
      this.api.call('previewTimeRules', {
        query: { dayMaximum: String(dayMaximum), weekMaximum: String(weekMaximum), ...(lockedUntil && { lockedUntil }) },
      }),
    () => true,
  );
  private readonly all = computed(() => this.projects().map(({ id, name, code }) => ({ value: id, word: `${name}, ${code}` })));
  protected readonly chosen = computed(() => this.all().filter(({ value }) => this.values().unreviewed.includes(value)));
  protected readonly others = computed(() => this.all().filter(({ value }) => !this.values().unreviewed.includes(value)));

  constructor() {
    fillFor(
      this.form,
      () => this.known.value()?.version,
      () => {
        const { rules } = this.known.value()!;
        return { ...rules, lockedUntil: rules.lockedUntil ?? '', review: rules.review ? 'yes' : 'no' };
      },
    );
  }

  protected overSentence({ since, days, weeks }: TimeRulesEffect): string {
    const told = (one: string, many: string, { now, then }: { now: number; then: number }) =>
      `${then} ${then === 1 ? one : many}${then === now ? '' : ` instead of ${now}`}`;
    return `Since ${this.formats.day(since)} that is ${told('day', 'days', days)} and ${told('week', 'weeks', weeks)} of anybody.`;
  }

  protected lockSentence({ locked: { recorded, submitted, people } }: TimeRulesEffect): string {
    if (people === 0) return 'All time up to then is decided.';
    const parts = [
      ...(recorded > 0 ? [`${this.formats.hours(recorded)} that is not submitted`] : []),
      ...(submitted > 0 ? [`${this.formats.hours(submitted)} that waits for a decision`] : []),
    ];
    return `It would leave undone ${parts.join(' and ')}, of ${people} ${people === 1 ? 'person' : 'people'}, until the day is moved.`;
  }

  protected add(id: string): void {
    this.form.controls.unreviewed.setValue([...this.values().unreviewed, id]);
    this.finder()?.clear();
  }

  protected drop(id: string): void {
    this.form.controls.unreviewed.setValue(this.values().unreviewed.filter((one) => one !== id));
    this.finder()?.focus();
  }

  protected async save(): Promise<void> {
    const { dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed } = this.form.getRawValue();
    const body = {
      ...{ dayMaximum: dayMaximum!, weekMaximum: weekMaximum!, gapTolerance: gapTolerance! },
      ...{ lockedUntil: lockedUntil || null, review: review === 'yes', unreviewed: [...unreviewed] },
    };
    const { version } = this.known.value()!;
    const saved = await this.command.run(() => this.api.call('changeTimeRules', { body, version }), { done: 'Saved' });
    if (saved) this.known.set(saved);
  }
}
