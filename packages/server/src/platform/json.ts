/** A value that PostgreSQL takes as json, as the typed queries spell it. */
export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/**
 * A parameter of type jsonb. The driver would turn a JavaScript array into a PostgreSQL array, so the
 * text is made here.
 */
export function json(value: unknown): Json {
  return JSON.stringify(value);
}

/** An instant out of the database's JSON, as all instants are sent: RFC 3339 in UTC. */
export function instantText(instant: string): string {
  return new Date(instant).toISOString();
}
