import { FirmAndId, Id, endpoint, nullable, strict } from '../platform/fields';

/** End a team; its people join another, or none. */
export const endTeam = endpoint({
  summary: 'End a team; its people join another, or none',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/teams/:id/ending',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({ into: nullable(Id) }),
  problems: ['team-unknown', 'lead-not-yours'],
});
