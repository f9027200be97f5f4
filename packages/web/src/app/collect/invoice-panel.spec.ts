import { Formats } from '../state/formats';
import { TestBed } from '@angular/core/testing';
import type { InvoiceDetail } from '@yellowwood/contracts';
import { Refresh } from '../state/refresh';
import { FakeServer, Page, TODAY, id, open, refusal } from '../testing/fake-server';
import { invoiceDetail, invoiceRow } from '../testing/fixtures';
import { InvoicePanel } from './invoice-panel';

describe('one invoice', () => {
  let page: Page<InvoicePanel>;

  async function panel(
    detail: InvoiceDetail,
    prepare: (server: FakeServer) => void = () => undefined,
    role: 'bookkeeper' | 'manager' = 'bookkeeper',
  ) {
    page = await open(InvoicePanel, {
      url: '/f/f/collect',
      roles: [role],
      inputs: { id: detail.row.id },
      prepare: (server) => {
        server.on('readInvoice', () => detail).on('readHistory', () => ({ events: [] }));
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());

  const form = 'form.fields ';
  const pay = () => page.element.querySelector<HTMLFormElement>('form.fields')!.requestSubmit();

  it('offers what is open as the payment, received today', async () => {
    await panel(invoiceDetail(invoiceRow(1, { settled: 10_000, open: 33_200 })));
    expect(page.element.querySelector<HTMLInputElement>(`${form} input[inputmode]`)!.value).toBe('332.00');
    expect(page.element.querySelector<HTMLInputElement>(`${form} yw-date-field input`)!.value).toBe(
      TestBed.inject(Formats).whole(TODAY),
    );
    expect(page.text(`${form} button[type=submit]`)).toBe('Record £332.00');
  });

  it('offers only what may be done with it', async () => {
    const none = { pay: false, send: false, void: false, credit: false };
    const buttons = () => page.texts('button').filter((text) => /Mark as sent|Record|Void|Credit/.test(text));
    await panel(invoiceDetail(invoiceRow(1), { may: none }));
    expect(buttons()).toEqual([]);
  });

  it('offers all of it where all of it may be done', async () => {
    const all = { pay: true, send: true, void: true, credit: true };
    await panel(invoiceDetail(invoiceRow(1), { may: all }));
    expect(page.texts('button').filter((text) => /Mark as sent|^Record|Void|Credit/.test(text))).toEqual([
      ...['Mark as sent', 'Record £432.00', 'Void', 'Credit in full'],
    ]);
  });

  it('offers to void what was never sent, and to credit what was: either without the other', async () => {
    const none = { pay: false, send: false, void: false, credit: false };
    const ends = () => page.texts('button').filter((text) => /Void|Credit/.test(text));
    await panel(invoiceDetail(invoiceRow(1), { may: { ...none, void: true } }));
    expect(ends()).toEqual(['Void']);
    page.element.remove();
    TestBed.resetTestingModule();
    await panel(invoiceDetail(invoiceRow(1), { may: { ...none, credit: true } }));
    expect(ends()).toEqual(['Credit in full']);
  });

  it('says which line is not the sum of its entries to the cent, and why', async () => {
    await panel(invoiceDetail(invoiceRow(1), { rounding: [{ key: 'task', minor: -1 }] }));
    expect(page.text('.rounding')).toContain('Survey of piles');
    expect(page.text('.rounding b')).toMatch(/^[-−]£0\.01$/);
    expect(page.text()).toContain('A line is rounded as a whole');
  });

  it('says nothing of rounding where there is none', async () => {
    await panel(invoiceDetail(invoiceRow(1)));
    expect(page.text()).not.toContain('rounded');
  });

  it('records a part payment once, and says so', async () => {
    const after = invoiceDetail(invoiceRow(1, { settled: 10_000, open: 33_200, state: 'part paid' }));
    await panel(invoiceDetail(invoiceRow(1)), (server) =>
      server.on('recordPayment', () => (server.on('readInvoice', () => after), after)),
    );
    await page.type(`${form} input[inputmode]`, '100');
    await page.type(`${form} input[maxlength]`, ' HT 55 ');
    pay();
    await page.settle(30);
    const [sent] = page.server.to('recordPayment');
    expect(sent!.body).toEqual({ id: sent!.body.id, invoiceId: id(1), minor: 10_000, receivedOn: TODAY, reference: 'HT 55' });
    expect(page.notice()).toContain('£100.00 recorded on T-0001');
    expect(page.text('dl')).toContain('Open£332.00');
  });

  it('says before what an amount does: what it leaves open, settles, or gives the client as credit', async () => {
    await panel(invoiceDetail(invoiceRow(1)));
    const leaves = () => page.text('form .hint');
    expect(leaves()).toBe('settles it');
    await page.type(`${form} input[inputmode]`, '100');
    expect(leaves()).toBe('leaves £332.00 open');
    await page.type(`${form} input[inputmode]`, '500.50');
    expect(leaves()).toBe('£68.50 over: the client’s credit');
    await page.type(`${form} input[inputmode]`, 'all');
    expect(leaves()).toBe('');
  });

  it('records once what is pressed twice, and carries nothing over to another invoice', async () => {
    let answer = () => undefined as void;
    await panel(invoiceDetail(invoiceRow(1)), (server) => server.on('recordPayment', () => invoiceDetail(invoiceRow(1))));
    await page.type(`${form} input[inputmode]`, '100');
    await page.type(`${form} input[maxlength]`, 'HT 55');
    page.server.onTheWay = () => new Promise<void>((resolve) => (answer = resolve));
    pay();
    pay();
    answer();
    page.server.onTheWay = () => Promise.resolve();
    await page.settle(20);
    expect(page.server.to('recordPayment').length).toBe(1);
    await page.type(`${form} input[maxlength]`, 'HT 56');
    page.server.on('readInvoice', () => invoiceDetail(invoiceRow(2)));
    page.fixture.componentRef.setInput('id', id(2));
    await page.settle(20);
    const typed = [...page.element.querySelectorAll<HTMLInputElement>(`${form} input`)].map((box) => box.value);
    expect(typed.slice(1)).toEqual(['432.00', '']);
  });

  it('keeps what is typed through a refresh, and offers what is open anew when that has changed', async () => {
    const amount = () => page.element.querySelector<HTMLInputElement>(`${form} input[inputmode]`)!.value;
    const refreshed = async (open: number) => {
      page.server.on('readInvoice', () => invoiceDetail(invoiceRow(1, { open, version: 9 })));
      TestBed.inject(Refresh).written();
      await page.settle(20);
    };
    await panel(invoiceDetail(invoiceRow(1)));
    await page.type(`${form} input[inputmode]`, '100');
    await refreshed(43_200);
    expect(amount()).toBe('100');
    await page.type(`${form} input[maxlength]`, 'HT 55');
    await page.type(`${form} input[inputmode]`, '0');
    page.server.on('recordPayment', () => refusal(409, 'invoice-stale', 'Somebody recorded another payment.'));
    await page.type(`${form} input[inputmode]`, '50');
    pay();
    await page.settle(20);
    expect(page.refused()).toContain('another payment');
    await refreshed(33_200);
    // Only the amount is offered anew; what was refused of the one before is over.
    expect([amount(), page.element.querySelector<HTMLInputElement>(`${form} input[maxlength]`)!.value, page.refused()]).toEqual([
      ...['332.00', 'HT 55', ''],
    ]);
  });

  it('tells that what is paid beyond the invoice is the client’s credit', async () => {
    await panel(invoiceDetail(invoiceRow(1)), (server) =>
      server.on('recordPayment', () => invoiceDetail(invoiceRow(1, { open: 0, state: 'paid' }))),
    );
    await page.type(`${form} input[inputmode]`, '500');
    pay();
    await page.settle(30);
    expect(page.notice()).toContain('£68.00 of it as the client');
  });

  it('refuses what is no amount, with an example, and sends nothing', async () => {
    await panel(invoiceDetail(invoiceRow(1)));
    for (const wrong of ['lots', '0', '-5', '12.345']) {
      await page.type(`${form} input[inputmode]`, wrong);
      pay();
      await page.settle();
      expect(page.text('.field-error')).withContext(wrong).toContain('432.00');
    }
    expect(page.server.to('recordPayment').length).toBe(0);
  });

  it('repeats a payment that may have arrived under the same id', async () => {
    let answers = 0;
    await panel(invoiceDetail(invoiceRow(1)), (server) =>
      server.on('recordPayment', () =>
        answers++ === 0
          ? refusal(503, 'busy', 'Try again in a moment.')
          : invoiceDetail(invoiceRow(1, { open: 0, state: 'paid' })),
      ),
    );
    pay();
    await page.settle(30);
    expect(page.text('.field-error')).toBe('Try again in a moment.');
    pay();
    await page.settle(30);
    const [first, second] = page.server.to('recordPayment');
    expect(first!.body.id).toBe(second!.body.id);
  });

  const PAID = invoiceDetail(invoiceRow(1, { settled: 43_200, open: 0, state: 'paid' }), {
    payments: [
      {
        id: id(80),
        paymentId: id(81),
        kind: 'payment',
        minor: 43_200,
        receivedOn: TODAY,
        reference: 'HT 55',
        by: 'Yuki Farrow',
        live: true,
        creditNumber: null,
      },
      {
        id: id(82),
        paymentId: id(83),
        kind: 'payment',
        minor: 100,
        receivedOn: TODAY,
        reference: '',
        by: 'Yuki Farrow',
        live: false,
        creditNumber: null,
      },
    ],
    may: { pay: false, send: false, void: false, credit: true },
  });

  it('names the reference of a payment where it has one', async () => {
    const [payment] = PAID.payments;
    await panel({ ...PAID, payments: [payment!, { ...payment!, id: id(83), reference: '' }] });
    expect(page.texts('dl small')).toEqual(['HT 55']);
  });

  it('reverses a payment with a reason; one that is reversed is struck out', async () => {
    await panel(PAID, (server) => server.on('reversePayment', () => null));
    expect(page.element.querySelectorAll('dt.gone').length).toBe(1);
    expect(page.texts('dd button')).toEqual(['Reverse']);
    await page.press('Reverse');
    await page.answer('Reverse payment', 'it was for another firm');
    expect([page.server.to('reversePayment')[0]!.params['id'], page.server.to('reversePayment')[0]!.body]).toEqual([
      id(81),
      { reason: 'it was for another firm' },
    ]);
  });

  it('credits in full, telling what becomes of what was paid', async () => {
    await panel(PAID, (server) => server.on('creditInvoice', () => invoiceDetail(invoiceRow(2, { kind: 'credit note' }))));
    await page.press('Credit in full');
    await page.settle(20);
    expect(document.querySelector('mat-dialog-container')!.textContent).toContain('What was paid becomes the client’s credit.');
    await page.answer('Credit invoice', 'wrong month');
    expect(page.server.to('creditInvoice')[0]!.body.reason).toBe('wrong month');
    expect(page.notice()).toContain('T-0001 is credited');
  });

  it('voids what was never sent, and marks as sent', async () => {
    const unsent = invoiceDetail(invoiceRow(1, { sentAt: null }), { may: { pay: true, send: true, void: true, credit: false } });
    await panel(unsent, (server) => server.on('voidInvoice', () => unsent).on('markSent', () => unsent));
    await page.press('Void');
    await page.answer('Void invoice', 'twice the same');
    expect(page.server.to('voidInvoice')[0]!.body).toEqual({ reason: 'twice the same' });
    await page.press('Mark as sent');
    expect(page.server.to('markSent').length).toBe(1);
  });

  it('offers no command to somebody who only reads', async () => {
    await panel({ ...PAID, may: { pay: false, send: false, void: false, credit: false } }, () => undefined, 'manager');
    expect(page.texts('button')).toEqual([]);
  });

  it('says nothing of what there is not', async () => {
    const none = { pay: false, send: false, void: false, credit: false };
    await panel(invoiceDetail(invoiceRow(1), { may: none, payments: [] }), undefined, 'manager');
    expect(page.text()).toBe(
      'T-0001 Harbour Trust, £360.00 net and £72.00 tax Total£432.00Open£432.00StateopenHistoryNothing yet.',
    );
  });

  it('has neither open amount nor payments of a draft', async () => {
    const none = { pay: false, send: false, void: false, credit: false };
    await panel(invoiceDetail(invoiceRow(1, { state: 'draft', number: null }), { may: none, payments: [] }));
    expect(page.text()).toBe('Draft Harbour Trust, £360.00 net and £72.00 tax Total£432.00StatedraftHistoryNothing yet.');
  });
});
