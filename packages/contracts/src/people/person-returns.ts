import { FirmAndId, endpoint } from '../platform/fields';

/** Somebody who left comes back, with their account and roles as they were. */
export const personReturns = endpoint({
  summary: 'Somebody who left comes back, with their account and roles as they were',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/people/:id/leaving',
  permission: 'people.change',
  params: FirmAndId,
  problems: ['person-unknown', 'role-not-yours', 'not-left'],
});
