import { MadeProject, NewProject } from '@yellowwood/contracts';
import { codeOf } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import {
  addAgreement,
  addClient,
  addProjectRow,
  clientNamed,
  clientOf,
  codesAndCount,
  firstDepartment,
  firstState,
  projectNamed,
} from '../generated/work/create-project.queries';
import { wordsOfFirm } from '../generated/firm/words.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';

/** Days in which a new client pays, until somebody says otherwise: common practice. */
export const USUAL_DAYS = 30;
/** Tones that a project may have; they come in turn. */
const TONES = 12;
/** From when on holds what has always held: the terms of a project, whenever its work was done. */
export const ALWAYS = '2000-01-01';

/** A project as it is added: for a client, or for a department of the firm. */
interface Added {
  readonly id: string;
  readonly name: string;
  readonly clientId: string | null;
  readonly departmentId: string | null;
  readonly currency: string;
  /** The time that it is thought to take, in seconds; 0 where none was said. */
  readonly estimate?: number;
}

/** Adds a project with the usual terms: by time and rates for a client, internal otherwise. Who adds it manages it. */
export async function addProject(
  context: Context,
  { id, name, clientId, departmentId, currency, estimate = 0 }: Added,
): Promise<MadeProject['project']> {
  const { tx, firm, actor } = context;
  const [twin] = await projectNamed.run({ name, client: clientId }, tx);
  if (twin) throw problem('project-exists', { name });
  const [others] = await codesAndCount.run(undefined, tx);
  const code = codeOf(name, new Set(others!.codes ?? []));
  const tone = (others!.count % TONES) + 1;
  const billable = clientId !== null;
  const manager = actor.personId;
  const [state] = await firstState.run(undefined, tx);
  await addProjectRow.run(
    {
      ...{ firm: firm.id, id, client: clientId, department: departmentId, name, code, tone, state: state!.id },
      ...{ manager, billable, estimate },
    },
    tx,
  );
  const method = billable ? 'time and materials' : 'internal';
  await addAgreement.run({ id: newId(), project: id, method, currency, validFrom: ALWAYS }, tx);
  const [chosen] = await wordsOfFirm.run(undefined, tx);
  const shown = chosen!.workText === 'code' ? code : name;
  return {
    ...{ id, clientId, departmentId, name, shown, code, orderReference: '', tone, billable, managerId: manager },
    ...{ state: state!.name, open: true, takesTime: true, named: null, archived: false },
    ...{ startsOn: null, endsOn: null, complete: null },
  };
}

/** The client that was meant, made where it was named. @throws the problems `client-unknown`, `client-archived`, `client-exists` */
export async function clientFor(
  context: Context,
  { id, name }: NonNullable<NewProject['client']>,
): Promise<MadeProject['client'] & {}> {
  const { tx, firm } = context;
  if (name === undefined) {
    const [known] = await clientOf.run({ id }, tx);
    if (!known) throw problem('client-unknown');
    if (known.archived) throw problem('client-archived', { name: known.name });
    return known;
  }
  const client = { id, name: name.trim(), currency: firm.currency, archived: false };
  const [twin] = await clientNamed.run({ name: client.name }, tx);
  if (twin) throw problem('client-exists');
  await addClient.run(
    { firm: firm.id, id, name: client.name, country: firm.country, currency: client.currency, days: USUAL_DAYS },
    tx,
  );
  await audit(context, 'client made', [{ kind: 'client', id, after: { name: client.name, currency: client.currency } }]);
  return client;
}

/** Where a project belongs, and what it is reckoned in: with a client, or with the first department of the firm. */
export async function homeOf(
  { tx, firm }: Context,
  client: MadeProject['client'],
): Promise<Omit<Added, 'id' | 'name' | 'estimate'>> {
  const [department] = client ? [] : await firstDepartment.run(undefined, tx);
  return { clientId: client?.id ?? null, departmentId: department?.id ?? null, currency: client?.currency ?? firm.currency };
}

/**
 * Makes a project, and its client where it is new.
 * @throws the problems `client-unknown`, `client-archived`, `client-exists`, `project-exists`
 */
export async function createProject(context: Context, { id, name, client: meant }: NewProject): Promise<MadeProject> {
  // So that no two have one name or one code.
  await takeTurn(context, 'work');
  const client = meant && (await clientFor(context, meant));
  const project = await addProject(context, { id, name: name.trim(), ...(await homeOf(context, client)) });
  await audit(context, 'project made', [
    { kind: 'project', id, after: { name: project.name, code: project.code, client: client?.name ?? null } },
  ]);
  return { project, client };
}
