import { ChangeDetectionStrategy, Component, ElementRef, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Figure, ResultRow, Results } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { Functions } from '../state/functions';
import { sessionFeature } from '../state/session';
import { WorkNames } from '../ui/work-names';
import { focusWhenThere } from '../ui/focus-when-there';
import { HoursPipe, MoneyPipe, PercentPipe } from '../ui/formats';
import { ToggleField } from '../ui/form/toggle-field';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { inTree } from '../ui/table/arrange';
import { CellTemplate } from '../ui/table/cell-template';
import { Table } from '../ui/table/table';
import { COST_BASIS_WORDS } from '../words/results';
import { OWN_COLUMNS, Shown, resultColumns, resultTotals } from './result-columns';
import { SPANS, resultSpan } from './result-span';
import { SeriesChart } from './series-chart';
import { SayPipe } from '../state/own-words';

/** Hours and cost against budget and estimate, value, margin and realisation; every figure answers why. */
@Component({
  selector: 'yw-results',
  imports: [CellTemplate, HoursPipe, MoneyPipe, PercentPipe, SeriesChart, Table, ToggleField, Loading, SayPipe],
  templateUrl: './results.html',
  styleUrl: './results.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ResultsScreen {
  private readonly api = inject(Api);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly formats = inject(Formats);
  protected readonly functions = inject(Functions);
  protected readonly address = inject(Address);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  private readonly names = inject(WorkNames);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly currency = inject(Store).selectSignal(sessionFeature.selectCurrency);
  private readonly span = resultSpan();
  protected readonly show = this.span.show;
  protected readonly results = loaded(
    (): { scope: string; from?: string; to?: string } | undefined =>
      this.today() ? { scope: this.address.scope(), ...(this.span.days() ?? {}) } : undefined,
    // The days are told with the figures that are of them, not sooner.
    async (query) => ({ ...(await this.api.call('readResults', { query })), days: query.from ? query : null }),
    (before, now) => before.scope === now.scope,
  );
  protected readonly rows = computed(() => shownRows(this.results.value()));
  /** A figure that depends on one's reach says so. */
  protected readonly title = computed(() => {
    const { scope, name } = this.results.value()!;
    return scope === 'all' && this.rights()['results.read'] !== 'firm' ? 'All your work' : name;
  });
  /** Whose work it is, what is agreed, and of which days the figures are. */
  protected readonly subtitle = computed(() => {
    const { scope, agreement, days: span } = this.results.value()!;
    const [kind, id] = scope.split(':');
    const task = kind === 'task' ? this.names.taskOf(id) : null;
    const project = this.names.projectOf(kind === 'project' ? id : task?.projectId);
    const client = project?.clientId && this.names.clientOf(project.clientId)?.name;
    const days = span ? `${this.formats.day(span.from!)} to ${this.formats.day(span.to!)}` : 'everything to date';
    return [task && project?.name, client, agreement, days].filter(Boolean).join(', ');
  });
  /** Whether the figures are of some days, and not of all. */
  protected readonly spanned = computed(() => !!this.results.value()?.days);
  protected readonly asked = computed(() => (this.address.selection()?.kind === 'figure' ? this.address.selection()!.id : null));
  protected readonly spent = computed(() => {
    const cost = this.results.value()?.cost;
    return cost && cost.budget > 0 ? Math.round((100 * cost.cost) / cost.budget) : null;
  });
  protected readonly costBasis = computed(() => COST_BASIS_WORDS[this.results.value()?.costBasis ?? 'actual']);
  protected readonly byTask = computed(() => this.rows()[0]?.kind === 'task');
  /** Estimates and budgets are of work, not of the people on it. */
  protected readonly planned = computed(() => !this.address.scope().startsWith('person:'));
  protected readonly SPANS = SPANS;
  protected readonly ownColumns = OWN_COLUMNS;
  protected readonly projectOf = ({ projectId }: { projectId: string }) => projectId;
  protected readonly idOf = ({ id }: ResultRow) => id;
  protected readonly parentOf = ({ parentId }: ResultRow) => parentId;
  protected readonly columns = computed(() => {
    const results = this.results.value();
    return resultColumns({
      byTask: this.byTask(),
      planned: this.planned(),
      spanned: this.spanned(),
      cost: !!results?.cost && this.functions.has('cost'),
      money: !!results?.money,
      billed: !!results?.money && this.functions.has('invoices'),
      currency: this.currency(),
      formats: this.formats,
    });
  });
  protected readonly totals = computed(() => resultTotals(this.results.value(), this.planned()));
  /** The firm's own currency first. */
  protected readonly money = computed(() =>
    [...(this.results.value()?.money ?? [])].sort(
      (a, b) => Number(b.currency === this.currency()) - Number(a.currency === this.currency()),
    ),
  );
  /** The longest bar of the table: a third over the budget. */
  protected share(part: number, whole: number): number {
    return whole === 0 ? 0 : Math.min(100, (75 * part) / whole);
  }

  protected ask(figure: Figure): void {
    this.address.ask(`figure:${figure}`);
  }

  protected setPeriod(show: string): void {
    void this.address.set({ show });
  }

  /** What one came for is the figures of the row, and they stand first. */
  protected open(row: ResultRow): void {
    const before = this.results.value();
    void this.address.set({ scope: `${row.kind}:${row.id}` });
    const figures = () =>
      this.results.value() === before ? null : this.host.nativeElement.querySelector<HTMLElement>('.figs button');
    focusWhenThere(figures, 600).subscribe();
  }
}

/** Rows in the order of the tree, each with its depth. */
function shownRows(results: Results | null): Shown[] {
  return inTree(
    results?.rows ?? [],
    ({ id }) => id,
    ({ parentId }) => parentId,
  ).map(({ row, depth }) => ({ ...row, depth }));
}
