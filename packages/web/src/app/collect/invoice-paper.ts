import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Api } from '../api/api';
import { Paper } from '../bill/paper';
import { Address } from '../state/address';
import { loaded } from '../ui/loaded';

/** The document of the chosen invoice, below the list, with its PDF. */
@Component({
  selector: 'yw-invoice-paper',
  imports: [Paper],
  template: `
    @if (invoice.value(); as i) {
      <div class="row">
        <h2>{{ i.row.number ?? 'Draft' }}</h2>
        <span class="grow"></span>
        @if (i.row.number) {
          <a [href]="pdf()" target="_blank" rel="noopener">Open the PDF</a>
        }
      </div>
      <yw-paper [document]="i.document" />
    }
  `,
  styles: ':host { display: block; max-width: 720px; margin-top: 22px; } .row { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InvoicePaper {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  readonly id = input.required<string>();
  protected readonly invoice = loaded(
    () => this.id(),
    (id) => this.api.call('readInvoice', { params: { id } }),
  );
  protected readonly pdf = computed(() => `/api/f/${this.address.firm()}/invoices/${this.id()}/pdf`);
}
