import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { DurationForm, Which, durationText, readClock, readDuration, seconds, spanOf } from '@yellowwood/core';
import type { Entry, EntryChange, TypedSpan } from '@yellowwood/contracts';
import { sessionFeature } from '../state/session';
import { workFeature } from '../state/work';
import { DayPipe } from '../ui/formats';
import { PickedWork, WorkPicker } from '../ui/work-picker';
import { RowTarget } from './week-model';

/** What the form brings: a span or a length, never both; neither where the time was left as it is. */
export interface EntryFormValue {
  readonly target: RowTarget;
  readonly date: string;
  readonly note: string;
  readonly explanation: string;
  readonly span?: TypedSpan;
  readonly quantity?: number;
}

/** The times of a change: a length takes a span away. */
export function timesOf(
  entry: Entry,
  span: EntryFormValue['span'],
  quantity: number | undefined,
): Pick<EntryChange, 'span' | 'quantity'> {
  if (span) return { span };
  if (quantity === undefined) return {};
  return entry.startAt ? { span: null, quantity } : { quantity };
}

const SPAN_SENTENCES: Readonly<Record<string, string>> = {
  'span-empty': 'Start and end are the same. Type a later end; an end before the start means the next day.',
  'break-too-long': 'The break is as long as the span or longer. Type a shorter break.',
  'clock-time-missing': 'The clocks go forward that night and leave this time out. Type another time.',
  'clock-time-twice': 'The clocks go back that night: this time comes twice. Say which of the two is meant.',
};

/** One entry: what it was for, from when to when or how long, break, billable, note. */
@Component({
  selector: 'yw-entry-form',
  imports: [MatButton, WorkPicker, DayPipe],
  templateUrl: './entry-form.html',
  styleUrl: './entry-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryForm {
  private readonly store = inject(Store);
  readonly date = input.required<string>();
  readonly entry = input<Entry | null>(null);
  readonly span = input<{ start: string; end: string } | null>(null);
  /** The manager's correction of somebody's entry: wants a reason, deletes nothing. */
  readonly correcting = input(false);
  readonly saved = output<EntryFormValue>();
  readonly cancelled = output();
  readonly removed = output();

  protected readonly services = this.store.selectSignal(workFeature.selectServiceList);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectEntities);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  private readonly form = this.store.selectSignal(sessionFeature.selectDurationForm);
  protected readonly work = linkedSignal((): PickedWork | null =>
    this.entry()?.projectId ? { projectId: this.entry()!.projectId!, taskId: this.entry()!.taskId } : null,
  );
  protected readonly serviceId = linkedSignal(() => this.entry()?.serviceId ?? '');
  protected readonly on = linkedSignal(() => this.date());
  protected readonly byClock = linkedSignal(() => (this.entry() ? !!this.entry()!.startAt : true));
  protected readonly start = linkedSignal(() => this.entry()?.startClock ?? this.span()?.start ?? '');
  protected readonly end = linkedSignal(() => this.entry()?.endClock ?? this.span()?.end ?? '');
  protected readonly pause = linkedSignal(() =>
    this.entry() && this.entry()!.breakSeconds > 0 ? this.text(this.entry()!.breakSeconds) : '',
  );
  protected readonly length = linkedSignal(() => (this.entry() ? this.text(this.entry()!.quantity) : ''));
  protected readonly note = linkedSignal(() => this.entry()?.note ?? '');
  protected readonly explanation = linkedSignal(() => this.entry()?.explanation ?? '');
  /** Off or on by project and service until somebody decides it. */
  private readonly decided = linkedSignal((): boolean | null => this.entry()?.billable ?? null);
  protected readonly billable = computed(() => {
    const decided = this.decided();
    if (decided !== null) return decided;
    const service = this.services().find((one) => one.id === this.serviceId());
    return (this.projects()[this.work()?.projectId ?? '']?.billable ?? true) && (service?.billable ?? true);
  });
  protected readonly sentence = signal('');
  protected readonly whichStart = signal<Which | undefined>(undefined);
  protected readonly whichEnd = signal<Which | undefined>(undefined);
  protected readonly twice = signal(false);

  /** What start, end and break come to, shown before saving. */
  protected readonly worked = computed(() => {
    const read = this.readSpan();
    return read && 'worked' in read ? this.text(read.worked) : '';
  });
  protected readonly lengthRead = computed(() => {
    const read = readDuration(this.length());
    return read.ok && read.value > 0 && this.length().trim() !== '' ? this.text(read.value) : '';
  });

  private text(value: number): string {
    return durationText(seconds(value), this.form() as DurationForm);
  }

  protected setBillable(value: boolean): void {
    this.decided.set(value);
  }

  private readSpan(): { span: TypedSpan; worked: number } | { sentence: string } | null {
    const start = readClock(this.start());
    const end = readClock(this.end());
    if (!start.ok || !end.ok)
      return this.start().trim() && this.end().trim() ? { sentence: 'Type start and end as clock times, such as 8:30.' } : null;
    const pause = this.pause().trim() === '' ? null : readDuration(this.pause());
    if (pause && !pause.ok) return { sentence: 'Type the break as a duration, such as 0:30 or 30m.' };
    const breakSeconds = seconds(pause?.ok ? pause.value : 0);
    const which = {
      ...(this.whichStart() ? { whichStart: this.whichStart()! } : {}),
      ...(this.whichEnd() ? { whichEnd: this.whichEnd()! } : {}),
    };
    const read = spanOf(
      { date: this.on(), start: start.value, end: end.value, breakSeconds, ...which },
      this.me()?.person.zone ?? 'UTC',
    );
    if (!read.ok) return { sentence: SPAN_SENTENCES[read.error.code] ?? 'This span cannot be read.' };
    return { span: { start: start.value, end: end.value, breakSeconds, ...which }, worked: read.value.worked };
  }

  /** What shows no seconds is not cut off by being saved: an untouched time is not sent. */
  private timeUntouched(): boolean {
    const entry = this.entry();
    if (!entry || this.on() !== entry.date || this.byClock() !== !!entry.startAt) return false;
    const pause = entry.breakSeconds > 0 ? this.text(entry.breakSeconds) : '';
    return this.byClock()
      ? this.start() === entry.startClock && this.end() === entry.endClock && this.pause() === pause
      : this.length() === this.text(entry.quantity);
  }

  protected save(event: Event): void {
    event.preventDefault();
    const target: RowTarget = {
      projectId: this.work()?.projectId ?? null,
      taskId: this.work()?.taskId ?? null,
      serviceId: this.serviceId() || null,
      billable: this.billable(),
    };
    const common = { target, date: this.on(), note: this.note(), explanation: this.explanation() };
    if (this.correcting() && this.explanation().trim() === '')
      return this.sentence.set('Say why you correct it; the person is shown your reason.');
    if (this.timeUntouched()) {
      this.saved.emit(common);
    } else if (this.byClock()) {
      const read = this.readSpan();
      if (!read) return this.sentence.set('Type when it started and when it ended, or choose a length.');
      if ('sentence' in read) {
        this.twice.set(read.sentence === SPAN_SENTENCES['clock-time-twice']);
        return this.sentence.set(read.sentence);
      }
      this.saved.emit({ ...common, span: read.span });
    } else {
      const read = readDuration(this.length());
      if (!read.ok || read.value === 0) return this.sentence.set('Type how long it took, such as 4:30, 4.5 or 270m.');
      this.saved.emit({ ...common, quantity: read.value });
    }
    this.sentence.set('');
  }
}
