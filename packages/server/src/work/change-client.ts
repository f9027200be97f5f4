import { BodyOf, ClientFacts, Endpoints, KnownClient } from '@yellowwood/contracts';
import { differs } from '@yellowwood/core';
import { clientToChange, projectsUnderWay, setClient } from '../generated/work/change-client.queries';
import { clientNamed } from '../generated/work/create-project.queries';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { USUAL_DAYS, clientFor } from './create-project';

const FACTS = ['name', 'address', 'country', 'email', 'taxId', 'paymentDays', 'archived'] as const;

/** A client whose facts one may change: any, or one that has a project of one's own. @throws the problem `scope-unknown` */
export async function readClient(context: Context, id: string): Promise<KnownClient> {
  const who = { reach: reachOf(context, 'work.change'), asker: context.actor.personId };
  const [row] = await clientToChange.run({ ...who, id }, context.tx);
  if (!row) throw problem('scope-unknown');
  const { id: own, currency, version, ...facts } = row;
  return { id: own, currency, version, facts };
}

/** Makes a client with nothing but a name. @throws the problem `client-exists` */
export async function createClient(context: Context, { id, name }: BodyOf<Endpoints['createClient']>): Promise<KnownClient> {
  await takeTurn(context, 'work');
  const { currency } = await clientFor(context, { id, name });
  const { country } = context.firm;
  const facts = { name: name.trim(), address: [], country, email: '', taxId: '', paymentDays: USUAL_DAYS, archived: false };
  return { id, currency, version: 1, facts };
}

/**
 * Changes what is said of a client.
 * @throws the problems `scope-unknown`, `version-stale`, `client-exists`, `client-under-way`, `nothing-to-change`
 */
export async function changeClient(context: Context, id: string, wish: ClientFacts, version: number): Promise<KnownClient> {
  await takeTurn(context, 'work');
  const before = await readClient(context, id);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after: ClientFacts = {
    ...{ name: wish.name.trim(), address: wish.address.map((line) => line.trim()).filter(Boolean), country: wish.country },
    ...{ email: wish.email.trim(), taxId: wish.taxId.trim(), paymentDays: wish.paymentDays },
    archived: wish.archived,
  };
  if (!differs(before.facts, after, FACTS)) throw problem('nothing-to-change');
  const [twin] = await clientNamed.run({ name: after.name }, context.tx);
  if (twin && twin.id !== id) throw problem('client-exists');
  if (after.archived && !before.facts.archived) await refuseUnderWay(context, id);
  await setClient.run({ id, ...after, address: [...after.address] }, context.tx);
  const told = (facts: ClientFacts) => ({ ...facts, address: facts.address.join(', ') });
  await audit(context, 'client changed', [{ kind: 'client', id, before: told(before.facts), after: told(after) }]);
  return { ...before, facts: after, version: version + 1 };
}

/** What is under way would be out of sight with its client. @throws the problem `client-under-way` */
async function refuseUnderWay({ tx }: Context, client: string): Promise<void> {
  const [held] = await projectsUnderWay.run({ client }, tx);
  if (held!.projects > 0) throw problem('client-under-way', { count: held!.projects });
}
