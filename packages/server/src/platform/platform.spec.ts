import { endpoints } from '@yellowwood/contracts';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { World, makeWorld, serve } from '../testing';
import { ServerClock } from './clock';
import { READ, WRITE, transaction } from './database';
import { databaseProblem } from './problem';
import { prune } from './prune';

describe('the platform', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  it('answers when it is ready, and describes every endpoint in OpenAPI 3.1', async () => {
    expect(await (await fetch(`${world.base}/readyz`)).json()).toEqual({ ready: true });
    const description = (await (await fetch(`${world.base}/api/openapi.json`)).json()) as {
      openapi: string;
      paths: Record<string, Record<string, { operationId: string; parameters: { name: string; in: string }[] }>>;
    };
    expect(description.openapi).toBe('3.1.0');
    const operations = Object.values(description.paths).flatMap((methods) => Object.values(methods));
    expect(operations.map((operation) => operation.operationId).sort()).toEqual(Object.keys(endpoints).sort());
    const change = operations.find((operation) => operation.operationId === 'changeEntry')!;
    expect(change.parameters.map((parameter) => `${parameter.in} ${parameter.name}`)).toEqual([
      'path firm',
      'path id',
      'header If-Match',
    ]);
  });

  it('serves the page with a nonce of its own each time, no inline script allowed, and the theme in place', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'yellowwood-page-'));
    writeFileSync(path.join(folder, 'index.html'), '<html data-theme="system"><yw-root ngCspNonce="NONCE"></yw-root></html>');
    writeFileSync(path.join(folder, 'robots.txt'), 'User-agent: *');
    const server = await serve(world.database, new ServerClock(), { demo: true, webRoot: folder });
    const { base } = server;
    const robots = await fetch(`${base}/robots.txt`);
    expect(robots.headers.get('content-type')).toMatch(/^text\/plain/);
    expect(await robots.text()).toBe('User-agent: *');
    for (const file of ['favicon.ico', 'main-OLD.js', 'f/any/chunk.js'])
      expect((await fetch(`${base}/${file}`)).status).toBe(404);
    const pages = await Promise.all(
      [1, 2].map(() => fetch(`${base}/f/any/record?period=2026-W24`, { headers: { Cookie: 'a=1; theme=dark' } })),
    );
    const nonces = await Promise.all(
      pages.map(async (page) => {
        const text = await page.text();
        const policy = page.headers.get('content-security-policy')!;
        const script = /script-src ([^;]*)/.exec(policy)![1]!;
        const nonce = /'nonce-([^']+)'/.exec(script)![1]!;
        expect(script).not.toMatch(/unsafe/);
        expect(text).toBe(`<html data-theme="dark"><yw-root ngCspNonce="${nonce}"></yw-root></html>`);
        return nonce;
      }),
    );
    expect(nonces[0]).not.toBe(nonces[1]!);
    expect((await fetch(`${base}/api/nothing/here`)).status).toBe(404);
    const session = (await (await fetch(`${base}/api/session`)).json()) as { account: null; demo: { role: string }[] };
    expect([session.account, session.demo.map((one) => one.role)]).toEqual([
      null,
      [...(['owner', 'manager', 'bookkeeper', 'staff', 'project manager', 'administrator', 'auditor'] as const)],
    ]);
    await server.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('sends scripts, styles and fonts by name for ever, without what speaks to documents alone; workers and pictures with it', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'yellowwood-page-'));
    for (const file of [
      'index.html',
      'chunk-ABCDEFG2.js',
      'styles-ABCDEFG2.css',
      'serif-ABCDEFG2.woff2',
      'worker-ABCDEFG2.js',
      'icon.svg',
    ])
      writeFileSync(path.join(folder, file), 'x');
    const server = await serve(world.database, new ServerClock(), { webRoot: folder });
    const headers = async (file: string) => (await fetch(`${server.base}/${file}`)).headers;
    for (const file of ['chunk-ABCDEFG2.js', 'styles-ABCDEFG2.css', 'serif-ABCDEFG2.woff2']) {
      const sent = await headers(file);
      expect([sent.get('cache-control'), sent.get('x-content-type-options')]).toEqual([
        'public, max-age=31536000, immutable',
        'nosniff',
      ]);
      expect(sent.get('cross-origin-resource-policy')).toBe('same-origin');
      // Each of some fifty scripts of the first screen carries them.
      let length = 0;
      const names: string[] = [];
      sent.forEach((value, name) => {
        length += name.length + value.length;
        names.push(name);
      });
      expect(length).withContext(file).toBeLessThan(330);
      const needless = /^(content-security|referrer|origin|x-(?!content-type))|opener|etag|modified|ranges|keep-alive|connection/;
      expect(names.filter((name) => needless.test(name))).toEqual([]);
    }
    expect((await headers('worker-ABCDEFG2.js')).get('cache-control')).toBe('public, max-age=31536000, immutable');
    const icon = await headers('icon.svg');
    expect([icon.get('cache-control'), icon.get('etag')]).toEqual(['no-cache', jasmine.stringMatching(/^W\//)]);
    for (const file of ['worker-ABCDEFG2.js', 'icon.svg', 'anything/else'])
      expect((await headers(file)).get('content-security-policy'))
        .withContext(file)
        .toMatch(/script-src/);
    await server.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('answers a question that was asked before with 304 while nothing has changed', async () => {
    // node:http sends what it is told; fetch would add a header that forbids every cache.
    const ask = (headers: Record<string, string>) =>
      new Promise<{ status: number; etag: string }>((resolve) =>
        get(
          `${world.base}/api/f/${world.slug}/work`,
          { headers: { Cookie: world.as('owner').cookieHeader(), ...headers } },
          (answer) => {
            answer.resume();
            answer.on('end', () => resolve({ status: answer.statusCode!, etag: answer.headers.etag ?? '' }));
          },
        ),
      );
    const first = await ask({});
    expect(first.status).toBe(200);
    expect((await ask({ 'If-None-Match': first.etag })).status).toBe(304);
    await world.sql("update service set name = name || ' ' where id = $1", [world.ids.drawing]);
    expect((await ask({ 'If-None-Match': first.etag })).status).toBe(200);
  });

  it('shows nothing where no firm was entered, and lets a reading transaction write nothing', async () => {
    const counted = await transaction(world.database, READ, (tx) =>
      tx.query<{ count: number }>('select count(*)::int as count from person'),
    );
    expect(counted.rows[0]!.count).toBe(0);
    await expectAsync(
      transaction(world.database, READ, (tx) => tx.query("delete from session where sid = 'x'")),
    ).toBeRejectedWithError(/read-only/);
    for (const table of ['account', 'membership', 'firm_address'])
      await expectAsync(world.database.query(`select * from ${table}`))
        .withContext(table)
        .toBeRejectedWithError(/permission denied/);
    for (const statement of [
      'update audit_event set reason = reason',
      'delete from audit_subject',
      'delete from decision',
      'update payment set amount_minor = 1',
      'delete from payment',
    ]) {
      const tried = world.database.query(statement).then(
        () => 'done',
        (error: Error) => error.message,
      );
      if (statement.startsWith('update payment')) await tried;
      else
        expect(await tried)
          .withContext(statement)
          .toMatch(/permission denied/);
    }
  });

  it('keeps the answer of a command for thirty days, for whoever sends it again', async () => {
    const staff = world.as('staff');
    const body = { create: [], change: [], remove: [] };
    const key = '0197a000-0000-7000-8000-0000000000aa';
    await staff.call('changeEntries', { body, key });
    const kept = async () => (await world.sql<{ key: string }>('select key::text from replay')).map((row) => row.key);
    // It ages, not the clock: what other firms have sent is forgotten by none of this.
    const ages = (days: number) => world.sql(`update replay set at = at - interval '${days} days'`);
    await ages(29);
    await prune(world.database, world.clock);
    expect(await kept()).toEqual([key]);
    await ages(2);
    expect(await prune(world.database, world.clock)).toBeGreaterThan(0);
    expect(await kept()).toEqual([]);
  });

  it('turns what the database refuses into what to do, and knows no other faults', () => {
    const codeOf = (error: object): string | null => databaseProblem(error)?.code ?? null;
    expect(['23503', '23505', '23P01', '23514', '22003', '42601', undefined].map((code) => codeOf(code ? { code } : {}))).toEqual(
      [...['reference-unknown', 'already-there', 'request-conflicts', 'request-conflicts', 'request-invalid'], ...[null, null]],
    );
    expect(codeOf({ code: '23505', constraint: 'timer_one_running' })).toBe('timer-running');
  });

  it('finds text that is none, however deep it lies', async () => {
    const entry = {
      ...{ id: '0197a000-0000-7000-8000-0000000000ab', personId: world.ids.staff, date: '2026-06-08', projectId: null },
      ...{ taskId: null, serviceId: null, quantity: 60, note: 'half \ud83d', origin: 'grid' as const },
    };
    const { problem } = await world.as('staff').call('changeEntries', { body: { create: [entry], change: [], remove: [] } });
    expect(problem.fields).toEqual([{ path: '/create/0/note', message: 'holds half of a character' }]);
  });

  it('tries again when the database gives a transaction up, three times and no more', async () => {
    let tries = 0;
    const deadlock = Object.assign(new Error('deadlock'), { code: '40P01' });
    const answer = await transaction(world.database, WRITE, () => {
      tries += 1;
      return tries < 3 ? Promise.reject(deadlock) : Promise.resolve('done');
    });
    expect([answer, tries]).toEqual(['done', 3]);
    tries = 0;
    await expectAsync(transaction(world.database, WRITE, () => Promise.reject(((tries += 1), deadlock)))).toBeRejectedWith(
      deadlock,
    );
    expect(tries).toBe(4);
  });
});
