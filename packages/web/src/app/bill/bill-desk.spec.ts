import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { BillDesk, DraftPreview } from '@yellowwood/contracts';
import { FakeServer, Page, TODAY, id, open, refusal } from '../testing/fake-server';
import { billEntry, documentOf, entryOf, invoiceDetail, invoiceRow } from '../testing/fixtures';
import { BillDeskScreen } from './bill-desk';

const PREVIEW: DraftPreview = { document: documentOf(), nextNumber: 'T-0007', limits: [], rounding: [] };

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
        used: null,
        billedNet: 100_000,
        paidNet: 40_000,
        submittedMinor: 0,
      },
    ],
    entries: [billEntry(50), billEntry(51, { date: '2026-06-09' })],
    notHere: { recorded: 0, submitted: 0, notBillable: 0, later: 0, writtenOff: 0, inDrafts: 0 },
    overLimit: [],
    writtenOff: { count: 0, entries: [] },
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
    again = '',
  ) {
    page = await open(BillDeskScreen, {
      url: again || `/f/f/bill?scope=project:${id(20)}`,
      again: again !== '',
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

  it('chooses only what a limit has room for', async () => {
    await desk({ entries: [billEntry(50), billEntry(51, { date: '2026-06-09', ready: 0 })] });
    expect(wish().entries).toEqual([{ id: id(50) }]);
    await page.press(/Survey of piles/);
    // What the limit leaves stands apart, and is not chosen with the rest.
    await page.press(/^Beyond the limit/);
    expect(ticked()).toEqual([true, true, true, false]);
    expect(page.element.querySelectorAll('.grp.off').length).toBe(1);
    // Whoever wants it on the document all the same ticks it.
    page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')[1]!.click();
    await page.settle(180);
    expect(wish().entries).toEqual([{ id: id(50) }, { id: id(51) }]);
  });

  it('begins anew once a document is issued or kept: its texts, reductions and ticks are that document’s', async () => {
    await desk({}, (server) =>
      server
        .on('issueNewInvoice', () => invoiceDetail(invoiceRow(1)))
        .on('createDraft', () => invoiceDetail(invoiceRow(1, { state: 'draft', number: null }))),
    );
    const reword = async () => {
      await page.type('yw-paper textarea', 'As agreed on site', 'change');
      await page.settle(180);
      expect(wish().texts).toEqual([{ key: 'task', text: 'As agreed on site' }]);
    };
    await reword();
    await page.press('Keep draft');
    await page.settle(180);
    expect(wish().texts).toEqual([]);
    await reword();
    await page.press(/^Issue for/);
    await page.answer('Issue invoice');
    const { url } = TestBed.inject(Router);
    expect(url).toContain('/collect?');
    page.element.remove();
    TestBed.resetTestingModule();
    await desk({}, () => undefined, 'bookkeeper', `/f/f/bill?scope=project:${id(20)}`);
    expect(wish().texts).toEqual([]);
  });

  it('bills up to the day that the address names', async () => {
    await desk({}, () => undefined, 'bookkeeper', `/f/f/bill?scope=project:${id(20)}&upto=2026-06-08`);
    expect(page.server.to('readBillDesk')[0]!.query['upTo']).toBe('2026-06-08');
  });

  it('lets what stands under a project of no known name be chosen with the rest', async () => {
    await desk({ entries: [billEntry(50, { projectId: id(99) })] });
    expect(page.element.querySelectorAll('.grp:not(.top) mat-checkbox').length).toBe(1);
  });

  it('keeps what was chosen over a reload: the day and the lines in the address, the rest with the tab', async () => {
    await desk({ entries: [billEntry(50), billEntry(51, { date: '2026-06-09' })] });
    await page.press(/Survey of piles/);
    page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')[1]!.click();
    await page.settle(180);
    page.element.querySelectorAll<HTMLElement>('yw-toggle-field button')[1]!.click();
    await page.settle(180);
    expect(TestBed.inject(Router).url).toContain('by=entry');
    expect(wish()).toEqual(jasmine.objectContaining({ grouping: 'entry', entries: [{ id: id(50) }] }));
    const { url } = TestBed.inject(Router);
    page.element.remove();
    TestBed.resetTestingModule();
    await desk({ entries: [billEntry(50), billEntry(51, { date: '2026-06-09' })] }, () => undefined, 'bookkeeper', url);
    await page.settle(180);
    expect(wish()).toEqual(jasmine.objectContaining({ grouping: 'entry', entries: [{ id: id(50) }] }));
    expect(page.element.querySelectorAll('.sub').length).toBe(2);
  });

  const mayIssue = () => page.texts('button').some((text) => /^Issue for/.test(text));

  it('makes no document of what is all over a used-up limit', async () => {
    await desk({ entries: [billEntry(51, { ready: 0 })] });
    expect(page.server.to('previewInvoice').length).toBe(0);
    expect(page.text('.nothing')).toContain('The agreed limit is used up');
    expect(mayIssue()).toBeFalse();
  });

  it('offers to write off what lies beyond a limit where there is any, to somebody who may', async () => {
    const over = () => page.text('[aria-label="Over the agreed limit"]');
    await desk({ entries: [billEntry(51, { ready: 9000 })] });
    expect(over()).toContain('£90.00 over the agreed limit');
    expect(over()).not.toContain('Write off');
  });

  it('leaves what is worth nothing with the rest: no limit keeps it off', async () => {
    await desk({ entries: [billEntry(50), billEntry(51, { date: '2026-06-09', minor: 0, ready: 0 })] });
    expect(page.element.querySelectorAll('.grp.off').length).toBe(0);
    expect(wish().entries).toEqual([{ id: id(50) }, { id: id(51) }]);
  });

  it('offers nothing to write off to somebody who only reads', async () => {
    await desk({ entries: [billEntry(51, { ready: 0 })] }, () => undefined, 'manager');
    expect(page.text('[aria-label="Over the agreed limit"]')).toMatch(/over the agreed limit\..* with a reason\.$/);
  });

  it('neither keeps nor issues a document on which nothing is to pay', async () => {
    const nothing = { ...PREVIEW, document: { ...PREVIEW.document, net: 0, tax: 0, gross: 0 } };
    await desk({}, (server) => server.on('previewInvoice', () => nothing));
    expect(page.texts('button').filter((text) => /^Issue|^Keep/.test(text))).toEqual([]);
    expect(page.text('[role=status]')).toContain('Nothing is to pay');
  });

  it('asks for one preview when several ticks follow each other', async () => {
    await desk();
    const before = page.server.to('previewInvoice').length;
    await page.press(/Survey of piles/);
    for (const box of page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input')) {
      box.click();
      // As fast as somebody ticks.
      await page.settle(30);
    }
    await page.settle(200);
    expect(page.server.to('previewInvoice').length - before).toBeLessThanOrEqual(1);
  });

  it('asks once for ticks that follow each other as fast as somebody ticks', async () => {
    await desk({ entries: [50, 51, 52].map((number) => billEntry(number)) });
    await page.press(/Survey of piles/);
    const before = page.server.to('previewInvoice').length;
    const boxes = page.element.querySelectorAll<HTMLInputElement>('.sub mat-checkbox input');
    boxes[1]!.click();
    await page.settle(30);
    boxes[2]!.click();
    await page.settle(200);
    expect([page.server.to('previewInvoice').length - before, wish().entries]).toEqual([1, [{ id: id(50) }]]);
  });

  it('bills up to another date without losing the field or the picture', async () => {
    await desk();
    const field = page.element.querySelector<HTMLInputElement>('yw-date-field input')!;
    field.focus();
    await page.type('yw-date-field input', '2026-06-08', 'change');
    await page.settle(150);
    expect(page.server.to('readBillDesk').at(-1)!.query.upTo).toBe('2026-06-08');
    expect([page.element.querySelector('yw-date-field input') === field, document.activeElement === field]).toEqual([true, true]);
  });

  it('has no document when nothing is chosen', async () => {
    await desk();
    page.element.querySelector<HTMLInputElement>('.grp.top mat-checkbox input')!.click();
    await page.settle(180);
    expect(page.element.querySelector('yw-paper')).toBeNull();
    expect(page.text('.nothing')).toContain('Choose entries');
    expect(mayIssue()).toBeFalse();
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
    await desk({ notHere: { recorded: 3600, submitted: 7200, notBillable: 900, later: 5400, writtenOff: 0, inDrafts: 1800 } });
    expect(page.texts('.rest span')).toEqual([
      '1:00 not yet submitted',
      '2:00 waiting for review',
      '0:15 not billable',
      '1:30 after that date',
      '0:30 in drafts',
    ]);
  });

  it('says nothing of what there is not, to somebody who issues and to somebody who reads', async () => {
    await desk();
    await page.press(/Survey of piles/);
    expect(page.text()).toBe(
      'PierHarbour Trust, time and materialsHold backKeep draft Issue for £432.00 £400 paid£600 billed£360 to billApproved toHoursValue Survey of pilesPier, 2 entries4:00£360.00 8 Jun, Rosa Vanesurvey at 90.00Hold backReduceWrite off2:00£180.00 9 Jun, Rosa Vanesurvey at 90.00Hold backReduceWrite off2:00£180.00 Lines byTaskEntryInvoice Draft, number given when issuedHarbour TrustQuay 1GBFrom Firm, GB 1Work 8 June 2026 to 9 June 2026Due 30 days after issueWorkQuantityPriceNet4:0090.00360.00Net360.00VAT 20% on 360.0072.00To pay, GBP432.00Bank 1',
    );
  });

  it('says to somebody who only reads nothing of documents', async () => {
    await desk({}, () => undefined, 'manager');
    expect(page.text()).toBe(
      'PierHarbour Trust, time and materials£400 paid£600 billed£360 to billApproved toHoursValue Survey of pilesPier, 2 entries4:00£360.00',
    );
  });

  it('shows where the money of a project stands, up to its limit', async () => {
    await desk({
      projects: [
        {
          id: id(20),
          name: 'Pier',
          method: 'time and materials',
          limit: 200_000,
          used: 100_000,
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

  it('asks before it issues, then issues with the confirmed total in one command and goes to it', async () => {
    await desk({}, (server) => server.on('issueNewInvoice', ({ body }) => invoiceDetail(invoiceRow(7, { id: body.id }))));
    await page.press('Issue for £432.00');
    await page.settle(20);
    const asked = document.querySelector('mat-dialog-container')!.textContent!;
    expect(asked).toContain('Issue T-0007?');
    expect(asked).toContain('£432.00 to pay, £360.00 without tax');
    await page.answer('Cancel');
    expect(page.server.to('issueNewInvoice').length).toBe(0);
    await page.press('Issue for £432.00');
    await page.answer('Issue invoice');
    await page.settle(50);
    const [sent, more] = page.server.to('issueNewInvoice');
    expect(sent!.body.wish).toEqual(wish());
    expect([sent!.body.gross, more]).toEqual([43_200, undefined]);
    expect(page.notice()).toContain('T-0007 issued');
  });

  const LINE = {
    ...{ lineId: id(90), invoiceId: id(91), number: 'T-0002', projectId: id(20), currency: 'GBP' },
    ...{ total: 60_629, waiting: 60_629, mayRelease: 45_000 },
  };

  it('has what is over the limit decided on: released as far as there is room, or written down', async () => {
    await desk({ overLimit: [LINE] }, (server) =>
      server.on('releaseOverLimit', () => entryOf(95, { kind: 'fee' })).on('writeDownOverLimit', () => ({ waiting: 0 })),
    );
    expect(page.text('[aria-label="Over the agreed limit"]')).toContain('£606.29 over the agreed limit.');
    await page.press('Release £450.00');
    await page.answer('Go on');
    expect(page.server.to('releaseOverLimit')[0]!.body.minor).toBe(45_000);
    await page.press('Write down');
    await page.answer('Go on', '156.29');
    await page.answer('Write down', 'Goodwill');
    expect(page.server.to('writeDownOverLimit')[0]!.body).toEqual({ minor: 15_629, reason: 'Goodwill' });
  });

  it('writes off what lies beyond a limit that is used up, with a reason, and takes it back', async () => {
    const gone = {
      id: id(60),
      version: 2,
      date: TODAY,
      personName: 'Rosa Vane',
      recorded: 3600,
      minor: 9000,
      reason: 'Goodwill',
    };
    await desk({ entries: [billEntry(50, { ready: 0 })], writtenOff: { count: 3, entries: [gone] } }, (server) =>
      server.on('writeOffEntries', () => ({ changed: 1 })).on('reinstateEntries', () => ({ changed: 1 })),
    );
    expect(page.text('.off-list summary')).toContain('3 written off');
    expect(page.text('.off-list')).toContain('The oldest 1 of 3 stand here.');
    await page.press('Write off 1 entry beyond it');
    await page.answer('Write off', 'Goodwill');
    expect(page.server.to('writeOffEntries')[0]!.body).toEqual({ entries: [{ id: id(50), version: 1 }], reason: 'Goodwill' });
    await page.press('Take back');
    expect(page.server.to('reinstateEntries')[0]!.body).toEqual({ entries: [{ id: id(60), version: 2 }] });
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
    expect(mayIssue()).toBeFalse();
  });

  it('reduces one entry by an amount with a reason, and takes the reduction away again', async () => {
    await desk();
    await page.press(/Survey of piles/);
    await page.press('Reduce');
    await page.answer('Go on', '200');
    expect(page.refused()).toContain('at most £180.00');
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
    await page.answer('Cancel');
    expect(page.server.to('discardDraft').length).toBe(0);
    await page.press('Discard it');
    await page.answer('Discard draft');
    expect([page.server.to('discardDraft')[0]!.params['id'], page.server.to('discardDraft')[0]!.version]).toEqual([
      id(70),
      '"2"',
    ]);
  });

  it('issues a kept draft as it is now, with the sum that was said', async () => {
    const detail = invoiceDetail(invoiceRow(7, { id: id(70), number: null, state: 'draft', version: 3 }));
    await desk(
      { drafts: [{ id: id(70), version: 2, minor: 36_000, at: `${TODAY}T09:00:00.000Z`, by: 'Yuki Farrow' }] },
      (server) => server.on('readInvoice', () => detail).on('issueInvoice', () => detail),
    );
    await page.press('Issue it');
    await page.answer('Cancel');
    expect(page.server.to('issueInvoice').length).toBe(0);
    await page.press('Issue it');
    await page.answer('Issue invoice');
    expect(page.server.to('issueInvoice')[0]!.body).toEqual({ gross: detail.document.gross, version: 3 });
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
    const entries = [billEntry(51), billEntry(52, { holdReason: 'asked the client' })];
    const drafts = [{ id: id(70), version: 2, minor: 36_000, at: `${TODAY}T09:00:00.000Z`, by: 'Yuki Farrow' }];
    await desk({ entries, drafts }, () => undefined, 'manager');
    await page.press(/Survey of piles/);
    expect(page.text()).toContain('Rosa Vane');
    expect(page.text('.draft')).toBe('A draft of £360.00 without tax, kept by Yuki Farrow.');
    const commands = /Issue|Keep draft|Hold back|Reduce|Write off|Release|Take it up|Discard/;
    expect(page.texts('button').filter((text) => commands.test(text))).toEqual([]);
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
