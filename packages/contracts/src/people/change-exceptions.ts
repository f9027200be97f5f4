import { FirmAndId, endpoint } from '../platform/fields';
import { ExceptionsField } from './held';

/** Give one person single rights beside their roles, or take them away. */
export const changeExceptions = endpoint({
  summary: 'Give one person single rights beside their roles, or take them away',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id/exceptions',
  permission: 'people.change',
  params: FirmAndId,
  body: ExceptionsField,
  problems: ['person-unknown', 'owner-whole', 'role-not-yours', 'reach-not-given', 'nothing-to-change'],
});
