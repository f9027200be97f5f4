import pg from 'pg';
import { v7 as newId } from 'uuid';
import { hashPassword } from '../people/sign-in';
import { PASSWORD } from './client';

const passwordHash = hashPassword(PASSWORD);

export type Who = 'owner' | 'manager' | 'bookkeeper' | 'staff' | 'mate';
export const PEOPLE: readonly Who[] = ['owner', 'manager', 'bookkeeper', 'staff', 'mate'];

/** The ids of what a firm of a test starts with. */
export type Ids = Readonly<
  Record<
    | Who
    | 'client'
    | 'euroClient'
    | 'project'
    | 'euroProject'
    | 'internal'
    | 'task'
    | 'subtask'
    | 'survey'
    | 'drawing'
    | 'office'
    | 'exempt'
    | 'agreement'
    | 'underWay'
    | 'onHold'
    | 'finished',
    string
  >
>;

/** Lays down a firm with people, work, rules and accounts. */
export async function foundFirm(admin: pg.Pool, slug: string, limit: number | null) {
  const firmId = newId();
  const names = [
    'owner',
    'manager',
    'bookkeeper',
    'staff',
    'mate',
    'client',
    'euroClient',
    'project',
    'euroProject',
    'internal',
    'task',
    'subtask',
    'survey',
    'drawing',
    'office',
    'exempt',
    'agreement',
    'underWay',
    'onHold',
    'finished',
  ] as const;
  const ids = Object.fromEntries(names.map((name) => [name, newId()])) as Ids;
  const tx = await admin.connect();
  const insert = async (table: string, rows: Record<string, unknown>[]) => {
    const columns = Object.keys(rows[0]!);
    await tx.query(
      `insert into "${table}" (${columns.join(', ')}) select ${columns.join(', ')} from jsonb_populate_recordset(null::"${table}", $1)`,
      [JSON.stringify(rows)],
    );
  };
  const own = (rows: Record<string, unknown>[]) => rows.map((row) => ({ firm_id: firmId, ...row }));
  await tx.query('begin');
  await tx.query("select set_config('app.firm_id', $1, true)", [firmId]);
  await insert(
    'firm',
    own([
      {
        slug,
        name: `Firm ${slug}`,
        currency: 'GBP',
        zone: 'Europe/London',
        address: ['Yard 1'],
        country: 'GB',
        tax_id: 'GB 1',
        email: `office@${slug}.example`,
        payment_details: 'Bank 1',
        day_maximum: 36_000,
        week_maximum: 172_800,
        gap_tolerance: 900,
        period_kind: 'week',
        week_start: 1,
        period_days: 14,
        period_anchor: '2024-01-01',
        created_at: '2026-01-01T00:00:00Z',
      },
    ]),
  );
  await insert('firm_address', [{ slug, firm_id: firmId, name: `Firm ${slug}` }]);
  await insert(
    'invoice_series',
    own([
      { series: 'invoice', prefix: 'T-', next_number: 1 },
      { series: 'credit note', prefix: 'TC-', next_number: 1 },
    ]),
  );
  await insert(
    'tax_rate',
    own([
      { category: 'S', name: 'VAT', rate: 200_000, reason: '', valid_from: '2011-01-01', valid_to: null },
      { category: 'E', name: 'Exempt', rate: 0, reason: 'Exempt work', valid_from: '2011-01-01', valid_to: null },
      { category: 'AE', name: 'Reverse charge', rate: 0, reason: 'Reverse charge', valid_from: '2011-01-01', valid_to: null },
    ]),
  );
  await insert('exchange_rate', own([{ currency: 'EUR', rate: 8500, valid_from: '2020-01-01', valid_to: null }]));
  const [surveyor, labourer, department, team] = [newId(), newId(), newId(), newId()];
  await insert(
    'position',
    own([
      { id: surveyor, name: 'Surveyor' },
      { id: labourer, name: 'Labourer' },
    ]),
  );
  await insert('department', own([{ id: department, name: 'Practice' }]));
  const people = ['owner', 'manager', 'bookkeeper', 'staff', 'mate'] as const;
  await insert(
    'person',
    own(
      people.map((who, index) => ({
        id: ids[who],
        name: `${who[0]!.toUpperCase()}${who.slice(1)} Person`,
        email: `${who}@${slug}.example`,
        staff_number: `T${index}`,
        kind: 'employee',
        department_id: department,
        zone: 'Europe/London',
        started_on: '2026-01-01',
      })),
    ),
  );
  await insert('person_role', own(people.map((who) => ({ person_id: ids[who], role: who === 'mate' ? 'staff' : who }))));
  await insert(
    'person_position',
    own(
      people.map((who) => ({
        person_id: ids[who],
        position_id: who === 'mate' ? labourer : surveyor,
        valid_from: '2026-01-01',
        valid_to: null,
      })),
    ),
  );
  await insert(
    'standard_cost_rate',
    own([
      { position_id: surveyor, rate: 310_000, valid_from: '2026-01-01', valid_to: null },
      { position_id: labourer, rate: 190_000, valid_from: '2026-01-01', valid_to: null },
    ]),
  );
  await insert('team', own([{ id: team, name: 'Team', lead_id: ids.manager }]));
  await insert('team_person', own([ids.staff, ids.mate, ids.owner].map((person_id) => ({ team_id: team, person_id }))));
  await insert(
    'schedule',
    own(
      people.map((who) => ({
        person_id: ids[who],
        valid_from: '2026-01-01',
        valid_to: null,
        planned: [27_000, 27_000, 27_000, 27_000, 27_000, 0, 0],
        day_start: '08:00',
        day_end: '16:30',
      })),
    ),
  );
  await insert(
    'client',
    own([
      {
        id: ids.client,
        name: 'Harbour Trust',
        address: ['Quay 1'],
        country: 'GB',
        tax_id: null,
        email: 'accounts@harbour.example',
        currency: 'GBP',
        payment_days: 30,
        tax_category: null,
      },
      {
        id: ids.euroClient,
        name: 'Łódka și Țară Stiftung',
        address: ['Weg 1'],
        country: 'AT',
        tax_id: 'ATU1',
        email: 'accounts@stiftung.example',
        currency: 'EUR',
        payment_days: 30,
        tax_category: 'AE',
      },
    ]),
  );
  await insert(
    'service',
    own([
      { id: ids.survey, code: 'SUR', name: 'Site survey', kind: 'direct', billable: true, tax_category: 'S' },
      { id: ids.drawing, code: 'DRW', name: 'Drawing', kind: 'direct', billable: true, tax_category: 'S' },
      { id: ids.exempt, code: 'TEA', name: 'Teaching', kind: 'direct', billable: true, tax_category: 'E' },
      { id: ids.office, code: 'OFF', name: 'Office', kind: 'indirect', billable: false, tax_category: 'S' },
    ]),
  );
  const state = (id: string, name: string, records: boolean, open: boolean, place: number) => ({
    id,
    name,
    records,
    open,
    place,
  });
  await insert(
    'project_state',
    own([
      state(newId(), 'Proposed', false, true, 0),
      state(ids.underWay, 'Open', true, true, 1),
      state(ids.onHold, 'On hold', false, true, 2),
      state(ids.finished, 'Finished', false, false, 3),
    ]),
  );
  const project = (id: string, code: string, names2: Record<string, unknown>) => ({
    id,
    client_id: null,
    department_id: null,
    name: code,
    code,
    tone: 1,
    ...{ state_id: ids.underWay, records: true, open: true },
    restricted: false,
    manager_id: ids.owner,
    billable: true,
    order_reference: '',
    estimate: 360_000,
    budget_minor: 500_000,
    ...names2,
  });
  await insert(
    'project',
    own([
      project(ids.project, 'LANTERN', { client_id: ids.client, name: 'Lantern room', order_reference: 'HT-1' }),
      project(ids.euroProject, 'ALTAR', { client_id: ids.euroClient, name: 'Altar frames' }),
      project(ids.internal, 'INTERNAL', { department_id: department, name: 'Office work', billable: false }),
    ]),
  );
  const terms = (id: string, project_id: string, names2: Record<string, unknown>) => ({
    id,
    project_id,
    method: 'time and materials',
    currency: 'GBP',
    limit_minor: null,
    rounding_increment: 15,
    rounding_mode: 'nearest',
    rounding_unit: 'entry',
    rounding_minimum: 0,
    decimal_places: null,
    valid_from: '2026-01-01',
    valid_to: null,
    ...names2,
  });
  await insert(
    'agreement',
    own([
      terms(ids.agreement, ids.project, { limit_minor: limit }),
      terms(newId(), ids.euroProject, { currency: 'EUR' }),
      terms(newId(), ids.internal, { method: 'internal' }),
    ]),
  );
  await insert(
    'task',
    own([
      {
        id: ids.task,
        project_id: ids.project,
        parent_id: null,
        kind: 'phase',
        name: 'Glazing',
        place: 0,
        estimate: 72_000,
        budget_minor: 100_000,
        state: 'open',
      },
      {
        id: ids.subtask,
        project_id: ids.project,
        parent_id: ids.task,
        kind: 'task',
        name: 'Upper tier',
        place: 0,
        estimate: 36_000,
        budget_minor: 50_000,
        state: 'open',
      },
    ]),
  );
  const rule = (names2: Record<string, unknown>) => ({
    id: newId(),
    client_id: null,
    project_id: null,
    task_id: null,
    service_id: null,
    position_id: null,
    person_id: null,
    currency: 'GBP',
    rate: 0,
    valid_from: '2026-01-01',
    valid_to: null,
    reason: '',
    ...names2,
  });
  await insert(
    'rate_rule',
    own([
      rule({ position_id: surveyor, rate: 900_000, valid_to: '2026-06-09' }),
      // Raised in the middle of the week in which the tests happen.
      rule({ position_id: surveyor, rate: 960_000, valid_from: '2026-06-10' }),
      rule({ project_id: ids.project, person_id: ids.mate, rate: 600_000 }),
      rule({ project_id: ids.euroProject, position_id: surveyor, currency: 'EUR', rate: 1_000_000 }),
    ]),
  );
  await insert(
    'pay_rate',
    own(people.map((who) => ({ person_id: ids[who], rate: 200_000, valid_from: '2026-01-01', valid_to: null }))),
  );
  await insert(
    'overhead',
    own(
      people.map((who) => ({ person_id: ids[who], kind: 'percent', value: 500_000, valid_from: '2026-01-01', valid_to: null })),
    ),
  );
  for (const who of people) {
    const account = newId();
    await insert('account', [
      {
        id: account,
        email: `${who}@${slug}.example`,
        name: who,
        password_hash: await passwordHash,
        theme: 'system',
        duration_form: 'clock',
        created_at: '2026-01-01T00:00:00Z',
      },
    ]);
    await insert('membership', own([{ account_id: account, person_id: ids[who] }]));
  }
  await tx.query('commit');
  tx.release();
  return { firmId, ids };
}
