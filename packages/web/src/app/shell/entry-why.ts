import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { rateText, rate as rateOf, readRate } from '@yellowwood/core';
import type { EntryWhy as Why } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { LOSS_WORDS, PROBLEM_WORDS } from '../state/words';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { History } from '../ui/history';
import { loaded } from '../ui/loaded';
import { Notices } from '../ui/notices';
import { WorkNames } from '../ui/work-names';

/** Why an entry has its time, rate and value: the rule that won, those that lost, rounding, history. */
@Component({
  selector: 'yw-entry-why',
  imports: [MatButton, DayPipe, HoursPipe, MoneyPipe, RatePipe, GrowthMark, History],
  template: `
    @if (why.sentence()) {
      <p class="wrong" role="alert">{{ why.sentence() }}</p>
    }
    @if (why.value(); as w) {
      <h3>{{ w.entry.date | day: 'full' }}{{ w.entry.kind === 'fee' ? ', fee' : ', ' + (w.recorded | hours) }}</h3>
      <p class="quiet">{{ names.project(w.entry.projectId) }}<br />{{ names.detail(w.entry.taskId, w.entry.serviceId) }}</p>
      @if (w.entry.returned; as back) {
        <div class="back">
          <b>Returned by {{ back.by }}</b
          ><br />“{{ back.reason }}”
        </div>
      }
      @for (problem of w.entry.problems; track problem) {
        <div class="back">
          <b>{{ words[problem]?.short }}</b><br />{{ words[problem]?.mend }}
        </div>
      }
      <dl>
        @if (names.person(w.entry.personId); as person) {
          <dt>Person</dt>
          <dd>{{ person }}</dd>
        }
        <dt>Stage</dt>
        <dd>
          <yw-growth-mark [stage]="w.entry.stage" [returned]="!!w.entry.returned" />
          {{ w.entry.returned ? 'returned' : w.entry.stage }}
        </dd>
        @if (w.entry.startClock) {
          <dt>From</dt>
          <dd>{{ w.entry.startClock }} to {{ w.entry.endClock }}</dd>
        }
        @if (w.entry.breakSeconds > 0) {
          <dt>Break</dt>
          <dd>{{ w.entry.breakSeconds | hours }}</dd>
        }
        @if (w.rounding; as r) {
          <dt>Billable as</dt>
          <dd>{{ w.billable | hours }}, {{ rounding(r) }}</dd>
          @if (r.day; as day) {
            <dt>Day on this task</dt>
            <dd>{{ day.recorded | hours }}, rounded {{ day.rounded | hours }}, of it here {{ day.part | hours }}</dd>
          }
        } @else if (w.entry.kind === 'time') {
          <dt>Billable</dt>
          <dd>no{{ w.method ? ', ' + w.method : '' }}</dd>
        }
        @if (w.value; as value) {
          @if (w.rounding || w.entry.kind === 'fee') {
            <dt>Value</dt>
            <dd>{{ value.minor | money: value.currency }}</dd>
          }
        }
        @if (w.cost; as cost) {
          <dt>Cost</dt>
          <dd>{{ cost.minor | money: cost.currency }}</dd>
        }
        @if (w.entry.billingState === 'written off') {
          <dt>Billing</dt>
          <dd>written off</dd>
        }
        @if (w.entry.holdReason) {
          <dt>Held</dt>
          <dd>{{ w.entry.holdReason }}</dd>
        }
        @for (share of w.billed; track share.invoiceId) {
          <dt>{{ share.number ?? 'Draft' }}</dt>
          <dd>{{ w.entry.kind === 'fee' ? (share.minor | money: w.currency ?? '') : (share.quantity | hours) }}</dd>
        }
      </dl>
      @if (w.entry.note) {
        <p class="note">{{ w.entry.note }}</p>
      }
      @if (w.cost; as cost) {
        <p class="quiet">
          Cost from pay {{ cost.pay | rate: cost.currency }} and overhead {{ cost.overhead | rate: cost.currency }} an hour.
        </p>
      }
      @if (w.rate; as r) {
        <h3 class="gap">Why {{ r.rate | rate: r.currency }} {{ r.currency }} an hour</h3>
        @if (r.source === 'typed') {
          <div class="rule"><b>Typed on this entry</b><br />{{ r.reason }}</div>
        }
        @if (w.winner; as rule) {
          <div class="rule">
            {{ rule.names }}<br /><b>{{ rule.rate | rate: rule.currency }}</b> since {{ rule.validFrom | day }}
          </div>
        }
        @if (w.today; as rule) {
          <div class="rule no">
            {{ rule.names }}<br />{{ rule.rate | rate: rule.currency }},
            {{ r.source === 'typed' ? 'beaten by the typed rate' : 'by today’s rules; it did not price this entry' }}
          </div>
        }
      } @else if (w.rounding && rights()['values.read']) {
        <h3 class="gap">No rate applies</h3>
        <p class="quiet">It stays off every invoice until somebody prices it.</p>
        @if (w.today; as rule) {
          <div class="rule">
            {{ rule.names }}<br /><b>{{ rule.rate | rate: rule.currency }}</b> was agreed since and would price it.
          </div>
          @if (canPrice()) {
            <button mat-stroked-button type="button" (click)="backToRules(w.entry.version)">Take this price</button>
          }
        }
      }
      @for (loser of w.losers; track loser.rule.id) {
        <div class="rule no">
          {{ loser.rule.names }}<br />{{ loser.rule.rate | rate: loser.rule.currency }}
          {{ loser.rule.currency === w.rate?.currency ? '' : loser.rule.currency }}, {{ loss[loser.reason] }}
        </div>
      }
      @if (canPrice()) {
        @if (pricing()) {
          <form class="price" (submit)="price($event, w.entry.version)">
            <label class="field"
              >Rate an hour, {{ w.currency }}
              <input class="plain-field" [value]="typedRate()" (input)="typedRate.set($any($event.target).value)"
            /></label>
            <label class="field"
              >Reason <input class="plain-field" [value]="reason()" (input)="reason.set($any($event.target).value)"
            /></label>
            @if (sentence()) {
              <p class="field-error" role="alert">{{ sentence() }}</p>
            }
            <div class="row">
              <button mat-flat-button type="submit">Price this entry</button
              ><button mat-button type="button" (click)="pricing.set(false)">Cancel</button>
            </div>
          </form>
        } @else {
          <div class="row">
            <button mat-stroked-button type="button" (click)="begin(w.rate)">Type a rate</button>
            @if (w.rate?.source === 'typed') {
              <button mat-button type="button" (click)="backToRules(w.entry.version)">Back to the rules</button>
            }
          </div>
        }
      }
      <yw-history [id]="id()" [currency]="w.currency ?? ''" [version]="w.entry.version" />
    }
  `,
  styleUrl: './why.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryWhy {
  private readonly api = inject(Api);
  private readonly refresh = inject(Refresh);
  private readonly notices = inject(Notices);
  protected readonly names = inject(WorkNames);
  protected readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  readonly id = input.required<string>();
  protected readonly why = loaded(
    () => this.id(),
    (id) => this.api.call('readEntryWhy', { params: { id } }),
  );
  protected readonly words = PROBLEM_WORDS;
  protected readonly loss = LOSS_WORDS;
  protected readonly pricing = signal(false);
  protected readonly typedRate = signal('');
  protected readonly reason = signal('');
  protected readonly sentence = signal('');
  protected readonly canPrice = computed(() => {
    const w = this.why.value();
    return (
      !!this.rights()['entries.price'] &&
      !!w?.rounding &&
      !w.entry.inDraft &&
      ['recorded', 'submitted', 'approved'].includes(w.entry.stage)
    );
  });

  protected rounding(r: { increment: number; mode: string; minimum: number; byMinimum: boolean; unit: string }): string {
    if (r.byMinimum) return `at least ${r.minimum} min`;
    const step = r.increment === 1 ? 'minute' : `${r.increment} min`;
    return `${r.mode === 'nearest' ? 'nearest' : r.mode} ${step}${r.unit === 'day' ? ' over the day' : ''}`;
  }

  protected begin(present: Why['rate']): void {
    this.typedRate.set(present ? rateText(rateOf(present.rate), present.currency) : '');
    this.reason.set('');
    this.sentence.set('');
    this.pricing.set(true);
  }

  protected async price(event: Event, version: number): Promise<void> {
    event.preventDefault();
    const read = readRate(this.typedRate());
    if (!read.ok) return this.sentence.set('Type a rate such as 92.00. A rate of zero must be typed on purpose.');
    if (this.reason().trim() === '') return this.sentence.set('Say why; the reason is kept in the history.');
    await this.send(version, read.value, this.reason().trim());
  }

  protected backToRules(version: number): Promise<void> {
    return this.send(version, null, 'Back to the rules');
  }

  private async send(version: number, rate: number | null, reason: string): Promise<void> {
    try {
      await this.api.call('priceEntry', { params: { id: this.id() }, version, body: { rate, reason } });
      this.pricing.set(false);
      this.refresh.written();
    } catch (error) {
      this.notices.failed(error);
    }
  }
}
