/** A value that PostgreSQL takes as json, as the typed queries spell it. */
export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/**
 * A parameter of type jsonb. The driver would turn a JavaScript array into a PostgreSQL array, so the
 * text is made here.
 */
export function json(value: unknown): Json {
  return JSON.stringify(value);
}
