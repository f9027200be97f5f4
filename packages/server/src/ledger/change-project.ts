import { KnownProject, ProjectFacts } from '@yellowwood/contracts';
import { differs, mayLetManage, rightsHeld } from '@yellowwood/core';
import { codeTaken, markTaking, projectKnown, setProject, stateOf } from '../generated/ledger/change-project.queries';
import { clientOf, projectNamed } from '../generated/work/create-project.queries';
import { heldPerson } from '../people/change-person';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { refuseForeign } from '../work/outline';
import { holdRules } from './locks';

const FACTS = [
  ...(['name', 'code', 'orderReference', 'managerId', 'tone', 'estimate', 'startsOn', 'endsOn', 'complete', 'notes'] as const),
  ...(['stateId', 'archived'] as const),
] as const;

/** A project that one may see, with what was said of it. @throws the problem `scope-unknown` */
export async function readProject(context: Context, id: string): Promise<KnownProject> {
  return (await known(context, id)).project;
}

async function known(context: Context, id: string) {
  const who = { reach: reachOf(context, 'work.read'), asker: context.actor.personId };
  const [row] = await projectKnown.run({ ...who, id }, context.tx);
  if (!row) throw problem('scope-unknown');
  const { id: own, clientId, client, state, takesTime, version, ...facts } = row;
  return { project: { id: own, client, state, version, facts }, clientId, takesTime };
}

/**
 * Changes what is said of a project. One that takes no more time, by its state or since it is in the archive, says so on
 * what is recorded on it and not decided on: that wants another project.
 * @throws the problems `scope-unknown`, `version-stale`, `project-exists`, `code-taken`, `state-unknown`, `client-archived`,
 *   `range-reversed`, `person-unknown`, `left-already`, `lead-not-yours`, `nothing-to-change`
 */
export async function changeProject(context: Context, id: string, wish: ProjectFacts, version: number): Promise<KnownProject> {
  const { tx } = context;
  // Nobody records on it meanwhile: what they record is marked, or comes after.
  await holdRules(context, 'exclusive');
  await takeTurn(context, 'work');
  await refuseForeign(context, id, 'scope-unknown');
  const { project: before, clientId, takesTime } = await known(context, id);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after: ProjectFacts = {
    ...{ name: wish.name.trim(), code: wish.code.trim(), orderReference: wish.orderReference.trim() },
    ...{ managerId: wish.managerId, tone: wish.tone, estimate: wish.estimate, stateId: wish.stateId, archived: wish.archived },
    ...{ startsOn: wish.startsOn, endsOn: wish.endsOn, complete: wish.complete, notes: wish.notes.trim() },
  };
  if (!differs(before.facts, after, FACTS)) throw problem('nothing-to-change');
  if (after.startsOn && after.endsOn && after.endsOn < after.startsOn) throw problem('range-reversed');
  const [state] = await stateOf.run({ id: after.stateId }, tx);
  if (!state) throw problem('state-unknown');
  if (state.open && !after.archived) await refuseUnderWay(context, id, clientId, after.name);
  const [taken] = await codeTaken.run({ id, code: after.code }, tx);
  if (taken) throw problem('code-taken', { code: after.code });
  const names = after.managerId === before.facts.managerId ? null : await namesOfManagers(context, before.facts, after);
  await setProject.run({ id, ...after, records: state.records, open: state.open }, tx);
  const takes = state.records && !after.archived;
  if (takes !== takesTime) await markProjects(context, [id], takes);
  await audit(context, 'project changed', [
    {
      kind: 'project',
      id,
      before: told(before.facts, before.state, names?.before),
      after: told(after, state.name, names?.after),
    },
  ]);
  return { ...before, facts: after, state: state.name, version: version + 1 };
}

/** What is said of a project as its history tells it: by names. */
function told({ managerId: _, stateId: __, ...facts }: ProjectFacts, state: string, manager: string | undefined) {
  return { ...facts, state, ...(manager && { manager }) };
}

/** Says on what is recorded on projects and not decided on that they take no time, or not any more. */
export async function markProjects({ tx }: Context, projects: readonly string[], takeTime: boolean): Promise<void> {
  await markTaking.run({ projects: [...projects], takeTime }, tx);
}

/**
 * What is under way is in sight, and can be told apart from what else is.
 * @throws the problems `project-exists`, `client-archived`
 */
async function refuseUnderWay({ tx }: Context, id: string, client: string | null, name: string): Promise<void> {
  const twins = await projectNamed.run({ name, client }, tx);
  if (twins.some((twin) => twin.id !== id)) throw problem('project-exists', { name });
  const [home] = client === null ? [] : await clientOf.run({ id: client }, tx);
  if (home?.archived) throw problem('client-archived', { name: home.name });
}

/** Whoever manages a project sees its time: only who holds that for everybody gives it. */
async function namesOfManagers(context: Context, before: ProjectFacts, after: ProjectFacts) {
  const [from, to] = [await heldPerson(context, before.managerId), await heldPerson(context, after.managerId)];
  if (to.leftOn !== null) throw problem('left-already');
  if (![from, to].every((held) => mayLetManage(context.actor.rights, rightsHeld(held)))) throw problem('lead-not-yours');
  return { before: from.name, after: to.name };
}
