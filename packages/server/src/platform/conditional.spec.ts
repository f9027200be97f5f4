import { v7 as newId } from 'uuid';
import { World, makeWorld, othersEnded, record } from '../testing';

describe('an answer that is still right', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const ask = async (who: 'owner' | 'staff' | 'mate', path: string, tag?: string) => {
    const answer = await fetch(`${world.base}/api/f/${world.slug}/${path}`, {
      headers: { Cookie: world.as(who).cookieHeader(), ...(tag && { 'If-None-Match': tag }) },
    });
    return { status: answer.status, tag: answer.headers.get('etag'), body: await answer.text() };
  };

  /**
   * Records, until no transaction is left that began before: what is under way in the server, be it of another firm or
   * of a test that runs beside this one, makes the tag another one when it ends.
   */
  const recorded = async (date: string, ...save: string[]) => {
    await record(world, 'staff', date, 1);
    await othersEnded(world, ...save);
  };

  it('is not computed again, and comes without a body', async () => {
    await recorded('2026-06-10');
    for (const path of ['overview', 'bars']) {
      const first = await ask('owner', path);
      expect([first.status, first.tag?.startsWith('"')]).toEqual([200, true]);
      const again = await ask('owner', path, first.tag!);
      expect([again.status, again.body, again.tag]).toEqual([304, '', first.tag]);
      // What went through a proxy may be marked as weak, and stand among others.
      expect((await ask('owner', path, `"other", W/${first.tag}`)).status).toBe(304);
      expect((await ask('owner', path, '"other"')).status).toBe(200);
    }
  });

  it('is another one after whatever is done, for somebody else, for another question, and on another day', async () => {
    const of = async (who: 'owner' | 'staff' | 'mate', path = 'overview') => (await ask(who, path)).tag!;
    const first = await of('owner');
    await recorded('2026-06-11');
    const second = await of('owner');
    expect(second).not.toBe(first);
    expect(await of('owner')).toBe(second);
    expect(await of('staff')).not.toBe(second);
    // Also for somebody who may as much.
    expect(await of('staff')).not.toBe(await of('mate'));
    expect(await of('owner', `overview?scope=project:${world.ids.project}`)).not.toBe(second);
    expect(await of('owner', 'bars')).not.toBe(second);
    const now = world.clock.now();
    world.clock.hold('2026-06-13T12:00:00.000Z');
    expect(await of('owner')).not.toBe(second);
    world.clock.hold(now);
    expect(await of('owner')).toBe(second);
  });

  it('is another one once rights are', async () => {
    const first = (await ask('staff', 'bars')).tag;
    await world.sql("update person_role set role = 'manager' where person_id = $1", [world.ids.staff]);
    expect((await ask('staff', 'bars')).tag).not.toBe(first);
    await world.sql("update person_role set role = 'staff' where person_id = $1", [world.ids.staff]);
  });

  it('is another one once something that was under way is done, whatever was done meanwhile', async () => {
    // A change that has begun, and commits only after others have.
    const held = await world.admin.connect();
    await held.query('begin');
    await held.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
    await held.query(
      `insert into audit_event (firm_id, id, at, actor_id, action, source) values ($1, $2, now(), $3, 'held', 'test')`,
      [world.firmId, newId(), world.ids.owner],
    );
    const { rows } = await held.query<{ xact: string }>('select pg_current_xact_id()::text as xact');
    await recorded('2026-06-12', rows[0]!.xact);
    const before = (await ask('owner', 'bars')).tag!;
    expect((await ask('owner', 'bars', before)).status).toBe(304);
    await held.query('commit');
    held.release();
    expect((await ask('owner', 'bars', before)).status).toBe(200);
  });
});
