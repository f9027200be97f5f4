import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Behind, Entry, Figure } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe, MoneyPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { paged } from '../ui/paged';
import { WorkNames } from '../ui/work-names';
import { FIGURE_RULES, FIGURE_WORDS, PART_WORDS } from '../words/results';
import { resultSpan } from './result-span';
import { SayPipe } from '../state/own-words';

interface Question {
  readonly figure: Figure;
  readonly scope: string;
  readonly from?: string;
  readonly to?: string;
}

/** What stands behind a figure of the results: the rule, the sum, the entries or documents. */
@Component({
  selector: 'yw-figure-why',
  imports: [DayPipe, HoursPipe, MoneyPipe, Loading, SayPipe],
  templateUrl: './figure-why.html',
  styleUrls: ['../shell/why.scss'],
  styles: 'small { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FigureWhy {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  protected readonly names = inject(WorkNames);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly span = resultSpan();
  readonly figure = input.required<string>();
  protected readonly title = computed(() => FIGURE_WORDS[this.figure() as Figure] ?? 'Figure');
  protected readonly rule = computed(() => FIGURE_RULES[this.figure() as Figure] ?? '');
  protected readonly parts = PART_WORDS;
  protected readonly showsMoney = computed(() => ['standard-value', 'unbilled', 'revenue'].includes(this.figure()));
  private readonly question = computed((): Question | undefined => {
    if (!this.today() || !(this.figure() in FIGURE_WORDS)) return undefined;
    return {
      figure: this.figure() as Figure,
      scope: this.address.scope(),
      ...(this.span.days() ?? {}),
    };
  });
  private readonly pages = paged<Question, Behind>(
    (query, cursor) => this.api.call('readBehind', { query: { ...query, ...(cursor ? { cursor } : {}) } }),
    (all, next) => ({
      ...next,
      documents: [...all.documents, ...next.documents],
      entries: [...all.entries, ...next.entries],
    }),
  );
  protected readonly behind = loaded(
    () => this.question(),
    (query) => this.pages.read(query),
  );

  protected async more(): Promise<void> {
    this.pages.another();
    await this.behind.reload();
  }

  protected whose(entry: Entry): string {
    const person = this.names.person(entry.personId);
    return person ? `${person}, ` : '';
  }

  protected openEntry(id: string): void {
    this.address.ask(`entry:${id}`);
  }

  protected openInvoice(id: string): void {
    void this.address.go('collect', { show: 'all', sel: `invoice:${id}` });
  }
}
