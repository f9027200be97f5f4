import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { InvoiceDocument } from '@yellowwood/contracts';
import { documentTexts } from '@yellowwood/core';
import { Logo } from '../ui/logo';

/** A document on paper: what the page shows is what the PDF prints, figure for figure. */
@Component({
  selector: 'yw-paper',
  imports: [Logo],
  templateUrl: './paper.html',
  styleUrl: './paper.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Paper {
  readonly document = input.required<InvoiceDocument>();
  /** Dates and figures as the document writes them, not as whoever reads it does. */
  protected readonly write = computed(() => documentTexts(this.document().writing));
  readonly editable = input(false);
  /** Whether its lines lead to what they bill. */
  readonly leads = input(false);
  /** The key of the line whose entries are shown. */
  readonly opened = input<string | null>(null);
  readonly lineOpened = output<string>();
  readonly textEdited = output<{ key: string; text: string }>();
}
