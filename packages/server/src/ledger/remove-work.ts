import {
  clientUsed,
  dropAgreements,
  dropClient,
  dropProject,
  dropRates,
  dropRatesOfClient,
  dropTasks,
  projectUsed,
} from '../generated/ledger/remove-work.queries';
import { forgetNamed } from '../generated/work/who-records.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { readClient } from '../work/change-client';
import { readTasks, refuseForeign } from '../work/outline';
import { readProject } from './change-project';
import { holdRules } from './locks';

/**
 * Takes a project away that nothing refers to, with its tasks, and what was agreed and said of it.
 * @throws the problems `scope-unknown`, `version-stale`, `project-used`
 */
export async function removeProject(context: Context, id: string, version: number): Promise<null> {
  const { tx } = context;
  // Nobody records on it meanwhile, or bills it.
  await holdRules(context, 'exclusive');
  await takeTurn(context, 'work');
  await refuseForeign(context, id, 'scope-unknown');
  const known = await readProject(context, id);
  if (known.version !== version) throw problem('version-stale', {}, { current: known });
  const { name, code } = known.facts;
  const [found] = await projectUsed.run({ id }, tx);
  if (found!.used) throw problem('project-used', { name });
  const tasks = (await readTasks(context, [id])).map((task) => task.name).join(', ');
  await dropRates.run({ id }, tx);
  await dropAgreements.run({ id }, tx);
  await forgetNamed.run({ id }, tx);
  await dropTasks.run({ id }, tx);
  await dropProject.run({ id }, tx);
  const before = { name, code, ...(known.client !== null && { client: known.client }), ...(tasks && { tasks }) };
  await audit(context, 'project removed', [{ kind: 'project', id, before, after: null }]);
  return null;
}

/**
 * Takes a client away that nothing refers to.
 * @throws the problems `scope-unknown`, `version-stale`, `client-used`
 */
export async function removeClient(context: Context, id: string, version: number): Promise<null> {
  const { tx } = context;
  await holdRules(context, 'exclusive');
  await takeTurn(context, 'work');
  const known = await readClient(context, id);
  if (known.version !== version) throw problem('version-stale', {}, { current: known });
  const { name } = known.facts;
  const [found] = await clientUsed.run({ id }, tx);
  if (found!.used) throw problem('client-used', { name });
  await dropRatesOfClient.run({ id }, tx);
  await dropClient.run({ id }, tx);
  await audit(context, 'client removed', [{ kind: 'client', id, before: { name }, after: null }]);
  return null;
}
