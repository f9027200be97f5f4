import { Empty, FirmAndId, endpoint } from '../platform/fields';

/** End a role of the firm’s own that nobody has. */
export const endRole = endpoint({
  summary: 'End a role of the firm’s own that nobody has',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/roles/:id/ending',
  permission: 'people.change',
  params: FirmAndId,
  body: Empty,
  problems: ['role-unknown', 'role-held', 'role-not-yours'],
});
