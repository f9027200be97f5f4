import { randomInt, randomUUID } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { v7 as newId } from 'uuid';
import { Client, PASSWORD, PostOffice, TURN, Who, World, makeWorld, meanwhile, serve, until } from '../testing';
import { stepOf } from './second-factor';

describe('one’s own account', () => {
  let world: World;
  let mailbox: PostOffice;
  beforeAll(async () => {
    world = await makeWorld();
    mailbox = await PostOffice.open(world);
  }, TURN);
  afterAll(async () => {
    await mailbox.close();
    await world.close();
  });
  const fresh = () => `new-${randomUUID()}@${world.slug}.example`;
  const told = (address: string, subject: string) =>
    until(() => mailbox.to(address).find((message) => message.subject === subject));
  /** Somebody signed in anew, who may change the account without disturbing others. */
  async function signedIn(who: Who) {
    const client = new Client(world.base, world.slug);
    await client.signIn(`${who}@${world.slug}.example`);
    return client;
  }

  it('lists where one is signed in, and signs out everywhere else', async () => {
    const email = `manager@${world.slug}.example`;
    const [here, there] = [new Client(world.base, world.slug), new Client(world.base, world.slug)];
    await here.signIn(email);
    await there.signIn(email);
    const { sessions } = await here.done('listSessions');
    expect(sessions.filter(({ own }) => own).length).toBe(1);
    expect(sessions.length).toBe(3);
    expect(sessions.every(({ beganAt }) => beganAt?.startsWith('2026-06-12'))).toBeTrue();
    expect(sessions[0]!.agent).toBe('node');
    // What lets its holder in is not told.
    expect(here.cookieHeader()).not.toContain(sessions[0]!.id);
    expect((await here.done('endSessions')).sessions.length).toBe(1);
    expect((await there.call('readMe')).problem.code).toBe('not-signed-in');
    expect((await world.as('manager').call('listSessions')).problem.code).toBe('not-signed-in');
    expect((await here.done('readMe')).person.id).toBe(world.ids.manager);
  });

  it('has a name of its own', async () => {
    const session = await world.as('staff').done('changeName', { body: { name: ' Ida O. ' } });
    expect(session.account!.name).toBe('Ida O.');
    expect((await world.as('staff').done('readMe')).person.name).toBe('Staff Person');
    for (const name of ['changeName', 'endSessions', 'listSessions'] as const)
      expect(
        (await world.client().call(name, { body: (name === 'changeName' ? { name: 'X' } : undefined) as never })).problem.code,
      ).toBe('not-signed-in');
    expect(await world.client().signIn(`staff@${world.slug}.example`, PASSWORD)).toBe(200);
  });

  describe('signs in with another address', () => {
    const NEW = 'Is this your new address?';
    const asked = async (client: Client, email: string) => {
      const to = email.toLowerCase();
      const count = mailbox.to(to).filter(({ subject }) => subject === NEW).length + 1;
      await client.done('changeAddress', { body: { email, password: PASSWORD } });
      return mailbox.token(to, NEW, count);
    };

    it('once it is shown to be theirs; the old one is told, and other windows are signed out', async () => {
      const [client, there] = [await signedIn('mate'), await signedIn('mate')];
      const [old, email] = [`mate@${world.slug}.example`, fresh()];
      const token = await asked(client, email.toUpperCase());
      expect(await world.client().signIn(email)).toBe(401);
      const session = await client.done('confirmAddress', { body: { token } });
      expect(session.account!.email).toBe(email);
      expect((await client.done('readMe')).person.id).toBe(world.ids.mate);
      expect((await there.call('readMe')).problem.code).toBe('not-signed-in');
      expect([await world.client().signIn(email), await world.client().signIn(old)]).toEqual([200, 401]);
      const letter = await told(old, 'You sign in with another address now');
      expect(letter.text).toContain('Hello mate,');
      expect(letter.text).not.toContain(email);
      expect((await client.call('confirmAddress', { body: { token } })).problem.code).toBe('link-ended');
      await client.done('confirmAddress', { body: { token: await asked(client, old) } });
    });

    it('which nobody else takes, nor anybody by a link that was mistyped', async () => {
      const client = await signedIn('mate');
      const token = await asked(client, fresh());
      expect((await world.client().call('confirmAddress', { body: { token } })).problem.code).toBe('not-signed-in');
      expect((await world.as('staff').call('confirmAddress', { body: { token } })).problem.code).toBe('link-ended');
      const now = world.clock.now();
      world.clock.hold(new Date(Date.parse(now) + 24 * 3600_000 + 1).toISOString());
      expect((await client.call('confirmAddress', { body: { token } })).problem.code).toBe('link-ended');
      world.clock.hold(now);
      // Another kind of link opens nothing here.
      await client.done('forgotPassword', { body: { email: `mate@${world.slug}.example` } });
      const reset = await mailbox.token(`mate@${world.slug}.example`, 'Set a new password');
      expect((await client.call('confirmAddress', { body: { token: reset } })).problem.code).toBe('link-ended');
      // Nor is what went to the old address worth anything once there is a new one.
      await client.done('confirmAddress', { body: { token } });
      const late = await client.call('resetPassword', { body: { token: reset, password: 'nine umber kettles sing' } });
      expect(late.problem.code).toBe('link-ended');
      await client.done('confirmAddress', { body: { token: await asked(client, `mate@${world.slug}.example`) } });
    });

    it('the one that was wished for last', async () => {
      const client = await signedIn('mate');
      const first = await asked(client, fresh());
      await asked(client, fresh());
      expect((await client.call('confirmAddress', { body: { token: first } })).problem.code).toBe('link-ended');
    });

    it('with the password, and without learning whose an address is', async () => {
      const client = await signedIn('mate');
      const ask = async (email: string, password = PASSWORD) =>
        (await client.call('changeAddress', { body: { email, password } })).problem?.code ?? 'done';
      expect(await ask(fresh(), 'another one')).toBe('password-wrong');
      expect(await ask(`MATE@${world.slug}.example`)).toBe('nothing-to-change');
      const theirs = `staff@${world.slug}.example`;
      expect(await ask(theirs)).toBe('done');
      const letter = await told(theirs, 'Your address stays with your account');
      expect(letter.text).not.toContain('#');
      expect(letter.text).toMatch(/^Hello,/);
    });

    it('which somebody else took in between, not', async () => {
      const [client, email] = [await signedIn('mate'), fresh()];
      const token = await asked(client, email);
      await world.admin.query('update account set email = $1 where email = $2', [email, `manager@${world.slug}.example`]);
      expect((await client.call('confirmAddress', { body: { token } })).problem.code).toBe('link-ended');
      await world.admin.query('update account set email = $2 where email = $1', [email, `manager@${world.slug}.example`]);
    });

    it('asking no more often than a stranger may', async () => {
      const strict = await serve(world.database, world.clock, { signInTries: 2, trustProxy: 'loopback' });
      const client = new Client(strict.base, world.slug);
      client.takeCookies(await signedIn('mate'));
      const [body, from] = [
        { email: fresh(), password: PASSWORD },
        { 'X-Forwarded-For': `10.9.${randomInt(256)}.${randomInt(256)}` },
      ];
      const ask = async () => (await client.request('POST', '/api/account/address', body, from)).problem?.code ?? 'done';
      expect([await ask(), await ask(), await ask()]).toEqual(['done', 'done', 'too-many-attempts']);
      await strict.close();
    });
  });

  describe('has a second factor', () => {
    const email = () => `bookkeeper@${world.slug}.example`;
    const codeAt = (secret: string, now: string) =>
      new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.parse(now) });
    const later = (seconds: number) => {
      world.clock.hold(new Date(Date.parse(world.clock.now()) + seconds * 1000).toISOString());
      return world.clock.now();
    };
    const signIn = (client: Client, code?: string) =>
      client.call('signIn', { body: { email: email(), password: PASSWORD, ...(code === undefined ? {} : { code }) } });
    const tried = async (code?: string) => (await signIn(world.client(), code)).problem?.code ?? 'done';
    async function begun(client: Client) {
      const made = await client.done('beginSecondFactor', { body: { password: PASSWORD } });
      return { ...made, code: () => codeAt(made.secret, world.clock.now()) };
    }
    async function withFactor() {
      const client = await signedIn('bookkeeper');
      const { secret, code } = await begun(client);
      const { codes } = await client.done('confirmSecondFactor', { body: { code: code() } });
      return { client, secret, code, codes };
    }
    afterEach(() => world.admin.query('delete from recovery_code').then(() => world.admin.query('delete from second_factor')));

    it('by the codes that the standard gives', () => {
      // RFC 6238, appendix B, for SHA-1; its codes have eight digits, of which six are the last.
      const secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
      const table: [number, string][] = [
        [59, '94287082'],
        [1_111_111_109, '07081804'],
        [1_111_111_111, '14050471'],
        [1_234_567_890, '89005924'],
        [2_000_000_000, '69279037'],
      ];
      for (const [seconds, digits] of table) {
        const at = (shift: number) => stepOf(secret, digits.slice(2), new Date((seconds + shift) * 1000).toISOString());
        expect(at(0)).toBe(Math.floor(seconds / 30));
        // One step before and after is taken: a device whose clock is a little off. Two are not.
        expect([at(30), at(-30), at(60), at(-60)]).toEqual([Math.floor(seconds / 30), Math.floor(seconds / 30), null, null]);
      }
      expect(stepOf(secret, '287 082', new Date(59_000).toISOString())).toBe(1);
    });

    it('from the first code of it on; other windows are signed out, and its address is told', async () => {
      const [client, there] = [await signedIn('bookkeeper'), await signedIn('bookkeeper')];
      expect(await client.done('readSecondFactor')).toEqual({ set: false, codes: 0 });
      const { secret, uri, picture, code } = await begun(client);
      expect(uri).toMatch(/^otpauth:\/\/totp\/Yellowwood:/);
      expect(uri).toContain(`secret=${secret}`);
      expect(Secret.fromBase32(secret).bytes.length).toBe(20);
      expect(picture.path.startsWith('M0 0h1v1h-1z')).toBeTrue();
      // Begun is not set: until a code was typed, it may be begun anew.
      expect(await tried()).toBe('done');
      expect((await begun(client)).secret).not.toBe(secret);
      expect((await client.call('confirmSecondFactor', { body: { code: code() } })).problem.code).toBe('code-wrong');
      const last = await begun(client);
      const { codes } = await client.done('confirmSecondFactor', { body: { code: last.code() } });
      expect(codes.length).toBe(10);
      expect(codes.every((one) => /^[a-z2-7]{4}(-[a-z2-7]{4}){3}$/.test(one))).toBeTrue();
      expect(await client.done('readSecondFactor')).toEqual({ set: true, codes: 10 });
      expect((await there.call('readMe')).problem.code).toBe('not-signed-in');
      await told(email(), 'You sign in with a second factor now');
      expect((await client.call('beginSecondFactor', { body: { password: PASSWORD } })).problem.code).toBe('second-factor-set');
      const again = await client.call('confirmSecondFactor', { body: { code: codeAt(last.secret, later(30)) } });
      expect(again.problem.code).toBe('second-factor-set');
    });

    it('which is asked for at signing in; no code works twice, nor an earlier one', async () => {
      const { secret } = await withFactor();
      expect(await tried()).toBe('code-needed');
      expect(await tried('000000')).toBe('code-wrong');
      const now = later(60);
      const [earlier, code] = [codeAt(secret, new Date(Date.parse(now) - 30_000).toISOString()), codeAt(secret, now)];
      expect([await tried(code), await tried(code), await tried(earlier)]).toEqual(['done', 'code-wrong', 'code-wrong']);
      const at = later(30);
      const both = await Promise.all([tried(codeAt(secret, at)), tried(codeAt(secret, at))]);
      expect(both.sort()).toEqual(['code-wrong', 'done']);
    });

    it('or by a recovery code, once, of which only the hash is kept', async () => {
      const { client, code, codes } = await withFactor();
      expect(await tried(codes[0]!.replaceAll('-', ' ').toUpperCase())).toBe('done');
      expect(await tried(codes[0])).toBe('code-wrong');
      expect((await client.done('readSecondFactor')).codes).toBe(9);
      const kept = (await world.admin.query<{ hash: string }>('select hash from recovery_code')).rows.map(({ hash }) => hash);
      expect(kept.some((hash) => codes.some((one) => hash.includes(one)))).toBeFalse();
      later(30);
      const renewed = await client.done('renewRecoveryCodes', { body: { code: code() } });
      expect([await tried(codes[1]), await tried(renewed.codes[0])]).toEqual(['code-wrong', 'done']);
      expect((await client.call('renewRecoveryCodes', { body: { code: '000000' } })).problem.code).toBe('code-wrong');
    });

    it('until it is ended, with the password and a code', async () => {
      const { client, code } = await withFactor();
      later(30);
      const end = async (password: string, typed: string) =>
        (await client.call('endSecondFactor', { body: { password, code: typed } })).problem?.code ?? 'done';
      expect([await end('another one', code()), await end(PASSWORD, '000000')]).toEqual(['password-wrong', 'code-wrong']);
      expect(await end(PASSWORD, code())).toBe('done');
      expect(await tried()).toBe('done');
      await told(email(), 'Your second factor was ended');
      expect(await end(PASSWORD, code())).toBe('code-wrong');
      expect((await client.call('renewRecoveryCodes', { body: { code: code() } })).problem.code).toBe('code-wrong');
    });

    it('of which guessing is held up, and asking for it is not guessing', async () => {
      await withFactor();
      const strict = await serve(world.database, world.clock, { signInTries: 2, trustProxy: 'loopback' });
      const client = new Client(strict.base, world.slug);
      // From a place of its own: every address is counted over all accounts, and other tests mistype too.
      const from = { 'X-Forwarded-For': `10.8.${randomInt(256)}.${randomInt(256)}` };
      const answers = [];
      for (const code of [undefined, undefined, undefined, '000001', '000002', '000003']) {
        const body = { email: email(), password: PASSWORD, ...(code === undefined ? {} : { code }) };
        answers.push((await client.request('POST', '/api/session', body, from)).problem.code);
      }
      expect(answers).toEqual([
        ...(['code-needed', 'code-needed', 'code-needed'] as const),
        ...(['code-wrong', 'code-wrong', 'too-many-attempts'] as const),
      ]);
      await strict.close();
    });

    it('of which guessing is held up also for whoever is signed in and knows the password', async () => {
      const { client } = await withFactor();
      const strict = await serve(world.database, world.clock, { signInTries: 1 });
      const own = new Client(strict.base, world.slug);
      own.takeCookies(client);
      const guess = async (name: 'endSecondFactor' | 'renewRecoveryCodes') =>
        (await own.call(name, { body: { code: '000000', ...(name === 'endSecondFactor' && { password: PASSWORD }) } as never }))
          .problem.code;
      expect([await guess('endSecondFactor'), await guess('endSecondFactor'), await guess('endSecondFactor')]).toEqual([
        ...(['code-wrong', 'code-wrong', 'too-many-attempts'] as const),
      ]);
      later(60);
      expect([await guess('renewRecoveryCodes'), await guess('renewRecoveryCodes')]).toEqual(['code-wrong', 'too-many-attempts']);
      later(3600);
      await strict.close();
    });

    it('where the firm asks it of those who see money', async () => {
      const owner = await signedIn('owner');
      const bookkeeper = await signedIn('bookkeeper');
      const rule = (factorForMoney: boolean, version: number, as = owner) =>
        as.call('changeSignInRule', { body: { factorForMoney }, version });
      const before = await owner.done('readSignInRule');
      expect(before.people.map(({ name, factor }) => [name, factor])).toEqual([
        ['Bookkeeper Person', false],
        ['Manager Person', false],
        ['Owner Person', false],
      ]);
      expect((await rule(true, before.version)).problem.code).toBe('own-factor-first');
      expect((await rule(false, before.version)).problem.code).toBe('nothing-to-change');
      expect((await rule(true, before.version, bookkeeper)).problem.code).toBe('right-missing');
      const own = await begun(owner);
      await owner.done('confirmSecondFactor', { body: { code: own.code() } });
      expect((await rule(true, before.version + 1)).problem.code).toBe('version-stale');
      const set = await rule(true, before.version);
      expect([set.body.rule.factorForMoney, set.body.version]).toEqual([true, before.version + 1]);
      expect(set.body.people.find(({ name }) => name === 'Owner Person')!.factor).toBeTrue();
      expect((await owner.call('readMe')).status).toBe(200);
      expect((await bookkeeper.call('readMe')).problem.code).toBe('second-factor-needed');
      expect((await world.as('staff').call('readMe')).status).toBe(200);
      // Another firm of hers does not ask.
      const theirs = await begun(bookkeeper);
      expect((await bookkeeper.call('readMe')).problem.code).toBe('second-factor-needed');
      await bookkeeper.done('confirmSecondFactor', { body: { code: theirs.code() } });
      expect((await bookkeeper.call('readMe')).status).toBe(200);
      const late = await meanwhile(world, 'select from firm for update', 'update firm set version = version + 1', () =>
        rule(false, set.body.version),
      );
      expect(late.problem.code).toBe('version-stale');
      await rule(false, set.body.version + 1);
      const history = await owner.done('readHistory', { params: { id: world.firmId } });
      expect(history.events.map(({ after }) => after)).toEqual([{ factorForMoney: true }, { factorForMoney: false }]);
    });
  });

  describe('leaves a firm', () => {
    it('by its own will: what runs is kept, nobody comes back by themselves, and another owner may bring them back', async () => {
      const client = await signedIn('staff');
      const timer = newId();
      await client.done('startTimer', {
        body: {
          ...{ id: timer, projectId: world.ids.project, taskId: null, serviceId: null, note: '', others: 'pause' as const },
          startedAt: new Date(Date.parse(world.clock.now()) - 3600_000).toISOString(),
        },
      });
      await client.done('leaveFirm', { version: (await client.done('readMe')).person.version });
      expect((await client.call('readMe')).problem.code).toBe('firm-unknown');
      expect((await client.done('readSession')).firms).toEqual([]);
      const [entry] = await world.sql<{ quantity: number }>('select quantity from entry where id = $1', [timer]);
      expect(entry!.quantity).toBe(3600);
      // Another test may have signed the owner's first window out.
      const owner = await signedIn('owner');
      const person = (await owner.done('listStaff')).people.find(({ id }) => id === world.ids.staff)!;
      expect([person.account, person.leftOn]).toEqual(['none', world.clock.now().slice(0, 10)]);
      const { events } = await owner.done('readHistory', { params: { id: world.ids.staff } });
      expect(events.map(({ action, by }) => [action, by])).toEqual([['access ended', 'Staff Person']]);
      await owner.done('personReturns', { params: { id: person.id }, version: person.version });
      expect((await client.call('readMe')).status).toBe(200);
    });

    it('not as its last owner', async () => {
      const client = await signedIn('owner');
      const { version } = (await client.done('readMe')).person;
      expect((await client.call('leaveFirm', { version })).problem.code).toBe('last-owner');
      expect((await client.call('leaveFirm', { version: version + 1 })).problem.code).toBe('version-stale');
      expect((await client.done('readMe')).person.version).toBe(version);
    });
  });
});
