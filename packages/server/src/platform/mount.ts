import { AnswerOf, BodyOf, Endpoint, ParamsOf, QueryOf } from '@yellowwood/contracts';
import type { Express, NextFunction, Request, Response } from 'express';
import { createHash } from 'node:crypto';
import type { Logger } from 'pino';
import { Clock } from './clock';
import { Context, enterFirm, today } from './context';
import { Database, READ, Tx, WRITE, transaction } from './database';
import { problem } from './problem';
import { toldFault } from './faults';
import { check, compileChecks } from './validation';

/** A request that has passed its contract. */
export interface Input<E> {
  readonly params: ParamsOf<E>;
  readonly query: QueryOf<E>;
  readonly body: BodyOf<E>;
  /** The version that was seen, for changes; zero otherwise. */
  readonly version: number;
}

export type Handler<E> = (context: Context, input: Input<E>) => Promise<AnswerOf<E>>;

export interface Platform {
  readonly app: Express;
  readonly database: Database;
  readonly clock: Clock;
  readonly log: Logger;
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

function versionSeen(request: Request): number {
  const header = request.headers['if-match'];
  if (!header) throw problem('version-missing');
  const match = /^"?(\d{1,9})"?$/.exec(header);
  if (!match) throw problem('version-missing');
  return Number(match[1]);
}

/** The key under which a repeated request is recognised: the thing's own id, or the command's key. */
function replayKey(endpoint: Endpoint, request: Request, body: unknown): string | null {
  if (endpoint.kind === 'create') return `${endpoint.name} ${(body as { id: string }).id}`;
  if (endpoint.kind !== 'command') return null;
  const key = request.headers['idempotency-key'];
  if (typeof key !== 'string' || !UUID.test(key)) throw problem('idempotency-key-missing');
  return key;
}

function digest(endpoint: Endpoint, params: unknown, body: unknown): string {
  return createHash('sha256')
    .update(JSON.stringify([endpoint.name, params, body]))
    .digest('hex');
}

/**
 * Claims a key for this request, or finds the answer that the same request had before. A second request
 * with a key that is being worked on waits for the first one to end: it gets its answer, or, where the
 * first one failed, does the work itself.
 * @throws the problem `different-body` when the key was used with another content
 */
async function claimed(context: Context, key: string, hash: string): Promise<{ answer: unknown } | null> {
  const of = [context.firm.id, context.actor.accountId, key];
  const claim = await context.tx.query(
    'insert into replay (firm_id, account_id, key, body_hash, status, at) values ($1, $2, $3, $4, 200, $5) on conflict do nothing',
    [...of, hash, context.now],
  );
  if (claim.rowCount === 1) return null;
  const found = await context.tx.query<{ body_hash: string; answer: unknown }>(
    'select body_hash, answer from replay where firm_id = $1 and account_id = $2 and key = $3',
    of,
  );
  const row = found.rows[0]!;
  if (row.body_hash !== hash) throw problem('different-body');
  return { answer: row.answer };
}

async function remember(context: Context, key: string, answer: unknown): Promise<void> {
  await context.tx.query('update replay set answer = $4 where firm_id = $1 and account_id = $2 and key = $3', [
    context.firm.id,
    context.actor.accountId,
    key,
    JSON.stringify(answer),
  ]);
}

/** Stands for the answer that was given before and is still right. */
const UNCHANGED = Symbol('unchanged');

/**
 * What tells an answer apart from later ones: who asks for what with which rights, on which day, and up to where the
 * history of the firm is seen.
 */
async function tagOf(context: Context, { name, answer }: Endpoint, asked: unknown): Promise<string> {
  const { firm, actor } = context;
  const { rows } = await context.tx.query<{ moment: string | null }>('select firm_moment() as moment');
  const told = JSON.stringify([name, answer, firm.id, actor.personId, actor.rights, asked, today(context), rows[0]!.moment]);
  return `"${createHash('sha256').update(told).digest('base64url')}"`;
}

/** Whether whoever asks has the answer of this tag; on the way it may have been marked as weak. */
function has(request: Request, tag: string): boolean {
  const tags = request.headers['if-none-match']?.split(',') ?? [];
  return tags.some((one) => one.trim().replace(/^W\//, '') === tag);
}

/** An endpoint of any shape, as mounting and describing see it. */
export type AnyEndpoint = Endpoint;

/** What is particular about mounting an endpoint. */
export interface Mounting<E> {
  /** The transaction, where it is not the one of the endpoint's kind. */
  readonly begin?: string;
  /**
   * Slow work that follows the commit, in a transaction of its own. The answer does not wait for it, and
   * nothing may depend on it: the server can be gone before it is done.
   */
  readonly afterwards?: (context: Context, input: Input<E>) => Promise<unknown>;
}

/** An answer that is no JSON. */
export interface Document {
  readonly bytes: Uint8Array;
  readonly fileName: string;
}

function send(response: Response, endpoint: Endpoint, answer: unknown): void {
  if (answer === UNCHANGED) {
    response.set('Cache-Control', 'no-cache, private').status(304).end();
    return;
  }
  if (!endpoint.media) {
    response.set('Cache-Control', 'no-cache, private').json(answer ?? null);
    return;
  }
  const { bytes, fileName } = answer as Document;
  response
    .type(endpoint.media)
    .set('Content-Disposition', `inline; filename="${fileName}"`)
    .set('Cache-Control', 'private, no-cache')
    .send(Buffer.from(bytes));
}

/**
 * Mounts an endpoint of a firm: contract, sign-in, firm, right, replay, one transaction, answer. This
 * is the only way from a request to a use case.
 */
export function mount<E extends AnyEndpoint>(
  platform: Platform,
  endpoint: E,
  handler: Handler<E>,
  { begin = endpoint.kind === 'read' ? READ : WRITE, afterwards }: Mounting<E> = {},
): void {
  const checks = compileChecks(endpoint, platform.clock);
  const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
  platform.app[method](`/api${endpoint.path}`, async (request: Request, response: Response, next: NextFunction) => {
    try {
      const accountId = request.session.accountId;
      if (!accountId) throw problem('not-signed-in');
      const body: unknown = request.body ?? null;
      // Read once: the framework parses a query anew each time that it is asked for.
      const [params, query] = [{ ...request.params }, { ...request.query }];
      check(checks.params, '/path', params);
      check(checks.query, '/query', query);
      check(checks.body, '', body);
      const version = endpoint.kind === 'change' ? versionSeen(request) : 0;
      const key = replayKey(endpoint, request, body);
      const hash = key ? digest(endpoint, { ...params, ...query }, body) : '';
      const input = { params, query, body, version } as unknown as Input<E>;
      const enter = (tx: Tx) =>
        enterFirm(tx, String(params['firm']), accountId, {
          now: platform.clock.now(),
          requestId: request.requestId,
          source: 'web',
        });
      const answer = await transaction(platform.database, begin, async (tx) => {
        const context = await enter(tx);
        if (endpoint.permission && !context.actor.rights[endpoint.permission]) throw problem('right-missing');
        const tag = endpoint.conditional ? await tagOf(context, endpoint, query) : null;
        if (tag) response.set('ETag', tag);
        if (tag && has(request, tag)) return UNCHANGED;
        const earlier = key ? await claimed(context, key, hash) : null;
        if (earlier) return earlier.answer;
        const made: unknown = await handler(context, input);
        if (key) await remember(context, key, made ?? null);
        return made;
      });
      send(response, endpoint, answer);
      if (afterwards)
        transaction(platform.database, WRITE, async (tx) => afterwards(await enter(tx), input)).catch((error: unknown) =>
          platform.log.warn({ ...toldFault(error), requestId: request.requestId }, `what follows ${endpoint.name} was not done`),
        );
    } catch (error) {
      next(error);
    }
  });
}
