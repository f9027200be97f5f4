import { FirmPath, endpoint } from '../platform/fields';
import { KnownFirm } from './firm-facts';

/** What the firm says of itself on its documents. */
export const readFirm = endpoint({
  summary: 'What the firm says of itself on its documents',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/firm',
  permission: 'firm.change',
  params: FirmPath,
  answer: KnownFirm,
});
