import type { TObject, TSchema } from 'typebox';
import { PROBLEMS, problemsOf } from '../problems';
import type { Endpoint, EndpointKind } from './endpoint';
import * as fields from './fields';
import { problemType } from './problem';

type Json = Readonly<Record<string, unknown>>;

const PROBLEM: Json = {
  type: 'object',
  description: 'A problem as RFC 9457 describes it; `type` and `code` are stable.',
  required: ['type', 'title', 'status', 'detail', 'code'],
  properties: {
    type: { type: 'string', description: 'stable: /problems/<code>' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'a sentence that says what to do' },
    code: { type: 'string' },
    fields: {
      type: 'array',
      description: 'what is wrong where: JSON pointers into the body, the query or the path',
      items: {
        type: 'object',
        required: ['path', 'message'],
        properties: { path: { type: 'string' }, message: { type: 'string' } },
      },
    },
    current: { description: 'the state as it is now, where what was seen is stale' },
    data: { type: 'object', description: 'the figures and names in the sentence', additionalProperties: true },
  },
};

const DOMAINS: Readonly<Record<string, string>> = {
  firm: 'What a firm settles about itself',
  founding: 'Founding firms',
  people: 'Signing in, the own account, people and their rights',
  work: 'Clients, projects, tasks and services',
  costs: 'Pay, overhead and what an hour costs',
  ledger: 'What a change of work does to time that was recorded and priced',
  time: 'Recording: timesheets, entries, rows and timers',
  review: 'Submitting, approving, returning and re-opening',
  billing: 'Prices, what is to bill, invoices, payments and history',
  results: 'Where every hour stands and what the work earns',
};

const HEADERS: Readonly<Record<EndpointKind, readonly Json[]>> = {
  change: [
    {
      name: 'If-Match',
      in: 'header',
      required: true,
      schema: { type: 'string' },
      description: 'the version that was seen, in quotes',
    },
  ],
  command: [
    {
      name: 'Idempotency-Key',
      in: 'header',
      required: true,
      schema: { type: 'string', format: 'uuid' },
      description: 'one key a command; repeating it repeats the answer and does nothing twice',
    },
  ],
  read: [],
  create: [],
  open: [],
};

/** Turns schemas into references to the named ones among them. */
class Components {
  private readonly nameOf = new Map<string, string>();
  readonly schemas: Record<string, unknown> = { Problem: PROBLEM };

  constructor(private readonly named: Readonly<Record<string, TSchema>>) {
    for (const [name, schema] of Object.entries(named)) {
      const key = JSON.stringify(schema);
      if (!this.nameOf.has(key)) this.nameOf.set(key, name);
    }
  }

  /** The schema with every named part replaced by a reference to it. */
  of(schema: unknown): unknown {
    const name = this.nameOf.get(JSON.stringify(schema));
    if (name === undefined) return this.inside(schema);
    if (!(name in this.schemas)) {
      this.schemas[name] = null;
      this.schemas[name] = this.inside(JSON.parse(JSON.stringify(this.named[name])));
    }
    return { $ref: `#/components/schemas/${name}` };
  }

  private inside(value: unknown): unknown {
    if (Array.isArray(value)) return value.map((one) => this.inside(one));
    if (typeof value !== 'object' || value === null) return value;
    const schema = value as Json;
    return Object.fromEntries(
      Object.entries(schema).map(([key, part]) => {
        if (key === 'properties')
          return [key, Object.fromEntries(Object.entries(part as Json).map(([name, one]) => [name, this.of(one)]))];
        if (key === 'items' || key === 'additionalProperties') return [key, this.of(part)];
        if (key === 'anyOf' || key === 'allOf' || key === 'oneOf') return [key, (part as unknown[]).map((one) => this.of(one))];
        if (key === 'patternProperties') return ['additionalProperties', this.of(Object.values(part as Json)[0])];
        return [key, part];
      }),
    );
  }
}

function parameters(place: 'path' | 'query', schema: TObject, components: Components): Json[] {
  const required: readonly string[] = schema.required ?? [];
  return Object.entries(schema.properties).map(([name, property]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema: components.of(property),
  }));
}

/** The problems of an endpoint, in words: those of its kind are told once, in the description of the answer. */
function problemWords(endpoint: Endpoint): string {
  const list = problemsOf(endpoint).filter((code) => !problemsOf({ kind: 'open', problems: [] }).includes(code));
  return list.length === 0
    ? ''
    : `\n\nProblems:\n${list.map((code) => `- ${PROBLEMS[code].status} \`${problemType(code)}\``).join('\n')}`;
}

function operation(endpoint: Endpoint, components: Components): Json {
  const right = endpoint.permission ? `Needs the right ${endpoint.permission}.` : 'Needs no particular right.';
  const body = { required: true, content: { 'application/json': { schema: components.of(endpoint.body) } } };
  return {
    operationId: endpoint.name,
    tags: [endpoint.domain],
    summary: endpoint.summary,
    description: `${endpoint.summary}. ${right}${problemWords(endpoint)}`,
    parameters: [
      ...parameters('path', endpoint.params, components),
      ...parameters('query', endpoint.query, components),
      ...HEADERS[endpoint.kind],
    ],
    ...(endpoint.body === fields.Nothing ? {} : { requestBody: body }),
    responses: {
      '200': {
        description: 'Done',
        content: endpoint.media
          ? { [endpoint.media]: { schema: { type: 'string', format: 'binary' } } }
          : { 'application/json': { schema: components.of(endpoint.answer) } },
      },
      default: { $ref: '#/components/responses/Problem' },
    },
    security: endpoint.path.startsWith('/f/') ? [{ session: [] }] : [],
  };
}

function schemasAmong(values: Readonly<Record<string, unknown>>): Record<string, TSchema> {
  const found = Object.entries(values).filter(
    ([name, value]) => /^[A-Z]/.test(name) && typeof value === 'object' && value !== null && !('path' in value),
  );
  return Object.fromEntries(found) as Record<string, TSchema>;
}

/**
 * The OpenAPI 3.1 description of the endpoints.
 * @param named what the domains export: its schemas become components under their names
 */
export function openApi(
  endpoints: Readonly<Record<string, Endpoint>>,
  version: string,
  named: Readonly<Record<string, unknown>>,
): Json {
  const components = new Components({ ...schemasAmong({ ...fields }), ...schemasAmong(named) });
  const paths: Record<string, Record<string, unknown>> = {};
  for (const endpoint of Object.values(endpoints)) {
    const path = `/api${endpoint.path.replace(/:(\w+)/g, '{$1}')}`;
    paths[path] = { ...paths[path], [endpoint.method.toLowerCase()]: operation(endpoint, components) };
  }
  const tags = Object.entries(DOMAINS)
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([name, description]) => ({ name, description }));
  return {
    openapi: '3.1.0',
    info: {
      title: 'Yellowwood',
      version,
      description:
        'Follows every hour of a firm from recording to cash. Dates are YYYY-MM-DD, instants RFC 3339 in UTC, money whole minor units of its currency, durations seconds, rates ten-thousandths of the major unit, percentages millionths.',
      license: { name: 'Apache-2.0', identifier: 'Apache-2.0' },
      contact: { name: 'The maintainers of the installation', url: 'https://yellowwood.example' },
    },
    servers: [{ url: '/', description: 'The installation that serves this description' }],
    tags,
    paths,
    components: {
      schemas: Object.fromEntries(Object.entries(components.schemas).sort(([a], [b]) => (a < b ? -1 : 1))),
      responses: {
        Problem: {
          description: `A problem (RFC 9457). Besides those that an operation names, any may answer: ${problemsOf({ kind: 'open', problems: [] }).join(', ')}.`,
          content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
        },
      },
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'yellowwood', description: 'the cookie that signing in sets' },
      },
    },
  };
}
