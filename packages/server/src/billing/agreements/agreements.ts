import { AgreedTerms, BodyOf, Endpoints, KnownAgreements } from '@yellowwood/contracts';
import { addDays, differs } from '@yellowwood/core';
import { descending } from 'd3-array';
import {
  addRule,
  deferRules,
  dropAgreement,
  dropRule,
  endRule,
  isAgreementBilled,
  isRuleBilled,
  projectWithMoney,
  ratesOfProject,
  timeSince,
  usedOfProject,
} from '../../generated/billing/agreements/agreements.queries';
import { holdRules } from '../../ledger/locks';
import { isOnDocument, priceAnew, refuseUnseen, storePriced } from '../../ledger/price-anew';
import { lockRows } from '../../ledger/rows';
import { audit } from '../../platform/audit';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';
import { agreedOf, goOn } from './go-on';

type Wish = BodyOf<Endpoints['changeAgreement']>;

const TERMS = ['method', 'limit', 'increment', 'mode', 'unit', 'minimum', 'decimalPlaces'] as const;

/** What is agreed of a project, and was. @throws the problem `project-unknown` */
export async function readAgreements(context: Context, project: string): Promise<KnownAgreements> {
  await seenProject(context, project, 'values.read');
  return agreed(context, project);
}

/** @throws the problem `project-unknown`, where its money is not theirs to see */
async function seenProject(context: Context, project: string, right: 'values.read' | 'agreements.change') {
  const who = { reach: reachOf(context, right), asker: context.actor.personId };
  const [known] = await projectWithMoney.run({ ...who, project }, context.tx);
  if (!known) throw problem('project-unknown');
  return known;
}

async function agreed({ tx }: Context, project: string): Promise<KnownAgreements> {
  const used = new Map((await usedOfProject.run({ project }, tx)).map((row) => [row.currency, row.used]));
  const agreements = (await agreedOf(tx, [project]))
    .map(({ projectId: _, ...row }) => ({ ...row, used: used.get(row.currency)! }))
    .sort((a, b) => descending(a.validFrom, b.validFrom));
  return { agreements, rates: await ratesOfProject.run({ project }, tx) };
}

/**
 * Agrees something else of a project from a day on, all that is not said the same. What was billed before counts, and the
 * limit that holds on a document's date applies to earlier work too. Unbilled time from that day on is priced anew.
 * @throws the problems `project-unknown`, `work-internal`, `agreement-missing`, `agreement-begins-then`,
 *   `nothing-to-change`, `day-locked`, `effect-unseen`, `effect-changed`
 */
export async function changeAgreement(context: Context, project: string, wish: Wish): Promise<KnownAgreements> {
  const { tx } = context;
  const { validFrom: from } = wish;
  // Whoever records, bills or decides on a limit holds the rules, too.
  await holdRules(context, 'exclusive');
  const { clientId } = await seenProject(context, project, 'agreements.change');
  if (clientId === null) throw problem('work-internal');
  const known = await agreed(context, project);
  const before = known.agreements.find((one) => holds(one, from));
  if (!before) throw problem('agreement-missing');
  const said = TERMS.filter((term) => wish[term] !== undefined).map((term) => [term, wish[term]]);
  const after = { ...termsOf(before), ...(Object.fromEntries(said) as Partial<AgreedTerms>) };
  const changesTerms = differs<AgreedTerms>(termsOf(before), after, TERMS);
  const ruleNow = ruleOf(known, after.currency, from);
  const changesRate = wish.rate !== undefined && (ruleNow?.rate ?? null) !== wish.rate;
  if (!changesTerms && !changesRate) throw problem('nothing-to-change');

  const entries = await timeSince.run({ project, from }, tx);
  const rows = await lockRows(
    context,
    entries.map((entry) => entry.id),
  );
  if (changesTerms)
    await cutAgreement(context, before, { ...after, id: wish.id, projectId: project, validTo: before.validTo }, from);
  if (changesRate) await cutRule(context, { known, project, currency: after.currency }, wish);
  const priced = await priceAnew(context, rows, {});
  await refuseUnseen(context, notOnDocuments(priced), { seen: wish.seen ?? null, asks: false, showsMoney: true });
  const subjects = await storePriced(context, priced);
  const money = ({ limit, currency }: AgreedTerms, rate: number | null | undefined) => ({
    ...{ limit, currency },
    ...(changesRate && { rate: rate ?? null }),
  });
  const facts = ({ limit: _, currency: __, ...terms }: AgreedTerms, agreedFrom: string | null) => ({ ...terms, agreedFrom });
  await audit(
    context,
    'agreement changed',
    [
      {
        ...{ kind: 'project' as const, id: project },
        ...{ before: facts(termsOf(before), null), after: facts(after, from) },
        ...{ moneyBefore: money(termsOf(before), ruleNow?.rate), moneyAfter: money(after, wish.rate) },
      },
      ...subjects,
    ],
    wish.reason,
  );
  return agreed(context, project);
}

function termsOf(row: AgreedTerms | KnownAgreements['agreements'][number]): AgreedTerms {
  return Object.fromEntries([...TERMS, 'currency' as const].map((term) => [term, row[term]])) as unknown as AgreedTerms;
}

/** Whether what is dated holds on a day. */
export function holds(
  { validFrom, validTo }: { readonly validFrom: string; readonly validTo: string | null },
  day: string,
): boolean {
  return validFrom <= day && (validTo === null || validTo >= day);
}

function ruleOf({ rates }: KnownAgreements, currency: string, day: string) {
  return rates.find((rule) => rule.currency === currency && holds(rule, day));
}

/** Cuts an agreement's days from one on out of it. What nothing is billed by goes where none of its days is left. */
async function cutAgreement(
  context: Context,
  { id, validFrom }: KnownAgreements['agreements'][number],
  later: AgreedTerms & { readonly id: string; readonly projectId: string; readonly validTo: string | null },
  from: string,
): Promise<void> {
  const isWhole = validFrom === from;
  if (isWhole) {
    const [lines] = await isAgreementBilled.run({ id }, context.tx);
    if (lines!.billed) throw problem('agreement-begins-then');
    await dropAgreement.run({ id }, context.tx);
  }
  await goOn(context, from, [{ ...later, of: isWhole ? null : id }]);
}

/** The same for the project's own rate: until the next that is agreed. */
async function cutRule(
  { tx, firm }: Context,
  { known, project, currency }: { readonly known: KnownAgreements; readonly project: string; readonly currency: string },
  { id, validFrom: from, rate, reason }: Wish,
): Promise<void> {
  const now = ruleOf(known, currency, from);
  const next = known.rates.filter((rule) => rule.currency === currency && rule.validFrom > from).at(-1);
  if (now?.validFrom === from) {
    const [entries] = await isRuleBilled.run({ id: now.id }, tx);
    if (entries!.billed) throw problem('agreement-begins-then');
    // Time that it prices is priced anew before the transaction ends.
    await deferRules.run(undefined, tx);
    await dropRule.run({ id: now.id }, tx);
  } else if (now) await endRule.run({ id: now.id, last: addDays(from, -1) }, tx);
  if (rate === null || rate === undefined) return;
  const to = now ? now.validTo : next ? addDays(next.validFrom, -1) : null;
  await addRule.run({ firm: firm.id, id, project, currency, rate, from, to, reason }, tx);
}

function notOnDocuments({ before, after }: Awaited<ReturnType<typeof priceAnew>>) {
  const stays = before.map(isOnDocument);
  return { before: before.filter((_, index) => !stays[index]), after: after.filter((_, index) => !stays[index]) };
}
