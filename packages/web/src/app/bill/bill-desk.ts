import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Store } from '@ngrx/store';
import { readAmount } from '@yellowwood/core';
import type { BillEntry, DraftWish } from '@yellowwood/contracts';
import { sum } from 'd3-array';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { Ask } from '../ui/ask';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { DateField } from '../ui/form/date-field';
import { ToggleField } from '../ui/form/toggle-field';
import { Failure } from '../ui/failure';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { WorkNames } from '../ui/work-names';
import { DeskActs } from './desk-acts';
import { DeskChoices } from './desk-choices';
import { Group, groupsOf, isBeyond, isBillable, notHereOf, overAllOf, pathOf, sumOf } from './desk-groups';
import { deskPreview } from './desk-preview';
import { OverLimit } from './over-limit';
import { Paper } from './paper';
import { SayPipe } from '../state/own-words';
import { OwnWords } from '../state/own-words';

/** What can be billed to a client or project beside the document that it makes. */
@Component({
  selector: 'yw-bill-desk',
  imports: [
    MatButton,
    MatCheckbox,
    DateField,
    Failure,
    OverLimit,
    Paper,
    DayPipe,
    HoursPipe,
    MoneyPipe,
    RatePipe,
    ToggleField,
    Loading,
    SayPipe,
  ],
  templateUrl: './bill-desk.html',
  styleUrl: './bill-desk.scss',
  providers: [DeskActs, DeskChoices],
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
  protected readonly choices = inject(DeskChoices);
  private readonly say = inject(OwnWords).say;
  /** Bills up to this date; until somebody chooses, to today. */
  protected readonly upTo = computed(() => this.address.upTo() ?? this.address.period()?.to ?? this.today());
  protected readonly billable = isBillable;
  protected readonly sumOf = sumOf;
  protected readonly desk = loaded(
    () => (this.upTo() ? { scope: this.address.scope(), upTo: this.upTo() } : undefined),
    (query) => this.api.call('readBillDesk', { query }),
    (before, now) => before.scope === now.scope,
  );
  protected readonly mayIssue = computed(() => !!this.rights()['invoices.issue']);
  protected readonly GROUPINGS = [
    { value: 'task', word: inject(OwnWords).say('Task') },
    { value: 'entry', word: 'Entry' },
  ];
  protected readonly acts = inject(DeskActs);
  private readonly command = this.acts.command;

  protected readonly groups = computed(() => groupsOf(this.desk.value()?.entries ?? [], this.names));
  protected readonly chosen = computed(() => (this.desk.value()?.entries ?? []).filter((entry) => this.isChosen(entry)));
  protected readonly bars = computed(() => (this.desk.value() ? pathOf(this.desk.value()!, this.formats) : []));
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
      : `${desk.projects.length} ${this.say('projects')}`;
  });
  private readonly wish = computed(
    (): DraftWish | null => {
      const desk = this.desk.value();
      const chosen = this.chosen();
      if (!desk || chosen.length === 0) return null;
      return {
        clientId: desk.clientId,
        upTo: desk.upTo,
        grouping: this.choices.grouping(),
        entries: chosen.map(({ id }) => {
          const writeDown = this.choices.writeDown(id);
          return writeDown ? { id, writeDown } : { id };
        }),
        texts: this.choices.texts(),
      };
    },
    { equal: (a, b) => JSON.stringify(a) === JSON.stringify(b) },
  );
  /** Who may not issue is shown no document. */
  protected readonly preview = deskPreview(computed(() => (this.mayIssue() ? this.wish() : null)));
  /** A document on which nothing is to pay is neither kept nor issued. */
  protected readonly nothingToPay = computed(() => (this.preview.value()?.document.gross ?? 0) <= 0);
  protected readonly rounding = computed(() => sum(this.preview.value()?.rounding ?? [], (line) => line.minor));
  protected readonly over = computed(() => (this.preview.value()?.limits ?? []).filter((limit) => limit.over > 0));

  protected isChosen(entry: BillEntry): boolean {
    return isBillable(entry) && (this.choices.ticks(entry.id) ?? !isBeyond(entry));
  }

  protected groupState(group: Group): 'all' | 'some' | 'none' {
    const count = group.entries.filter((entry) => this.isChosen(entry)).length;
    return count === 0 ? 'none' : count === group.entries.length ? 'all' : 'some';
  }

  protected readonly beyond = computed(() => (this.desk.value()?.entries ?? []).filter(isBeyond));
  protected readonly overAll = computed(() => (this.desk.value() ? overAllOf(this.desk.value()!) : 0));
  protected readonly notHere = computed(() => (this.desk.value() ? notHereOf(this.desk.value()!) : null));

  protected editText(edit: { key: string; text: string }): void {
    if (edit.text.trim()) this.choices.reword(edit.key, edit.text.trim());
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
    if (typed === '') return this.choices.reduce(entry.id, null);
    const read = readAmount(typed, currency);
    if (!read.ok || read.value <= 0 || read.value > (entry.minor ?? 0))
      return this.command.refuse(`Type an amount above zero, at most ${this.formats.money(entry.minor ?? 0, currency)}.`);
    const reason = await this.asking.ask({
      title: 'Why is it reduced?',
      field: { label: 'Reason, printed on the document', needed: true },
      button: 'Reduce',
    });
    if (reason) this.choices.reduce(entry.id, { minor: read.value, reason });
  }

  protected async keepDraft(): Promise<void> {
    const wish = this.wish();
    if (wish)
      await this.command.run(
        async (id) => {
          await this.api.call('createDraft', { body: { id, wish } });
          // The choices are the draft's now; what is left on the desk is another document.
          this.choices.beginAnew();
          this.preview.clear();
        },
        { done: 'Draft kept; its entries are reserved', about: JSON.stringify(wish) },
      );
  }

  /** Issue asks first: client, total and number cannot be taken back. */
  protected async issue(): Promise<void> {
    const [wish, preview] = [this.wish(), this.preview.value()];
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
    if (!issued) return;
    // Its texts and reductions are the document's: the next one of this work begins without them.
    this.choices.beginAnew();
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
        this.choices.takeUp(wish!, this.desk.value()?.entries ?? []);
      },
      { done: 'The draft is on the desk again; keep or issue it when it is right' },
    );
  }
}
