import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Page, id, open } from '../testing/fake-server';
import { documentOf, entryOf, invoiceDetail, invoiceRow } from '../testing/fixtures';
import { CollectScreen } from './collect';

describe('an issued invoice', () => {
  let page: Page<CollectScreen>;

  beforeEach(async () => {
    page = await open(CollectScreen, {
      url: `/f/f/collect?sel=invoice:${id(1)}`,
      roles: ['bookkeeper'],
      prepare: (server) =>
        server
          .on('listInvoices', () => ({ invoices: [invoiceRow(1)], nextCursor: null, ageing: [], credit: [] }))
          .on('readInvoice', () => ({ ...invoiceDetail(invoiceRow(1)), document: documentOf() }))
          .on('readLineEntries', () => ({
            entries: [
              { entry: entryOf(50, { note: 'Low tide' }), quantity: 5400, minor: 13_500 },
              { entry: entryOf(51), quantity: 1800, minor: 4500 },
            ],
            count: 3,
          })),
    });
    await page.settle(30);
  });
  afterEach(() => page.element.remove());

  const table = '[aria-label^="Entries of"]';
  const url = () => decodeURIComponent(TestBed.inject(Router).url);

  it('leads from each line to its entries, their why, and stays open meanwhile', async () => {
    const line = page.element.querySelector<HTMLButtonElement>('yw-paper tbody button')!;
    line.click();
    await page.settle(30);
    expect(line.getAttribute('aria-expanded')).toBe('true');
    const { key } = documentOf().lines[0]!;
    expect(page.server.to('readLineEntries')[0]!.params).toEqual(jasmine.objectContaining({ id: id(1), line: key }));
    expect(page.texts(`${table} tbody tr`)[0]).toContain('1:30');
    expect(page.texts(`${table} tfoot td`).slice(-2)).toEqual(['2:00', '180.00']);
    expect(page.text('yw-invoice-paper section .quiet')).toBe('1 more that you may not see');
    expect(document.activeElement!.tagName).toBe('SECTION');
    await TestBed.inject(Router).navigateByUrl(`/f/f/collect?doc=${id(1)}&sel=invoice:${id(1)}`);
    await page.settle(30);
    await page.key(page.element.querySelector(`${table} tbody tr`)!, 'Enter');
    await page.settle(30);
    expect(url()).toContain(`sel=entry:${id(50)}`);
    expect(page.element.querySelector(table)).not.toBeNull();
    line.click();
    await page.settle(30);
    expect(page.element.querySelector(table)).toBeNull();
  });

  it('opens no line of another invoice', async () => {
    page.element.querySelector<HTMLButtonElement>('yw-paper tbody button')!.click();
    await page.settle(30);
    expect(page.element.querySelector(table)).not.toBeNull();
    await TestBed.inject(Router).navigateByUrl(`/f/f/collect?sel=invoice:${id(2)}`);
    await page.settle(30);
    expect([page.element.querySelector('yw-paper') !== null, page.element.querySelector(table)]).toEqual([true, null]);
  });

  it('leads to its client and to its projects', async () => {
    await page.press('Pier');
    expect(url()).toBe(`/f/f/collect?scope=project:${id(20)}`);
    page.element.remove();
  });
});
