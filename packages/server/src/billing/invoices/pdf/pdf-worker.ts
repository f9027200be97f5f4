import type { InvoiceDocument } from '@yellowwood/contracts';
import { renderPdf } from './render-pdf';

/** Runs in a worker thread. */
export default function render({ document, logo }: { document: InvoiceDocument; logo?: Uint8Array }): Promise<Uint8Array> {
  return renderPdf(document, logo);
}
