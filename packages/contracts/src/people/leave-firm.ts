import { FirmPath, endpoint } from '../platform/fields';

/** Leave a firm oneself: no more access from now on; what one recorded stays, a running timer is stopped and kept. */
export const leaveFirm = endpoint({
  summary: 'Leave a firm oneself: no more access from now on; what one recorded stays, a running timer is stopped and kept',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/leaving',
  permission: null,
  params: FirmPath,
  problems: ['last-owner'],
});
