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
    expect(page.text('small')).toContain('€0.00 → €50.00');
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
    expect(page.texts('li')[0]).toContain('entry recorded, Rosa Vane');
    expect(page.text('q')).toBe('which pier?');
    expect(page.texts('small')).toEqual([
      'time: 1:30 → 2:00',
      'note: none → Low tide',
      'billable: yes → no',
      'value: €135.00 → €180.00',
      'rate: 90.00 → 92.50',
      'project: Pier → Quay',
    ]);
  });

  it('keeps a text that somebody typed a text', async () => {
    await history(event(1, { before: { note: '' }, after: { note: '<b>bold</b>' } }));
    expect(page.text('small')).toBe('note: none → <b>bold</b>');
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
