import { World, makeWorld } from '../testing';

describe('people', () => {
  let world: World;
  beforeAll(async () => {
    world = await makeWorld();
  });
  afterAll(() => world.close());

  it('know the country of their firm, by which figures are written', async () => {
    const country = async () => (await world.as('staff').done('readMe')).firm.country;
    expect(await country()).toBe('GB');
    await world.sql("update firm set country = 'DE'");
    expect(await country()).toBe('DE');
  });

  it('have every table as they like it, each for itself, as they had it last', async () => {
    const view = (group: string | null) => ({ columns: null, sort: null, group });
    const keep = (name: string, group: string | null) =>
      world.as('staff').done('keepView', { params: { name }, body: view(group) });
    await keep('to-bill', 'client');
    await keep('invoices', 'client');
    await keep('invoices', null);
    expect((await world.as('staff').done('readMe')).views).toEqual({ 'to-bill': view('client'), invoices: view(null) });
    expect((await world.as('mate').done('readMe')).views).toEqual({});
  });
});
