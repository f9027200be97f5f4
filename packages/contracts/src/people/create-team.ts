import { FirmPath, Id, endpoint, strict } from '../platform/fields';
import { TeamFacts } from './teams';

/** Make a team. */
export const createTeam = endpoint({
  summary: 'Make a team',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/teams',
  permission: 'people.change',
  params: FirmPath,
  body: strict({ id: Id, ...TeamFacts.properties }),
  problems: ['team-exists', 'person-unknown', 'lead-not-yours'],
});
