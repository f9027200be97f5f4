import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { InvoiceDocument } from '@yellowwood/contracts';
import { AmountPipe, DayPipe, MoneyPipe, PercentPipe } from '../ui/formats';
import { Logo } from '../ui/logo';

/** A document on paper: what the page shows is what the PDF prints, figure for figure. */
@Component({
  selector: 'yw-paper',
  imports: [AmountPipe, DayPipe, Logo, MoneyPipe, PercentPipe],
  templateUrl: './paper.html',
  styleUrl: './paper.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Paper {
  readonly document = input.required<InvoiceDocument>();
  readonly editable = input(false);
  /** Whether its lines lead to what they bill. */
  readonly leads = input(false);
  /** The key of the line whose entries are shown. */
  readonly opened = input<string | null>(null);
  readonly lineOpened = output<string>();
  readonly textEdited = output<{ key: string; text: string }>();
}
