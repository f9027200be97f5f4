import { BodyOf, Endpoints, LaidDown } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { takeNamed, takeNotes, takeRates } from '../../generated/billing/agreements/copy-project.queries';
import { dropAgreement, projectWithMoney } from '../../generated/billing/agreements/agreements.queries';
import { addOutlineTasks } from '../../generated/work/outline.queries';
import { readProject } from '../../ledger/change-project';
import { holdRules } from '../../ledger/locks';
import { audit } from '../../platform/audit';
import { Context, today } from '../../platform/context';
import { json } from '../../platform/json';
import { problem } from '../../platform/problem';
import { takeTurn } from '../../platform/turn';
import { ALWAYS, addProject, clientFor, homeOf } from '../../work/create-project';
import { knownWork } from '../../work/known-work';
import { readTasks, refuseForeign } from '../../work/outline';
import { holds } from './agreements';
import { agreedOf, goOn } from './go-on';

type Wish = BodyOf<Endpoints['copyProject']>;

/** A task of the project with the id that its copy has. */
interface Twin {
  readonly id: string;
  readonly own: string;
  readonly name: string;
}

/**
 * Makes a project like one that one sees, with what one chooses of it.
 * @throws the problems `scope-unknown`, `client-unknown`, `client-archived`, `client-exists`, `project-exists`,
 *   `copy-not-yours`, `work-internal`, `agreement-missing`, `agreement-elsewhere`
 */
export async function copyProject(context: Context, of: string, { id, name, client: meant, along }: Wish): Promise<LaidDown> {
  const { tx } = context;
  // Nothing else is agreed meanwhile, and no two have one name or one code.
  await holdRules(context);
  await takeTurn(context, 'work');
  const { facts, client: theirs } = await readProject(context, of);
  await refuseTaking(context, of, along);
  const client = meant && (await clientFor(context, meant));
  if (along.agreement && (client === null || theirs === null)) throw problem('work-internal');
  const home = await homeOf(context, client);
  const estimate = along.estimates ? facts.estimate : 0;
  const made = await addProject(context, { id, name: name.trim(), estimate, ...home });
  const twins = along.tasks ? await copyTasks(context, of, id, along.estimates) : [];
  if (along.agreement) await copyAgreed(context, of, id, home.currency, twins);
  if (along.whoRecords) await takeNamed.run({ of, to: id }, tx);
  if (along.notes) await takeNotes.run({ to: id, notes: facts.notes }, tx);
  const { projects, tasks } = await knownWork(context, { projects: [id], tasks: twins.map(({ own }) => own) });
  const own = twins.map((task) => task.name).join(', ');
  const after = {
    name: made.name,
    code: made.code,
    client: client?.name ?? null,
    copyOf: facts.name,
    ...(own && { tasks: own }),
  };
  await audit(context, 'project copied', [{ kind: 'project', id, after }]);
  return { client, projects, tasks };
}

/** What is agreed is taken along by those who agree it, and who records by those who say so. @throws the problem `copy-not-yours` */
async function refuseTaking(context: Context, of: string, { agreement, whoRecords }: Wish['along']): Promise<void> {
  const reach = context.actor.rights['agreements.change'] ?? 'none';
  const money = { reach, asker: context.actor.personId, project: of };
  if (agreement && (await projectWithMoney.run(money, context.tx)).length === 0) throw problem('copy-not-yours');
  if (whoRecords) await refuseForeign(context, of, 'copy-not-yours');
}

/** All tasks of a project, as open ones of another. */
async function copyTasks(context: Context, of: string, to: string, estimates: boolean): Promise<Twin[]> {
  const tasks = await readTasks(context, [of]);
  const own = new Map(tasks.map((task) => [task.id, newId()]));
  const copies = tasks.map(({ id, parentId, kind, name, place, estimate }) => ({
    ...{ id: own.get(id)!, projectId: to, parentId: parentId && own.get(parentId)!, kind, name, place },
    ...{ estimate: estimates ? estimate : 0, open: true },
  }));
  await addOutlineTasks.run({ firm: context.firm.id, tasks: json(copies) }, context.tx);
  return tasks.map(({ id, name }) => ({ id, own: own.get(id)!, name }));
}

/** What is agreed today, with the rates that hold today. @throws the problems `agreement-missing`, `agreement-elsewhere` */
async function copyAgreed(context: Context, of: string, to: string, currency: string, twins: readonly Twin[]): Promise<void> {
  const { tx } = context;
  const on = today(context);
  const all = await agreedOf(tx, [of, to]);
  const agreed = all.find((one) => one.projectId === of && holds(one, on));
  if (!agreed) throw problem('agreement-missing');
  if (agreed.currency !== currency) throw problem('agreement-elsewhere', { currency: agreed.currency });
  // In place of the usual terms with which it was made.
  await dropAgreement.run({ id: all.find((one) => one.projectId === to)!.id }, tx);
  await goOn(context, ALWAYS, [{ ...agreed, id: newId(), projectId: to, validTo: null, of: null }]);
  await takeRates.run({ of, to, on, from: ALWAYS, tasks: json(twins) }, tx);
}
