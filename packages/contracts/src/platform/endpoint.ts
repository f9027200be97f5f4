import { Permission } from '@yellowwood/core';
import { Static, TObject, TSchema } from 'typebox';

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
  readonly name: string;
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
  readonly problems: readonly string[];
}

export type ParamsOf<E> = E extends Endpoint<infer P, TObject, TSchema, TSchema> ? Static<P> : never;
export type QueryOf<E> = E extends Endpoint<TObject, infer Q, TSchema, TSchema> ? Static<Q> : never;
export type BodyOf<E> = E extends Endpoint<TObject, TObject, infer B, TSchema> ? Static<B> : never;
export type AnswerOf<E> = E extends Endpoint<TObject, TObject, TSchema, infer A> ? Static<A> : never;
