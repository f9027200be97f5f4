import { randomBytes } from 'node:crypto';
import { BodyOf, Endpoint, EndpointName, Endpoints, endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Answer, Options } from './testing/client';
import { MONDAY, Who, World, bill, inOrder, makeWorld, record, submitAndApprove } from './testing';

const ROLES = ['owner', 'manager', 'bookkeeper', 'staff'] as const;

/** Ids of one set of things: of somebody in the manager's team, or of somebody beyond it. */
interface Things {
  readonly person: string;
  readonly entry: string;
  readonly other: string;
  readonly invoice: string;
  readonly payment: string;
  readonly line: string;
  readonly lineKey: string;
  readonly project: string;
  readonly client: string;
  readonly timer: string;
  readonly gone: string;
}

type Request<N extends EndpointName> = (things: Things, world: World) => Options<N>;

const FACTS: BodyOf<Endpoints['changeFirm']> = {
  ...{ name: 'Firm', address: [], taxId: '', email: '', paymentDetails: '', opening: '', closing: '' },
  ...{ invoicePrefix: '', creditPrefix: '', nextInvoice: 1, forms: { dates: null, clock: null, numbers: null } },
};
const seen = (things: Things) => ({ entries: [{ id: things.entry, version: 99 }] });
const TERMS = { increment: 15, mode: 'up', unit: 'entry', minimum: 0, decimalPlaces: 2 } as const;
const reason = 'Because of the test';
const wish = (things: Things): BodyOf<Endpoints['previewInvoice']> => ({
  clientId: things.client,
  upTo: '2026-06-14',
  grouping: 'task',
  entries: [{ id: things.other }],
  texts: [],
});
const rowOf = ({ project }: Things, world: World) => ({
  ...{ projectId: project, taskId: null, serviceId: world.ids.survey, billable: true },
});
const newTime = (things: Things, world: World) => ({
  id: newId(),
  personId: things.person,
  date: '2026-06-12',
  projectId: things.project,
  taskId: null,
  serviceId: world.ids.survey,
  quantity: 60,
  note: '',
  origin: 'grid' as const,
});

const linkOf = () => ({
  ...{ id: newId(), token: randomBytes(32).toString('base64url'), role: 'staff' as const, teamId: null, uses: 1, days: 1 },
});

/**
 * What each endpoint is asked. Nothing that is written takes hold where it can be helped: versions are ones
 * that nobody has seen, amounts are more than there is.
 */
const REQUESTS: { readonly [N in EndpointName]?: Request<N> } = {
  readMe: () => ({}),
  readOverview: ({ project }) => ({ query: { scope: `project:${project}` } }),
  keepView: () => ({ params: { name: 'invoices' }, body: { columns: null, sort: null, group: null } }),
  readWork: () => ({}),
  listWork: () => ({}),
  findWork: () => ({ query: { words: 'lantern', sought: 'tree' } }),
  readNames: ({ project }) => ({ query: { of: `project:${project}` } }),
  readBars: () => ({}),
  listStaff: () => ({}),
  invitePerson: () => ({ body: { id: newId(), name: 'Somebody', email: `${newId()}@firm.example`, role: 'staff' } }),
  invitePeople: () => ({
    body: { people: [{ id: newId(), name: 'Somebody', email: `${newId()}@firm.example` }], role: 'staff' },
  }),
  sendInvitation: ({ person }) => ({ params: { id: person } }),
  readInstruction: () => ({}),
  confirmInstruction: () => ({ body: { version: 99 } }),
  listInstructed: () => ({}),
  changeInstruction: () => ({ body: { wording: 'Record the day itself.' } }),
  noteInstructed: ({ person }) => ({ body: { version: 99, people: [person], how: 'film', day: '2026-01-05' } }),
  readPaper: ({ person }) => ({ params: { id: person } }),
  listLinks: () => ({}),
  createLink: () => ({ body: linkOf() }),
  endLink: () => ({ params: { id: newId() } }),
  confirmPerson: ({ person }) => ({ params: { id: person } }),
  readFirm: () => ({}),
  changeFirm: () => ({ version: 99, body: FACTS }),
  listTeams: () => ({}),
  createTeam: (things) => ({ body: { id: newId(), name: `Team ${newId()}`, leadId: things.person, people: [] } }),
  changeTeam: (things) => ({ params: { id: newId() }, version: 99, body: { name: 'T', leadId: things.person, people: [] } }),
  endTeam: () => ({ params: { id: newId() }, version: 99, body: { into: null } }),
  readSignInRule: () => ({}),
  readTimeRules: () => ({}),
  changeTimeRules: () => ({
    version: 99,
    body: {
      ...{ dayMaximum: 60, weekMaximum: 60, gapTolerance: 0, lockedUntil: null, review: true, unreviewed: [] },
      ...{ ways: ['timer'], planned: { hours: [0, 0, 0, 0, 0, 0, 0], dayStart: '09:00', dayEnd: '17:00' } },
    },
  }),
  changePeriods: () => ({ version: 99, body: { kind: 'month', weekStart: 1, days: 14, from: '2026-07-01' } }),
  changeRecording: ({ person }) => ({
    ...{ params: { id: person }, version: 99 },
    body: { ways: null, dayMaximum: null, weekMaximum: null },
  }),
  previewTimeRules: () => ({ query: { dayMaximum: '3600', weekMaximum: '3600' } }),
  listGroups: () => ({}),
  createGroup: () => ({ body: { id: newId(), kind: 'position', name: `Position ${newId()}` } }),
  changeGroup: () => ({ params: { id: newId() }, version: 99, body: { name: 'P', ended: false } }),
  listProjectStates: () => ({}),
  createProjectState: () => ({ body: { id: newId(), name: `State ${newId().slice(-12)}`, records: true, open: true } }),
  changeProjectState: () => ({ params: { id: newId() }, version: 99, body: { name: 'S', records: true, open: true, place: 0 } }),
  removeProjectState: () => ({ params: { id: newId() }, version: 99 }),
  listRoles: () => ({}),
  createRole: () => ({ body: { id: newId(), name: `Role ${newId()}`, rights: { 'time.record': 'own' } } }),
  changeRole: () => ({ params: { id: newId() }, version: 99, body: { name: 'R', rights: {} } }),
  endRole: () => ({ params: { id: newId() }, version: 99, body: {} }),
  changeExceptions: ({ person }) => ({ params: { id: person }, version: 99, body: {} }),
  changeLogo: () => ({ version: 99, body: { picture: null } }),
  readLogo: () => ({ params: { id: newId() } }),
  readWords: () => ({}),
  readShape: () => ({}),
  changeShape: () => ({ version: 99, body: { place: null, size: null, trade: null } }),
  changeFunctions: () => ({ version: 99, body: { off: [] } }),
  readGuide: () => ({}),
  changeGuide: () => ({ body: { shown: false } }),
  changeWords: () => ({ version: 99, body: { words: {}, workText: 'name' } }),
  readPerson: ({ person }) => ({ params: { id: person } }),
  readLooksAfter: ({ person }) => ({ params: { id: person } }),
  handOver: ({ person }) => ({ params: { id: person }, body: { to: newId(), projects: [newId()], teams: [] } }),
  readWhyMay: ({ person, project }) => ({ params: { id: person }, query: { right: 'time.read', person, project } }),
  changeSignInRule: () => ({ version: 99, body: { factorForMoney: true } }),
  leaveFirm: () => ({ version: 99 }),
  changePerson: ({ person }) => ({
    ...{ params: { id: person }, version: 99 },
    body: { name: 'Somebody', email: `${newId()}@firm.example`, staffNumber: '1' },
  }),
  changeRoles: ({ person }) => ({ params: { id: person }, version: 99, body: { roles: ['staff'], ownRoles: [] } }),
  changeManyRoles: ({ person }) => ({
    body: { people: [{ id: person, version: 99 }], roles: ['staff'], ownRoles: [], how: 'add' },
  }),
  personLeaves: ({ person }) => ({ params: { id: person }, version: 99 }),
  personReturns: ({ person }) => ({ params: { id: person }, version: 99 }),
  readClient: ({ client }) => ({ params: { id: client } }),
  createClient: () => ({ body: { id: newId(), name: `Client ${newId()}` } }),
  changeClient: ({ client }) => ({
    ...{ params: { id: client }, version: 99 },
    body: { name: 'Client', address: [], country: 'GB', email: '', taxId: '', paymentDays: 1, archived: false },
  }),
  readProject: ({ project }) => ({ params: { id: project } }),
  changeProject: ({ project, person }) => ({
    ...{ params: { id: project }, version: 99 },
    body: {
      ...{ name: 'Project', code: 'P', orderReference: '', managerId: person, estimate: 0 },
      ...{ stateId: newId(), archived: false, tone: 1, startsOn: null, endsOn: null, complete: null, notes: '' },
    },
  }),
  copyProject: ({ project }) => ({
    params: { id: project },
    body: {
      ...{ id: newId(), name: `Copy ${newId()}`, client: null },
      along: { tasks: false, estimates: false, agreement: false, whoRecords: false, notes: false },
    },
  }),
  removeProject: ({ project }) => ({ params: { id: project }, version: 99 }),
  removeClient: ({ client }) => ({ params: { id: client }, version: 99 }),
  readWhoRecords: ({ project }) => ({ params: { id: project } }),
  changeWhoRecords: ({ project }) => ({
    ...{ params: { id: project }, version: 99 },
    body: { everyone: true, people: [], teams: [] },
  }),
  listTasks: ({ project }) => ({ params: { id: project } }),
  addTasks: ({ project }) => ({
    params: { id: project },
    body: { place: { parentId: null, beforeId: newId() }, lines: [{ id: newId(), parentId: null, name: 'Task', estimate: 0 }] },
  }),
  changeTask: (_, world) => ({ params: { id: world.ids.task }, version: 99, body: { name: 'Task' } }),
  removeTask: (_, world) => ({ params: { id: world.ids.task }, version: 99, body: { branch: [newId()] } }),
  moveTask: ({ project }, world) => ({
    ...{ params: { id: world.ids.task }, version: 99 },
    body: { projectId: project, parentId: null, beforeId: null, seen: null },
  }),
  layDown: () => ({ body: { client: null, lines: [{ id: newId(), parentId: null, name: `Project ${newId()}`, estimate: 0 }] } }),
  createProject: () => ({ body: { id: newId(), name: `Project ${newId()}`, client: null } }),
  listPay: () => ({}),
  readTimesheet: ({ person }) => ({ params: { from: MONDAY }, query: { person } }),
  submitPeriod: () => ({ params: { from: '2026-03-02' }, body: { note: '' } }),
  withdrawPeriod: () => ({ params: { from: '2026-03-02' } }),
  bringRows: () => ({ params: { from: '2026-03-02' }, body: { withHours: false } }),
  addRow: (things, world) => ({ params: { from: '2026-03-02' }, body: rowOf(things, world) }),
  removeRow: (things, world) => ({ params: { from: '2026-03-02' }, body: rowOf(things, world) }),
  createEntry: (things, world) => ({ body: newTime(things, world) }),
  changeEntry: ({ entry }) => ({ params: { id: entry }, version: 99, body: { note: 'x', reason } }),
  changeEntries: ({ entry }) => ({ body: { create: [], change: [], remove: [{ id: entry, version: 99, reason }] } }),
  deleteEntry: ({ entry }) => ({ params: { id: entry }, version: 99, query: { reason } }),
  restoreEntry: ({ gone }) => ({ params: { id: gone } }),
  readTimers: () => ({}),
  startTimer: ({ project }) => ({
    body: {
      id: newId(),
      projectId: project,
      taskId: null,
      serviceId: null,
      note: '',
      startedAt: '2026-07-01T00:00:00Z',
      others: 'pause',
    },
  }),
  changeTimer: ({ timer }) => ({ params: { id: timer }, version: 99, body: { note: 'x' } }),
  pauseTimer: ({ timer }) => ({ params: { id: timer } }),
  resumeTimer: ({ timer }) => ({ params: { id: timer }, body: { others: 'pause' } }),
  stopTimer: ({ timer }) => ({ params: { id: timer } }),
  discardTimer: ({ timer }) => ({ params: { id: timer } }),
  readReview: () => ({ query: { from: MONDAY } }),
  readReviewPerson: ({ person }) => ({ params: { id: person }, query: { from: MONDAY } }),
  approveEntries: (things) => ({ body: seen(things) }),
  recallApproval: (things) => ({ body: seen(things) }),
  returnEntries: (things) => ({ body: { ...seen(things), reason } }),
  reopenEntries: (things) => ({ body: { ...seen(things), reason } }),
  returnPeriod: ({ person }) => ({ params: { id: person }, body: { from: '2026-03-02', reason } }),
  readEntryWhy: ({ entry }) => ({ params: { id: entry } }),
  readHistory: ({ entry }) => ({ params: { id: entry } }),
  priceEntries: ({ entry }) => ({ body: { entries: [{ id: entry, version: 99 }], rate: 1, reason } }),
  readLineEntries: ({ invoice, lineKey }) => ({ params: { id: invoice, line: lineKey } }),
  priceEntry: ({ entry }) => ({ params: { id: entry }, version: 99, body: { rate: 1, reason } }),
  listUnpriced: () => ({}),
  listToBill: () => ({ query: { upTo: '2026-06-14' } }),
  readBillDesk: ({ project }) => ({ query: { scope: `project:${project}`, upTo: '2026-06-14' } }),
  holdEntries: (things) => ({ body: { ...seen(things), reason } }),
  releaseEntries: (things) => ({ body: seen(things) }),
  writeOffEntries: (things) => ({ body: { ...seen(things), reason } }),
  reinstateEntries: (things) => ({ body: seen(things) }),
  previewInvoice: (things) => ({ body: wish(things) }),
  createDraft: (things) => ({ body: { id: newId(), wish: { ...wish(things), entries: [{ id: things.entry }] } } }),
  discardDraft: ({ invoice }) => ({ params: { id: invoice }, version: 99 }),
  issueInvoice: ({ invoice }) => ({ params: { id: invoice }, body: { gross: 1, version: 99 } }),
  issueNewInvoice: (things) => ({ body: { id: newId(), wish: wish(things), gross: 1 } }),
  listInvoices: () => ({ query: { show: 'all' } }),
  readInvoice: ({ invoice }) => ({ params: { id: invoice } }),
  readInvoicePdf: ({ invoice }) => ({ params: { id: invoice } }),
  markSent: ({ invoice }) => ({ params: { id: invoice } }),
  voidInvoice: ({ invoice }) => ({ params: { id: invoice }, body: { reason } }),
  creditInvoice: ({ invoice }) => ({ params: { id: invoice }, body: { id: newId(), reason } }),
  recordPayment: ({ invoice }) => ({
    body: { id: newId(), invoiceId: invoice, minor: 1, receivedOn: '2026-06-12', reference: '' },
  }),
  reversePayment: ({ payment }) => ({ params: { id: payment }, body: { reason } }),
  readTerms: () => ({}),
  previewTerms: () => ({ query: { increment: '15' } }),
  changeTerms: () => ({ version: 99, body: { terms: TERMS, from: null } }),
  readAgreements: ({ project }) => ({ params: { id: project } }),
  changeAgreement: ({ project }) => ({
    params: { id: project },
    body: { id: newId(), validFrom: '2026-01-01', limit: 1, reason },
  }),
  releaseOverLimit: ({ line }) => ({ params: { id: line }, body: { id: newId(), minor: 900_000, note: '' } }),
  writeDownOverLimit: ({ line }) => ({ params: { id: line }, body: { minor: 900_000, reason } }),
  readResults: ({ project }) => ({ query: { scope: `project:${project}` } }),
  readBehind: ({ project }) => ({ query: { scope: `project:${project}`, figure: 'hours' } }),
};

/**
 * What owner, manager, bookkeeper and staff may: first with what belongs to somebody in the manager's team, then
 * with what belongs to somebody beyond it. `y` may, `n` has not the right, `?` knows of no such thing. The staff
 * member who asks is the one in the team; nobody manages a project but the owner.
 */
const EXPECTED: Readonly<Partial<Record<EndpointName, string>>> = {
  readMe: 'yyyy yyyy',
  keepView: 'yyyy yyyy',
  readWork: 'yyyy yyyy',
  listWork: 'yyyy yyyy',
  findWork: 'yyyy yyyy',
  readNames: 'yyyy yyyy',
  readBars: 'yyyy yyyy',
  readOverview: 'yyyy yyyy',
  readResults: 'yyyy yyyy',
  readBehind: 'yyyy yyyy',
  listPay: 'ynyn ynyn',
  listStaff: 'ynnn ynnn',
  invitePerson: 'ynnn ynnn',
  invitePeople: 'ynnn ynnn',
  sendInvitation: 'ynnn ynnn',
  readInstruction: 'yyyy yyyy',
  confirmInstruction: 'yyyy yyyy',
  listInstructed: 'ynnn ynnn',
  changeInstruction: 'ynnn ynnn',
  noteInstructed: 'ynnn ynnn',
  readPaper: '?nnn ?nnn',
  listLinks: 'ynnn ynnn',
  createLink: 'ynnn ynnn',
  endLink: 'ynnn ynnn',
  confirmPerson: 'ynnn ynnn',
  layDown: 'yyyn yyyn',
  readClient: 'y?yn y?yn',
  createClient: 'yyyn yyyn',
  changeClient: 'y?yn y?yn',
  readProject: 'yyyy yyyy',
  changeProject: 'y?yn y?yn',
  copyProject: 'yyyn yyyn',
  removeProject: 'y?yn y?yn',
  removeClient: 'y?yn y?yn',
  readWhoRecords: 'y?yn y?yn',
  changeWhoRecords: 'y?yn y?yn',
  listTasks: 'yyyy yyyy',
  // Before a task that is none; changed by those who look after the project.
  addTasks: '???n ???n',
  changeTask: 'y?yn y?yn',
  removeTask: 'y?yn y?yn',
  moveTask: 'y?yn y?yn',
  createProject: 'yyyn yyyn',
  readFirm: 'ynnn ynnn',
  changeFirm: 'ynnn ynnn',
  listTeams: 'ynnn ynnn',
  createTeam: 'ynnn ynnn',
  // Of a team that is none.
  changeTeam: '?nnn ?nnn',
  endTeam: '?nnn ?nnn',
  readSignInRule: 'ynnn ynnn',
  readTimeRules: 'ynnn ynnn',
  changeTimeRules: 'ynnn ynnn',
  changePeriods: 'ynnn ynnn',
  previewTimeRules: 'ynnn ynnn',
  listGroups: 'ynnn ynnn',
  createGroup: 'ynnn ynnn',
  // Of one that is none.
  changeGroup: '?nnn ?nnn',
  listProjectStates: 'yyyy yyyy',
  createProjectState: 'ynnn ynnn',
  // Of one that is none.
  changeProjectState: '?nnn ?nnn',
  removeProjectState: '?nnn ?nnn',
  listRoles: 'ynnn ynnn',
  createRole: 'ynnn ynnn',
  // Of a role that is none.
  changeRole: '?nnn ?nnn',
  endRole: '?nnn ?nnn',
  changeExceptions: 'ynnn ynnn',
  changeRecording: 'ynnn ynnn',
  readPerson: 'ynnn ynnn',
  readLooksAfter: 'ynnn ynnn',
  // To somebody who is not there.
  handOver: '?nnn ?nnn',
  readWhyMay: 'ynnn ynnn',
  changeLogo: 'ynnn ynnn',
  // Of one that is none.
  readLogo: '???? ????',
  readWords: 'ynnn ynnn',
  readShape: 'ynnn ynnn',
  changeShape: 'ynnn ynnn',
  changeFunctions: 'ynnn ynnn',
  readGuide: 'yyyy yyyy',
  changeGuide: 'yyyy yyyy',
  changeWords: 'ynnn ynnn',
  changeSignInRule: 'ynnn ynnn',
  leaveFirm: 'yyyy yyyy',
  changePerson: 'ynnn ynnn',
  changeRoles: 'ynnn ynnn',
  changeManyRoles: 'ynnn ynnn',
  personLeaves: 'ynnn ynnn',
  personReturns: 'ynnn ynnn',
  // Recording: for oneself; for others who may correct their time, and with a reason.
  createEntry: 'yyny y?yn',
  changeEntry: 'yyny y?y?',
  changeEntries: 'yyny y?y?',
  deleteEntry: 'yyny y?y?',
  // Brought back by the person whose entry it is.
  restoreEntry: '???y ??y?',
  readTimesheet: 'yyyy y?y?',
  submitPeriod: 'yyyy yyyy',
  withdrawPeriod: 'yyyy yyyy',
  addRow: 'yyyy yyyy',
  removeRow: 'yyyy yyyy',
  bringRows: 'yyyy yyyy',
  // Timers are everybody's own.
  readTimers: 'yyyy yyyy',
  startTimer: 'yyyy yyyy',
  changeTimer: '???y ??y?',
  pauseTimer: '???y ??y?',
  resumeTimer: '???y ??y?',
  stopTimer: '???y ??y?',
  discardTimer: '???y ??y?',
  // Deciding on time: of the team.
  readReview: 'yynn yynn',
  readReviewPerson: 'yynn y?nn',
  approveEntries: 'yynn y?nn',
  recallApproval: 'yynn y?nn',
  returnEntries: 'yynn y?nn',
  reopenEntries: 'yynn y?nn',
  returnPeriod: 'yynn y?nn',
  readEntryWhy: 'yyyy y?y?',
  readHistory: 'yyyy y?y?',
  // Money.
  priceEntries: 'yyyn y?yn',
  readLineEntries: 'y?yn y?yn',
  priceEntry: 'yyyn y?yn',
  listUnpriced: 'yyyn yyyn',
  listToBill: 'yyyn yyyn',
  readBillDesk: 'yyyn yyyn',
  listInvoices: 'yyyn yyyn',
  readInvoice: 'y?yn y?yn',
  readInvoicePdf: 'y?yn y?yn',
  holdEntries: 'ynyn ynyn',
  releaseEntries: 'ynyn ynyn',
  writeOffEntries: 'ynyn ynyn',
  reinstateEntries: 'ynyn ynyn',
  previewInvoice: 'ynyn ynyn',
  createDraft: 'ynyn ynyn',
  discardDraft: 'ynyn ynyn',
  issueInvoice: 'ynyn ynyn',
  issueNewInvoice: 'ynyn ynyn',
  markSent: 'ynyn ynyn',
  voidInvoice: 'ynyn ynyn',
  creditInvoice: 'ynyn ynyn',
  recordPayment: 'ynyn ynyn',
  reversePayment: 'ynyn ynyn',
  readTerms: 'ynnn ynnn',
  previewTerms: 'ynnn ynnn',
  changeTerms: 'ynnn ynnn',
  readAgreements: 'yyyn yyyn',
  changeAgreement: 'ynnn ynnn',
  releaseOverLimit: 'ynyn ynyn',
  writeDownOverLimit: 'ynyn ynyn',
};

/** What an answer says about rights. */
function told(answer: Answer<unknown>): string {
  const code = answer.problem?.code ?? '';
  // A request that is not even read says nothing.
  if (answer.status === 400) return code;
  if (answer.status === 403) return 'n';
  return answer.status === 404 || code === 'entry-missing' ? '?' : 'y';
}

describe('every endpoint, asked by every role', () => {
  const it = inOrder();
  let world: World;
  let inside: Things;
  let beyond: Things;

  beforeAll(async () => {
    world = await makeWorld({ limit: 20_000 });
    await world.sql("update agreement set limit_minor = 20000 where limit_minor is null and method <> 'internal'");
    inside = await things('staff', world.ids.project, world.ids.client);
    beyond = await things('bookkeeper', world.ids.euroProject, world.ids.euroClient);
  });
  afterAll(() => world.close());

  async function things(who: Who, projectId: string, clientId: string): Promise<Things> {
    const made = [];
    for (const hours of [4, 1, 2]) made.push((await record(world, who, '2026-06-08', hours, { projectId })).id);
    await submitAndApprove(world, who);
    const invoice = await bill(world, [made[0]!], 'task', clientId);
    const payment = newId();
    await world.as('bookkeeper').done('recordPayment', {
      body: { id: payment, invoiceId: invoice.row.id, minor: 1, receivedOn: '2026-06-12', reference: '' },
    });
    const [line] = await world.sql<{ id: string; key: string }>(
      "select id, key from invoice_line where kind = 'over-limit' and invoice_id = $1",
      [invoice.row.id],
    );
    return {
      ...{
        person: world.ids[who],
        entry: made[1]!,
        other: made[2]!,
        invoice: invoice.row.id,
        payment,
        line: line!.id,
        lineKey: line!.key,
      },
      ...{ project: projectId, client: clientId, timer: '', gone: '' },
    };
  }

  async function freshTimer(who: Who, project: string): Promise<string> {
    const id = newId();
    await world.as(who).done('startTimer', {
      body: { id, projectId: project, taskId: null, serviceId: null, note: '', others: 'pause' },
    });
    return id;
  }

  /** An entry that its person has just deleted. */
  async function freshlyGone(who: Who, projectId: string): Promise<string> {
    const entry = await record(world, who, '2026-04-01', 1, { projectId });
    await world.as(who).done('deleteEntry', { params: { id: entry.id }, version: entry.version });
    return entry.id;
  }

  // Crediting last: what was credited has nothing over the limit any more.
  const asked = (Object.values(endpoints) as unknown as Endpoint[])
    .filter((endpoint) => endpoint.path.startsWith('/f/'))
    .sort((a, b) => Number(a.name === 'creditInvoice') - Number(b.name === 'creditInvoice'));

  it('has its expectations, also when it is new', async () => {
    expect(Object.keys(EXPECTED).sort()).toEqual(asked.map((endpoint) => endpoint.name).sort());
    expect(Object.keys(REQUESTS).sort()).toEqual(asked.map((endpoint) => endpoint.name).sort());
  });

  for (const { name, path } of asked)
    it(`answers ${name} as the right and its reach say`, async () => {
      const request = REQUESTS[name as EndpointName] as Request<EndpointName>;
      const rows = [];
      for (const [who, set] of [
        ['staff', inside],
        ['bookkeeper', beyond],
      ] as const) {
        const timer = path.includes('/timers/:id') ? await freshTimer(who, set.project) : '';
        let row = '';
        for (const role of ROLES) {
          const gone = name === 'restoreEntry' ? await freshlyGone(who, set.project) : '';
          row += told(await world.as(role).call(name as EndpointName, request({ ...set, timer, gone }, world) as never));
        }
        rows.push(row);
      }
      expect(rows.join(' ')).toBe(EXPECTED[name as EndpointName]!);
    });
});
