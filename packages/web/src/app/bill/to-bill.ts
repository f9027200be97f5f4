import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { Notices } from '../ui/notices';
import { WorkNames } from '../ui/work-names';

/** What is ready to bill in the whole firm, the oldest first, and what has no rate yet. */
@Component({
  selector: 'yw-to-bill',
  imports: [DayPipe, HoursPipe, MoneyPipe, RatePipe],
  template: `
    <div class="row head">
      <h1>To bill</h1>
      <span class="quiet">{{ summary() }}, to {{ today() | day }}</span>
    </div>
    @if (list.sentence()) {
      <p class="wrong" role="alert">{{ list.sentence() }}</p>
    }
    @if (list.value(); as l) {
      <table class="sheet" aria-label="Projects to bill">
        <thead>
          <tr>
            <th class="left" scope="col">Client and project</th>
            <th scope="col">Oldest</th>
            <th scope="col">Hours</th>
            <th scope="col">Ready</th>
            <th scope="col">Over the limit</th>
            <th scope="col">Billed so far</th>
            <th class="left" scope="col">To know</th>
          </tr>
        </thead>
        <tbody>
          @for (one of l.projects; track one.projectId + one.currency) {
            <tr>
              <td class="left">
                <button class="link" type="button" (click)="choose(one.projectId)">{{ one.projectName }}</button><small>{{
                  one.clientName
                }}</small>
              </td>
              <td>{{ one.oldest | day }}</td>
              <td>{{ one.seconds | hours }}</td>
              <td>
                <b>{{ one.ready | money: one.currency }}</b>
              </td>
              <td class="wrong">{{ one.over > 0 ? (one.over | money: one.currency) : '' }}</td>
              <td>
                {{ one.billedNet === null ? '' : (one.billedNet | money: one.currency) }}
                @if (one.limit !== null) {
                  <small>up to {{ one.limit | money: one.currency }}</small>
                }
              </td>
              <td class="left">
                @if (one.held > 0) {
                  <span class="quiet">{{ one.held }} held</span>
                }
                @if (one.unpriced > 0) {
                  <span class="wrong">{{ one.unpriced }} without a rate</span>
                }
                @if (one.over > 0) {
                  <span class="wrong">to be decided on</span>
                }
              </td>
            </tr>
          } @empty {
            <tr>
              <td class="left quiet" colspan="7">Nothing is ready. Approved billable time will stand here.</td>
            </tr>
          }
        </tbody>
      </table>
    }
    @if (unpriced.value(); as u) {
      @if (u.count > 0) {
        <h2>Without a rate: {{ u.count }} {{ u.count === 1 ? 'entry' : 'entries' }}</h2>
        <p class="quiet">
          No rule priced this time, so it stays off every invoice. Take the price of a rule made since, or choose an entry and
          type a rate in the panel on the right.
          {{ u.count > u.entries.length ? 'The oldest ' + u.entries.length + ' stand here.' : '' }}
        </p>
        <table class="sheet" aria-label="Entries without a rate">
          <thead>
            <tr>
              <th class="left" scope="col">Date</th>
              <th class="left" scope="col">Person</th>
              <th class="left" scope="col">Project and task</th>
              <th scope="col">Hours</th>
              <th class="left" scope="col">Stage</th>
              <th class="left" scope="col">Rule made since</th>
            </tr>
          </thead>
          <tbody>
            @for (entry of u.entries; track entry.id) {
              <tr [class.chosen]="address.selection()?.id === entry.id">
                <td class="left">
                  <button class="link" type="button" (click)="why(entry)">{{ entry.date | day }}</button>
                </td>
                <td class="left">{{ names.person(entry.personId) }}</td>
                <td class="left">
                  {{ names.project(entry.projectId) }}<small>{{ names.detail(entry.taskId, entry.serviceId) }}</small>
                </td>
                <td>{{ entry.quantity | hours }}</td>
                <td class="left">{{ entry.stage }}</td>
                <td class="left">
                  @if (offers().get(entry.id); as rule) {
                    <span>{{ rule.names }}</span>
                    @if (mayPrice()) {
                      <button class="link" type="button" [disabled]="busy()" (click)="take(entry)">
                        Price at {{ rule.rate | rate: rule.currency }}
                      </button>
                    }
                  }
                </td>
              </tr>
            }
          </tbody>
        </table>
      }
    }
  `,
  styles:
    ':host { display: block; } .head { margin-bottom: 12px; } h2 { margin: 22px 0 4px; } td span { display: block; } p { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToBillScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  protected readonly names = inject(WorkNames);
  private readonly refresh = inject(Refresh);
  private readonly notices = inject(Notices);
  protected readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly list = loaded(
    () => (this.today() ? { scope: this.address.scope(), upTo: this.today() } : undefined),
    (query) => this.api.call('listToBill', { query }),
  );
  protected readonly unpriced = loaded(
    () => (this.rights()['values.read'] ? { scope: this.address.scope() } : undefined),
    (query) => this.api.call('listUnpriced', { query }),
  );
  protected readonly summary = computed(() => {
    const count = this.list.value()?.projects.length ?? 0;
    return `${count} ${count === 1 ? 'project' : 'projects'}, the oldest first`;
  });

  protected choose(projectId: string): void {
    void this.address.set({ scope: `project:${projectId}` });
  }

  protected readonly offers = computed(
    () => new Map((this.unpriced.value()?.offers ?? []).map((one) => [one.entryId, one.rule])),
  );
  protected readonly mayPrice = computed(() => !!this.rights()['entries.price']);
  protected readonly busy = signal(false);

  /** Takes the price of a rule that was made after the entry. */
  protected async take(entry: Entry): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    try {
      const body = { rate: null, reason: 'A rule made since prices it' };
      await this.api.call('priceEntry', { params: { id: entry.id }, version: entry.version, body });
      this.notices.done('Priced by the rule.');
    } catch (error) {
      this.notices.failed(error);
    } finally {
      this.busy.set(false);
      this.refresh.written();
    }
  }

  protected why(entry: Entry): void {
    this.address.ask(`entry:${entry.id}`);
  }
}
