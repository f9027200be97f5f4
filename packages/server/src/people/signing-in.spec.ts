import { get, request } from 'node:http';
import { randomInt } from 'node:crypto';
import { Client, PASSWORD, Served, World, makeWorld, serve } from '../testing';

/** Somebody at an address of their own, behind a proxy that is believed. */
class Visitor {
  readonly cookies = new Map<string, string>();

  constructor(
    private readonly base: string,
    private readonly address: string,
  ) {}

  async send(method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
    const answer = await fetch(`${this.base}/api${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        'X-Forwarded-For': this.address,
        'X-Forwarded-Proto': 'https',
        Cookie: [...this.cookies].map(([key, value]) => `${key}=${value}`).join('; '),
        ...headers,
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const set = answer.headers.getSetCookie();
    for (const cookie of set) {
      const [, key, value] = /^([^=]+)=([^;]*)/.exec(cookie)!;
      this.cookies.set(key!, value!);
    }
    return { status: answer.status, set, json: (await answer.json()) as { code?: string; seconds?: number } };
  }

  signIn(email: string, password: string) {
    return this.send('POST', '/session', { email, password });
  }
}

/** Signs in, wrongly, from an address of loopback's, claiming another one. @returns the status */
function signInFrom(localAddress: string, base: string, claimed: string, email: string): Promise<number> {
  const headers = { 'Content-Type': 'application/json', 'X-Forwarded-For': claimed };
  return new Promise((resolve, reject) => {
    const sent = request(`${base}/api/session`, { method: 'POST', localAddress, headers }, (answer) => {
      answer.resume();
      resolve(answer.statusCode!);
    });
    sent.on('error', reject);
    sent.end(JSON.stringify({ email, password: 'x' }));
  });
}

describe('signing in', () => {
  let world: World;
  let behind: Served;
  let email: (who: string) => string;
  // Addresses of this run alone: what failed before counts for others.
  const net = `10.${randomInt(256)}.${randomInt(256)}`;
  let last = 0;
  const wait = (milliseconds: number) => world.clock.set(new Date(Date.parse(world.clock.now()) + milliseconds).toISOString());
  const stranger = () => new Visitor(behind.base, `${net}.${(last += 1)}`);

  beforeAll(async () => {
    world = await makeWorld();
    email = (who) => `${who}@${world.slug}.example`;
    behind = await serve(world.database, world.clock, { signInTries: 3, trustProxy: 'loopback', secureCookies: true });
  });
  afterAll(async () => {
    await behind.close();
    await world.close();
  });

  it('makes whoever guesses wait, longer each time, and tells how long', async () => {
    const guesser = stranger();
    const answers = [];
    for (let attempt = 0; attempt < 5; attempt += 1) answers.push((await guesser.signIn(email('mate'), 'wrong')).status);
    expect(answers).toEqual([401, 401, 401, 429, 429]);
    // Even the right password waits: nobody learns by trying.
    const right = await guesser.signIn(email('mate'), PASSWORD);
    expect([right.status, right.json.code]).toEqual([429, 'too-many-attempts']);
    wait(3000);
    expect((await guesser.signIn(email('mate'), 'wrong')).status).toBe(401);
    wait(3000);
    expect((await guesser.signIn(email('mate'), 'wrong')).status)
      .withContext('four seconds now')
      .toBe(429);
    wait(2000);
    expect((await guesser.signIn(email('mate'), PASSWORD)).status).toBe(200);
  });

  it('forgets what failed before somebody signed in', async () => {
    const own = stranger();
    for (let round = 0; round < 2; round += 1) {
      for (let attempt = 0; attempt < 2; attempt += 1) expect((await own.signIn(email('manager'), 'mistyped')).status).toBe(401);
      // A browser that is not known yet: the next one is counted from nothing again.
      own.cookies.clear();
      expect((await own.signIn(email('manager'), PASSWORD)).status).toBe(200);
      own.cookies.clear();
    }
  });

  it('makes nobody wait because a clock was set back', async () => {
    const own = stranger();
    expect((await own.signIn(email('bookkeeper'), 'mistyped')).status).toBe(401);
    wait(-3_600_000);
    expect((await own.signIn(email('bookkeeper'), PASSWORD)).status).toBe(200);
    wait(3_600_000);
  });

  it('lets a stranger not lock out the person whose browser is known', async () => {
    const own = stranger();
    expect((await own.signIn(email('owner'), PASSWORD)).status).toBe(200);
    const strangers = Array.from({ length: 8 }, stranger);
    for (const one of strangers) for (let attempt = 0; attempt < 3; attempt += 1) await one.signIn(email('owner'), 'guess');
    expect((await stranger().signIn(email('owner'), PASSWORD)).status)
      .withContext('a new browser waits')
      .toBe(429);
    expect((await own.signIn(email('owner'), PASSWORD)).status).toBe(200);
  });

  it('guesses no faster from a hundred addresses, nor over many accounts from one', async () => {
    let looked = 0;
    for (let address = 0; address < 20; address += 1)
      if ((await stranger().signIn(email('staff'), `guess ${address}`)).status === 401) looked += 1;
    expect(looked).toBe(12);
    const one = stranger();
    looked = 0;
    for (let account = 0; account < 24; account += 1)
      if ((await one.signIn(`nobody${account}@${world.slug}.example`, 'guess')).status === 401) looked += 1;
    expect(looked).toBe(18);
  });

  it('believes what a proxy says only where one is named', async () => {
    const own = stranger();
    const answer = await own.signIn(email('bookkeeper'), PASSWORD);
    // Secure cookies are set although this server itself is not reached over TLS.
    expect(
      answer.set.filter((cookie) => /^(yellowwood|XSRF-TOKEN|known)=/.test(cookie)).map((cookie) => /; Secure/.test(cookie)),
    ).toEqual([true, true, true]);
    const plain = await serve(world.database, world.clock, { signInTries: 3 });
    const own127 = net.replace('10.', '127.') + '.1';
    const answers = [];
    // Ten claimed addresses are one, where nobody may claim any.
    for (let attempt = 0; attempt < 5; attempt += 1)
      answers.push(await signInFrom(own127, plain.base, `${net}.${200 + attempt}`, `claimed@${world.slug}.example`));
    await plain.close();
    expect(answers).toEqual([401, 401, 401, 429, 429]);
  });

  it('has cookies that live as long as the session, and renews a token that is missing', async () => {
    const own = stranger();
    const { set } = await own.signIn(email('manager'), PASSWORD);
    const until = (name: string) => Date.parse(/Expires=([^;]+)/.exec(set.find((cookie) => cookie.startsWith(`${name}=`))!)![1]!);
    expect(Math.abs(until('yellowwood') - until('XSRF-TOKEN'))).toBeLessThan(2000);
    const token = own.cookies.get('XSRF-TOKEN')!;
    own.cookies.delete('XSRF-TOKEN');
    const preferences = { theme: 'dark', durationForm: 'decimal', forms: { dates: null, clock: null, numbers: null } };
    const refused = await own.send('PUT', '/preferences', preferences);
    expect([refused.status, refused.json.code]).toEqual([403, 'token-renewed']);
    expect(own.cookies.get('XSRF-TOKEN')).toBe(token);
    expect((await own.send('PUT', '/preferences', preferences, { 'X-XSRF-TOKEN': token })).status).toBe(200);
    // Signing in needs no token, whatever is left of the last session.
    own.cookies.delete('XSRF-TOKEN');
    expect((await own.signIn(email('manager'), PASSWORD)).status).toBe(200);
    expect(
      (
        await own.send(
          'POST',
          '/session',
          { email: email('manager'), password: PASSWORD },
          { Origin: 'https://elsewhere.example' },
        )
      ).json.code,
    ).toBe('origin-refused');
  });

  it('takes no blanks for a password', async () => {
    const client = new Client(world.base, world.slug);
    await client.signIn(email('mate'));
    const answer = await client.call('changePassword', { body: { current: PASSWORD, next: '            ' } });
    expect(answer.status).toBe(400);
    expect(await new Client(world.base, world.slug).signIn(email('mate'))).toBe(200);
  });

  it('answers paths that are no text with a sentence', async () => {
    for (const path of ['/api/f/%00/work', '/api/f/%E0%A4%A/work', '/f/%00/record', '/%FF'])
      expect(
        await new Promise<number>((resolve) => get(`${world.base}${path}`, (answer) => resolve(answer.resume().statusCode!))),
      )
        .withContext(path)
        .toBeLessThan(500);
  });
});
