import { FirmAndId, endpoint } from '../platform/fields';

/** Send somebody without an account the message by which they come to one; links sent before work no longer. */
export const sendInvitation = endpoint({
  summary: 'Send somebody without an account the message by which they come to one; links sent before work no longer',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/people/:id/invitation',
  permission: 'people.change',
  params: FirmAndId,
  problems: ['person-unknown', 'not-invited', 'role-not-yours', 'too-many-attempts', 'texts-not-sent'],
});
