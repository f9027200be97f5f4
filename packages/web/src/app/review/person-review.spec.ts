import { TestBed } from '@angular/core/testing';
import type { Entry, ReviewDetail } from '@yellowwood/contracts';
import { FakeServer, ME, Page, id, open, refusal } from '../testing/fake-server';
import { MONDAY, entryOf, reviewed } from '../testing/fixtures';
import { Decided } from './decided';
import { PersonReview } from './person-review';

describe("one person's week in review", () => {
  let page: Page<PersonReview>;
  const waiting = entryOf(50, {
    personId: id(3),
    stage: 'submitted',
    version: 2,
    note: 'Low tide',
    startClock: '08:00',
    endClock: '09:30',
  });

  async function week(
    entries: Entry[],
    names: Partial<ReviewDetail> = {},
    prepare: (server: FakeServer) => void = () => undefined,
    role: 'manager' | 'owner' = 'manager',
  ) {
    page = await open(PersonReview, {
      url: '/f/f/review?period=2026-W24',
      roles: [role],
      inputs: { personId: id(3) },
      prepare: (server) => {
        server
          .on('readReviewPerson', () => ({ person: reviewed(3, 'Rosa Vane'), entries, returns: [], estimates: [], ...names }))
          .on('readHistory', () => ({ events: [] }));
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());

  /** All that stands there, but for the moment of submission. */
  const said = () => page.text().replace(/submitted .*?[AP]M/, 'submitted');
  const openFirst = async () => {
    page.element.querySelector<HTMLButtonElement>('.entries > li > button')!.click();
    await page.settle();
  };

  it('asks for the week and the scope of the address', async () => {
    await week([waiting]);
    expect([page.server.to('readReviewPerson')[0]!.params['id'], page.server.to('readReviewPerson')[0]!.query]).toEqual([
      id(3),
      { from: MONDAY, scope: 'all' },
    ]);
    expect(page.text('h3')).toBe('Rosa Vane');
  });

  it('approves what waits in one go, with the versions that were seen', async () => {
    await week(
      [waiting, entryOf(51, { stage: 'approved' }), entryOf(52, { stage: 'submitted', kind: 'absence', absenceCode: 'holiday' })],
      {},
      (server) => server.on('approveEntries', ({ body }) => ({ decided: 2, seconds: 5400, entries: body.entries })),
    );
    await page.press('Approve 1:30');
    expect(page.server.to('approveEntries')[0]!.body).toEqual({
      entries: [
        { id: id(50), version: 2 },
        { id: id(52), version: 1 },
      ],
    });
  });

  it('shows what was done, when and with which note, once it is opened', async () => {
    await week([waiting]);
    await openFirst();
    expect(page.text('.opened')).toContain('Pier, Survey of piles, survey, 08:00 to 09:30');
    expect(page.text('.opened .note')).toBe('Low tide');
  });

  it('returns one entry with a reason', async () => {
    await week([waiting], {}, (server) => server.on('returnEntries', () => ({ decided: 1, seconds: 5400 })));
    await openFirst();
    [...page.element.querySelectorAll<HTMLButtonElement>('.opened button')]
      .find((one) => one.textContent!.trim() === 'Return')!
      .click();
    await page.answer('Return entry', 'which pier?');
    expect(page.server.to('returnEntries')[0]!.body).toEqual({ entries: [{ id: id(50), version: 2 }], reason: 'which pier?' });
  });

  it('re-opens what was approved, with a reason', async () => {
    await week([entryOf(50, { stage: 'approved', version: 4 })], {}, (server) =>
      server.on('reopenEntries', () => ({ decided: 1, seconds: 5400 })),
    );
    await openFirst();
    await page.press('Re-open');
    await page.answer('Re-open entry', 'the wrong day');
    expect(page.server.to('reopenEntries')[0]!.body).toEqual({ entries: [{ id: id(50), version: 4 }], reason: 'the wrong day' });
  });

  it('offers nothing on what has been billed', async () => {
    await week([entryOf(50, { stage: 'billed' })]);
    await openFirst();
    expect(page.texts('.opened .row button')).toEqual([]);
    expect(page.texts('button').some((text) => text.startsWith('Approve'))).toBeFalse();
  });

  it('never decides on one’s own time', async () => {
    await week([entryOf(50, { stage: 'submitted', personId: ME })], {
      person: reviewed(3, 'Anna Test', { own: true, clean: false, entries: [] }),
    });
    expect(page.text()).toContain('This is your own time. Somebody else decides on it.');
    await openFirst();
    expect(page.texts('button').some((text) => /Approve|Return|Correct/.test(text))).toBeFalse();
  });

  it('corrects an entry only with a reason, which goes along', async () => {
    await week([waiting], {}, (server) => server.on('changeEntry', () => ({ ...waiting, version: 3 })), 'owner');
    await openFirst();
    await page.press('Correct');
    expect(page.element.querySelector('yw-entry-form')).not.toBeNull();
    const reason = [...page.element.querySelectorAll<HTMLLabelElement>('yw-entry-form label')].find((one) =>
      /reason/i.test(one.textContent!),
    );
    expect(reason).withContext('a field for the reason').toBeTruthy();
  });

  it('tells what to look at: of the week, of a day, and of an entry', async () => {
    await week([{ ...waiting, problems: ['overlap'], explanation: 'two sites at once' }], {
      person: reviewed(3, 'Rosa Vane', {
        note: 'back on Thursday',
        looks: [
          { reason: 'missing', date: '2026-06-10', entryId: null },
          { reason: 'over-week', date: null, entryId: null },
          { reason: 'late', date: MONDAY, entryId: id(50) },
        ],
      }),
      returns: [{ at: '2026-06-09T10:00:00.000Z', by: 'Maud', reason: 'Friday is missing' }],
      estimates: [{ id: id(30), name: 'Survey of piles', recorded: 36_000, estimate: 28_800 }],
    });
    expect(page.texts('.back')).toEqual(['Wednesday: missing', 'over the week']);
    expect(page.texts('.entries small')).toEqual(['recorded late', 'overlap', '“two sites at once”']);
    expect(page.text('.note')).toBe('“back on Thursday”');
    expect(page.text()).toContain('Survey of piles 10:00 of 8:00');
    expect(page.text()).toContain('“Friday is missing”');
  });

  it('says nothing of what a week and its entries do not have', async () => {
    const bare = { note: '', explanation: '', startClock: null, endClock: null };
    await week([{ ...waiting, ...bare }, entryOf(51, { ...bare, personId: id(3), stage: 'approved' })]);
    await openFirst();
    expect(said()).toBe(
      'Rosa Vane12:00 of 37:30, submitted Wed 10 Jun, 17:00Look at the week as they see itApprove 1:30ReturnMon 8 Survey of piles 1:30Pier, Survey of piles, surveyApproveReturnCorrectHistoryNothing yet.Mon 8 Survey of piles 1:30',
    );
  });

  it('offers nothing to decide on one’s own week', async () => {
    await week([waiting], { person: reviewed(3, 'Anna Test', { own: true }) });
    await openFirst();
    expect(said()).toBe(
      'Anna Test12:00 of 37:30, submitted Wed 10 Jun, 17:00This is your own time. Somebody else decides on it.Mon 8 Survey of piles 1:30Pier, Survey of piles, survey, 08:00 to 09:30Low tideHistoryNothing yet.',
    );
  });

  it('says how much of somebody’s time is in one’s reach', async () => {
    await week([waiting], { person: reviewed(3, 'Rosa Vane', { inAll: 143_100 }) });
    expect(said()).toContain('12:00 of 39:45 in your reach, target 37:30');
    page.element.remove();
    TestBed.resetTestingModule();
    await week([waiting], { person: reviewed(3, 'Rosa Vane') });
    expect(said()).toContain('12:00 of 37:30');
    expect(said()).not.toContain('reach');
  });

  it('tells when everything of somebody is decided, so that the list leads on', async () => {
    const two = [entryOf(50, { personId: id(3), stage: 'submitted' }), entryOf(51, { personId: id(3), stage: 'submitted' })];
    await week(two, {}, (server) =>
      server
        .on('approveEntries', ({ body }) => ({ decided: 1, seconds: 5400, entries: body.entries }))
        .on('returnPeriod', () => refusal(409, 'entries-stale', 'Some of these entries have changed.')),
    );
    const told: string[] = [];
    TestBed.inject(Decided).person.subscribe((person) => told.push(person));
    await openFirst();
    page.element.querySelectorAll<HTMLButtonElement>('.opened button')[0]!.click();
    await page.settle(30);
    expect([page.server.to('approveEntries')[0]!.body.entries.length, told]).toEqual([1, []]);
    await page.press('Return');
    await page.answer('Return week', 'Tuesday is missing');
    expect(told).toEqual([]);
    page.server.on('returnPeriod', () => ({ decided: 2, seconds: 10_800 }));
    await page.press('Return');
    await page.answer('Return week', 'Tuesday is missing');
    expect(told).toEqual([id(3)]);
    await page.press(/^Approve 3:00/);
    await page.settle(30);
    expect(told).toEqual([id(3), id(3)]);
  });
});
