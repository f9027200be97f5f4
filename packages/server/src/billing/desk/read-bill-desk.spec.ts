import { v7 as newId } from 'uuid';
import { World, makeWorld, record, submitAndApprove, anotherProject } from '../../testing';

describe('the desk', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  it('says how much is written off when it is more than it shows, the oldest first', async () => {
    for (let count = 0; count < 201; count += 1)
      await record(world, 'staff', count === 200 ? '2026-06-08' : `2026-06-${String(9 + (count % 4)).padStart(2, '0')}`, 0.25);
    await submitAndApprove(world, 'staff');
    const keeper = world.as('bookkeeper');
    const desk = () => keeper.done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } });
    const entries = (await desk()).entries.map(({ id, version }) => ({ id, version }));
    await keeper.done('writeOffEntries', { body: { entries, reason: 'Agreed with the client' } });
    const { writtenOff, notHere } = await desk();
    expect([writtenOff.count, writtenOff.entries.length, writtenOff.entries[0]!.date]).toEqual([201, 200, '2026-06-08']);
    expect(notHere.writtenOff).toBe(201 * 900);
  });

  it('shows of a project the drafts on which it stands, and not the client’s others', async () => {
    const second = await anotherProject(world);
    const work = await record(world, 'mate', '2026-06-09', 1);
    await submitAndApprove(world, 'mate');
    const wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [] };
    const keeper = world.as('bookkeeper');
    const draft = await keeper.done('createDraft', { body: { id: newId(), wish: { ...wish, entries: [{ id: work.id }] } } });
    const drafts = async (scope: string) =>
      (await keeper.done('readBillDesk', { query: { scope, upTo: '2026-06-14' } })).drafts.map((one) => one.id);
    expect(await drafts(`project:${world.ids.project}`)).toEqual([draft.row.id]);
    expect(await drafts(`client:${world.ids.client}`)).toEqual([draft.row.id]);
    expect(await drafts(`project:${second}`)).toEqual([]);
  });
});
