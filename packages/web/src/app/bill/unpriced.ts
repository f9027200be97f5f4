import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Store } from '@ngrx/store';
import { seconds, sumSeconds } from '@yellowwood/core';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { RateField } from '../ui/form/rate-field';
import { TextField } from '../ui/form/text-field';
import { DayPipe, HoursPipe, RatePipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { CellTemplate } from '../ui/table/cell-template';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';
import { WorkNames } from '../ui/work-names';

/** Time without a rate: one by one in the panel, by a rule that was made since, or many together. */
@Component({
  selector: 'yw-unpriced',
  imports: [
    MatButton,
    MatCheckbox,
    ReactiveFormsModule,
    CellTemplate,
    Failure,
    DayPipe,
    HoursPipe,
    RateField,
    RatePipe,
    SendsForm,
    Table,
    TextField,
  ],
  templateUrl: './unpriced.html',
  styles:
    ':host { display: block; } h2 { margin: 22px 0 4px; } p { margin-bottom: 8px; } .many { display: flex; flex-wrap: wrap; gap: 10px 14px; align-items: end; margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Unpriced {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  protected readonly address = inject(Address);
  protected readonly currency = inject(Store).selectSignal(sessionFeature.selectCurrency);
  protected readonly names = inject(WorkNames);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly unpriced = loaded(
    () => (this.rights()['values.read'] ? { scope: this.address.scope() } : undefined),
    (query) => this.api.call('listUnpriced', { query }),
  );
  protected readonly idOf = ({ id }: Entry) => id;
  protected readonly entryColumns = computed((): readonly Column<Entry>[] => [
    ...(this.mayPrice()
      ? [{ id: 'tick', head: 'Choose', kind: 'text' as const, value: () => '', unsorted: true as const, width: 76 }]
      : []),
    { id: 'date', head: 'Date', kind: 'date', value: (one) => one.date, width: 90 },
    {
      id: 'person',
      head: 'Person',
      kind: 'text',
      value: (one) => this.names.person(one.personId),
      groups: true,
      choice: 'shown',
    },
    {
      id: 'project',
      head: 'Project',
      kind: 'text',
      value: (one) => this.names.project(one.projectId),
      small: (one) => this.names.detail(one.taskId, one.serviceId),
      groups: true,
    },
    { id: 'hours', head: 'Hours', kind: 'hours', value: (one) => one.quantity, total: true, width: 90 },
    { id: 'stage', head: 'Stage', kind: 'text', value: (one) => one.stage, groups: true, choice: 'shown', width: 100 },
    ...(this.offers().size > 0
      ? [
          {
            id: 'rule',
            head: 'Rule made since',
            kind: 'text' as const,
            value: (one: Entry) => this.offers().get(one.id)?.names ?? '',
          },
        ]
      : []),
  ]);

  /** Those that are priced together. */
  protected readonly chosen = signal<readonly string[]>([]);
  protected readonly ticked = computed(() =>
    (this.unpriced.value()?.entries ?? []).filter(({ id }) => this.chosen().includes(id)),
  );
  protected readonly tickedSeconds = computed(() => sumSeconds(this.ticked().map(({ quantity }) => seconds(quantity))));
  protected readonly form = new FormGroup({
    rate: new FormControl<number | null>(null, needed('Type a rate an hour such as 92.00.')),
    reason: new FormControl('', { nonNullable: true, validators: needed('Say why; the reason is kept in the history.') }),
  });

  /** Chooses all that is shown, and nothing that a filter hides. */
  protected choose(entries: readonly Entry[]): void {
    this.chosen.set(entries.map(({ id }) => id));
  }

  protected tick(id: string, on: boolean): void {
    this.chosen.update((ids) => (on ? [...ids, id] : ids.filter((one) => one !== id)));
  }

  protected tickByKey({ event, row }: { event: KeyboardEvent; row: Entry }): void {
    if (event.key !== ' ' || !this.mayPrice() || event.target !== event.currentTarget) return;
    event.preventDefault();
    this.tick(row.id, !this.chosen().includes(row.id));
  }

  /** One rate and one reason for all that are chosen, together or not at all. */
  protected async priceMany(): Promise<void> {
    const rate = this.form.controls.rate.value!;
    const reason = this.form.controls.reason.value.trim();
    const entries = this.ticked().map(({ id, version }) => ({ id, version }));
    const priced = await this.command.run((key) => this.api.call('priceEntries', { body: { entries, rate, reason }, key }), {
      done: `${entries.length} ${entries.length === 1 ? 'entry' : 'entries'} priced at ${this.formats.rate(rate, this.currency())}`,
      about: JSON.stringify([entries, rate]),
    });
    if (!priced) return;
    this.chosen.set([]);
    this.form.reset();
  }

  protected readonly offers = computed(
    () => new Map((this.unpriced.value()?.offers ?? []).map((one) => [one.entryId, one.rule])),
  );
  protected readonly mayPrice = computed(() => !!this.rights()['entries.price']);
  protected readonly command = command();

  /** Takes the price of a rule that was made after the entry. */
  protected async take(entry: Entry): Promise<void> {
    const body = { rate: null, reason: 'A rule made since prices it' };
    await this.command.run(() => this.api.call('priceEntry', { params: { id: entry.id }, version: entry.version, body }), {
      done: 'Priced by the rule',
    });
  }

  protected why(entry: Entry): void {
    this.address.ask(`entry:${entry.id}`);
  }
}
