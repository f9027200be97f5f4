import { KnownProject, ProjectFacts } from '@yellowwood/contracts';
import { differs, mayLetManage, rightsHeld } from '@yellowwood/core';
import { codeTaken, markClosed, projectKnown, setProject } from '../generated/ledger/change-project.queries';
import { projectNamed } from '../generated/work/create-project.queries';
import { heldPerson } from '../people/change-person';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { refuseForeign } from '../work/outline';
import { holdRules } from './locks';

const FACTS = ['name', 'code', 'orderReference', 'managerId', 'estimate', 'open'] as const;

/** A project that one may see, with what was said of it. @throws the problem `scope-unknown` */
export async function readProject(context: Context, id: string): Promise<KnownProject> {
  return (await known(context, id)).project;
}

async function known(context: Context, id: string): Promise<{ project: KnownProject; clientId: string | null }> {
  const who = { reach: reachOf(context, 'work.read'), asker: context.actor.personId };
  const [row] = await projectKnown.run({ ...who, id }, context.tx);
  if (!row) throw problem('scope-unknown');
  const { id: own, clientId, client, version, ...facts } = row;
  return { project: { id: own, client, version, facts }, clientId };
}

/**
 * Changes what is said of a project. One that is finished takes no more time: what is recorded and not decided on wants
 * another project.
 * @throws the problems `scope-unknown`, `version-stale`, `project-exists`, `code-taken`, `person-unknown`, `left-already`,
 *   `lead-not-yours`, `nothing-to-change`
 */
export async function changeProject(context: Context, id: string, wish: ProjectFacts, version: number): Promise<KnownProject> {
  const { tx } = context;
  // Nobody records on it meanwhile: what they record is marked, or comes after.
  await holdRules(context, 'exclusive');
  await takeTurn(context, 'work');
  await refuseForeign(context, id, 'scope-unknown');
  const { project: before, clientId } = await known(context, id);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after: ProjectFacts = {
    ...{ name: wish.name.trim(), code: wish.code.trim(), orderReference: wish.orderReference.trim() },
    ...{ managerId: wish.managerId, estimate: wish.estimate, open: wish.open },
  };
  if (!differs(before.facts, after, FACTS)) throw problem('nothing-to-change');
  await refuseTwin(context, id, clientId, after);
  const names = after.managerId === before.facts.managerId ? null : await namesOfManagers(context, before.facts, after);
  await setProject.run({ id, ...after, state: after.open ? 'open' : 'closed' }, tx);
  if (after.open !== before.facts.open) await markClosed.run({ project: id, open: after.open }, tx);
  const told = ({ managerId: _, ...facts }: ProjectFacts, manager?: string) => ({ ...facts, ...(manager && { manager }) });
  await audit(context, 'project changed', [
    { kind: 'project', id, before: told(before.facts, names?.before), after: told(after, names?.after) },
  ]);
  return { ...before, facts: after, version: version + 1 };
}

/** Two projects of one name under way cannot be told apart, nor two of one code. */
async function refuseTwin({ tx }: Context, id: string, client: string | null, { name, code, open }: ProjectFacts): Promise<void> {
  const twins = open ? await projectNamed.run({ name, client }, tx) : [];
  if (twins.some((twin) => twin.id !== id)) throw problem('project-exists', { name });
  const [taken] = await codeTaken.run({ id, code }, tx);
  if (taken) throw problem('code-taken', { code });
}

/** Whoever manages a project sees its time: only who holds that for everybody gives it. */
async function namesOfManagers(context: Context, before: ProjectFacts, after: ProjectFacts) {
  const [from, to] = [await heldPerson(context, before.managerId), await heldPerson(context, after.managerId)];
  if (to.leftOn !== null) throw problem('left-already');
  if (![from, to].every((held) => mayLetManage(context.actor.rights, rightsHeld(held)))) throw problem('lead-not-yours');
  return { before: from.name, after: to.name };
}
