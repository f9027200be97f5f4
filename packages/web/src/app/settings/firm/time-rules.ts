import { ChangeDetectionStrategy, Component, computed, inject, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, PlannedWeek, TimeRulesEffect } from '@yellowwood/contracts';
import { RecordWay, PeriodRule, besidePeriod, periodRuleOn, submissionPeriod, withPeriods } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { sessionFeature } from '../../state/session';
import { WorkNames } from '../../ui/work-names';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { DurationField } from '../../ui/form/duration-field';
import { needed } from '../../ui/form/field';
import { ProjectField } from '../../ui/form/project-field';
import { PlannedWeekField } from '../../ui/form/planned-week';
import { TextField } from '../../ui/form/text-field';
import { ToggleField } from '../../ui/form/toggle-field';
import { WaysField } from '../../ui/form/ways-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { SayPipe } from '../../state/own-words';

const length = () => new FormControl<number | null>(null, { validators: needed('Type a length, such as 8:00.') });

/** What the firm settles about time, as sentences with words to change, and what a change would have done lately. */
@Component({
  selector: 'yw-time-rules',
  imports: [
    ...[ChoiceField, DateField, DurationField, Failure, History, Loading, MatButton, PlannedWeekField, ProjectField, SayPipe],
    ...[ReactiveFormsModule, SendsForm, TextField, ToggleField, WaysField],
  ],
  templateUrl: './time-rules.html',
  styleUrls: ['../setting.scss', '../sentences.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeRulesScreen {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly address = inject(Address);
  private readonly names = inject(WorkNames);
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readTimeRules'),
  );
  protected readonly form = new FormGroup({
    dayMaximum: length(),
    weekMaximum: length(),
    gapTolerance: length(),
    ways: new FormControl<readonly RecordWay[]>([], { nonNullable: true }),
    planned: new FormControl<PlannedWeek | null>(null),
    lockedUntil: new FormControl('', { nonNullable: true }),
    review: new FormControl('yes', { nonNullable: true }),
    unreviewed: new FormControl<readonly string[]>([], { nonNullable: true }),
  });
  protected readonly values = valuesOf(this.form);
  protected readonly hows = [
    { value: 'yes', word: 'waits for a decision' },
    { value: 'no', word: 'is approved at once' },
  ];
  protected readonly changing = command();
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly other = new FormGroup({
    from: new FormControl('', { nonNullable: true, validators: needed('Type from which day on.') }),
    kind: new FormControl('week', { nonNullable: true }),
    weekStart: new FormControl('1', { nonNullable: true }),
    days: new FormControl('14', { nonNullable: true }),
  });
  protected readonly picked = valuesOf(this.other);
  protected readonly kinds = [
    { value: 'week', word: 'a week' },
    { value: 'half-month', word: 'half a month' },
    { value: 'month', word: 'a month' },
    { value: 'days', word: 'so many days' },
  ];
  protected readonly weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'].map(
    (word, day) => ({ value: String(day + 1), word }),
  );
  private readonly finder = viewChild<ProjectField>('finder');
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
  protected readonly chosen = computed(() =>
    this.values().unreviewed.flatMap((value) => {
      const project = this.names.projectOf(value);
      return project ? [{ value, word: `${project.name}, ${project.code}` }] : [];
    }),
  );

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

  /** How long the periods are, and how long they will be. */
  protected readonly periodsNow = computed(() => {
    const periods = this.known.value()?.periods;
    const today = this.today();
    if (!periods || !today) return '';
    const now = `Now people submit ${this.lengthWords(periodRuleOn(today, periods))}.`;
    return periods.from && periods.from > today
      ? `${now} From ${this.formats.day(periods.from, 'full')} on they submit ${this.lengthWords(periods)}.`
      : now;
  });
  /** The first periods after the change. */
  protected readonly then = computed(() => {
    const periods = this.known.value()?.periods;
    const next = this.wish();
    if (!periods || !next) return '';
    const { from, ...length } = next;
    const rule = withPeriods(periods, { ...length, anchor: from }, from);
    const first = submissionPeriod(from, rule);
    const second = besidePeriod(first, rule, 1);
    const words = ({ from: begin, to }: { from: string; to: string }) => `${this.formats.day(begin)} to ${this.formats.day(to)}`;
    const before = submissionPeriod(from, periods);
    const cut =
      before.from < from
        ? ` What is open from ${this.formats.day(before.from)} on ends on the day before, and is submitted by itself.`
        : '';
    return `Then ${words(first)}, ${words(second)} and so on.${cut}`;
  });

  private wish(): BodyOf<Endpoints['changePeriods']> | null {
    const { from, kind, weekStart, days } = this.picked();
    const count = Number(days);
    if (!from || !(count >= 1 && count <= 62)) return null;
    return { from, kind: kind as PeriodRule['kind'], weekStart: Number(weekStart), days: count };
  }

  private lengthWords({ kind, weekStart, days }: Pick<PeriodRule, 'kind' | 'weekStart' | 'days'>): string {
    if (kind === 'week') return `a week that begins on a ${this.weekdays[weekStart - 1]!.word}`;
    return kind === 'days' ? `${days} days at once` : this.kinds.find(({ value }) => value === kind)!.word;
  }

  protected async change(): Promise<void> {
    const body = this.wish();
    if (!body) return this.changing.refuse('Say from which day on, and how many days: 1 to 62.');
    const { version } = this.known.value()!;
    const saved = await this.changing.run(() => this.api.call('changePeriods', { body, version }), { done: 'Periods changed' });
    if (saved) this.known.set(saved);
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
    const { dayMaximum, weekMaximum, gapTolerance, lockedUntil, review, unreviewed, ways, planned } = this.form.getRawValue();
    const body = {
      ...{ dayMaximum: dayMaximum!, weekMaximum: weekMaximum!, gapTolerance: gapTolerance! },
      ...{ lockedUntil: lockedUntil || null, review: review === 'yes', unreviewed: [...unreviewed] },
      ...{ ways: [...ways], planned: planned! },
    };
    const { version } = this.known.value()!;
    const saved = await this.command.run(() => this.api.call('changeTimeRules', { body, version }), { done: 'Saved' });
    if (saved) this.known.set(saved);
  }
}
