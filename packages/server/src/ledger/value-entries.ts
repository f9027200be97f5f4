import {
  BillingMethod,
  Derived,
  KindName,
  LedgerEntry,
  LoadedRate,
  Overhead,
  RateRule,
  RatedWork,
  RoundedDay,
  RoundingRule,
  Seconds,
  TaxCategory,
  Valuation,
  millionths,
  rate,
  roundDay,
  seconds,
  EntryFacts,
  NO_FACTS,
} from '@yellowwood/core';
import { group } from 'd3-array';
import {
  ILabourRatesOfResult,
  agreementsOf,
  labourRatesOf,
  rateRulesFor,
  taskPaths,
  workFacts,
} from '../generated/ledger/value-entries.queries';
import { Context } from '../platform/context';
import { readExchange } from '../rates/exchange';
import { kindOf } from './rows';

/** What an entry says about itself, as far as its value and cost depend on it. */
export type Valued = Pick<
  LedgerEntry,
  | 'id'
  | 'kind'
  | 'personId'
  | 'workDate'
  | 'projectId'
  | 'taskId'
  | 'serviceId'
  | 'quantity'
  | 'billable'
  | 'billingState'
  | 'billableQuantity'
  | 'billedQuantity'
  | 'rate'
  | 'rateSource'
>;

/** Facts of the projects, services, people and rules that some entries touch, read once. */
export interface ValuationBasis {
  readonly projects: ReadonlyMap<string, ProjectFacts>;
  readonly services: ReadonlyMap<string, ServiceFacts>;
  /**
   * Values entries; where an agreement rounds by day, all entries of the day must be among them.
   * @param keeping an entry that keeps its part of the day, as what is on a document does
   */
  value(entries: readonly Valued[], keeping?: string): Map<string, EntryValuation>;
  /** How the agreement of an entry rounds; null where nothing is agreed. */
  roundingOf(entry: Valued): RoundingRule | null;
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
  /** The rounding of the whole day, where the agreement rounds so. */
  readonly day: RoundedDay | null;
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
  const labour = group(await labourRatesOf.run({ people }, tx), (row) => row.personId);
  const rules: RateRule[] =
    projectIds.length === 0
      ? []
      : (await rateRulesFor.run({ projects: projectIds, people }, tx)).map((row) => ({ ...row, rate: rate(row.rate) }));
  const foreign = agreements.some((row) => row.currency !== firm.currency);
  const exchange = foreign ? await readExchange(tx, firm.currency) : null;
  const { projects, services } = factsOf(facts);
  const pathOf = new Map(paths.map((row) => [row.id, row.path]));

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

  function ratedWork(entry: Valued, project: ProjectFacts | undefined, currency: string, positionId: string | null): RatedWork {
    return {
      date: entry.workDate,
      currency,
      clientId: project?.clientId ?? null,
      projectId: entry.projectId,
      taskPath: entry.taskId ? (pathOf.get(entry.taskId) ?? [entry.taskId]) : [],
      serviceId: entry.serviceId,
      positionId,
      personId: entry.personId ?? '',
    };
  }

  function value(list: readonly Valued[], keeping?: string): Map<string, EntryValuation> {
    const days = roundedDays(list, (entry) => agreementOn(entry)?.rounding ?? null, keeping);
    return new Map(
      list.map((entry) => {
        const project = entry.projectId ? projects.get(entry.projectId) : undefined;
        const service = entry.serviceId ? services.get(entry.serviceId) : undefined;
        const agreement = agreementOn(entry);
        const own = labourOn((entry.personId && labour.get(entry.personId)) || [], entry.workDate);
        const work = ratedWork(entry, project, agreement?.currency ?? firm.currency, own.positionId);
        const day = days.get(entry.id) ?? null;
        const valued = kindOf(entry.kind).value({
          quantity: entry.quantity,
          billable: entry.billable,
          writtenOff: entry.billingState === 'written off',
          agreement,
          rules,
          work,
          typedRate: entry.rateSource === 'typed' && entry.rate !== null ? rate(entry.rate) : null,
          loaded: own.loaded,
          standardRate: own.standard,
          firmCurrency: firm.currency,
          exchangeRate: exchange?.rateOn(work.currency, entry.workDate) ?? null,
          roundedTogether: day?.parts.get(entry.id) ?? keptPart(entry, day),
        });
        return [
          entry.id,
          {
            ...valued,
            clientId: project?.clientId ?? null,
            taxCategory: project?.taxCategory ?? service?.taxCategory ?? null,
            method: agreement?.method ?? null,
            rounding: agreement?.rounding ?? null,
            day,
            work,
            loaded: own.loaded,
          },
        ];
      }),
    );
  }

  return { projects, services, value, roundingOf: (entry) => agreementOn(entry)?.rounding ?? null };
}

/** What is billed keeps the part of the day that it was billed at. */
function keptPart(entry: Valued, day: RoundedDay | null): Seconds | null {
  return day ? seconds(entry.billableQuantity) : null;
}

function factsOf(rows: Awaited<ReturnType<typeof workFacts.run>>) {
  const projects = new Map<string, ProjectFacts>();
  const services = new Map<string, ServiceFacts>();
  for (const row of rows) {
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
  return { projects, services };
}

function holds(row: { readonly validFrom: string; readonly validTo: string | null }, date: string): boolean {
  return row.validFrom <= date && (row.validTo === null || row.validTo >= date);
}

/** Position, cost and standard cost of a person on a date. */
function labourOn(rows: readonly ILabourRatesOfResult[], date: string) {
  const on = rows.filter((row) => holds(row, date));
  const pay = on.find((row) => row.what === 'pay');
  const extra = on.find((row) => row.what === 'percent' || row.what === 'per-hour');
  const standard = on.find((row) => row.what === 'standard');
  const overhead: Overhead | null = !extra
    ? null
    : extra.what === 'percent'
      ? { kind: 'percent', percent: millionths(extra.value!) }
      : { kind: 'per-hour', rate: rate(extra.value!) };
  return {
    positionId: on.find((row) => row.what === 'position')?.positionId ?? null,
    loaded: pay ? { pay: rate(pay.value!), overhead } : null,
    standard: standard ? rate(standard.value!) : null,
  };
}

/**
 * The days that an agreement rounds together: every billable entry of a person, day and task, whatever its
 * stage, by the id of each of its entries.
 */
function roundedDays(
  entries: readonly Valued[],
  ruleOf: (entry: Valued) => RoundingRule | null,
  keeping?: string,
): Map<string, RoundedDay> {
  const together = entries.filter((entry) => kindOf(entry.kind).isTime && entry.billable && ruleOf(entry)?.unit === 'day');
  const days = group(together, (entry) => [entry.personId, entry.workDate, entry.projectId, entry.taskId].join(' '));
  const found = new Map<string, RoundedDay>();
  for (const day of days.values()) {
    const rounded = roundDay(
      day.map((entry) => ({
        id: entry.id,
        recorded: seconds(entry.quantity),
        kept: entry.billedQuantity !== 0 || entry.id === keeping ? seconds(entry.billableQuantity) : null,
      })),
      ruleOf(day[0]!)!,
    );
    for (const entry of day) found.set(entry.id, rounded);
  }
  return found;
}

/** What a valuation makes of an entry, as it is stored. */
export function derived(valued: EntryValuation, rateReason: string): Omit<Derived, 'problems'> {
  return {
    clientId: valued.clientId,
    payableQuantity: valued.payableQuantity,
    billableQuantity: valued.billableQuantity,
    billingState: valued.billingState,
    rate: valued.rate,
    rateSource: valued.rateSource,
    rateRuleId: valued.rateRuleId,
    rateReason: valued.rateSource === 'typed' ? rateReason : '',
    valueMinor: valued.value,
    valueCurrency: valued.valueCurrency,
    ownRate: valued.ownRate,
    ownValueMinor: valued.ownValue,
    costMinor: valued.cost,
    standardCostMinor: valued.standardCost,
    taxCategory: valued.taxCategory,
  };
}

/** What an entry of a kind starts from before it is valued. */
export function blankEntry(
  kind: KindName,
): Derived &
  EntryFacts &
  Pick<LedgerEntry, 'stage' | 'billedQuantity' | 'holdReason' | 'writeOffReason' | 'version' | 'valueVersion'> {
  return {
    ...NO_FACTS,
    clientId: null,
    payableQuantity: 0,
    billableQuantity: 0,
    billingState: 'nothing to bill',
    rate: null,
    rateSource: null,
    rateRuleId: null,
    rateReason: '',
    valueMinor: null,
    valueCurrency: null,
    ownRate: null,
    ownValueMinor: null,
    costMinor: 0,
    standardCostMinor: kind === 'time' ? null : 0,
    taxCategory: null,
    problems: [],
    stage: 'recorded',
    billedQuantity: 0,
    holdReason: null,
    writeOffReason: null,
    version: 1,
    valueVersion: 1,
  };
}
