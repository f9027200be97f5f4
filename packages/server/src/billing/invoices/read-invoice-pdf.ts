import { InvoiceDocument } from '@yellowwood/contracts';
import { createHash } from 'node:crypto';
import { invoiceInReach, invoiceSnapshot } from '../../generated/billing/invoices/invoice.queries';
import { logoById } from '../../generated/firm/logo.queries';
import { keepPdf, pdfOf } from '../../generated/billing/invoices/read-invoice-pdf.queries';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';
import { renderInThread } from './pdf/pdf-threads';

export interface InvoicePdf {
  readonly bytes: Buffer;
  readonly sha256: string;
  readonly fileName: string;
}

/** The PDF of an issued document: the stored one, or rendered now, once, and stored with its hash. */
export async function readInvoicePdf(context: Context, id: string): Promise<InvoicePdf> {
  const reach = reachOf(context, 'invoices.read');
  const [seen] = await invoiceInReach.run({ id, reach, asker: context.actor.personId }, context.tx);
  const [kept] = seen ? await invoiceSnapshot.run({ id }, context.tx) : [];
  if (!kept) throw problem('invoice-unknown');
  if (!kept.snapshot) throw problem('invoice-not-issued');
  const document = kept.snapshot as unknown as InvoiceDocument;
  const fileName = `${document.number}.pdf`;
  const [stored] = await pdfOf.run({ invoice: id }, context.tx);
  if (stored) return { ...stored, fileName };
  const [logo] = document.logo ? await logoById.run({ id: document.logo.id }, context.tx) : [];
  const bytes = await renderInThread(document, logo?.png);
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await keepPdf.run({ firm: context.firm.id, invoice: id, bytes, sha256, now: context.now }, context.tx);
  // Somebody else may have rendered it at the same moment; the stored one is the document.
  const [final] = await pdfOf.run({ invoice: id }, context.tx);
  return { ...final!, fileName };
}
