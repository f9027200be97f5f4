import { DateText, Rate } from '../firm/units';

/** A dated billing rate. Everything that it names must equal the entry's for it to match. */
export interface RateRule {
  readonly id: string;
  readonly clientId: string | null;
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly positionId: string | null;
  readonly personId: string | null;
  readonly currency: string;
  readonly rate: Rate;
  readonly validFrom: DateText;
  /** Last day, included; null while open. */
  readonly validTo: DateText | null;
}

/** What an entry brings to the question of its rate. */
export interface RatedWork {
  readonly date: DateText;
  readonly currency: string;
  readonly clientId: string | null;
  readonly projectId: string | null;
  /** The task and its ancestors, nearest first. */
  readonly taskPath: readonly string[];
  readonly serviceId: string | null;
  readonly positionId: string | null;
  readonly personId: string;
}

export type LossReason =
  | 'other-currency'
  | 'not-yet-valid'
  | 'no-longer-valid'
  | 'wider-scope'
  | 'wider-labour'
  | 'other-client'
  | 'other-project'
  | 'other-task'
  | 'other-service'
  | 'other-position'
  | 'other-person';

export interface Loser {
  readonly rule: RateRule;
  readonly reason: LossReason;
}

/** Which rule won, and why the others lost. Without a winner the entry is unpriced. */
export interface RateResolution {
  readonly winner: RateRule | null;
  readonly losers: readonly Loser[];
}

/**
 * How narrow the work scope of a rule is for an entry: a task above all, the nearest ancestor first,
 * then project, client, firm. Greater is narrower.
 */
function scopeRank(rule: RateRule, work: RatedWork): number {
  if (rule.taskId) return 1000 - work.taskPath.indexOf(rule.taskId);
  if (rule.projectId) return 2;
  return rule.clientId ? 1 : 0;
}

/** How narrow the labour of a rule is: person and service, person, position and service, position, service, none. */
function labourRank(rule: RateRule): number {
  if (rule.personId) return rule.serviceId ? 5 : 4;
  if (rule.positionId) return rule.serviceId ? 3 : 2;
  return rule.serviceId ? 1 : 0;
}

function mismatch(rule: RateRule, work: RatedWork): LossReason | null {
  if (rule.clientId && rule.clientId !== work.clientId) return 'other-client';
  if (rule.projectId && rule.projectId !== work.projectId) return 'other-project';
  if (rule.taskId && !work.taskPath.includes(rule.taskId)) return 'other-task';
  if (rule.serviceId && rule.serviceId !== work.serviceId) return 'other-service';
  if (rule.positionId && rule.positionId !== work.positionId) return 'other-position';
  if (rule.personId && rule.personId !== work.personId) return 'other-person';
  if (rule.currency !== work.currency) return 'other-currency';
  if (work.date < rule.validFrom) return 'not-yet-valid';
  if (rule.validTo !== null && work.date > rule.validTo) return 'no-longer-valid';
  return null;
}

/**
 * Which rate rule prices a piece of work: the most specific work scope wins, within it the most
 * specific labour, and nothing else decides. Two rules of the same scope, labour and currency cannot
 * hold on one day (the database refuses them), so there is never a tie.
 */
export function resolveRate(rules: readonly RateRule[], work: RatedWork): RateResolution {
  const matching: RateRule[] = [];
  const losers: Loser[] = [];
  for (const rule of rules) {
    const reason = mismatch(rule, work);
    if (reason) losers.push({ rule, reason });
    else matching.push(rule);
  }
  matching.sort((a, b) => scopeRank(b, work) - scopeRank(a, work) || labourRank(b) - labourRank(a));
  const winner = matching[0] ?? null;
  for (const rule of matching.slice(1)) {
    const wider = winner && scopeRank(rule, work) < scopeRank(winner, work);
    losers.push({ rule, reason: wider ? 'wider-scope' : 'wider-labour' });
  }
  return { winner, losers };
}

/**
 * The firm's own rate for a piece of work: what it would charge without an agreement with anybody. Only rules
 * for the whole firm count, in the firm's currency.
 */
export function firmsOwnRate(rules: readonly RateRule[], work: RatedWork, firmCurrency: string): Rate | null {
  const forAll = rules.filter((rule) => !rule.clientId && !rule.projectId && !rule.taskId);
  return resolveRate(forAll, { ...work, currency: firmCurrency }).winner?.rate ?? null;
}

/**
 * The losers that a person can learn from: those that would have matched this work but for their
 * scope, labour, dates or currency, the narrowest first. A rule about another person says nothing.
 */
export function tellingLosers(resolution: RateResolution, work: RatedWork): Loser[] {
  const telling: readonly LossReason[] = ['wider-scope', 'wider-labour', 'not-yet-valid', 'no-longer-valid', 'other-currency'];
  return resolution.losers
    .filter((loser) => telling.includes(loser.reason))
    .sort((a, b) => scopeRank(b.rule, work) - scopeRank(a.rule, work) || labourRank(b.rule) - labourRank(a.rule));
}
