import { TObject, TSchema } from 'typebox';
import { Endpoint } from './endpoint';
import { Empty, Nothing } from './fields';

const problemSchema = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail', 'code'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    code: { type: 'string' },
    fields: {
      type: 'array',
      items: { type: 'object', properties: { path: { type: 'string' }, message: { type: 'string' } } },
    },
    current: {},
  },
};

function parameters(place: 'path' | 'query', schema: TObject) {
  const required: readonly string[] = schema.required ?? [];
  return Object.entries(schema.properties).map(([name, property]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema: property,
  }));
}

const headers = {
  change: [
    {
      name: 'If-Match',
      in: 'header',
      required: true,
      schema: { type: 'string' },
      description: 'the version that was seen, in quotes',
    },
  ],
  command: [{ name: 'Idempotency-Key', in: 'header', required: true, schema: { type: 'string', format: 'uuid' } }],
  read: [],
  create: [],
  open: [],
};

function operation(endpoint: Endpoint) {
  const content = (schema: TSchema) => ({ 'application/json': { schema } });
  const codes = endpoint.problems.length > 0 ? ` Problems: ${endpoint.problems.join(', ')}.` : '';
  return {
    operationId: endpoint.name,
    summary: endpoint.summary,
    description: (endpoint.permission ? `Needs the right ${endpoint.permission}.` : 'Needs no particular right.') + codes,
    parameters: [...parameters('path', endpoint.params), ...parameters('query', endpoint.query), ...headers[endpoint.kind]],
    ...(endpoint.body === Nothing ? {} : { requestBody: { required: true, content: content(endpoint.body) } }),
    responses: {
      '200': { description: 'Done', content: content(endpoint.answer) },
      default: { description: 'A problem (RFC 9457)', content: { 'application/problem+json': { schema: problemSchema } } },
    },
    security: endpoint.path.startsWith('/f/') ? [{ session: [] }] : [],
  };
}

/** The OpenAPI 3.1 description of the endpoints. */
export function openApi(endpoints: Readonly<Record<string, Endpoint>>, version: string) {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const endpoint of Object.values(endpoints)) {
    const path = `/api${endpoint.path.replace(/:(\w+)/g, '{$1}')}`;
    paths[path] = { ...paths[path], [endpoint.method.toLowerCase()]: operation(endpoint) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Yellowwood', version, license: { name: 'Apache-2.0', identifier: 'Apache-2.0' } },
    servers: [{ url: '/' }],
    paths,
    components: { securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'yellowwood' } } },
  };
}

export { Empty };
