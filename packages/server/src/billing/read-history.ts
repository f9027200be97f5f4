import { HistoryEvent } from '@yellowwood/contracts';
import { Reach } from '@yellowwood/core';
import { invoiceInReach } from '../generated/billing/invoices/invoice.queries';
import { goneInReach, historyOf, namesOfWork, personHere, workLookedAfter } from '../generated/billing/read-history.queries';
import { entriesById } from '../ledger/read-entries';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';

const REFERENCES: Readonly<Record<string, string>> = {
  projectId: 'project',
  taskId: 'task',
  serviceId: 'service',
  personId: 'person',
  project: 'project',
  task: 'task',
  service: 'service',
  enteredBy: 'entered by',
};

/**
 * The history of an entry, deleted ones too, of a project or client, an invoice, a person, a team, a role, a position, a department or the firm itself: who did what and when, with what changed. Money is left out
 * for readers without the right to it, ids are given their names.
 */
export async function readHistory(context: Context, id: string): Promise<{ events: HistoryEvent[] }> {
  const money = await refuseUnseen(context, id);
  const rows = await historyOf.run({ id }, context.tx);
  const facts = rows.map((row) => ({
    before: shown(row.before, money && row.moneyBefore),
    after: shown(row.after, money && row.moneyAfter),
  }));
  const names = await nameEverything(
    context,
    facts.flatMap((fact) => [fact.before, fact.after]),
  );
  return {
    events: rows.map((row, index) => {
      const [before, after] = onlyChanges(facts[index]!.before, facts[index]!.after);
      return {
        id: row.id,
        at: row.at,
        by: row.by,
        action: row.action,
        reason: row.reason,
        before: named(before, names),
        after: named(after, names),
      };
    }),
  };
}

type Facts = Record<string, unknown>;

/** @returns whether the reader sees the money of it @throws the problem `subject-unknown` */
async function refuseUnseen(context: Context, id: string): Promise<boolean> {
  const asker = context.actor.personId;
  const { rights } = context.actor;
  if (rights['firm.change'] && id === context.firm.id) return rights['values.read'] === 'firm';
  if (rights['people.change'] && (await personHere.run({ id }, context.tx)).length > 0) return rights['pay.read'] === 'firm';
  // Of projects and clients, by whoever may read their whole history.
  const looksAfter = async (reach: Reach | undefined) =>
    reach !== undefined && (await workLookedAfter.run({ id, reach, asker }, context.tx)).length > 0;
  if (await looksAfter(rights['history.read'])) return looksAfter(rights['values.read']);
  const [entry] = await entriesById(context, [id]);
  if (entry) return entry.value !== undefined;
  // What was deleted is read by whoever could read it before, and its money by whoever could read that.
  const gone = async (reach: Reach | undefined) =>
    reach !== undefined && (await goneInReach.run({ id, reach, asker }, context.tx)).length > 0;
  if (await gone(reachOf(context, 'time.read'))) return gone(rights['values.read']);
  const reach = rights['invoices.read'];
  const seen = reach ? await invoiceInReach.run({ id, reach, asker }, context.tx) : [];
  if (seen.length === 0) throw problem('subject-unknown');
  return true;
}

function shown(facts: unknown, money: unknown): Facts | null {
  if (!facts) return null;
  return { ...(facts as Facts), ...((money || null) as Facts | null) };
}

function onlyChanges(before: Facts | null, after: Facts | null): [Facts | null, Facts | null] {
  if (!before || !after) return [before, after];
  // What amounts are in is told with them: nobody reads a sum without it.
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter(
    (key) => key === 'currency' || JSON.stringify(before[key]) !== JSON.stringify(after[key]),
  );
  const pick = (facts: Facts) => Object.fromEntries(keys.map((key) => [key, facts[key] ?? null]));
  return [pick(before), pick(after)];
}

async function nameEverything(context: Context, facts: readonly (Facts | null)[]): Promise<Map<string, string>> {
  const ids = new Set<string>();
  for (const fact of facts) for (const key of Object.keys(REFERENCES)) if (typeof fact?.[key] === 'string') ids.add(fact[key]);
  const rows = ids.size === 0 ? [] : await namesOfWork.run({ ids: [...ids] }, context.tx);
  return new Map(rows.map((row) => [row.id, row.name]));
}

function named(facts: Facts | null, names: ReadonlyMap<string, string>): Facts | null {
  if (!facts) return null;
  return Object.fromEntries(
    Object.entries(facts)
      .filter(([key]) => key !== 'id' && key !== 'rateRuleId')
      .map(([key, value]) =>
        key in REFERENCES ? [REFERENCES[key]!, typeof value === 'string' ? (names.get(value) ?? value) : value] : [key, value],
      ),
  );
}
