/** What kind of thing a fact is: contract, storage and form follow from it. */
export type FactKind = 'date' | 'reference' | 'seconds' | 'flag' | 'text';

/** A fact of an entry that a person states and may change while the entry is recorded. */
export interface FactDescription {
  readonly of: FactKind;
  /** Its name on the wire, where that is not its own. */
  readonly wire?: string;
  /** Whether somebody who records must state it, may, or can only add it later. */
  readonly atCreation: 'needed' | 'optional' | 'later';
  /** The most letters of a text. */
  readonly longest?: number;
}

/**
 * The one list of the changeable facts of an entry. The contract of recording and changing, what is stored
 * and read, what the history keeps, and what an undo brings back are made of it: a new fact is a line here
 * and a column of `entry` of the same name.
 */
export const FACTS = {
  workDate: { of: 'date', wire: 'date', atCreation: 'needed' },
  projectId: { of: 'reference', atCreation: 'needed' },
  taskId: { of: 'reference', atCreation: 'needed' },
  serviceId: { of: 'reference', atCreation: 'needed' },
  /** Typed as a length, or following from a span. */
  quantity: { of: 'seconds', atCreation: 'optional' },
  billable: { of: 'flag', atCreation: 'optional' },
  note: { of: 'text', atCreation: 'needed', longest: 2000 },
  explanation: { of: 'text', atCreation: 'later', longest: 500 },
} as const satisfies Record<string, FactDescription>;

export type Facts = typeof FACTS;
export type FactName = keyof Facts;

interface FactValues {
  date: string;
  reference: string | null;
  seconds: number;
  flag: boolean;
  text: string;
}

/** The changeable facts as an entry holds them. */
export type EntryFacts = { -readonly [F in FactName]: FactValues[Facts[F]['of']] };

/** The name of a fact on the wire. */
export type WireName<F extends FactName> = Facts[F] extends { readonly wire: infer W extends string } ? W : F;

/** The changeable facts by their names on the wire. */
export type WireFacts = { [F in FactName as WireName<F>]: FactValues[Facts[F]['of']] };

export const FACT_NAMES = Object.keys(FACTS) as FactName[];

const NOTHING = { date: '', reference: null, seconds: 0, flag: true, text: '' } as const;

/** Nothing stated yet: what an entry starts from, also one that was kept before a fact was known. */
export const NO_FACTS = Object.fromEntries(
  FACT_NAMES.map((fact) => [fact, NOTHING[FACTS[fact].of]]),
) as unknown as Readonly<EntryFacts>;

/** A fact's name on the wire. */
export function wireName(fact: FactName): string {
  return (FACTS[fact] as FactDescription).wire ?? fact;
}

/** The facts of an entry under their names on the wire. */
export function wireFacts(entry: EntryFacts): WireFacts {
  return Object.fromEntries(FACT_NAMES.map((fact) => [wireName(fact), entry[fact]])) as WireFacts;
}

/**
 * Takes over what a change names; what it leaves out stays. Another project takes its task along, unless a
 * task is named as well: tasks belong to one project.
 */
export function withFacts<E extends EntryFacts>(entry: E, change: Partial<WireFacts>): E {
  const named = Object.fromEntries(
    FACT_NAMES.map((fact) => [fact, change[wireName(fact) as keyof WireFacts]]).filter(([, value]) => value !== undefined),
  ) as Partial<EntryFacts>;
  const moved = named.projectId !== undefined && named.projectId !== entry.projectId && named.taskId === undefined;
  return { ...entry, ...named, ...(moved ? { taskId: null } : {}) };
}
