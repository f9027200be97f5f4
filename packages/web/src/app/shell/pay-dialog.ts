import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle } from '@angular/material/dialog';
import { Api } from '../api/api';
import { DayPipe, PercentPipe, RatePipe } from '../ui/formats';
import { loaded } from '../ui/loaded';

/** What an hour of each person costs: pay, overhead, both together. For those with the right to pay alone. */
@Component({
  selector: 'yw-pay-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle, DayPipe, PercentPipe, RatePipe],
  templateUrl: './pay-dialog.html',
  styles: 'table { margin-top: 8px; min-width: min(620px, 80vw); } small { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PayDialog {
  private readonly api = inject(Api);
  protected readonly list = loaded(
    () => true,
    () => this.api.call('listPay'),
  );
}
