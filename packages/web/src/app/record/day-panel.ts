import {
  ChangeDetectionStrategy,
  Component,
  Injector,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import { NgTemplateOutlet } from '@angular/common';
import { MatButton } from '@angular/material/button';
import { clockSeconds } from '@yellowwood/core';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Functions } from '../state/functions';
import { ABSENCE_WORDS, PROBLEM_WORDS } from '../state/words';
import { DayStrip, StripSpan } from '../ui/day-strip';
import { command } from '../ui/command';
import { fetchAhead } from '../ui/fetch-ahead';
import { ClockPipe, DayPipe, HoursPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { NotFetched } from '../ui/not-fetched';
import { WorkNames } from '../ui/work-names';
import { EntryForm } from './entry-form';
import type { EntryFormValue } from './entry-form';
import { timesOf } from './entry-times';
import { SplitForm } from './split-form';
import { WeekStore } from './week-store';
import { isLocked } from './week-model';
import { SayPipe } from '../state/own-words';

/** The chosen day as a strip and a list: spans, gaps, overlaps, and every entry to edit. */
@Component({
  selector: 'yw-day-panel',
  imports: [
    MatButton,
    NgTemplateOutlet,
    DayStrip,
    ClockPipe,
    DayPipe,
    HoursPipe,
    GrowthMark,
    EntryForm,
    NotFetched,
    SplitForm,
    SayPipe,
  ],
  templateUrl: './day-panel.html',
  styleUrl: './day-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DayPanel {
  protected readonly store = inject(WeekStore);
  protected readonly names = inject(WorkNames);
  protected readonly address = inject(Address);
  protected readonly functions = inject(Functions);
  private readonly api = inject(Api);
  private readonly injector = inject(Injector);
  protected readonly timer = command();
  readonly day = input.required<string>();
  /** Whether the day stands without the grid of its week, and so brings the way to the other days along. */
  readonly alone = input(false);
  readonly aloneChosen = output<boolean>();
  readonly dayChosen = output<string>();
  protected readonly words = PROBLEM_WORDS;
  protected readonly absenceWords = ABSENCE_WORDS;
  /** The entry whose form is open; `new` for the form of a new one. */
  protected readonly editing = signal<string | null>(null);
  /** Whether somebody asked for the form; it opens by itself, too, and then leaves the focus where it is. */
  protected readonly asked = signal(false);
  /** The entry that is being divided, where, and what is wrong with that. */
  protected readonly splitting = signal<string | null>(null);
  protected readonly draftSpan = signal<{ start: string; end: string } | null>(null);
  protected readonly facts = computed(() => this.store.week()?.days.find((day) => day.date === this.day()) ?? null);
  protected readonly entries = computed(() =>
    (this.store.week()?.entries ?? []).filter((entry) => entry.date === this.day()).sort(byTime),
  );
  protected readonly isOpen = computed(() => {
    const week = this.store.week();
    return week?.state === 'open' && !isLocked(week, this.day());
  });
  /** Whether time is typed, and not only taken by a timer. */
  protected readonly typed = computed(() => this.store.week()!.ways.some((way) => way !== 'timer'));
  protected readonly overlapping = computed(
    () => new Set((this.facts()?.overlaps ?? []).flatMap((overlap) => [overlap.first, overlap.second])),
  );
  /** Entries and gaps in the order of the day, as the list shows them. */
  protected readonly lines = computed(() => {
    const gaps = (this.facts()?.gaps ?? []).map((gap) => ({ gap, at: gap.startAt }));
    const entries = this.entries().map((entry) => ({ entry, at: entry.startAt ?? '9' }));
    return [...entries, ...gaps]
      .sort((a, b) => a.at.localeCompare(b.at))
      .map((line) => ({ entry: 'entry' in line ? line.entry : null, gap: 'gap' in line ? line.gap : null }));
  });

  protected readonly spans = computed((): StripSpan[] => {
    const week = this.store.week();
    if (!week) return [];
    return this.entries()
      .filter((entry) => entry.startAt && entry.endAt)
      .map((entry) => ({
        id: entry.id,
        from: clockSeconds(week.zone, entry.date, entry.startAt!),
        to: clockSeconds(week.zone, entry.date, entry.endAt!),
        tone: this.names.tone(entry.projectId),
        label: `${this.names.task(entry.taskId) || this.names.project(entry.projectId)} ${this.store.text(entry.quantity)}`,
        doubled: this.overlapping().has(entry.id),
        quiet: !entry.billable,
      }));
  });
  protected readonly gaps = computed(() => {
    const week = this.store.week();
    return (this.facts()?.gaps ?? []).map((gap) => ({
      from: clockSeconds(week!.zone, this.day(), gap.startAt),
      to: clockSeconds(week!.zone, this.day(), gap.endAt),
      label: this.store.text(gap.seconds),
    }));
  });

  constructor() {
    fetchAhead(() => Promise.all([import('./entry-form'), import('./split-form')]));
    // An entry that is selected elsewhere (a problem, the grid) opens here when it still wants something.
    effect(() => {
      const selection = this.address.selection();
      untracked(() => {
        const entry = selection?.kind === 'entry' ? this.entries().find((one) => one.id === selection.id) : undefined;
        if (entry && this.mayEdit(entry) && entry.problems.some((problem) => problem !== 'no-rate')) {
          this.asked.set(false);
          this.editing.set(entry.id);
        }
      });
    });
    effect(() => {
      this.day();
      untracked(() => this.editing() === 'new' && this.editing.set(null));
    });
  }

  protected mayEdit(entry: Entry): boolean {
    return entry.kind === 'time' && entry.stage === 'recorded' && !!this.store.week()?.may.record;
  }

  protected dayText(): string {
    const facts = this.facts();
    if (!facts) return '';
    const parts = [`${this.store.text(facts.recorded)} recorded`];
    const short = facts.planned - facts.recorded;
    if (facts.planned > 0 && short > 0) parts.push(`${this.store.text(short)} short of the day`);
    for (const gap of facts.gaps.slice(0, 2)) parts.push(`a gap of ${this.store.text(gap.seconds)}`);
    if (facts.overlaps.length > 0) parts.push(facts.overlaps.length === 1 ? 'an overlap' : `${facts.overlaps.length} overlaps`);
    return parts.join(', ');
  }

  protected select(entry: Entry): void {
    void this.address.set({ sel: `entry:${entry.id}` }, true);
  }

  /** Opens an entry of the day for somebody who meant to type over it. */
  open(id: string): void {
    const entry = this.entries().find((one) => one.id === id);
    if (!entry || !this.mayEdit(entry)) return;
    this.asked.set(true);
    this.editing.set(id);
  }

  protected edit(id: string | null, span: { start: string; end: string } | null = null): void {
    this.draftSpan.set(span);
    this.asked.set(true);
    this.editing.set(id);
    if (id && id !== 'new') void this.address.set({ sel: `entry:${id}` }, true);
  }

  protected async save(value: EntryFormValue, entry: Entry | null): Promise<void> {
    const { target, note, explanation, date, span, quantity, version } = value;
    const done = entry
      ? await this.store.change(
          { ...entry, version },
          { ...target, note, explanation, ...(date === entry.date ? {} : { date }), ...timesOf(entry, span, quantity) },
          'Entry changed',
        )
      : await this.store.create(target, date, { ...(span ? { span } : { quantity }), note });
    if (!done) return;
    this.editing.set(null);
    if (date !== this.day()) this.dayChosen.emit(date);
    void this.address.set({ sel: `entry:${done.id}` }, true);
  }

  protected async remove(entry: Entry): Promise<void> {
    this.editing.set(null);
    await this.store.deleteEntry(entry);
  }

  /** The same work again, as a timer that starts now. */
  protected async again(entry: Entry): Promise<void> {
    const { projectId, taskId, serviceId, note, billable } = entry;
    await this.timer.run(
      (id) => this.api.call('startTimer', { body: { id, projectId, taskId, serviceId, note, billable, others: 'pause' } }),
      { done: 'Timer started again', about: entry.id },
    );
  }
}

function byTime(a: Entry, b: Entry): number {
  return (a.startAt ?? '9').localeCompare(b.startAt ?? '9') || a.id.localeCompare(b.id);
}
