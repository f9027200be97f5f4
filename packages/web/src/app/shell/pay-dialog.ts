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
  template: `
    <h2 mat-dialog-title>Pay and overhead</h2>
    <mat-dialog-content>
      @if (list.sentence()) {
        <p class="wrong" role="alert">{{ list.sentence() }}</p>
      }
      @if (list.value(); as l) {
        <p class="quiet">
          {{ l.currency }} an hour on {{ l.on | day }}. Time costs its pay and overhead, whatever the client is charged. Who may
          know cost and not pay sees the standard cost of the position.
        </p>
        <table class="sheet" aria-label="Pay and overhead">
          <thead>
            <tr>
              <th class="left" scope="col">Person</th>
              <th scope="col">Pay</th>
              <th scope="col">Overhead</th>
              <th scope="col">Cost</th>
              <th scope="col">Standard</th>
              <th class="left" scope="col">Pay since</th>
            </tr>
          </thead>
          <tbody>
            @for (one of l.people; track one.id) {
              <tr>
                <td class="left">
                  {{ one.name }}<small>{{ one.position }}</small>
                </td>
                @if (one.pay; as pay) {
                  <td>{{ pay.rate | rate: l.currency }}</td>
                  <td>
                    {{ one.overhead | rate: l.currency }}
                    @if (one.overheadPercent !== null) {
                      <small>{{ one.overheadPercent | percent }} of pay</small>
                    }
                  </td>
                  <td>
                    <b>{{ one.cost | rate: l.currency }}</b>
                  </td>
                  <td>{{ one.standard | rate: l.currency }}</td>
                  <td class="left">{{ pay.validFrom | day }}</td>
                } @else {
                  <td class="left wrong" colspan="5">no pay rate today: this time costs nothing</td>
                }
              </tr>
            }
          </tbody>
        </table>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end"><button mat-flat-button mat-dialog-close>Close</button></mat-dialog-actions>
  `,
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
