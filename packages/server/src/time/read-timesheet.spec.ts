import { MONDAY, World, makeWorld, record } from '../testing';

/** What came back is told until it is sent again. */
describe('a timesheet that came back', () => {
  let world: World;
  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  it('says who returned it and why, and no more once it is submitted again', async () => {
    const staff = world.as('staff');
    const submit = () => staff.done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const read = () => staff.done('readTimesheet', { params: { from: MONDAY } });
    await record(world, 'staff', MONDAY, 2);
    await submit();
    await world.as('owner').done('returnPeriod', {
      params: { id: world.ids.staff },
      body: { from: MONDAY, reason: 'Which tier?' },
    });
    const back = await read();
    expect([back.returned?.reason, back.entries[0]!.returned?.reason]).toEqual(['Which tier?', 'Which tier?']);
    await submit();
    const again = await read();
    expect([again.state, again.returned, again.entries[0]!.returned]).toEqual(['submitted', null, null]);
  });
});
