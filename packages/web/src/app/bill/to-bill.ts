import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe, MoneyPipe, RatePipe } from '../ui/formats';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { loaded } from '../ui/loaded';
import { WorkNames } from '../ui/work-names';

/** What is ready to bill in the whole firm, the oldest first, and what has no rate yet. */
@Component({
  selector: 'yw-to-bill',
  imports: [Failure, DayPipe, HoursPipe, MoneyPipe, RatePipe],
  templateUrl: './to-bill.html',
  styles:
    ':host { display: block; } .head { margin-bottom: 12px; } h2 { margin: 22px 0 4px; } td span { display: block; } p { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToBillScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  protected readonly names = inject(WorkNames);
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
