import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { ToBillList, UnpricedList } from '@yellowwood/contracts';
import { Role } from '@yellowwood/core';
import { Page, TODAY, id, open, refusal } from '../testing/fake-server';
import { entryOf, MONDAY } from '../testing/fixtures';
import { BillScreen } from './bill';

type ToBill = ToBillList['projects'][number];
const project = (names: Partial<ToBill> = {}): ToBill => ({
  projectId: id(20),
  projectName: 'Pier',
  clientId: id(10),
  clientName: 'Harbour Trust',
  currency: 'GBP',
  oldest: MONDAY,
  seconds: 14_400,
  ready: 36_000,
  over: 0,
  held: 0,
  unpriced: 0,
  limit: null,
  billedNet: 0,
  ...names,
});

describe('what is to bill in the firm', () => {
  let page: Page<BillScreen>;
  afterEach(() => page.element.remove());

  async function list(
    projects: ToBill[],
    roles: Role[] = ['bookkeeper'],
    unpriced = [entryOf(50, { problems: ['no-rate'] })],
    offers: UnpricedList['offers'] = [],
  ) {
    page = await open(BillScreen, {
      url: '/f/f/bill',
      roles,
      prepare: (server) =>
        server
          .on('listToBill', ({ query }) => ({ upTo: query.upTo, projects }))
          .on('listUnpriced', () => ({ entries: unpriced, count: unpriced.length > 1 ? 140 : unpriced.length, offers })),
    });
  }

  it('is listed to today, each project with what to know before it is billed', async () => {
    await list([
      project({ held: 2, unpriced: 1, limit: 100_000, billedNet: 70_000, over: 6000 }),
      project({ projectId: id(22), projectName: 'Quay', currency: 'EUR' }),
    ]);
    expect(page.server.to('listToBill')[0]!.query).toEqual({ scope: 'all', upTo: TODAY });
    const [pier, quay] = page.texts('[aria-label="Projects to bill"] tbody tr');
    expect(pier).toBe('PierHarbour Trust8 Jun4:00£360.00£60.00£700.002 held, 1 without a rate, to be decided on');
    expect(quay).toContain('€360.00');
    expect(page.text('.head .quiet')).toBe('2 projects, the oldest first, to 10 Jun');
  });

  it('shows what has no rate below the list once that is there, so that neither moves', async () => {
    let answer: (list: ToBillList) => void = () => undefined;
    let asked = 0;
    // Nothing is settled before the list is answered, so what stands there until then is looked at meanwhile.
    const opening = open(BillScreen, {
      url: '/f/f/bill',
      roles: ['bookkeeper'],
      prepare: (server) =>
        server
          .on('listToBill', () => new Promise((resolve) => (answer = resolve)))
          .on('listUnpriced', () => ((asked += 1), { entries: [entryOf(50, { problems: ['no-rate'] })], count: 1, offers: [] })),
    });
    const unpriced = () => document.querySelector<HTMLElement>('yw-unpriced');
    while (asked === 0 || !unpriced()?.textContent) await new Promise((resolve) => setTimeout(resolve, 5));
    expect(unpriced()!.offsetHeight).toBe(0);
    // Nor does it say how many there are before it is known.
    expect(document.querySelector('yw-to-bill .head')!.textContent).toMatch(/^To bill\s*$/);
    answer({ upTo: TODAY, projects: [project()] });
    page = await opening;
    expect(unpriced()!.offsetHeight).toBeGreaterThan(0);
  });

  it('says nothing of a limit that is only reached', async () => {
    await list([project({ limit: 100_000, billedNet: 64_000 })]);
    expect(page.text('[aria-label="Projects to bill"]')).not.toContain('decided');
  });

  it('offers the price of a rule made since, and takes it once', async () => {
    const rule = { id: id(70), names: 'Surveyor on Pier', rate: 920_000, currency: 'GBP', validFrom: MONDAY, validTo: null };
    await list([], ['bookkeeper'], [entryOf(50, { version: 4 })], [{ entryId: id(50), rule }]);
    page.server.on('priceEntry', () => entryOf(50));
    // Twice, before the page has drawn that it is at work.
    const button = page.button('Price at 92.00');
    button.click();
    button.click();
    await page.settle();
    const [sent, more] = page.server.to('priceEntry');
    expect([sent!.version, sent!.body.rate, more]).toEqual(['"4"', null, undefined]);
  });

  it('leads to the desk of a project', async () => {
    await list([project()]);
    page.server.on('readBillDesk', () => ({
      clientId: id(10),
      clientName: 'Harbour Trust',
      currency: 'GBP',
      upTo: TODAY,
      projects: [],
      entries: [],
      notHere: { recorded: 0, submitted: 0, notBillable: 0, later: 0, writtenOff: 0, inDrafts: 0 },
      overLimit: [],
      writtenOff: { count: 0, entries: [] },
      drafts: [],
    }));
    page.element.querySelector<HTMLElement>('[aria-label="Projects to bill"] tbody tr')!.click();
    await page.settle();
    expect(TestBed.inject(Router).url).toContain(`scope=project:${id(20)}`);
    expect(page.element.querySelector('yw-bill-desk')).not.toBeNull();
  });

  it('lists what has no rate, and asks why of it', async () => {
    await list([]);
    expect(page.text('h2')).toBe('Without a rate: 1 entry');
    expect(page.text('[aria-label="Projects to bill"] tbody')).toContain('Nothing is ready.');
    page.element.querySelector<HTMLElement>('[aria-label="Entries without a rate"] tbody tr')!.click();
    await page.settle();
    expect(TestBed.inject(Router).url).toContain(`sel=entry:${id(50)}`);
  });

  it('says when more have no rate than stand here, and whose they are', async () => {
    await list([], ['bookkeeper'], [entryOf(50), entryOf(51)]);
    await page.knows({ id: entryOf(50).personId!, name: 'Rosa Vane' });
    expect(page.text('h2')).toBe('Without a rate: 140 entries');
    expect(page.text('h2 + p')).toContain('The oldest 2 stand here.');
    // No rule was made since: there is no column for its price.
    expect(page.texts('[aria-label="Entries without a rate"] th')).toEqual([
      ...['Choose', 'Date', 'Person', 'Project', 'Hours', 'Stage'],
    ]);
    expect(page.text('[aria-label="Entries without a rate"] tbody')).toContain('Rosa Vane');
  });

  it('prices many together with one reason, chosen by mouse or by Space, once and all or none', async () => {
    await list([], ['bookkeeper'], [entryOf(50, { version: 4 }), entryOf(51, { version: 2, quantity: 1800 }), entryOf(52)]);
    page.server.on('priceEntries', () => ({ priced: 2, unpriced: 0 }));
    const table = '[aria-label="Entries without a rate"]';
    expect(page.element.querySelector('.many')).toBeNull();
    page.element.querySelector<HTMLInputElement>(`${table} tbody mat-checkbox input`)!.click();
    await page.settle();
    await page.key(page.element.querySelectorAll(`${table} tbody tr`)[1]!, ' ');
    expect(page.text('.many b')).toBe('2 chosen, 2:00');
    await page.press('Price 2 entries');
    expect(page.texts('.many .field-error')).toEqual([
      'Type a rate an hour such as 92.00.',
      'Say why; the reason is kept in the history.',
    ]);
    await page.type('.many yw-rate-field input', '88.50');
    await page.type('.many yw-text-field input', 'letter of 2 June');
    page.button('Price 2 entries').click();
    await page.press('Price 2 entries');
    expect(page.server.to('priceEntries').map(({ body }) => body)).toEqual([
      {
        entries: [
          { id: id(50), version: 4 },
          { id: id(51), version: 2 },
        ],
        rate: 885_000,
        reason: 'letter of 2 June',
      },
    ]);
    expect(page.element.querySelector('.many')).toBeNull();
    // The next are priced with a rate and a reason of their own.
    await page.key(page.element.querySelectorAll(`${table} tbody tr`)[1]!, ' ');
    expect([...page.element.querySelectorAll<HTMLInputElement>('.many input')].map((box) => box.value)).toEqual(['', '']);
    // Space does not open what it chooses.
    expect(TestBed.inject(Router).url).not.toContain('sel=');
  });

  it('keeps what was chosen and typed when it is refused, and says why', async () => {
    await list([], ['bookkeeper'], [entryOf(50), entryOf(51)]);
    page.server.on('priceEntries', () => refusal(409, 'entries-stale', 'Somebody changed some of these entries.'));
    await page.press('Choose all 2');
    await page.type('.many yw-rate-field input', '90');
    await page.type('.many yw-text-field input', 'agreed');
    await page.press('Price 2 entries');
    expect(page.refused()).toBe('Somebody changed some of these entries.');
    expect(page.text('.many b')).toBe('2 chosen, 3:00');
    await page.press('Choose none');
    expect(page.element.querySelector('.many')).toBeNull();
  });

  it('chooses what is shown, and nothing that a filter hides; each list of a page has a filter of its own', async () => {
    const projects = [project(), project({ projectId: id(21), clientId: id(11), clientName: 'Mole Trust' })];
    await list(projects, ['bookkeeper'], [entryOf(50), entryOf(51, { stage: 'approved' }), entryOf(52, { stage: 'approved' })]);
    const router = TestBed.inject(Router);
    await router.navigateByUrl('/f/f/bill?only=to-bill;client=Mole%2520Trust,unpriced;stage=approved');
    await page.settle(30);
    const rows = (name: string) => page.element.querySelectorAll(`table[aria-label="${name}"] tbody tr`).length;
    expect([rows('Projects to bill'), rows('Entries without a rate')]).toEqual([1, 2]);
    await page.press('Choose all 2');
    expect(page.text('.many b')).toContain('2 chosen');
    // Showing all of one leaves the other as it is.
    const [first] = [...page.element.querySelectorAll<HTMLButtonElement>('yw-table-only button')];
    first!.click();
    await page.settle(30);
    expect(router.parseUrl(router.url).queryParams['only']).toBe('unpriced;stage=approved');
    expect([rows('Projects to bill'), rows('Entries without a rate')]).toEqual([2, 2]);
  });

  it('offers nothing to choose to somebody who may not price', async () => {
    await list([], ['staff'], [entryOf(50)]);
    expect(page.element.querySelector('mat-checkbox')).toBeNull();
  });

  it('tells who may not price only that something has none', async () => {
    await list([project()], ['auditor']);
    await page.settle(20);
    expect(page.text('h2 + p')).toBe('No rule priced this time, so it stays off every invoice.');
    page.element.remove();
    TestBed.resetTestingModule();
    await list([project()], ['bookkeeper']);
    await page.settle(20);
    expect(page.text('h2 + p')).toContain('Choose an entry and type a rate');
  });

  it('says nothing of rates when everything has one', async () => {
    await list([project()], ['bookkeeper'], []);
    expect(page.element.querySelector('h2')).toBeNull();
  });

  it('says nothing of what a project does not have', async () => {
    await list([project()], ['manager'], []);
    expect(page.text()).toBe(
      'To bill1 project, the oldest first, to 10 JunColumns and files Project Oldest Hours Ready, GBP Over the limit, GBP Billed so far, GBP To know PierHarbour Trust8 Jun4:00360.000.00 Total of 1 project 4:00360.000.00',
    );
  });
});
