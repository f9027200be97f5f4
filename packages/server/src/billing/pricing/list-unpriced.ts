import { Entry } from '@yellowwood/contracts';
import { unpricedEntries } from '../../generated/billing/pricing/list-unpriced.queries';
import { entriesById } from '../../ledger/read-entries';
import { Context, reachOf } from '../../platform/context';
import { resolveScope, scopeParameters } from '../../work/scope';

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
