import { BillDesk } from '@yellowwood/contracts';
import { Minor, minor, paidPart } from '@yellowwood/core';
import {
  billedByProject,
  deskEntries,
  deskProjects,
  deskRest,
  draftsOf,
} from '../../generated/billing/desk/read-bill-desk.queries';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';
import { resolveScope } from '../../work/scope';
import { who } from '../invoices/who-reads';

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
