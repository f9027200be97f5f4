import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { InvoiceDocument } from '@yellowwood/contracts';
import { AmountPipe, DayPipe, MoneyPipe, PercentPipe } from '../ui/formats';

/** A document on paper: what the page shows is what the PDF prints, figure for figure. */
@Component({
  selector: 'yw-paper',
  imports: [AmountPipe, DayPipe, MoneyPipe, PercentPipe],
  template: `
    @let d = document();
    <div class="row top">
      <h2>{{ d.kind === 'invoice' ? 'Invoice' : 'Credit note' }} {{ d.number ?? '' }}</h2>
      <span class="grow"></span>
      @if (!d.number) {
        <span class="quiet">Draft, number given when issued</span>
      }
    </div>
    <div class="parties">
      <div>
        <b>{{ d.buyer.name }}</b>
        @for (line of d.buyer.address; track line) {
          <span>{{ line }}</span>
        }
        <span>{{ d.buyer.country }}{{ d.buyer.taxId ? ', ' + d.buyer.taxId : '' }}</span>
      </div>
      <div class="quiet">
        <span>From {{ d.seller.name }}, {{ d.seller.taxId }}</span
        ><span>Work {{ d.supplyFrom | day }} to {{ d.supplyTo | day }} {{ d.supplyTo.slice(0, 4) }}</span>
        @if (d.issuedOn) {
          <span
            >Issued {{ d.issuedOn | day }}
            @if (d.kind === 'invoice') {
              , due {{ d.dueOn | day }}
            }
          </span>
        } @else {
          <span>Due {{ d.paymentDays }} days after issue</span>
        }
        @if (d.orderReference) {
          <span>Order {{ d.orderReference }}</span>
        }
        @if (d.credits) {
          <span>Credits {{ d.credits }}</span>
        }
      </div>
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col">Work</th>
          <th scope="col">Quantity</th>
          <th scope="col">Price</th>
          <th scope="col">Net</th>
        </tr>
      </thead>
      <tbody>
        @for (line of d.lines; track line.key) {
          <tr [class.reduction]="line.kind === 'write-down' || line.kind === 'over-limit'">
            <td>
              @if (editable()) {
                <textarea
                  rows="1"
                  [value]="line.text"
                  maxlength="400"
                  [attr.aria-label]="'Text of the line ' + line.text"
                  (change)="textEdited.emit({ key: line.key, text: $any($event.target).value })"
                  (keydown.enter)="$any($event.target).blur()"
                ></textarea>
              } @else {
                {{ line.text }}
              }
            </td>
            <td>{{ line.quantity }}</td>
            <td>{{ line.price }}</td>
            <td>{{ line.minor | amount: d.currency }}</td>
          </tr>
        }
      </tbody>
      <tfoot>
        <tr>
          <td colspan="3">Net</td>
          <td>{{ d.net | amount: d.currency }}</td>
        </tr>
        @for (tax of d.taxes; track tax.category + tax.rate) {
          <tr>
            <td colspan="3">{{ tax.name }} {{ tax.rate | percent }} on {{ tax.base | amount: d.currency }}</td>
            <td>{{ tax.minor | amount: d.currency }}</td>
          </tr>
        }
        <tr class="due">
          <td colspan="3">{{ d.kind === 'invoice' ? 'To pay' : 'Credited' }}, {{ d.currency }}</td>
          <td>{{ d.gross | amount: d.currency }}</td>
        </tr>
      </tfoot>
    </table>
    @for (tax of d.taxes; track tax.category) {
      @if (tax.reason) {
        <p class="quiet">{{ tax.reason }}</p>
      }
    }
    @if (d.taxInFirmCurrency; as own) {
      <p class="quiet">Tax total in {{ own.currency }}: {{ own.minor | money: own.currency }}</p>
    }
    @if (d.reason) {
      <p class="quiet">Reason: {{ d.reason }}</p>
    }
    @if (d.kind === 'invoice') {
      <p class="quiet">{{ d.paymentDetails }}</p>
    }
  `,
  styleUrl: './paper.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Paper {
  readonly document = input.required<InvoiceDocument>();
  readonly editable = input(false);
  readonly textEdited = output<{ key: string; text: string }>();
}
