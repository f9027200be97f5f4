import { Type, TSchema, TObject, TProperties } from 'typebox';
import type { ProblemCode } from '../problems';
import { Described, Endpoint, describe } from './endpoint';

/** Building blocks that every domain's contracts use. */
export const Id = Type.String({ format: 'uuid', description: 'UUIDv7 in lower case, made by whoever creates the thing' });
/** The server takes dates within twenty years back and two ahead: what lies further is a typing mistake. */
export const Day = Type.String({ format: 'date', description: 'YYYY-MM-DD' });
export const Instant = Type.String({ format: 'date-time', description: 'RFC 3339, UTC, ending in Z' });
export const Clock = Type.String({
  pattern: '^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$',
  description: 'HH:MM by the wall clock, or HH:MM:SS',
});
/** The most that an amount or rate may be that somebody types: sums of a million of them are still exact. */
export const LARGEST = 9_000_000_000;
export const Duration = Type.Integer({ description: 'seconds' });
export const PositiveDuration = Type.Integer({ minimum: 1, maximum: 31 * 86_400, description: 'seconds, at least one' });
export const Amount = Type.Integer({ description: 'minor units of the currency' });
/** An amount as somebody gives it. */
export const GivenAmount = Type.Integer({
  minimum: -LARGEST,
  maximum: LARGEST,
  description: 'minor units of the currency',
});
/** A sum that can only be taken off or released: more than nothing. */
export const PositiveAmount = Type.Integer({ minimum: 1, maximum: LARGEST, description: 'minor units of the currency' });
export const RateField = Type.Integer({
  minimum: 0,
  maximum: 1_000_000_000,
  description: 'ten-thousandths of the major unit per hour',
});
export const Currency = Type.String({ pattern: '^[A-Z]{3}$', description: 'ISO 4217' });
export const Version = Type.Integer({ minimum: 1, maximum: 2_147_483_647 });
export const Note = Type.String({ maxLength: 2000 });
export const Reason = Type.String({ minLength: 1, maxLength: 500, pattern: '\\S', description: 'why; kept in the history' });
export const Name = Type.String({ minLength: 1, maxLength: 200 });
export const Count = Type.Integer({ minimum: 0 });
export const Millionths = Type.Integer({ description: 'millionths: 20 % is 200000' });

export const nullable = <T extends TSchema>(schema: T) => Type.Union([schema, Type.Null()]);
export const Nothing = Type.Null();
export const Empty = Type.Object({}, { additionalProperties: false });
/** An object that refuses what it does not know. */
export const strict = <P extends TProperties>(properties: P) => Type.Object(properties, { additionalProperties: false });
/** An object of which something must be said. */
export const someOf = <P extends TProperties>(properties: P) =>
  Type.Object(properties, { additionalProperties: false, minProperties: 1 });
export const choice = <const T extends string[]>(...values: T) => Type.Unsafe<T[number]>({ type: 'string', enum: [...values] });

/** The scope of a question: all work, or one client, department, project or task, or the time of one person. */
export const Scope = Type.String({
  pattern: '^(all|(client|department|project|task|person):[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})$',
});

export const Seen = strict({ id: Id, version: Version });
export const SeenList = Type.Array(Seen, { minItems: 1, maxItems: 2000 });

/** Fills in what an endpoint leaves out, so that descriptions say only what is particular. */
export function endpoint<
  B extends TSchema = typeof Nothing,
  A extends TSchema = typeof Nothing,
  P extends TObject = typeof Empty,
  Q extends TObject = typeof Empty,
>(
  particular: Pick<Endpoint, 'summary' | 'kind' | 'method' | 'path' | 'permission'> & {
    params?: P;
    query?: Q;
    body?: B;
    answer?: A;
    media?: string;
    conditional?: boolean;
    problems?: readonly ProblemCode[];
  },
): Described<P, Q, B, A> {
  return describe({
    problems: [],
    ...particular,
    params: (particular.params ?? Empty) as P,
    query: (particular.query ?? Empty) as Q,
    body: (particular.body ?? Nothing) as B,
    answer: (particular.answer ?? Nothing) as A,
  }) as Described<P, Q, B, A>;
}

/** Parameters of every path of a firm. */
export const FirmPath = strict({ firm: Type.String({ pattern: '^[a-z][a-z0-9-]{1,40}$' }) });
export const FirmAndId = strict({ ...FirmPath.properties, id: Id });
export const optional = Type.Optional;
