import { v7 as newId } from 'uuid';
import { MONDAY, World, atOnce, bill, inOrder, makeWorld, meanwhile, record, submitAndApprove } from './testing';

/** Real parallel transactions: whatever the order, the truths of the database hold. */
describe('at the same moment', () => {
  const it = inOrder();
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());
  // The connections that they need are open, so that nobody is first.
  beforeEach(() => atOnce(world, 20, async () => undefined));

  it('two approvals of the same entries: one decides, the other is told', async () => {
    await record(world, 'staff', '2026-06-08', 4);
    await record(world, 'staff', '2026-06-09', 4);
    const week = await world.as('staff').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const entries = week.entries.map(({ id, version }) => ({ id, version }));
    const answers = await Promise.all(
      [world.as('owner'), world.as('manager'), world.as('owner'), world.as('manager')].map((client) =>
        client.call('approveEntries', { body: { entries } }),
      ),
    );
    expect(answers.filter((answer) => answer.status === 200).length).toBe(1);
    for (const answer of answers) if (answer.status !== 200) expect(answer.problem.code).toBe('entries-stale');
    const [decisions] = await world.sql<{ count: number }>('select count(*)::int as count from decision');
    expect(decisions!.count).toBe(2);
  });

  it('two edits of one entry: the second is answered with the state as it is now', async () => {
    const entry = await record(world, 'mate', '2026-06-10', 2);
    const answers = await Promise.all(
      [3, 4, 5].map((hours) =>
        world.as('mate').call('changeEntry', { params: { id: entry.id }, version: 1, body: { quantity: hours * 3600 } }),
      ),
    );
    const [won] = answers.filter((answer) => answer.status === 200);
    const lost = answers.filter((answer) => answer.status === 412);
    expect(lost.length).toBe(2);
    for (const answer of lost)
      expect(answer.problem.current).toEqual(
        jasmine.objectContaining({ id: entry.id, version: 2, quantity: won!.body.quantity }),
      );
    expect((await world.as('mate').call('changeEntry', { params: { id: entry.id }, body: { note: 'x' } })).status).toBe(428);
  });

  it('a timer started twice: one runs, and none is lost', async () => {
    const start = () =>
      world
        .as('bookkeeper')
        .call('startTimer', { body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'pause' } });
    await Promise.all([start(), start(), start()]);
    const { timers } = await world.as('bookkeeper').done('readTimers');
    expect(timers.filter((timer) => timer.running).length).toBe(1);
    const [segments] = await world.sql<{ count: number }>(
      'select count(*)::int as count from timer_segment where end_at is null',
    );
    expect(segments!.count).toBe(1);
  });

  it('twenty invoices over the same hours: each hour is billed once, no number is missing or double', async () => {
    const entries: string[] = [];
    for (let index = 0; index < 5; index += 1) entries.push((await record(world, 'mate', '2026-06-11', 1 + index / 4)).id);
    await submitAndApprove(world, 'mate');
    const to = (
      await world.as('bookkeeper').done('readBillDesk', { query: { scope: `client:${world.ids.client}`, upTo: '2026-06-14' } })
    ).entries.map((entry) => entry.id);
    expect(to.length).toBeGreaterThanOrEqual(5);
    const some = (index: number) => to.filter((_, place) => (index + place) % 3 !== 0);
    const answers = await Promise.allSettled(Array.from({ length: 20 }, (_, index) => bill(world, some(index))));
    expect(answers.filter((answer) => answer.status === 'fulfilled').length).toBeGreaterThanOrEqual(1);
    const shares = await world.sql<{ entry_id: string; sum: number; billable: number }>(
      'select s.entry_id, sum(s.quantity) as sum, max(e.billable_quantity) as billable from line_share s join entry e on e.id = s.entry_id where s.live group by 1',
    );
    for (const share of shares) expect(Number(share.sum)).toBeLessThanOrEqual(Number(share.billable));
    const numbers = (
      await world.sql<{ number: number }>(
        "select number from invoice where series = 'invoice' and number is not null order by number",
      )
    ).map((row) => row.number);
    expect(numbers).toEqual(Array.from({ length: numbers.length }, (_, index) => index + 1));
    const [series] = await world.sql<{ next_number: number }>("select next_number from invoice_series where series = 'invoice'");
    expect(series!.next_number).toBe(numbers.length + 1);
  });

  it('the database itself refuses to bill an hour twice', async () => {
    const [share] = await world.sql<{ line_id: string; entry_id: string }>(
      'select line_id, entry_id from line_share where quantity > 0 limit 1',
    );
    await expectAsync(
      world.sql('update line_share set quantity = quantity + 60 where line_id = $1 and entry_id = $2', [
        share!.line_id,
        share!.entry_id,
      ]),
    ).toBeRejectedWithError(/entry_billed_within/);
    await expectAsync(
      world.sql("update invoice set net_minor = net_minor + 1, gross_minor = gross_minor + 1 where status = 'issued'"),
    ).toBeRejectedWithError(/issued document/);
  });

  it('payments and a credit at once: an invoice is never settled beyond its total', async () => {
    const entry = await record(world, 'mate', '2026-06-12', 2).catch(() => null);
    expect(entry).withContext('a submitted week takes no new time').toBeNull();
    const [open] = (await world.as('bookkeeper').done('listInvoices', { query: { show: 'open' } })).invoices;
    const pay = () =>
      world.as('bookkeeper').call('recordPayment', {
        body: { id: newId(), invoiceId: open!.id, minor: open!.gross, receivedOn: '2026-06-12', reference: '' },
      });
    const credit = () =>
      world.as('bookkeeper').call('creditInvoice', { params: { id: open!.id }, body: { id: newId(), reason: 'x' } });
    const answers = await Promise.all([pay(), credit(), pay(), credit(), pay()]);
    for (const answer of answers) expect([200, 409]).toContain(answer.status);
    const detail = await world.as('bookkeeper').done('readInvoice', { params: { id: open!.id } });
    expect(detail.row.settled).toBe(detail.row.gross);
    const [credits] = await world.sql<{ count: number }>('select count(*)::int as count from invoice where credits_id = $1', [
      open!.id,
    ]);
    expect(credits!.count).toBe(1);
    expect(detail.row.state).toBe('credited');
  });

  it('the same command sent again is answered as the first time', async () => {
    const id = newId();
    const body = {
      id,
      personId: world.ids.bookkeeper,
      date: '2026-06-12',
      projectId: null,
      taskId: null,
      serviceId: null,
      quantity: 600,
      note: 'once',
      origin: 'grid' as const,
    };
    const answers = await Promise.all([1, 2, 3].map(() => world.as('bookkeeper').call('createEntry', { body })));
    expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200]);
    expect(new Set(answers.map((answer) => JSON.stringify(answer.body))).size).toBe(1);
    expect((await world.as('bookkeeper').call('createEntry', { body: { ...body, note: 'twice' } })).problem.code).toBe(
      'different-body',
    );
    const key = newId();
    const first = await world.as('bookkeeper').call('stopTimer', { params: { id: newId() }, key });
    expect(first.status).toBe(404);
  });

  describe('what changes between being seen and being held', () => {
    let firm: World;
    beforeAll(async () => (firm = await makeWorld({ limit: 5000 })));
    afterAll(() => firm.close());

    const keeper = () => firm.as('bookkeeper');
    const draftOf = (id: string) =>
      keeper().done('createDraft', {
        body: {
          id: newId(),
          wish: { clientId: firm.ids.client, upTo: '2026-06-14', grouping: 'task', entries: [{ id }], texts: [] },
        },
      });

    it('is a draft: gone, or another version', async () => {
      const work = await record(firm, 'staff', '2026-06-08', 0.25);
      await submitAndApprove(firm, 'staff');
      const held = `select from entry where id = '${work.id}' for update`;
      const issue = ({ row }: Awaited<ReturnType<typeof draftOf>>, version = row.version) =>
        keeper().call('issueInvoice', { params: { id: row.id }, body: { gross: row.gross, version } });
      const first = await draftOf(work.id);
      const newer = `update invoice set version = version + 1 where id = '${first.row.id}'`;
      expect((await meanwhile(firm, held, newer, () => issue(first))).problem.code).toBe('version-stale');
      const gone = `delete from invoice_line where invoice_id = '${first.row.id}'; delete from invoice where id = '${first.row.id}'`;
      const late = await meanwhile(firm, held, gone, () => issue(first, first.row.version + 1));
      expect(late.problem.code).toBe('invoice-unknown');
      const second = await draftOf(work.id);
      const elsewhere = await meanwhile(firm, held, `select 1`, () => issue(second));
      expect(elsewhere.status).toBe(200);
      expect((await issue(second)).problem.code).toBe('invoice-not-draft');
    });

    it('is a sum over a limit whose invoice has ended', async () => {
      const work = await record(firm, 'mate', '2026-06-08', 1.5);
      await submitAndApprove(firm, 'mate');
      const { row } = await bill(firm, [work.id]);
      const [line] = await firm.sql<{ id: string }>("select id from invoice_line where invoice_id = $1 and kind = 'over-limit'", [
        row.id,
      ]);
      const held = `select from project where id = '${firm.ids.project}' for update`;
      const down = () => keeper().call('writeDownOverLimit', { params: { id: line!.id }, body: { minor: 1, reason: 'x' } });
      const ended = `update invoice set status = 'void', reason = 'x' where id = '${row.id}'`;
      expect((await meanwhile(firm, held, ended, down)).problem.code).toBe('over-limit-unknown');
    });

    it('is an entry that is deleted', async () => {
      const entry = await record(firm, 'bookkeeper', '2026-06-09', 1);
      const held = `select from timesheet where person_id = '${firm.ids.bookkeeper}' for update`;
      const answer = await meanwhile(firm, held, `delete from entry where id = '${entry.id}'`, () =>
        keeper().call('changeEntry', { params: { id: entry.id }, version: 1, body: { note: 'x' } }),
      );
      expect(answer.problem.code).toBe('entry-unknown');
    });

    it('is the day of an entry that is priced', async () => {
      const entry = await record(firm, 'owner', '2026-06-09', 1);
      const held = `select from timesheet where person_id = '${firm.ids.owner}' for update`;
      const moved = `update entry set work_date = '2026-06-10' where id = '${entry.id}'`;
      const answer = await meanwhile(firm, held, moved, () =>
        firm.as('owner').call('priceEntry', { params: { id: entry.id }, version: 1, body: { rate: 10_000, reason: 'x' } }),
      );
      expect([answer.status, answer.body.date, answer.body.value?.rate]).toEqual([200, '2026-06-10', 10_000]);
    });

    it('is a right: what was begun with it is done whole, or not at all, and nothing after it', async () => {
      const work = await record(firm, 'mate', '2026-06-02', 2);
      const other = await record(firm, 'mate', '2026-06-03', 2);
      await firm.as('mate').done('submitPeriod', { params: { from: '2026-06-01' }, body: { note: '' } });
      const seen = async (id: string) => {
        const { entries } = await firm.as('mate').done('readTimesheet', { params: { from: '2026-06-01' } });
        return entries.filter((one) => one.id === id).map(({ id, version, stage }) => ({ id, version, stage }))[0]!;
      };
      const held = `select from timesheet where person_id = '${firm.ids.mate}' for update`;
      const gone = `delete from person_role where person_id = '${firm.ids.manager}' and role = 'manager'`;
      const approve = async (id: string) => {
        const { version } = await seen(id);
        return firm.as('manager').call('approveEntries', { body: { entries: [{ id, version }] } });
      };
      const answer = await meanwhile(firm, held, gone, () => approve(work.id));
      const decisions = () => firm.sql('select from decision where entry_id = any ($1)', [[work.id, other.id]]);
      expect([answer.status, (await seen(work.id)).stage, (await decisions()).length]).toEqual([200, 'approved', 1] as never);
      expect((await approve(other.id)).problem.code).toBe('right-missing');
      expect([(await seen(other.id)).stage, (await decisions()).length]).toEqual(['submitted', 1] as never);
      await firm.sql("insert into person_role values ($1, $2, 'manager')", [firm.firmId, firm.ids.manager]);
    });

    it('is the day of a timer that is stopped', async () => {
      const id = newId();
      const names = { projectId: null, taskId: null, serviceId: null, note: '', others: 'pause' as const };
      await firm.as('owner').done('startTimer', { body: { id, ...names, startedAt: '2026-06-12T14:00:00Z' } });
      await record(firm, 'owner', '2026-06-11', 1);
      const held = `select from timesheet where person_id = '${firm.ids.owner}' for update`;
      const moved = `update timer_segment set start_at = '2026-06-05T14:00:00Z', end_at = '2026-06-05T15:00:00Z' where timer_id = '${id}'`;
      const { body } = await meanwhile(firm, held, moved, () => firm.as('owner').call('stopTimer', { params: { id } }));
      expect(body.entries.map((entry) => [entry.date, entry.quantity])).toEqual([['2026-06-05', 3600]]);
      // The week in which it lies now was held: it has a timesheet.
      const sheets = await firm.sql("select from timesheet where person_id = $1 and period_from = '2026-06-01'", [
        firm.ids.owner,
      ]);
      expect(sheets.length).toBe(1);
    });
  });
});
