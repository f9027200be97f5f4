import type {
  BillEntry,
  Entry,
  InvoiceDetail,
  InvoiceDocument,
  InvoiceRow,
  ReviewPerson,
  Timesheet,
} from '@yellowwood/contracts';
import { NO_FACTS, addDays, datesFrom, wireFacts } from '@yellowwood/core';
import { ME, TODAY, id } from './fake-server';

export const MONDAY = '2026-06-08';

/** An hour and a half of survey on the pier, recorded in the grid. */
export function entryOf(number: number, names: Partial<Entry> = {}): Entry {
  return {
    ...wireFacts(NO_FACTS),
    id: id(number),
    kind: 'time',
    personId: ME,
    date: MONDAY,
    projectId: id(20),
    taskId: id(30),
    serviceId: id(40),
    absenceCode: null,
    quantity: 5400,
    billable: true,
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
  };
}

export function weekOfEntries(entries: Entry[], names: Partial<Timesheet> = {}): Timesheet {
  return {
    personId: ME,
    personName: 'Anna Test',
    from: MONDAY,
    to: addDays(MONDAY, 6),
    zone: 'Europe/London',
    timesheetId: id(90),
    state: 'open',
    version: 1,
    entries,
    rows: [],
    timers: [],
    ways: ['timer', 'length', 'span'],
    days: datesFrom(MONDAY, addDays(MONDAY, 6)).map((date, index) => ({
      date,
      planned: index < 5 ? 27_000 : 0,
      dayStart: '08:00',
      dayEnd: '16:30',
      recorded: entries.filter((entry) => entry.date === date).reduce((sum, entry) => sum + entry.quantity, 0),
      gaps: [],
      overlaps: [],
    })),
    dayMaximum: 36_000,
    lockedUntil: null,
    submissions: [],
    byPolicy: 0,
    returned: null,
    may: { record: true, submit: true, correct: false },
    ...names,
  };
}

/** Somebody's clean week of twelve hours that waits. */
export function reviewed(number: number, name: string, names: Partial<ReviewPerson> = {}): ReviewPerson {
  return {
    personId: id(number),
    name,
    position: 'Surveyor',
    own: false,
    state: 'submitted',
    submittedAt: `${TODAY}T16:00:00.000Z`,
    note: '',
    planned: 135_000,
    recorded: 43_200,
    submitted: 43_200,
    inAll: names.recorded ?? 43_200,
    days: datesFrom(MONDAY, addDays(MONDAY, 6)).map((date, index) => ({
      date,
      recorded: index < 2 ? 21_600 : 0,
      billable: index < 2 ? 18_000 : 0,
      absent: null,
      looks: [],
    })),
    looks: [],
    clean: true,
    entries: [{ id: id(number * 100), version: 1 }],
    ...names,
  };
}

export function billEntry(number: number, names: Partial<BillEntry> = {}): BillEntry {
  return {
    id: id(number),
    kind: 'time',
    version: 1,
    date: MONDAY,
    personId: id(2),
    personName: 'Rosa Vane',
    projectId: id(20),
    taskId: id(30),
    taskName: 'Survey of piles',
    serviceName: 'Survey',
    note: '',
    recorded: 7200,
    seconds: 7200,
    rate: 900_000,
    minor: 18_000,
    ready: names.minor ?? 18_000,
    holdReason: null,
    problems: [],
    ...names,
  };
}

const party = { name: 'Harbour Trust', address: ['Quay 1'], country: 'GB', taxId: null, email: 'accounts@harbour.example' };

export function documentOf(names: Partial<InvoiceDocument> = {}): InvoiceDocument {
  return {
    kind: 'invoice',
    number: null,
    credits: null,
    reason: '',
    seller: { ...party, name: 'Firm', taxId: 'GB 1' },
    buyer: party,
    orderReference: '',
    issuedOn: null,
    supplyFrom: MONDAY,
    supplyTo: '2026-06-09',
    dueOn: null,
    paymentDays: 30,
    paymentDetails: 'Bank 1',
    writing: { dates: 'en-GB', numbers: 'en-GB', yearFirst: false },
    currency: 'GBP',
    lines: [
      {
        key: 'task',
        kind: 'time',
        text: 'Survey of piles',
        quantity: '4:00',
        price: '90.00',
        minor: 36_000,
        category: 'S',
        taxRate: 200_000,
        projectId: id(20),
        entries: 2,
      },
    ],
    net: 36_000,
    taxes: [{ category: 'S', name: 'VAT', rate: 200_000, base: 36_000, minor: 7200, reason: '' }],
    tax: 7200,
    gross: 43_200,
    taxInFirmCurrency: null,
    ...names,
  };
}

export function invoiceRow(number: number, names: Partial<InvoiceRow> = {}): InvoiceRow {
  return {
    id: id(number),
    kind: 'invoice',
    number: `T-${String(number).padStart(4, '0')}`,
    state: 'open',
    clientId: id(10),
    clientName: 'Harbour Trust',
    projects: ['Pier'],
    currency: 'GBP',
    issuedOn: '2026-06-01',
    dueOn: '2026-07-01',
    daysLate: -21,
    net: 36_000,
    gross: 43_200,
    settled: 0,
    open: 43_200,
    sentAt: '2026-06-01T10:00:00.000Z',
    lastPaid: null,
    version: 1,
    ...names,
  };
}

export function invoiceDetail(row: InvoiceRow, names: Partial<InvoiceDetail> = {}): InvoiceDetail {
  return {
    row,
    document: documentOf({ number: row.number }),
    payments: [],
    may: { pay: true, send: false, void: false, credit: true },
    rounding: [],
    wish: null,
    ...names,
  };
}
