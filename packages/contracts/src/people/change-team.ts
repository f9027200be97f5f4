import { FirmAndId, endpoint } from '../platform/fields';
import { TeamFacts } from './teams';

/** Rename a team, have somebody else lead it, put people in and take them out. */
export const changeTeam = endpoint({
  summary: 'Rename a team, have somebody else lead it, put people in and take them out',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/teams/:id',
  permission: 'people.change',
  params: FirmAndId,
  body: TeamFacts,
  problems: ['team-unknown', 'team-exists', 'person-unknown', 'lead-not-yours', 'nothing-to-change'],
});
