import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterNextRender,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Store } from '@ngrx/store';
import { Which, readClock, readDuration, seconds, spanOf } from '@yellowwood/core';
import type { Entry, EntryChange, TypedSpan } from '@yellowwood/contracts';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { selectServiceChoices, workFeature } from '../state/work';
import { ChoiceField } from '../ui/form/choice-field';
import { DateField } from '../ui/form/date-field';
import { TextField } from '../ui/form/text-field';
import { ToggleField } from '../ui/form/toggle-field';
import { PickedWork, WorkPicker } from '../ui/work-picker';
import { WorkNames } from '../ui/work-names';
import { RowTarget } from './week-model';

/** What the form brings: a span or a length, never both; neither where the time was left as it is. */
export interface EntryFormValue {
  readonly target: RowTarget;
  readonly date: string;
  readonly note: string;
  readonly explanation: string;
  readonly span?: TypedSpan;
  readonly quantity?: number;
  /** The version of the entry over which it was typed; 0 for a new one. */
  readonly version: number;
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
  imports: [MatButton, MatCheckbox, ChoiceField, DateField, TextField, ToggleField, WorkPicker],
  templateUrl: './entry-form.html',
  styleUrl: './entry-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryForm {
  private readonly store = inject(Store);
  private readonly formats = inject(Formats);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly names = inject(WorkNames);
  readonly date = input.required<string>();
  readonly entry = input<Entry | null>(null);
  readonly span = input<{ start: string; end: string } | null>(null);
  /** The manager's correction of somebody's entry: wants a reason, deletes nothing. */
  readonly correcting = input(false);
  /** Whether somebody asked for the form, so that typing goes on in it. */
  readonly focused = input(false);
  readonly saved = output<EntryFormValue>();
  readonly cancelled = output();
  readonly removed = output();

  protected readonly HOW = [
    { value: 'clock', word: 'Start and end' },
    { value: 'length', word: 'Length' },
  ];
  protected readonly WHICH = [
    { value: 'earlier', word: 'the earlier' },
    { value: 'later', word: 'the later' },
  ];
  private readonly services = this.store.selectSignal(workFeature.selectServiceList);
  protected readonly serviceChoices = this.store.selectSignal(selectServiceChoices);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectEntities);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  /** The entry as it was when the form opened: what is typed stays, whatever is read meanwhile. */
  private readonly base = linkedSignal<Entry | null, Entry | null>({
    source: () => this.entry(),
    computation: (entry, previous) => (entry && previous?.value?.id === entry.id ? previous.value : entry),
  });
  /** The version over which mine was chosen. */
  private readonly kept = signal<number | null>(null);
  /** What somebody else has made of the entry since the form opened; it stands beside mine until one of them is taken. */
  protected readonly theirs = computed(() => {
    const [now, base] = [this.entry(), this.base()];
    return now && base && factsOf(now) !== factsOf(base) && now.version !== this.kept() ? now : null;
  });
  protected readonly work = linkedSignal((): PickedWork | null =>
    this.base()?.projectId ? { projectId: this.base()!.projectId!, taskId: this.base()!.taskId } : null,
  );
  protected readonly serviceId = linkedSignal(() => this.base()?.serviceId ?? '');
  protected readonly on = linkedSignal(() => this.date());
  protected readonly byClock = linkedSignal(() => (this.base() ? !!this.base()!.startAt : true));
  protected readonly start = linkedSignal(() => this.base()?.startClock ?? this.span()?.start ?? '');
  protected readonly end = linkedSignal(() => this.base()?.endClock ?? this.span()?.end ?? '');
  protected readonly pause = linkedSignal(() =>
    this.base() && this.base()!.breakSeconds > 0 ? this.text(this.base()!.breakSeconds) : '',
  );
  protected readonly length = linkedSignal(() => (this.base() ? this.text(this.base()!.quantity) : ''));
  protected readonly note = linkedSignal(() => this.base()?.note ?? '');
  protected readonly explanation = linkedSignal(() => this.base()?.explanation ?? '');
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

  constructor() {
    // What is there already is typed over from its time on; what is new, from its work on.
    afterNextRender({
      read: () => {
        if (!this.focused()) return;
        const box = this.host.nativeElement.querySelector<HTMLInputElement>(
          this.entry() || this.span() ? '.time input' : 'input',
        );
        box?.focus();
        if (this.entry()) box?.select();
      },
    });
  }

  protected theirText(entry: Entry): string {
    const work = [this.names.project(entry.projectId), this.names.detail(entry.taskId, entry.serviceId)]
      .filter(Boolean)
      .join(', ');
    const time = entry.startClock ? `${entry.startClock} to ${entry.endClock}` : this.text(entry.quantity);
    return `${this.formats.day(entry.date)}, ${work}, ${time}${entry.billable ? '' : ', not billable'}${entry.note ? `, “${entry.note}”` : ''}`;
  }

  protected takeTheirs(): void {
    this.base.set(this.entry());
  }

  protected keepMine(): void {
    this.kept.set(this.entry()!.version);
  }

  private text(value: number): string {
    return this.formats.hours(value);
  }

  protected setWhich(which: string): void {
    this.whichStart.set(which as Which);
    this.whichEnd.set(which as Which);
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
    if (this.theirs()) return this.sentence.set('Somebody changed this entry meanwhile. Take theirs or keep yours first.');
    const version = this.entry()?.version ?? 0;
    const common = { target, date: this.on(), note: this.note(), explanation: this.explanation(), version };
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

/** What somebody can change of an entry; its version moves with its neighbours, too. */
function factsOf(entry: Entry): string {
  const { date, projectId, taskId, serviceId, billable, note, explanation } = entry;
  const { startAt, endAt, breakSeconds, quantity, stage } = entry;
  return JSON.stringify([
    date,
    projectId,
    taskId,
    serviceId,
    billable,
    note,
    explanation,
    startAt,
    endAt,
    breakSeconds,
    quantity,
    stage,
  ]);
}
