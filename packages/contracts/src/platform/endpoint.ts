import { Permission } from '@yellowwood/core';
import { Static, TObject, TSchema } from 'typebox';
import type { ProblemCode } from '../problems';

/**
 * How a request is protected against being repeated or crossing another one:
 * `read` changes nothing; `create` carries a client-made id, and the same id with the same body is
 * answered as the first time; `change` carries the version it saw in `If-Match`; `command` carries an
 * `Idempotency-Key`; `open` needs none of these (signing in and the like).
 */
export type EndpointKind = 'read' | 'create' | 'change' | 'command' | 'open';

/** One endpoint, described once: the server mounts it, the client is typed by it, OpenAPI is written from it. */
export interface Endpoint<
  P extends TObject = TObject,
  Q extends TObject = TObject,
  B extends TSchema = TSchema,
  A extends TSchema = TSchema,
> {
  /** The name of the constant that describes it, and the domain that it stands in. */
  readonly name: string;
  readonly domain: string;
  readonly summary: string;
  readonly kind: EndpointKind;
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  /** Below `/api`, with `:name` for parameters. Paths of a firm start with `/f/:firm`. */
  readonly path: string;
  /** The right that is needed to call it at all; null where being signed in, or nothing, is enough. */
  readonly permission: Permission | null;
  readonly params: P;
  readonly query: Q;
  readonly body: B;
  readonly answer: A;
  /** The media type of an answer that is no JSON: bytes, as `answer` describes their envelope to the server. */
  readonly media?: string;
  /**
   * Whether an answer stays right until something in the firm changes or the day does: what was answered before is then
   * not computed again. Only for what is read from what changes leave a trace of in the history.
   */
  readonly conditional?: boolean;
  /** What it may answer besides the problems that every endpoint of its kind has. */
  readonly problems: readonly ProblemCode[];
}

export type ParamsOf<E> = E extends Endpoint<infer P, TObject, TSchema, TSchema> ? Static<P> : never;
export type QueryOf<E> = E extends Endpoint<TObject, infer Q, TSchema, TSchema> ? Static<Q> : never;
export type BodyOf<E> = E extends Endpoint<TObject, TObject, infer B, TSchema> ? Static<B> : never;
export type AnswerOf<E> = E extends Endpoint<TObject, TObject, TSchema, infer A> ? Static<A> : never;

/** An endpoint as its file describes it: name and domain come from where it stands. */
export type Described<
  P extends TObject = TObject,
  Q extends TObject = TObject,
  B extends TSchema = TSchema,
  A extends TSchema = TSchema,
> = Omit<Endpoint<P, Q, B, A>, 'name' | 'domain'> & { readonly [described]: true };

const described = Symbol('described');

/** Marks a description, so that it is told from the schemas beside it. */
export function describe<E extends object>(endpoint: E): E & { readonly [described]: true } {
  return { ...endpoint, [described]: true };
}

function isDescribed(value: unknown): value is Described {
  return typeof value === 'object' && value !== null && described in value;
}

/** The endpoints among what the files of a domain export, each under the name of its constant. */
export function endpointsOf<D extends string, M extends object>(domain: D, files: M) {
  const found = Object.entries(files)
    .filter(([, value]) => isDescribed(value))
    .map(([name, value]) => [name, { ...(value as Described), name, domain }]);
  return Object.fromEntries(found) as {
    readonly [K in keyof M as M[K] extends { readonly [described]: true } ? K : never]: Omit<M[K], typeof described> & {
      readonly name: K;
      readonly domain: D;
    };
  };
}
