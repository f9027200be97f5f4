import type { AnswerOf, BodyOf, EndpointName, Endpoints, ParamsOf, Problem, QueryOf } from '@yellowwood/contracts';
import { randomUUID } from 'node:crypto';
import { addresses } from './addresses';
import { holdToContract } from './hold-to-contract';

export const PASSWORD = 'a password for tests';

/** What no answer of any request may hold: everything of a firm that nobody here belongs to. */
export const secretsOfOthers: string[] = [];

export interface Answer<T> {
  readonly status: number;
  readonly body: T;
  readonly problem: Problem;
}

export interface Options<N extends EndpointName> {
  readonly params?: Partial<ParamsOf<Endpoints[N]>>;
  readonly query?: QueryOf<Endpoints[N]>;
  readonly body?: BodyOf<Endpoints[N]>;
  readonly version?: number | undefined;
  readonly key?: string;
}

/** Somebody who is signed in, talking HTTP as the page does. */
export class Client {
  private cookies = new Map<string, string>();

  /** @param base where the server is, or which of several is asked next */
  constructor(
    private readonly base: string | (() => string),
    private readonly slug: string,
  ) {}

  async signIn(email: string, password = PASSWORD): Promise<number> {
    return (await this.request('POST', '/api/session', { email, password })).status;
  }

  async call<N extends EndpointName>(name: N, options: Options<N> = {}): Promise<Answer<AnswerOf<Endpoints[N]>>> {
    const { method, path, kind } = addresses[name];
    const params: Record<string, unknown> = { firm: this.slug, ...options.params };
    const url = `/api${path.replace(/:(\w+)/g, (_, part: string) => encodeURIComponent(String(params[part])))}`;
    const query = new URLSearchParams(
      Object.entries(options.query ?? {}).map(([key, value]) => [key, String(value)] as [string, string]),
    ).toString();
    const headers: Record<string, string> = {};
    if (options.version !== undefined) headers['If-Match'] = `"${options.version}"`;
    if (kind === 'command') headers['Idempotency-Key'] = options.key ?? randomUUID();
    return this.request(method, query ? `${url}?${query}` : url, options.body, headers) as Promise<
      Answer<AnswerOf<Endpoints[N]>>
    >;
  }

  /** The body of an answer that must be a success. */
  async done<N extends EndpointName>(name: N, options: Options<N> = {}): Promise<AnswerOf<Endpoints[N]>> {
    const answer = await this.call(name, options);
    if (answer.status !== 200) throw new Error(`${name}: ${answer.status} ${JSON.stringify(answer.body)}`);
    return answer.body;
  }

  /** Is the same browser as another, in another firm. */
  takeCookies(from: Client): void {
    this.cookies = from.cookies;
  }

  /** What a browser would send as its cookies. */
  cookieHeader(): string {
    return [...this.cookies].map(([key, value]) => `${key}=${value}`).join('; ');
  }

  /** What every answer is held to. */
  protected hold(method: string, url: string, status: number, body: unknown): void {
    holdToContract(method, url, status, body);
  }

  async request(method: string, url: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer<unknown>> {
    const xsrf = this.cookies.get('XSRF-TOKEN');
    const answer = await fetch((typeof this.base === 'string' ? this.base : this.base()) + url, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        Cookie: this.cookieHeader(),
        ...(xsrf ? { 'X-XSRF-TOKEN': xsrf } : {}),
        ...headers,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    for (const cookie of answer.headers.getSetCookie()) {
      const [, key, value] = /^([^=]+)=([^;]*)/.exec(cookie)!;
      this.cookies.set(key!, value!);
    }
    const bytes = Buffer.from(await answer.arrayBuffer());
    for (const secret of secretsOfOthers)
      if (bytes.includes(secret)) throw new Error(`${method} ${url} shows something of another firm: ${secret}`);
    const json = answer.headers.get('content-type')?.includes('json') ? (JSON.parse(bytes.toString()) as unknown) : bytes;
    this.hold(method, url, answer.status, json);
    return { status: answer.status, body: json, problem: json as Problem };
  }
}
