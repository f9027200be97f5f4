import { World, makeWorld, record, submitAndApprove } from '../../../testing';
import { renderInThread } from './pdf-threads';

describe('a document of two thousand lines', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld();
    await record(world, 'staff', '2026-06-08', 1);
    await submitAndApprove(world, 'staff');
  });
  afterAll(() => world.close());

  it('is rendered while others are answered all along', async () => {
    const [entry] = await world.sql<{ id: string }>('select id from entry');
    const wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [] };
    const { document } = await world.as('bookkeeper').done('previewInvoice', { body: { ...wish, entries: [{ id: entry!.id }] } });
    const lines = Array.from({ length: 2000 }, (_, index) => ({ ...document.lines[0]!, text: `Line ${index + 1}` }));
    const started = performance.now();
    let ended: number | undefined;
    const rendering = renderInThread({ ...document, number: 'T-0001', issuedOn: '2026-06-12', dueOn: '2026-07-12', lines });
    void rendering.then(() => (ended = performance.now()));
    let [last, longest] = [started, 0];
    while (ended === undefined) {
      await world.as('staff').done('readTimers');
      const now = performance.now();
      [last, longest] = [now, Math.max(longest, now - last)];
    }
    // Whoever computed it on the thread of the requests would keep them waiting for nearly all of that time.
    expect(longest / (ended - started)).toBeLessThan(0.5);
    const text = (await rendering).toString('latin1');
    expect(text.startsWith('%PDF-')).toBeTrue();
    expect((text.match(/\/Type \/Page\b/g) ?? []).length).toBeGreaterThan(30);
  });
});
