import { randomInt, randomUUID } from 'node:crypto';
import type { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { prune } from '../platform/prune';
import { Client, PASSWORD, PostOffice, TURN, World, makeWorld, serve, until, seenWork } from '../testing';

const STRONG = 'nine umber kettles sing';
const [VERIFY, THERE] = ['Is this your address?', 'You have an account already'];

type SignUp = BodyOf<Endpoints['signUp']>;

describe('a firm of one’s own', () => {
  let world: World;
  let mailbox: PostOffice;
  let consents: SignUp['consents'];

  beforeAll(async () => {
    world = await makeWorld();
    mailbox = await PostOffice.open(world);
    const { texts } = await world.client().done('readTexts');
    consents = { terms: texts[0]!.version, data: texts[1]!.version };
  }, TURN);
  afterAll(async () => {
    await mailbox.close();
    await world.close();
  });

  const address = () => `new-${randomUUID()}@${world.slug}.example`;
  const wish = (names: Partial<SignUp> = {}): SignUp => ({
    ...{ name: 'Nora Quist', email: address(), password: STRONG, consents },
    ...names,
  });
  /** Somebody with an account who has shown that the address is theirs. */
  async function account(names: Partial<SignUp> = {}) {
    const body = wish(names);
    const client = new Client(world.base, 'none');
    await client.done('signUp', { body });
    const token = await mailbox.token(body.email, VERIFY);
    const session = await client.done('verifyAddress', { body: { token } });
    return { client, session, email: body.email };
  }
  const firm = (names: Partial<BodyOf<Endpoints['foundFirm']>> = {}): BodyOf<Endpoints['foundFirm']> => ({
    ...{ id: newId(), name: `Kettle & Sons ${randomInt(1e9)}`, country: 'GB', currency: 'GBP' },
    ...{ zone: 'Europe/London', weekStart: 1, taxed: true, ...names },
  });
  async function founder(names: Partial<BodyOf<Endpoints['foundFirm']>> = {}) {
    const { client, email } = await account();
    const { slug } = await client.done('foundFirm', { body: firm(names) });
    return { owner: signedIn(client, slug), slug, email };
  }
  /** The same person, in a firm. */
  function signedIn(client: Client, slug: string): Client {
    const own = new Client(world.base, slug);
    own.takeCookies(client);
    return own;
  }
  const rows = async <T>(text: string, values: unknown[] = []) => (await world.admin.query(text, values)).rows as T[];
  const kept = (email: string) => rows<{ id: string }>('select id from account where email = $1', [email.toLowerCase()]);

  describe('begins with an account', () => {
    it('once the address is shown to be theirs', async () => {
      const body = wish({ email: address().toUpperCase(), name: '  Nora Quist ' });
      const client = new Client(world.base, 'none');
      await client.done('signUp', { body });
      expect(await client.signIn(body.email, STRONG)).toBe(401);
      expect(await kept(body.email)).toEqual([]);
      const token = await mailbox.token(body.email.toLowerCase(), VERIFY);
      const session = await client.done('verifyAddress', { body: { token } });
      expect(session.account).toEqual(
        jasmine.objectContaining({ name: 'Nora Quist', email: body.email.toLowerCase(), theme: 'system' }),
      );
      expect(session.firms).toEqual([]);
      expect((await client.call('verifyAddress', { body: { token } })).problem.code).toBe('link-ended');
      expect(await client.signIn(body.email, STRONG)).toBe(200);
    });

    it('with what was agreed to, in the words that were read', async () => {
      const { email } = await account();
      const [{ id }] = (await kept(email)) as [{ id: string }];
      const agreed = await rows<{ document: string; version: string; wording: string; at: string }>(
        'select document, version, wording, at from consent where account_id = $1 order by document desc',
        [id],
      );
      const { texts } = await world.client().done('readTexts');
      expect(agreed.map(({ document, version }) => [document, version])).toEqual([
        ['terms', consents.terms],
        ['data', consents.data],
      ]);
      texts.forEach((text, index) => {
        expect(agreed[index]!.wording).toBe([text.title, ...text.paragraphs].join('\n\n'));
        expect(new Date(agreed[index]!.at).toISOString().slice(0, 10)).toBe(world.clock.now().slice(0, 10));
      });
      const old = await world.client().call('signUp', { body: wish({ consents: { ...consents, data: '2020-01' } }) });
      expect(old.problem.code).toBe('texts-changed');
    });

    it('in the browser that asked, or with the password', async () => {
      const body = wish();
      await new Client(world.base, 'none').done('signUp', { body });
      const token = await mailbox.token(body.email, VERIFY);
      const elsewhere = new Client(world.base, 'none');
      expect((await elsewhere.call('verifyAddress', { body: { token } })).problem.code).toBe('password-needed');
      const wrong = await elsewhere.call('verifyAddress', { body: { token, password: PASSWORD } });
      expect(wrong.problem.code).toBe('password-needed');
      // Another sign-up of the same browser is another one.
      await elsewhere.done('signUp', { body: wish({ email: body.email }) });
      expect((await elsewhere.call('verifyAddress', { body: { token } })).problem.code).toBe('password-needed');
      const session = await elsewhere.done('verifyAddress', { body: { token, password: STRONG } });
      expect(session.account!.email).toBe(body.email);
    });

    it('of which the first is made that is read, of several for one address', async () => {
      const email = address();
      const [first, second] = [new Client(world.base, 'none'), new Client(world.base, 'none')];
      await first.done('signUp', { body: wish({ email, name: 'First Wish' }) });
      const one = await mailbox.token(email, VERIFY);
      await second.done('signUp', { body: wish({ email, name: 'Second Wish' }) });
      const two = await mailbox.token(email, VERIFY, 2);
      const session = await second.done('verifyAddress', { body: { token: two } });
      expect(session.account!.name).toBe('Second Wish');
      expect((await first.call('verifyAddress', { body: { token: one, password: STRONG } })).problem.code).toBe('link-ended');
      expect((await kept(email)).length).toBe(1);
      expect(await rows('select from sign_up where email = $1', [email])).toEqual([]);
    });

    it('within a day', async () => {
      const body = wish();
      const client = new Client(world.base, 'none');
      await client.done('signUp', { body });
      const token = await mailbox.token(body.email, VERIFY);
      const now = world.clock.now();
      world.clock.hold(new Date(Date.parse(now) + 24 * 3600_000 + 1).toISOString());
      expect((await client.call('verifyAddress', { body: { token } })).problem.code).toBe('link-ended');
      world.clock.hold(now);
      expect((await client.call('verifyAddress', { body: { token } })).status).toBe(200);
    });

    it('without telling a stranger who has one', async () => {
      const there = `owner@${world.slug}.example`;
      const client = new Client(world.base, 'none');
      expect(await client.done('signUp', { body: wish({ email: there }) })).toBeNull();
      const told = await until(() => mailbox.to(there).find(({ subject }) => subject === THERE));
      expect(told.text).toContain('https://time.firm.example/sign-in');
      expect(told.text).not.toContain('#');
      expect((await world.as('owner').call('readMe')).status).toBe(200);
    });

    it('whose password is not easily guessed', async () => {
      const client = new Client(world.base, 'none');
      const weak = async (password: string, names: Partial<SignUp> = {}) =>
        (await client.call('signUp', { body: wish({ password, ...names }) })).problem?.detail ?? '';
      expect(await weak('password12345')).toMatch(/commonly used|similar/);
      expect(await weak('aaaaaaaaaaaaaaa')).toContain('Repeat');
      expect(await weak('yellowwood2026')).toContain('several words');
      const [email, name] = [`office-${randomUUID()}@${world.slug}.example`, 'Ida Ostrander'];
      expect(await weak('ostrander-veil', { email, name })).toContain('personal');
      expect(await weak('ostrander-veil')).toBe('');
      expect(await weak('ladder plum twelve')).toBe('');
      // Pasted from a keeper of passwords, or made by the browser.
      expect(await weak('Xk4-pQz9_rLw2 vTn')).toBe('');
      // Wherever a password is set.
      const next = 'password12345';
      const changed = await world.as('mate').call('changePassword', { body: { current: PASSWORD, next } });
      expect(changed.problem.code).toBe('password-weak');
    });

    it('whose message carries no words of whoever asked for it', async () => {
      const body = wish({ name: 'Win a prize at http://prize.example' });
      await new Client(world.base, 'none').done('signUp', { body });
      await mailbox.token(body.email, VERIFY);
      const [message] = mailbox.to(body.email);
      expect(message!.text).toMatch(/^Hello,/);
      expect(`${message!.text} ${message!.html} ${message!.subject}`).not.toContain('prize');
    });

    it('only where strangers may', async () => {
      const closed = await serve(world.database, world.clock, { signUp: false });
      const client = new Client(closed.base, 'none');
      expect((await client.done('readSession')).founding).toBe('closed');
      expect((await client.call('signUp', { body: wish() })).problem.code).toBe('sign-up-closed');
      await closed.close();
      expect((await world.client().done('readSession')).founding).toBe('open');
    });

    it('and is not asked for over and over', async () => {
      const strict = await serve(world.database, world.clock, { signInTries: 2, trustProxy: 'loopback' });
      const ask = async (email: string, from: string) =>
        (
          await fetch(`${strict.base}/api/sign-up`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-Forwarded-For': from },
            body: JSON.stringify(wish({ email })),
          })
        ).status;
      const [net, email] = [`10.${randomInt(256)}.${randomInt(256)}`, address()];
      expect([await ask(email, `${net}.1`), await ask(email, `${net}.1`), await ask(email, `${net}.1`)]).toEqual([200, 200, 429]);
      expect(await ask(address(), `${net}.2`)).toBe(200);
      await strict.close();
    });

    it('and is forgotten where nobody went on', async () => {
      const body = wish();
      await new Client(world.base, 'none').done('signUp', { body });
      await mailbox.token(body.email, VERIFY);
      const wishes = () => rows('select from sign_up where email = $1', [body.email]);
      // It ages, not the clock: a clock that runs ahead makes the server forget what other firms have just sent.
      const ages = (days: number) =>
        world.admin.query(`update sign_up set made_at = made_at - interval '${days} days' where email = $1`, [body.email]);
      await ages(29);
      await prune(world.database, world.clock);
      expect((await wishes()).length).toBe(1);
      await ages(2);
      await prune(world.database, world.clock);
      expect((await wishes()).length).toBe(0);
    });
  });

  describe('is founded', () => {
    it('with what work needs to be recorded and billed', async () => {
      const { owner, slug } = await founder({
        name: 'Łódka & Söhne',
        weekStart: 7,
        country: 'US',
        currency: 'USD',
        zone: 'America/New_York',
      });
      expect(slug).toMatch(/^lodka-sohne/);
      const me = await owner.done('readMe');
      expect([me.roles, me.guide]).toEqual([['owner'], true]);
      expect(me.person).toEqual(
        jasmine.objectContaining({ name: 'Nora Quist', position: 'Principal', zone: 'America/New_York' }),
      );
      expect(me.firm).toEqual(
        jasmine.objectContaining({ name: 'Łódka & Söhne', currency: 'USD', country: 'US', zone: 'America/New_York' }),
      );
      expect(me.firm.period.weekStart).toBe(7);
      const work = await seenWork(owner);
      const { services } = await owner.done('readWork');
      expect(work.projects.map(({ name, billable }) => [name, billable])).toEqual([['General', false]]);
      expect(services.map(({ code }) => code).sort()).toEqual(['MEET', 'OFFICE', 'TRAVEL', 'WORK']);
      const sheet = await owner.done('readTimesheet', { params: { from: '2026-06-07' }, query: {} });
      expect(sheet.days.map(({ planned }) => planned)).toEqual([0, 28_800, 28_800, 28_800, 28_800, 28_800, 0]);
    });

    it('and plans the days that are worked in its country, for whoever comes new too', async () => {
      const { owner } = await founder({ country: 'IL', currency: 'ILS', zone: 'Asia/Jerusalem', weekStart: 7 });
      const week = [28_800, 28_800, 28_800, 28_800, 0, 0, 28_800];
      expect((await owner.done('readTimeRules')).rules.planned.hours).toEqual(week);
      await owner.done('invitePerson', { body: { id: newId(), name: 'Tam Reed', email: address(), role: 'staff' } });
      const { people } = await owner.done('listStaff');
      const facts = people.map(({ id }) => owner.done('readPerson', { params: { id } }));
      expect((await Promise.all(facts)).map(({ planned }) => planned!.hours)).toEqual([week, week]);
    });

    it('and bills its first work, with the usual tax', async () => {
      const { owner } = await founder({ country: 'IE', currency: 'EUR', zone: 'Europe/Dublin' });
      const bill = await billed(owner);
      expect(bill.row.net).toBe(16_000);
      expect(bill.row.gross).toBe(19_680);
    });

    it('or without any, where it is not registered', async () => {
      const { owner } = await founder({ taxed: false });
      const bill = await billed(owner);
      expect([bill.row.net, bill.row.gross]).toEqual([16_000, 16_000]);
      expect(JSON.stringify(bill.document)).toContain('not registered for tax');
    });

    async function billed(owner: Client): Promise<AnswerOf<Endpoints['issueNewInvoice']>> {
      const { person } = await owner.done('readMe');
      const { services } = await owner.done('readWork');
      const [clientId, projectId, id] = [newId(), newId(), newId()];
      await owner.done('createProject', {
        body: { id: projectId, name: 'Boat house', client: { id: clientId, name: 'Quay Trust' } },
      });
      const serviceId = services.find(({ code }) => code === 'WORK')!.id;
      await owner.done('createEntry', {
        body: {
          ...{ id, personId: person.id, date: '2026-06-10', projectId, taskId: null },
          ...{ serviceId, quantity: 7200, note: '', origin: 'grid' },
        },
      });
      const { entries } = await owner.done('submitPeriod', { params: { from: '2026-06-08' }, body: { note: '' } });
      // Nobody else may decide on it: it is approved by policy.
      expect(entries.map(({ stage }) => stage)).toEqual(['approved']);
      const version = entries[0]!.version;
      await owner.done('priceEntries', { body: { entries: [{ id, version }], rate: 800_000, reason: 'Agreed' } });
      const invoice = { clientId, upTo: '2026-06-14', grouping: 'task' as const, entries: [{ id }], texts: [] };
      const { gross } = (await owner.done('previewInvoice', { body: invoice })).document;
      return owner.done('issueNewInvoice', { body: { id: newId(), wish: invoice, gross } });
    }

    it('and approves its founder’s time by policy, who may take that back until it is billed', async () => {
      const { owner } = await founder();
      const { person } = await owner.done('readMe');
      const { projects } = await seenWork(owner);
      const { services } = await owner.done('readWork');
      const period = { from: '2026-06-08' };
      await owner.done('createEntry', {
        body: {
          ...{ id: newId(), personId: person.id, date: '2026-06-10', projectId: projects[0]!.id, taskId: null },
          ...{ serviceId: services[0]!.id, quantity: 7200, note: '', origin: 'grid' },
        },
      });
      const week = await owner.done('submitPeriod', { params: period, body: { note: '' } });
      expect([week.byPolicy, week.entries[0]!.stage]).toEqual([1, 'approved']);
      const { events } = await owner.done('readHistory', { params: { id: week.entries[0]!.id } });
      expect(events.map(({ action, reason }) => [action, reason])).toContain([
        ...(['entries approved', 'By policy: this time is not reviewed, or nobody else decides on it.'] as const),
      ]);
      const back = await owner.done('withdrawPeriod', { params: period });
      expect([back.byPolicy, back.state, back.entries[0]!.stage]).toEqual([0, 'open', 'recorded']);
      await owner.done('submitPeriod', { params: period, body: { note: '' } });
    });

    it('once, however often it is sent, and under a name of its own', async () => {
      const { client } = await account();
      const body = firm({ name: `Twin ${randomInt(1e9)}` });
      const first = await client.done('foundFirm', { body });
      expect(await client.done('foundFirm', { body })).toEqual(first);
      const { client: other } = await account();
      expect((await other.call('foundFirm', { body })).problem.code).toBe('firm-exists');
      const second = await other.done('foundFirm', { body: { ...body, id: newId() } });
      expect(second.slug).toBe(`${first.slug}-2`);
      expect((await client.done('readSession')).firms).toEqual([{ slug: first.slug, name: body.name }]);
      // The first one stays who it was.
      expect((await signedIn(client, second.slug).call('readMe')).problem.code).toBe('firm-unknown');
    });

    it('by many at once', async () => {
      const { client } = await account();
      const name = `Crowd ${randomInt(1e9)}`;
      const founded = await Promise.all([1, 2, 3].map(() => client.done('foundFirm', { body: firm({ name }) })));
      expect(new Set(founded.map(({ slug }) => slug)).size).toBe(3);
    });

    it('by somebody who is signed in, of a country, a currency and a zone that there are', async () => {
      const { client } = await account();
      const code = async (names: Partial<BodyOf<Endpoints['foundFirm']>>) =>
        (await client.call('foundFirm', { body: firm(names) })).problem.code;
      expect(await code({ country: 'XX' })).toBe('country-unknown');
      expect(await code({ currency: 'XXY' })).toBe('currency-unknown');
      expect(await code({ zone: 'Mars/Olympus' })).toBe('zone-unknown');
      expect(await code({ zone: 'UTC' })).toBe('zone-unknown');
      expect((await world.client().call('foundFirm', { body: firm() })).problem.code).toBe('not-signed-in');
      expect((await client.done('readSession')).firms).toEqual([]);
    });

    it('no more than a few times a day', async () => {
      const strict = await serve(world.database, world.clock, { signInTries: 1 });
      const { client } = await account();
      const own = new Client(strict.base, 'none');
      own.takeCookies(client);
      const answers = [];
      for (let count = 0; count < 3; count += 1) answers.push((await own.call('foundFirm', { body: firm() })).status);
      expect(answers).toEqual([200, 200, 429]);
      await strict.close();
    });
  });

  describe('makes its work while recording', () => {
    it('for a client that is new, for one that is there, and for the firm itself', async () => {
      const { owner } = await founder();
      const client = { id: newId(), name: 'Quay Trust ' };
      const made = await owner.done('createProject', { body: { id: newId(), name: ' Boat house', client } });
      expect(made.client).toEqual({ id: client.id, name: 'Quay Trust', currency: 'GBP', archived: false });
      expect(made.project).toEqual(
        jasmine.objectContaining({
          name: 'Boat house',
          code: 'BOAT',
          clientId: client.id,
          billable: true,
          state: 'Open',
          open: true,
        }),
      );
      const next = await owner.done('createProject', { body: { id: newId(), name: 'Boat shed', client: { id: client.id } } });
      expect([next.project.code, next.project.clientId]).toEqual(['BOAT2', client.id]);
      expect(next.project.tone).not.toBe(made.project.tone);
      const own = await owner.done('createProject', { body: { id: newId(), name: 'Accounts', client: null } });
      expect([own.project.billable, own.project.clientId, own.client]).toEqual([false, null, null]);
      const { states } = await owner.done('listProjectStates');
      expect(states.map(({ name, records, open, projects }) => [name, records, open, projects])).toEqual([
        ['Proposed', false, true, 0],
        ['Open', true, true, 4],
        ['On hold', false, true, 0],
        ['Finished', false, false, 0],
      ]);
      const work = await seenWork(owner);
      expect(work.projects).toEqual(
        jasmine.arrayWithExactContents([made.project, next.project, own.project, jasmine.anything()]),
      );
      expect(work.clients).toEqual([made.client!]);
    });

    it('and not twice', async () => {
      const { owner } = await founder();
      const client = { id: newId(), name: 'Quay Trust' };
      const body = { id: newId(), name: 'Boat house', client };
      await owner.done('createProject', { body });
      await owner.done('createProject', { body });
      const code = async (other: BodyOf<Endpoints['createProject']>) =>
        (await owner.call('createProject', { body: other })).problem.code;
      expect(await code({ ...body, name: 'Another' })).toBe('different-body');
      expect(await code({ id: newId(), name: 'Slip', client: { id: newId(), name: 'QUAY trust' } })).toBe('client-exists');
      expect(await code({ id: newId(), name: 'boat HOUSE', client: { id: client.id } })).toBe('project-exists');
      expect(await code({ id: newId(), name: 'general', client: null })).toBe('project-exists');
      expect(await code({ id: newId(), name: 'Slip', client: { id: newId() } })).toBe('client-unknown');
      // The same name for another client is another project.
      await owner.done('createProject', { body: { ...body, id: newId(), client: { id: newId(), name: 'Mole Trust' } } });
      const work = await seenWork(owner);
      expect([work.clients.length, work.projects.length]).toEqual([2, 3]);
    });

    it('by two at once under two codes', async () => {
      const { owner } = await founder();
      const made = await Promise.all(
        [1, 2, 3].map((n) =>
          owner.done('createProject', { body: { id: newId(), name: `Boat ${n}`, client: { id: newId(), name: `C ${n}` } } }),
        ),
      );
      expect(new Set(made.map(({ project }) => project.code)).size).toBe(3);
    });
  });

  describe('invites people', () => {
    const invited = (names: Partial<BodyOf<Endpoints['invitePerson']>> = {}): BodyOf<Endpoints['invitePerson']> => ({
      ...{ id: newId(), name: 'Piers Stell', email: address(), role: 'staff', ...names },
    });
    const subject = (name: string) => `Nora Quist invites you to ${name}`;
    async function firmWith(names: Partial<BodyOf<Endpoints['invitePerson']>> = {}) {
      const { owner, slug } = await founder();
      const body = invited(names);
      await owner.done('invitePerson', { body });
      const { name } = (await owner.done('readMe')).firm;
      const token = await mailbox.token(body.email.toLowerCase(), subject(name));
      return { owner, slug, body, name, token };
    }
    const people = async (owner: Client) => (await owner.done('listStaff')).people;

    it('who come to an account by the message, and record', async () => {
      const { owner, slug, body, name, token } = await firmWith();
      expect((await people(owner)).map(({ name: who, account: state, roles }) => [who, state, roles])).toEqual([
        ['Nora Quist', 'active', ['owner']],
        ['Piers Stell', 'invited', ['staff']],
      ]);
      const client = new Client(world.base, slug);
      expect(await client.done('readInvitation', { body: { token } })).toEqual({
        ...{ firm: name, sender: 'Nora Quist', name: 'Piers Stell', email: body.email, known: false },
      });
      const joined = await client.done('joinFirm', {
        body: { token, account: { name: 'Piers Stell', password: STRONG, consents } },
      });
      expect(joined.slug).toBe(slug);
      expect(joined.session.firms).toEqual([{ slug, name }]);
      const me = await client.done('readMe');
      expect([me.person.id, me.roles, me.rights['values.read'], me.guide]).toEqual([body.id, ['staff'], undefined, true]);
      const { projects } = await seenWork(client);
      const { services } = await client.done('readWork');
      await client.done('createEntry', {
        body: {
          ...{ id: newId(), personId: body.id, date: '2026-06-10', projectId: projects[0]!.id, taskId: null },
          ...{ serviceId: services[0]!.id, quantity: 3600, note: '', origin: 'grid' },
        },
      });
      expect((await people(owner)).find(({ id }) => id === body.id)!.account).toBe('active');
      for (const ended of ['readInvitation', 'joinFirm'] as const)
        expect((await client.call(ended, { body: { token, account: null } as never })).problem.code).toBe(
          ended === 'joinFirm' ? 'link-ended' : 'request-invalid',
        );
      expect((await client.call('readInvitation', { body: { token } })).problem.code).toBe('link-ended');
      const sheet = await client.done('readTimesheet', { params: { from: '2026-06-08' }, query: {} });
      expect(sheet.days[0]!.planned).toBe(28_800);
    });

    it('who have an account already, and belong to two firms then', async () => {
      const { client, email, session } = await account({ name: 'Tamsin Rowe' });
      const other = await client.done('foundFirm', { body: firm() });
      const { owner, slug, name } = await firmWith({ email: email.toUpperCase(), name: 'Tamsin Rowe' });
      const token = await mailbox.token(email, subject(name));
      expect((await client.done('readInvitation', { body: { token } })).known).toBeTrue();
      // Nobody makes a second account for the address, or joins without signing in.
      const body = { token, account: { name: 'Tamsin Rowe', password: STRONG, consents } };
      expect((await world.client().call('joinFirm', { body })).problem.code).toBe('account-exists');
      expect((await world.client().call('joinFirm', { body: { token, account: null } })).problem.code).toBe('not-signed-in');
      const joined = await client.done('joinFirm', { body: { token, account: null } });
      expect(joined.session.firms.map((one) => one.slug).sort()).toEqual([slug, other.slug].sort());
      expect(joined.session.account!.id).toBe(session.account!.id);
      expect((await people(owner)).map((one) => one.account)).toEqual(['active', 'active']);
      // The owner of the firm cannot be somebody else in it besides.
      const second = invited();
      await owner.done('invitePerson', { body: second });
      const again = await mailbox.token(second.email, subject(name));
      const twice = await owner.call('joinFirm', { body: { token: again, account: null } });
      expect(twice.problem.code).toBe('already-member');
      expect((await world.client().done('readInvitation', { body: { token: again } })).name).toBe('Piers Stell');
    });

    it('once more, and what was sent before works no longer', async () => {
      const { owner, slug, body, name, token } = await firmWith();
      await owner.done('sendInvitation', { params: { id: body.id } });
      const second = await mailbox.token(body.email, subject(name), 2);
      const client = new Client(world.base, slug);
      expect((await client.call('readInvitation', { body: { token } })).problem.code).toBe('link-ended');
      await client.done('joinFirm', { body: { token: second, account: { name: 'P. Stell', password: STRONG, consents } } });
      expect((await owner.call('sendInvitation', { params: { id: body.id } })).problem.code).toBe('not-invited');
      expect((await owner.call('sendInvitation', { params: { id: newId() } })).problem.code).toBe('person-unknown');
      // Who joined is who was invited: the firm knows them by the name that it gave.
      expect((await client.done('readMe')).person.name).toBe('Piers Stell');
      expect((await client.done('readSession')).account!.name).toBe('P. Stell');
    });

    it('within a week', async () => {
      const { token } = await firmWith();
      const now = world.clock.now();
      world.clock.hold(new Date(Date.parse(now) + 7 * 24 * 3600_000 + 1).toISOString());
      expect((await world.client().call('readInvitation', { body: { token } })).problem.code).toBe('link-ended');
      const body = { token, account: { name: 'P', password: STRONG, consents } };
      expect((await world.client().call('joinFirm', { body })).problem.code).toBe('link-ended');
      world.clock.hold(now);
      expect((await world.client().call('readInvitation', { body: { token } })).status).toBe(200);
    });

    it('several at once: all of them, or none', async () => {
      const { owner, slug } = await founder();
      const { name } = (await owner.done('readMe')).firm;
      const [one, two] = [address(), address()];
      const ask = async (emails: readonly string[], as = owner) => {
        const all = emails.map((email, index) => ({ id: newId(), name: ` Person ${index} `, email }));
        const answer = await as.call('invitePeople', { body: { people: all, role: 'staff' } });
        return answer.problem?.detail ?? 'done';
      };
      expect(await ask([one, two, one.toUpperCase()])).toContain(`${one.toUpperCase()} stands twice`);
      expect((await people(owner)).length).toBe(1);
      expect(await ask([one, two])).toBe('done');
      expect((await people(owner)).map((who) => [who.name, who.account, who.roles])).toEqual([
        ['Nora Quist', 'active', ['owner']],
        ['Person 0', 'invited', ['staff']],
        ['Person 1', 'invited', ['staff']],
      ]);
      expect(await ask([address(), two.toUpperCase()])).toContain(`${two.toUpperCase()} stands twice, or is somebody’s`);
      expect((await people(owner)).length).toBe(3);
      const client = new Client(world.base, slug);
      const token = await mailbox.token(two, subject(name));
      await client.done('joinFirm', { body: { token, account: { name: 'Two', password: STRONG, consents } } });
      expect((await client.done('readMe')).person.name).toBe('Person 1');
      expect(await ask([address()], client)).toContain('a right that you do not have');
    });

    it('no more often than one is asked for oneself', async () => {
      const { owner, slug, body } = await firmWith();
      const strict = await serve(world.database, world.clock, { signInTries: 1 });
      const own = new Client(strict.base, slug);
      own.takeCookies(owner);
      const again = async () => (await own.call('sendInvitation', { params: { id: body.id } })).problem?.code ?? 'done';
      // The one that invited counts as well.
      expect([await again(), await again()]).toEqual(['done', 'too-many-attempts']);
      await strict.close();
    });

    it('and counts as guessing at links only what is', async () => {
      const { token, slug } = await firmWith();
      const strict = await serve(world.database, world.clock, { signInTries: 1, trustProxy: 'loopback' });
      const from = `10.${randomInt(256)}.${randomInt(256)}.1`;
      const join = async (link: string, password: string) => {
        const body = { token: link, account: { name: 'Piers Stell', password, consents } };
        const answer = await new Client(strict.base, slug).request('POST', '/api/invitation/join', body, {
          'X-Forwarded-For': from,
        });
        return answer.problem?.code ?? 'done';
      };
      for (let count = 0; count < 8; count += 1) expect(await join(token, 'password12345')).toBe('password-weak');
      for (let count = 0; count < 6; count += 1) expect(await join(`guess${count}`, STRONG)).toBe('link-ended');
      expect(await join(token, STRONG)).toBe('too-many-attempts');
      await strict.close();
    });

    it('one account by one link, also when two follow it at once', async () => {
      const { token, slug } = await firmWith();
      const join = (name: string) => {
        const body = { token, account: { name, password: STRONG, consents } };
        return new Client(world.base, slug).call('joinFirm', { body });
      };
      const answers = await Promise.all([join('One'), join('Two'), join('Three')]);
      expect(answers.filter(({ status }) => status === 200).length).toBe(1);
    });

    it('with no role that one does not hold, and nobody twice', async () => {
      const { owner, body } = await firmWith();
      const code = async (client: Client, names: Partial<BodyOf<Endpoints['invitePerson']>>) =>
        (await client.call('invitePerson', { body: invited(names) })).problem?.code ?? 'done';
      expect(await code(owner, { email: body.email.toUpperCase() })).toBe('address-taken');
      expect(await code(owner, { role: 'owner' })).toBe('done');
      for (const who of ['manager', 'bookkeeper', 'staff'] as const) expect(await code(world.as(who), {})).toBe('right-missing');
      // Somebody who may invite, and holds less than an owner.
    });

    it('only for itself', async () => {
      const { body, token, slug } = await firmWith();
      const { owner: stranger } = await founder();
      expect((await stranger.call('sendInvitation', { params: { id: body.id } })).problem.code).toBe('person-unknown');
      expect((await people(stranger)).length).toBe(1);
      await new Client(world.base, slug).done('joinFirm', {
        body: { token, account: { name: 'Piers Stell', password: STRONG, consents } },
      });
      expect((await people(stranger)).map(({ name }) => name)).toEqual(['Nora Quist']);
    });

    it('by a message whose words and names are no markup', async () => {
      const { body, name } = await firmWith({ name: '<b>Piers</b>' });
      const [message] = mailbox.to(body.email);
      expect(message!.subject).toBe(subject(name));
      expect(message!.html).toContain('Hello &lt;b&gt;Piers&lt;/b&gt;,');
      expect(message!.text).toContain('https://time.firm.example/join#');
    });
  });
});
