import { FACTS, FACT_NAMES, FactDescription, FactKind, FactName, Facts, WireName, wireName } from '@yellowwood/core';
import { TOptional, TSchema, Type } from 'typebox';
import { Day, Id, PositiveDuration, nullable } from '../platform/fields';

const SCHEMAS = {
  date: Day,
  reference: nullable(Id),
  seconds: PositiveDuration,
  flag: Type.Boolean(),
  text: Type.String(),
} as const satisfies Record<FactKind, TSchema>;

type SchemaOf<F extends FactName> = (typeof SCHEMAS)[Facts[F]['of']];

function schemaOf(fact: FactName): TSchema {
  const { of, longest } = FACTS[fact] as FactDescription;
  return of === 'text' && longest !== undefined ? Type.String({ maxLength: longest }) : SCHEMAS[of];
}

function properties(facts: readonly FactName[], shape: (fact: FactName) => TSchema): Record<string, TSchema> {
  return Object.fromEntries(facts.map((fact) => [wireName(fact), shape(fact)]));
}

type At<A extends FactDescription['atCreation']> = { [F in FactName]: Facts[F]['atCreation'] extends A ? F : never }[FactName];

const at = (when: FactDescription['atCreation']) => FACT_NAMES.filter((fact) => FACTS[fact].atCreation === when);

/** The changeable facts of an entry, as they are read. */
export const readFacts = properties(FACT_NAMES, schemaOf) as { [F in FactName as WireName<F>]: SchemaOf<F> };

/** What a change may name; what it leaves out stays. */
export const changeFacts = properties(FACT_NAMES, (fact) => Type.Optional(schemaOf(fact))) as {
  [F in FactName as WireName<F>]: TOptional<SchemaOf<F>>;
};

/** What somebody who records must state, and what they may. */
export const newFacts = {
  ...properties(at('needed'), schemaOf),
  ...properties(at('optional'), (fact) => Type.Optional(schemaOf(fact))),
} as { [F in At<'needed'> as WireName<F>]: SchemaOf<F> } & { [F in At<'optional'> as WireName<F>]: TOptional<SchemaOf<F>> };
