import type { Entry, Timesheet } from '@yellowwood/contracts';
import { copyText, gridOf, isLocked, pastedCells, rowKey } from './week-model';

const entry = (id: string, date: string, names: Partial<Entry> = {}): Entry => ({
  id,
  kind: 'time',
  personId: 'me',
  date,
  projectId: 'p',
  taskId: 't',
  serviceId: 's',
  absenceCode: null,
  quantity: 3600,
  billable: true,
  note: '',
  explanation: '',
  stage: 'recorded',
  billingState: 'to bill',
  holdReason: null,
  inDraft: false,
  origin: 'grid',
  startAt: null,
  endAt: null,
  startClock: null,
  endClock: null,
  breakSeconds: 0,
  problems: [],
  lagDays: 0,
  late: false,
  changedByOther: false,
  returned: null,
  version: 1,
  ...names,
});
const week = (entries: Entry[], rows: Timesheet['rows'] = [], state: Timesheet['state'] = 'open'): Timesheet => ({
  personId: 'me',
  personName: 'Me',
  from: '2026-06-08',
  to: '2026-06-14',
  zone: 'Europe/London',
  timesheetId: null,
  state,
  version: null,
  entries,
  rows,
  timers: [],
  ways: ['timer', 'length', 'span'],
  days: [],
  dayMaximum: 36_000,
  lockedUntil: null,
  submissions: [],
  byPolicy: 0,
  returned: null,
  may: { record: true, submit: true, correct: false },
});

describe('the week as a grid', () => {
  it('has a row for each combination of project, task, service and billable, and sums its cells', () => {
    const rows = gridOf(
      week([
        entry('a', '2026-06-08'),
        entry('b', '2026-06-08', { quantity: 1800 }),
        entry('c', '2026-06-09', { billable: false }),
        entry('x', '2026-06-09', { kind: 'absence' }),
      ]),
    );
    expect(rows.map((row) => [row.billable, row.total, row.cells[0]!.total])).toEqual([
      [true, 5400, 5400],
      [false, 3600, 0],
    ]);
  });

  it('takes nothing on days that the firm has locked', () => {
    const locked = { ...week([entry('a', '2026-06-08'), entry('b', '2026-06-10')]), lockedUntil: '2026-06-09' };
    expect(gridOf(locked)[0]!.cells.map(({ typeable }) => typeable)).toEqual([false, false, true, true, true, true, true]);
    expect([isLocked(locked, '2026-06-09'), isLocked(locked, '2026-06-10'), isLocked(week([]), '2026-06-09')]).toEqual([
      ...[true, false, false],
    ]);
  });

  it('shows rows that were brought without hours once, also when they have hours', () => {
    const brought = { projectId: 'p', taskId: 't', serviceId: 's', billable: true };
    expect(gridOf(week([entry('a', '2026-06-08')], [brought, { ...brought, serviceId: 'other' }])).map((row) => row.key)).toEqual(
      [rowKey(brought), rowKey({ ...brought, serviceId: 'other' })],
    );
  });

  it('lets typing change one entry without a span, and opens everything else', () => {
    const typeable = (entries: Entry[], state: Timesheet['state'] = 'open') =>
      gridOf(week(entries, [], state))[0]!.cells[0]!.typeable;
    expect(typeable([entry('a', '2026-06-08')])).toBeTrue();
    expect(typeable([entry('a', '2026-06-08', { startAt: '2026-06-08T07:00:00Z' })])).toBeFalse();
    expect(typeable([entry('a', '2026-06-08'), entry('b', '2026-06-08')])).toBeFalse();
    expect(typeable([entry('a', '2026-06-08', { stage: 'approved' })])).toBeFalse();
    expect(gridOf(week([entry('a', '2026-06-08')], [], 'submitted'))[0]!.cells[1]!.typeable).toBeFalse();
  });

  it('marks a cell by its earliest stage, its notes, returns and problems', () => {
    const [row] = gridOf(
      week([
        entry('a', '2026-06-08', { stage: 'approved', note: 'x' }),
        entry('b', '2026-06-08', { returned: { by: 'M', at: '', reason: 'r' }, problems: ['no-rate'] }),
        entry('c', '2026-06-09', { problems: ['overlap'] }),
      ]),
    );
    expect([row!.cells[0]!.stage, row!.cells[0]!.noted, row!.cells[0]!.returned, row!.cells[0]!.problems]).toEqual([
      'recorded',
      true,
      true,
      false,
    ]);
    expect(row!.cells[1]!.problems).toBeTrue();
  });

  it('copies to and from a spreadsheet', () => {
    const rows = gridOf(week([entry('a', '2026-06-08'), entry('b', '2026-06-09', { quantity: 5400, taskId: 'u' })]));
    expect(copyText(rows, { row: 0, toRow: 1, column: 0, toColumn: 1 }, (value) => String(value / 3600))).toBe('1\t\n\t1.5');
    expect(pastedCells('1:00\t\r\n\t 1.5 \r\n')).toEqual([
      ['1:00', ''],
      ['', '1.5'],
    ]);
  });
});
