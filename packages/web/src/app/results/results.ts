import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { quarterOf } from '@yellowwood/core';
import type { Figure, ResultRow, Results } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { AmountPipe, HoursPipe, MoneyPipe, PercentPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { COST_BASIS_WORDS } from '../words/results';
import { SeriesChart } from './series-chart';

interface Shown extends ResultRow {
  readonly depth: number;
}

/** Hours and cost against budget and estimate, value, margin and realisation; every figure answers why. */
@Component({
  selector: 'yw-results',
  imports: [AmountPipe, HoursPipe, MoneyPipe, PercentPipe, SeriesChart],
  templateUrl: './results.html',
  styleUrl: './results.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ResultsScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly currency = inject(Store).selectSignal(sessionFeature.selectCurrency);
  /** The firm and a client by the quarter, a project over its whole life, unless the address says so. */
  protected readonly period = computed(() => {
    const asked = this.address.show();
    const whole = asked ? asked === 'to-date' : /^(project|task):/.test(this.address.scope());
    return whole || !this.today() ? null : { from: quarterOf(this.today()).from, to: this.today() };
  });
  protected readonly results = loaded(
    () => (this.today() ? { scope: this.address.scope(), ...(this.period() ?? {}) } : undefined),
    (query) => this.api.call('readResults', { query }),
  );
  protected readonly rows = computed(() => shownRows(this.results.value()));
  protected readonly asked = computed(() => (this.address.selection()?.kind === 'figure' ? this.address.selection()!.id : null));
  protected readonly spent = computed(() => {
    const cost = this.results.value()?.cost;
    return cost && cost.budget > 0 ? Math.round((100 * cost.cost) / cost.budget) : null;
  });
  protected readonly costBasis = computed(() => COST_BASIS_WORDS[this.results.value()?.costBasis ?? 'actual']);
  protected readonly byTask = computed(() => this.rows()[0]?.kind === 'task');
  /** Estimates and budgets are of work, not of the people on it. */
  protected readonly planned = computed(() => !this.address.scope().startsWith('person:'));
  /** How many columns the table has, as its head does. */
  protected columns({ cost, money }: Results): number {
    const planned = this.planned();
    return 2 + (this.byTask() ? 2 : 0) + (planned ? 1 : 0) + (cost ? (planned ? 3 : 1) : 0) + (money ? 3 : 0);
  }
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

  protected open(row: ResultRow): void {
    void this.address.set({ scope: `${row.kind}:${row.id}` });
  }
}

/** Rows in the order of the tree, each with its depth. */
function shownRows(results: Results | null): Shown[] {
  if (!results) return [];
  const rows: Shown[] = [];
  const ids = new Set(results.rows.map((row) => row.id));
  const add = (parent: string | null, depth: number) => {
    for (const row of results.rows) {
      const own = row.parentId !== null && ids.has(row.parentId) ? row.parentId : null;
      if (own !== parent) continue;
      rows.push({ ...row, depth });
      add(row.id, depth + 1);
    }
  };
  add(null, 0);
  return rows;
}
