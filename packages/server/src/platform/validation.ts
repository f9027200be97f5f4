import { Endpoint, Problem } from '@yellowwood/contracts';
import addFormats from 'ajv-formats';
import { Ajv2020, ErrorObject, ValidateFunction } from 'ajv/dist/2020.js';
import { problem } from './problem';

const ajv = new Ajv2020({ allErrors: false, strict: true, strictTypes: false, coerceTypes: false });

(addFormats as unknown as (target: Ajv2020, names: string[]) => void)(ajv, ['uuid', 'date', 'date-time']);

/** The checks of one endpoint's input, compiled once at start. */
export interface Checks {
  readonly params: ValidateFunction;
  readonly query: ValidateFunction;
  readonly body: ValidateFunction;
}

export function compileChecks(endpoint: Endpoint): Checks {
  return {
    params: ajv.compile(endpoint.params),
    query: ajv.compile(endpoint.query),
    body: ajv.compile(endpoint.body),
  };
}

function fieldsOf(place: string, errors: readonly ErrorObject[]): Problem['fields'] {
  return errors.slice(0, 20).map((error) => ({
    path: place + error.instancePath,
    message:
      error.keyword === 'additionalProperties'
        ? `does not know ${JSON.stringify(error.params['additionalProperty'])}`
        : (error.message ?? 'is not valid'),
  }));
}

// PostgreSQL's text cannot hold a zero character.
function holdsZero(value: unknown): boolean {
  if (typeof value === 'string') return value.includes('\u0000');
  if (Array.isArray(value)) return value.some(holdsZero);
  return (
    typeof value === 'object' &&
    value !== null &&
    Object.entries(value).some(([key, inner]) => holdsZero(key) || holdsZero(inner))
  );
}

/** @throws the problem `request-invalid` naming the fields */
export function check(validate: ValidateFunction, place: string, value: unknown): void {
  if (!validate(value)) throw problem('request-invalid', {}, { fields: fieldsOf(place, validate.errors ?? []) });
  if (holdsZero(value)) {
    throw problem('request-invalid', {}, { fields: [{ path: place, message: 'holds a zero character' }] });
  }
}
