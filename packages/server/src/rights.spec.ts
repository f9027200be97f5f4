import { Endpoint, EndpointName, endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { MONDAY, Who, World, bill, inOrder, makeWorld, record, submitAndApprove } from './testing';

const PEOPLE: readonly Who[] = ['owner', 'manager', 'bookkeeper', 'staff', 'mate'];

describe('rights', () => {
  const it = inOrder();
  let world: World;
  let other: World;
  let ids: { entry: string; invoice: string; payment: string; foreign: Record<string, string> };

  beforeAll(async () => {
    [world, other] = await Promise.all([makeWorld(), makeWorld()]);
    for (const one of [world, other]) {
      const entry = await record(one, 'staff', '2026-06-08', 4, { note: `secret of ${one.slug}` });
      await record(one, 'mate', '2026-06-09', 3);
      await submitAndApprove(one, 'staff');
      const invoice = await bill(one, [entry.id]);
      const payment = newId();
      await one.as('bookkeeper').done('recordPayment', {
        body: {
          id: payment,
          invoiceId: invoice.row.id,
          minor: 100,
          receivedOn: '2026-06-12',
          reference: `secret of ${one.slug}`,
        },
      });
      if (one === world) ids = { entry: entry.id, invoice: invoice.row.id, payment, foreign: {} };
      else ids.foreign = { ...one.ids, entry: entry.id, invoice: invoice.row.id, payment };
    }
  });
  afterAll(() => Promise.all([world.close(), other.close()]));

  /** Every reading endpoint with parameters that make sense in the given firm. */
  function readings(of: Record<string, string>) {
    const scopes = ['all', `project:${of['project']}`, `client:${of['client']}`, `task:${of['task']}`, `person:${of['staff']}`];
    const idOf: Partial<Record<EndpointName, string>> = {
      readEntryWhy: of['entry']!,
      readInvoice: of['invoice']!,
      readHistory: of['entry']!,
      readReviewPerson: of['staff']!,
    };
    return (Object.values(endpoints) as unknown as Endpoint[])
      .filter((endpoint) => endpoint.method === 'GET' && endpoint.path.startsWith('/f/'))
      .flatMap((endpoint) =>
        scopes.map((scope) => {
          const queries: Record<string, string> = {
            scope,
            from: MONDAY,
            upTo: '2026-06-14',
            show: 'all',
            figure: 'cost',
            right: 'time.read',
            words: 'person',
            sought: 'tree',
            of: `person:${of['staff']!}`,
            dayMaximum: '36000',
            increment: '15',
            weekMaximum: '172800',
            person: of['staff']!,
          };
          const query = new URLSearchParams(
            Object.keys(endpoint.query.properties)
              .filter(
                (name) =>
                  queries[name] &&
                  !(endpoint.name === 'readResults' && name === 'from') &&
                  !(endpoint.name === 'readBehind' && name === 'from'),
              )
              .map((name) => [name, queries[name]!] as [string, string]),
          );
          const path = endpoint.path.replace(':id', idOf[endpoint.name as EndpointName] ?? of['entry']!).replace(':from', MONDAY);
          return { name: endpoint.name, path: (slug: string) => `/api${path.replace(':firm', slug)}?${query}` };
        }),
      );
  }

  it('show nothing of another firm, to any role, on any endpoint, by any id', async () => {
    let answered = 0;
    for (const who of PEOPLE) {
      for (const reading of [...readings(ids.foreign), ...readings({ ...world.ids, entry: ids.entry, invoice: ids.invoice })]) {
        const inside = await world.as(who).request('GET', reading.path(world.slug));
        expect(inside.status).withContext(`${who} ${reading.name}`).toBeLessThan(500);
        const text = JSON.stringify(inside.body);
        for (const secret of [other.slug, other.firmId])
          expect(text)
            .withContext(`${who} ${reading.path(world.slug)}`)
            .not.toContain(secret);
        const outside = await world.as(who).request('GET', reading.path(other.slug));
        expect(outside.status).withContext(`${who} ${reading.name}`).toBe(404);
        expect(outside.problem.code).toBe('firm-unknown');
        if (inside.status === 200) answered += 1;
      }
    }
    expect(answered).toBeGreaterThan(60);
  });

  it('change nothing of another firm', async () => {
    const owner = world.as('owner');
    const before = await other.sql('select id, version, stage from entry order by id');
    const seen = [{ id: ids.foreign['entry']!, version: 4 }];
    const tries = [
      owner.call('changeEntry', { params: { id: ids.foreign['entry']! }, version: 4, body: { note: 'x' } }),
      owner.call('reopenEntries', { body: { entries: seen, reason: 'x' } }),
      owner.call('holdEntries', { body: { entries: seen, reason: 'x' } }),
      owner.call('creditInvoice', { params: { id: ids.foreign['invoice']! }, body: { id: newId(), reason: 'x' } }),
      owner.call('recordPayment', {
        body: { id: newId(), invoiceId: ids.foreign['invoice']!, minor: 5, receivedOn: '2026-06-12', reference: '' },
      }),
      owner.call('reversePayment', { params: { id: ids.foreign['payment']! }, body: { reason: 'x' } }),
      owner.call('createEntry', {
        body: {
          id: newId(),
          personId: world.ids.owner,
          date: '2026-05-18',
          projectId: ids.foreign['project']!,
          taskId: null,
          serviceId: world.ids.survey,
          quantity: 60,
          note: '',
          origin: 'grid',
        },
      }),
      owner.call('createEntry', {
        body: {
          id: newId(),
          personId: ids.foreign['staff']!,
          date: '2026-06-08',
          projectId: null,
          taskId: null,
          serviceId: null,
          quantity: 60,
          note: '',
          origin: 'grid',
          reason: 'x',
        },
      }),
    ];
    // Each is answered as an id that names nothing would be, not as a thing that is there and locked.
    expect((await Promise.all(tries)).map((answer) => answer.problem.code)).toEqual([
      'entry-unknown',
      'entry-missing',
      'entry-unknown',
      'invoice-unknown',
      'invoice-unknown',
      'payment-unknown',
      'project-unknown',
      'person-unknown',
    ]);
    expect(await other.sql('select id, version, stage from entry order by id')).toEqual(before);
  });

  it('show staff no money and the manager no pay, on any endpoint', async () => {
    const money = /"(minor|rate|valueMinor|gross|net|cost|billed|unbilled|revenue|standardValue|margin)":(-?\d+|\{|\[\{)/;
    for (const reading of readings({ ...world.ids, entry: ids.entry, invoice: ids.invoice })) {
      const staff = await world.as('staff').request('GET', reading.path(world.slug));
      if (staff.status === 200)
        expect(JSON.stringify(staff.body).replace(/"stages":\{[^}]*\}/g, ''))
          .withContext(reading.name)
          .not.toMatch(money);
      const manager = await world.as('manager').request('GET', reading.path(world.slug));
      if (manager.status === 200)
        expect(JSON.stringify(manager.body))
          .withContext(reading.name)
          .not.toMatch(/"(pay|overhead)":/);
    }
    const why = await world.as('manager').done('readEntryWhy', { params: { id: ids.entry } });
    expect(why.cost).toBeNull();
    expect(why.value).not.toBeNull();
    expect((await world.as('owner').done('readEntryWhy', { params: { id: ids.entry } })).cost).toEqual(
      jasmine.objectContaining({ pay: 200_000, overhead: 100_000 }),
    );
    expect((await world.as('staff').call('readEntryWhy', { params: { id: ids.entry } })).body.value).toBeNull();
  });

  it('keep the cost of one person to those who may know their pay', async () => {
    const scope = `person:${world.ids.staff}`;
    const seen = async (who: Who, of: string) => (await world.as(who).done('readResults', { query: { scope: of } })).cost;
    expect(await seen('manager', 'all')).not.toBeNull();
    expect(await seen('manager', scope)).toBeNull();
    expect((await seen('owner', scope))!.cost).toBeGreaterThan(0);
    for (const figure of ['cost', 'margin'] as const)
      expect((await world.as('manager').call('readBehind', { query: { scope, figure } })).problem.code).toBe('right-missing');
    expect((await world.as('manager').done('readOverview', { query: { scope } })).results!.margin).toBeNull();
    // Staff may ask for their own time and nobody else's.
    expect((await world.as('mate').call('readResults', { query: { scope } })).problem.code).toBe('scope-unknown');
    expect((await world.as('staff').call('readResults', { query: { scope } })).status).toBe(200);
  });

  it('refuse to each role what it may not do, and say so', async () => {
    const refused: [Who, EndpointName, object][] = [
      ['staff', 'approveEntries', { body: { entries: [{ id: ids.entry, version: 1 }] } }],
      ['bookkeeper', 'approveEntries', { body: { entries: [{ id: ids.entry, version: 1 }] } }],
      ['staff', 'listInvoices', { query: { show: 'all' } }],
      [
        'manager',
        'recordPayment',
        { body: { id: newId(), invoiceId: ids.invoice, minor: 5, receivedOn: '2026-06-12', reference: '' } },
      ],
      ['manager', 'creditInvoice', { params: { id: ids.invoice }, body: { id: newId(), reason: 'x' } }],
      ['staff', 'readReview', { query: { from: MONDAY } }],
      ['staff', 'listUnpriced', {}],
      ['manager', 'listPay', {}],
    ];
    for (const [who, name, options] of refused) {
      const answer = await world.as(who).call(name, options);
      expect([answer.status, answer.problem.code]).withContext(`${who} ${name}`).toEqual([403, 'right-missing']);
    }
    // Staff reads nobody else's time.
    expect(
      (await world.as('mate').call('readTimesheet', { params: { from: MONDAY }, query: { person: world.ids.staff } })).status,
    ).toBe(404);
    expect((await world.as('mate').call('readHistory', { params: { id: ids.entry } })).status).toBe(404);
  });

  it('let nobody decide on their own time, not even the owner', async () => {
    await record(world, 'owner', '2026-06-09', 2);
    const week = await world.as('owner').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const answer = await world
      .as('owner')
      .call('approveEntries', { body: { entries: week.entries.map(({ id, version }) => ({ id, version })) } });
    expect(answer.problem.code).toBe('own-time');
  });

  it('want a session, the token of our own page, and our own origin', async () => {
    const stranger = world.client();
    expect((await stranger.call('readMe')).problem.code).toBe('not-signed-in');
    expect(await stranger.signIn(`staff@${world.slug}.example`, 'wrong')).toBe(401);
    const elsewhere = await world.as('staff').request('POST', `/api/f/${world.slug}/timers`, {}, { 'X-XSRF-TOKEN': 'guessed' });
    expect(elsewhere.problem.code).toBe('token-renewed');
    const foreign = await world
      .as('staff')
      .request('POST', `/api/f/${world.slug}/timers`, {}, { Origin: 'https://elsewhere.example' });
    expect(foreign.problem.code).toBe('origin-refused');
  });

  it('end the other sessions of an account whose password changes', async () => {
    const [here, there] = [world.client(), world.client()];
    for (const client of [here, there]) expect(await client.signIn(`mate@${world.slug}.example`)).toBe(200);
    expect((await here.call('changePassword', { body: { current: 'not this', next: 'a longer password' } })).problem.code).toBe(
      'password-wrong',
    );
    await here.done('changePassword', { body: { current: 'a password for tests', next: 'a longer password' } });
    expect((await here.call('readMe')).status).toBe(200);
    expect((await there.call('readMe')).problem.code).toBe('not-signed-in');
    await here.done('signOut');
    expect((await here.call('readMe')).problem.code).toBe('not-signed-in');
  });
});
