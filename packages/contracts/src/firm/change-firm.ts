import { FirmPath, endpoint } from '../platform/fields';
import { FirmFacts, KnownFirm } from './firm-facts';

/** Change what the firm says of itself; documents that are issued stay as they are. */
export const changeFirm = endpoint({
  summary: 'Change what the firm says of itself; documents that are issued stay as they are',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/firm',
  permission: 'firm.change',
  params: FirmPath,
  body: FirmFacts,
  answer: KnownFirm,
  problems: ['number-taken', 'nothing-to-change'],
});
