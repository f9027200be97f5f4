import { FirmPath, endpoint } from '../platform/fields';
import { Teams } from './teams';

/** The teams of the firm, with who leads them and who belongs to them. */
export const listTeams = endpoint({
  summary: 'The teams of the firm, with who leads them and who belongs to them',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/teams',
  permission: 'people.change',
  params: FirmPath,
  answer: Teams,
});
