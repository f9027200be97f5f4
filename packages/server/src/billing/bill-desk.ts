import { Minor, minor, paidPart } from '@yellowwood/core';
import { BillDesk, Entry, ToBillList } from '@yellowwood/contracts';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { entriesById } from '../time/select-entries';
import { resolveScope, scopeParameters } from '../work/scope';
import {
  billedByProject,
  deskEntries,
  deskProjects,
  deskRest,
  draftsOf,
  toBillProjects,
  unpricedEntries,
} from './queries.queries';

function who(context: Context) {
  return { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId };
}

/** Projects with approved time to bill, the oldest first. */
export async function listToBill(context: Context, scopeText: string | undefined, upTo: string): Promise<ToBillList> {
  const scope = await resolveScope(context, scopeText);
  return { upTo, projects: await toBillProjects.run({ ...who(context), upTo, ...scopeParameters(scope) }, context.tx) };
}

/** Billable entries that no rule prices, whatever their stage: the oldest hundred. */
export async function listUnpriced(
  context: Context,
  scopeText: string | undefined,
): Promise<{ entries: Entry[]; count: number }> {
  const scope = await resolveScope(context, scopeText);
  const rows = await unpricedEntries.run(
    { reach: reachOf(context, 'values.read'), asker: context.actor.personId, ...scopeParameters(scope) },
    context.tx,
  );
  return {
    entries: await entriesById(
      context,
      rows.map((row) => row.id),
    ),
    count: rows[0]?.count ?? 0,
  };
}

/** What can be billed to a client, for all of its projects or for one, and what cannot, and why. */
export async function readBillDesk(context: Context, scopeText: string, upTo: string): Promise<BillDesk> {
  const scope = await resolveScope(context, scopeText);
  if (scope.all || scope.kind === 'department') throw problem('scope-unknown');
  const { projects, anyTask, tasks } = scope;
  const rows = await deskProjects.run(
    { reach: reachOf(context, 'work.read'), asker: context.actor.personId, projects, upTo },
    context.tx,
  );
  const client = rows.find((row) => row.clientId !== null);
  if (!client) throw problem('scope-unknown');
  const billed = await billedByProject.run({ projects }, context.tx);
  const [rest] = await deskRest.run({ ...who(context), projects, anyTask, tasks, upTo }, context.tx);
  return {
    clientId: client.clientId!,
    clientName: client.clientName!,
    currency: client.currency!,
    upTo,
    projects: rows.map((row) => {
      const own = billed.filter((one) => one.projectId === row.id);
      // Credited documents and their credit notes cancel out and are neither billed nor paid.
      const paid = own
        .filter((one) => one.kind === 'invoice' && one.credited === 0)
        .reduce((sum, one) => sum + paidPart(minor(one.net), minor(one.settled), minor(one.gross)), 0);
      return {
        id: row.id,
        name: row.name,
        method: row.method,
        limit: row.limit,
        billedNet: own.reduce((sum, one) => sum + one.net, 0) as Minor,
        paidNet: paid,
        submittedMinor: row.submittedMinor,
      };
    }),
    entries: await deskEntries.run({ ...who(context), projects, anyTask, tasks, upTo }, context.tx),
    notHere: rest!,
    drafts: await draftsOf.run({ client: client.clientId!, projects }, context.tx),
  };
}
