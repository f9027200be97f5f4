/** An error as RFC 9457 describes it. `type` is stable: `/problems/<code>`. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  /** A sentence that says what to do. */
  readonly detail: string;
  readonly code: string;
  /** Fields that are wrong: a JSON pointer into the body, and what is wrong there. */
  readonly fields?: readonly { readonly path: string; readonly message: string }[];
  /** The state as it is now, where a version was stale. */
  readonly current?: unknown;
  readonly data?: Readonly<Record<string, string | number>>;
}

/** How a problem is told: HTTP status, title, and the sentence that says what to do, with `{name}` for its data. */
export interface Sentence {
  readonly status: number;
  readonly title: string;
  readonly detail: string;
}

/** The problems of one domain, by their code. */
export function sentences<C extends string>(of: Readonly<Record<C, Sentence>>): Readonly<Record<C, Sentence>> {
  return of;
}

const PREFIX = '/problems/';

/** The stable type of a problem code. */
export function problemType(code: string): string {
  return PREFIX + code;
}

/** Whether an answer's body is a problem document. */
export function isProblem(body: unknown): body is Problem {
  return typeof body === 'object' && body !== null && String((body as Problem).type).startsWith(PREFIX);
}
