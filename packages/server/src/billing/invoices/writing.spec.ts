import type { Forms } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { TURN, World, bill, makeWorld, record, submitAndApprove } from '../../testing';

describe('the writing of documents', () => {
  let world: World;
  beforeAll(async () => (world = await makeWorld()), TURN);
  afterAll(() => world.close());
  async function write(forms: Partial<Forms>) {
    const { facts, version } = await world.as('owner').done('readFirm');
    await world.as('owner').done('changeFirm', { body: { ...facts, forms: { ...facts.forms, ...forms } }, version });
  }
  async function issued(monday: string) {
    const { id } = await record(world, 'staff', monday, 1.5);
    await submitAndApprove(world, 'staff', monday);
    return bill(world, [id]);
  }

  it('is the firm’s from the next one on; what is issued keeps its own, and so does what credits it', async () => {
    const before = await issued('2026-05-25');
    expect(before.document.writing).toEqual({ dates: 'en-GB', numbers: 'en-GB', yearFirst: false });
    // Somebody's own forms are of the page that they read.
    const keeper = world.as('bookkeeper');
    await keeper.done('changePreferences', {
      body: { theme: 'light', durationForm: 'clock', forms: { dates: 'year first', clock: null, numbers: 'space comma' } },
    });
    await write({ dates: 'month first', numbers: 'point comma' });
    const after = await issued('2026-06-01');
    expect(after.document.writing).toEqual({ dates: 'en-US', numbers: 'de-DE', yearFirst: false });
    expect(after.document.lines[0]!.price).toContain(',00');
    expect(before.document.lines[0]!.price).toContain('.00');
    await write({ dates: 'year first', numbers: null });
    const read = await keeper.done('readInvoice', { params: { id: after.row.id } });
    expect(read.document).toEqual(after.document);
    const credit = newId();
    await keeper.done('creditInvoice', { params: { id: after.row.id }, body: { id: credit, reason: 'Twice' } });
    const credited = (await keeper.done('readInvoice', { params: { id: credit } })).document;
    expect([credited.writing, credited.lines[0]!.price]).toEqual([after.document.writing, after.document.lines[0]!.price]);
  });
});
