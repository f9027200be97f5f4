import { ToBillList, ToBillProject } from '@yellowwood/contracts';
import { group, sum } from 'd3-array';
import {
  billedOfProjects,
  limitsInSight,
  overLimitInSight,
  toBillProjects,
} from '../../generated/billing/desk/list-to-bill.queries';
import { Context, today } from '../../platform/context';
import { isWhole, resolveScope, scopeParameters } from '../../work/scope';
import { who } from '../invoices/who-reads';

/**
 * Projects with approved work to bill, the oldest first: what may be billed now, and what is over an agreed
 * limit, also where it stands on an invoice already and nobody has decided on it.
 */
export async function listToBill(context: Context, scopeText: string | undefined, upTo: string): Promise<ToBillList> {
  const scope = await resolveScope(context, scopeText);
  const day = today(context);
  const rows = await toBillProjects.run({ ...who(context), upTo, day, ...scopeParameters(scope) }, context.tx);
  // A sum over the limit belongs to a project as a whole.
  const waiting = isWhole(scope)
    ? await overLimitInSight.run({ ...who(context), all: scope.all, projects: scope.projects }, context.tx)
    : [];
  const projects = [...new Set([...rows, ...waiting].map((row) => row.projectId))];
  const limits = await limitsInSight.run({ ...who(context), day, projects }, context.tx);
  const billed = await billedOfProjects.run({ ...who(context), projects }, context.tx);
  const ofProject = <T extends { projectId: string; currency: string }>(
    list: readonly T[],
    row: { projectId: string; currency: string },
  ) => list.filter((one) => one.projectId === row.projectId && one.currency === row.currency);
  // A project whose money one may know is there without a currency when it has no document.
  const known = new Set(billed.map((row) => row.projectId));
  const billedNet = ({ projectId, currency }: { projectId: string; currency: string }) =>
    sum(
      billed.filter((one) => one.projectId === projectId && one.currency === currency),
      (one) => one.net,
    );
  const toRow = (row: Omit<ToBillProject, 'limit' | 'billedNet'>): ToBillProject => ({
    ...row,
    over: row.over + sum(ofProject(waiting, row), (one) => one.waiting),
    limit: ofProject(limits, row)[0]?.limit ?? null,
    billedNet: known.has(row.projectId) ? billedNet(row) : null,
  });
  const listed = rows.map(toRow);
  const only = [...group(waiting, (one) => `${one.projectId} ${one.currency}`).values()]
    .map((lines) => lines[0]!)
    .filter((line) => ofProject(rows, line).length === 0)
    .map(({ projectId, projectName, clientId, clientName, currency, issuedOn }) =>
      toRow({
        projectId,
        projectName,
        clientId,
        clientName,
        currency,
        oldest: issuedOn,
        seconds: 0,
        ready: 0,
        over: 0,
        held: 0,
        unpriced: 0,
      }),
    );
  return { upTo, projects: [...listed, ...only] };
}
