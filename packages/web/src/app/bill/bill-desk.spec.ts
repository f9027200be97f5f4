import type { BillDesk, DraftPreview } from '@yellowwood/contracts';
import { FakeServer, Page, TODAY, id, open, refusal } from '../testing/fake-server';
import { billEntry, documentOf, invoiceDetail, invoiceRow } from '../testing/fixtures';
import { BillDeskScreen } from './bill-desk';

const PREVIEW: DraftPreview = { document: documentOf(), nextNumber: 'T-0007', limits: [], rounding: 0 };

function deskOf(names: Partial<BillDesk> = {}): BillDesk {
  return {
    clientId: id(10),
    clientName: 'Harbour Trust',
    currency: 'GBP',
    upTo: TODAY,
    projects: [
      {
        id: id(20),
        name: 'Pier',
        method: 'time and materials',
        limit: null,
        billedNet: 100_000,
        paidNet: 40_000,
        submittedMinor: 0,
      },
    ],
    entries: [billEntry(50), billEntry(51, { date: '2026-06-09' })],
    notHere: { recorded: 0, submitted: 0, notBillable: 0, later: 0, inDrafts: 0 },
    drafts: [],
    ...names,
  };
}

describe('the bill desk', () => {
  let page: Page<BillDeskScreen>;

  async function desk(
    names: Partial<BillDesk> = {},
    prepare: (server: FakeServer) => void = () => undefined,
    role: 'bookkeeper' | 'manager' = 'bookkeeper',
  ) {
    page = await open(BillDeskScreen, {
      url: `/f/f/bill?scope=project:${id(20)}`,
      roles: [role],
      prepare: (server) => {
        server.on('readBillDesk', () => deskOf(names)).on('previewInvoice', () => PREVIEW);
        prepare(server);
      },
    });
    await page.settle(180);
  }
  afterEach(() => page.element.remove());

  const wish = () => page.server.to('previewInvoice').at(-1)!.body;
  const ticked = () => [...page.element.querySelectorAll<HTMLInputElement>('mat-checkbox input')].map((box) => box.checked);

  it('bills everything that is approved until somebody leaves something out, and shows the document at once', async () => {
    await desk();
    expect(wish()).toEqual({
      clientId: id(10),
      upTo: TODAY,
      grouping: 'task',
      entries: [{ id: id(50) }, { id: id(51) }],
      texts: [],
    });
    expect(page.text('yw-paper')).toContain('To pay, GBP432.00');
    await page.press(/Survey of piles/);
    page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')[1]!.click();
    await page.settle(180);
    expect(wish().entries).toEqual([{ id: id(50) }]);
    expect(page.server.to('readBillDesk')[0]!.query).toEqual({ scope: `project:${id(20)}`, upTo: TODAY });
  });

  it('asks for one preview when several ticks follow each other', async () => {
    await desk();
    const before = page.server.to('previewInvoice').length;
    await page.press(/Survey of piles/);
    for (const box of page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')) box.click();
    for (const box of page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')) box.click();
    await page.settle(200);
    expect(page.server.to('previewInvoice').length - before).toBeLessThanOrEqual(1);
  });

  it('has no document when nothing is chosen', async () => {
    await desk();
    page.element.querySelector<HTMLInputElement>('.grp.top mat-checkbox input')!.click();
    await page.settle(180);
    expect(page.element.querySelector('yw-paper')).toBeNull();
    expect(page.text('.nothing')).toContain('Choose entries');
    expect(page.button('Issue invoice').disabled).toBeTrue();
    expect(ticked().some(Boolean)).toBeFalse();
  });

  it('keeps held and unpriced time apart and off the document, each with what to do', async () => {
    await desk({
      entries: [
        billEntry(50),
        billEntry(51, { holdReason: 'Client asked to wait' }),
        billEntry(52, { rate: null, minor: null, personName: 'Ben Holt' }),
      ],
    });
    expect(wish().entries).toEqual([{ id: id(50) }]);
    expect(page.texts('.card .grp:not(.top) .open').map((text) => text.replace(/\d.*/, ''))).toEqual([
      'Survey of pilesPier, ',
      'Held back',
      'Without a rate',
    ]);
    await page.press(/Held back/);
    expect(page.text('.sub .wrong')).toBe('Held: Client asked to wait');
    page.server.on('releaseEntries', () => ({ changed: 1 }));
    await page.press('Release');
    expect(page.server.to('releaseEntries')[0]!.body).toEqual({ entries: [{ id: id(51), version: 1 }] });
    await page.press(/Without a rate/);
    expect(page.button('Type a rate')).toBeTruthy();
  });

  it('names what is not here, and why', async () => {
    await desk({ notHere: { recorded: 3600, submitted: 7200, notBillable: 900, later: 5400, inDrafts: 1800 } });
    expect(page.texts('.rest span')).toEqual([
      '1:00 not yet submitted',
      '2:00 waiting for review',
      '0:15 not billable',
      '1:30 after that date',
      '0:30 in drafts',
    ]);
  });

  it('shows where the money of a project stands, up to its limit', async () => {
    await desk({
      projects: [
        {
          id: id(20),
          name: 'Pier',
          method: 'time and materials',
          limit: 200_000,
          billedNet: 100_000,
          paidNet: 40_000,
          submittedMinor: 10_000,
        },
      ],
    });
    expect(page.text('.head .quiet')).toBe('Harbour Trust, time and materials, up to £2,000.00');
    expect(page.texts('.legend span')).toEqual([
      '£400 paid',
      '£600 billed',
      '£360 to bill',
      '£100 in review',
      '£540 left under the limit',
    ]);
  });

  it('tells what a limit takes off', async () => {
    await desk({}, (server) =>
      server.on('previewInvoice', () => ({
        ...PREVIEW,
        limits: [{ projectId: id(20), limit: 100_000, usedBefore: 90_000, net: 10_000, over: 26_000 }],
      })),
    );
    expect(page.text('.told')).toContain('£260.00 is over the agreed limit of £1,000.00');
  });

  it('asks before it issues, then keeps a draft, issues it with the confirmed total and goes to it', async () => {
    await desk({}, (server) =>
      server
        .on('createDraft', ({ body }) => invoiceDetail(invoiceRow(7, { id: body.id, number: null, state: 'draft', version: 3 })))
        .on('issueInvoice', ({ params }) => invoiceDetail(invoiceRow(7, { id: params['id']! }))),
    );
    await page.press('Issue invoice');
    await page.settle(20);
    const asked = document.querySelector('mat-dialog-container')!.textContent!;
    expect(asked).toContain('Issue T-0007?');
    expect(asked).toContain('£432.00 to pay, £360.00 without tax');
    await page.answer('Cancel');
    expect(page.server.to('createDraft').length).toBe(0);
    await page.press('Issue invoice');
    await page.answer('Issue invoice');
    await page.settle(50);
    const draft = page.server.to('createDraft')[0]!.body;
    expect(draft.wish).toEqual(wish());
    expect(page.server.to('issueInvoice')[0]!.params['id']).toBe(draft.id);
    expect(page.server.to('issueInvoice')[0]!.body).toEqual({ gross: 43_200, version: 3 });
    expect(page.notice()).toContain('T-0007 issued.');
  });

  it('says why a document cannot be made, and issues nothing', async () => {
    await desk({}, (server) =>
      server.on('previewInvoice', () =>
        refusal(409, 'already-billed', 'Somebody has billed one of these entries in the meantime.'),
      ),
    );
    expect(page.text('[aria-label="The document"] [role=alert]')).toBe(
      'Somebody has billed one of these entries in the meantime.',
    );
    expect(page.button('Issue invoice').disabled).toBeTrue();
  });

  it('reduces one entry by an amount with a reason, and takes the reduction away again', async () => {
    await desk();
    await page.press(/Survey of piles/);
    await page.press('Reduce');
    await page.answer('Go on', '200');
    expect(page.notice()).toContain('at most £180.00');
    await page.press('Reduce');
    await page.answer('Go on', '50');
    await page.answer('Reduce', 'agreed by telephone');
    await page.settle(180);
    expect(wish().entries[0]).toEqual({ id: id(50), writeDown: { minor: 5000, reason: 'agreed by telephone' } });
    expect(page.text('.sub .wrong')).toBe('reduced by £50.00: agreed by telephone');
    await page.press('Reduce');
    await page.answer('Go on', '');
    await page.settle(180);
    expect(wish().entries[0]).toEqual({ id: id(50) });
  });

  it('holds back what is chosen, with a reason and the versions that were seen', async () => {
    await desk({}, (server) => server.on('holdEntries', () => ({ changed: 2 })));
    await page.press('Hold back');
    await page.answer('Hold back', '');
    expect(document.querySelector('mat-dialog-container [role=alert]')!.textContent).toContain('Write a few words');
    await page.answer('Cancel');
    expect(page.server.to('holdEntries').length).toBe(0);
  });

  it('offers a kept draft to issue or discard, and discards with its version', async () => {
    await desk(
      { drafts: [{ id: id(70), version: 2, minor: 36_000, at: `${TODAY}T09:00:00.000Z`, by: 'Yuki Farrow' }] },
      (server) => server.on('discardDraft', () => null),
    );
    expect(page.text('.draft')).toContain('A draft of £360.00 without tax, kept by Yuki Farrow.');
    await page.press('Discard it');
    await page.answer('Discard draft');
    expect([page.server.to('discardDraft')[0]!.params['id'], page.server.to('discardDraft')[0]!.version]).toEqual([
      id(70),
      '"2"',
    ]);
  });

  it('takes a draft up again with all its choices', async () => {
    const drafts = [{ id: id(70), version: 2, minor: 18_000, at: `${TODAY}T09:00:00.000Z`, by: 'Yuki Farrow' }];
    await desk({ entries: [billEntry(52)], drafts }, (server) =>
      server
        .on('readInvoice', () =>
          invoiceDetail(invoiceRow(7, { id: id(70), number: null, state: 'draft' }), {
            wish: {
              clientId: id(10),
              upTo: TODAY,
              grouping: 'entry',
              entries: [{ id: id(50), writeDown: { minor: 500, reason: 'agreed' } }],
              texts: [{ key: 'a', text: 'Piles' }],
            },
          }),
        )
        .on('discardDraft', () => (server.on('readBillDesk', () => deskOf({ entries: [billEntry(50), billEntry(52)] })), null)),
    );
    await page.press('Take it up again');
    await page.settle(200);
    expect(wish()).toEqual({
      clientId: id(10),
      upTo: TODAY,
      grouping: 'entry',
      entries: [{ id: id(50), writeDown: { minor: 500, reason: 'agreed' } }],
      texts: [{ key: 'a', text: 'Piles' }],
    });
    expect(page.notice()).toContain('on the desk again');
  });

  it('lets somebody who may not issue look, and offers nothing that they may not do', async () => {
    await desk({}, () => undefined, 'manager');
    expect(page.texts('button').filter((text) => /Issue|Keep draft|Hold back/.test(text))).toEqual([]);
    expect(page.server.to('previewInvoice').length).toBe(0);
  });

  it('starts a new document when the scope changes', async () => {
    await desk();
    page.element.querySelector<HTMLInputElement>('.grp.top mat-checkbox input')!.click();
    await page.settle(150);
    const { Router } = await import('@angular/router');
    const { TestBed } = await import('@angular/core/testing');
    await TestBed.inject(Router).navigateByUrl(`/f/f/bill?scope=client:${id(10)}`);
    await page.settle(200);
    expect(wish().entries.length).toBe(2);
  });
});
