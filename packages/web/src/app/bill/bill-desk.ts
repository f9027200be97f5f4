import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Store } from '@ngrx/store';
import { readAmount } from '@yellowwood/core';
import type { BillDesk, BillEntry, DraftPreview, DraftWish } from '@yellowwood/contracts';
import { sum } from 'd3-array';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { Ask } from '../ui/ask';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { command } from '../ui/command';
import { DateField } from '../ui/form/date-field';
import { ToggleField } from '../ui/form/toggle-field';
import { Failure } from '../ui/failure';
import { loaded } from '../ui/loaded';
import { WorkNames } from '../ui/work-names';
import { Paper } from './paper';

interface Group {
  readonly key: string;
  readonly name: string;
  readonly detail: string;
  readonly entries: BillEntry[];
}

/** What can be billed to a client or project beside the document that it makes. */
@Component({
  selector: 'yw-bill-desk',
  imports: [MatButton, MatCheckbox, DateField, Failure, Paper, DayPipe, HoursPipe, MoneyPipe, RatePipe, ToggleField],
  templateUrl: './bill-desk.html',
  styleUrl: './bill-desk.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BillDeskScreen {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  protected readonly address = inject(Address);
  private readonly asking = inject(Ask);
  protected readonly names = inject(WorkNames);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  /** Bills up to this date; until somebody chooses, to today. */
  protected readonly chosenDate = signal<string | null>(null);
  protected readonly upTo = computed(() => this.chosenDate() ?? this.address.period()?.to ?? this.today());
  protected readonly desk = loaded(
    () => (this.upTo() ? { scope: this.address.scope(), upTo: this.upTo() } : undefined),
    (query) => this.api.call('readBillDesk', { query }),
    (before, now) => before.scope === now.scope,
  );
  protected readonly mayIssue = computed(() => !!this.rights()['invoices.issue']);
  protected readonly GROUPINGS = [
    { value: 'task', word: 'Task' },
    { value: 'entry', word: 'Entry' },
  ];
  protected readonly grouping = signal<'task' | 'entry'>('task');
  /** Entries that somebody ticked or left out by hand; of the rest, what the limit has room for is chosen. */
  private readonly ticks = signal<ReadonlyMap<string, boolean>>(new Map());
  protected readonly opened = signal<ReadonlySet<string>>(new Set());
  protected readonly writeDowns = signal<ReadonlyMap<string, { minor: number; reason: string }>>(new Map());
  private readonly texts = signal<ReadonlyMap<string, string>>(new Map());
  protected readonly preview = signal<DraftPreview | null>(null);
  protected readonly previewSentence = signal('');
  protected readonly command = command();

  protected readonly groups = computed((): Group[] => {
    const groups = new Map<string, Group>();
    for (const entry of this.desk.value()?.entries ?? []) {
      const key = entry.holdReason ? 'held' : entry.minor === null ? 'unpriced' : `${entry.projectId} ${entry.taskId ?? ''}`;
      const found = groups.get(key) ?? {
        key,
        name: this.groupName(entry),
        detail: key === 'held' || key === 'unpriced' ? '' : this.names.project(entry.projectId),
        entries: [],
      };
      found.entries.push(entry);
      groups.set(key, found);
    }
    return [...groups.values()].sort(
      (a, b) => Number(a.key === 'held') + Number(a.key === 'unpriced') - Number(b.key === 'held') - Number(b.key === 'unpriced'),
    );
  });
  protected readonly chosen = computed(() => (this.desk.value()?.entries ?? []).filter((entry) => this.isChosen(entry)));
  protected readonly bars = computed(() => this.barsOf());
  protected readonly title = computed(() => {
    const desk = this.desk.value();
    if (!desk) return '';
    return desk.projects.length === 1 ? desk.projects[0]!.name : desk.clientName;
  });
  protected readonly subtitle = computed(() => {
    const desk = this.desk.value();
    if (!desk) return '';
    const only = desk.projects.length === 1 ? desk.projects[0]! : null;
    return only
      ? `${desk.clientName}, ${only.method}${only.limit !== null ? `, up to ${this.formats.money(only.limit, desk.currency)}` : ''}`
      : `${desk.projects.length} projects`;
  });
  /** A document on which nothing is to pay is neither kept nor issued. */
  protected readonly nothingToPay = computed(() => (this.preview()?.document.gross ?? 0) <= 0);
  protected readonly rounding = computed(() => sum(this.preview()?.rounding ?? [], (line) => line.minor));
  protected readonly over = computed(() => (this.preview()?.limits ?? []).filter((limit) => limit.over > 0));

  constructor() {
    // A new scope starts a new document.
    effect(() => {
      this.address.scope();
      untracked(() => this.beginAnew());
    });
    let turn = 0;
    effect((onCleanup) => {
      const wish = this.wish();
      if (!this.mayIssue()) return;
      turn += 1;
      const own = turn;
      if (!wish) return untracked(() => (this.preview.set(null), this.previewSentence.set('')));
      // Several ticks in a row make one question.
      const waiting = setTimeout(() => void this.ask(wish, () => own === turn), 120);
      onCleanup(() => clearTimeout(waiting));
    });
  }

  private beginAnew(): void {
    this.ticks.set(new Map());
    this.writeDowns.set(new Map());
    this.texts.set(new Map());
    this.preview.set(null);
  }

  private async ask(wish: DraftWish, current: () => boolean): Promise<void> {
    try {
      const preview = await this.api.call('previewInvoice', { body: wish });
      if (!current()) return;
      this.preview.set(preview);
      this.previewSentence.set('');
    } catch (error) {
      if (current()) this.previewSentence.set(sentenceOf(error));
    }
  }

  private readonly wish = computed(
    (): DraftWish | null => {
      const desk = this.desk.value();
      const chosen = this.chosen();
      if (!desk || chosen.length === 0) return null;
      return {
        clientId: desk.clientId,
        upTo: desk.upTo,
        grouping: this.grouping(),
        entries: chosen.map(({ id }) => ({
          id,
          ...(this.writeDowns().has(id) ? { writeDown: this.writeDowns().get(id)! } : {}),
        })),
        texts: [...this.texts()].map(([key, text]) => ({ key, text })),
      };
    },
    { equal: (a, b) => JSON.stringify(a) === JSON.stringify(b) },
  );

  private groupName(entry: BillEntry): string {
    if (entry.holdReason) return 'Held back';
    if (entry.minor === null) return 'Without a rate';
    if (entry.kind === 'fee') return 'Released over the limit';
    return entry.taskName ?? this.names.project(entry.projectId);
  }

  protected billable(entry: BillEntry): boolean {
    return entry.holdReason === null && entry.minor !== null;
  }

  protected isChosen(entry: BillEntry): boolean {
    return this.billable(entry) && (this.ticks().get(entry.id) ?? !this.isBeyond(entry));
  }

  protected groupState(group: Group): 'all' | 'some' | 'none' {
    const count = group.entries.filter((entry) => this.isChosen(entry)).length;
    return count === 0 ? 'none' : count === group.entries.length ? 'all' : 'some';
  }

  protected toggle(entries: readonly BillEntry[], on: boolean): void {
    this.ticks.update((ticks) => new Map([...ticks, ...entries.map(({ id }): [string, boolean] => [id, on])]));
  }

  protected openGroup(key: string): void {
    this.opened.update((opened) => {
      const next = new Set(opened);
      if (!next.delete(key)) next.add(key);
      return next;
    });
  }

  protected sum(entries: readonly BillEntry[], pick: 'seconds' | 'minor' | 'ready'): number {
    return entries.reduce((total, entry) => total + (entry[pick] ?? 0), 0);
  }

  private barsOf() {
    const desk = this.desk.value();
    if (!desk) return [];
    const total = (pick: (project: BillDesk['projects'][number]) => number | null) =>
      desk.projects.reduce((sum, project) => sum + (pick(project) ?? 0), 0);
    const paid = total((project) => project.paidNet);
    const billed = total((project) => project.billedNet) - paid;
    const ready = this.sum(desk.entries, 'ready');
    const over = this.overAll();
    const submitted = total((project) => project.submittedMinor);
    const only = desk.projects.length === 1 ? desk.projects[0]! : null;
    const left = only === null || only.limit === null ? 0 : Math.max(0, only.limit - (only.used ?? 0) - ready - submitted);
    const text = (amount: number) => this.formats.about(amount, desk.currency);
    return [
      { name: 'paid', amount: paid, text: `${text(paid)} paid` },
      { name: 'billed', amount: billed, text: `${text(billed)} billed` },
      { name: 'approved', amount: ready, text: `${text(ready)} to bill` },
      { name: 'submitted', amount: submitted, text: `${text(submitted)} in review` },
      { name: 'left', amount: left, text: `${text(left)} left under the limit` },
      { name: 'over', amount: over, text: `${text(over)} over the limit` },
    ].filter((bar) => bar.amount > 0);
  }

  /** Of such work nothing may be billed: the agreed limit is used up before it. */
  private isBeyond(entry: BillEntry): boolean {
    return this.billable(entry) && entry.ready === 0 && entry.minor! > 0;
  }

  /** What is not on the desk, and why; null where all is. */
  protected readonly notHere = computed(() => {
    const rest = this.desk.value()?.notHere;
    if (!rest) return null;
    const all = [
      { seconds: rest.recorded, why: 'not yet submitted' },
      { seconds: rest.submitted, why: 'waiting for review' },
      { seconds: rest.notBillable, why: 'not billable' },
      { seconds: rest.later, why: 'after that date' },
      { seconds: rest.inDrafts, why: 'in drafts' },
    ].filter((one) => one.seconds > 0);
    return all.length > 0 ? all : null;
  });

  protected readonly beyond = computed(() => (this.desk.value()?.entries ?? []).filter((entry) => this.isBeyond(entry)));
  /** Over an agreed limit: work that waits, and sums that stand on invoices and wait to be decided on. */
  protected readonly overAll = computed(() => {
    const desk = this.desk.value();
    if (!desk) return 0;
    const priced = desk.entries.filter((entry) => this.billable(entry));
    return this.sum(priced, 'minor') - this.sum(priced, 'ready') + desk.overLimit.reduce((sum, line) => sum + line.waiting, 0);
  });

  /** Bills what stood over the limit, as far as the limit has room for it now. */
  protected async release(line: BillDesk['overLimit'][number]): Promise<void> {
    const amount = await this.askAmount('Release over the limit', line.mayRelease, line.currency, line.number);
    if (amount === undefined) return;
    await this.command.run(
      (id) => this.api.call('releaseOverLimit', { params: { id: line.lineId }, body: { id, minor: amount, note: '' } }),
      { done: 'Released: it is to bill as a fee', about: `${line.lineId} ${amount}` },
    );
  }

  /** Gives up what stood over the limit. */
  protected async writeDownLine(line: BillDesk['overLimit'][number]): Promise<void> {
    const amount = await this.askAmount('Write down over the limit', line.waiting, line.currency, line.number);
    if (amount === undefined) return;
    const reason = await this.asking.ask({
      title: `Why are ${this.formats.money(amount, line.currency)} written down?`,
      text: 'They will never be billed. The recorded time stays as it is.',
      field: { label: 'Reason', needed: true },
      button: 'Write down',
    });
    if (reason)
      await this.command.run(
        () => this.api.call('writeDownOverLimit', { params: { id: line.lineId }, body: { minor: amount, reason } }),
        { done: 'Written down' },
      );
  }

  private async askAmount(title: string, most: number, currency: string, number: string): Promise<number | undefined> {
    const typed = await this.asking.ask({
      title,
      text: `${this.formats.money(most, currency)} of ${number} at most. Leave empty for all of it.`,
      field: { label: `Amount in ${currency}, without tax`, needed: false },
      button: 'Go on',
    });
    if (typed === undefined) return undefined;
    if (typed === '') return most;
    const read = readAmount(typed, currency);
    if (read.ok && read.value > 0 && read.value <= most) return read.value;
    this.command.refuse(`Type an amount above zero, at most ${this.formats.money(most, currency)}.`);
    return undefined;
  }

  /** Writes entries off: one, or all that are chosen. */
  protected async writeOff(entries: readonly BillEntry[]): Promise<void> {
    const currency = this.desk.value()!.currency;
    const reason = await this.asking.ask({
      title: `Write off ${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}?`,
      text: `${this.formats.money(this.sum(entries, 'minor'), currency)} will not be billed. The time stays, and counts against realisation.`,
      field: { label: 'Reason', needed: true },
      button: 'Write off',
    });
    if (reason)
      await this.command.run(
        () =>
          this.api.call('writeOffEntries', { body: { entries: entries.map(({ id, version }) => ({ id, version })), reason } }),
        { done: 'Written off' },
      );
  }

  protected reinstate(entry: BillDesk['writtenOff']['entries'][number]): Promise<unknown> {
    return this.command.run(
      () => this.api.call('reinstateEntries', { body: { entries: [{ id: entry.id, version: entry.version }] } }),
      { done: 'To bill again' },
    );
  }

  protected editText(edit: { key: string; text: string }): void {
    if (edit.text.trim()) this.texts.update((texts) => new Map(texts).set(edit.key, edit.text.trim()));
  }

  protected why(entry: BillEntry): void {
    this.address.ask(`entry:${entry.id}`);
  }

  /** Takes something off one entry on this document; its time and cost stay as they are. */
  protected async writeDown(entry: BillEntry): Promise<void> {
    const currency = this.desk.value()!.currency;
    const typed = await this.asking.ask({
      title: 'Reduce this entry by',
      text: `${entry.personName}, ${this.formats.day(entry.date)}: ${this.formats.money(entry.minor ?? 0, currency)}. Leave empty to take a reduction away.`,
      field: { label: `Amount in ${currency}, without tax`, needed: false },
      button: 'Go on',
    });
    if (typed === undefined) return;
    if (typed === '') return this.writeDowns.update((map) => new Map([...map].filter(([id]) => id !== entry.id)));
    const read = readAmount(typed, currency);
    if (!read.ok || read.value <= 0 || read.value > (entry.minor ?? 0))
      return this.command.refuse(`Type an amount above zero, at most ${this.formats.money(entry.minor ?? 0, currency)}.`);
    const reason = await this.asking.ask({
      title: 'Why is it reduced?',
      field: { label: 'Reason, printed on the document', needed: true },
      button: 'Reduce',
    });
    if (reason) this.writeDowns.update((map) => new Map(map).set(entry.id, { minor: read.value, reason }));
  }

  protected async hold(): Promise<void> {
    const entries = this.chosen();
    const reason = await this.asking.ask({
      title: `Hold back ${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}?`,
      text: 'They stay off every invoice until somebody releases them.',
      field: { label: 'Reason', needed: true },
      button: 'Hold back',
    });
    if (reason)
      await this.command.run(
        () => this.api.call('holdEntries', { body: { entries: entries.map(({ id, version }) => ({ id, version })), reason } }),
        { done: 'Held back' },
      );
  }

  protected async holdOne(entry: BillEntry): Promise<void> {
    const reason = await this.asking.ask({
      title: 'Hold this entry back?',
      text: 'It stays off every invoice until somebody releases it.',
      field: { label: 'Reason', needed: true },
      button: 'Hold back',
    });
    if (reason)
      await this.command.run(
        () => this.api.call('holdEntries', { body: { entries: [{ id: entry.id, version: entry.version }], reason } }),
        { done: 'Held back' },
      );
  }

  protected unhold(entries: readonly BillEntry[]): Promise<unknown> {
    return this.command.run(
      () => this.api.call('releaseEntries', { body: { entries: entries.map(({ id, version }) => ({ id, version })) } }),
      { done: 'Released' },
    );
  }

  protected async keepDraft(): Promise<void> {
    const wish = this.wish();
    if (wish)
      await this.command.run(
        async (id) => {
          await this.api.call('createDraft', { body: { id, wish } });
          // The choices are the draft's now; what is left on the desk is another document.
          this.beginAnew();
        },
        { done: 'Draft kept; its entries are reserved', about: JSON.stringify(wish) },
      );
  }

  /** Issue asks first: client, total and number cannot be taken back. */
  protected async issue(): Promise<void> {
    const [wish, preview] = [this.wish(), this.preview()];
    if (!wish || !preview) return;
    const { document, nextNumber } = preview;
    const sure = await this.asking.ask({
      title: `Issue ${nextNumber}?`,
      text: `${document.buyer.name}\n${this.formats.money(document.gross, document.currency)} to pay, ${this.formats.money(document.net, document.currency)} without tax\n${wish.entries.length} entries, work to ${this.formats.day(document.supplyTo)}\n\nAn issued invoice is not changed any more; it can be credited.`,
      button: 'Issue invoice',
    });
    if (sure === undefined) return;
    const issued = await this.command.run(
      (id) => this.api.call('issueNewInvoice', { body: { id, wish, gross: document.gross } }),
      { done: ({ row }) => `${row.number} issued`, about: JSON.stringify(wish) },
    );
    if (issued)
      await this.address.go('collect', {
        ...(this.address.scope() === 'all' ? {} : { scope: this.address.scope() }),
        sel: `invoice:${issued.row.id}`,
      });
  }

  /** Puts a draft's choices back on the desk; the draft itself goes, its entries are to bill again. */
  protected async takeUp(id: string, version: number): Promise<void> {
    await this.command.run(
      async () => {
        const { wish } = await this.api.call('readInvoice', { params: { id } });
        await this.api.call('discardDraft', { params: { id }, version });
        await this.desk.reload();
        const wanted = new Map(wish!.entries.map((entry) => [entry.id, entry]));
        this.grouping.set(wish!.grouping);
        this.ticks.set(new Map((this.desk.value()?.entries ?? []).map(({ id }) => [id, wanted.has(id)])));
        this.writeDowns.set(new Map(wish!.entries.flatMap((entry) => (entry.writeDown ? [[entry.id, entry.writeDown]] : []))));
        this.texts.set(new Map(wish!.texts.map(({ key, text }) => [key, text])));
      },
      { done: 'The draft is on the desk again; keep or issue it when it is right' },
    );
  }

  protected async issueDraft(id: string): Promise<void> {
    const detail = await this.command.run(() => this.api.call('readInvoice', { params: { id } }));
    if (!detail) return;
    const sure = await this.asking.ask({
      title: 'Issue this draft?',
      text: `${detail.document.buyer.name}\n${this.formats.money(detail.document.gross, detail.document.currency)} to pay`,
      button: 'Issue invoice',
    });
    if (sure !== undefined)
      await this.command.run(
        () =>
          this.api.call('issueInvoice', { params: { id }, body: { gross: detail.document.gross, version: detail.row.version } }),
        { done: 'Issued' },
      );
  }

  protected async discard(id: string, version: number): Promise<void> {
    const sure = await this.asking.ask({
      title: 'Discard this draft?',
      text: 'Its entries are to bill again.',
      button: 'Discard draft',
    });
    if (sure !== undefined)
      await this.command.run(() => this.api.call('discardDraft', { params: { id }, version }), { done: 'Draft discarded' });
  }
}
