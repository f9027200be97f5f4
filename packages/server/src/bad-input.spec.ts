import { Endpoint, endpoints } from '@yellowwood/contracts';
import * as fc from 'fast-check';
import { TSchema } from 'typebox';
import { v7 as newId } from 'uuid';
import { Who, World, makeWorld, record } from './testing';

/** A value of the schema's shape, or, now and then, of no shape at all. */
function garbage(schema: TSchema & { [key: string]: unknown }, depth = 0): fc.Arbitrary<unknown> {
  const wrong = fc.oneof(
    fc.constant(null),
    fc.string(),
    fc.integer(),
    fc.double(),
    fc.boolean(),
    fc.constant([]),
    fc.constant({}),
    fc.constantFrom('\u0000', 'a\u0007b', '\ud800', 'x\udfff', '\u202e'),
    fc.constant('x'.repeat(5000)),
    fc.constant(-1),
    fc.constant(9_007_199_254_740_993),
  );
  return fc.oneof({ arbitrary: shaped(schema, depth), weight: 12 }, { arbitrary: wrong, weight: 1 });
}

function shaped(schema: TSchema & { [key: string]: unknown }, depth: number): fc.Arbitrary<unknown> {
  const shape = schema as {
    anyOf?: TSchema[];
    enum?: string[];
    type?: string;
    format?: string;
    pattern?: string;
    items?: TSchema;
    properties?: Record<string, TSchema>;
    required?: string[];
    minimum?: number;
    maximum?: number;
  };
  if (shape.anyOf) return fc.oneof(...shape.anyOf.map((one) => garbage(one as never, depth)));
  if (shape.enum) return fc.constantFrom(...shape.enum);
  if (shape.format === 'uuid')
    return fc.oneof(
      { arbitrary: fc.uuid({ version: 7 }), weight: 3 },
      fc.uuid({ version: 7 }).map((id) => id.toUpperCase()),
      fc.uuid({ version: 7 }).map((id) => `urn:uuid:${id}`),
      fc.constantFrom('00000000-0000-0000-0000-000000000000', 'not-an-id', '{0197a000-0000-7000-8000-000000000001}'),
    );
  if (shape.format === 'date')
    return fc.constantFrom(
      ...['2026-06-08', '2026-06-12', '2026-06-09', '0001-01-01', '1900-01-01', '2199-12-31', '9999-12-31', '2026-02-30'],
      ...['2030-01-07', '-2026-01-01', '2026-6-8', '26-06-08', '2026-06-08T00:00:00Z'],
    );
  if (shape.format === 'date-time')
    return fc.constantFrom(
      ...['2026-06-08T09:00:00Z', '2026-06-08T09:00:00.000Z', '2026-06-12T10:00:00Z', '9999-12-31T23:59:59Z', '2026-06-08'],
      ...['2026-06-08T09:00:00+23:00', '2026-06-08T09:00:00-23:59', '2026-06-08T09:00:60Z', '1900-01-01T00:00:00Z'],
      ...['2026-06-08T24:00:00Z', '2026-06-08 09:00:00Z', '2026-06-08T09:00:00.123456789Z'],
    );
  if (shape.pattern?.startsWith('^([01]'))
    return fc.constantFrom('08:00', '23:59', '01:30', '25:00', '00:00:30', '24:00', '09:60', '9:00');
  if (shape.pattern?.startsWith('^(all|'))
    return fc.oneof(
      fc.constant('all'),
      fc.uuid({ version: 7 }).map((id) => `project:${id}`),
      fc.constant('project:x'),
    );
  if (shape.type === 'array') return fc.array(garbage((shape.items ?? {}) as never, depth + 1), { maxLength: depth > 1 ? 2 : 4 });
  if (shape.type === 'object') {
    const fields = Object.fromEntries(
      Object.entries(shape.properties ?? {}).map(([key, value]) => [key, garbage(value as never, depth + 1)]),
    );
    return fc.record(fields, { requiredKeys: [...(shape.required ?? [])] as never[] });
  }
  if (shape.type === 'integer')
    return fc.oneof(
      fc.integer({ min: shape.minimum ?? -1000, max: Math.min(shape.maximum ?? 1000, 2_000_000_000) }),
      fc.constantFrom(shape.minimum ?? 0, shape.maximum ?? 1),
    );
  if (shape.type === 'boolean') return fc.boolean();
  if (shape.type === 'null') return fc.constant(null);
  return fc.oneof(
    fc.string({ maxLength: 40 }),
    fc.constant(' '),
    fc.constantFrom('%00', '\u0000', 'a\u001b[0m', '\udead', 'x'.repeat(2001), '100000000000', '-1', '1e9'),
    fc.constant("'; drop table entry; --"),
    fc.constant('Ł ș 中 🙂'),
  );
}

/** Requests to each endpoint; `BAD_INPUT=350 npm test server` sends some 20,000. */
const RUNS = Number(process.env['BAD_INPUT'] ?? 24);

describe('bad input', () => {
  let world: World;
  let entry: string;
  const changing = (Object.values(endpoints) as unknown as Endpoint[]).filter(
    (endpoint) => endpoint.method !== 'GET' && endpoint.path.startsWith('/f/'),
  );

  beforeAll(async () => {
    world = await makeWorld();
    entry = (await record(world, 'staff', '2026-06-08', 4)).id;
  });
  afterAll(() => world.close());

  it(
    'is answered on every endpoint with the right 4xx and a sentence, never a 500',
    async () => {
      const people: Who[] = ['owner', 'bookkeeper', 'staff', 'manager'];
      // Ids of things that are there, so that requests get as far as the use case.
      const known = [entry, world.ids.project, world.ids.client, world.ids.task, world.ids.staff, world.ids.agreement];
      const counts = new Map<number, number>();
      for (const endpoint of Object.values(endpoints) as unknown as Endpoint[]) {
        if (['signOut', 'signIn', 'changePassword'].includes(endpoint.name)) continue;
        const bodies = fc.sample(garbage(endpoint.body as never), { numRuns: RUNS, seed: 7 });
        const queries = fc.sample(garbage(endpoint.query as never), { numRuns: RUNS, seed: 8 });
        const params = fc.sample(
          fc.record({
            id: fc.oneof(
              { arbitrary: fc.constantFrom(...known), weight: 4 },
              { arbitrary: fc.uuid({ version: 7 }), weight: 2 },
              fc.constantFrom('x', '%00', '%ED%A0%80', `urn:uuid:${known[0]!}`, known[0]!.toUpperCase()),
            ),
            from: fc.constantFrom('2026-06-08', '2026-06-09', '1900-01-01', '2199-12-30', '%00', 'x', '9999-12-27'),
          }),
          { numRuns: RUNS, seed: 9 },
        );
        for (const [index, body] of bodies.entries()) {
          const query = new URLSearchParams(
            Object.entries((queries[index] as object) ?? {}).map(([key, value]) => [key, String(value)] as [string, string]),
          ).toString();
          // Node itself refuses headers that are too long, before any of ours.
          if (query.length > 8000) continue;
          const path = endpoint.path
            .replace(':firm', world.slug)
            .replace(':id', params[index]!.id)
            .replace(':from', params[index]!.from);
          const headers: Record<string, string> = {
            ...(endpoint.kind === 'command' ? { 'Idempotency-Key': newId() } : {}),
            // Whoever asks shall still be there afterwards.
            ...(endpoint.kind === 'change' ? { 'If-Match': endpoint.name === 'leaveFirm' ? '"99"' : '"1"' } : {}),
          };
          const answer = await world
            .as(people[index % 4]!)
            .request(
              endpoint.method,
              `/api${path}?${query}`,
              endpoint.method === 'GET' ? undefined : JSON.stringify(body),
              headers,
            );
          counts.set(answer.status, (counts.get(answer.status) ?? 0) + 1);
          expect(answer.status)
            .withContext(`${endpoint.name} ${path}?${query} ${JSON.stringify(body)?.slice(0, 300)}`)
            .toBeLessThan(500);
          if (answer.status >= 400) {
            expect(answer.problem.detail?.length ?? 0)
              .withContext(endpoint.name)
              .toBeGreaterThan(10);
            expect(answer.problem.type).toBe(`/problems/${answer.problem.code}`);
          }
        }
      }
      // The garbage is of the right shape often enough to get past the first check.
      expect(counts.get(400)!).toBeGreaterThan(100);
      expect((counts.get(404) ?? 0) + (counts.get(422) ?? 0) + (counts.get(409) ?? 0) + (counts.get(403) ?? 0)).toBeGreaterThan(
        50,
      );
    },
    15 * 60_000,
  );

  it('is refused before anything is done: no body, no JSON, too much, no key, no version', async () => {
    const staff = world.as('staff');
    const [before] = await world.sql<{ count: number }>('select count(*)::int as count from audit_event');
    const url = (endpoint: Endpoint) =>
      `/api${endpoint.path.replace(':firm', world.slug).replace(':id', newId()).replace(':from', '2026-06-08')}`;
    expect((await staff.request('POST', `/api/f/${world.slug}/entries`, '{"id":')).problem.code).toBe('body-unreadable');
    expect(
      (await staff.request('POST', `/api/f/${world.slug}/entries`, JSON.stringify({ note: 'x'.repeat(3_000_000) }))).problem.code,
    ).toBe('body-too-large');
    expect((await staff.request('POST', `/api/f/${world.slug}/entries`, {})).problem.fields?.length).toBeGreaterThan(0);
    for (const endpoint of changing.filter((one) => one.kind === 'command')) {
      const body = fc.sample(shaped(endpoint.body as never, 0), { numRuns: 1, seed: 3 })[0];
      const answer = await world.as('owner').request(endpoint.method, url(endpoint), JSON.stringify(body));
      expect(['idempotency-key-missing', 'request-invalid']).withContext(endpoint.name).toContain(answer.problem.code);
    }
    expect((await staff.request('DELETE', `/api/f/${world.slug}/entries/${newId()}`)).status).toBe(428);
    expect((await staff.request('GET', '/api/nothing')).problem.code).toBe('not-found');
    const [after] = await world.sql<{ count: number }>('select count(*)::int as count from audit_event');
    expect(after!.count).toBe(before!.count);
  });

  it('leaves nothing half done: one bad entry among good ones stops them all', async () => {
    const good = () => ({
      id: newId(),
      personId: world.ids.staff,
      date: '2026-06-09',
      projectId: world.ids.project,
      taskId: null,
      serviceId: world.ids.survey,
      quantity: 3600,
      note: '',
      origin: 'grid' as const,
    });
    const answer = await world
      .as('staff')
      .call('changeEntries', { body: { create: [good(), { ...good(), projectId: newId() }], change: [], remove: [] } });
    expect(answer.problem.code).toBe('project-unknown');
    const week = await world.as('staff').done('readTimesheet', { params: { from: '2026-06-08' } });
    expect(week.entries.filter((entry) => entry.date === '2026-06-09')).toEqual([]);
  });

  it('names what is wrong with times, and keeps the clock changes apart', async () => {
    const body = (date: string, start: string, end: string, breakSeconds = 0) => ({
      body: {
        id: newId(),
        personId: world.ids.staff,
        date,
        projectId: null,
        taskId: null,
        serviceId: null,
        note: '',
        origin: 'typed' as const,
        span: { start, end, breakSeconds },
      },
    });
    const code = async (options: ReturnType<typeof body>) => (await world.as('staff').call('createEntry', options)).problem.code;
    expect(await code(body('2026-06-09', '08:00', '08:00'))).toBe('span-empty');
    expect(await code(body('2026-06-09', '08:00', '09:00', 3600))).toBe('break-too-long');
    expect(await code(body('2026-03-29', '01:30', '03:00'))).toBe('clock-time-missing');
    expect(await code(body('2025-10-26', '01:30', '03:00'))).toBe('clock-time-twice');
    const night = await world.as('staff').done('createEntry', body('2026-03-28', '22:00', '06:00'));
    expect([night.quantity, night.date]).toEqual([7 * 3600, '2026-03-28']);
  });
});
