import { TitleCasePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, viewChild } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Store } from '@ngrx/store';
import { addDays } from '@yellowwood/core';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { Functions } from '../state/functions';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { workFeature } from '../state/work';
import { Ask } from '../ui/ask';
import { Failure } from '../ui/failure';
import { PeriodField } from '../ui/form/period-field';
import { DayPipe, HoursPipe, MomentPipe } from '../ui/formats';
import { WorkNames } from '../ui/work-names';
import { DayPanel } from './day-panel';
import { FirstSteps } from './first-steps';
import { Looking } from './looking';
import { NotFetched } from '../ui/not-fetched';
import { ToConfirm } from './to-confirm';
import { WeekGrid } from './week-grid';
import { isLocked } from './week-model';
import { beforeSubmitting, blockingText, isBlocking } from './week-state';
import { WeekStore } from './week-store';
import { WhoseWeek } from './whose-week';
import { Loading } from '../ui/loading';
import { SayPipe } from '../state/own-words';

/** The own period, as a rule a week: the grid, the chosen day below it, and submitting. Signing in leads here. */
@Component({
  selector: 'yw-week',
  imports: [
    PeriodField,
    Failure,
    MatButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    WeekGrid,
    DayPanel,
    FirstSteps,
    DayPipe,
    HoursPipe,
    MomentPipe,
    TitleCasePipe,
    Loading,
    Looking,
    NotFetched,
    ToConfirm,
    SayPipe,
  ],
  providers: [WeekStore],
  templateUrl: './week.html',
  styleUrl: './week.scss',
  host: { '(window:beforeunload)': 'keep($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekScreen {
  protected readonly store = inject(WeekStore);
  private readonly workKnown = inject(Store).selectSignal(workFeature.selectKnown);
  private readonly workSentence = inject(Store).selectSignal(workFeature.selectSentence);
  /** The week once its rows have their names: they do not come one after the other. */
  protected readonly shown = computed(() => (this.workKnown() ? this.store.week() : null));
  protected readonly reading = {
    value: this.shown,
    sentence: computed(() => this.store.sentence() || (this.workKnown() ? '' : this.workSentence())),
  };
  private readonly address = inject(Address);
  private readonly asking = inject(Ask);
  private readonly formats = inject(Formats);
  private readonly dayPanel = viewChild(DayPanel);
  protected readonly periods = inject(Periods);
  protected readonly whose = inject(WhoseWeek);
  private readonly functions = inject(Functions);
  protected readonly toConfirm = computed(() => this.functions.has('instruction') && (this.me()?.toConfirm ?? null) !== null);
  protected readonly guide = computed(() => this.me()?.guide ?? false);
  protected readonly names = inject(WorkNames);
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  protected readonly title = computed(() => (this.store.from() ? this.periods.title(this.store.from()) : ''));
  /** The day alone, for those with more clients in a week than a grid shows well. */
  protected readonly byDay = computed(() => !this.functions.has('grid') || this.address.show() === 'day');
  protected readonly day = computed(() => {
    const from = this.store.from();
    const chosen = this.address.day();
    if (chosen && from && this.periods.of(chosen).from === from) return chosen;
    const today = this.store.today();
    return today && this.periods.of(today).from === from ? today : from;
  });
  /** Whether the firm has locked all days of what is shown. */
  protected readonly allLocked = computed(() => {
    const week = this.shown();
    return week ? isLocked(week, week.to) : false;
  });
  protected readonly locked = computed(() => {
    const week = this.shown();
    if (!week || !isLocked(week, week.from)) return '';
    return `The firm has locked its time up to ${this.formats.day(week.lockedUntil!, 'full')}: nothing of it is changed or submitted.`;
  });
  private readonly time = computed(() => this.store.week()?.entries.filter((entry) => entry.kind === 'time') ?? []);
  protected readonly decidedText = computed(() =>
    (this.shown()?.byPolicy ?? 0) > 0
      ? 'Approved by policy: this time is not reviewed, or nobody else here decides on it.'
      : 'Everything is decided.',
  );
  protected readonly waiting = computed(() => this.sum(this.time().filter((entry) => entry.stage === 'submitted')));
  protected readonly returnedCount = computed(() => this.time().filter((entry) => entry.returned).length);
  protected readonly problems = computed(() => this.time().filter(isBlocking));
  protected readonly problemText = blockingText;
  protected readonly summary = computed(() => {
    const count = (stage: string) => this.time().filter((entry) => entry.stage === stage).length;
    const parts = [
      [this.returnedCount(), 'returned'],
      [count('submitted'), 'submitted'],
      [count('approved'), 'approved'],
      [count('billed') + count('paid'), 'billed'],
    ] as const;
    return parts
      .filter(([number]) => number > 0)
      .map(([number, word]) => `${number} ${word}`)
      .join(', ');
  });
  /** Whom one looks at, and how that stands out. */
  protected readonly looking = computed(() => (this.whose.looked() ? (this.shown()?.personName ?? '') : ''));
  /** Whose week might be meant: somebody whom the scope names. */
  protected readonly offered = computed(() => {
    const [kind, id] = this.address.scope().split(':');
    return kind === 'person' && id && !this.whose.looked() && id !== this.me()?.person.id ? id : null;
  });
  protected readonly submitText = computed(() => {
    const left = this.time().filter((entry) => entry.stage === 'recorded');
    if (this.time().length === 0) return `Submit empty ${this.periods.word()}`;
    const again = this.time().length > left.length ? ' again' : '';
    return `Submit ${this.store.text(this.sum(left))}${again}`;
  });

  private sum(entries: readonly { quantity: number }[]): number {
    return entries.reduce((total, entry) => total + entry.quantity, 0);
  }

  protected shift(by: 1 | -1): void {
    if (this.byDay()) this.goTo(addDays(this.day(), by));
    else
      void this.address.set({
        period: this.periods.text(this.periods.beside(this.store.from(), by).from),
        day: null,
        sel: null,
      });
  }

  protected goTo(date: string): void {
    void this.address.set({ period: this.periods.text(date), day: date, sel: null });
  }

  protected look(person: string): void {
    void this.address.set({ as: person, sel: null });
  }

  protected view(show: 'day' | null): void {
    void this.address.set({ show });
  }

  protected chooseDay(date: string): void {
    if (date !== this.day()) void this.address.set({ period: this.periods.text(date), day: date }, true);
  }

  protected open(date: string, id: string): void {
    void this.address.set({ day: date, sel: `entry:${id}` }, true);
  }

  /** Opens an entry that was meant to be typed over. */
  protected edit(date: string, id: string): void {
    this.open(date, id);
    this.dayPanel()?.open(id);
  }

  /** What is not stored yet would be lost with the page. */
  protected keep(event: Event): void {
    if (this.store.cells.drafts().size > 0) event.preventDefault();
  }

  private confirmed(): string {
    if (!this.whose.looked()) return 'You confirm that this is the time that you worked.';
    return `${this.looking()} has no account to submit it with: you confirm that, as far as you know, this is the time that they worked.`;
  }

  protected async submit(): Promise<void> {
    if (!(await this.store.allStored())) return;
    const blocked = this.problems().length;
    if (blocked > 0) {
      const first = this.problems()[0]!;
      this.open(first.date, first.id);
      return;
    }
    const open = this.time().filter((entry) => entry.stage === 'recorded');
    const note = await this.asking.ask({
      title: `Submit ${this.periods.name(this.store.from())}?`,
      text: [
        ...beforeSubmitting(this.store.week()!, this.store.today(), (date) => this.formats.day(date, 'full')),
        `${this.store.text(this.sum(open))} in ${open.length} ${open.length === 1 ? 'entry goes' : 'entries go'} to review. ${this.confirmed()}`,
      ].join('\n\n'),
      field: { label: 'Note to the reviewer (may stay empty)', needed: false },
      button: `Submit ${this.periods.word()}`,
    });
    if (note !== undefined) await this.store.submit(note);
  }
}
