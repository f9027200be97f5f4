import { v7 as newId } from 'uuid';
import { World, makeWorld, record, submitAndApprove } from '../../testing';

describe('the list of invoices', () => {
  let world: World;
  const documents: string[] = [];

  // One document more than stand on a page, half of them issued a day later.
  beforeAll(async () => {
    world = await makeWorld();
    const ids: string[] = [];
    for (let count = 0; count < 101; count += 1)
      ids.push((await record(world, 'staff', count < 50 ? '2026-06-08' : '2026-06-09', 0.25)).id);
    await submitAndApprove(world, 'staff');
    for (const [index, id] of ids.entries()) {
      if (index === 50) world.clock.set('2026-06-13T12:00:00.000Z');
      const wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [], entries: [{ id }] };
      const issued = await world.as('bookkeeper').done('issueNewInvoice', { body: { id: newId(), wish, gross: 2700 } });
      documents.push(issued.row.id);
    }
  });
  afterAll(() => world.close());

  async function everything(show: 'open' | 'all') {
    const pages = [await world.as('bookkeeper').done('listInvoices', { query: { show } })];
    for (let cursor = pages[0]!.nextCursor; cursor;) {
      const page = await world.as('bookkeeper').done('listInvoices', { query: { show, cursor } });
      pages.push(page);
      cursor = page.nextCursor;
    }
    return pages;
  }

  it('comes in pages that miss nothing and repeat nothing, what is open by due date, everything newest first', async () => {
    for (const show of ['open', 'all'] as const) {
      const pages = await everything(show);
      expect(pages.map((page) => page.invoices.length))
        .withContext(show)
        .toEqual([100, 1]);
      const rows = pages.flatMap((page) => page.invoices);
      expect(rows.map((row) => row.id).sort()).toEqual([...documents].sort());
      const due = rows.map((row) => row.dueOn!);
      expect(due)
        .withContext(show)
        .toEqual(show === 'open' ? [...due].sort() : [...due].sort().reverse());
      expect(new Set(due).size).toBe(2);
    }
  });

  it('ages all that is open, whatever stands on the page', async () => {
    for (const page of [...(await everything('open')), ...(await everything('all'))])
      expect(page.ageing.map((one) => [one.currency, one.count, one.open])).toEqual([['GBP', 101, 101 * 2700]]);
  });

  it('takes no cursor that it has not given out, nor one of another list', async () => {
    const [open, all] = [await everything('open'), await everything('all')];
    for (const [show, cursor] of [
      ['open', all[0]!.nextCursor!],
      ['all', open[0]!.nextCursor!],
      ['open', '2026-13-01_00000000-0000-0000-0000-000000000000'],
      ['all', 'x'],
    ] as const) {
      const answer = await world.as('bookkeeper').call('listInvoices', { query: { show, cursor } });
      expect([answer.status, answer.problem.code]).withContext(cursor).toEqual([400, 'request-invalid']);
    }
  });
});
