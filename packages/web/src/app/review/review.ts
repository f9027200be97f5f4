import { TitleCasePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  Injector,
  afterNextRender,
  computed,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { BreakpointObserver } from '@angular/cdk/layout';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { ReviewPerson } from '@yellowwood/contracts';
import { map } from 'rxjs';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { HoursPipe } from '../ui/formats';
import { PeriodField } from '../ui/form/period-field';
import { PersonField } from '../ui/form/person-field';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { CellTemplate } from '../ui/table/cell-template';
import { Table } from '../ui/table/table';
import { approving } from './approving';
import { Decided } from './decided';
import { OwnReview } from './own-review';
import { reviewColumns } from './review-columns';
import { isBad, shownDates, summaryOf, wordsOf } from './review-facts';

/** People by days: what is clean, what needs a look and why; approving all that is clean at once. */
@Component({
  selector: 'yw-review',
  imports: [MatButton, CellTemplate, Failure, HoursPipe, TitleCasePipe, OwnReview, PeriodField, PersonField, Table, Loading],
  templateUrl: './review.html',
  styleUrl: './review.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  protected readonly command = command();
  private readonly injector = inject(Injector);
  private readonly asking = inject(Ask);
  private readonly decided = inject(Decided);
  private readonly formats = inject(Formats);
  private readonly narrow = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 700px)')
      .pipe(map(({ matches }) => matches)),
    { initialValue: false },
  );
  private readonly table = viewChild.required<Table<ReviewPerson>>(Table);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly reviews = computed(() => !!this.rights()['time.review']);
  protected readonly periods = inject(Periods);
  /** The last period unless the address says another: that is the one that waits. */
  protected readonly from = computed(
    () => this.periods.named()?.from ?? (this.today() ? this.periods.beside(this.today(), -1).from : ''),
  );
  protected readonly review = loaded(
    () => (this.reviews() && this.from() ? { from: this.from(), scope: this.address.scope() } : undefined),
    (query) => this.api.call('readReview', { query }),
  );
  protected readonly onlyLooks = signal(false);
  protected readonly title = computed(() => (this.from() ? this.periods.title(this.from()) : ''));
  protected readonly people = computed(() => {
    const people = this.review.value()?.people ?? [];
    return this.onlyLooks() ? people.filter((person) => person.looks.length > 0) : people;
  });
  protected readonly dates = computed(() => shownDates(this.review.value()?.people ?? []));
  protected readonly clean = computed(() => (this.review.value()?.people ?? []).filter((person) => person.clean));
  protected readonly cleanSeconds = computed(() => this.clean().reduce((sum, person) => sum + person.submitted, 0));
  protected readonly summary = computed(() => {
    const review = this.review.value();
    return review ? summaryOf(review.people) : '';
  });
  protected readonly waiting = computed(() => (this.review.value()?.waiting ?? []).filter((week) => week.from !== this.from()));
  protected readonly chosen = computed(() => (this.address.selection()?.kind === 'person' ? this.address.selection()!.id : null));
  private readonly peak = computed(() =>
    Math.max(8 * 3600, ...this.people().flatMap((person) => person.days.map((day) => day.recorded))),
  );

  constructor() {
    // What is decided leads on to the next that needs a look.
    this.decided.person
      .pipe(takeUntilDestroyed())
      .subscribe((id) => this.nextLook(this.people().findIndex(({ personId }) => personId === id)));
  }

  protected share(part: number): number {
    return (100 * part) / this.peak();
  }

  protected readonly idOf = ({ personId }: ReviewPerson) => personId;
  protected readonly columns = computed(() =>
    reviewColumns({
      // Where there is little room, the days stand in the panel.
      dates: this.narrow() ? [] : this.dates(),
      word: this.periods.word(),
      to: this.review.value()?.to ?? '',
      today: this.today(),
      formats: this.formats,
    }),
  );

  protected readonly isBad = isBad;
  protected readonly wordsOf = wordsOf;

  protected shift(by: 1 | -1): void {
    void this.address.set({ period: this.periods.text(this.periods.beside(this.from(), by).from), sel: null });
  }

  protected goTo(date: string): void {
    void this.address.set({ period: this.periods.text(date), sel: null });
  }

  protected readonly findable = computed(() =>
    this.people().map(({ personId, name, position }) => ({ id: personId, name, position })),
  );

  /** In a long list one goes to somebody by name. */
  protected goToPerson(id: string): void {
    this.address.ask(`person:${id}`);
    // The field takes the focus back once more after a choice.
    afterNextRender({ read: () => this.table().focus.to(id) }, { injector: this.injector });
  }

  protected open(person: ReviewPerson): void {
    this.address.ask(`person:${person.personId}`);
  }

  protected approveClean(): Promise<unknown> {
    const clean = this.clean();
    const entries = clean.flatMap((person) => person.entries);
    const what = `${clean.length} clean ${this.periods.word()}${clean.length === 1 ? '' : 's'} approved`;
    return approving(this.api, this.command, entries, what);
  }

  /** @returns whether it was done */
  private async approve(person: ReviewPerson): Promise<boolean> {
    if (person.entries.length === 0) return false;
    const what = `${person.name}: ${this.periods.word()} approved`;
    return (await approving(this.api, this.command, person.entries, what)) !== undefined;
  }

  /** @returns whether it was done */
  private async return(person: ReviewPerson): Promise<boolean> {
    if (person.own || person.state !== 'submitted') return false;
    const reason = await this.asking.ask({
      title: `Return the ${this.periods.word()} of ${person.name}?`,
      text: 'Everything that waits goes back to be corrected and is submitted again.',
      field: { label: 'Reason, shown to the person', needed: true },
      button: `Return ${this.periods.word()}`,
    });
    if (reason === undefined) return false;
    const returned = await this.command.run(
      (key) => this.api.call('returnPeriod', { params: { id: person.personId }, body: { from: this.from(), reason }, key }),
      { done: `${person.name}: ${this.periods.word()} returned` },
    );
    return returned !== undefined;
  }

  private async decide(deciding: Promise<boolean>, { personId }: ReviewPerson): Promise<void> {
    if (await deciding) this.decided.person.next(personId);
  }

  /** In the list: F8 goes to the next that needs a look, Ctrl+Enter approves, Ctrl+Backspace returns; arrows and Enter are the list's own. */
  protected key({ event, row, index }: { event: KeyboardEvent; row: ReviewPerson; index: number }): void {
    const control = event.ctrlKey || event.metaKey;
    if (event.key === 'F8') this.nextLook(index);
    else if (event.key === 'Enter' && control) void this.decide(this.approve(row), row);
    else if (event.key === 'Backspace' && control) void this.decide(this.return(row), row);
    else return;
    event.preventDefault();
  }

  private nextLook(index: number): void {
    const people = this.people();
    const next = [...people.keys()]
      .slice(1)
      .map((offset) => (index + offset) % people.length)
      .find((one) => people[one]!.looks.length > 0 && people[one]!.state === 'submitted');
    if (next === undefined) return;
    this.table().focus.to(people[next]!.personId);
    this.open(people[next]!);
  }
}
