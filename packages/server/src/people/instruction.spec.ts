import { World, inOrder, makeWorld } from '../testing';

describe('the evidence of instruction', () => {
  const it = inOrder();
  let world: World;
  beforeAll(async () => (world = await makeWorld({ now: '2026-06-10T08:00:00.000Z' })));
  afterAll(() => world.close());
  const owner = () => world.as('owner');
  const own = () => world.as('staff').done('readInstruction');
  const toConfirm = async () => (await world.as('staff').done('readMe')).toConfirm;
  const of = async (id: string) => (await owner().done('listInstructed')).people.find((one) => one.id === id)!.instructed;

  it('asks nobody, as long as there is nothing to confirm', async () => {
    expect(await own()).toEqual({ instruction: null, confirmedOn: null });
    expect(await toConfirm()).toBeNull();
  });

  it('asks everybody to confirm a wording, and says who has, when and how', async () => {
    const { versions } = await owner().done('changeInstruction', { body: { wording: ' Record the day itself.\nBreaks too. ' } });
    expect(versions.map(({ version, wording, by }) => [version, wording, by])).toEqual([
      [1, 'Record the day itself.\nBreaks too.', 'Owner Person'],
    ]);
    expect(await toConfirm()).toBe(1);
    await world.as('staff').done('confirmInstruction', { body: { version: 1 } });
    expect(await toConfirm()).toBeNull();
    expect((await own()).confirmedOn).toBe('2026-06-10');
    expect(await of(world.ids.staff)).toEqual([
      { version: 1, how: 'read here', day: '2026-06-10', by: 'Staff Person', paper: null },
    ]);
    expect((await world.as('mate').done('readMe')).toConfirm).toBe(1);
  });

  it('is noted for those who did not read it here, with the paper that they signed', async () => {
    const bytes = Buffer.from('%PDF-1.7 signed');
    const paper = { name: 'signed "by"\r\nMate.pdf', bytes: bytes.toString('base64') };
    const people = [world.ids.mate];
    await owner().done('noteInstructed', { body: { version: 1, people, how: 'on paper', day: '2026-06-09', paper } });
    expect(await of(world.ids.mate)).toEqual([
      { version: 1, how: 'on paper', day: '2026-06-09', by: 'Owner Person', paper: paper.name },
    ]);
    expect((await world.as('mate').done('readMe')).toConfirm).toBeNull();
    const url = `${world.base}/api/f/${world.slug}/instructed/${world.ids.mate}/paper`;
    const read = await fetch(url, { headers: { Cookie: owner().cookieHeader() } });
    expect([Buffer.from(await read.arrayBuffer()).equals(bytes), read.headers.get('content-disposition')]).toEqual([
      true,
      'inline; filename="signed _by_Mate.pdf"',
    ]);
    expect([read.headers.get('content-type'), read.headers.get('x-content-type-options')]).toEqual([
      'application/octet-stream',
      'nosniff',
    ]);
  });

  it('begins anew with another wording, and forgets nothing of the one before', async () => {
    await owner().done('changeInstruction', { body: { wording: 'Record the hour itself.' } });
    expect(await toConfirm()).toBe(2);
    expect((await own()).instruction!.wording).toBe('Record the hour itself.');
    expect((await of(world.ids.staff)).map(({ version }) => version)).toEqual([1]);
    expect((await world.as('staff').call('confirmInstruction', { body: { version: 1 } })).problem.code).toBe(
      'instruction-changed',
    );
    // Nothing of what was confirmed can be taken back or written over.
    const may = (table: string, what: string) =>
      world.sql<{ may: boolean }>('select has_table_privilege($1, $2, $3) as may', ['yellowwood_app', table, what]);
    for (const table of ['instruction', 'instructed'])
      for (const what of ['update', 'delete'])
        expect((await may(table, what))[0]!.may)
          .withContext(`${what} ${table}`)
          .toBeFalse();
  });
});
