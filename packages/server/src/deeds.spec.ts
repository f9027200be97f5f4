import { AnswerOf, Endpoint, EndpointName, Endpoints, Repricing, endpoints, ProjectState } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { record } from './testing';
import { Asked, PreparedFirm as Firm, reason, seen } from './testing/prepared-firm';

/** What is asked, what the history calls it, and what of the answer, or of what is stored, tells that it was done. */
interface Deed<N extends EndpointName> {
  readonly ask: (firm: Firm) => Asked<N> | Promise<Asked<N>>;
  readonly action: string | null;
  readonly shows: (answer: AnswerOf<Endpoints[N]>, firm: Firm, asked: Asked<N>) => unknown;
  readonly expected: unknown;
}
const deed = <N extends EndpointName>(
  action: string | null,
  ask: Deed<N>['ask'],
  shows: Deed<N>['shows'],
  expected: unknown,
): Deed<N> => ({ action, ask, shows, expected });

const at = (as: 'staff' | 'bookkeeper' | 'owner', id: string, body?: object) => ({
  as,
  params: { id },
  ...(body && { body: body as never }),
});
const stateOf = async (firm: Firm, table: 'entry' | 'timesheet' | 'payment' | 'invoice', columns: string, id: string) =>
  (await firm.world.sql(`select ${columns} from ${table} where id = $1`, [id]))[0] ?? null;

/** What the entries are that an invoice names. */
const entriesOn = (firm: Firm, invoice: string, columns: string) =>
  firm.world.sql(
    `select distinct ${columns} from entry where id in (
       select entry_id from line_share s join invoice_line l on l.id = s.line_id where l.invoice_id = $1)`,
    [invoice],
  );

/** A week of its own for what is submitted and withdrawn, by somebody whom nothing else here concerns. */
async function mateWeek(firm: Firm, from: string, submitted: boolean) {
  const entry = await record(firm.world, 'mate', from, 1);
  if (submitted) await firm.world.as('mate').done('submitPeriod', { params: { from }, body: { note: 'Done' } });
  return entry;
}
const sheetOf = async (firm: Firm, from: string) =>
  (
    await firm.world.sql<{ state: string; stages: string[]; open: number }>(
      `select t.state, (select array_agg(stage) from entry e where e.person_id = t.person_id and work_date = $2) as stages,
         (select count(*) from submission s where s.timesheet_id = t.id and withdrawn_at is null)::int as open
       from timesheet t where person_id = $1 and period_from = $2`,
      [firm.ids.mate, from],
    )
  )[0];

const runningTimer = (firm: Firm) => firm.timed({ startedAt: '2026-06-12T09:00:00Z' });
const running = (timers: { timers: readonly { running: boolean }[] }) => timers.timers.map((timer) => timer.running);

async function released(firm: Firm) {
  const over = await firm.overLimit();
  await firm.owner.done('changeAgreement', { params: { id: over.project }, body: firm.newLimit(5200) });
  return over;
}

/** Everything that people do, each once. */
const DEEDS: { readonly [N in EndpointName]?: Deed<N> } = {
  createEntry: deed(
    'entry recorded',
    (firm) => ({ as: 'staff', body: firm.newEntry({ note: 'Done' }) }),
    (entry) => [entry.note, entry.version, entry.stage],
    ['Done', 1, 'recorded'],
  ),
  changeEntry: deed(
    'entry changed',
    async (firm) => {
      const { id, version } = await firm.recorded();
      return { as: 'staff', params: { id }, version, body: { quantity: 1800 } };
    },
    (entry) => [entry.quantity, entry.version],
    [1800, 2],
  ),
  changeEntries: deed(
    'entries changed',
    async (firm) => {
      const { id, version } = await firm.recorded();
      const gone = await firm.recorded();
      return {
        as: 'staff',
        body: {
          create: [firm.newEntry({ note: 'Done' })],
          change: [{ id, version, change: { note: 'Changed' } }],
          remove: [{ id: gone.id, version: gone.version }],
        },
      };
    },
    async (answer, firm, { body }) => [
      answer.entries.map((entry) => entry.note).sort(),
      await stateOf(firm, 'entry', 'id', body!.remove[0]!.id),
    ],
    [['Changed', 'Done'], null],
  ),
  deleteEntry: deed(
    'entry deleted',
    async (firm) => {
      const { id, version } = await firm.recorded();
      return { as: 'staff', params: { id }, version };
    },
    (_, firm, { params }) => stateOf(firm, 'entry', 'id', params!.id!),
    null,
  ),
  invitePerson: deed(
    'person invited',
    (firm) => ({ as: 'owner', body: firm.person({ name: ' Ida Ostrander ' }) }),
    async (_, firm, { body }) =>
      (await firm.owner.done('listStaff')).people
        .filter(({ id }) => id === body!.id)
        .map(({ name, roles, account, invitedOn }) => [name, roles, account, invitedOn]),
    [['Ida Ostrander', ['staff'], 'invited', '2026-06-12']],
  ),
  invitePeople: deed(
    'person invited',
    (firm) => ({
      as: 'owner',
      body: {
        people: [1, 2].map((number) => {
          const { id, name, email } = firm.person();
          return { id, name: `${name} ${number}`, email };
        }),
        role: 'staff',
      },
    }),
    async (_, firm, { body }) =>
      (await firm.owner.done('listStaff')).people
        .filter(({ id }) => body!.people.some((one) => one.id === id))
        .map(({ name, roles, account }) => [name, roles, account]),
    [
      ['Somebody New 1', ['staff'], 'invited'],
      ['Somebody New 2', ['staff'], 'invited'],
    ],
  ),
  sendInvitation: deed(
    'person invited',
    async (firm) => at('owner', (await firm.invited()).id),
    async (_, firm, { params }) =>
      firm.world.sql('select withdrawn_at is null as open from invitation where person_id = $1 order by id', [params!.id]),
    [{ open: false }, { open: true }],
  ),
  changeInstruction: deed(
    'instruction changed',
    () => ({ as: 'owner', body: { wording: `Record the day itself. ${newId()}` } }),
    (answer, _, { body }) => [answer.versions[0]!.wording === body!.wording, answer.versions[0]!.by],
    [true, 'Owner Person'],
  ),
  confirmInstruction: deed(
    'person instructed',
    async (firm) => ({ as: 'staff', body: { version: await firm.instruction() } }),
    async (_, firm) => (await firm.staff.done('readInstruction')).confirmedOn,
    '2026-06-12',
  ),
  noteInstructed: deed(
    'person instructed',
    async (firm) => ({
      ...{ as: 'owner' },
      body: { version: await firm.instruction(), people: [firm.ids.mate], how: 'in person', day: '2026-06-01' },
    }),
    (answer, firm) => answer.people.find(({ id }) => id === firm.ids.mate)!.instructed[0]!.how,
    'in person',
  ),
  createLink: deed(
    'link made',
    (firm) => ({ as: 'owner', body: firm.link({ uses: 3 }) }),
    async (_, firm) => (await firm.owner.done('listLinks')).links.map(({ role, uses, used }) => [role, uses, used])[0],
    ['staff', 3, 0],
  ),
  endLink: deed(
    'link ended',
    async (firm) => at('owner', await firm.linked()),
    async (_, firm, { params }) => (await firm.owner.done('listLinks')).links.some(({ id }) => id === params!.id),
    false,
  ),
  confirmPerson: deed(
    'person confirmed',
    async (firm) => at('owner', await firm.waiting()),
    async (_, firm, { params }) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === params!.id)!.account,
    'active',
  ),
  changeFirm: deed(
    'firm changed',
    async (firm) => {
      const { facts, version } = await firm.owner.done('readFirm');
      return { as: 'owner', version, body: { ...facts, taxId: 'GB 79' } };
    },
    ({ facts }) => facts.taxId,
    'GB 79',
  ),
  changePerson: deed(
    'person changed',
    async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.mate)) },
      body: { name: 'Mate Other', email: `mate@${firm.world.slug}.example`, staffNumber: 'T4' },
    }),
    async (_, firm) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === firm.ids.mate)!.name,
    'Mate Other',
  ),
  changeRoles: deed(
    'roles changed',
    async (firm) => ({
      as: 'owner',
      ...(await firm.known((await firm.invited()).id)),
      body: { roles: ['staff', 'manager'], ownRoles: [] },
    }),
    async (_, firm, { params }) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === params!.id)!.roles,
    ['manager', 'staff'],
  ),
  changeManyRoles: deed(
    'roles changed',
    async (firm) => {
      const people = [];
      for (let count = 0; count < 2; count += 1) people.push({ id: (await firm.invited()).id, version: 1 });
      return { as: 'owner', body: { people, roles: ['manager'], ownRoles: [], how: 'add' } };
    },
    async (answer, firm, { body }) => [
      answer.changed,
      (await firm.owner.done('listStaff')).people
        .filter(({ id }) => body!.people.some((one) => one.id === id))
        .map(({ roles }) => roles),
    ],
    [
      2,
      [
        ['manager', 'staff'],
        ['manager', 'staff'],
      ],
    ],
  ),
  handOver: deed(
    'work handed over',
    async (firm) => {
      const id = await firm.team();
      const body = { to: firm.ids.mate, projects: [], teams: [{ id, version: 1 }] };
      return { as: 'owner', params: { id: firm.ids.staff }, body };
    },
    async (_, firm, { body }) => {
      const team = (await firm.owner.done('listTeams')).teams.find(({ id }) => id === body!.teams[0]!.id)!;
      return team.leadId === firm.ids.mate;
    },
    true,
  ),
  personLeaves: deed(
    'access ended',
    async (firm) => ({ as: 'owner', ...(await firm.known((await firm.invited()).id)) }),
    async (_, firm, { params }) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === params!.id)!.leftOn,
    '2026-06-12',
  ),
  changeLogo: deed(
    'logo changed',
    async (firm) => {
      const { version } = await firm.owner.done('readFirm');
      const dot = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';
      return { as: 'owner', version, body: { picture: dot } };
    },
    (answer) => [answer.logo?.width, answer.logo?.height],
    [1, 1],
  ),
  changeWords: deed(
    'firm changed',
    async (firm) => {
      const { version } = await firm.owner.done('readWords');
      const one = `word ${version}`;
      return { as: 'owner', version, body: { words: { task: { one, many: `${one}s` } }, workText: 'name' } };
    },
    (answer, _, { body }) => answer.facts.words.task!.one === body!.words.task!.one,
    true,
  ),
  changeShape: deed(
    'firm changed',
    async (firm) => {
      const { version } = await firm.owner.done('readShape');
      const size = version % 2 === 0 ? ('few' as const) : ('more' as const);
      // The last one is of a trade too, and so has its services.
      return { as: 'owner', version, body: { place: 'office', size, trade: size === 'few' ? 'survey' : 'design' } };
    },
    (answer, _, { body }) => [
      answer.shape.size === body!.size,
      answer.off.includes('instruction') === (body!.size === 'few'),
      answer.services.some(({ code }) => code === (body!.size === 'few' ? 'CALC' : 'CONCEPT')),
    ],
    [true, true, true],
  ),
  changeFunctions: deed(
    'firm changed',
    async (firm) => {
      const { off, version } = await firm.owner.done('readShape');
      return { as: 'owner', version, body: { off: off.includes('grid') ? [] : ['grid'] } };
    },
    (answer, _, { body }) => answer.off.join() === body!.off.join(),
    true,
  ),
  changeGuide: deed(
    null,
    async (firm) => {
      const { guide } = await firm.world.as('staff').done('readMe');
      return { as: 'staff', body: { shown: !guide } };
    },
    async (_, firm, { body }) => (await firm.world.as('staff').done('readMe')).guide === body!.shown,
    true,
  ),
  changeTimeRules: deed(
    'firm changed',
    async (firm) => {
      const { rules, version } = await firm.owner.done('readTimeRules');
      return { as: 'owner', version, body: { ...rules, gapTolerance: rules.gapTolerance + 60, lockedUntil: '2019-12-31' } };
    },
    (answer) => [answer.rules.lockedUntil, answer.rules.gapTolerance % 900],
    ['2019-12-31', 60],
  ),
  changePeriods: deed(
    'firm changed',
    async (firm) => {
      const { version } = await firm.owner.done('readTimeRules');
      return { as: 'owner', version, body: { kind: 'month', weekStart: 1, days: 14, from: '2026-08-01' } };
    },
    (answer) => [answer.periods.kind, answer.periods.from, answer.periods.earlier.map(({ kind }) => kind)],
    ['month', '2026-08-01', ['week']],
  ),
  createGroup: deed(
    'department made',
    () => ({ as: 'owner', body: { id: newId(), kind: 'department', name: 'Yard' } }),
    async (_, firm, { body }) => {
      const { kind, name, ended } = (await firm.owner.done('listGroups')).groups.find(({ id }) => id === body!.id)!;
      return [kind, name, ended];
    },
    ['department', 'Yard', false],
  ),
  changeGroup: deed(
    'position changed',
    async (firm) => ({
      ...{ as: 'owner', params: { id: await firm.position() }, version: 1 },
      body: { name: 'Fitter', ended: true },
    }),
    async (_, firm, { params }) => {
      const { name, ended, version } = (await firm.owner.done('listGroups')).groups.find(({ id }) => id === params!.id)!;
      return [name, ended, version];
    },
    ['Fitter', true, 2],
  ),
  createProjectState: deed(
    'state made',
    () => ({ as: 'owner', body: { id: newId(), name: 'Snagging', records: true, open: false } }),
    async (_, firm, { body }) => {
      const { states } = await firm.owner.done('listProjectStates');
      const { name, records, open, projects } = states.find(({ id }) => id === body!.id)!;
      return [name, records, open, projects, states.at(-1)!.id === body!.id];
    },
    ['Snagging', true, false, 0, true],
  ),
  changeProjectState: deed(
    'state changed',
    async (firm) => ({
      ...{ as: 'owner', params: { id: await firm.state() }, version: 1 },
      body: { name: 'Asked for', records: false, open: true, place: 0 },
    }),
    async (_, firm, { params }) => {
      const [{ id, name, records, open, version }] = (await firm.owner.done('listProjectStates')).states as [ProjectState];
      return [id === params!.id, name, records, open, version];
    },
    [true, 'Asked for', false, true, 2],
  ),
  removeProjectState: deed(
    'state removed',
    async (firm) => ({ as: 'owner', params: { id: await firm.state() }, version: 1 }),
    async (_, firm, { params }) => (await firm.owner.done('listProjectStates')).states.some(({ id }) => id === params!.id),
    false,
  ),
  createRole: deed(
    'role made',
    () => ({ as: 'owner', body: { id: newId(), name: 'Clerk', rights: { 'time.read': 'firm' } } }),
    async (_, firm, { body }) => (await firm.owner.done('listRoles')).roles.find(({ id }) => id === body!.id)!.rights,
    { 'time.read': 'firm' },
  ),
  changeRole: deed(
    'role changed',
    async (firm) => ({
      ...{ as: 'owner', params: { id: await firm.role() }, version: 1 },
      body: { name: 'Other', rights: { 'time.read': 'team' } },
    }),
    async (_, firm, { params }) => {
      const { name, rights, version } = (await firm.owner.done('listRoles')).roles.find(({ id }) => id === params!.id)!;
      return [name, rights, version];
    },
    ['Other', { 'time.read': 'team' }, 2],
  ),
  endRole: deed(
    'role ended',
    async (firm) => ({ as: 'owner', params: { id: await firm.role() }, version: 1, body: {} }),
    async (_, firm, { params }) => (await firm.owner.done('listRoles')).roles.some(({ id }) => id === params!.id),
    false,
  ),
  changeRecording: deed(
    'person changed',
    async (firm) => ({
      ...{ as: 'owner', ...(await firm.known((await firm.invited()).id)) },
      body: {
        ...{ ways: ['span'], dayMaximum: 6 * 3600, weekMaximum: null },
        planned: { hours: [3600, 0, 0, 0, 0, 0, 0], dayStart: '08:00', dayEnd: '12:00', from: '2026-07-01' },
      },
    }),
    async (_, firm, { params }) => [
      (await firm.owner.done('readPerson', { params: { id: params!.id! } })).recording,
      await firm.world.sql('select planned::text, day_start from schedule where person_id = $1 and valid_to is null', [
        params!.id,
      ]),
    ],
    [{ ways: ['span'], dayMaximum: 6 * 3600, weekMaximum: null }, [{ planned: '{3600,0,0,0,0,0,0}', day_start: '08:00' }]],
  ),
  changeExceptions: deed(
    'exceptions changed',
    async (firm) => ({
      ...{ as: 'owner', ...(await firm.known((await firm.invited()).id)) },
      body: { 'time.record': null, 'values.read': 'team' },
    }),
    async (_, firm, { params }) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === params!.id)!.exceptions,
    { 'time.record': null, 'values.read': 'team' },
  ),
  createTeam: deed(
    'team made',
    (firm) => ({ as: 'owner', body: { id: newId(), name: 'Lime', leadId: firm.ids.staff, people: [firm.ids.mate] } }),
    async (_, firm, { body }) => {
      const team = (await firm.owner.done('listTeams')).teams.find(({ id }) => id === body!.id)!;
      return [team.name, team.leadId === firm.ids.staff, team.people.length === 1 && team.people[0] === firm.ids.mate];
    },
    ['Lime', true, true],
  ),
  changeTeam: deed(
    'team changed',
    async (firm) => {
      const id = await firm.team();
      return { ...{ as: 'owner', params: { id }, version: 1 }, body: { name: 'Renamed', leadId: firm.ids.staff, people: [] } };
    },
    async (_, firm, { params }) =>
      (await firm.owner.done('listTeams')).teams.filter(({ id }) => id === params!.id).map(({ name, people }) => [name, people]),
    [['Renamed', []]],
  ),
  endTeam: deed(
    'team ended',
    async (firm) => ({ as: 'owner', params: { id: await firm.team() }, version: 1, body: { into: null } }),
    async (_, firm, { params }) => (await firm.owner.done('listTeams')).teams.some(({ id }) => id === params!.id),
    false,
  ),
  leaveFirm: deed(
    'access ended',
    async (firm) => ({ as: 'mate', version: (await firm.known(firm.ids.mate)).version }),
    async (_, firm) => {
      const { leftOn, account } = (await firm.owner.done('listStaff')).people.find(({ id }) => id === firm.ids.mate)!;
      // The others meet them as they were.
      await firm.world.sql('update person set left_on = null where id = $1', [firm.ids.mate]);
      await firm.world.admin.query('update membership set ended_at = null where person_id = $1', [firm.ids.mate]);
      return [leftOn, account];
    },
    ['2026-06-12', 'none'],
  ),
  changeSignInRule: deed(
    'firm changed',
    async (firm) => {
      await firm.factor();
      return { as: 'owner', body: { factorForMoney: true }, version: (await firm.owner.done('readSignInRule')).version };
    },
    async (answer, firm, { version }) => {
      // The others go on as they were.
      await firm.world.sql('update firm set factor_for_money = false');
      return [answer.rule, answer.version - version!];
    },
    [{ factorForMoney: true }, 1],
  ),
  personReturns: deed(
    'access restored',
    async (firm) => ({ as: 'owner', ...(await firm.known(await firm.left())) }),
    async (_, firm, { params }) => (await firm.owner.done('listStaff')).people.find(({ id }) => id === params!.id)!.leftOn,
    null,
  ),
  createProject: deed(
    'client made, project made',
    (firm) => {
      const id = newId();
      return { as: 'owner', body: firm.project({ client: { id, name: `Client ${id}` } }) };
    },
    async ({ project, client }, firm, { body }) => [
      project.id === body!.id && client!.id === body!.client!.id,
      await firm.world.sql('select method, currency from agreement where project_id = $1', [project.id]),
    ],
    [true, [{ method: 'time and materials', currency: 'GBP' }]],
  ),
  createClient: deed(
    'client made',
    () => {
      const id = newId();
      return { as: 'owner', body: { id, name: `Client ${id}` } };
    },
    ({ id, facts, version }, _, { body }) => [id === body!.id, facts.name === body!.name, facts.paymentDays, version],
    [true, true, 30, 1],
  ),
  changeClient: deed(
    'client changed',
    async (firm) => ({ as: 'owner', ...(await firm.newClient({ paymentDays: 14 })) }),
    ({ facts, version }) => [facts.paymentDays, version],
    [14, 2],
  ),
  changeProject: deed(
    'project changed',
    async (firm) => ({ as: 'owner', ...(await firm.newProject({ archived: true })) }),
    ({ facts, version }) => [facts.archived, version],
    [true, 2],
  ),
  copyProject: deed(
    'project copied',
    async (firm) => {
      const task = await firm.task();
      const along = { tasks: true, estimates: true, agreement: true, whoRecords: true, notes: true };
      return { as: 'owner', params: { id: task.project }, body: { ...firm.project(), along } };
    },
    async ({ projects, tasks }, firm, { params, body }) => [
      projects[0]!.id === body!.id,
      tasks.length,
      await firm.world.sql('select from task where project_id = $1', [params!.id]).then((rows) => rows.length),
    ],
    [true, 2, 2],
  ),
  removeProject: deed(
    'project removed',
    async (firm) => {
      const task = await firm.task();
      return { as: 'owner', params: { id: task.project }, version: 1 };
    },
    async (_, firm, { params }) => [
      (await firm.owner.call('readProject', { params: params! })).problem.code,
      await firm.world.sql('select from task where project_id = $1', [params!.id]),
    ],
    ['scope-unknown', []],
  ),
  removeClient: deed(
    'client removed',
    async (firm) => ({ as: 'owner', params: (await firm.newClient()).params, version: 1 }),
    async (_, firm, { params }) => (await firm.owner.call('readClient', { params: params! })).problem.code,
    'scope-unknown',
  ),
  changeWhoRecords: deed(
    'project changed',
    async (firm) => {
      const { params } = await firm.newProject();
      return { as: 'owner', params, version: 1, body: { everyone: false, people: [firm.ids.mate], teams: [] } };
    },
    ({ everyone, people, version }, firm) => [everyone, people.map(({ id }) => id === firm.ids.mate), version],
    [false, [true], 2],
  ),
  addTasks: deed(
    'tasks added',
    async (firm) => {
      const { id, project } = await firm.task();
      const lines = [{ id: newId(), parentId: null, name: 'Putty', estimate: 600 }];
      return { as: 'owner', params: { id: project }, body: { place: { parentId: id, beforeId: null }, lines } };
    },
    ({ tasks }, _, { body }) => tasks.map((task) => [task.id === body!.lines[0]!.id, task.name, task.place, task.estimate]),
    [[true, 'Putty', 1, 600]],
  ),
  changeTask: deed(
    'task changed',
    async (firm) => {
      const { id, version } = await firm.task();
      return { as: 'owner', params: { id }, version, body: { open: false } };
    },
    (task) => [task.open, task.version],
    [false, 2],
  ),
  removeTask: deed(
    'tasks removed',
    async (firm) => {
      const { id, below, version } = await firm.task();
      return { as: 'owner', params: { id }, version, body: { branch: [id, below] } };
    },
    async ({ gone }, firm) => [gone.length, await firm.world.sql('select from task where id = any($1)', [gone])],
    [2, []],
  ),
  moveTask: deed(
    'task moved',
    async (firm) => {
      const { id, version } = await firm.timedTask();
      const of = { params: { id }, version };
      const refused = await firm.owner.call('moveTask', { ...of, body: firm.place(firm.ids.euroProject) });
      const { seen } = refused.problem.current as Repricing;
      return { as: 'owner', ...of, body: firm.place(firm.ids.euroProject, { seen }) };
    },
    async ({ tasks }, firm) => [
      tasks.length,
      await firm.world.sql('select project_id = $2 as there, value_currency from entry where task_id = $1', [
        tasks.at(-1)!.id,
        firm.ids.euroProject,
      ]),
    ],
    [2, [{ there: true, value_currency: 'EUR' }]],
  ),
  layDown: deed(
    'client made, work laid down',
    (firm) => {
      const id = newId();
      return { as: 'owner', body: firm.outline({ client: { id, name: `Client ${id}` } }) };
    },
    async ({ projects, tasks, client }, firm, { body }) => [
      [...projects, ...tasks].map(({ id }) => id).join() === body!.lines.map(({ id }) => id).join(),
      await firm.world.sql(
        `select p.client_id = $2 as theirs, p.estimate, t.kind, t.parent_id is null as top, t.estimate as own
           from project p join task t on t.project_id = p.id where p.id = $1 order by t.place`,
        [projects[0]!.id, client!.id],
      ),
    ],
    [
      true,
      [
        { theirs: true, estimate: 3600, kind: 'phase', top: true, own: 0 },
        { theirs: true, estimate: 3600, kind: 'task', top: false, own: 1800 },
      ],
    ],
  ),
  restoreEntry: deed(
    'entry restored',
    async (firm) => ({ as: 'staff', params: { id: await firm.gone() } }),
    // Higher than before: what nobody saw is not approved.
    (entry) => [entry.quantity, entry.version],
    [900, 2],
  ),
  submitPeriod: deed(
    'period submitted',
    async (firm) => {
      await mateWeek(firm, '2026-03-02', false);
      return { as: 'mate', params: { from: '2026-03-02' }, body: { note: 'Done' } };
    },
    async (week, firm) => [week.state, week.submissions.map((one) => one.note), await sheetOf(firm, '2026-03-02')],
    ['submitted', ['Done'], { state: 'submitted', stages: ['submitted'], open: 1 }],
  ),
  withdrawPeriod: deed(
    'period withdrawn',
    async (firm) => {
      await mateWeek(firm, '2026-03-09', true);
      return { as: 'mate', params: { from: '2026-03-09' } };
    },
    async (week, firm) => [week.state, await sheetOf(firm, '2026-03-09')],
    ['open', { state: 'open', stages: ['recorded'], open: 0 }],
  ),
  returnPeriod: deed(
    'period returned',
    async (firm) => {
      await mateWeek(firm, '2026-03-16', true);
      return at('owner', firm.ids.mate, { from: '2026-03-16', reason });
    },
    async (answer, firm) => [answer, await sheetOf(firm, '2026-03-16')],
    [
      { decided: 1, seconds: 3600 },
      { state: 'open', stages: ['recorded'], open: 1 },
    ],
  ),
  approveEntries: deed(
    'entries approved',
    (firm) => ({ as: 'owner', body: seen(firm.submitted()) }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'stage', body!.entries[0]!.id),
    { stage: 'approved' },
  ),
  recallApproval: deed(
    'approval taken back',
    async (firm) => ({ as: 'owner', body: seen(await firm.now(firm.approved())) }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'stage', body!.entries[0]!.id),
    { stage: 'submitted' },
  ),
  returnEntries: deed(
    'entries returned',
    (firm) => ({ as: 'owner', body: { ...seen(firm.submitted()), reason } }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'stage', body!.entries[0]!.id),
    { stage: 'recorded' },
  ),
  reopenEntries: deed(
    'entries re-opened',
    async (firm) => ({ as: 'owner', body: { ...seen(await firm.now(firm.approved())), reason } }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'stage', body!.entries[0]!.id),
    { stage: 'recorded' },
  ),
  addRow: deed(
    null,
    (firm) => ({ as: 'mate', params: { from: '2026-02-02' }, body: firm.row() }),
    (week) => week.rows.length,
    1,
  ),
  removeRow: deed(
    null,
    async (firm) => {
      await firm.world.as('mate').done('addRow', { params: { from: '2026-02-09' }, body: firm.row() });
      return { as: 'mate', params: { from: '2026-02-09' }, body: firm.row() };
    },
    (week) => week.rows.length,
    0,
  ),
  bringRows: deed(
    'entries brought',
    async (firm) => {
      await mateWeek(firm, '2026-02-16', false);
      return { as: 'mate', params: { from: '2026-02-23' }, body: { withHours: true } };
    },
    (week) => [week.rows.length, week.entries.map((entry) => [entry.date, entry.quantity])],
    [1, [['2026-02-23', 3600]]],
  ),
  startTimer: deed(
    'timer started',
    async (firm) => {
      await firm.quiet();
      return { as: 'staff', ...firm.timer() };
    },
    running,
    [true],
  ),
  changeTimer: deed(
    'timer changed',
    async (firm) => firm.timerChange(await runningTimer(firm), { note: 'Changed' }),
    ({ timers }) => timers.map((timer) => timer.note),
    ['Changed'],
  ),
  pauseTimer: deed('timer paused', async (firm) => at('staff', await runningTimer(firm)), running, [false]),
  resumeTimer: deed(
    'timer resumed',
    async (firm) => {
      const id = await runningTimer(firm);
      await firm.staff.done('pauseTimer', { params: { id } });
      return at('staff', id, { others: 'pause' });
    },
    running,
    [true],
  ),
  stopTimer: deed(
    'timer stopped',
    async (firm) => at('staff', await runningTimer(firm)),
    ({ timers, entries }) => [running(timers), entries.map((entry) => entry.startAt)],
    [[], ['2026-06-12T09:00:00.000Z']],
  ),
  discardTimer: deed('timer discarded', async (firm) => at('staff', await runningTimer(firm)), running, []),
  priceEntry: deed(
    'entry priced',
    async (firm) => {
      const { id, version } = await firm.now(firm.approved());
      return { as: 'owner', params: { id }, version, body: { rate: 440_000, reason } };
    },
    (entry) => entry.value,
    { billable: 900, rate: 440_000, minor: 1100, currency: 'GBP' },
  ),
  priceEntries: deed(
    'entries priced',
    async (firm) => {
      const [one, other] = [firm.approved(), firm.approved()];
      return { as: 'owner', body: { ...seen(await firm.now(one), await firm.now(other)), rate: 440_000, reason } };
    },
    async (answer, firm, { body }) => [
      answer,
      await firm.world.sql('select rate, rate_source, value_minor from entry where id = any($1)', [
        body!.entries.map(({ id }) => id),
      ]),
    ],
    [
      { priced: 2, unpriced: 0 },
      [
        { rate: 440_000, rate_source: 'typed', value_minor: 1100 },
        { rate: 440_000, rate_source: 'typed', value_minor: 1100 },
      ],
    ],
  ),
  holdEntries: deed(
    'entries held',
    async (firm) => ({ as: 'bookkeeper', body: { ...seen(await firm.now(firm.approved())), reason } }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'hold_reason', body!.entries[0]!.id),
    { hold_reason: reason },
  ),
  releaseEntries: deed(
    'entries released',
    async (firm) => {
      const entry = firm.approved();
      await firm.keeper.done('holdEntries', { body: { ...seen(await firm.now(entry)), reason } });
      return { as: 'bookkeeper', body: seen(await firm.now(entry)) };
    },
    (_, firm, { body }) => stateOf(firm, 'entry', 'hold_reason', body!.entries[0]!.id),
    { hold_reason: null },
  ),
  writeOffEntries: deed(
    'entries written off',
    async (firm) => ({ as: 'bookkeeper', body: { ...seen(await firm.now(firm.approved())), reason } }),
    (_, firm, { body }) => stateOf(firm, 'entry', 'billing_state, write_off_reason', body!.entries[0]!.id),
    { billing_state: 'written off', write_off_reason: reason },
  ),
  reinstateEntries: deed(
    'entries taken back',
    async (firm) => {
      const entry = firm.approved();
      await firm.keeper.done('writeOffEntries', { body: { ...seen(await firm.now(entry)), reason } });
      return { as: 'bookkeeper', body: seen(await firm.now(entry)) };
    },
    (_, firm, { body }) => stateOf(firm, 'entry', 'billing_state, write_off_reason', body!.entries[0]!.id),
    { billing_state: 'to bill', write_off_reason: null },
  ),
  createDraft: deed(
    'draft kept',
    (firm) => ({ as: 'bookkeeper', body: { id: newId(), wish: firm.wish([firm.approved()]) } }),
    ({ row, document }) => [row.state, row.gross, document.lines.length],
    ['draft', 2700, 1],
  ),
  discardDraft: deed(
    'draft discarded',
    async (firm) => {
      const { row } = await firm.draft();
      return { as: 'bookkeeper', params: { id: row.id }, version: row.version };
    },
    async (_, firm, { params }) => [
      await stateOf(firm, 'invoice', 'id', params!.id!),
      await firm.world.sql('select from invoice_line where invoice_id = $1', [params!.id]),
    ],
    [null, []],
  ),
  issueInvoice: deed(
    'invoice issued',
    async (firm) => {
      const { row } = await firm.draft();
      return at('bookkeeper', row.id, { gross: row.gross, version: row.version });
    },
    ({ row }) => [row.state, row.issuedOn, row.dueOn, row.number !== null],
    ['not sent', '2026-06-12', '2026-07-12', true],
  ),
  issueNewInvoice: deed(
    'draft kept, invoice issued',
    (firm) => ({ as: 'bookkeeper', body: { id: newId(), wish: firm.wish([firm.approved()]), gross: 2700 } }),
    ({ row }) => [row.state, row.gross, row.number !== null],
    ['not sent', 2700, true],
  ),
  markSent: deed(
    'invoice sent',
    async (firm) => at('bookkeeper', (await firm.issued()).row.id),
    ({ row }) => [row.state, row.sentAt !== null],
    ['open', true],
  ),
  voidInvoice: deed(
    'invoice void',
    async (firm) => at('bookkeeper', (await firm.issued()).row.id, { reason }),
    async ({ row }, firm) => [row.state, await entriesOn(firm, row.id, 'stage, billed_quantity')],
    ['void', [{ stage: 'approved', billed_quantity: 0 }]],
  ),
  creditInvoice: deed(
    'invoice credited',
    async (firm) => at('bookkeeper', (await firm.payment('all')).invoice, { id: newId(), reason }),
    async ({ row, payments }, firm) => [
      row.state,
      payments.map((one) => [one.kind, one.live]).sort(),
      await entriesOn(firm, row.id, 'stage, billed_quantity'),
    ],
    [
      'credited',
      [
        ['credit note', true],
        ['payment', false],
      ],
      [{ stage: 'approved', billed_quantity: 0 }],
    ],
  ),
  recordPayment: deed(
    'payment recorded',
    async (firm) => firm.paying({ invoiceId: (await firm.issued()).row.id, minor: 2700 }),
    async ({ row }, firm) => [row.state, row.settled, row.lastPaid, await entriesOn(firm, row.id, 'stage')],
    ['paid', 2700, '2026-06-12', [{ stage: 'paid' }]],
  ),
  reversePayment: deed(
    'payment reversed',
    async (firm) => at('bookkeeper', (await firm.payment('all')).id, { reason }),
    async (_, firm, { params }) => [
      await stateOf(firm, 'payment', 'reversal_reason', params!.id!),
      await firm.world.sql(
        `select i.settled_minor, e.stage, a.live from allocation a join invoice i on i.id = a.invoice_id
           join invoice_line l on l.invoice_id = i.id join line_share s on s.line_id = l.id join entry e on e.id = s.entry_id
         where a.payment_id = $1`,
        [params!.id],
      ),
    ],
    [{ reversal_reason: reason }, [{ settled_minor: 0, stage: 'billed', live: false }]],
  ),
  changeTerms: deed(
    'firm changed',
    async (firm) => {
      await firm.owner.done('createProject', { body: firm.project() });
      const { terms, version } = await firm.owner.done('readTerms');
      const places = terms.decimalPlaces === 2 ? null : 2;
      return { as: 'owner', version, body: { terms: { ...terms, decimalPlaces: places }, from: '2028-01-01' } };
    },
    (answer, _, { body }) => answer.terms.decimalPlaces === body!.terms.decimalPlaces,
    true,
  ),
  changeAgreement: deed(
    'agreement changed',
    async (firm) => at('owner', (await firm.overLimit()).project, firm.newLimit(6000)),
    async ({ agreements: [now] }, firm, { params }) => [
      [now!.limit, now!.used, now!.validFrom],
      await firm.world.sql('select limit_minor, valid_to::text from agreement where project_id = $1 order by valid_from', [
        params!.id,
      ]),
    ],
    [
      [6000, 5000, '2026-06-01'],
      [
        { limit_minor: 5000, valid_to: '2026-05-31' },
        { limit_minor: 6000, valid_to: null },
      ],
    ],
  ),
  releaseOverLimit: deed(
    'released over the limit',
    async (firm) => at('bookkeeper', (await released(firm)).line, { id: newId(), minor: 200, note: 'Agreed' }),
    (fee) => [fee.kind, fee.stage, fee.value?.minor, fee.note],
    ['fee', 'approved', 200, 'Agreed'],
  ),
  keepView: deed(
    null,
    () => ({
      as: 'staff',
      params: { name: 'invoices' },
      body: { columns: ['due'], sort: { column: 'total', order: 'down' }, group: 'client' },
    }),
    async (_, firm) => [
      (await firm.world.as('staff').done('readMe')).views,
      (await firm.world.as('bookkeeper').done('readMe')).views,
    ],
    // One's own, and nobody else's.
    [{ invoices: { columns: ['due'], sort: { column: 'total', order: 'down' }, group: 'client' } }, {}],
  ),
  writeDownOverLimit: deed(
    'written down over the limit',
    async (firm) => at('bookkeeper', (await firm.overLimit()).line, { minor: 1000, reason }),
    (answer) => answer,
    { waiting: 3000 },
  ),
};

/** What of all that is stored each of them changes: this, and nothing else. */
const CHANGES: { readonly [N in EndpointName]?: string } = {
  addRow: 'sheets rows',
  approveEntries: 'entries decisions events',
  bringRows: 'entries sheets rows events',
  changeEntries: 'entries events',
  changeEntry: 'entries events',
  changeTerms: 'agreements firm events',
  changeAgreement: 'agreements events',
  changeTimer: 'timers events',
  createDraft: 'invoices shares events',
  createEntry: 'entries events',
  creditInvoice: 'entries invoices shares allocations numbers events',
  deleteEntry: 'entries events',
  discardDraft: 'invoices shares events',
  discardTimer: 'timers segments events',
  holdEntries: 'entries events',
  invitePerson: 'people roles schedules invitations events',
  invitePeople: 'people roles schedules invitations events',
  sendInvitation: 'invitations events',
  changeInstruction: 'instructions events',
  confirmInstruction: 'instructed events',
  noteInstructed: 'instructed events',
  createLink: 'links events',
  endLink: 'links events',
  confirmPerson: 'members events',
  createProject: 'agreements clients projects events',
  createClient: 'clients events',
  changeClient: 'clients events',
  changeProject: 'projects events',
  copyProject: 'agreements projects tasks events',
  removeProject: 'agreements projects tasks events',
  removeClient: 'clients events',
  changeWhoRecords: 'recorders projects events',
  addTasks: 'tasks events',
  changeTask: 'tasks events',
  removeTask: 'tasks events',
  moveTask: 'entries tasks events',
  layDown: 'agreements clients projects tasks events',
  changeFirm: 'firm events',
  changePerson: 'people events',
  changeRoles: 'people roles events',
  changeManyRoles: 'people roles events',
  handOver: 'teams events',
  personLeaves: 'people invitations events',
  createTeam: 'teams events',
  changeLogo: 'logos firm events',
  changeWords: 'firm events',
  changeShape: 'services firm events',
  changeFunctions: 'firm events',
  changeGuide: 'people',
  changeTimeRules: 'firm events',
  changePeriods: 'firm events',
  createGroup: 'departments events',
  changeGroup: 'positions events',
  createProjectState: 'states events',
  changeProjectState: 'states events',
  removeProjectState: 'states events',
  createRole: 'ownRoles events',
  changeRole: 'ownRoles events',
  endRole: 'ownRoles events',
  changeExceptions: 'people exceptions events',
  changeRecording: 'people schedules events',
  changeTeam: 'teams events',
  endTeam: 'teams events',
  leaveFirm: 'people events',
  changeSignInRule: 'firm events',
  personReturns: 'people events',
  issueInvoice: 'entries invoices numbers events',
  keepView: 'views',
  issueNewInvoice: 'entries invoices shares numbers events',
  markSent: 'invoices events',
  pauseTimer: 'timers segments events',
  priceEntries: 'entries events',
  priceEntry: 'entries events',
  recordPayment: 'entries invoices payments allocations events',
  reinstateEntries: 'entries events',
  releaseEntries: 'entries events',
  releaseOverLimit: 'entries events',
  removeRow: 'rows',
  recallApproval: 'entries decisions events',
  reopenEntries: 'entries sheets decisions events',
  restoreEntry: 'entries events',
  resumeTimer: 'timers segments events',
  returnEntries: 'entries sheets decisions events',
  returnPeriod: 'entries sheets decisions events',
  reversePayment: 'entries invoices payments allocations events',
  startTimer: 'timers segments events',
  stopTimer: 'entries timers segments events',
  submitPeriod: 'entries sheets submissions events',
  voidInvoice: 'entries invoices events',
  withdrawPeriod: 'entries sheets submissions events',
  writeDownOverLimit: 'writeDowns events',
  writeOffEntries: 'entries events',
};

describe('everything that somebody does', () => {
  let firm: Firm;

  beforeAll(async () => (firm = await Firm.found()));
  afterAll(() => firm.world.close());

  const writing = (Object.values(endpoints) as unknown as Endpoint[]).filter(
    ({ path, kind }) => path.startsWith('/f/') && ['create', 'change', 'command'].includes(kind),
  );

  it('is tried', () => {
    expect(Object.keys(DEEDS).sort()).toEqual(writing.map((endpoint) => endpoint.name).sort());
  });

  for (const { name, kind } of writing)
    it(`is done, told in the history, and done once however often it is sent: ${name}`, async () => {
      const { ask, action, shows, expected } = DEEDS[name as EndpointName] as unknown as Deed<EndpointName>;
      const { as, ...options } = await ask(firm);
      const events = async () =>
        firm.world.sql<{ action: string; by: string; subjects: number }>(
          `select action, actor_id as by, (select count(*) from audit_subject s where s.event_id = e.id)::int as subjects
           from audit_event e order by id`,
        );
      const before = await events();
      const stored = await firm.everything();
      const key = newId();
      const answer = await firm.world.as(as).call(name as EndpointName, { ...options, key } as never);
      expect(answer.status).withContext(JSON.stringify(answer.body)).toBe(200);
      expect(await shows(answer.body as never, firm, { as, ...options } as never)).toEqual(expected);
      const told = (await events()).slice(before.length);
      expect(told.map((event) => event.action).join(', ') || null).toBe(action);
      for (const event of told) {
        expect(event.by).toBe(firm.ids[as]);
        expect(event.subjects).toBeGreaterThan(0);
      }
      const after = await firm.everything();
      const changed = Object.keys(after).filter((what) => JSON.stringify(after[what]) !== JSON.stringify(stored[what]));
      expect(changed.join(' ')).toBe(CHANGES[name as EndpointName]!);
      const again = await firm.world.as(as).call(name as EndpointName, { ...options, key } as never);
      if (kind === 'change') expect([404, 412]).toContain(again.status);
      else expect([again.status, again.body]).toEqual([200, answer.body]);
      expect(await firm.everything()).toEqual(after);
    });
});
