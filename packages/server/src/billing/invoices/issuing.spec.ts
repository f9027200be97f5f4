import { v7 as newId } from 'uuid';
import { World, atOnce, differencesOf, inOrder, makeWorld, record, submitAndApprove } from '../../testing';

describe('issuing from the desk', () => {
  const it = inOrder();
  let world: World;
  const ids: string[] = [];

  beforeAll(async () => {
    world = await makeWorld();
    for (const date of ['2026-06-08', '2026-06-09', '2026-06-10']) ids.push((await record(world, 'staff', date, 1)).id);
    await submitAndApprove(world, 'staff');
  });
  afterAll(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });

  const wish = (entries: readonly string[], clientId = world.ids.client) => ({
    ...{ clientId, upTo: '2026-06-14', grouping: 'task' as const, texts: [] },
    entries: entries.map((id) => ({ id })),
  });
  const issue = (of: ReturnType<typeof wish>, gross: number) =>
    world.as('bookkeeper').call('issueNewInvoice', { body: { id: newId(), wish: of, gross } });
  const documents = async () => (await world.sql('select 1 from invoice')).length;

  it('is refused as a whole: no draft stays, no entry is reserved, no number is taken', async () => {
    for (const [refused, code] of [
      [await issue(wish([ids[0]!]), 1), 'document-changed'],
      [await issue(wish([newId()]), 10_800), 'entries-not-billable'],
      [await issue(wish([ids[0]!], world.ids.euroClient), 10_800), 'entries-not-billable'],
    ] as const)
      expect(refused.problem.code).toBe(code);
    expect(await documents()).toBe(0);
    expect(await world.sql('select 1 from entry where billed_quantity <> 0')).toEqual([]);
    expect(await world.sql("select next_number from invoice_series where series = 'invoice'")).toEqual([{ next_number: 1 }]);
  });

  it('makes and issues the document in one step', async () => {
    // An hour at 90.00 and VAT of 20 %.
    const answer = await issue(wish([ids[0]!]), 10_800);
    expect([answer.status, answer.body.row.number, answer.body.row.net, answer.body.row.gross]).toEqual([
      200,
      'T-0001',
      9000,
      10_800,
    ]);
    const { events } = await world.as('owner').done('readHistory', { params: { id: ids[0]! } });
    expect(events.at(-1)!.action).toBe('invoice issued');
    const history = await world.as('owner').done('readHistory', { params: { id: answer.body.row.id } });
    expect(history.events.map((event) => event.action)).toEqual(['draft kept', 'invoice issued']);
    expect((await issue(wish([ids[0]!]), 10_800)).problem.code).toBe('entries-not-billable');
    expect(await documents()).toBe(1);
  });

  it('lets one of two win over the same hour, and the other one nothing', async () => {
    const answers = await atOnce(world, 4, () => issue(wish([ids[1]!]), 10_800));
    expect(answers.filter((answer) => answer.status === 200).length).toBe(1);
    for (const answer of answers) if (answer.status !== 200) expect(answer.problem.code).toBe('entries-not-billable');
    expect(await documents()).toBe(2);
  });

  it('marks as sent once, and then voids nothing', async () => {
    const [invoice] = await world.sql<{ id: string }>("select id from invoice where number_text = 'T-0001'");
    const params = { id: invoice!.id };
    const before = await world.as('bookkeeper').done('readInvoice', { params });
    expect([before.row.state, before.row.sentAt]).toEqual(['not sent', null]);
    const sent = await world.as('bookkeeper').done('markSent', { params });
    expect([sent.row.state, sent.row.sentAt]).toEqual(['open', jasmine.any(String) as never]);
    expect((await world.as('bookkeeper').call('markSent', { params })).problem.code).toBe('invoice-sent');
    expect((await world.as('bookkeeper').call('voidInvoice', { params, body: { reason: 'x' } })).problem.code).toBe(
      'invoice-sent',
    );
    expect((await world.as('bookkeeper').call('markSent', { params: { id: newId() } })).problem.code).toBe('invoice-unknown');
  });
});

/** An hour at 90.00 under a limit of 100.00, lowered to 50.00 before it is issued: 40.00 stand over it. */
describe('issuing a draft whose limit has moved', () => {
  it('stores the lines as they are issued, once the new total is confirmed', async () => {
    const world = await makeWorld({ limit: 10_000 });
    const work = await record(world, 'staff', '2026-06-08', 1);
    await submitAndApprove(world, 'staff');
    const keeper = world.as('bookkeeper');
    const wish = {
      clientId: world.ids.client,
      upTo: '2026-06-14',
      grouping: 'task' as const,
      texts: [],
      entries: [{ id: work.id }],
    };
    const { row } = await keeper.done('createDraft', { body: { id: newId(), wish } });
    expect(row.gross).toBe(10_800);
    const change = { id: newId(), validFrom: '2026-06-11', limit: 5000, reason: 'Agreed' };
    await world.as('owner').done('changeAgreement', { params: { id: world.ids.project }, body: change });
    const issue = (gross: number) =>
      keeper.call('issueInvoice', { params: { id: row.id }, body: { gross, version: row.version } });
    expect((await issue(10_800)).problem.code).toBe('document-changed');
    expect((await issue(6000)).body.row.net).toBe(5000);
    expect(await world.sql('select kind, net_minor from invoice_line where invoice_id = $1 order by place', [row.id])).toEqual([
      { kind: 'time', net_minor: 9000 },
      { kind: 'over-limit', net_minor: -4000 },
    ]);
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
});
