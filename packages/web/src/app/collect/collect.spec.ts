import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { InvoiceList } from '@yellowwood/contracts';
import { Refresh } from '../state/refresh';
import { FakeServer, Page, id, open } from '../testing/fake-server';
import { invoiceDetail, invoiceRow } from '../testing/fixtures';
import { CollectScreen } from './collect';

const NO_AGES = { 'not-due': 0, '1-30': 0, '31-60': 0, '61-90': 0, 'over-90': 0 };
const LIST: InvoiceList = {
  invoices: [
    invoiceRow(1, { state: 'late', daysLate: 41, dueOn: '2026-04-30' }),
    invoiceRow(2, { state: 'part paid', settled: 10_000, open: 33_200, lastPaid: '2026-06-05', sentAt: null }),
    invoiceRow(3, { currency: 'EUR', daysLate: 0 }),
    invoiceRow(4, { number: null, state: 'draft', issuedOn: null, dueOn: null }),
  ],
  nextCursor: null,
  ageing: [
    { currency: 'GBP', buckets: { ...NO_AGES, 'not-due': 33_200, '31-60': 43_200 }, open: 76_400, count: 2 },
    { currency: 'EUR', buckets: { ...NO_AGES, 'not-due': 43_200 }, open: 43_200, count: 1 },
  ],
  credit: [{ clientId: id(10), clientName: 'Harbour Trust', currency: 'GBP', minor: 1500 }],
};

describe('the list of invoices', () => {
  let page: Page<CollectScreen>;

  async function list(url = '/f/f/collect', prepare: (server: FakeServer) => void = () => undefined): Promise<void> {
    page = await open(CollectScreen, {
      url,
      roles: ['bookkeeper'],
      prepare: (server) => {
        server
          .on('listInvoices', () => LIST)
          .on('readInvoice', ({ params }) => invoiceDetail(invoiceRow(1, { id: params['id']! })));
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());

  const rows = () => page.texts('tbody tr');

  it('says the age and state of each in words, money of another currency with its name', async () => {
    await list();
    expect(page.text('.head .quiet')).toBe('£764.00 in 2, €432.00 in 1');
    expect(rows()[0]).toContain('41 days late');
    expect(rows()[1]).toContain('part paid, due in 21 days');
    expect(rows()[1]).toContain('not sent yet, part paid');
    expect(rows()[2]).toContain('€432.00');
    expect(rows()[2]).toContain('due today');
    expect(rows()[0]).toContain('£432.00');
    expect(rows()[3]).toContain('Draft');
  });

  it('ages what is open by currency, never added up', async () => {
    await list();
    expect(page.texts('.ages')).toEqual(['£332.00 not yet due£432.00 31 to 60 days', '€432.00 not yet due']);
    expect(page.element.querySelectorAll('.age').length).toBe(2);
    expect(page.text('.credit')).toBe('Harbour Trust has a credit of £15.00: paid beyond its invoices.');
  });

  it('asks for what is shown, and keeps it in the address', async () => {
    await list(`/f/f/collect?scope=client:${id(10)}`);
    await page.press('All');
    expect(page.server.to('listInvoices').at(-1)!.query).toEqual({ scope: `client:${id(10)}`, show: 'all' });
    expect(TestBed.inject(Router).url).toContain('show=all');
    expect(page.text('h1')).toBe('All invoices');
    expect(page.element.querySelector('.age')).toBeNull();
  });

  it('says that there is more, and reads on when asked; a refresh keeps what is shown', async () => {
    await list('/f/f/collect?show=all', (server) =>
      server.on('listInvoices', ({ query }) => ({
        ...LIST,
        invoices: [invoiceRow(query.cursor ? 2 : 1)],
        nextCursor: query.cursor ? null : 'after 1',
      })),
    );
    const cursors = () => page.server.to('listInvoices').map((sent) => sent.query.cursor ?? null);
    expect([cursors(), rows().length]).toEqual([[null], 1]);
    expect(page.text('.more')).toContain('These are the first 1.');
    await page.press('Show more');
    await page.settle();
    expect([cursors(), rows().length]).toEqual([[null, null, 'after 1'], 2]);
    expect(document.activeElement).toBe(page.element.querySelectorAll('tbody tr')[1]!);
    expect(page.element.querySelector('.more')).toBeNull();
    TestBed.inject(Refresh).written();
    await page.settle();
    expect(rows().length).toBe(2);
    await page.press('Drafts');
    await page.settle();
    expect(rows().length).toBe(1);
  });

  it('opens an invoice by click or by keys, with its document below', async () => {
    await list();
    const [first, second] = [...page.element.querySelectorAll<HTMLElement>('tbody tr')];
    first!.focus();
    await page.key(first!, 'ArrowDown');
    expect(document.activeElement).toBe(second!);
    await page.key(second!, 'Enter');
    expect(TestBed.inject(Router).url).toContain(`sel=invoice:${id(2)}`);
    await page.settle();
    expect(page.text('yw-invoice-paper h2')).toBe('T-0001');
    expect(page.element.querySelector('yw-invoice-paper a')!.getAttribute('href')).toBe(`/api/f/f/invoices/${id(2)}/pdf`);
    expect(page.element.querySelectorAll('tr.chosen').length).toBe(1);
  });

  it('says what stands here when nothing is open', async () => {
    await list('/f/f/collect?show=drafts', (server) =>
      server.on('listInvoices', () => ({ invoices: [], nextCursor: null, ageing: [], credit: [] })),
    );
    expect(rows()).toEqual(['No draft is kept.']);
  });

  it('says nothing of ages and pages that there are not', async () => {
    await list('/f/f/collect', (server) =>
      server.on('listInvoices', () => ({ invoices: [invoiceRow(1)], nextCursor: null, ageing: [], credit: [] })),
    );
    expect(page.text()).toBe(
      'Open invoicesOpenAllDraftsColumns and files Invoice Client Issued Due Total, GBP Open, GBP State T-0001 Harbour TrustPier1 Jun1 Jul432.00432.00due in 21 dayssent Total of 1 invoice 432.00432.00',
    );
  });
});
