import { DraftPreview, DraftWish } from '@yellowwood/contracts';
import { nextNumber } from '../../generated/billing/invoices/preview-invoice.queries';
import { Context } from '../../platform/context';
import { roundingOf } from './line-rounding';
import { makeDocument } from './make-document';
import { numberText } from './number-text';

/** The document that a wish would make; nothing is stored and nothing is reserved. */
export async function previewInvoice(context: Context, wish: DraftWish): Promise<DraftPreview> {
  const made = await makeDocument(context, wish, null);
  const [series] = await nextNumber.run({ series: 'invoice' }, context.tx);
  return {
    document: made.document,
    nextNumber: numberText(series!.prefix, series!.next),
    limits: made.limits.map(({ projectId, limit, usedBefore, net, over }) => ({ projectId, limit, usedBefore, net, over })),
    rounding: roundingOf(
      made.lines.map((line) => ({ ...line, quantities: line.shares.map((share) => share.quantity) })),
      made.currency,
    ),
  };
}
