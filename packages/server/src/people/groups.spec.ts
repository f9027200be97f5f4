import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Who, World, makeWorld, record } from '../testing';

type Facts = BodyOf<Endpoints['changePerson']>;

describe('positions and departments', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const make = async (kind: 'position' | 'department', name: string) => {
    const id = newId();
    await owner().done('createGroup', { body: { id, kind, name } });
    return id;
  };
  const groups = async () => (await owner().done('listGroups')).groups;
  const known = async (who: Who) => ({
    ...(await owner().done('listStaff')).people.find(({ id }) => id === world.ids[who])!,
    ...(await owner().done('readPerson', { params: { id: world.ids[who] } })),
  });
  const change = async (who: Who, facts: Partial<Facts>) => {
    const { name, email, staffNumber, version } = await known(who);
    const body = { name, email, staffNumber, ...facts };
    return owner().call('changePerson', { params: { id: world.ids[who] }, body, version });
  };

  it('are made, renamed, ended and taken up again, one of a name', async () => {
    const id = await make('position', ' Fitter ');
    const set = (name: string, ended: boolean, version: number) =>
      owner().call('changeGroup', { params: { id }, version, body: { name, ended } });
    expect((await groups()).filter((one) => one.id === id)).toEqual([
      { id, kind: 'position', name: 'Fitter', ended: false, version: 1, people: 0 },
    ]);
    expect((await set(' Joiner ', false, 1)).status).toBe(200);
    expect((await set('Joiner', true, 2)).status).toBe(200);
    // The name is free, and one that has it stands in the way of the old one.
    const other = await make('position', 'JOINER');
    expect((await set('Joiner', false, 3)).problem.code).toBe('group-exists');
    expect((await set('Carpenter', false, 3)).status).toBe(200);
    expect((await groups()).map(({ name }) => name)).toEqual(jasmine.arrayContaining(['Carpenter', 'JOINER']));
    // A department may have the name of a position.
    await make('department', 'Carpenter');
    const twins = await Promise.all(
      ['a', 'b'].map(() => owner().call('createGroup', { body: { id: newId(), kind: 'department', name: 'Yard' } })),
    );
    expect(twins.map(({ status }) => status).sort()).toEqual([200, 409]);
    const events = await world.sql<{ action: string }>(
      `select e.action from audit_event e join audit_subject s on s.event_id = e.id where s.subject_id = $1 order by e.id`,
      [id],
    );
    expect(events.map(({ action }) => action)).toEqual(['position made', ...Array(3).fill('position changed')]);
    expect((await owner().done('readHistory', { params: { id: other } })).events.length).toBe(1);
  });

  it('are somebody’s from a day on, and what is recorded keeps its rate', async () => {
    const fitter = await make('position', 'Fitter');
    await record(world, 'staff', '2026-06-09', 1);
    const refused = await change('staff', { position: { id: fitter, from: '2026-06-09' } });
    expect([refused.problem.code, refused.problem.detail]).toEqual(['position-recorded', jasmine.stringContaining('2026-06-09')]);
    expect((await change('staff', { position: { id: fitter, from: '2026-06-12' } })).status).toBe(200);
    const { position, positionId, positionFrom } = await known('staff');
    expect([position, positionId, positionFrom]).toEqual(['Fitter', fitter, '2026-06-12']);
    const spans = () =>
      world.sql<{ name: string; valid_from: string; valid_to: string | null }>(
        `select po.name, pp.valid_from, pp.valid_to from person_position pp join position po on po.id = pp.position_id
         where pp.person_id = $1 order by 2`,
        [world.ids.staff],
      );
    expect(await spans()).toEqual([
      { name: 'Surveyor', valid_from: jasmine.any(String) as never, valid_to: '2026-06-11' },
      { name: 'Fitter', valid_from: '2026-06-12', valid_to: null },
    ]);
    // From a later day none, and then from an earlier one another: what was said of later days goes.
    await change('staff', { position: { id: null, from: '2026-07-01' } });
    expect((await spans()).at(-1)!.valid_to).toBe('2026-06-30');
    const mason = await make('position', 'Mason');
    await change('staff', { position: { id: mason, from: '2026-06-11' } });
    expect((await spans()).map(({ name, valid_to }) => [name, valid_to])).toEqual([
      ['Surveyor', '2026-06-10'],
      ['Mason', null],
    ]);
    expect((await change('staff', { position: { id: mason, from: '2026-06-11' } })).problem.code).toBe('nothing-to-change');
    expect((await groups()).find(({ id }) => id === mason)!.people).toBe(1);
    const held = await owner().call('changeGroup', { params: { id: mason }, version: 1, body: { name: 'Mason', ended: true } });
    expect(held.problem.code).toBe('group-held');
    // Who will be one later has it too; who left has it no more.
    await change('staff', { position: { id: null, from: '2026-06-13' } });
    expect((await groups()).find(({ id }) => id === mason)!.people).toBe(1);
    await world.sql("update person set left_on = '2026-06-12' where id = $1", [world.ids.staff]);
    expect((await groups()).find(({ id }) => id === mason)!.people).toBe(0);
  });

  it('are offered while they are not ended, and stay with who has them', async () => {
    const yard = await make('department', 'Yard');
    expect(
      (await change('mate', { departmentId: yard, kind: 'subcontractor', zone: 'Europe/Oslo', startedOn: '2026-01-05' })).status,
    ).toBe(200);
    const { department, kind, zone, startedOn } = await known('mate');
    expect([department, kind, zone, startedOn]).toEqual(['Yard', 'subcontractor', 'Europe/Oslo', '2026-01-05']);
    expect((await groups()).find(({ id }) => id === yard)!.people).toBe(1);
    await world.sql('update department set ended = true where id = $1', [yard]);
    expect((await change('mate', { name: 'Other' })).status).toBe(200);
    expect((await known('mate')).department).toBe('Yard');
    expect((await change('staff', { departmentId: yard })).problem.code).toBe('group-unknown');
    const [position] = await world.sql<{ id: string }>("select id from position where name = 'Surveyor'");
    expect((await change('staff', { departmentId: position!.id })).problem.code).toBe('group-unknown');
    expect((await change('mate', { departmentId: null })).status).toBe(200);
    expect((await known('mate')).department).toBeNull();
    const [event] = await world.sql<{ before: object; after: object }>(
      `select s.before, s.after from audit_event e join audit_subject s on s.event_id = e.id
       where s.subject_id = $1 order by e.id limit 1`,
      [world.ids.mate],
    );
    expect([event!.before, event!.after]).toEqual([
      jasmine.objectContaining({ department: 'Practice', zone: 'Europe/London' }),
      jasmine.objectContaining({ department: 'Yard', zone: 'Europe/Oslo' }),
    ] as never);
  });
});
