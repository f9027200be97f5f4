import { Json } from '../time/queries.queries';

/**
 * A parameter of type jsonb. The driver would turn a JavaScript array into a PostgreSQL array, so the
 * text is made here.
 */
export function json(value: unknown): Json {
  return JSON.stringify(value);
}
