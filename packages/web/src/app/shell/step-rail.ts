import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Overview } from '@yellowwood/contracts';
import { Formats } from '../state/formats';
import { Periods } from '../state/periods';
import { Address, Step } from '../state/address';
import { Functions, stepsFor } from '../state/functions';
import { sessionFeature } from '../state/session';
import { workFeature } from '../state/work';
import { STEP_WORDS } from '../state/words';
import { Brand } from '../ui/brand';
import { PersonMenu } from './person-menu';

const COLOURS: Readonly<Record<Step, string>> = {
  record: 'recorded',
  review: 'submitted',
  bill: 'approved',
  collect: 'billed',
  results: 'paid',
};

/** The five steps in the order in which an hour travels, each with what waits there for the scope. */
@Component({
  selector: 'yw-step-rail',
  imports: [RouterLink, Brand, PersonMenu],
  templateUrl: './step-rail.html',
  styleUrl: './step-rail.scss',
  host: { role: 'banner' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StepRail {
  private readonly store = inject(Store);
  private readonly address = inject(Address);
  private readonly periods = inject(Periods);
  readonly scopeOpen = input(false);
  readonly scopeToggled = output();
  private readonly overview = this.store.selectSignal(workFeature.selectOverview);
  private readonly formats = inject(Formats);
  private readonly functions = inject(Functions);
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly today = this.store.selectSignal(sessionFeature.selectToday);

  protected readonly steps = computed(() =>
    stepsFor(this.rights(), this.functions.off(), (this.overview()?.review?.people ?? 0) > 0).map((step) => ({
      step,
      word: STEP_WORDS[step]!,
      colour: COLOURS[step],
      on: this.address.step() === step,
      link: this.linkOf(step),
      figure: this.overview() ? this.figure(step, this.overview()!) : ' ',
    })),
  );

  /** The step with the present scope; Record leads to the week of what was returned, when something was. */
  private linkOf(step: Step): ReturnType<Address['stepLink']> {
    const link = this.address.stepLink(step);
    const returnedOn = step === 'record' ? this.overview()?.record?.returnedOn : null;
    return returnedOn ? { ...link, queryParams: { ...link.queryParams, period: this.periods.text(returnedOn) } } : link;
  }

  private hours(value: number): string {
    return this.formats.hours(value);
  }

  private figure(step: Step, overview: Overview): string {
    switch (step) {
      case 'record':
        return this.recordFigure(overview);
      case 'review':
        return this.reviewFigure(overview);
      case 'bill':
        return billFigure(overview, this.formats);
      case 'collect':
        return collectFigure(overview, this.formats);
      case 'results':
        return resultsFigure(overview, this.formats);
    }
  }

  private recordFigure({ record, scope }: Overview): string {
    if (!record) return '';
    if (record.returned > 0 && scope === 'all') return `${record.returned} returned, ${this.periods.name(record.returnedOn!)}`;
    if (scope !== 'all' && record.others) return `${this.hours(record.open)} open, to ${this.formats.day(this.today())}`;
    const week = this.periods.name(record.from);
    return record.planned > 0 && scope === 'all'
      ? `${this.hours(record.recorded)} of ${this.hours(record.planned)}, ${week}`
      : `${this.hours(record.recorded)} yours, ${week}`;
  }

  private reviewFigure({ review, record }: Overview): string {
    if (!review) return '';
    if (review.own)
      return `${record ? this.periods.name(record.from) : 'yours'} ${review.own === 'open' ? 'not submitted' : review.own}`;
    if (review.people === 0) return 'nothing waits';
    return `${this.hours(review.submitted)} from ${review.people} ${review.people === 1 ? 'person' : 'people'}`;
  }
}

function each(figures: readonly { currency: string; minor: number }[], formats: Formats): string {
  return figures.map((figure) => formats.about(figure.minor, figure.currency)).join(' and ');
}

function billFigure({ bill }: Overview, formats: Formats): string {
  if (!bill) return '';
  const over = bill.over.length > 0 ? `${each(bill.over, formats)} over a limit` : '';
  if (bill.ready.length === 0) return over || (bill.unpriced > 0 ? `${bill.unpriced} without a rate` : 'nothing ready');
  return `${each(bill.ready, formats)} ready${over ? `, ${over}` : ''}`;
}

function collectFigure({ collect }: Overview, formats: Formats): string {
  if (!collect) return '';
  if (collect.open.length === 0) return 'nothing due';
  const late = collect.open
    .filter((figure) => figure.late > 0)
    .map(({ currency, late: amount }) => ({ currency, minor: amount }));
  return `${each(collect.open, formats)} due, ${late.length > 0 ? `${each(late, formats)} late` : 'none late'}`;
}

function resultsFigure({ results }: Overview, formats: Formats): string {
  if (!results) return '';
  const period = results.from ? 'this quarter' : 'to date';
  if (results.margin !== null) return `${formats.percent(results.margin)} margin, ${period}`;
  return results.billableShare === null
    ? `no hours, ${period}`
    : `${formats.percent(results.billableShare, 0)} billable, ${period}`;
}
