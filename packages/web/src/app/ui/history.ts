import { ChangeDetectionStrategy, Component, booleanAttribute, inject, input } from '@angular/core';
import type { HistoryEvent } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { changeSentences, deedSentence } from '../words/history';
import { MomentPipe } from './formats';
import { loaded } from './loaded';
import { OwnWords } from '../state/own-words';

/** Who did what and when, with what changed; the newest last. */
@Component({
  selector: 'yw-history',
  imports: [MomentPipe],
  template: `
    @if (!bare()) {
      <h3>History</h3>
    }
    <ol>
      @for (event of events.value()?.events; track event.id) {
        <li>
          <span class="quiet">{{ event.at | moment }}</span> {{ deed(event) }}
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
  /** Where it stands under a heading of its own. */
  readonly bare = input(false, { transform: booleanAttribute });
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  readonly id = input.required<string>();
  /** The currency of its amounts, where an event does not say. */
  readonly currency = input.required<string>();
  /** Reads again when the thing itself has changed. */
  readonly version = input(0);
  protected readonly events = loaded(
    () => ({ id: this.id(), version: this.version() }),
    ({ id }) => this.api.call('readHistory', { params: { id } }),
  );

  private readonly say = inject(OwnWords).say;

  protected deed(event: HistoryEvent): string {
    return deedSentence(event, this.say);
  }

  protected changesOf(event: HistoryEvent): string[] {
    return changeSentences(event, this.currency(), this.formats, this.say);
  }
}
