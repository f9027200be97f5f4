import { addDays, weekOf } from '@yellowwood/core';
import { demoSignIns, hashPassword } from '@yellowwood/server';
import { BESIDES, PEOPLE, STANDARD_COSTS, TEAMS } from './firm';
import { Loading, insert } from './loading';
import { ZONE } from './plan';
import { Seed } from './seed';

const emailOf = (name: string) =>
  `${name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z ]/g, '')
    .replace(/ /g, '.')}@quillfeather.example`;

export async function loadPeople(loading: Loading): Promise<void> {
  const { tx, seed, made, start } = loading;
  const at = `${start}T08:00:00Z`;
  const { firmId } = made;
  for (const person of PEOPLE) {
    made.people.set(person.name, seed.id(at));
    if (!made.positions.has(person.position)) made.positions.set(person.position, seed.id(at));
  }
  await insert(
    tx,
    'position',
    [...made.positions].map(([name, id]) => ({ firm_id: firmId, id, name })),
  );
  const departments = [{ firm_id: firmId, id: seed.id(at), name: 'Practice' }];
  made.clients.set('Practice', departments[0]!.id);
  await insert(tx, 'department', departments);
  await insert(
    tx,
    'person',
    PEOPLE.map((person, index) => ({
      firm_id: firmId,
      id: made.people.get(person.name),
      name: person.name,
      email: emailOf(person.name),
      staff_number: `Q${String(index + 1).padStart(3, '0')}`,
      kind: person.kind,
      department_id: departments[0]!.id,
      zone: ZONE,
      started_on: addDays(start, -400),
    })),
  );
  const since = addDays(start, -400);
  await insert(
    tx,
    'person_position',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      person_id: made.people.get(person.name),
      position_id: made.positions.get(person.position),
      valid_from: since,
      valid_to: null,
    })),
  );
  // What those see who may know cost and not pay: one figure a position, raised with the new year of pay.
  await insert(
    tx,
    'standard_cost_rate',
    [...made.positions].map(([name, id]) => ({
      firm_id: firmId,
      position_id: id,
      rate: STANDARD_COSTS[name as keyof typeof STANDARD_COSTS] * 10_000,
      valid_from: since,
      valid_to: null,
    })),
  );
  const teams = TEAMS.map((team) => ({ firm_id: firmId, id: seed.id(at), name: team.name, lead_id: made.people.get(team.lead) }));
  await insert(tx, 'team', teams);
  await insert(
    tx,
    'team_person',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      team_id: teams.find((team) => team.name === person.team)!.id,
      person_id: made.people.get(person.name),
    })),
  );
  await insert(
    tx,
    'schedule',
    PEOPLE.map((person) => {
      const day = person.kind === 'subcontractor' ? 0 : 27_000;
      return {
        firm_id: firmId,
        person_id: made.people.get(person.name),
        valid_from: addDays(start, -400),
        valid_to: null,
        planned: [day, day, day, day, day, 0, 0],
        day_start: '08:00',
        day_end: '16:30',
      };
    }),
  );
  await insert(
    tx,
    'person_role',
    PEOPLE.flatMap(({ name, roles = ['staff'] }) =>
      roles.map((role) => ({ firm_id: firmId, person_id: made.people.get(name), role })),
    ),
  );
  await giveAccounts(loading, seed, (name) => !BESIDES.some((one) => one.name === name));
}

/** Gives some of those who sign in their accounts. */
async function giveAccounts({ tx, made, start }: Loading, seed: Seed, to: (name: string) => boolean): Promise<void> {
  const at = `${start}T08:00:00Z`;
  for (const signIn of demoSignIns.filter(({ name }) => to(name))) {
    const account = seed.id(at);
    await insert(tx, 'account', [
      {
        id: account,
        email: signIn.email,
        name: signIn.name,
        password_hash: await hashPassword(signIn.password),
        theme: 'system',
        duration_form: 'clock',
        created_at: at,
      },
    ]);
    await insert(tx, 'membership', [{ account_id: account, firm_id: made.firmId, person_id: made.people.get(signIn.name) }]);
  }
}

/** Gives the roles, accounts and states that come after the year of history. */
export async function loadBesides(loading: Loading): Promise<void> {
  const { tx, made, start, today, now } = loading;
  const seed = new Seed(1912);
  const firm_id = made.firmId;
  const monday = weekOf(today).from;
  const leftOn = addDays(monday, -220);
  for (const { name, staffNumber, is } of BESIDES) {
    if (!staffNumber) continue;
    const id = seed.id(now);
    made.people.set(name, id);
    const times = { started_on: is === 'invited' ? monday : addDays(start, -400), left_on: is === 'left' ? leftOn : null };
    const email = emailOf(name);
    await insert(tx, 'person', [
      { firm_id, id, name, email, staff_number: staffNumber, kind: 'employee', zone: ZONE, version: 1, ...times },
    ]);
    if (is !== 'invited') continue;
    const invited_by = made.people.get('Anselm Rooke');
    await insert(tx, 'invitation', [{ firm_id, id: seed.id(now), person_id: id, email, invited_by, made_at: now }]);
  }
  await insert(
    tx,
    'person_role',
    BESIDES.flatMap(({ name, roles }) => roles.map((role) => ({ firm_id, person_id: made.people.get(name), role }))),
  );
  // A role of the firm's own, and an exception for one person.
  const foreman = seed.id(now);
  const rights = {
    'time.record': 'own',
    'time.read': 'team',
    'time.correct': 'team',
    'work.read': 'own',
    'history.read': 'team',
  };
  await insert(tx, 'own_role', [{ firm_id, id: foreman, name: 'Foreman', rights, version: 1 }]);
  await insert(tx, 'person_own_role', [{ firm_id, person_id: made.people.get('Jarek Holloway'), role_id: foreman }]);
  await insert(tx, 'person_exception', [
    { firm_id, person_id: made.people.get('Odile Fenwright'), permission: 'cost.read', reach: null },
  ]);
  await giveAccounts(loading, seed, (name) => BESIDES.some((one) => one.name === name));
}
