/** What went wrong: a stable code and the data that a sentence about it needs. */
export interface Failure<C extends string> {
  readonly code: C;
  readonly data?: Readonly<Record<string, string | number>>;
}

/** Either a value or a failure. The core returns failures; it does not throw them. */
export type Result<T, C extends string> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: Failure<C> };

/** Wraps a value as a successful result. */
export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/** Wraps a code, with the data of its sentence, as a failed result. */
export function fail<C extends string>(
  code: C,
  data?: Readonly<Record<string, string | number>>,
): { readonly ok: false; readonly error: Failure<C> } {
  return { ok: false, error: data ? { code, data } : { code } };
}

/**
 * The value of a result that the caller knows to be good.
 * @throws Error when it is not: that is a fault of the program, never of the input.
 */
export function expectOk<T, C extends string>(result: Result<T, C>): T {
  if (!result.ok) throw new Error(`unexpected failure: ${result.error.code}`);
  return result.value;
}
