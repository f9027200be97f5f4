import type { HistoryEvent } from '@yellowwood/contracts';
import { Page, id, open, refusal } from '../testing/fake-server';
import { History } from './history';

function event(number: number, names: Partial<HistoryEvent>): HistoryEvent {
  return {
    id: id(number),
    at: '2026-06-10T09:00:00.000Z',
    by: 'Rosa Vane',
    action: 'entry changed',
    reason: '',
    before: null,
    after: null,
    ...names,
  };
}

describe('a history', () => {
  let page: Page<History>;
  afterEach(() => page.element.remove());

  async function history(...events: HistoryEvent[]) {
    page = await open(History, {
      url: '/f/f/record',
      roles: ['owner'],
      inputs: { id: id(50), currency: 'EUR' },
      prepare: (server) => server.on('readHistory', () => ({ events })),
    });
  }

  it('tells amounts in the currency of what it is the history of', async () => {
    await history(event(1, { action: 'payment recorded', before: { settled: 0 }, after: { settled: 5000 } }));
    expect(page.text('small')).toBe('Settled €50.00, was €0.00');
  });

  it('tells what was agreed in the currency of that', async () => {
    await history(
      event(1, {
        action: 'agreement changed',
        before: { limit: null, rate: 900_000, agreedFrom: null, method: 'time and materials', currency: 'GBP' },
        after: { limit: 500_000, rate: null, agreedFrom: '2026-06-01', method: 'not billable', currency: 'GBP' },
      }),
    );
    expect(page.text('li')).toContain('Rosa Vane changed the agreement');
    expect(page.texts('small')).toEqual([
      'Limit: £5,000.00',
      'Rate taken away, was 90.00',
      'From: Mon 1 Jun',
      'Charged not billable, was time and materials',
    ]);
  });

  it('says who did what, why, and what changed from what to what, in words and units', async () => {
    await history(
      event(1, { action: 'entry recorded', after: { quantity: 5400, note: 'x' } }),
      event(2, {
        reason: 'which pier?',
        before: { quantity: 5400, note: '', billable: true, valueMinor: 13_500, rate: 900_000, project: 'Pier' },
        after: {
          quantity: 7200,
          note: 'Low tide',
          billable: false,
          valueMinor: 18_000,
          rate: 925_000,
          project: 'Quay',
          valueCurrency: 'EUR',
          kind: 'time',
        },
      }),
    );
    expect(page.texts('li')[0]).toContain('Rosa Vane recorded the entry');
    expect(page.text('q')).toBe('which pier?');
    expect(page.texts('small')).toEqual([
      'Time 2:00, was 1:30',
      'Note: Low tide',
      'Now not billable',
      'Value €180.00, was €135.00',
      'Rate 92.50, was 90.00',
      'Project Quay, was Pier',
    ]);
  });

  it('says what was taken away, and moments and days by the calendar', async () => {
    await history(
      event(1, {
        action: 'released over the limit',
        before: { note: 'x', sentAt: null, workDate: '2026-06-09' },
        after: { note: '', sentAt: '2025-06-10T09:00:00.000Z', workDate: '2026-06-08' },
      }),
    );
    expect(page.text('li')).toContain('Rosa Vane: released over the limit');
    expect(page.texts('small')).toEqual([
      'Note taken away, was x',
      'Sent: Tue, 10 Jun 2025, 10:00',
      'Date Mon 8 Jun, was Tue 9 Jun',
    ]);
  });

  it('keeps a text that somebody typed a text', async () => {
    await history(event(1, { before: { note: '' }, after: { note: '<b>bold</b>' } }));
    expect(page.text('small')).toBe('Note: <b>bold</b>');
    expect(page.element.querySelector('small b')).toBeNull();
  });

  it('says that there is nothing yet, and why it cannot be read', async () => {
    await history();
    expect(page.texts('li')).toEqual(['Nothing yet.']);
    page.server.on('readHistory', () => refusal(404, 'subject-unknown', 'There is no such entry or invoice.'));
    page.fixture.componentRef.setInput('version', 2);
    await page.settle();
    expect(page.texts('li')).toEqual(['There is no such entry or invoice.']);
  });
});
