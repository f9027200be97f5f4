import { FirmPath, endpoint, strict } from '../platform/fields';
import { KnownWork, SCOPES } from './known-work';

/** What some work and people are called and belong to, as far as one may see them. */
export const readNames = endpoint({
  summary: 'What some work and people are called and belong to, as far as one may see them',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/work/names',
  permission: 'work.read',
  params: FirmPath,
  query: strict({ of: SCOPES }),
  answer: KnownWork,
});
