import type { ClientFacts } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, makeWorld, seenWork, setState } from '../testing';

describe('a client', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const read = (as = owner()) => as.call('readClient', { params: { id: world.ids.client } });
  const change = async (names: Partial<ClientFacts>, as = owner()) => {
    const { facts, version } = (await read()).body;
    return as.call('changeClient', { params: { id: world.ids.client }, version, body: { ...facts, ...names } });
  };

  it('has its new facts on what is issued from then on, and a history', async () => {
    expect((await read()).body).toEqual({
      ...{ id: world.ids.client, currency: 'GBP', version: 1 },
      facts: {
        ...{ name: 'Harbour Trust', address: ['Quay 1'], country: 'GB' },
        ...{ email: 'accounts@harbour.example', taxId: '', paymentDays: 30, archived: false },
      },
    });
    const done = await change({ name: ' Harbour Board ', address: [' Quay 2', '', 'Port'], taxId: 'GB 7', paymentDays: 14 });
    expect(done.body).toEqual((await read()).body);
    expect([done.body.facts.name, done.body.facts.address, done.body.version]).toEqual(['Harbour Board', ['Quay 2', 'Port'], 2]);
    expect((await change({})).problem.code).toBe('nothing-to-change');
    const { facts } = done.body;
    const stale = await owner().call('changeClient', {
      params: { id: world.ids.client },
      version: 1,
      body: { ...facts, taxId: '' },
    });
    expect(stale.problem.code).toBe('version-stale');
    const [event] = (await owner().done('readHistory', { params: { id: world.ids.client } })).events;
    expect([event!.action, event!.before, event!.after]).toEqual([
      'client changed',
      { name: 'Harbour Trust', address: 'Quay 1', taxId: '', paymentDays: 30 },
      { name: 'Harbour Board', address: 'Quay 2, Port', taxId: 'GB 7', paymentDays: 14 },
    ]);
  });

  it('has a name of its own', async () => {
    expect((await change({ name: 'łódka și țară stiftung' })).problem.code).toBe('client-exists');
    expect((await change({ name: 'HARBOUR TRUST' })).status).toBe(200);
    const made = await owner().done('createClient', { body: { id: newId(), name: ' Mole Trust' } });
    expect(made).toEqual(await owner().done('readClient', { params: { id: made.id } }));
    expect((await owner().call('createClient', { body: { id: newId(), name: 'mole trust' } })).problem.code).toBe(
      'client-exists',
    );
  });

  it('goes into the archive once nothing is under way for it, and takes nothing new there', async () => {
    const refused = await change({ archived: true });
    expect(refused.problem.detail).toMatch(/^1 of its projects/);
    await setState(world, world.ids.project, 'finished');
    expect((await change({ archived: true })).body.facts.archived).toBeTrue();
    // What else is said of it is said there, too.
    expect((await change({ taxId: 'GB 8' })).status).toBe(200);
    const project = { id: newId(), name: 'Mole', client: { id: world.ids.client } };
    expect((await owner().call('createProject', { body: project })).problem.code).toBe('client-archived');
    const { facts, version } = await owner().done('readProject', { params: { id: world.ids.project } });
    const again = (names: object) =>
      owner().call('changeProject', { params: { id: world.ids.project }, version, body: { ...facts, ...names } });
    expect((await again({ stateId: world.ids.underWay })).problem.detail).toMatch(/“Harbour Trust” is in the archive/);
    expect((await again({ archived: true, stateId: world.ids.underWay })).status).toBe(200);
    expect((await change({ archived: false })).status).toBe(200);
    expect((await owner().call('createProject', { body: project })).status).toBe(200);
  });

  it('is changed by those who look after work of it', async () => {
    const manager = world.as('manager');
    expect((await read(manager)).problem.code).toBe('scope-unknown');
    expect((await change({ taxId: '1' }, manager)).problem.code).toBe('scope-unknown');
    expect((await read(world.as('staff'))).problem.code).toBe('right-missing');
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, world.ids.project]);
    expect((await change({ taxId: '1' }, manager)).status).toBe(200);
    // What somebody has just made is theirs to complete, before there is a project of it.
    const made = await manager.done('createClient', { body: { id: newId(), name: 'Mole Trust' } });
    expect(await manager.done('readClient', { params: { id: made.id } })).toEqual(made);
    await world.sql("update person_role set role = 'project manager' where person_id = $1", [world.ids.mate]);
    const seen = async (as: 'owner' | 'mate' | 'staff') =>
      (await seenWork(world.as(as))).clients.some(({ id }) => id === made.id);
    expect([await seen('owner'), await seen('mate'), await seen('staff')]).toEqual([true, true, false]);
    // With its first project it is seen by all who may record on that, and by nobody else.
    await owner().done('createProject', { body: { id: newId(), name: 'Mole survey', client: { id: made.id } } });
    expect([await seen('owner'), await seen('mate'), await seen('staff')]).toEqual([true, true, true]);
    await world.sql('update project set restricted = true where client_id = $1', [made.id]);
    expect([await seen('owner'), await seen('mate'), await seen('staff')]).toEqual([true, false, false]);
    await world.sql("update person_role set role = 'auditor' where person_id = $1", [world.ids.mate]);
    await owner().done('createClient', { body: { id: newId(), name: 'Ness Trust' } });
    expect((await seenWork(world.as('mate'))).clients.map(({ name }) => name)).toContain('Ness Trust');
  });
});
