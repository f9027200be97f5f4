import { World, makeWorld, record, submitAndApprove } from '../../testing';

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
});
