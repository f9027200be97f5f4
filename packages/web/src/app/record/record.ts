import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { WhoseWeek } from './whose-week';
import { WeekScreen } from './week';

/** The own week, or that of somebody who is looked at: nothing that is typed into one is carried into the other. */
@Component({
  selector: 'yw-record',
  imports: [WeekScreen],
  template: '@for (whose of all(); track whose) {<yw-week />}',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecordScreen {
  private readonly whose = inject(WhoseWeek);
  protected readonly all = computed(() => [this.whose.looked() ?? 'own']);
}
