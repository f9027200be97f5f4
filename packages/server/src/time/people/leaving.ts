import { rightsHeld, rightsOf } from '@yellowwood/core';
import { withdrawInvitations } from '../../generated/people/invite.queries';
import { endAccess, heldPerson, refuseForeign, refuseWithoutOwner, seenPerson } from '../../people/change-person';
import { audit } from '../../platform/audit';
import { Context, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { finish } from '../timers/end-stretch';
import { timersToStop } from '../timers/own-timers';

/**
 * Somebody leaves: their access ends at once, timers are stopped and kept, an invitation ends, and all that they recorded stays.
 * @throws the problems `person-unknown`, `version-stale`, `role-not-yours`, `left-already`, `not-oneself`
 */
export async function personLeaves(context: Context, person: string, version: number): Promise<null> {
  if (person === context.actor.personId) throw problem('not-oneself');
  const known = await seenPerson(context, person, version);
  if (known.leftOn !== null) throw problem('left-already');
  refuseForeign(context, rightsHeld(known));
  return end(context, known);
}

/**
 * Leaves a firm oneself, as somebody else would have one leave.
 * @throws the problems `version-stale`, `last-owner`
 */
export async function leaveFirm(context: Context, version: number): Promise<null> {
  const known = await seenPerson(context, context.actor.personId, version);
  await end(context, known);
  await refuseWithoutOwner(context);
  return null;
}

/** Ends somebody's access, with what they let run and what was sent to them. */
async function end(context: Context, known: Awaited<ReturnType<typeof heldPerson>>): Promise<null> {
  const person = known.id;
  // What they let run is theirs, on their days.
  const actor = { ...context.actor, personId: person, name: known.name, zone: known.zone, rights: rightsOf(['staff']) };
  const theirs = { ...context, actor };
  for (const timer of await timersToStop(theirs)) await finish(theirs, timer, context.now);
  await withdrawInvitations.run({ person, now: context.now }, context.tx);
  const leftOn = today(context);
  await endAccess(context, person, leftOn);
  await audit(context, 'access ended', [{ kind: 'person', id: person, before: { leftOn: null }, after: { leftOn } }]);
  return null;
}
