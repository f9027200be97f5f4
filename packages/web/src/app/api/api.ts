import { HttpClient, HttpErrorResponse, HttpHeaders, HttpParams } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { v7 as newId } from 'uuid';
import type { AnswerOf, BodyOf, EndpointName, Endpoints, ParamsOf, Problem, QueryOf } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { Check, checks } from './generated/checks';
import { addresses } from './generated/endpoints';
import { ProblemError, codeOf } from './problem-error';
import { OwnWords } from '../state/own-words';

/** What a call carries; each part only where the endpoint has it. */
export interface CallOptions<N extends EndpointName> {
  readonly params?: Partial<ParamsOf<Endpoints[N]>>;
  readonly query?: QueryOf<Endpoints[N]>;
  readonly body?: BodyOf<Endpoints[N]>;
  /** The version that was seen, for changes. */
  readonly version?: number;
  /** Repeats an earlier command; otherwise each call is a command of its own. */
  readonly key?: string;
}

/** Signing in is the first that is sent: the server says what is wrong with it, and nothing has to be fetched before. */
const UNCHECKED: ReadonlySet<EndpointName> = new Set<EndpointName>(['signIn']);

/** The only place that talks HTTP. Calls are typed by the contracts and checked before they are sent. */
@Injectable({ providedIn: 'root' })
export class Api {
  private readonly http = inject(HttpClient);
  private readonly address = inject(Address);
  private readonly words = inject(OwnWords);
  private readonly checks = new Map<string, Readonly<Record<string, Check | undefined>>>();

  /** @throws ProblemError with the server's or the check's sentence */
  async call<N extends EndpointName>(name: N, options: CallOptions<N> = {}): Promise<AnswerOf<Endpoints[N]>> {
    const { method, path, kind } = addresses[name];
    const body = options.body === undefined ? undefined : (options.body as unknown);
    if (body !== undefined && !UNCHECKED.has(name)) {
      const { domain } = addresses[name];
      // Once loaded they are at hand: nothing is waited for, with or without a connection.
      if (!this.checks.has(domain)) await this.prepare(domain);
      this.check(name, body);
    }
    let headers = new HttpHeaders();
    if (options.version !== undefined) headers = headers.set('If-Match', `"${options.version}"`);
    if (kind === 'command') headers = headers.set('Idempotency-Key', options.key ?? newId());
    const params: Record<string, unknown> = { firm: this.address.firm(), ...options.params };
    const url = `/api${path.replace(/:(\w+)/g, (_, part: string) => encodeURIComponent(String(params[part])))}`;
    const query = new HttpParams({
      fromObject: Object.fromEntries(Object.entries(options.query ?? {}).filter(([, value]) => value !== undefined)) as Record<
        string,
        string
      >,
    });
    const send = () => firstValueFrom(this.http.request<AnswerOf<Endpoints[N]>>(method, url, { body, headers, params: query }));
    try {
      return await send().catch((error: unknown) => {
        // The page's token had gone before the session did; the refusal brought a new one.
        if (codeOf(asProblem(error)) === 'token-renewed') return send();
        throw error;
      });
    } catch (error) {
      throw asProblem(error, (told) => this.inWords(told));
    }
  }

  /** The sentence of a refusal in the words of the firm; what it names stays as it is named. */
  private inWords(told: Problem): Problem {
    const names = Object.values(told.data ?? {})
      .map(String)
      .filter((name) => /[a-z]/i.test(name))
      .sort((a, b) => b.length - a.length);
    const kept = names.reduce((text, name, index) => text.replaceAll(name, `\u0000${index}\u0000`), told.detail);
    const detail = this.words.say(kept).replace(/\u0000(\d+)\u0000/g, (_, index: string) => names[Number(index)]!);
    return { ...told, detail };
  }

  /** Loads what a domain's bodies are checked by, before anything is to be sent. */
  async prepare(domain: string): Promise<void> {
    const loading = checks[domain]?.();
    this.checks.set(domain, (await loading) ?? {});
  }

  private check(name: EndpointName, body: unknown): void {
    const check = this.checks.get(addresses[name].domain)?.[name];
    if (!check || check(body)) return;
    const fields = (check.errors ?? []).map((error) => ({ path: error.instancePath, message: error.message ?? 'is not valid' }));
    throw new ProblemError({
      type: '/problems/request-invalid',
      title: 'The request is not valid',
      status: 400,
      detail: 'Mend what is marked and try again.',
      code: 'request-invalid',
      fields,
    });
  }
}

function asProblem(error: unknown, tell: (told: Problem) => Problem = (told) => told): unknown {
  if (!(error instanceof HttpErrorResponse) || error.status === 0) return error;
  const body = typeof error.error === 'string' ? parse(error.error) : (error.error as unknown);
  return typeof body === 'object' && body !== null && 'code' in body ? new ProblemError(tell(body as Problem)) : error;
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
