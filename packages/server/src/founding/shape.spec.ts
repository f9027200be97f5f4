import type { KnownShape } from '@yellowwood/contracts';
import type { Shape } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { MONDAY, TURN, World, absent, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

describe('what a firm says of itself', () => {
  let world: World;
  beforeAll(async () => (world = await makeWorld()), TURN);
  afterAll(() => world.close());
  // As every firm begins.
  beforeEach(() =>
    world.sql(`update firm set place = null, size = null, trade = null, functions_off = default, review = default,
      record_ways = default, version = version + 1`),
  );
  const owner = () => world.as('owner');
  const shapeNow = () => owner().done('readShape');
  async function say(shape: Partial<Shape>) {
    const { shape: before, version } = await shapeNow();
    return owner().call('changeShape', { body: { ...before, ...shape }, version });
  }
  async function use(off: KnownShape['off']) {
    const { version } = await shapeNow();
    return owner().call('changeFunctions', { body: { off }, version });
  }
  const codes = ({ services }: KnownShape) => services.map(({ code }) => code).sort();

  it('is nothing at first: all is in sight, and everybody records as they like', async () => {
    const { shape, off, ways } = await shapeNow();
    expect([shape, off, ways]).toEqual([{ place: null, size: null, trade: null }, [], ['timer', 'length', 'span']]);
  });

  it('has follow what was named, and leaves alone what was settled since', async () => {
    const { body } = await say({ place: 'field', size: 'one' });
    expect([body.off, body.ways]).toEqual([
      ['review', 'people', 'grid', 'instruction'],
      ['timer', 'span'],
    ]);
    const me = await world.as('staff').done('readMe');
    expect([me.firm.off, me.ways]).toEqual([body.off, ['timer', 'span']]);
    const { rules, version } = await owner().done('readTimeRules');
    expect([rules.review, rules.ways]).toEqual([false, ['timer', 'span']]);
    await owner().done('changeTimeRules', { body: { ...rules, ways: ['length'], review: true }, version });
    // The place is said as before: how people record stays as it was settled; the size is another.
    const later = (await say({ size: 'few' })).body;
    expect([later.ways, later.off]).toEqual([['length'], ['grid', 'instruction']]);
    const { events } = await owner().done('readHistory', { params: { id: world.firmId } });
    expect(events.at(-1)!.after).toEqual(jasmine.objectContaining({ size: 'few', functionsOff: 'grid, instruction' }));
    const office = (await say({ place: 'office' })).body;
    expect([office.off, office.ways]).toEqual([['instruction'], ['timer', 'length', 'span']]);
  });

  it('gives a trade its services in place of those given before, and takes none that is used or of one’s own', async () => {
    const own = codes(await shapeNow());
    const survey = (await say({ trade: 'survey' })).body;
    expect(codes(survey)).toEqual([...new Set([...own, 'CALC', 'DRAW', 'OFFICE', 'REPORT', 'SITE', 'TRAVEL'])].sort());
    // Another service of the same code takes the place of what nobody has used.
    expect((await say({ trade: 'design' })).body.services.find(({ code }) => code === 'SITE')!.name).toBe('Site visit');
    await say({ trade: 'survey' });
    const id = async (code: string) => (await world.sql<{ id: string }>('select id from service where code = $1', [code]))[0]!.id;
    // Each is used in another way: by a timer, an entry, a row of the week and a rate.
    const { project } = world.ids;
    const timer = { id: newId(), projectId: project, taskId: null, note: '', others: 'pause' } as const;
    await world.as('staff').done('startTimer', { body: { ...timer, serviceId: await id('CALC') } });
    await record(world, 'staff', MONDAY, 1, { serviceId: await id('DRAW') });
    const row = { projectId: project, taskId: null, billable: true, serviceId: await id('REPORT') };
    await world.as('staff').done('addRow', { params: { from: MONDAY }, body: row });
    await world.sql(
      `insert into rate_rule (firm_id, id, service_id, currency, rate, valid_from, reason)
         select firm_id, $1, id, 'GBP', 1, '2026-01-01', '' from service where code = 'SITE'`,
      [newId()],
    );
    const { body } = await say({ trade: 'building' });
    const used = ['CALC', 'DRAW', 'REPORT', 'SITE'];
    expect(codes(body)).toEqual([...new Set([...own, ...used, 'FETCH', 'LABOUR', 'OFFICE', 'SHOP', 'TRAVEL'])].sort());
    expect(body.services.filter(({ code }) => used.includes(code)).every((one) => one.used)).toBeTrue();
    await world.sql("update service set name = 'Our own shop' where code = 'SHOP'");
    const advice = (await say({ trade: 'advice' })).body;
    expect(codes(advice)).toEqual(
      [...new Set([...own, ...used, 'ADVICE', 'ENQUIRE', 'MEET', 'OFFICE', 'SHOP', 'TRAVEL', 'WRITE'])].sort(),
    );
    const { events } = await owner().done('readHistory', { params: { id: world.firmId } });
    expect([events.at(-1)!.before!['services'], events.at(-1)!.after!['services']]).toEqual([
      'Fetching materials, Work on site',
      'Advice, Enquiry, Writing, Meeting',
    ]);
  });

  it('meets a firm that is changed meanwhile', async () => {
    const changed = () =>
      meanwhile(world, 'select from firm for update', 'update firm set version = version + 1', () => say({ size: 'more' }));
    expect((await changed()).problem.code).toBe('version-stale');
  });

  it('leaves out of sight what it does not use, each on its own', async () => {
    const { body } = await use(['cost', 'invoices']);
    expect(body.off).toEqual(['invoices', 'cost']);
    expect((await world.as('staff').done('readMe')).firm.off).toEqual(['invoices', 'cost']);
    expect((await owner().done('readTimeRules')).rules.review).toBeTrue();
    expect((await use(['cost', 'invoices'])).problem.code).toBe('nothing-to-change');
    expect((await use(['review'])).body.off).toEqual(['review']);
    expect((await owner().done('readTimeRules')).rules.review).toBeFalse();
    // What waits for a decision is said beside it; what is decided, or no time, does not wait.
    const waiting = async () => (await owner().done('readShape')).waiting;
    expect(await waiting()).toEqual({ duration: 0, people: 0 });
    await use([]);
    for (const who of ['staff', 'mate'] as const) {
      await record(world, who, '2026-05-04', 1.5);
      await world.as(who).done('submitPeriod', { params: { from: '2026-05-04' }, body: { note: '' } });
    }
    const day = await absent(world, 'mate', '2026-05-12', 'holiday');
    await world.sql("update entry set stage = 'submitted' where id = $1", [day]);
    expect(await waiting()).toEqual({ duration: 10_800, people: 2 });
    // Where it waits for nobody, submitting approves.
    const late = await meanwhile(world, 'select from firm for update', 'update firm set version = version + 1', () => use([]));
    expect(late.problem.code).toBe('version-stale');
    await use([]);
    expect((await world.as('staff').done('readMe')).firm.off).toEqual([]);
  });
});

describe('the first steps', () => {
  let world: World;
  beforeAll(async () => (world = await makeWorld()), TURN);
  afterAll(() => world.close());
  const steps = async (who: 'owner' | 'staff' | 'mate') => {
    const guide = await world.as(who).done('readGuide');
    return guide.steps.map(({ step, done }) => `${step}${done ? ' done' : ''}`);
  };

  it('are of the firm for who may change it, and of one’s own time', async () => {
    expect(await steps('owner')).toEqual(['place', 'work done', 'people done', 'recorded', 'facts done', 'submitted']);
    expect(await steps('staff')).toEqual(['recorded', 'submitted']);
    // A timer is the first of one's time, before it has become any.
    await world.as('staff').done('startTimer', {
      body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'pause' },
    });
    expect(await steps('staff')).toEqual(['recorded done', 'submitted']);
    await record(world, 'mate', MONDAY, 1);
    await submitAndApprove(world, 'mate', MONDAY);
    expect(await steps('mate')).toEqual(['recorded done', 'submitted done']);
    const { version } = await world.as('owner').done('readShape');
    await world.as('owner').done('changeShape', { body: { place: 'both', size: 'one', trade: null }, version });
    expect(await steps('owner')).toEqual(['place done', 'work done', 'recorded', 'facts done', 'submitted']);
    await world.as('owner').done('changeFunctions', { body: { off: ['invoices'] }, version: version + 1 });
    expect(await steps('owner')).toEqual(['place done', 'work done', 'recorded', 'submitted']);
  });

  it('are shown until one closes them, and found again', async () => {
    const shown = async () => (await world.as('staff').done('readMe')).guide;
    expect(await shown()).toBeFalse();
    await world.as('staff').done('changeGuide', { body: { shown: true } });
    expect([await shown(), (await world.as('mate').done('readMe')).guide]).toEqual([true, false]);
    await world.as('staff').done('changeGuide', { body: { shown: false } });
    expect(await shown()).toBeFalse();
  });
});
