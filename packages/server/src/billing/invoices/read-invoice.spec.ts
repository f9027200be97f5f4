import { v7 as newId } from 'uuid';
import { World, makeWorld, record, submitAndApprove } from '../../testing';

describe('a cent that grouping makes', () => {
  let world: World;
  const ids: string[] = [];

  // Three quarters of an hour at 100.03: 25.01 each, 75.02 as a line, worked by hand.
  beforeAll(async () => {
    world = await makeWorld();
    for (let count = 0; count < 3; count += 1) ids.push((await record(world, 'staff', '2026-06-08', 0.25)).id);
    await submitAndApprove(world, 'staff');
    for (const id of ids) {
      const [row] = await world.sql<{ version: number }>('select version from entry where id = $1', [id]);
      const body = { rate: 1_000_300, reason: 'Agreed' };
      await world.as('owner').done('priceEntry', { params: { id }, version: row!.version, body });
    }
  });
  afterAll(() => world.close());

  const wish = (grouping: 'task' | 'entry') => ({
    ...{ clientId: world.ids.client, upTo: '2026-06-14', grouping, texts: [] },
    entries: ids.map((id) => ({ id })),
  });
  const keeper = () => world.as('bookkeeper');

  it('is told of the preview, of the draft and of the issued document, line by line', async () => {
    const preview = await keeper().done('previewInvoice', { body: wish('task') });
    const [line] = preview.document.lines;
    expect([preview.document.net, preview.rounding]).toEqual([7502, [{ key: line!.key, minor: -1 }]]);
    const draft = await keeper().done('createDraft', { body: { id: newId(), wish: wish('task') } });
    expect(draft.rounding).toEqual(preview.rounding);
    const { id, version, gross } = draft.row;
    const issued = await keeper().done('issueInvoice', { params: { id }, body: { gross, version } });
    expect([issued.row.net, issued.rounding]).toEqual([7502, preview.rounding]);
    const [value] = await world.sql<{ sum: number }>('select sum(value_minor) as sum from entry');
    expect(value!.sum + issued.rounding[0]!.minor).toBe(issued.row.net);
    const credit = { id: newId(), reason: 'Not agreed' };
    await keeper().done('creditInvoice', { params: { id }, body: credit });
    const credited = await keeper().done('readInvoice', { params: { id: credit.id } });
    expect([credited.row.net, credited.rounding.map((one) => one.minor)]).toEqual([-7502, [1]]);
  });

  it('is not there where every entry is a line', async () => {
    const preview = await keeper().done('previewInvoice', { body: wish('entry') });
    expect([preview.document.net, preview.rounding]).toEqual([7503, []]);
  });
});

describe('what a line of a document bills', () => {
  let world: World;
  let id: string;
  let later: string;

  beforeAll(async () => {
    world = await makeWorld();
    const own = await record(world, 'staff', '2026-06-08', 1);
    const others = await record(world, 'bookkeeper', '2026-06-08', 2);
    later = (await record(world, 'staff', '2026-06-10', 0.5)).id;
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'bookkeeper');
    const wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [] };
    const entries = [{ id: own.id }, { id: others.id }];
    ({ id } = (await world.as('bookkeeper').done('createDraft', { body: { id: newId(), wish: { ...wish, entries } } })).row);
  });
  afterAll(() => world.close());

  const linesOf = async () => (await world.as('owner').done('readInvoice', { params: { id } })).document.lines;

  it('is told entry by entry, with the share of each, and adds up to the line', async () => {
    for (const line of await linesOf()) {
      const { entries, count } = await world.as('owner').done('readLineEntries', { params: { id, line: line.key } });
      expect(entries.length).toBe(count);
      expect(entries.reduce((sum, one) => sum + one.minor, 0)).toBe(line.minor);
      expect(entries.every((one) => one.quantity > 0 && one.entry.id !== '')).toBeTrue();
    }
    // A line of another document is none of this one.
    const other = await world.as('owner').call('readLineEntries', { params: { id: newId(), line: (await linesOf())[0]!.key } });
    expect(other.problem.code).toBe('invoice-unknown');
  });

  it('is what this document bills, and not what another one does of the same work under the same name', async () => {
    const wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [] };
    const body = { id: newId(), wish: { ...wish, entries: [{ id: later }] } };
    const other = await world.as('bookkeeper').done('createDraft', { body });
    // The rate has risen; under the rate of before, the work of both documents has one name.
    const key = (await linesOf())[0]!.key;
    await world.sql('update invoice_line set key = $1 where invoice_id = $2', [key, other.row.id]);
    const of = async (document: string) =>
      (await world.as('owner').done('readLineEntries', { params: { id: document, line: key } })).entries.map(
        ({ entry }) => entry.id,
      );
    expect(await of(other.row.id)).toEqual([later]);
    expect(await of(id)).not.toContain(later);
  });

  it('is told of an invoice whose hours were given back, too', async () => {
    const { version, gross } = (await world.as('bookkeeper').done('readInvoice', { params: { id } })).row;
    await world.as('bookkeeper').done('issueInvoice', { params: { id }, body: { gross, version } });
    const line = (await linesOf())[0]!.key;
    const read = () => world.as('owner').done('readLineEntries', { params: { id, line } });
    const before = await read();
    await world.as('bookkeeper').done('creditInvoice', { params: { id }, body: { id: newId(), reason: 'Wrong order' } });
    expect((await read()).entries.map(({ entry }) => entry.id)).toEqual(before.entries.map(({ entry }) => entry.id));
  });
});
