import { ChangeDetectionStrategy, Component, ElementRef, afterNextRender, computed, effect } from '@angular/core';
import { inject, input, linkedSignal, output, signal } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Store } from '@ngrx/store';
import { RECORD_WAYS, RecordWay } from '@yellowwood/core';
import type { Entry, TypedSpan } from '@yellowwood/contracts';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { selectServiceChoices, workFeature } from '../state/work';
import { ChoiceField } from '../ui/form/choice-field';
import { DateField } from '../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../ui/form/drafts';
import { DurationField } from '../ui/form/duration-field';
import { TextField } from '../ui/form/text-field';
import { WorkField } from '../ui/form/work-field';
import { ToggleField } from '../ui/form/toggle-field';
import { Leaves } from '../ui/leaves';
import { WorkNames } from '../ui/work-names';
import { EntryDraft, draftOf, entryForm, factsOf } from './entry-draft';
import { readSpan } from './entry-times';
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

/** One entry: what it was for, from when to when or how long, break, billable, note. */
@Component({
  selector: 'yw-entry-form',
  imports: [
    MatButton,
    MatCheckbox,
    ReactiveFormsModule,
    ChoiceField,
    DateField,
    DurationField,
    Leaves,
    SendsForm,
    TextField,
    ToggleField,
    WorkField,
  ],
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
  /** In which ways its time may be given. */
  readonly ways = input<readonly RecordWay[]>(RECORD_WAYS);
  /** The time zone of whoever's time it is; one's own unless said. */
  readonly zone = input<string>();
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
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly form = entryForm(() => this.correcting());
  private readonly typed = valuesOf(this.form);
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
  protected readonly billable = computed(() => {
    const { billable, service, work } = this.typed();
    if (billable !== null) return billable;
    const chosen = this.services().find((one) => one.id === service);
    return (this.names.projectOf(work?.projectId)?.billable ?? true) && (chosen?.billable ?? true);
  });
  /** How its time may be given: as is open, and as it was. */
  protected readonly hows = computed(() =>
    this.HOW.filter(({ value }) => this.ways().includes(value === 'clock' ? 'span' : 'length') || this.was(value)),
  );
  protected readonly byClock = computed(() => this.typed().how === 'clock');
  /** What start, end and break come to, shown before saving. */
  protected readonly worked = computed(() => {
    const read = this.readSpan();
    return read?.ok ? this.formats.hours(read.worked) : '';
  });
  protected readonly sentence = signal('');
  protected readonly twice = signal(false);

  constructor() {
    fillFor(
      this.form,
      () => this.base() ?? this.span() ?? 'new',
      () => this.draft(this.base()),
    );
    // Another day that is looked at is the day of what is recorded anew.
    effect(() => {
      if (!this.entry()) this.form.controls.on.setValue(this.date());
    });
    // A field that is not there cannot be wrong.
    effect(() => {
      const { start, end, pause, length } = this.form.controls;
      const [shown, hidden] = this.byClock() ? [[start, end, pause], [length]] : [[length], [start, end, pause]];
      for (const control of shown) control.enable({ emitEvent: false });
      for (const control of hidden) control.disable({ emitEvent: false });
    });
    // What is there already is typed over from its time on; what is new, from its work on.
    afterNextRender({
      read: () => {
        if (!this.focused()) return;
        const box = this.host.nativeElement.querySelector<HTMLInputElement>(
          this.entry() || this.span() ? '.time input, .length input' : 'input',
        );
        box?.focus();
        if (this.entry()) box?.select();
      },
    });
  }

  private was(how: string): boolean {
    const base = this.base();
    return base !== null && how === (base.startAt ? 'clock' : 'length');
  }

  private draft(entry: Entry | null): EntryDraft {
    const draft = draftOf(entry, this.date(), this.span());
    const { start, end } = draft;
    const told = { ...draft, start: this.formats.time(start), end: this.formats.time(end) };
    return entry || this.ways().includes('span') ? told : { ...told, how: 'length' };
  }

  protected theirText(entry: Entry): string {
    const work = [this.names.project(entry.projectId), this.names.detail(entry.taskId, entry.serviceId)]
      .filter(Boolean)
      .join(', ');
    const time = entry.startClock
      ? `${this.formats.time(entry.startClock)} to ${this.formats.time(entry.endClock)}`
      : this.formats.hours(entry.quantity);
    return `${this.formats.day(entry.date)}, ${work}, ${time}${entry.billable ? '' : ', not billable'}${entry.note ? `, “${entry.note}”` : ''}`;
  }

  protected takeTheirs(): void {
    this.base.set(this.entry());
  }

  protected keepMine(): void {
    this.kept.set(this.entry()!.version);
  }

  private readSpan() {
    const { on, start, end, pause, which } = this.typed();
    return readSpan({ date: on, start, end, pause, which }, this.zone() ?? this.me()?.person.zone ?? 'UTC');
  }

  /** What shows no seconds is not cut off by being saved: an untouched time is not sent. */
  private timeUntouched(): boolean {
    const entry = this.entry();
    const { on, how, start, end, pause, length } = this.form.getRawValue();
    const was = this.draft(entry);
    if (!entry || on !== was.on || how !== was.how) return false;
    return how === 'clock' ? start === was.start && end === was.end && pause === was.pause : length === was.length;
  }

  protected save(): void {
    const { work, service, on, note, explanation, length } = this.form.getRawValue();
    this.sentence.set('');
    this.twice.set(false);
    if (this.theirs()) return this.sentence.set('Somebody changed this entry meanwhile. Take theirs or keep yours first.');
    const target: RowTarget = {
      projectId: work?.projectId ?? null,
      taskId: work?.taskId ?? null,
      serviceId: service || null,
      billable: this.billable(),
    };
    const common = { target, date: on, note, explanation, version: this.entry()?.version ?? 0 };
    if (this.timeUntouched()) return this.saved.emit(common);
    if (!this.byClock()) {
      if (!length) return this.sentence.set('Type how long it took, such as 4:30, 4.5 or 270m.');
      return this.saved.emit({ ...common, quantity: length });
    }
    const read = this.readSpan();
    if (!read) return this.sentence.set('Type when it started and when it ended, or choose a length.');
    if (read.ok) return this.saved.emit({ ...common, span: read.span });
    this.twice.set(read.twice);
    this.sentence.set(read.sentence);
  }
}
