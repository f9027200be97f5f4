import { Endpoint, Problem } from '@yellowwood/contracts';
import { isDate } from '@yellowwood/core';
import { Ajv2020, ErrorObject, ValidateFunction } from 'ajv/dist/2020.js';
import { Clock } from './clock';
import { problem } from './problem';

/** The checks of one endpoint's input, compiled once at start. */
export interface Checks {
  readonly params: ValidateFunction;
  readonly query: ValidateFunction;
  readonly body: ValidateFunction;
}

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
const INSTANT = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,9})?Z$/;
/** How far from today a date may lie: what lies further is a typing mistake. */
const YEARS_BACK = 20;
const YEARS_AHEAD = 2;

const yearOf = (date: string) => Number(date.slice(0, 4));

function checker(clock: Clock): Ajv2020 {
  const ajv = new Ajv2020({ allErrors: false, strict: true, strictTypes: false, coerceTypes: false });
  const near = (date: string) => {
    const now = clock.now().slice(0, 10);
    const limit = (years: number) => `${String(yearOf(now) + years).padStart(4, '0')}${now.slice(4)}`;
    return isDate(date) && date >= limit(-YEARS_BACK) && date <= limit(YEARS_AHEAD);
  };
  ajv.addFormat('uuid', ID);
  ajv.addFormat('date', near);
  ajv.addFormat('date-time', (text: string) => near(INSTANT.exec(text)?.[1] ?? ''));
  return ajv;
}

const checkers = new WeakMap<Clock, Ajv2020>();

/** Compiles the checks of an endpoint; what is too far from today is judged by the clock. */
export function compileChecks(endpoint: Endpoint, clock: Clock): Checks {
  const ajv = checkers.get(clock) ?? checker(clock);
  checkers.set(clock, ajv);
  return {
    params: ajv.compile(endpoint.params),
    query: ajv.compile(endpoint.query),
    body: ajv.compile(endpoint.body),
  };
}

const FORMATS: Readonly<Record<string, string>> = {
  uuid: 'must be a UUID in lower case',
  date: `must be a date, within ${YEARS_BACK} years back and ${YEARS_AHEAD} ahead`,
  'date-time': `must be an instant in UTC, within ${YEARS_BACK} years back and ${YEARS_AHEAD} ahead`,
};

function messageOf(error: ErrorObject): string {
  if (error.keyword === 'additionalProperties') return `does not know ${JSON.stringify(error.params['additionalProperty'])}`;
  if (error.keyword === 'minProperties') return 'must say what is to change';
  const format = error.keyword === 'format' ? FORMATS[error.params['format'] as string] : undefined;
  return format ?? error.message ?? 'is not valid';
}

function fieldsOf(place: string, errors: readonly ErrorObject[]): Problem['fields'] {
  return errors.slice(0, 20).map((error) => ({ path: place + error.instancePath, message: messageOf(error) }));
}

// Everything but line breaks; the zero character, which PostgreSQL cannot hold, is among them.

const CONTROL = /[\u0000-\u0009\u000b\u000c\u000e-\u001f\u007f-\u009f]/;

function textProblem(text: string): string | null {
  // Half of a character: a surrogate without its other half.
  if (/\p{Surrogate}/u.test(text)) return 'holds half of a character';
  return CONTROL.test(text) ? 'holds a control character' : null;
}

interface Wrong {
  readonly path: string;
  readonly message: string;
}

/** Normalises every text of a value (NFC). @returns the first text that is none */
function normalise(value: unknown, path: string): Wrong | null {
  if (typeof value !== 'object' || value === null) return null;
  const holder = value as Record<string, unknown>;
  for (const [key, inner] of Object.entries(holder)) {
    const at = `${path}/${key}`;
    const wrongKey = textProblem(key);
    if (wrongKey) return { path, message: wrongKey };
    if (typeof inner === 'string') {
      const message = textProblem(inner);
      if (message) return { path: at, message };
      holder[key] = inner.normalize('NFC');
    } else {
      const wrong = normalise(inner, at);
      if (wrong) return wrong;
    }
  }
  return null;
}

/**
 * Checks a part of a request against its contract, and normalises its texts.
 * @throws the problem `request-invalid` naming the fields
 */
export function check(validate: ValidateFunction, place: string, value: unknown): void {
  const wrong = normalise(value, place);
  if (wrong) throw problem('request-invalid', {}, { fields: [wrong] });
  if (!validate(value)) throw problem('request-invalid', {}, { fields: fieldsOf(place, validate.errors ?? []) });
}
