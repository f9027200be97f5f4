import { v7 as newId } from 'uuid';
import { World, atOnce, bill, differencesOf, inOrder, makeWorld, record, submitAndApprove } from '../../testing';

/**
 * A limit of 5,000.00 used by 3,898.96 and asked for 1,707.33 more, worked by hand:
 *   5,000.00 − 3,898.96 = 1,101.04 may be billed; 1,707.33 − 1,101.04 = 606.29 stand over the limit.
 *   Raised to 5,450.00: 450.00 more may be billed; 606.29 − 450.00 = 156.29 are written down.
 *   Realisation 5,450.00 / 5,606.29 = 97.21 %.
 */
describe('an agreed limit', () => {
  const it = inOrder();
  let world: World;
  let first: string;
  let second: string;
  let line: string;

  beforeAll(async () => {
    world = await makeWorld({ limit: 500_000 });
    first = (await record(world, 'staff', '2026-06-08', 1)).id;
    second = (await record(world, 'mate', '2026-06-09', 1)).id;
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
    await price(first, 38_989_600);
    await price(second, 17_073_300);
  });
  afterAll(() => world.close());

  const desk = () =>
    world.as('bookkeeper').done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } });
  const listed = async () =>
    (await world.as('bookkeeper').done('listToBill', { query: { scope: 'all', upTo: '2026-06-14' } })).projects.find(
      (row) => row.projectId === world.ids.project,
    );
  const results = () => world.as('owner').done('readResults', { query: { scope: `project:${world.ids.project}` } });
  async function price(id: string, rate: number) {
    const [row] = await world.sql<{ version: number }>('select version from entry where id = $1', [id]);
    await world.as('owner').done('priceEntry', { params: { id }, version: row!.version, body: { rate, reason: 'Agreed sum' } });
  }
  const version = async (id: string) =>
    (await world.sql<{ version: number }>('select version from entry where id = $1', [id]))[0]!.version;

  it('leaves to bill what it has room for, and shows the rest over it, in every place alike', async () => {
    expect((await bill(world, [first])).row.net).toBe(389_896);
    expect(await listed()).toEqual(jasmine.objectContaining({ ready: 110_104, over: 60_629 }));
    const shown = await desk();
    expect(shown.entries.map((entry) => [entry.minor, entry.ready])).toEqual([[170_733, 110_104]]);
    expect(shown.projects.map((project) => [project.limit, project.used])).toEqual([[500_000, 389_896]]);

    const issued = await bill(world, [second]);
    expect(issued.row.net).toBe(110_104);
    expect(await listed()).toEqual(jasmine.objectContaining({ ready: 0, over: 60_629 }));
    const after = await desk();
    expect(after.entries).toEqual([]);
    expect(after.overLimit.map((one) => [one.number, one.total, one.waiting, one.mayRelease])).toEqual([
      [issued.row.number!, 60_629, 60_629, 0],
    ]);
    line = after.overLimit[0]!.lineId;
  });

  it('releases nothing while the limit has no room', async () => {
    const refused = await world
      .as('bookkeeper')
      .call('releaseOverLimit', { params: { id: line }, body: { id: newId(), minor: 1, note: '' } });
    expect(refused.problem.code).toBe('limit-has-no-room');
  });

  it('is raised by a later agreement; the older one ends the day before', async () => {
    const change = (who: 'owner' | 'bookkeeper' | 'staff', validFrom: string) =>
      world.as(who).call('changeAgreement', {
        params: { id: world.ids.project },
        body: { id: newId(), validFrom, limit: 545_000, reason: 'Agreed with the client' },
      });
    expect((await change('staff', '2026-06-11')).status).toBe(403);
    expect((await change('owner', '2026-01-01')).problem.code).toBe('agreement-begins-then');
    const [now] = (await change('owner', '2026-06-11')).body.agreements;
    expect([now!.limit, now!.used]).toEqual([545_000, 500_000]);
    expect(
      await world.sql('select valid_to::text, limit_minor from agreement where project_id = $1 order by valid_from', [
        world.ids.project,
      ]),
    ).toEqual([
      { valid_to: '2026-06-10', limit_minor: 500_000 },
      { valid_to: null, limit_minor: 545_000 },
    ]);
    expect((await desk()).overLimit[0]).toEqual(jasmine.objectContaining({ waiting: 60_629, mayRelease: 45_000 }));
  });

  it('lets exactly the room be released, as a fee that is billed like work and counts no value twice', async () => {
    const release = (minor: number) =>
      world.as('bookkeeper').call('releaseOverLimit', { params: { id: line }, body: { id: newId(), minor, note: 'As agreed' } });
    expect((await release(45_001)).problem.code).toBe('limit-has-no-room');
    expect((await release(70_000)).problem.code).toBe('over-limit-too-much');
    const fee = (await release(45_000)).body;
    expect([fee.kind, fee.stage]).toEqual(['fee', 'approved']);
    // A sum has no price by the hour.
    const price = { params: { id: fee.id }, version: fee.version, body: { rate: 10_000, reason: 'By the hour' } };
    expect((await world.as('owner').call('priceEntry', price)).problem.code).toBe('entry-unknown');
    const change = { params: { id: fee.id }, version: fee.version, body: { note: 'By hand' } };
    const refused = (await world.as('owner').call('changeEntry', change)).problem;
    expect([refused.code, refused.data]).toEqual(['entry-locked', { stage: 'a fee' }]);
    const shown = await desk();
    expect(shown.entries.map((entry) => [entry.kind, entry.minor, entry.ready])).toEqual([['fee', 45_000, 45_000]]);
    expect(shown.overLimit[0]).toEqual(jasmine.objectContaining({ waiting: 15_629, mayRelease: 0 }));
    const issued = await bill(world, [fee.id]);
    expect([issued.row.net, issued.document.lines.length]).toEqual([45_000, 1]);
    const why = await world.as('owner').done('readEntryWhy', { params: { id: fee.id } });
    expect(why.billed.map((share) => share.minor)).toEqual([45_000]);
  });

  it('lets nobody take the same part of what waits twice, however many decide at once', async () => {
    const down = () =>
      world.as('bookkeeper').call('writeDownOverLimit', { params: { id: line }, body: { minor: 10_000, reason: 'At once' } });
    const answers = await atOnce(world, 8, down);
    expect(answers.filter((answer) => answer.status === 200).length).toBe(1);
    expect((await desk()).overLimit[0]!.waiting).toBe(5629);
    await world.sql("delete from limit_write_down where reason = 'At once'");
  });

  it('has the rest written down with who and why; nothing is left, and the recorded time is as it was', async () => {
    const down = (minor: number) =>
      world
        .as('bookkeeper')
        .call('writeDownOverLimit', { params: { id: line }, body: { minor, reason: 'Not agreed by the client' } });
    expect((await down(15_630)).problem.code).toBe('over-limit-too-much');
    expect((await down(15_629)).body).toEqual({ waiting: 0 });
    expect(await listed()).toBeUndefined();
    const { money, hours } = await results();
    expect(money).toEqual([
      jasmine.objectContaining({
        standardValue: 560_629,
        billed: 545_000,
        unbilled: 0,
        over: 0,
        revenue: 545_000,
        realisation: 972_122,
      }),
    ]);
    expect(hours.total).toBe(7200);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('lets no document be kept or issued on which nothing is to pay, and leaves no draft behind', async () => {
    const third = await record(world, 'owner', '2026-06-10', 1);
    await submitAndApprove(world, 'owner');
    const wish = {
      clientId: world.ids.client,
      upTo: '2026-06-14',
      grouping: 'task' as const,
      entries: [{ id: third.id }],
      texts: [],
    };
    const keeper = world.as('bookkeeper');
    expect((await keeper.call('createDraft', { body: { id: newId(), wish } })).problem.code).toBe('limit-used-up');
    expect((await keeper.call('issueNewInvoice', { body: { id: newId(), wish, gross: 0 } })).problem.code).toBe('limit-used-up');
    expect(await world.sql("select 1 from invoice where status = 'draft'")).toEqual([]);
    const shown = await desk();
    expect(shown.entries.map((entry) => [entry.minor, entry.ready])).toEqual([[9600, 0]]);
    expect(await listed()).toEqual(jasmine.objectContaining({ ready: 0, over: 9600 }));
  });

  it('has work beyond it written off with a reason, and taken back', async () => {
    const keeper = world.as('bookkeeper');
    const { id } = (await desk()).entries[0]!;
    const one = async () => [{ id, version: await version(id) }];
    expect((await world.as('staff').call('writeOffEntries', { body: { entries: await one(), reason: 'No' } })).status).toBe(403);
    await keeper.done('writeOffEntries', { body: { entries: await one(), reason: 'Beyond what was agreed' } });
    const off = await desk();
    expect(off.entries).toEqual([]);
    expect(off.writtenOff.entries.map((entry) => [entry.id, entry.recorded, entry.reason])).toEqual([
      [id, 3600, 'Beyond what was agreed'],
    ]);
    expect(await listed()).toBeUndefined();
    // Its value counts against realisation: 5,450.00 of 5,606.29 + 96.00.
    expect((await results()).money![0]).toEqual(
      jasmine.objectContaining({
        unbilled: 0,
        over: 0,
        revenue: 545_000,
        realisation: Math.round((545_000 / 570_229) * 1_000_000),
      }),
    );
    const history = await keeper.done('readHistory', { params: { id } });
    expect(history.events.at(-1)).toEqual(
      jasmine.objectContaining({
        action: 'entries written off',
        by: 'Bookkeeper Person',
        after: jasmine.objectContaining({ writeOffReason: 'Beyond what was agreed' }),
      }),
    );
    // What is said about money is for those who may see money.
    expect(JSON.stringify(await world.as('owner').done('readHistory', { params: { id } }))).toContain('Beyond what');
    await expectAsync(world.as('staff').call('readHistory', { params: { id } })).toBeResolvedTo(
      jasmine.objectContaining({ status: 404 }),
    );
    expect(await differencesOf(world)).toEqual([]);
    await keeper.done('reinstateEntries', { body: { entries: await one() } });
    expect((await desk()).entries.map((entry) => entry.minor)).toEqual([9600]);
  });

  it('loses nothing by a credit note: the fee is to bill again, and its line still knows it', async () => {
    const keeper = world.as('bookkeeper');
    const list = await keeper.done('listInvoices', { query: { show: 'all' } });
    const feeInvoice = list.invoices.find((row) => row.net === 45_000)!;
    await keeper.done('creditInvoice', { params: { id: feeInvoice.id }, body: { id: newId(), reason: 'Wrong date' } });
    const again = await desk();
    // The hour of 10 June is older and uses the limit up first: 450.00 − 96.00.
    expect(again.entries.map((entry) => [entry.kind, entry.minor, entry.ready])).toEqual([
      ['time', 9600, 9600],
      ['fee', 45_000, 35_400],
    ]);
    expect(await differencesOf(world)).toEqual([]);
  });
});

/**
 * A limit of 50.00 and an hour of 90.00, worked by hand: 50.00 billed, 40.00 over it. Raised to 80.00, 30.00 are
 * released. Each document that ends takes back what was decided on it.
 */
describe('a fee whose documents end', () => {
  let world: World;

  beforeEach(async () => (world = await makeWorld({ limit: 5000 })));
  afterEach(() => world.close());

  it('leaves what was decided on other documents as it is', async () => {
    const keeper = world.as('bookkeeper');
    const lines = [];
    for (const who of ['staff', 'owner'] as const) {
      const work = await record(world, who, '2026-06-08', 1);
      await submitAndApprove(world, who);
      const { row } = await bill(world, [work.id]);
      const desk = await keeper.done('readBillDesk', {
        query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' },
      });
      const { lineId } = desk.overLimit.find((one) => one.invoiceId === row.id)!;
      await keeper.done('writeDownOverLimit', { params: { id: lineId }, body: { minor: 1000, reason: 'Not agreed' } });
      lines.push({ lineId, invoice: row.id });
      // The first has used the limit up: room for a little of the second.
      const change = { id: newId(), validFrom: '2026-06-11', limit: 6000, reason: 'Agreed' };
      if (who === 'staff') await world.as('owner').done('changeAgreement', { params: { id: world.ids.project }, body: change });
    }
    await keeper.done('voidInvoice', { params: { id: lines[1]!.invoice }, body: { reason: 'Wrong date' } });
    const left = await world.sql('select over_limit_line_id as line from limit_write_down');
    expect(left).toEqual([{ line: lines[0]!.lineId }]);
    expect(await differencesOf(world)).toEqual([]);
  });

  for (const end of ['creditInvoice', 'voidInvoice'] as const)
    it(`is to bill no more when the invoice of its limit ends as well (${end})`, async () => {
      const keeper = world.as('bookkeeper');
      const ended = (id: string) =>
        end === 'creditInvoice'
          ? keeper.call('creditInvoice', { params: { id }, body: { id: newId(), reason: 'Not agreed' } })
          : keeper.call('voidInvoice', { params: { id }, body: { reason: 'Not agreed' } });
      const work = await record(world, 'staff', '2026-06-08', 1);
      await submitAndApprove(world, 'staff');
      const first = await bill(world, [work.id]);
      const change = { id: newId(), validFrom: '2026-06-11', reason: 'Agreed' };
      await world.as('owner').done('changeAgreement', { params: { id: world.ids.project }, body: { ...change, limit: 8000 } });
      const desk = () => keeper.done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } });
      const [over] = (await desk()).overLimit;
      const release = { id: newId(), minor: 3000, note: 'As agreed' };
      const fee = await keeper.done('releaseOverLimit', { params: { id: over!.lineId }, body: release });
      const second = await bill(world, [fee.id]);
      // A later document of somebody else's, whose number is not told.
      const other = await record(world, 'owner', '2026-06-09', 1, { projectId: world.ids.euroProject });
      await submitAndApprove(world, 'owner');
      await bill(world, [other.id], 'task', world.ids.euroClient);
      const refused = await ended(first.row.id);
      expect([refused.problem.code, refused.problem.data]).toEqual(['over-limit-billed', { number: second.row.number! }]);
      expect((await ended(second.row.id)).status).toBe(200);
      const [open] = (await desk()).entries;
      expect([open!.id, open!.ready]).toEqual([fee.id, 3000]);
      // Whatever was decided on it meanwhile: once held back, once given up.
      const held = { entries: [{ id: fee.id, version: open!.version }], reason: 'Ask first' };
      await keeper.done(end === 'creditInvoice' ? 'holdEntries' : 'writeOffEntries', { body: held });
      const [decided] = await world.sql<{ version: number }>('select version from entry where id = $1', [fee.id]);
      expect((await ended(first.row.id)).status).toBe(200);
      const after = await desk();
      expect(after.entries.map((entry) => entry.id)).toEqual([work.id]);
      expect(after.overLimit).toEqual([]);
      const [row] = await world.sql('select billable, billing_state, value_minor from entry where id = $1', [fee.id]);
      expect(row).toEqual({ billable: false, billing_state: 'nothing to bill', value_minor: 0 });
      const { events } = await world.as('owner').done('readHistory', { params: { id: fee.id } });
      expect(events.at(-1)!.action).toBe('decisions on the limit taken back');
      // Told from the version that people had seen, and not from one in between.
      const [told] = await world.sql<{ before: { version: number } }>(
        'select before from audit_subject where event_id = $1 and subject_id = $2',
        [events.at(-1)!.id, fee.id],
      );
      expect(told!.before.version).toBe(decided!.version);
      expect(await differencesOf(world)).toEqual([]);
    });
});
