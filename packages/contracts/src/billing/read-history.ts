import { FirmAndId, endpoint, strict } from '../platform/fields';
import { Type } from 'typebox';
import { HistoryEvent } from './history-event';

/** The history of an entry, a project, a client, an invoice, a person or the firm. */
export const readHistory = endpoint({
  summary: 'The history of an entry, a project, a client, an invoice, a person or the firm',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/history/:id',
  permission: 'history.read',
  params: FirmAndId,
  answer: strict({ events: Type.Array(HistoryEvent) }),
  problems: ['subject-unknown'],
});
