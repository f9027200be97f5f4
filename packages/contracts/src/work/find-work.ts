import { FirmPath, endpoint, strict } from '../platform/fields';
import { Type } from 'typebox';
import { KnownWork, ListedScope, Sought } from './known-work';

/** Finds clients, projects, tasks and people by any part of any of their words, the likeliest first. */
export const findWork = endpoint({
  summary: 'Finds clients, projects, tasks and people by any part of any of their words, the likeliest first',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/work/found',
  permission: 'work.read',
  params: FirmPath,
  query: strict({ words: Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' }), sought: Sought }),
  answer: strict({ found: Type.Array(ListedScope), known: KnownWork }),
});
