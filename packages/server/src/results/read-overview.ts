import { Overview } from '@yellowwood/contracts';
import { quarterOf, ratio, submissionPeriod } from '@yellowwood/core';
import { min, rollups, sum } from 'd3-array';
import {
  openInvoices,
  openRecorded,
  ownPeriod,
  ownReviewState,
  readyToBill,
  submittedInReach,
  waitingOverLimit,
} from '../generated/results/read-overview.queries';
import { plannedBetween, plannedTime } from '../people/planned-time';
import { Context, may, reachOf, today } from '../platform/context';
import { ScopeFilter, isWhole, mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import { TO_DATE, basisOfMoney, costBasis, earningsOfScope, judgedOf, readBasis } from './figures';

/** Where every hour stands, for a scope, within the reader's rights. */
export async function readOverview(context: Context, scopeText: string | undefined): Promise<Overview> {
  const scope = await resolveScope(context, scopeText);
  return {
    scope: scope.text,
    today: today(context),
    record: may(context, 'time.record') ? await recordFigure(context, scope) : null,
    review: await reviewFigure(context, scope),
    bill: may(context, 'invoices.read') ? await billFigure(context, scope) : null,
    collect: may(context, 'invoices.read') ? await collectFigure(context, scope) : null,
    results: may(context, 'results.read') ? await resultsFigure(context, scope) : null,
  };
}

async function recordFigure(context: Context, scope: ScopeFilter): Promise<Overview['record']> {
  const day = today(context);
  const { from, to } = submissionPeriod(day, context.firm.period);
  const person = context.actor.personId;
  const [own] = await ownPeriod.run({ person, from, to, ...scopeParameters(scope) }, context.tx);
  const planned = plannedBetween(await plannedTime(context.tx, [person], from, to), person, from, to);
  const reach = reachOf(context, 'time.read');
  const [open] = await openRecorded.run({ reach, asker: person, to: day, ...scopeParameters(scope) }, context.tx);
  return {
    from,
    to,
    recorded: own!.recorded,
    planned,
    open: open!.open,
    others: reach !== 'own',
    returned: own!.returned,
    returnedOn: own!.returnedOn,
  };
}

async function reviewFigure(context: Context, scope: ScopeFilter): Promise<Overview['review']> {
  const person = context.actor.personId;
  const reach = context.actor.rights['time.review'];
  if (reach) {
    const [waiting] = await submittedInReach.run({ reach, asker: person, ...scopeParameters(scope) }, context.tx);
    return { submitted: waiting!.submitted, people: waiting!.people, oldest: waiting!.oldest, own: null };
  }
  if (!may(context, 'time.record')) return null;
  const { from } = submissionPeriod(today(context), context.firm.period);
  const [own] = await ownReviewState.run({ person, from }, context.tx);
  const state = !own || own.state === 'open' ? 'open' : own.approved ? 'approved' : 'submitted';
  return { submitted: 0, people: 0, oldest: null, own: state };
}

async function billFigure(context: Context, scope: ScopeFilter): Promise<Overview['bill']> {
  const who = { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId };
  const rows = await readyToBill.run({ ...who, upTo: today(context), ...scopeParameters(scope) }, context.tx);
  const waiting = isWhole(scope)
    ? await waitingOverLimit.run({ ...who, all: scope.all, projects: scope.projects }, context.tx)
    : [];
  const inMoney = (sums: readonly (readonly [string | null, number])[]) =>
    rollups(
      sums as (readonly [string, number])[],
      (list) => sum(list, ([, minor]) => minor),
      ([currency]) => currency,
    );
  const figures = (sums: ReturnType<typeof inMoney>) =>
    [...sums].filter(([, minor]) => minor !== 0).map(([currency, minor]) => ({ currency, minor }));
  const money = may(context, 'values.read');
  const priced = rows.filter((row) => row.currency !== null);
  const over = [
    ...priced.map((row) => [row.currency, row.over] as const),
    ...waiting.map((row) => [row.currency, row.waiting] as const),
  ];
  return {
    ready: money ? figures(inMoney(priced.map((row) => [row.currency, row.ready] as const))) : [],
    over: money ? figures(inMoney(over)) : [],
    unpriced: sum(rows, (row) => row.unpriced),
    oldest: min(rows, (row) => row.oldest ?? undefined) ?? null,
  };
}

async function collectFigure(context: Context, scope: ScopeFilter): Promise<Overview['collect']> {
  const { all, projects, whose } = scope;
  return {
    open: await openInvoices.run(
      { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId, today: today(context), all, projects, whose },
      context.tx,
    ),
  };
}

async function resultsFigure(context: Context, scope: ScopeFilter): Promise<Overview['results']> {
  // A project is judged over its whole life, the firm and a client by the quarter.
  const quarter = { from: quarterOf(today(context)).from, to: today(context) };
  const span = scope.kind === 'project' || scope.kind === 'task' ? TO_DATE : quarter;
  const basis = await readBasis(context, scope, span);
  const money = mayKnowCost(context, scope) && may(context, 'values.read');
  const of = money ? await basisOfMoney(context, scope, span, basis) : basis;
  return {
    ...(span === TO_DATE ? { from: null, to: null } : quarter),
    margin: money ? (earningsOfScope(of, judgedOf(of), costBasis(context))?.margin ?? null) : null,
    billableShare: ratio(
      sum(basis.sums, (row) => row.billable),
      sum(basis.sums, (row) => row.seconds),
    ),
  };
}
