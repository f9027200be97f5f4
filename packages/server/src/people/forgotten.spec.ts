import { randomInt, randomUUID } from 'node:crypto';
import { WRITE, transaction } from '../platform/database';
import { Letter, Mailer, tellingMailer } from '../platform/mailer';
import { prune } from '../platform/prune';
import { PASSWORD, PostOffice, TURN, World, makeWorld, serve, until } from '../testing';
import { post } from './post';
import { sendMail } from './send-mail';

const NEXT = 'another password for tests';

describe('a forgotten password', () => {
  let world: World;
  let mailbox: PostOffice;
  const email = (who: string) => `${who}@${world.slug}.example`;

  beforeAll(async () => {
    world = await makeWorld();
    mailbox = await PostOffice.open(world);
  }, TURN);
  afterAll(async () => {
    await mailbox.close();
    await world.close();
  });

  const to = (address: string) => mailbox.to(address);
  const stored = async (address: string) =>
    (
      await world.admin.query<{ id: string; sent_at: Date | null }>('select id, sent_at from mail where recipient = $1', [
        address,
      ])
    ).rows;
  /** Sent, or found to have nobody to go to. */
  const settled = (address: string) =>
    until(async () => {
      const rows = await stored(address);
      return rows.length > 0 && rows.every((row) => row.sent_at) ? rows : undefined;
    });
  const tokenIn = (text: string) => /\/reset#([\w-]+)/.exec(text)![1]!;

  const links = (who: string) => to(email(who)).filter(({ subject }) => subject === 'Set a new password');
  async function asked(who: string): Promise<string> {
    const before = links(who).length;
    await world.client().done('forgotPassword', { body: { email: email(who) } });
    const message = await until(() => (links(who).length > before ? links(who)[0] : undefined));
    return tokenIn(message.text);
  }

  it('comes to a new one by a message, once; other windows are signed out and the address is told', async () => {
    const token = await asked('staff');
    const [message] = links('staff');
    expect(message!.subject).toBe('Set a new password');
    expect(message!.text).toContain(`https://time.firm.example/reset#${token}`);
    expect(message!.html).toContain(`href="https://time.firm.example/reset#${token}"`);

    const stranger = world.client();
    await stranger.done('resetPassword', { body: { token, password: NEXT } });
    expect((await world.as('staff').call('readMe')).problem.code).toBe('not-signed-in');
    expect(await stranger.signIn(email('staff'), PASSWORD)).toBe(401);
    expect(await stranger.signIn(email('staff'), NEXT)).toBe(200);
    const again = await world.client().call('resetPassword', { body: { token, password: PASSWORD } });
    expect([again.status, again.problem.code]).toEqual([410, 'link-ended']);

    const told = await until(() => to(email('staff')).find(({ subject }) => subject === 'Your password was changed'));
    expect(told.text).toContain('https://time.firm.example/forgotten');
    expect(await world.as('staff').signIn(email('staff'), NEXT)).toBe(200);
  });

  it('ends with its hour, and with every other link of the account', async () => {
    const [first, second] = [await asked('mate'), await asked('mate')];
    expect(first).not.toBe(second);
    const now = world.clock.now();
    world.clock.hold(new Date(Date.parse(now) + 3600_001).toISOString());
    expect((await world.client().call('resetPassword', { body: { token: first, password: NEXT } })).problem.code).toBe(
      'link-ended',
    );
    world.clock.hold(new Date(Date.parse(now) + 3599_000).toISOString());
    await world.client().done('resetPassword', { body: { token: second, password: NEXT } });
    expect((await world.client().call('resetPassword', { body: { token: first, password: NEXT } })).problem.code).toBe(
      'link-ended',
    );
  });

  it('answers a stranger alike, and sends nothing to an address without an account', async () => {
    const nobody = `nobody-${randomUUID()}@${world.slug}.example`;
    expect(await world.client().done('forgotPassword', { body: { email: nobody } })).toBeNull();
    await settled(nobody);
    expect(to(nobody)).toEqual([]);
    expect((await world.client().call('resetPassword', { body: { token: 'made-up', password: NEXT } })).problem.code).toBe(
      'link-ended',
    );
    expect((await world.client().call('resetPassword', { body: { token: 'made-up', password: 'short' } })).status).toBe(400);
  });

  it('keeps nothing that lets anybody in', async () => {
    const token = await asked('manager');
    const { rows } = await world.admin.query(
      `select row_to_json(t)::text as row from token t union all select row_to_json(m)::text from mail m
       union all select row_to_json(j)::text from pgboss.job j`,
    );
    expect(rows.length).toBeGreaterThan(2);
    expect(JSON.stringify(rows)).not.toContain(token);
    // The application itself reads neither, but through its functions.
    for (const table of ['mail', 'token'])
      await expectAsync(world.database.query(`select * from ${table}`)).toBeRejectedWithError(/permission denied/);
  });

  it('is caused with the transaction or not at all', async () => {
    const address = email('owner');
    const count = (await stored(address)).length;
    await expectAsync(
      transaction(world.database, WRITE, async (tx) => {
        await post(tx, { kind: 'password-changed', recipient: address }, world.clock.now());
        throw new Error('something else went wrong');
      }),
    ).toBeRejectedWithError('something else went wrong');
    expect((await stored(address)).length).toBe(count);
  });

  it('is sent under the same id until the mail server has taken it, and then no more', async () => {
    const id = randomUUID();
    await world.admin.query("select write_mail($1, 'password-reset', $2, $3, null, null)", [
      id,
      email('bookkeeper').toUpperCase(),
      world.clock.now(),
    ]);
    const sent: { to: string; id: string; letter: Letter }[] = [];
    let up = false;
    const flaky: Mailer = {
      async send(to, mail, letter) {
        sent.push({ to, id: mail, letter });
        if (!up) throw new Error('the connection broke after the message was taken');
      },
    };
    await expectAsync(sendMail({ ...mailbox.office, mailer: flaky }, id)).toBeRejectedWithError(/connection broke/);
    up = true;
    await sendMail({ ...mailbox.office, mailer: flaky }, id);
    await sendMail({ ...mailbox.office, mailer: flaky }, id);
    expect(sent.map((one) => [one.to, one.id])).toEqual([
      [email('bookkeeper'), id],
      [email('bookkeeper'), id],
    ]);
    // Nobody knows which of the two was read: both let in, until one of them has.
    const [first, second] = sent.map(({ letter }) => tokenIn(letter.text));
    await world.client().done('resetPassword', { body: { token: first!, password: NEXT } });
    expect((await world.client().call('resetPassword', { body: { token: second!, password: NEXT } })).problem.code).toBe(
      'link-ended',
    );
  });

  it('is sent after all where the worker died with it', async () => {
    const address = email('owner');
    const id = randomUUID();
    await world.admin.query("select write_mail($1, 'password-changed', $2, $3, null, null)", [id, address, world.clock.now()]);
    // Taken two minutes ago by a worker that is no more.
    await world.admin.query(
      `insert into pgboss.job (name, data, state, started_on, retry_limit, expire_in)
       values ('mail', $1, 'active', now() - interval '2 minutes', 3, interval '1 minute')`,
      [JSON.stringify({ id })],
    );
    const message = await until(() => to(address).find((one) => one.id.startsWith(id)));
    expect(message.subject).toBe('Your password was changed');
  });

  it('lets no name become markup, and no address a header', async () => {
    await world.admin.query("update account set name = '<img src=x> & Sons' where email = $1", [email('mate')]);
    await asked('mate');
    const [message] = links('mate');
    expect(message!.text).toContain('Hello <img src=x> & Sons,');
    expect(message!.html).toContain('Hello &lt;img src=x&gt; &amp; Sons,');
    // Nor on the page of what was caught, where nothing is loaded from elsewhere and no script runs.
    const shown = await fetch(`${mailbox.catcher.page}message/${encodeURIComponent(message!.id)}`);
    expect(shown.headers.get('content-security-policy')).toMatch(/^default-src 'none'; style-src 'unsafe-inline'/);
    expect(await shown.text()).toMatch(/^(?!.*<img).*Hello &lt;img src=x&gt; &amp; Sons,/s);
    expect((await fetch(`${mailbox.catcher.page}message/another`)).status).toBe(404);
    const answer = await world.client().call('forgotPassword', { body: { email: 'a@b.example\r\nBcc: c@d.example' } });
    expect(answer.status).toBe(400);
  });

  it('tells the account of a password that its owner changed, too', async () => {
    const before = to(email('manager')).length;
    await world.as('manager').done('changePassword', { body: { current: PASSWORD, next: NEXT } });
    const message = await until(() => (to(email('manager')).length > before ? to(email('manager'))[0] : undefined));
    expect(message.subject).toBe('Your password was changed');
  });

  it('is asked for no faster than one could sign in, whoever asks and for whom', async () => {
    const strict = await serve(world.database, world.clock, { signInTries: 3, trustProxy: 'loopback' });
    const ask = async (address: string, from: string, path = 'forgotten', body: object = { email: address }) =>
      (
        await fetch(`${strict.base}/api/password/${path}`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', 'X-Forwarded-For': from },
          body: JSON.stringify(body),
        })
      ).status;
    // Addresses of this run alone: what was tried before counts.
    const net = `10.${randomInt(256)}.${randomInt(256)}`;
    const there = `asked-${randomUUID()}@firm.example`;
    const answers = [];
    for (let attempt = 0; attempt < 4; attempt += 1) answers.push(await ask(there, `${net}.1`));
    expect(answers).toEqual([200, 200, 200, 429]);
    // Somebody else is not held up by that, and guessing at links is.
    expect(await ask(`asked-${randomUUID()}@firm.example`, `${net}.2`)).toBe(200);
    const guesses = [];
    for (let attempt = 0; attempt < 19; attempt += 1)
      guesses.push(await ask('', `${net}.3`, 'reset', { token: `guess${attempt}`, password: NEXT }));
    expect([guesses[0], guesses.at(-1)]).toEqual([410, 429]);
    expect(await ask('', `${net}.4`, 'reset', { token: 'one-guess', password: NEXT })).toBe(410);

    // Asking holds up nobody who knows his password, and whoever did not know it may sign in once he has a new one.
    const signIn = (who: string, password: string, from: string) => ask('', from, '../session', { email: email(who), password });
    for (let attempt = 0; attempt < 4; attempt += 1) await ask(email('owner'), `${net}.5`);
    expect(await signIn('owner', PASSWORD, `${net}.5`)).toBe(200);
    for (let attempt = 0; attempt < 4; attempt += 1) await signIn('owner', 'wrong', `${net}.6`);
    expect(await signIn('owner', PASSWORD, `${net}.6`)).toBe(429);
    const token = await asked('owner');
    expect(await ask('', `${net}.6`, 'reset', { token, password: NEXT })).toBe(200);
    expect(await signIn('owner', NEXT, `${net}.6`)).toBe(200);
    await strict.close();
  });

  it('is forgotten after a month', async () => {
    const address = `old-${randomUUID()}@firm.example`;
    const young = randomUUID();
    for (const [id, at] of [
      [randomUUID(), '2026-01-01T00:00:00.000Z'],
      [young, world.clock.now()],
    ])
      await world.admin.query("select write_mail($1, 'password-changed', $2, $3, null, null)", [id, address, at]);
    await prune(world.database, world.clock);
    expect((await stored(address)).map((row) => row.id)).toEqual([young]);
  });

  it('is told on the terminal where there is no mail server', async () => {
    const told: string[] = [];
    const id = randomUUID();
    await world.admin.query("select write_mail($1, 'password-reset', $2, $3, null, null)", [
      id,
      email('owner'),
      world.clock.now(),
    ]);
    await sendMail({ ...mailbox.office, mailer: tellingMailer((text) => told.push(text)) }, id);
    expect(told.join()).toMatch(/SMTP_URL.*\/reset#[\w-]{43}/s);
  });
});
