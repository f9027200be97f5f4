import { FirmAndId, endpoint } from '../platform/fields';

/** Somebody leaves: no more access from now on, a running timer is stopped and kept, the history stays. */
export const personLeaves = endpoint({
  summary: 'Somebody leaves: no more access from now on, a running timer is stopped and kept, the history stays',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/people/:id/leaving',
  permission: 'people.change',
  params: FirmAndId,
  problems: ['person-unknown', 'role-not-yours', 'left-already', 'not-oneself'],
});
