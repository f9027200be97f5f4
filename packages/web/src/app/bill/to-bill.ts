import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { ToBillProject } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';
import { Unpriced } from './unpriced';
import { OwnWords } from '../state/own-words';

/** What is ready to bill in the whole firm, the oldest first, and what has no rate yet. */
@Component({
  selector: 'yw-to-bill',
  imports: [Table, Unpriced, Loading],
  templateUrl: './to-bill.html',
  styles: ':host { display: block; } .head { margin-bottom: 12px; } p { margin-bottom: 8px; } .waits { display: none; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToBillScreen {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  private readonly say = inject(OwnWords).say;
  private readonly formats = inject(Formats);
  protected readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly list = loaded(
    () => (this.today() ? { scope: this.address.scope(), upTo: this.today() } : undefined),
    (query) => this.api.call('listToBill', { query }),
  );
  protected readonly summary = computed(() => {
    const count = this.list.value()?.projects.length;
    if (count === undefined) return '';
    return `${count} ${this.say(count === 1 ? 'project' : 'projects')}, the oldest first, to ${this.formats.day(this.today())}`;
  });

  protected readonly projectKey = ({ projectId, currency }: ToBillProject) => `${projectId} ${currency}`;
  protected readonly columns: readonly Column<ToBillProject>[] = [
    { id: 'project', head: 'Project', kind: 'text', value: (one) => one.projectName, small: (one) => one.clientName },
    { id: 'client', head: 'Client', kind: 'text', value: (one) => one.clientName, groups: true, choice: 'hidden' },
    { id: 'oldest', head: 'Oldest', kind: 'date', value: (one) => one.oldest, choice: 'shown', width: 90 },
    { id: 'hours', head: 'Hours', kind: 'hours', value: (one) => one.seconds, total: true, choice: 'shown', width: 90 },
    { id: 'ready', head: 'Ready', kind: 'money', value: ready, tone: () => 'strong', total: true, width: 130 },
    {
      id: 'over',
      head: 'Over the limit',
      kind: 'money',
      value: over,
      tone: () => 'wrong',
      total: true,
      choice: 'shown',
      width: 130,
    },
    { id: 'billed', head: 'Billed so far', kind: 'money', value: billed, total: true, choice: 'shown', width: 130 },
    { id: 'limit', head: 'Limit', kind: 'money', value: limit, choice: 'hidden', width: 130 },
    {
      id: 'know',
      head: 'To know',
      kind: 'text',
      value: toKnow,
      tone: (one) => (one.over > 0 || one.unpriced > 0 ? 'wrong' : 'quiet'),
    },
  ];
  protected choose(projectId: string): void {
    void this.address.set({ scope: `project:${projectId}` });
  }
}

const ready = (one: ToBillProject) => [{ currency: one.currency, minor: one.ready }];
const over = (one: ToBillProject) => (one.over > 0 ? [{ currency: one.currency, minor: one.over }] : null);
const billed = (one: ToBillProject) => (one.billedNet === null ? null : [{ currency: one.currency, minor: one.billedNet }]);
const limit = (one: ToBillProject) => (one.limit === null ? null : [{ currency: one.currency, minor: one.limit }]);

function toKnow(one: ToBillProject): string {
  return [
    one.held > 0 ? `${one.held} held` : '',
    one.unpriced > 0 ? `${one.unpriced} without a rate` : '',
    one.over > 0 ? 'to be decided on' : '',
  ]
    .filter(Boolean)
    .join(', ');
}
