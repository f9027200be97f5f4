import { TestBed } from '@angular/core/testing';
import type { Entry, Timesheet } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { Page, id, open } from '../testing/fake-server';
import { entryOf, weekOfEntries } from '../testing/fixtures';
import { RecordScreen } from './record';

const THEM = id(77);
const MAY: Timesheet['may'] = { record: false, submit: false, correct: true };

describe("somebody else's week on the page", () => {
  let page: Page<RecordScreen>;
  const asked = () => page.server.to('readTimesheet').map(({ query }) => query['person'] ?? 'own');

  async function look(names: Partial<Timesheet> = {}, entries: Entry[] = [entryOf(50, { date: '2026-06-10' })]) {
    page = await open(RecordScreen, {
      url: `/f/f/record?as=${THEM}`,
      roles: ['manager'],
      prepare: (server) =>
        server.on('readTimesheet', ({ query }) =>
          query['person']
            ? weekOfEntries(entries, { personId: THEM, personName: 'Ben Other', may: MAY, ...names })
            : weekOfEntries([]),
        ),
    });
  }
  afterEach(() => page.element.remove());
  const cell = () => page.element.querySelector<HTMLElement>('[data-cell="0-2"]')!;

  it('is marked as looked at, with what runs there, and leads back', async () => {
    const timer = {
      ...{ id: id(60), projectId: null, taskId: null, serviceId: null, billable: null, note: 'Stairs', running: true },
      ...{ startedAt: '2026-06-10T08:00:00.000Z', elapsed: 3600, since: null, version: 1 },
    };
    await look({ timers: [timer] });
    expect(page.text('yw-looking')).toContain('You look at the week of Ben Other.');
    expect(page.text('yw-looking .timer')).toBe('A timer waits: No project yet, “Stairs”, 1:00.');
    expect(new Set(asked())).toEqual(new Set([THEM]));
    await page.press('Back to your own');
    expect(page.element.querySelector('yw-looking')).toBeNull();
    expect(asked().at(-1)).toBe('own');
  });

  it('is only read by whoever corrects no time of theirs', async () => {
    await look({ may: { ...MAY, correct: false } });
    expect(page.text('yw-looking')).toContain('change nothing of it');
    expect(page.texts('yw-looking input, yw-looking textarea')).toEqual([]);
    expect(cell().getAttribute('aria-readonly')).toBe('true');
    expect(page.texts('button').filter((text) => /Add|Submit|Bring|Edit|Divide|Delete|Withdraw|Start again/.test(text))).toEqual(
      [],
    );
  });

  it('is changed once it is said why, and each change says so', async () => {
    await look();
    expect(cell().getAttribute('aria-readonly')).toBe('true');
    await page.type('yw-looking input, yw-looking textarea', '  Forgot the drive ');
    expect(cell().getAttribute('aria-readonly')).toBe('false');
    page.server
      .on('changeEntry', ({ body }) => entryOf(50, { date: '2026-06-10', quantity: body.quantity!, version: 2 }))
      .on('deleteEntry', () => null);
    cell().focus();
    await page.key(cell(), '2');
    await page.key(page.element.querySelector('input.cell-edit')!, 'Enter');
    expect(page.server.to('changeEntry')[0]!.body).toEqual({ quantity: 7200, reason: 'Forgot the drive' });
    await page.press(/^Delete/);
    expect(page.server.to('deleteEntry')[0]!.query).toEqual({ reason: 'Forgot the drive' });
  });

  it('begins anew with the next person: neither what was typed nor why goes over', async () => {
    await look();
    await page.type('yw-looking input, yw-looking textarea', 'Forgot the drive');
    cell().focus();
    await page.key(cell(), 'x');
    page.element.querySelector('input.cell-edit')!.dispatchEvent(new FocusEvent('blur'));
    await page.settle();
    expect(page.text('[data-cell="0-2"]')).toContain('x');
    await page.press('Back to your own');
    expect(page.text('yw-week-grid')).not.toContain('x ');
    await TestBed.inject(Address).set({ as: THEM });
    await page.settle();
    expect(page.element.querySelector<HTMLInputElement>('yw-looking input, yw-looking textarea')!.value).toBe('');
    // What is theirs is kept for when one looks at them again.
    expect(page.text('[data-cell="0-2"]')).toContain('x');
  });

  it('is submitted for them where they cannot, with what is confirmed', async () => {
    await look({ may: { ...MAY, submit: true } });
    page.server.on('submitPeriod', () => weekOfEntries([], { state: 'submitted', personId: THEM }));
    void page.press(/^Submit/);
    await page.settle(50);
    expect(document.querySelector('mat-dialog-container')!.textContent).toContain('Ben Other has no account to submit it with');
    await page.answer('Submit week');
    expect(page.server.to('submitPeriod')[0]!.query).toEqual({ person: THEM });
  });
});
