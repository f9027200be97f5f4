import { randomBytes, randomInt } from 'node:crypto';
import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Client, MONDAY, PostOffice, TURN, World, makeWorld, meanwhile, until } from '../testing';

const STRONG = 'nine umber kettles sing';

type Wish = BodyOf<Endpoints['createLink']>;
type Account = NonNullable<BodyOf<Endpoints['joinByLink']>['account']>;

describe('people without a mailbox', () => {
  let world: World;
  let mailbox: PostOffice;
  let consents: Account['consents'];
  let team: string;

  beforeAll(async () => {
    world = await makeWorld();
    mailbox = await PostOffice.open(world);
    const { texts } = await world.client().done('readTexts');
    consents = { terms: texts[0]!.version, data: texts[1]!.version };
    team = (await world.as('owner').done('listTeams')).teams[0]!.id;
  }, TURN);
  afterAll(async () => {
    await mailbox.close();
    await world.close();
  });

  const owner = () => world.as('owner');
  const number = () => `+4477${String(randomInt(1e8)).padStart(8, '0')}`;
  const account = (names: Partial<Account> = {}): Account => ({
    ...{ name: 'Pip Farr', number: number(), password: STRONG, consents, ...names },
  });
  async function link(names: Partial<Wish> = {}, maker = owner()): Promise<Wish> {
    const token = randomBytes(32).toString('base64url');
    const body: Wish = { id: newId(), token, role: 'staff', teamId: null, uses: 1, days: 7, ...names };
    await maker.done('createLink', { body });
    return body;
  }
  const code = async (asking: Promise<{ status: number; problem?: { code: string } }>) => {
    const { status, problem } = await asking;
    return problem?.code ?? status;
  };
  const staffOf = async (email: string) => (await owner().done('listStaff')).people.find((one) => one.email === email)!;
  /** Somebody new at the page of a link, in the firm. */
  const somebody = () => new Client(world.base, world.slug);
  const join = (client: Client, { token }: Wish, own: Account | null) =>
    client.call('joinByLink', { body: { token, account: own } });

  describe('join by a link', () => {
    it('and see their own week once somebody has said that it is them', async () => {
      const made = await link({ teamId: team, uses: 2 });
      const client = somebody();
      const told = await client.done('readLink', { body: { token: made.token } });
      expect(told).toEqual({ firm: `Firm ${world.slug}`, sender: 'Owner Person', role: 'staff', ownRole: null, team: 'Team' });
      const theirs = number();
      const own = account({ name: ' Pip Farr ', number: `00${theirs.slice(1, 3)} (${theirs.slice(3, 7)}) ${theirs.slice(7)}` });
      const { slug, session } = (await join(client, made, own)).body;
      expect([slug, session.account!.email, session.firms.map((one) => one.slug)]).toEqual([world.slug, theirs, [world.slug]]);
      const waits = await client.call('readMe');
      expect([waits.status, waits.problem.code, waits.problem.detail]).toEqual([
        403,
        'not-confirmed',
        `You have joined Firm ${world.slug}. Somebody there says that it is you; then your week opens.`,
      ]);
      expect(await code(client.call('readWork'))).toBe('not-confirmed');
      const person = await staffOf(theirs);
      const { planned } = await owner().done('readPerson', { params: { id: person.id } });
      expect([person.name, person.account, person.roles, person.teams, planned?.hours.length]).toEqual([
        ...['Pip Farr', 'waiting', ['staff'], ['Team'], 7],
      ]);
      const { links } = await owner().done('listLinks');
      expect(links.filter(({ id }) => id === made.id)).toEqual([
        jasmine.objectContaining({ role: 'staff', team: 'Team', uses: 2, used: 1, by: 'Owner Person' }),
      ]);
      await owner().done('confirmPerson', { params: { id: person.id } });
      const me = await client.done('readMe');
      expect([me.person.name, me.guide]).toEqual(['Pip Farr', true]);
      expect((await client.done('readTimesheet', { params: { from: MONDAY } })).may.record).toBeTrue();
      expect((await staffOf(theirs)).account).toBe('active');
      const { events } = await owner().done('readHistory', { params: { id: person.id } });
      expect(events.map(({ action, by }) => [action, by])).toEqual([
        ['firm joined', 'Pip Farr'],
        ['person confirmed', 'Owner Person'],
      ]);
      // The number signs in, however it is typed; as a stranger's does not.
      const again = somebody();
      expect(await again.signIn(own.number, STRONG)).toBe(200);
      expect(await somebody().signIn(number(), STRONG)).toBe(401);
    });

    it('as who they are where they have an account, and nobody twice', async () => {
      const made = await link({ uses: 5 });
      expect(await code(join(somebody(), made, null))).toBe('not-signed-in');
      const mate = somebody();
      await mate.signIn(`mate@${world.slug}.example`);
      expect(await code(join(mate, made, null))).toBe('already-member');
      const twice = account();
      expect(await code(join(somebody(), made, twice))).toBe(200);
      expect(await code(join(somebody(), made, twice))).toBe('account-exists');
      // Nothing of what was refused was used up.
      const [used] = await world.sql<{ used: number }>('select used from join_link where id = $1', [made.id]);
      expect(used!.used).toBe(1);
      const known = somebody();
      await known.signIn(twice.number, STRONG);
      const second = await link();
      const other = await makeWorld();
      const elsewhere = randomBytes(32).toString('base64url');
      const wish = { id: newId(), token: elsewhere, role: 'staff' as const, teamId: null, uses: 1, days: 1 };
      await other.as('owner').done('createLink', { body: wish });
      expect((await join(known, wish, null)).body.session.firms.length).toBe(2);
      await other.close();
      expect(await code(join(known, second, null))).toBe('already-member');
    });

    it('with what can be read, and a password that is not easily guessed', async () => {
      const made = await link({ uses: 3 });
      expect(await code(join(somebody(), made, account({ number: '+44 12' })))).toBe('request-invalid');
      expect(await code(join(somebody(), made, account({ number: '+44 (0) 12 3' })))).toBe('handle-unreadable');
      // An address has an account once a message has shown whose it is, and by no other way.
      const address = `pip-${newId()}@${world.slug}.example`;
      expect(await code(join(somebody(), made, account({ number: address })))).toBe('handle-unreadable');
      expect((await world.admin.query('select from account where email = $1', [address])).rowCount).toBe(0);
      expect(await code(join(somebody(), made, account({ password: 'passwordpassword' })))).toBe('password-weak');
      const old = { ...consents, terms: '0' };
      expect(await code(join(somebody(), made, account({ consents: old })))).toBe('texts-changed');
    });

    it('as long as it lives: for so many, so long, and as whoever made it still could', async () => {
      const ended = await link();
      await owner().done('endLink', { params: { id: ended.id } });
      expect(await code(join(somebody(), ended, account()))).toBe('link-ended');
      expect(await code(owner().call('endLink', { params: { id: ended.id } }))).toBe('link-ended');
      const once = await link();
      const both = await Promise.all([join(somebody(), once, account()), join(somebody(), once, account())]);
      expect(both.map(({ status }) => status).sort()).toEqual([200, 410]);
      expect(await code(somebody().call('readLink', { body: { token: once.token } }))).toBe('link-ended');
      const brief = await link({ days: 1 });
      const now = world.clock.now();
      world.clock.hold(new Date(Date.parse(now) + 86_400_000).toISOString());
      expect(await code(join(somebody(), brief, account()))).toBe('link-ended');
      expect((await owner().done('listLinks')).links.some(({ id }) => id === brief.id)).toBeFalse();
      world.clock.hold(now);
      expect(await code(somebody().call('readLink', { body: { token: 'none' } }))).toBe('link-ended');
      // Ended while somebody joins: what they have read is no promise.
      const raced = await link();
      const late = await meanwhile(
        world,
        `select from join_link where id = '${raced.id}' for update`,
        `update join_link set ended_at = now() where id = '${raced.id}'`,
        () => join(somebody(), raced, account()),
      );
      expect(late.problem.code).toBe('link-ended');
    });

    it('and give nobody what whoever made the link could not give, then or any more', async () => {
      const person = async (who: 'mate' | 'manager') =>
        (await owner().done('listStaff')).people.find(({ id }) => id === world.ids[who])!;
      const administrator = async (roles: ['administrator'] | ['staff']) => {
        const { id, version } = await person('mate');
        await owner().done('changeRoles', { params: { id }, version, body: { roles, ownRoles: [] } });
      };
      await administrator(['administrator']);
      const mate = world.as('mate');
      const made = await link({}, mate);
      const wish = { ...made, id: newId(), token: randomBytes(32).toString('base64url') };
      expect(await code(mate.call('createLink', { body: { ...wish, role: 'bookkeeper' } }))).toBe('role-not-yours');
      expect(await code(mate.call('createLink', { body: { ...wish, teamId: team } }))).toBe('lead-not-yours');
      expect(await code(owner().call('createLink', { body: { ...wish, teamId: newId() } }))).toBe('team-unknown');
      await administrator(['staff']);
      expect(await code(join(somebody(), made, account()))).toBe('link-ended');
      // Who still looks after people, and holds less than the role by now.
      const { id: mateId, version } = await person('mate');
      await owner().done('changeRoles', { params: { id: mateId }, version, body: { roles: ['owner'], ownRoles: [] } });
      const higher = await link({ role: 'bookkeeper' }, mate);
      await administrator(['administrator']);
      expect(await code(join(somebody(), higher, account()))).toBe('link-ended');
      await administrator(['staff']);
      const managers = await link({ role: 'manager' });
      const own = account();
      await join(somebody(), managers, own);
      await administrator(['administrator']);
      const { id } = await staffOf(own.number);
      expect(await code(mate.call('confirmPerson', { params: { id } }))).toBe('role-not-yours');
      expect(await code(owner().call('confirmPerson', { params: { id: world.ids.staff } }))).toBe('nothing-to-confirm');
    });

    it('with a role of the firm’s own, until that is ended', async () => {
      const role = newId();
      await owner().done('createRole', { body: { id: role, name: 'Night shift', rights: { 'time.record': 'own' } } });
      const [made, other] = [await link({ role, uses: 2 }), await link()];
      const client = somebody();
      const told = await client.done('readLink', { body: { token: made.token } });
      expect([told.role, told.ownRole]).toEqual([null, 'Night shift']);
      expect((await owner().done('listLinks')).links.find(({ id }) => id === made.id)).toEqual(
        jasmine.objectContaining({ role: null, ownRole: 'Night shift' }),
      );
      const own = account();
      await join(client, made, own);
      const person = await staffOf(own.number);
      expect([person.roles, person.ownRoles]).toEqual([[], [role]]);
      const strange = {
        id: newId(),
        token: randomBytes(32).toString('base64url'),
        role: newId(),
        teamId: null,
        uses: 1,
        days: 1,
      };
      expect(await code(owner().call('createLink', { body: strange }))).toBe('role-unknown');
      await owner().done('changeRoles', {
        params: { id: person.id },
        version: person.version,
        body: { roles: ['staff'], ownRoles: [] },
      });
      const end = () => owner().call('endRole', { params: { id: role }, version: 1, body: {} });
      // Who joins meanwhile is seen, and keeps it.
      const late = await meanwhile(
        world,
        `select from join_link where id = '${made.id}' for update`,
        `insert into person_own_role values ('${world.firmId}', '${world.ids.mate}', '${role}')`,
        end,
      );
      expect(late.problem?.code).toBe('role-held');
      await world.sql('delete from person_own_role where role_id = $1', [role]);
      expect((await end()).problem).toBeNull();
      expect(await code(join(somebody(), made, account()))).toBe('link-ended');
      const left = (await owner().done('listLinks')).links.map(({ id }) => id);
      expect([left.includes(made.id), left.includes(other.id)]).toEqual([false, true]);
      const ended = await world.sql<{ before: object }>(
        `select s.before from audit_event e join audit_subject s on s.event_id = e.id
         where s.subject_id = $1 and e.action = 'link ended'`,
        [made.id],
      );
      expect(ended.map(({ before }) => before)).toEqual([{ role: 'Night shift' }]);
    });

    it('and are turned away like anybody who leaves', async () => {
      const client = somebody();
      const own = account();
      await join(client, await link(), own);
      const { id, version } = await staffOf(own.number);
      await owner().done('personLeaves', { params: { id }, version });
      expect(await code(client.call('readMe'))).toBe('firm-unknown');
      expect(await code(owner().call('confirmPerson', { params: { id } }))).toBe('nothing-to-confirm');
    });

    it('of which nothing is kept but what it is known again by', async () => {
      const { token } = await link();
      for (const table of ['join_link', 'token', 'replay', 'audit_subject', 'audit_event'])
        expect((await world.admin.query(`select from ${table} t where t::text like $1`, [`%${token}%`])).rowCount)
          .withContext(table)
          .toBe(0);
    });
  });

  describe('are invited by a text message', () => {
    it('and sign in with their number, by which they also come to a new password', async () => {
      const to = number();
      const id = newId();
      const spoken = `00${to.slice(1, 3)} ${to.slice(3, 7)} ${to.slice(7)}`;
      await owner().done('invitePerson', { body: { id, name: 'Tam Reed', email: spoken, role: 'staff' } });
      expect((await staffOf(to)).account).toBe('invited');
      const arrived = (count: number) =>
        until(() => {
          const all = mailbox.to(`${to.slice(1)}@text.example`);
          return all.length >= count ? all[0] : undefined;
        });
      const text = await arrived(1);
      expect([text.subject, text.text.trim()]).toEqual([
        '',
        jasmine.stringMatching(
          /^Owner Person invites you to record your time with Firm \S+ in Yellowwood\. https:\/\/time\.firm\.example\/join#[\w-]{43}$/,
        ),
      ] as never);
      const token = (of: { text: string }) => /#([\w-]+)/.exec(of.text)![1]!;
      const client = somebody();
      await client.done('joinFirm', { body: { token: token(text), account: { name: 'Tam Reed', password: STRONG, consents } } });
      // Who typed the number knows whose it is.
      expect((await client.done('readMe')).person.name).toBe('Tam Reed');
      await somebody().done('forgotPassword', { body: { email: spoken } });
      const reset = await arrived(2);
      await somebody().done('resetPassword', { body: { token: token(reset), password: 'four loud herons wade' } });
      expect(await somebody().signIn(to, 'four loud herons wade')).toBe(200);
      // Kept as it is dialled, also where somebody writes it down anew.
      const known = await staffOf(to);
      const facts = { name: 'Tam Reed', email: `+${to.slice(1, 3)} (${to.slice(3, 7)}) ${to.slice(7)}`, staffNumber: 'T1' };
      await owner().done('changePerson', { params: { id }, version: known.version, body: facts });
      expect((await owner().done('readPerson', { params: { id } })).staffNumber).toBe('T1');
      // One address, one person; and nobody learns by asking whether a number has an account.
      const twin = { id: newId(), name: 'Twin', email: to, role: 'staff' as const };
      expect(await code(owner().call('invitePerson', { body: twin }))).toBe('address-taken');
      const stranger = number();
      await somebody().done('forgotPassword', { body: { email: stranger } });
      await somebody().done('forgotPassword', { body: { email: to } });
      // One after the other: what was asked for later has come, and to the stranger came nothing.
      await arrived(4);
      expect(mailbox.to(`${stranger.slice(1)}@text.example`)).toEqual([]);
    });
  });
});
