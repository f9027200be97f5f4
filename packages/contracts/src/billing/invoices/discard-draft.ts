import { FirmAndId, endpoint } from '../../platform/fields';

/** Discard a draft; its entries are to bill again. */
export const discardDraft = endpoint({
  summary: 'Discard a draft; its entries are to bill again',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/invoices/:id',
  permission: 'invoices.issue',
  params: FirmAndId,
  problems: ['invoice-unknown', 'invoice-not-draft', 'version-stale'],
});
