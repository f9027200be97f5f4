import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { EntryForm, EntryFormValue } from '../record/entry-form';
import { timesOf } from '../record/entry-times';
import { Address } from '../state/address';
import { Periods } from '../state/periods';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { ABSENCE_WORDS, LOOK_WORDS, PROBLEM_WORDS } from '../state/words';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { ClockPipe, DayPipe, HoursPipe, MomentPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { WorkNames } from '../ui/work-names';
import { approving } from './approving';
import { Decided } from './decided';
import { OwnWords } from '../state/own-words';

/** One person's period beside the list: what to look at, the entries, and deciding on them. */
@Component({
  selector: 'yw-person-review',
  imports: [ClockPipe, MatButton, EntryForm, Failure, DayPipe, HoursPipe, MomentPipe, GrowthMark, History, Loading],
  templateUrl: './person-review.html',
  styleUrls: ['../shell/why.scss'],
  styles:
    '.opened { padding: 6px 0 10px; border-bottom: 1px solid var(--hair); display: grid; gap: 6px; } small { display: block; } small.wrong { color: var(--clay); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonReview {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly address = inject(Address);
  protected readonly command = command();
  private readonly asking = inject(Ask);
  private readonly decided = inject(Decided);
  protected readonly names = inject(WorkNames);
  protected readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly currency = inject(Store).selectSignal(sessionFeature.selectCurrency);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  readonly personId = input.required<string>();
  protected readonly absence = ABSENCE_WORDS;
  protected readonly open = signal<string | null>(null);
  protected readonly correcting = signal<string | null>(null);
  protected readonly periods = inject(Periods);
  /** Whether all of their time may be in reach, and not only that on one's own projects. */
  protected readonly covered = computed(() => ['team', 'firm'].includes(this.rights()['time.read'] ?? ''));
  private readonly from = computed(
    () => this.periods.named()?.from ?? (this.today() ? this.periods.beside(this.today(), -1).from : ''),
  );
  protected readonly detail = loaded(
    () => (this.from() ? { id: this.personId(), from: this.from(), scope: this.address.scope() } : undefined),
    ({ id, from, scope }) => this.api.call('readReviewPerson', { params: { id }, query: { from, scope } }),
  );
  protected readonly waiting = computed(() =>
    (this.detail.value()?.entries ?? []).filter((entry) => entry.stage === 'submitted'),
  );
  /** How much was recorded, of how much; a part of somebody's time is never taken for the whole. */
  protected readonly facts = computed(() => {
    const { recorded, inAll, planned, submittedAt } = this.detail.value()!.person;
    const hours = (value: number) => this.formats.hours(value);
    const where = this.address.scope() === 'all' ? 'in your reach' : 'on the chosen work';
    const time =
      inAll > recorded
        ? [`${hours(recorded)} of ${hours(inAll)} ${where}`, planned > 0 ? `target ${hours(planned)}` : '']
        : [`${hours(recorded)}${planned > 0 ? ` of ${hours(planned)}` : ''}`];
    return [...time, submittedAt ? `submitted ${this.formats.moment(submittedAt)}` : ''].filter(Boolean).join(', ');
  });
  /** The entry that one comes to first: one that needs a look, else one that waits. */
  protected readonly firstLook = computed(() => {
    const { person, entries } = this.detail.value()!;
    const looked = new Set(person.looks.map(({ entryId }) => entryId));
    const waits = entries.filter(({ stage }) => stage === 'submitted');
    return (waits.find(({ id }) => looked.has(id)) ?? waits[0] ?? entries[0])?.id ?? null;
  });
  /** What concerns the week as a whole or a day of it, not one entry. */
  protected readonly wholeLooks = computed(() =>
    (this.detail.value()?.person.looks ?? [])
      .filter((look) => look.entryId === null)
      .map((look) => `${look.date ? `${this.formats.day(look.date, 'name')}: ` : ''}${LOOK_WORDS[look.reason]}`),
  );

  protected look(): void {
    void this.address.go('record', { as: this.personId(), period: this.periods.text(this.from()) });
  }

  protected sum(entries: readonly Entry[]): number {
    return entries.filter((entry) => entry.kind === 'time').reduce((total, entry) => total + entry.quantity, 0);
  }

  protected reasonsOf(entry: Entry): string[] {
    const looks = (this.detail.value()?.person.looks ?? [])
      .filter((look) => look.entryId === entry.id && look.reason !== 'problem')
      .map((look) => LOOK_WORDS[look.reason]!);
    return [
      ...looks,
      ...entry.problems.map((problem) => this.say(PROBLEM_WORDS[problem]?.short ?? problem)),
      ...(entry.returned ? [`returned: ${entry.returned.reason}`] : []),
    ];
  }

  protected async approve(entries: readonly Entry[]): Promise<void> {
    const [person, all] = [this.personId(), entries.length === this.waiting().length];
    const what = entries.length === 1 ? 'Entry approved' : `${this.periods.title(this.from())} approved`;
    const approved = await approving(this.api, this.command, entries, what);
    if (approved !== undefined && all) this.decided.person.next(person);
  }

  protected async returnOne(entry: Entry): Promise<void> {
    const reason = await this.asking.ask({
      title: 'Return this entry?',
      field: { label: 'Reason, shown to the person', needed: true },
      button: 'Return entry',
    });
    if (reason !== undefined)
      await this.command.run(
        () => this.api.call('returnEntries', { body: { entries: [{ id: entry.id, version: entry.version }], reason } }),
        { done: 'Entry returned' },
      );
  }

  protected async returnWeek(): Promise<void> {
    const reason = await this.asking.ask({
      title: `Return the ${this.periods.word()} of ${this.detail.value()!.person.name}?`,
      text: 'Everything that waits goes back to be corrected and is submitted again.',
      field: { label: 'Reason, shown to the person', needed: true },
      button: `Return ${this.periods.word()}`,
    });
    if (reason === undefined) return;
    const person = this.personId();
    const returned = await this.command.run(
      () => this.api.call('returnPeriod', { params: { id: person }, body: { from: this.from(), reason } }),
      { done: `${this.periods.title(this.from())} returned` },
    );
    if (returned !== undefined) this.decided.person.next(person);
  }

  protected async reopen(entry: Entry): Promise<void> {
    const reason = await this.asking.ask({
      title: 'Re-open this entry?',
      text: 'It goes back to the person and is no longer offered for billing.',
      field: { label: 'Reason, shown to the person', needed: true },
      button: 'Re-open entry',
    });
    if (reason !== undefined)
      await this.command.run(
        () => this.api.call('reopenEntries', { body: { entries: [{ id: entry.id, version: entry.version }], reason } }),
        { done: 'Entry re-opened' },
      );
  }

  protected async correct(entry: Entry, value: EntryFormValue): Promise<void> {
    const { target, note, date, span, quantity, explanation, version } = value;
    const corrected = await this.command.run(
      () =>
        this.api.call('changeEntry', {
          params: { id: entry.id },
          version,
          body: {
            ...target,
            note,
            ...(date === entry.date ? {} : { date }),
            ...timesOf(entry, span, quantity),
            reason: explanation,
          },
        }),
      { done: 'Entry corrected' },
    );
    // What was typed stays while it is refused.
    if (corrected) this.correcting.set(null);
  }
}
