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

  it('are listed as far as one may read their time', async () => {
    const names = async (who: 'owner' | 'manager' | 'staff') =>
      (await world.as(who).done('listPeople')).people.map((one) => one.name);
    expect(await names('owner')).toEqual(['Bookkeeper Person', 'Manager Person', 'Mate Person', 'Owner Person', 'Staff Person']);
    expect(await names('manager')).toEqual(['Manager Person', 'Mate Person', 'Owner Person', 'Staff Person']);
    expect(await names('staff')).toEqual(['Staff Person']);
  });
});
