import { BillDesk } from '@yellowwood/contracts';
import { mayRelease, minor, paidPart } from '@yellowwood/core';
import { sum } from 'd3-array';
import { limitsInSight, overLimitInSight } from '../../generated/billing/desk/list-to-bill.queries';
import {
  billedByProject,
  deskEntries,
  deskProjects,
  deskRest,
  deskWrittenOff,
  draftsOf,
} from '../../generated/billing/desk/read-bill-desk.queries';
import { roomUnder } from '../../generated/billing/limits/over-limit.queries';
import { Context, reachOf, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { isWhole, resolveScope } from '../../work/scope';
import { who } from '../invoices/who-reads';

/** What can be billed to a client, for all of its projects or for one, and what cannot, and why. */
export async function readBillDesk(context: Context, scopeText: string, upTo: string): Promise<BillDesk> {
  const scope = await resolveScope(context, scopeText);
  if (scope.all || scope.kind === 'department') throw problem('scope-unknown');
  const { projects, anyTask, tasks } = scope;
  const reader = who(context);
  const day = today(context);
  const rows = await deskProjects.run(
    { reach: reachOf(context, 'work.read'), moneyReach: reader.reach, asker: reader.asker, projects, upTo },
    context.tx,
  );
  const client = rows.find((row) => row.clientId !== null);
  if (!client) throw problem('scope-unknown');
  const billed = await billedByProject.run({ ...reader, projects }, context.tx);
  const limits = await limitsInSight.run({ ...reader, day, projects }, context.tx);
  const work = { ...reader, projects, anyTask, tasks, upTo };
  const [rest] = await deskRest.run(work, context.tx);
  const waiting = isWhole(scope) ? await overLimitInSight.run({ ...reader, all: false, projects }, context.tx) : [];
  const room = waiting.length === 0 ? [] : await roomUnder.run({ day, projects }, context.tx);
  const roomFor = new Map(room.map((row) => [`${row.projectId} ${row.currency}`, row.room]));
  const off = await deskWrittenOff.run(work, context.tx);
  return {
    clientId: client.clientId!,
    clientName: client.clientName!,
    currency: client.currency!,
    upTo,
    projects: rows.map((row) => {
      const own = billed.filter((one) => one.projectId === row.id);
      // Credited documents and their credit notes cancel out and are neither billed nor paid.
      const paid = own.filter((one) => one.kind === 'invoice' && one.credited === 0);
      const limit = limits.find((one) => one.projectId === row.id && one.currency === row.currency);
      return {
        id: row.id,
        name: row.name,
        method: row.method,
        // Terms and money of projects beyond one's reach are not told.
        limit: limit?.limit ?? null,
        used: limit?.used ?? null,
        billedNet: row.money ? sum(own, (one) => one.net) : null,
        paidNet: row.money ? sum(paid, (one) => paidPart(minor(one.net), minor(one.settled), minor(one.gross))) : null,
        submittedMinor: row.money ? row.submittedMinor : null,
      };
    }),
    entries: (await deskEntries.run({ ...work, day }, context.tx)).map((row) => ({ ...row, kind: row.kind as 'time' })),
    overLimit: waiting.map(({ lineId, invoiceId, number, projectId, currency, total, waiting: open }) => ({
      lineId,
      invoiceId,
      number,
      projectId,
      currency,
      total,
      waiting: open,
      mayRelease: mayRelease(minor(open), minor(roomFor.get(`${projectId} ${currency}`) ?? open)),
    })),
    writtenOff: { count: off[0]?.count ?? 0, entries: off.map(({ count: _, ...entry }) => entry) },
    notHere: rest!,
    drafts: await draftsOf.run({ ...reader, client: client.clientId!, projects }, context.tx),
  };
}
