import { v7 as newId } from 'uuid';
import { MONDAY, World, bill, differencesOf, makeWorld, ownerContext, record, submitAndApprove } from '../../testing';
import { PROVEN, Proven } from './books';
import { verifyBooks } from './verify-books';

/** What is issued is held by triggers, which the owner of the tables can put aside. */
const LET = 'alter table invoice disable trigger user; ';

const NOTHING_IN_SCOPE = `create or replace function in_scope(project uuid, task uuid, person uuid, everything boolean, projects uuid[],
  any_task boolean, tasks uuid[], whose uuid) returns boolean language sql immutable as 'select false'`;

describe('the books, recomputed', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld({ limit: 70_000 });
    const a = await record(world, 'staff', '2026-06-08', 3 + 8 / 60, { taskId: world.ids.task });
    const same = await record(world, 'staff', '2026-06-08', 0.5, { taskId: world.ids.task });
    const b = await record(world, 'staff', '2026-06-09', 2);
    await record(world, 'staff', '2026-06-10', 1, { billable: false });
    const c = await record(world, 'mate', '2026-06-10', 2);
    const o = await record(world, 'owner', '2026-06-10', 2);
    await record(world, 'staff', '2026-06-11', 1);
    await record(world, 'manager', '2026-06-11', 1);
    await record(world, 'owner', '2026-06-05', 1);
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
    const paid = await bill(world, [a.id, same.id]);
    await world.as('bookkeeper').done('recordPayment', {
      body: { id: newId(), invoiceId: paid.row.id, minor: paid.row.gross, receivedOn: '2026-06-12', reference: '' },
    });
    const credited = await bill(world, [b.id]);
    await world.as('bookkeeper').done('creditInvoice', { params: { id: credited.row.id }, body: { id: newId(), reason: 'x' } });
    await bill(world, [b.id], 'entry');
    await world.as('bookkeeper').done('createDraft', {
      body: {
        id: newId(),
        wish: {
          clientId: world.ids.client,
          upTo: '2026-06-14',
          grouping: 'task',
          entries: [{ id: c.id, writeDown: { minor: 500, reason: 'x' } }],
          texts: [],
        },
      },
    });
    // Crosses the limit of 700.00: 517.50 billed, 115.00 in the draft, 192.00 of work.
    await submitAndApprove(world, 'owner');
    await world.as('manager').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    await bill(world, [o.id], 'entry');
  });
  afterAll(() => world.close());

  it('are proven in everything: each proof finds the mistake that is planted for it', () => {
    expect([...new Set(mistakes.map(([what]) => what))].sort()).toEqual([...PROVEN].sort());
  });

  it('are right after the whole way: limit, credit, payment, draft and reduction', async () => {
    expect(await differencesOf(world)).toEqual([]);
  });

  const mistakes: [what: Proven, sql: string][] = [
    [
      'value of an entry',
      "update entry set value_minor = value_minor + 1 where id = (select id from entry where stage = 'paid' limit 1)",
    ],
    [
      'value of an entry',
      "update entry set value_minor = value_minor + 1 where id = (select id from entry where stage = 'recorded' and value_minor > 0 limit 1)",
    ],
    [
      'own value of an entry',
      "update entry set own_value_minor = own_value_minor + 1 where id = (select id from entry where stage = 'paid' limit 1)",
    ],
    [
      'own rate of an entry',
      "update entry set own_rate = own_rate + 1 where id = (select id from entry where stage = 'recorded' and own_rate > 0 limit 1)",
    ],
    ['cost of an entry', 'update entry set cost_minor = cost_minor - 1 where id = (select id from entry limit 1)'],
    [
      'billable time of an entry',
      "update entry set billable_quantity = billable_quantity + 60 where id = (select id from entry where stage = 'recorded' and billable_quantity > 0 limit 1)",
    ],
    [
      'rate of an entry',
      "update entry set rate = rate + 1 where id = (select id from entry where stage = 'recorded' and rate > 0 limit 1)",
    ],
    [
      'billed time of an entry',
      "update entry set billed_quantity = billed_quantity - 60 where id = (select id from entry where stage = 'paid' limit 1)",
    ],
    ['stage of an entry', "update entry set stage = 'billed' where id = (select id from entry where stage = 'paid' limit 1)"],
    [
      'sum of the shares of a line',
      'update line_share set amount_minor = amount_minor + 1 where (line_id, entry_id) = (select line_id, entry_id from line_share where quantity > 0 limit 1)',
    ],
    [
      'amount of a line',
      "update invoice_line set net_minor = net_minor + 1 where id = (select id from invoice_line where kind = 'time' limit 1)",
    ],
    [
      'tax breakdown of a document',
      'update invoice_tax set tax_minor = tax_minor + 1 where invoice_id = (select invoice_id from invoice_tax limit 1)',
    ],
    [
      'totals of a document',
      "update invoice set tax_minor = tax_minor + 1, gross_minor = gross_minor + 1 where status = 'draft'",
    ],
    [
      'settled sum of an invoice',
      'update invoice set settled_minor = settled_minor - 1 where settled_minor > 1 and id = (select invoice_id from allocation where live limit 1)',
    ],
    [
      'sum of recorded work',
      'update work_sum set quantity = quantity + 1 where (person_id, stage) in (select person_id, stage from work_sum where person_id = no_id() limit 1)',
    ],
    [
      'sum of recorded work',
      "insert into work_sum select firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable, 'EUR', 1, 60, 0, 0, 0 from work_sum limit 1",
    ],
    [
      'sum of recorded work',
      'delete from work_sum where (person_id, month, stage, billing_state) = (select person_id, month, stage, billing_state from work_sum where value_minor > 0 limit 1)',
    ],
    [
      'sum of billed work',
      'update billed_sum set amount_minor = amount_minor + 1 where invoice_id = (select invoice_id from billed_sum limit 1)',
    ],
    ['sum of billed work', 'delete from billed_sum where invoice_id = (select invoice_id from billed_sum limit 1)'],
    [
      'facts of a share',
      'update line_share set standard_minor = standard_minor + 1 where live and quantity > 0 and line_id in (select line_id from line_share where live and quantity > 0)',
    ],
    [
      'standard cost of an entry',
      'update entry set standard_cost_minor = standard_cost_minor + 1 where id = (select id from entry limit 1)',
    ],
    [
      'payable time of an entry',
      'update entry set payable_quantity = payable_quantity - 1 where id = (select id from entry limit 1)',
    ],
    [
      'sum of recorded work',
      'update work_sum set standard_cost_minor = standard_cost_minor + 1 where ctid = (select ctid from work_sum limit 1)',
    ],
    ['net under a limit', 'update agreement set limit_minor = limit_minor / 2 where limit_minor is not null'],
    [
      'decisions on a sum over a limit',
      `insert into limit_write_down (firm_id, id, over_limit_line_id, amount_minor, reason, by_id, at)
        select l.firm_id, gen_random_uuid(), l.id, 1 - l.net_minor, 'x', (select id from person limit 1), now() from invoice_line l where l.kind = 'over-limit' limit 1`,
    ],
    [
      'sum over a limit',
      `create or replace function over_limit_waiting() returns table (firm_id uuid, line_id uuid, invoice_id uuid, project_id uuid,
        currency text, total_minor bigint, waiting_minor bigint) language sql stable as
        'select null::uuid, null::uuid, null::uuid, null::uuid, null::text, 0::bigint, 0::bigint where false'`,
    ],
    [
      'what may be billed of an entry',
      "create or replace function is_to_bill(stage text, billing_state text, billed bigint) returns boolean language sql immutable as 'select stage = ''submitted'''",
    ],
    [
      'time of the shares of a line',
      "update line_share set quantity = quantity - 60 where line_id = (select id from invoice_line where kind = 'time' limit 1)",
    ],
    [
      'shares of a line',
      `update line_share set amount_minor = amount_minor + case when entry_id = (select min(entry_id::text)::uuid from line_share s
        where s.line_id = line_share.line_id) then 1 else -1 end
        where line_id = (select line_id from line_share group by line_id having count(*) = 2 limit 1)`,
    ],
    [
      'total of an issued invoice',
      `${LET}update invoice set net_minor = 0, tax_minor = 0, gross_minor = 0 where status = 'issued' and kind = 'invoice' and settled_minor = 0`,
    ],
    [
      'figures of an issued document',
      `${LET}update invoice set snapshot = jsonb_set(snapshot, '{net}', '1') where status = 'issued'`,
    ],
    [
      'lines of an issued document',
      `${LET}update invoice set snapshot = jsonb_set(snapshot, '{lines,0,minor}', '1') where status = 'issued'`,
    ],
    [
      'client of an entry',
      "update entry set client_id = (select id from client where id <> entry.client_id limit 1) where stage = 'recorded' and client_id is not null",
    ],
    [
      'billing state of an entry',
      "update entry set billing_state = 'nothing to bill' where stage = 'recorded' and billing_state = 'to bill'",
    ],
    [
      'billable time of a day',
      `update agreement set rounding_unit = 'day';
       update entry set billable_quantity = billable_quantity + 900 where stage = 'recorded' and billable_quantity > 0`,
    ],
    ['bar of all work', 'update stage_sum set quantity = quantity + 60'],
    ['bar of a project', 'update work_sum set quantity = quantity + 60 where person_id = no_id() and month = no_month()'],
    ['figure of the step Review', NOTHING_IN_SCOPE],
    ['figure of the step Bill', NOTHING_IN_SCOPE],
    [
      'figure of the step Collect',
      "create or replace function is_open(status text, kind text, settled bigint, gross bigint) returns boolean language sql immutable as 'select false'",
    ],
    [
      'entries without a rate',
      `update entry set rate = null, rate_source = null, rate_rule_id = null, value_minor = null
        where stage = 'approved' and billing_state = 'to bill' and billed_quantity = 0; ${NOTHING_IN_SCOPE}`,
    ],
    ['allocated part of a payment', 'update payment set amount_minor = amount_minor - 1'],
    ['numbers of a series', "update invoice_series set next_number = next_number + 1 where series = 'invoice'"],
  ];
  for (const [index, [what, sql]] of mistakes.entries()) {
    it(`find one wrong unit planted, ${index + 1}: ${what}`, async () => {
      const tx = await world.admin.connect();
      try {
        // Planted where this test alone sees it.
        await tx.query('begin');
        await tx.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
        const planted = [await tx.query(sql)].flat();
        if (!sql.includes('create')) expect(planted.at(-1)!.rowCount).withContext(sql).toBeGreaterThan(0);
        const found = await verifyBooks(ownerContext(world, tx));
        expect(found.map((one) => one.what)).toContain(what);
      } finally {
        await tx.query('rollback');
        tx.release();
      }
    });
  }
});
