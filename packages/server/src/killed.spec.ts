import { addDays } from '@yellowwood/core';
import { build } from 'esbuild';
import { ChildProcess, spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { randomBytes, randomInt } from 'node:crypto';
import net, { AddressInfo } from 'node:net';
import { v7 as newId } from 'uuid';
import { Client, FRIDAY_EVENING, MONDAY, World, differencesOf, makeWorld, record } from './testing';
import { ofFirm } from './testing/of-firm';

const PROGRAM = `dist/killed-${process.pid}`;

/**
 * The server is killed (SIGKILL) during a submit, an issue and a payment, 51 times in all, and 24 times while a firm is
 * founded, somebody joins and many are given a role, at random moments: nothing that was answered with success is lost, nothing is half done, and the same request
 * sent again does it once.
 */
describe('the server killed at any moment', () => {
  let world: World;
  let port: number;
  let child: ChildProcess;

  beforeAll(async () => {
    world = await makeWorld();
    // In one file it starts in half a second, and the 51 starts of this test are bearable.
    await build({
      entryPoints: ['packages/server/src/main.ts', 'packages/server/src/billing/invoices/pdf/pdf-worker.ts'],
      outdir: PROGRAM,
      entryNames: '[name]',
      outExtension: { '.js': '.mjs' },
      bundle: true,
      platform: 'node',
      format: 'esm',
      packages: 'external',
      alias: {
        '@yellowwood/core/countries': './packages/core/src/firm/countries.ts',
        '@yellowwood/core': './packages/core/src/index.ts',
        '@yellowwood/contracts': './packages/contracts/src/index.ts',
      },
      logLevel: 'silent',
    });
    port = await freePort();
    await start();
    for (const who of ['staff', 'bookkeeper', 'owner'] as const) await clientOf(who).signIn(`${who}@${world.slug}.example`);
  });
  afterAll(async () => {
    child.kill('SIGKILL');
    rmSync(PROGRAM, { recursive: true, force: true });
    await world.close();
  });

  const clients = new Map<string, Client>();
  function clientOf(who: 'staff' | 'bookkeeper' | 'owner'): Client {
    const found = clients.get(who) ?? new Client(`http://127.0.0.1:${port}`, world.slug);
    clients.set(who, found);
    return found;
  }

  function freePort(): Promise<number> {
    return new Promise((resolve) => {
      const server = net.createServer().listen({ port: 0, host: '127.0.0.1', exclusive: true }, () => {
        const found = (server.address() as AddressInfo).port;
        server.close(() => resolve(found));
      });
    });
  }

  async function start(): Promise<void> {
    child = spawn(process.execPath, [`${PROGRAM}/main.mjs`], {
      env: {
        ...process.env,
        PORT: String(port),
        SESSION_SECRET: 'tests only',
        YELLOWWOOD_CLOCK: FRIDAY_EVENING,
        YELLOWWOOD_DEMO: 'off',
        SIGN_IN_TRIES: '1000',
        LOG_LEVEL: 'silent',
      },
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    });
    await new Promise((resolve, reject) => {
      child.once('message', resolve);
      child.once('exit', () => reject(new Error('the server did not start')));
    });
  }

  /** It is done, now or before; a refusal is told. */
  function isDone({ status, body }: { readonly status: number; readonly body: unknown }): void {
    expect(status)
      .withContext(status === 200 ? '' : JSON.stringify(body))
      .toBe(200);
  }

  /** How long after a request it is killed at most, milliseconds: longer while none is answered, shorter while all are. */
  let reach = 90;

  /** Sends a request and kills the server at some moment on its way. @returns whether it was answered with success */
  async function killedDuring(send: () => Promise<{ status: number }>, moment: number): Promise<boolean> {
    child.removeAllListeners('exit');
    const ended = new Promise((resolve) => child.once('exit', resolve));
    const answer = send().then(
      ({ status }) => status === 200,
      () => false,
    );
    await new Promise((resolve) => setTimeout(resolve, moment));
    child.kill('SIGKILL');
    await ended;
    const done = await answer;
    reach = Math.min(5000, Math.max(20, reach * (done ? 0.8 : 1.25)));
    await start();
    return done;
  }

  // A seed of its own: the moments differ, and lie where requests take as long as they do on this machine.
  let state = 20_260_608;
  const roll = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  const moment = () => roll() * reach;

  it('founds, takes in and gives roles wholly or not at all', async () => {
    const { texts } = await world.client().done('readTexts');
    const consents = { terms: texts[0]!.version, data: texts[1]!.version };
    const counts = async (sql: string, of: unknown, firm = world.firmId) =>
      ofFirm(world.admin, firm, async (tx) => (await tx.query(sql, [of])).rows[0] as Record<string, number>);
    let answered = 0;
    for (let round = 0; round < 8; round += 1) {
      const firm = { id: newId(), name: `Killed ${round} ${world.slug}`, country: 'GB', currency: 'GBP' };
      const founding = () =>
        clientOf('owner').call('foundFirm', { body: { ...firm, zone: 'Europe/London', weekStart: 1, taxed: true } });
      const founded = await killedDuring(founding, moment());
      const laid = () =>
        counts(
          [
            'firm',
            'firm_address',
            'membership',
            'person',
            'service',
            'invoice_series',
            'project',
            'agreement',
            'schedule',
            'audit_event',
          ]
            .map(
              (table, index) =>
                `${index === 0 ? 'select' : ','} (select count(*)::int from ${table} where firm_id = $1) as ${table}`,
            )
            .join(' '),
          firm.id,
          firm.id,
        );
      const ones = { firm: 1, firm_address: 1, membership: 1, person: 1, project: 1, agreement: 1, schedule: 1, audit_event: 1 };
      const whole = { ...ones, service: 4, invoice_series: 2 };
      const none = Object.fromEntries(Object.keys(whole).map((table) => [table, 0]));
      const before = await laid();
      expect(before).toEqual(before['firm'] === 1 ? whole : none);
      if (founded) expect(before['firm']).toBe(1);
      isDone(await founding());
      expect(await laid()).toEqual(whole);

      const token = randomBytes(32).toString('base64url');
      const link = { id: newId(), token, role: 'staff', teamId: null, uses: 1, days: 7 } as const;
      await world.as('owner').done('createLink', { body: link });
      const number = `+44${String(randomInt(1e9)).padStart(10, '7')}`;
      const account = { name: 'Pip Farr', number, password: 'nine umber kettles sing', consents };
      const joining = () => new Client(`http://127.0.0.1:${port}`, world.slug).call('joinByLink', { body: { token, account } });
      const joined = await killedDuring(joining, moment());
      const inside = () =>
        counts(
          `select count(*)::int as accounts, count(m.person_id)::int as members, count(p.id)::int as people, count(r.role)::int as roles
             from account a left join membership m on m.account_id = a.id left join person p on p.firm_id = m.firm_id and p.id = m.person_id
             left join person_role r on r.firm_id = p.firm_id and r.person_id = p.id where a.email = $1`,
          number,
        );
      const one = { accounts: 1, members: 1, people: 1, roles: 1 };
      const there = await inside();
      expect(there).toEqual(there['accounts'] === 1 ? one : { accounts: 0, members: 0, people: 0, roles: 0 });
      if (joined) expect(there['accounts']).toBe(1);
      // By a link one joins once: who is there already is told that it is used.
      expect((await joining()).status === 200).toBe(there['accounts'] === 0);
      expect(await inside()).toEqual(one);

      const people = Array.from({ length: 12 }, () => newId());
      const asked = people.map((id) => ({ id, name: 'Somebody New', email: `${id}@firm.example` }));
      await world.as('owner').done('invitePeople', { body: { people: asked, role: 'staff' } });
      const seen = people.map((id) => ({ id, version: 1 }));
      const roles = { people: seen, roles: ['manager' as const], ownRoles: [], how: 'add' as const };
      const key = newId();
      const giving = () => clientOf('owner').call('changeManyRoles', { body: roles, key });
      const given = await killedDuring(giving, moment());
      const managers = () =>
        counts("select count(*)::int as them from person_role where role = 'manager' and person_id = any($1)", people);
      const { them } = await managers();
      expect([0, 12]).toContain(them!);
      if (given) expect(them).toBe(12);
      isDone(await giving());
      expect(await managers()).toEqual({ them: 12 });
      answered += Number(founded) + Number(joined) + Number(given);
    }
    // Some kills came too late and some in time.
    expect(answered).toBeGreaterThan(1);
    expect(answered).toBeLessThan(23);
  }, 600_000);

  it('loses nothing and does nothing by half', async () => {
    let answered = 0;
    for (let week = 0; week < 17; week += 1) {
      const from = addDays(MONDAY, -7 * week);
      const ids = [(await record(world, 'staff', from, 2)).id, (await record(world, 'staff', addDays(from, 1), 3)).id];

      const submit = newId();
      const submitting = () => clientOf('staff').call('submitPeriod', { params: { from }, body: { note: '' }, key: submit });
      const submitted = await killedDuring(submitting, moment());
      const stages = async () => [
        ...new Set(
          (await world.sql<{ stage: string }>('select stage from entry where id = any($1)', [ids])).map((row) => row.stage),
        ),
      ];
      const [sheet] = await world.sql<{ state: string; submissions: number }>(
        "select coalesce(max(t.state), 'open') as state, count(s.id)::int as submissions from timesheet t left join submission s on s.timesheet_id = t.id where t.period_from = $1",
        [from],
      );
      const whole = sheet!.state === 'submitted';
      expect(await stages()).toEqual([whole ? 'submitted' : 'recorded']);
      expect(sheet!.submissions).toBe(whole ? 1 : 0);
      if (submitted) expect(whole).toBeTrue();
      isDone(await submitting());
      expect(await stages()).toEqual(['submitted']);

      const seen = (await world.as('staff').done('readTimesheet', { params: { from } })).entries.map(({ id, version }) => ({
        id,
        version,
      }));
      await world.as('owner').done('approveEntries', { body: { entries: seen } });
      const wish = {
        clientId: world.ids.client,
        upTo: addDays(from, 6),
        grouping: 'task' as const,
        entries: ids.map((id) => ({ id })),
        texts: [],
      };
      const draft = (await world.as('bookkeeper').done('createDraft', { body: { id: newId(), wish } })).row;
      const issue = newId();
      const issuing = () =>
        clientOf('bookkeeper').call('issueInvoice', {
          params: { id: draft.id },
          body: { gross: draft.gross, version: draft.version },
          key: issue,
        });
      const issued = await killedDuring(issuing, moment());
      const [invoice] = await world.sql<{ status: string; number: number | null }>(
        'select status, number from invoice where id = $1',
        [draft.id],
      );
      expect(await stages()).toEqual([invoice!.status === 'issued' ? 'billed' : 'approved']);
      if (issued) expect(invoice!.status).toBe('issued');
      isDone(await issuing());
      // Whether or not the server lived long enough to render it, the document is there to open.
      const pdf = await clientOf('bookkeeper').request('GET', `/api/f/${world.slug}/invoices/${draft.id}/pdf`);
      expect([pdf.status, (pdf.body as Buffer).subarray(0, 5).toString()]).toEqual([200, '%PDF-']);

      const payment = newId();
      const paying = () =>
        clientOf('bookkeeper').call('recordPayment', {
          body: { id: payment, invoiceId: draft.id, minor: draft.gross, receivedOn: '2026-06-12', reference: '' },
        });
      const paid = await killedDuring(paying, moment());
      const [books] = await world.sql<{ payments: number; settled: number; gross: number }>(
        'select (select count(*)::int from payment where id = $2) as payments, settled_minor as settled, gross_minor as gross from invoice where id = $1',
        [draft.id, payment],
      );
      expect(Number(books!.settled)).toBe(books!.payments === 1 ? Number(books!.gross) : 0);
      expect(await stages()).toEqual([books!.payments === 1 ? 'paid' : 'billed']);
      if (paid) expect(books!.payments).toBe(1);
      isDone(await paying());
      expect(await stages()).toEqual(['paid']);
      answered += Number(submitted) + Number(issued) + Number(paid);
    }
    // Some kills came too late and some in time, or the test would prove nothing.
    expect(answered).toBeGreaterThan(2);
    expect(answered).toBeLessThan(49);
    expect(await differencesOf(world)).toEqual([]);
  }, 900_000);
});
