import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { durationText, minor, moneyText, rate, rateText, seconds } from '@yellowwood/core';
import type { HistoryEvent } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { FACT_WORDS } from '../state/words';
import { MomentPipe } from './formats';
import { loaded } from './loaded';

const HOURS = ['quantity', 'billableQuantity', 'breakSeconds'];
const MONEY = ['valueMinor', 'gross', 'net', 'tax', 'settled', 'amount', 'toInvoice', 'toCredit'];
const SILENT = [
  'kind',
  'origin',
  'enteredAt',
  'entered by',
  'lagDays',
  'zone',
  'person',
  'late',
  'absencePaid',
  'changedByOther',
  'valueCurrency',
  'currency',
  'wish',
  'client',
  'entries',
  'rateSource',
];

/** Who did what and when, with what changed; the newest last. */
@Component({
  selector: 'yw-history',
  imports: [MomentPipe],
  template: `
    <h3>History</h3>
    <ol>
      @for (event of events.value()?.events; track event.id) {
        <li>
          <span class="quiet">{{ event.at | moment }}</span> {{ event.action }}, {{ event.by }}
          @if (event.reason) {
            <q>{{ event.reason }}</q>
          }
          @for (change of changesOf(event); track change) {
            <small>{{ change }}</small>
          }
        </li>
      } @empty {
        <li class="quiet">{{ events.sentence() || 'Nothing yet.' }}</li>
      }
    </ol>
  `,
  styles: `
    :host {
      display: block;
      margin-top: 12px;
    }
    ol {
      list-style: none;
      margin: 4px 0 0;
      padding: 0;
      display: grid;
      gap: 5px;
      font-size: 13px;
    }
    q {
      display: block;
      color: var(--ink-2);
      overflow-wrap: anywhere;
    }
    small {
      display: block;
      overflow-wrap: anywhere;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class History {
  private readonly api = inject(Api);
  readonly id = input.required<string>();
  /** The currency of its amounts, where an event does not say. */
  readonly currency = input.required<string>();
  /** Reads again when the thing itself has changed. */
  readonly version = input(0);
  protected readonly events = loaded(
    () => ({ id: this.id(), version: this.version() }),
    ({ id }) => this.api.call('readHistory', { params: { id } }),
  );

  protected changesOf(event: HistoryEvent): string[] {
    if (!event.before || !event.after) return [];
    const currency = String(event.after['valueCurrency'] ?? event.after['currency'] ?? this.currency());
    return Object.keys(event.after)
      .filter((key) => !SILENT.includes(key))
      .map(
        (key) =>
          `${FACT_WORDS[key] ?? key}: ${show(key, event.before![key], currency)} → ${show(key, event.after![key], currency)}`,
      );
  }
}

function show(key: string, value: unknown, currency: string): string {
  if (value === null || value === undefined || value === '') return 'none';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' && HOURS.includes(key)) return durationText(seconds(value));
  if (typeof value === 'number' && MONEY.includes(key)) return moneyText(minor(value), currency);
  if (typeof value === 'number' && key === 'rate') return rateText(rate(value), currency);
  if (typeof value === 'string' && /^\d{4}-\d{2}-\d{2}T/.test(value))
    return new Date(value).toLocaleString(navigator.language, {
      hour: '2-digit',
      minute: '2-digit',
      day: 'numeric',
      month: 'short',
    });
  return typeof value === 'string' || typeof value === 'number' ? String(value) : JSON.stringify(value);
}
