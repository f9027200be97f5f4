import { v7 as newId } from 'uuid';
import { MONDAY, World, bill, differencesOf, inOrder, makeWorld, record, submitAndApprove } from '../testing';

describe('billing', () => {
  const it = inOrder();
  let world: World;
  const ids: string[] = [];
  const keeper = () => world.as('bookkeeper');
  const desk = () => keeper().done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } });
  const wish = (entries: { id: string; writeDown?: { minor: number; reason: string } }[]) => ({
    clientId: world.ids.client,
    upTo: '2026-06-14',
    grouping: 'task' as const,
    entries,
    texts: [],
  });

  beforeAll(async () => {
    world = await makeWorld();
    for (const date of ['2026-06-08', '2026-06-09', '2026-06-10', '2026-06-11'])
      ids.push((await record(world, 'staff', date, 2)).id);
    // No rule prices the mate in EUR: unpriced, submitted all the same.
    ids.push((await record(world, 'mate', '2026-06-11', 1, { projectId: world.ids.euroProject })).id);
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
  });
  afterAll(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });

  it('lists what has no rate, keeps it off invoices, and takes a typed rate with its reason', async () => {
    const { entries } = await keeper().done('listUnpriced');
    expect(entries.map((entry) => [entry.id, entry.problems])).toEqual([[ids[4]!, ['no-rate']]]);
    const refused = await keeper().call('previewInvoice', {
      body: { ...wish([{ id: ids[4]! }]), clientId: world.ids.euroClient },
    });
    expect(refused.problem.code).toBe('entry-unpriced');
    const version = entries[0]!.version;
    const priced = await keeper().done('priceEntry', {
      params: { id: ids[4]! },
      version,
      body: { rate: 750_000, reason: 'Agreed by letter' },
    });
    expect(priced.value).toEqual({ billable: 3600, rate: 750_000, minor: 7500, currency: 'EUR' });
    const why = await keeper().done('readEntryWhy', { params: { id: ids[4]! } });
    expect(why.rate).toEqual({ rate: 750_000, currency: 'EUR', source: 'typed', reason: 'Agreed by letter' });
    expect(why.losers.map((loser) => loser.reason)).toEqual([]);
    const back = await keeper().done('priceEntry', {
      params: { id: ids[4]! },
      version: priced.version,
      body: { rate: null, reason: 'Back' },
    });
    expect(back.problems).toEqual(['no-rate']);
  });

  it('holds entries back with a reason and releases them', async () => {
    const entry = (await desk()).entries.find((one) => one.id === ids[0])!;
    await keeper().done('holdEntries', { body: { entries: [{ id: entry.id, version: entry.version }], reason: 'Ask first' } });
    expect((await desk()).entries.find((one) => one.id === ids[0])!.holdReason).toBe('Ask first');
    expect((await keeper().call('previewInvoice', { body: wish([{ id: ids[0]! }]) })).problem.code).toBe('entries-not-billable');
    expect(
      (await keeper().call('releaseEntries', { body: { entries: [{ id: entry.id, version: entry.version }] } })).problem.code,
    ).toBe('entries-stale');
    await keeper().done('releaseEntries', { body: { entries: [{ id: entry.id, version: entry.version + 1 }] } });
    expect((await desk()).entries.length).toBe(4);
  });

  it('reserves the entries of a draft, and gives them back when it is discarded', async () => {
    const draft = await keeper().done('createDraft', { body: { id: newId(), wish: wish([{ id: ids[0]! }, { id: ids[1]! }]) } });
    const now = await desk();
    expect(now.entries.map((entry) => entry.id)).toEqual([ids[2]!, ids[3]!]);
    expect(now.notHere.inDrafts).toBe(4 * 3600);
    expect(now.drafts.map((one) => one.id)).toEqual([draft.row.id]);
    expect((await keeper().call('createDraft', { body: { id: newId(), wish: wish([{ id: ids[1]! }]) } })).problem.code).toBe(
      'entries-not-billable',
    );
    const entry = (await world.as('staff').done('readTimesheet', { params: { from: MONDAY } })).entries.find(
      (one) => one.id === ids[0],
    )!;
    expect(
      (
        await world
          .as('owner')
          .call('reopenEntries', { body: { entries: [{ id: entry.id, version: entry.version }], reason: 'x' } })
      ).problem.code,
    ).toBe('entry-in-draft');
    expect((await keeper().call('discardDraft', { params: { id: draft.row.id }, version: draft.row.version })).status).toBe(200);
    expect((await desk()).entries.length).toBe(4);
  });

  it('issues only the total that was confirmed', async () => {
    const draft = await keeper().done('createDraft', { body: { id: newId(), wish: wish([{ id: ids[0]! }]) } });
    const answer = await keeper().call('issueInvoice', {
      params: { id: draft.row.id },
      body: { gross: draft.row.gross + 1, version: draft.row.version },
    });
    expect([answer.status, answer.problem.code]).toEqual([409, 'document-changed']);
    await keeper().done('issueInvoice', {
      params: { id: draft.row.id },
      body: { gross: draft.row.gross, version: draft.row.version },
    });
    expect((await keeper().call('discardDraft', { params: { id: draft.row.id }, version: 2 })).problem.code).toBe(
      'invoice-not-draft',
    );
  });

  it('writes down with a reason, never below nothing, and shows it in the realisation', async () => {
    expect(
      (await keeper().call('previewInvoice', { body: wish([{ id: ids[1]!, writeDown: { minor: 18_001, reason: 'x' } }]) }))
        .problem.code,
    ).toBe('write-down-too-large');
    const draft = await keeper().done('createDraft', {
      body: { id: newId(), wish: wish([{ id: ids[1]!, writeDown: { minor: 1800, reason: 'Learning time' } }]) },
    });
    expect([draft.row.net, draft.document.lines.map((line) => line.text)]).toEqual([
      16_200,
      ['Lantern room, site survey', 'Reduction: Learning time'],
    ]);
    const issued = await keeper().done('issueInvoice', {
      params: { id: draft.row.id },
      body: { gross: draft.row.gross, version: draft.row.version },
    });
    const results = await world.as('owner').done('readResults', { query: { scope: `project:${world.ids.project}` } });
    // 180.00 and 180.00 billed at 180.00 and 162.00: 95.0 %.
    expect(results.money![0]).toEqual(jasmine.objectContaining({ billed: 34_200, realisation: 950_000 }));
    expect(issued.row.state).toBe('not sent');
  });

  it('voids what was never sent, keeps its number, and credits the rest', async () => {
    const voided = await bill(world, [ids[2]!]);
    const answer = await keeper().done('voidInvoice', { params: { id: voided.row.id }, body: { reason: 'Wrong month' } });
    expect([answer.row.state, answer.row.number]).toEqual(['void', voided.row.number]);
    const again = await bill(world, [ids[2]!]);
    expect(Number(again.row.number!.slice(2))).toBe(Number(voided.row.number!.slice(2)) + 1);
    await keeper().done('markSent', { params: { id: again.row.id } });
    expect((await keeper().call('markSent', { params: { id: again.row.id } })).problem.code).toBe('invoice-sent');
    expect((await keeper().call('voidInvoice', { params: { id: again.row.id }, body: { reason: 'x' } })).problem.code).toBe(
      'invoice-sent',
    );
  });

  it('reverses a payment: what it settled is open again', async () => {
    const invoice = await bill(world, [ids[3]!]);
    const id = newId();
    await keeper().done('recordPayment', {
      body: { id, invoiceId: invoice.row.id, minor: invoice.row.gross, receivedOn: '2026-06-12', reference: '' },
    });
    expect((await keeper().call('reversePayment', { params: { id }, body: { reason: 'Bounced' } })).status).toBe(200);
    expect((await keeper().call('reversePayment', { params: { id }, body: { reason: 'Bounced' } })).problem.code).toBe(
      'payment-reversed',
    );
    const now = await keeper().done('readInvoice', { params: { id: invoice.row.id } });
    expect([now.row.open, now.payments.map((one) => one.live)]).toEqual([invoice.row.gross, [false]]);
    const pay = (minor: number, receivedOn = '2026-06-12') =>
      keeper().call('recordPayment', { body: { id: newId(), invoiceId: invoice.row.id, minor, receivedOn, reference: '' } });
    expect((await pay(0)).problem.code).toBe('payment-not-positive');
    expect((await pay(5, '2026-06-13')).problem.code).toBe('payment-ahead');
  });

  it('keeps what a draft was asked to hold until it is issued, so that it can be taken up again', async () => {
    const entry = await record(world, 'staff', '2026-06-16', 2);
    await world.sql("update entry set stage = 'approved', work_date = '2026-06-12' where id = $1", [entry.id]);
    const asked = {
      ...wish([{ id: entry.id, writeDown: { minor: 250, reason: 'agreed' } }]),
      texts: [{ key: 'k', text: 'Piles' }],
    };
    const draft = await keeper().done('createDraft', { body: { id: newId(), wish: asked } });
    expect(draft.wish).toEqual(asked);
    expect((await keeper().done('readInvoice', { params: { id: draft.row.id } })).wish).toEqual(asked);
    const { row } = draft;
    const issued = await keeper().done('issueInvoice', {
      params: { id: row.id },
      body: { gross: row.gross, version: row.version },
    });
    expect(issued.wish).toBeNull();
  });

  it('has one PDF of a document, however many open it at once, and whether or not the issue had made it', async () => {
    const [{ id }] = (await world.sql<{ id: string }>(
      "select id from invoice where status = 'issued' order by number limit 1",
    )) as [{ id: string }];
    const url = `/api/f/${world.slug}/invoices/${id}/pdf`;
    const opened = await Promise.all(Array.from({ length: 5 }, () => keeper().request('GET', url)));
    const bytes = opened.map((answer) => answer.body as Buffer);
    expect(opened.map((answer) => answer.status)).toEqual([200, 200, 200, 200, 200]);
    expect(bytes.every((one) => one.equals(bytes[0]!))).toBeTrue();
    const kept = await world.sql<{ count: number }>('select count(*)::int as count from invoice_pdf where invoice_id = $1', [id]);
    expect(kept).toEqual([{ count: 1 }]);
    expect((await world.as('staff').request('GET', url)).status).toBe(403);
  });
});
