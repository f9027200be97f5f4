import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogModule } from '@angular/material/dialog';
import type { PayList } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { DayPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';
import { SayPipe } from '../state/own-words';

type Person = PayList['people'][number];

/** What an hour of each person costs: pay, overhead, both together. For those with the right to pay alone. */
@Component({
  selector: 'yw-pay-dialog',
  imports: [MatButton, MatDialogModule, DayPipe, Table, Loading, SayPipe],
  templateUrl: './pay-dialog.html',
  styles: 'yw-table { margin-top: 8px; min-width: min(680px, 80vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PayDialog {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  protected readonly list = loaded(
    () => true,
    () => this.api.call('listPay'),
  );
  protected readonly idOf = ({ id }: Person) => id;
  protected readonly columns = computed((): readonly Column<Person>[] => {
    const currency = this.list.value()?.currency ?? '';
    return [
      { id: 'person', head: 'Person', kind: 'text', value: (one) => one.name, small: (one) => one.position ?? '' },
      { id: 'position', head: 'Position', kind: 'text', value: (one) => one.position, groups: true, choice: 'hidden' },
      { id: 'pay', head: 'Pay', kind: 'rate', currency, value: (one) => one.pay?.rate ?? null },
      {
        id: 'overhead',
        head: 'Overhead',
        kind: 'rate',
        currency,
        value: (one) => one.overhead,
        small: (one) => (one.overheadPercent === null ? '' : `${this.formats.percent(one.overheadPercent)} of pay`),
      },
      { id: 'cost', head: 'Cost', kind: 'rate', currency, value: (one) => one.cost, tone: () => 'strong' },
      { id: 'standard', head: 'Standard', kind: 'rate', currency, value: (one) => one.standard, choice: 'shown' },
      {
        id: 'since',
        head: 'Pay since',
        kind: 'date',
        value: (one) => one.pay?.validFrom ?? null,
        small: (one) => (one.pay ? '' : 'no pay rate today: this time costs nothing'),
        tone: (one) => (one.pay ? '' : 'wrong'),
        choice: 'shown',
      },
    ];
  });
}
