import { randomUUID } from 'node:crypto';
import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Who, World, bill, makeWorld, meanwhile, record, submitAndApprove, until } from '../testing';

type Facts = BodyOf<Endpoints['changeFirm']>;

describe('what a firm settles', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const staff = async (who: Who) => (await owner().done('listStaff')).people.find(({ id }) => id === world.ids[who])!;
  const of = async (who: Who) => {
    const { id, version } = await staff(who);
    return { params: { id }, version };
  };
  const events = (id: string) =>
    world.sql<{ action: string; before: object | null; after: object | null }>(
      `select e.action, s.before, s.after from audit_event e join audit_subject s on s.event_id = e.id
       where s.subject_id = $1 order by e.id`,
      [id],
    );

  describe('about itself', () => {
    const change = async (names: Partial<Facts>, as: Who = 'owner') => {
      const { facts, version } = await owner().done('readFirm');
      return world.as(as).call('changeFirm', { body: { ...facts, ...names }, version });
    };

    it('stands on the next document, and everywhere where the firm has a name', async () => {
      const names = {
        name: ' Quay Works ',
        address: ['Mole 3 ', ' ', 'Harbour'],
        taxId: ' GB 77',
        paymentDetails: 'IBAN 1 ',
        opening: ' Hello\n',
        closing: '\nBye ',
      };
      const answer = await change(names);
      expect(answer.body.facts).toEqual(
        jasmine.objectContaining({
          name: 'Quay Works',
          address: ['Mole 3', 'Harbour'],
          taxId: 'GB 77',
          paymentDetails: 'IBAN 1',
          ...{ opening: 'Hello', closing: 'Bye' },
        }),
      );
      expect((await world.as('staff').done('readMe')).firm.name).toBe('Quay Works');
      expect((await world.as('staff').done('readSession')).firms).toEqual([{ slug: world.slug, name: 'Quay Works' }]);
      const [event] = await events(world.firmId);
      expect([event!.action, event!.before, event!.after]).toEqual([
        'firm changed',
        jasmine.objectContaining({ name: `Firm ${world.slug}`, address: 'Yard 1' }),
        jasmine.objectContaining({ name: 'Quay Works', address: 'Mole 3, Harbour' }),
      ] as never);
    });

    it('says where its numbers begin, until the first is taken', async () => {
      const first = await change({ invoicePrefix: 'Q-', creditPrefix: 'QK-', nextInvoice: 400 });
      expect([first.body.facts.invoicePrefix, first.body.facts.nextInvoice, first.body.numbered]).toEqual(['Q-', 400, false]);
      expect(first.body.facts.creditPrefix).toBe('QK-');
      expect((await change({ nextInvoice: 40 })).body.facts.nextInvoice).toBe(40);
      const { id } = await record(world, 'staff', '2026-06-08', 1);
      await submitAndApprove(world, 'staff');
      expect((await bill(world, [id], 'task')).row.number).toBe('Q-0040');
      expect((await owner().done('readFirm')).numbered).toBeTrue();
      expect((await change({ nextInvoice: 500 })).problem.code).toBe('number-taken');
      // Nor does the database let it.
      await expectAsync(world.sql("update invoice_series set next_number = 500 where series = 'invoice'")).toBeRejectedWithError(
        /goes on by one/,
      );
      expect((await change({ invoicePrefix: 'R-' })).body.facts.invoicePrefix).toBe('R-');
    });

    it('says how the page writes, and everybody chooses for themselves', async () => {
      const forms = { dates: 'year first', clock: '12 hours', numbers: null } as const;
      expect((await change({ forms })).body.facts.forms).toEqual(forms);
      expect((await change({ forms: { numbers: null, clock: '12 hours', dates: 'year first' } })).problem.code).toBe(
        'nothing-to-change',
      );
      expect((await world.as('staff').done('readMe')).firm.forms).toEqual(forms);
      expect((await events(world.firmId)).at(-1)!.after).toEqual(
        jasmine.objectContaining({ dates: 'year first', clock: '12 hours' }),
      );
      const own = { dates: null, clock: null, numbers: 'point comma' } as const;
      const told = async (body: object) =>
        (await world.as('staff').done('changePreferences', { body: { theme: 'dark', durationForm: 'clock', ...body } })).account;
      expect((await told({ forms: own }))!.forms).toEqual(own);
      // What is not said stays.
      expect((await told({}))!.forms).toEqual(own);
      expect((await world.as('mate').done('readSession')).account!.forms.numbers).toBeNull();
    });

    it('has a history, also of its people, read by those who may change them', async () => {
      await change({ taxId: 'GB 80' });
      await owner().done('changeRoles', { ...(await of('mate')), body: { roles: ['administrator'], ownRoles: [] } });
      const read = (who: Who, id: string) => world.as(who).call('readHistory', { params: { id } });
      const firm = await read('owner', world.firmId);
      expect(firm.body.events.map(({ action, after }) => [action, after])).toEqual([['firm changed', { taxId: 'GB 80' }]]);
      const person = await read('mate', world.ids.mate);
      expect(person.body.events.map(({ action, by }) => [action, by])).toEqual([['roles changed', 'Owner Person']]);
      for (const id of [world.firmId, world.ids.mate])
        expect((await read('bookkeeper', id)).problem.code).toBe('subject-unknown');
    });

    it('is changed by one after the other, and by those who may', async () => {
      const { facts, version } = await owner().done('readFirm');
      const body = { ...facts, taxId: 'GB 78' };
      await owner().done('changeFirm', { body, version });
      const stale = await owner().call('changeFirm', { body, version });
      expect([stale.problem.code, (stale.problem.current as { version: number }).version]).toEqual([
        'version-stale',
        version + 1,
      ]);
      expect((await change({ name: 'Other' }, 'bookkeeper')).problem.code).toBe('right-missing');
      expect((await change({ taxId: ' GB 78 ' })).problem.code).toBe('nothing-to-change');
      // Somebody else's change that ends while this one waits for its turn.
      const late = await meanwhile(
        world,
        'select from firm for update',
        "update firm set tax_id = 'GB 79', version = version + 1",
        () => owner().call('changeFirm', { body: { ...facts, taxId: 'GB 80' }, version: version + 1 }),
      );
      expect(late.problem.code).toBe('version-stale');
      expect((await owner().done('readFirm')).facts.taxId).toBe('GB 79');
    });
  });

  describe('about its people', () => {
    it('their facts, of which no two have one address', async () => {
      const body = { name: ' Ida Ostrander', email: 'ida@firm.example ', staffNumber: '17' };
      expect((await owner().call('changePerson', { ...(await of('staff')), body })).status).toBe(400);
      await owner().done('changePerson', { ...(await of('staff')), body: { ...body, email: 'ida@firm.example' } });
      const facts = () => owner().done('readPerson', { params: { id: world.ids.staff } });
      const { name, email, staffNumber } = await facts();
      expect([name, email, staffNumber]).toEqual(['Ida Ostrander', 'ida@firm.example', '17']);
      const taken = { ...body, email: `MATE@${world.slug}.example` };
      expect((await owner().call('changePerson', { ...(await of('staff')), body: taken })).problem.code).toBe('address-taken');
      const seen = await of('staff');
      await owner().done('changePerson', { ...seen, body: { name, email, staffNumber: ' 18 ' } });
      expect((await facts()).staffNumber).toBe('18');
      const { version } = await facts();
      expect(version).toBe(seen.version + 1);
      expect((await owner().call('changePerson', { ...seen, body: { name, email, staffNumber: '19' } })).problem.code).toBe(
        'version-stale',
      );
      // Two at once: whose turn is second sees that the name is another one now.
      const id = world.ids.staff;
      const late = await meanwhile(
        world,
        `select from person where id = '${id}' for update`,
        `update person set name = 'Ida Sooner', version = version + 1 where id = '${id}'`,
        async () => owner().call('changePerson', { ...(await of('staff')), body: { name: 'Ida Late', email, staffNumber } }),
      );
      expect([late.problem.code, (await facts()).name]).toEqual(['version-stale', 'Ida Sooner']);
      // Where she signs in stays hers.
      expect(await world.client().signIn(`staff@${world.slug}.example`)).toBe(200);
    });

    it('their roles, at once and for every request after', async () => {
      expect((await world.as('staff').call('listInvoices', { query: { show: 'all' } })).problem.code).toBe('right-missing');
      const seen = await of('staff');
      await owner().done('changeRoles', { ...seen, body: { roles: ['staff', 'bookkeeper'], ownRoles: [] } });
      expect((await world.as('staff').call('listInvoices', { query: { show: 'all' } })).status).toBe(200);
      expect((await owner().call('changeRoles', { ...seen, body: { roles: ['manager'], ownRoles: [] } })).problem.code).toBe(
        'version-stale',
      );
      await owner().done('changeRoles', { ...(await of('staff')), body: { roles: ['staff'], ownRoles: [] } });
      expect((await world.as('staff').call('listInvoices', { query: { show: 'all' } })).problem.code).toBe('right-missing');
      expect((await events(world.ids.staff)).map(({ action, before, after }) => [action, before, after])).toEqual([
        ['roles changed', { roles: 'staff' }, { roles: 'bookkeeper, staff' }],
        ['roles changed', { roles: 'bookkeeper, staff' }, { roles: 'staff' }],
      ] as never);
    });

    it('of which nobody gives or takes what they do not hold', async () => {
      await owner().done('changeRoles', { ...(await of('mate')), body: { roles: ['administrator'], ownRoles: [] } });
      const tries = async (who: Who, roles: BodyOf<Endpoints['changeRoles']>['roles']) =>
        (await world.as('mate').call('changeRoles', { ...(await of(who)), body: { roles, ownRoles: [] } })).problem?.code ??
        'done';
      expect(await tries('staff', ['bookkeeper'])).toBe('role-not-yours');
      expect(await tries('bookkeeper', ['staff'])).toBe('role-not-yours');
      expect(await tries('owner', ['staff'])).toBe('role-not-yours');
      expect(await tries('mate', ['owner'])).toBe('role-not-yours');
      expect(await tries('staff', ['administrator', 'staff'])).toBe('done');
      const leaving = await world.as('mate').call('personLeaves', await of('manager'));
      expect(leaving.problem.code).toBe('role-not-yours');
    });

    it('their roles, of many at once: beside what they have, instead of it, or taken away', async () => {
      const many = async (
        whom: readonly Who[],
        roles: BodyOf<Endpoints['changeManyRoles']>['roles'],
        how: 'add' | 'replace' | 'take',
        names: { as?: Who; aged?: Who } = {},
      ) => {
        const people = await Promise.all(
          whom.map(async (who) => {
            const { id, version } = await staff(who);
            return { id, version: who === names.aged ? version + 1 : version };
          }),
        );
        const answer = await world
          .as(names.as ?? 'owner')
          .call('changeManyRoles', { body: { people, roles, ownRoles: [], how } });
        return (answer.problem?.code ?? answer.body.changed) as string | number;
      };
      const roles = async () =>
        Object.fromEntries(
          (await owner().done('listStaff')).people.map((one) => [one.name.replace(' Person', ''), one.roles.join(' and ')]),
        );
      const before = await roles();
      expect(await many(['staff', 'mate', 'bookkeeper'], ['bookkeeper'], 'add')).toBe(2);
      expect(await roles()).toEqual({ ...before, Staff: 'bookkeeper and staff', Mate: 'bookkeeper and staff' });
      // In whatever order roles are named.
      for (const role of ['bookkeeper', 'staff'] as const)
        expect(await many(['staff', 'mate'], [role], 'add')).toBe('nothing-to-change');
      expect(await many(['staff', 'mate', 'bookkeeper'], ['manager', 'staff'], 'replace')).toBe(3);
      const after = { ...before, Staff: 'manager and staff', Mate: 'manager and staff', Bookkeeper: 'manager and staff' };
      expect(await roles()).toEqual(after);
      // Who had them already is left as they were, and has nothing in their history.
      expect((await events(world.ids.bookkeeper)).map(({ before: was, after: is }) => [was, is])).toEqual([
        [{ roles: 'bookkeeper' }, { roles: 'manager, staff' }],
      ] as never);
      // Taken away, and nothing else of theirs; nobody is left with none.
      expect(await many(['staff', 'mate', 'owner'], ['manager', 'bookkeeper'], 'take')).toBe(2);
      expect(await roles()).toEqual({ ...after, Staff: 'staff', Mate: 'staff' });
      expect(await many(['bookkeeper', 'staff'], ['staff'], 'take')).toBe('role-missing');
      expect(await many(['staff', 'mate'], ['manager'], 'take')).toBe('nothing-to-change');
      expect(await many(['staff', 'mate'], ['manager'], 'add')).toBe(2);
      // All or none, also where it is about one of many.
      expect(await many(['staff', 'owner'], ['staff'], 'replace')).toBe('last-owner');
      expect(await many(['mate', 'staff'], ['staff'], 'replace', { aged: 'staff' })).toBe('people-changed');
      await owner().done('changeRoles', { ...(await of('mate')), body: { roles: ['administrator'], ownRoles: [] } });
      expect(await many(['staff'], ['staff'], 'replace', { as: 'mate' })).toBe('role-not-yours');
      expect(await many(['staff'], ['owner'], 'add', { as: 'mate' })).toBe('role-not-yours');
      expect(await roles()).toEqual({ ...after, Mate: 'administrator' });
      const unknown = { people: [{ id: newId(), version: 1 }], roles: ['staff' as const], ownRoles: [], how: 'add' as const };
      expect((await owner().call('changeManyRoles', { body: unknown })).problem.code).toBe('person-unknown');
      const late = await owner().call('changeManyRoles', {
        body: { people: [{ id: world.ids.staff, version: 1 }], roles: ['staff'], ownRoles: [], how: 'replace' },
      });
      expect(late.problem.detail).toContain('Staff Person');
      // Whoever changes somebody meanwhile has their turn first.
      const { id, version } = await staff('staff');
      const meantime = await meanwhile(
        world,
        `select pg_advisory_xact_lock(hashtextextended('people ${world.firmId}', 0))`,
        `update person set version = version + 1 where id = '${id}'`,
        () =>
          owner().call('changeManyRoles', {
            body: { people: [{ id, version }], roles: ['staff'], ownRoles: [], how: 'replace' },
          }),
      );
      expect(meantime.problem.code).toBe('people-changed');
    });

    it('of whom the last owner stays, also when two go at once', async () => {
      expect(
        (await owner().call('changeRoles', { ...(await of('owner')), body: { roles: ['staff'], ownRoles: [] } })).problem.code,
      ).toBe('last-owner');
      await owner().done('changeRoles', { ...(await of('manager')), body: { roles: ['owner'], ownRoles: [] } });
      const [one, two] = [await of('owner'), await of('manager')];
      const answers = await Promise.all([
        world.as('owner').call('changeRoles', { ...one, body: { roles: ['staff'], ownRoles: [] } }),
        world.as('manager').call('changeRoles', { ...two, body: { roles: ['staff'], ownRoles: [] } }),
      ]);
      expect(answers.map(({ status }) => status).sort()).not.toEqual([200, 200]);
      const owners = await world.sql("select from person_role where role = 'owner'");
      expect(owners.length).toBeGreaterThanOrEqual(1);
    });

    it('of whom two owners cannot end each other at once', async () => {
      await owner().done('changeRoles', { ...(await of('manager')), body: { roles: ['owner'], ownRoles: [] } });
      const [one, two] = [await of('owner'), await of('manager')];
      // Both have their rights read before either has its turn.
      const first = await world.admin.connect();
      await first.query('begin');
      await first.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [`people ${world.firmId}`]);
      const asked = Promise.all([world.as('manager').call('personLeaves', one), world.as('owner').call('personLeaves', two)]);
      await until(async () => {
        const { rows } = await first.query(
          `select from pg_locks where locktype = 'advisory' and not granted
             and (classid::bigint << 32 | objid::bigint) = hashtextextended($1, 0)`,
          [`people ${world.firmId}`],
        );
        return rows.length === 2 || undefined;
      });
      await first.query('commit');
      first.release();
      const answers = await asked;
      // Who is second has no access any more when it is their turn.
      expect(answers.map(({ status, problem }) => (status === 200 ? 'done' : problem.code)).sort()).toEqual([
        'done',
        'firm-unknown',
      ]);
    });

    it('who leave: no access at once, a running timer is kept, and they come back as they were', async () => {
      const timer = newId();
      const body = {
        id: timer,
        projectId: world.ids.project,
        taskId: null,
        serviceId: null,
        note: 'half done',
        others: 'pause' as const,
      };
      await world.as('staff').done('startTimer', { body: { ...body, startedAt: '2026-06-12T09:00:00.000Z' } });
      await owner().done('personLeaves', await of('staff'));
      expect((await world.as('staff').call('readMe')).problem.code).toBe('firm-unknown');
      expect((await world.as('staff').done('readSession')).firms).toEqual([]);
      const [entry] = await world.sql<{ person_id: string; note: string; stage: string }>(
        'select person_id, note, stage from entry where id = $1',
        [timer],
      );
      expect(entry).toEqual({ person_id: world.ids.staff, note: 'half done', stage: 'recorded' });
      expect(await world.sql('select from timer where person_id = $1', [world.ids.staff])).toEqual([]);
      const left = await staff('staff');
      expect([left.account, left.leftOn, left.roles]).toEqual(['none', '2026-06-12', ['staff']]);
      // Somebody who looks after the time of others still reads it.
      const sheet = await owner().done('readTimesheet', { params: { from: '2026-06-08' }, query: { person: world.ids.staff } });
      expect(sheet.entries.map(({ id }) => id)).toEqual([timer]);
      expect((await owner().call('personLeaves', await of('staff'))).problem.code).toBe('left-already');
      await owner().done('personReturns', await of('staff'));
      expect((await world.as('staff').done('readMe')).roles).toEqual(['staff']);
      expect((await owner().call('personReturns', await of('staff'))).problem.code).toBe('not-left');
      expect((await events(world.ids.staff)).map(({ action }) => action)).toEqual(['access ended', 'access restored']);
    });

    it('who have no account are invited, once they are in the firm or brought back', async () => {
      const id = newId();
      await world.sql(
        `insert into person (firm_id, id, name, email, staff_number, kind, zone, started_on)
         values ($1, $2, 'Old Hand', $3, '9', 'employee', 'Europe/London', '2026-01-01')`,
        [world.firmId, id, `${id}@firm.example`],
      );
      await world.sql("insert into person_role values ($1, $2, 'staff')", [world.firmId, id]);
      const state = async () => (await owner().done('listStaff')).people.find((one) => one.id === id)!.account;
      expect(await state()).toBe('none');
      await owner().done('sendInvitation', { params: { id } });
      expect(await state()).toBe('invited');
      await owner().done('personLeaves', { params: { id }, version: 1 });
      expect((await owner().call('sendInvitation', { params: { id } })).problem.code).toBe('not-invited');
    });

    it('who have left are waited for no more, in weeks after their last day', async () => {
      await owner().done('personLeaves', await of('staff'));
      await world.sql("update person set left_on = '2026-05-20' where id = $1", [world.ids.staff]);
      const waited = async (from: string) =>
        (await owner().done('readReview', { query: { from } })).people.some(({ personId }) => personId === world.ids.staff);
      expect([await waited('2026-05-18'), await waited('2026-05-25'), await waited('2026-06-08')]).toEqual([true, false, false]);
      // What they recorded all the same is seen.
      await world.sql('update person set left_on = null where id = $1', [world.ids.staff]);
      await record(world, 'owner', '2026-06-08', 1, { personId: world.ids.staff, reason: 'Left on the table' });
      await world.sql("update person set left_on = '2026-05-20' where id = $1", [world.ids.staff]);
      expect(await waited('2026-06-08')).toBeTrue();
    });

    it('who come get the first staff number that nobody has', async () => {
      const numbers = async () => {
        const id = newId();
        await owner().done('invitePerson', { body: { id, name: 'New', email: `${id}@firm.example`, role: 'staff' } });
        return (await owner().done('readPerson', { params: { id } })).staffNumber;
      };
      expect(await numbers()).toBe('1');
      await world.sql("update person set staff_number = '3' where id = $1", [world.ids.mate]);
      expect([await numbers(), await numbers()]).toEqual(['2', '4']);
    });

    it('who leave before they came: their invitation ends', async () => {
      const id = newId();
      const body = { id, name: 'Piers Stell', email: `${randomUUID()}@firm.example`, role: 'staff' as const };
      await owner().done('invitePerson', { body });
      await owner().done('personLeaves', { params: { id }, version: 1 });
      expect(await world.sql('select from invitation where person_id = $1 and withdrawn_at is null', [id])).toEqual([]);
      expect((await owner().call('personLeaves', await of('owner'))).problem.code).toBe('not-oneself');
    });
  });
});
