import { TaxCategory } from '../rates/tax-category';
import { EntryProblem } from './entry-problems';
import { EntryFacts, FACT_NAMES } from './facts';
import { KINDS, KindName, SideFacts } from './kinds';
import { BillingState, Stage } from './stage';

/** How an entry came into the ledger. */
export type EntryOrigin = 'timer' | 'typed' | 'grid' | 'limit';

/** Where an entry comes from; never changed by hand. */
export interface Provenance {
  id: string;
  kind: KindName;
  /** Nobody in particular for what is no work of a person: a fee. */
  personId: string | null;
  origin: EntryOrigin;
  enteredBy: string;
  enteredAt: string;
  changedByOther: boolean;
  /** Arrived in a period that was already submitted. */
  late: boolean;
  /** Whole days between the end of the work and its recording. */
  lagDays: number;
}

/** What the rules make of an entry: stored, and computed again by whoever proves the books. */
export interface Derived {
  clientId: string | null;
  /** What counts for pay. */
  payableQuantity: number;
  billableQuantity: number;
  billingState: BillingState;
  /** Ten-thousandths of the major unit per hour. */
  rate: number | null;
  rateSource: 'rule' | 'typed' | null;
  rateRuleId: string | null;
  rateReason: string;
  valueMinor: number | null;
  valueCurrency: string | null;
  ownRate: number | null;
  ownValueMinor: number | null;
  costMinor: number | null;
  /** At the standard cost rate of the position held on the work date; null where there is none. */
  standardCostMinor: number | null;
  taxCategory: TaxCategory | null;
  problems: EntryProblem[];
}

/** Moved by one way each: the stage by the state machine, the counter by shares, the versions by writers. */
export interface Moved {
  stage: Stage;
  billedQuantity: number;
  holdReason: string | null;
  writeOffReason: string | null;
  version: number;
  /** Rises where the value changes without anything that a reviewer looks at. */
  valueVersion: number;
}

/** An entry of any kind, whole. */
export type LedgerEntry = EntryFacts & Provenance & Derived & Moved & SideFacts;

const PROVENANCE = [
  'id',
  'kind',
  'personId',
  'origin',
  'enteredBy',
  'enteredAt',
  'changedByOther',
  'late',
  'lagDays',
] as const satisfies readonly (keyof Provenance)[];

/** What is stored of an entry's derivation, in columns of these names. */
export const DERIVED = [
  'clientId',
  'payableQuantity',
  'billableQuantity',
  'billingState',
  'rate',
  'rateSource',
  'rateRuleId',
  'rateReason',
  'valueMinor',
  'valueCurrency',
  'ownRate',
  'ownValueMinor',
  'costMinor',
  'standardCostMinor',
  'taxCategory',
  'problems',
] as const satisfies readonly (keyof Derived)[];

/** Columns that are moved by a way of their own. */
export const MOVED = [
  'stage',
  'billedQuantity',
  'holdReason',
  'writeOffReason',
  'version',
  'valueVersion',
] as const satisfies readonly (keyof Moved)[];

/** Every column of an entry that is read. */
export const READ_COLUMNS = [...PROVENANCE, ...FACT_NAMES, ...DERIVED, ...MOVED] as const;

/** What is stored when an entry is made. */
export const STORED = [...PROVENANCE, ...FACT_NAMES, ...DERIVED, 'stage', 'version', 'valueVersion'] as const;

/** What is stored when an entry is changed; all else stays or is moved by its own way. */
export const CHANGED = [...FACT_NAMES, ...DERIVED, 'changedByOther', 'version', 'valueVersion'] as const;

/** What the history keeps of an entry, money apart: enough to bring it back. */
export const KEPT: readonly (keyof LedgerEntry)[] = [
  ...PROVENANCE,
  ...FACT_NAMES,
  ...Object.values(KINDS).flatMap((kind) => [...kind.side]),
  'version',
];

/** Money in the history, and why it is what it is: shown by the right to values. */
export const KEPT_MONEY = [
  'billableQuantity',
  'rate',
  'rateSource',
  'rateReason',
  'valueMinor',
  'valueCurrency',
] as const satisfies readonly (keyof LedgerEntry)[];

/** Some properties of an entry. */
export function pick<K extends keyof LedgerEntry>(entry: LedgerEntry, names: readonly K[]): Pick<LedgerEntry, K> {
  return Object.fromEntries(names.map((name) => [name, entry[name]])) as Pick<LedgerEntry, K>;
}

/** Whether two states of one thing, an entry above all, differ in any of some properties. */
export function differs<T>(a: T, b: T, names: readonly (keyof T)[]): boolean {
  return names.some((name) => JSON.stringify(a[name]) !== JSON.stringify(b[name]));
}
