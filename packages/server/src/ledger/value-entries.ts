import {
  BillingMethod,
  LoadedRate,
  Overhead,
  RateRule,
  RatedWork,
  RoundingRule,
  Seconds,
  TaxCategory,
  Valuation,
  loadedRate,
  rate,
  roundTogether,
  seconds,
  valueEntry,
} from '@yellowwood/core';
import { agreementsOf, labourRatesOf, rateRulesFor, taskPaths, workFacts } from '../generated/ledger/value-entries.queries';
import { Context } from '../platform/context';
import { readExchange } from '../rates/exchange';

/** What an entry says about itself, as far as its value and cost depend on it. */
export interface Valued {
  readonly id: string;
  readonly personId: string;
  readonly workDate: string;
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly quantity: number;
  readonly billable: boolean;
  /** A rate typed on this entry; null where rules decide. */
  readonly typedRate: number | null;
}

/** Facts of the projects, services, people and rules that some entries touch, read once. */
export interface ValuationBasis {
  readonly projects: ReadonlyMap<string, ProjectFacts>;
  readonly services: ReadonlyMap<string, ServiceFacts>;
  value(entries: readonly Valued[]): Map<string, EntryValuation>;
}

export interface ProjectFacts {
  readonly id: string;
  readonly clientId: string | null;
  readonly open: boolean;
  readonly billable: boolean;
  readonly taxCategory: TaxCategory | null;
  readonly recordableBy: ReadonlySet<string> | null;
}

export interface ServiceFacts {
  readonly id: string;
  readonly kind: 'direct' | 'indirect' | 'leave';
  readonly billable: boolean;
  readonly taxCategory: TaxCategory;
}

export interface EntryValuation extends Valuation {
  readonly clientId: string | null;
  readonly taxCategory: TaxCategory | null;
  readonly method: BillingMethod | null;
  readonly rounding: RoundingRule | null;
  readonly work: RatedWork;
  readonly loaded: LoadedRate | null;
}

/** Reads what the valuation of entries needs: five queries, however many entries there are. */
export async function valuationBasis(context: Context, entries: readonly Valued[]): Promise<ValuationBasis> {
  const ids = (pick: (entry: Valued) => string | null) => [
    ...new Set(entries.map(pick).filter((id): id is string => id !== null)),
  ];
  const projectIds = ids((entry) => entry.projectId);
  const people = ids((entry) => entry.personId);
  const { tx, firm } = context;
  const facts = await workFacts.run({ projects: projectIds }, tx);
  const agreements = await agreementsOf.run({ projects: projectIds }, tx);
  const paths = await taskPaths.run({ tasks: ids((entry) => entry.taskId) }, tx);
  const labour = await labourRatesOf.run({ people }, tx);
  const rules: RateRule[] =
    projectIds.length === 0
      ? []
      : (await rateRulesFor.run({ projects: projectIds, people }, tx)).map((row) => ({ ...row, rate: rate(row.rate) }));

  const foreign = agreements.some((row) => row.currency !== firm.currency);
  const exchange = foreign ? await readExchange(tx, firm.currency) : null;

  const projects = new Map<string, ProjectFacts>();
  const services = new Map<string, ServiceFacts>();
  for (const row of facts) {
    if (row.what === 'project') {
      projects.set(row.id, {
        id: row.id,
        clientId: row.clientId,
        open: row.open,
        billable: row.billable,
        taxCategory: row.taxCategory as TaxCategory | null,
        recordableBy: row.restricted ? new Set(row.people) : null,
      });
    } else {
      services.set(row.id, {
        id: row.id,
        kind: row.kind as ServiceFacts['kind'],
        billable: row.billable,
        taxCategory: row.taxCategory as TaxCategory,
      });
    }
  }
  const pathOf = new Map(paths.map((row) => [row.id, row.path]));
  const holds = (row: { validFrom: string; validTo: string | null }, date: string) =>
    row.validFrom <= date && (row.validTo === null || row.validTo >= date);

  function loadedOn(personId: string, date: string): LoadedRate | null {
    const pay = labour.find((row) => row.what === 'pay' && row.personId === personId && holds(row, date));
    if (!pay) return null;
    const extra = labour.find((row) => row.what !== 'pay' && row.personId === personId && holds(row, date));
    const overhead: Overhead | null = !extra
      ? null
      : extra.what === 'percent'
        ? { kind: 'percent', percent: extra.value as never }
        : { kind: 'per-hour', rate: rate(extra.value) };
    return loadedRate(rate(pay.value), overhead);
  }

  const positionOf = new Map(labour.map((row) => [row.personId, row.positionId]));

  function agreementOn(entry: Valued) {
    const row = agreements.find((one) => one.projectId === entry.projectId && holds(one, entry.workDate));
    if (!row) return null;
    const rounding: RoundingRule = {
      increment: row.increment,
      mode: row.mode as RoundingRule['mode'],
      unit: row.unit as RoundingRule['unit'],
      minimum: row.minimum,
    };
    return { method: row.method as BillingMethod, currency: row.currency, rounding };
  }

  function value(list: readonly Valued[]): Map<string, EntryValuation> {
    const together = roundedByDay(list, (entry) => agreementOn(entry)?.rounding ?? null);
    return new Map(
      list.map((entry) => {
        const project = entry.projectId ? projects.get(entry.projectId) : undefined;
        const service = entry.serviceId ? services.get(entry.serviceId) : undefined;
        const agreement = agreementOn(entry);
        const work: RatedWork = {
          date: entry.workDate,
          currency: agreement?.currency ?? firm.currency,
          clientId: project?.clientId ?? null,
          projectId: entry.projectId,
          taskPath: entry.taskId ? (pathOf.get(entry.taskId) ?? [entry.taskId]) : [],
          serviceId: entry.serviceId,
          positionId: positionOf.get(entry.personId) ?? null,
          personId: entry.personId,
        };
        const loaded = loadedOn(entry.personId, entry.workDate);
        const valued = valueEntry({
          quantity: seconds(entry.quantity),
          billable: entry.billable,
          agreement,
          rules,
          work,
          typedRate: entry.typedRate === null ? null : rate(entry.typedRate),
          loaded,
          firmCurrency: firm.currency,
          exchangeRate: exchange?.rateOn(work.currency, entry.workDate) ?? null,
          roundedTogether: together.get(entry.id) ?? null,
        });
        return [
          entry.id,
          {
            ...valued,
            clientId: project?.clientId ?? null,
            taxCategory: project?.taxCategory ?? service?.taxCategory ?? null,
            method: agreement?.method ?? null,
            rounding: agreement?.rounding ?? null,
            work,
            loaded,
          },
        ];
      }),
    );
  }

  return { projects, services, value };
}

/** Shares of roundings over a person's day on one task, for the agreements that round so. */
function roundedByDay(entries: readonly Valued[], ruleOf: (entry: Valued) => RoundingRule | null): Map<string, Seconds> {
  const groups = new Map<string, { rule: RoundingRule; entries: Valued[] }>();
  for (const entry of entries) {
    const rule = entry.billable ? ruleOf(entry) : null;
    if (rule?.unit !== 'day') continue;
    const key = [entry.personId, entry.workDate, entry.projectId, entry.taskId].join(' ');
    const group = groups.get(key) ?? { rule, entries: [] };
    group.entries.push(entry);
    groups.set(key, group);
  }
  const shares = new Map<string, Seconds>();
  for (const { rule, entries: group } of groups.values()) {
    const ordered = [...group].sort((a, b) => a.id.localeCompare(b.id));
    const rounded = roundTogether(
      ordered.map((entry) => seconds(entry.quantity)),
      rule,
    );
    ordered.forEach((entry, index) => shares.set(entry.id, rounded[index]!));
  }
  return shares;
}
