import { TitleCasePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, ElementRef, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { weekday } from '@yellowwood/core';
import type { ReviewPerson } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { ABSENCE_WORDS, LOOK_WORDS } from '../state/words';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { DayPipe, HoursPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { approving } from './approving';
import { OwnReview } from './own-review';

/** People by days: what is clean, what needs a look and why; approving all that is clean at once. */
@Component({
  selector: 'yw-review',
  imports: [MatButton, Failure, DayPipe, HoursPipe, TitleCasePipe, OwnReview],
  templateUrl: './review.html',
  styleUrl: './review.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  protected readonly command = command();
  private readonly asking = inject(Ask);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
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
  protected readonly dates = computed(() => {
    const all = this.review.value()?.people[0]?.days ?? [];
    const used = (date: string) =>
      (this.review.value()?.people ?? []).some((person) => person.days.some((day) => day.date === date && day.recorded > 0));
    // A weekend stands there when somebody worked on it.
    return all.map((day, index) => ({ date: day.date, index })).filter((day) => weekday(day.date) < 6 || used(day.date));
  });
  protected readonly clean = computed(() => (this.review.value()?.people ?? []).filter((person) => person.clean));
  protected readonly cleanSeconds = computed(() => this.clean().reduce((sum, person) => sum + person.submitted, 0));
  protected readonly summary = computed(() => {
    const people = this.review.value()?.people ?? [];
    const count = (state: string) => people.filter((person) => person.state === state).length;
    return [
      [count('submitted'), 'submitted'],
      [count('approved'), 'decided'],
      [count('open'), 'not submitted'],
      [count('missing'), 'missing'],
    ]
      .filter(([number]) => Number(number) > 0)
      .map(([number, word]) => `${number} ${word}`)
      .join(', ');
  });
  protected readonly waiting = computed(() => (this.review.value()?.waiting ?? []).filter((week) => week.from !== this.from()));
  protected readonly lookWords = LOOK_WORDS;
  protected readonly absenceWords = ABSENCE_WORDS;
  protected readonly chosen = computed(() => (this.address.selection()?.kind === 'person' ? this.address.selection()!.id : null));
  private readonly peak = computed(() =>
    Math.max(8 * 3600, ...this.people().flatMap((person) => person.days.map((day) => day.recorded))),
  );

  protected share(part: number): number {
    return (100 * part) / this.peak();
  }

  protected stateWord(person: ReviewPerson): string {
    if (person.state === 'approved') return 'decided';
    if (person.state === 'missing') return 'missing';
    if (person.state === 'open') return 'not submitted';
    if (person.own) return 'your own: somebody else decides';
    return person.looks.length === 0 ? 'clean' : `${person.looks.length} to look at`;
  }

  protected shift(by: 1 | -1): void {
    void this.address.set({ period: this.periods.text(this.periods.beside(this.from(), by).from), sel: null });
  }

  protected goTo(date: string): void {
    void this.address.set({ period: this.periods.text(date), sel: null });
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

  /** What is decided leads on to the next that needs a look. */
  private async decide(deciding: Promise<boolean>, index: number): Promise<void> {
    if (await deciding) this.nextLook(index);
  }

  /** In the list: arrows move, Enter opens, F8 goes to the next that needs a look, Ctrl+Enter approves, Ctrl+Backspace returns. */
  protected key(event: KeyboardEvent, index: number): void {
    const person = this.people()[index]!;
    const control = event.ctrlKey || event.metaKey;
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') this.focus(index + (event.key === 'ArrowDown' ? 1 : -1));
    else if (event.key === 'F8') this.nextLook(index);
    else if (event.key === 'Enter' && control) void this.decide(this.approve(person), index);
    else if (event.key === 'Backspace' && control) void this.decide(this.return(person), index);
    else if (event.key === 'Enter') this.open(person);
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
    this.focus(next);
    this.open(people[next]!);
  }

  private focus(index: number): void {
    this.host.nativeElement
      .querySelectorAll<HTMLElement>('tbody tr')
      [Math.max(0, Math.min(index, this.people().length - 1))]?.focus();
  }
}
