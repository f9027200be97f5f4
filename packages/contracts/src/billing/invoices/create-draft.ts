import { FirmPath, Id, endpoint, strict } from '../../platform/fields';
import { DraftWish } from './draft-wish';
import { InvoiceDetail } from './invoice-detail';

/** Keep a draft; its entries are reserved. */
export const createDraft = endpoint({
  summary: 'Keep a draft; its entries are reserved',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/invoices',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ id: Id, wish: DraftWish }),
  answer: InvoiceDetail,
  problems: [
    'entries-not-billable',
    'entry-unpriced',
    'write-down-too-large',
    'tax-rate-missing',
    'exchange-rate-missing',
    'nothing-to-pay',
    'limit-used-up',
  ],
});
