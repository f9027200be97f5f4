import { DeferBlockState } from '@angular/core/testing';
import { Page, TODAY, open } from '../testing/fake-server';
import { entryOf, weekOfEntries } from '../testing/fixtures';
import { WeekScreen } from './week';

describe('the field that adds a row, before what finds work is there', () => {
  let page: Page<WeekScreen>;
  afterEach(() => page.element.remove());
  beforeEach(async () => {
    page = await open(WeekScreen, {
      url: '/f/f/record',
      roles: ['staff'],
      waiting: true,
      prepare: (server) => server.on('readTimesheet', () => weekOfEntries([entryOf(50, { date: TODAY })])),
    });
  });

  const box = () => page.element.querySelector<HTMLInputElement>('yw-add-row input')!;
  async function arrive(): Promise<void> {
    const [picker] = await page.fixture.getDeferBlocks();
    await picker!.render(DeferBlockState.Complete);
    await page.settle(30);
  }

  it('goes on with what was typed, and who was in it stays in it', async () => {
    const before = box();
    expect([before.role, before.getAttribute('aria-label')]).toEqual(['combobox', 'Add a row: project or task']);
    box().focus();
    await page.type('yw-add-row input', 'pile');
    await arrive();
    expect(box()).not.toBe(before);
    expect([document.activeElement, box().value]).toEqual([box(), 'pile']);
    expect(page.offered()).toEqual(['Survey of pilesPier', 'SoundingsPier, Survey of piles']);
  });

  it('takes what is found where Enter was pressed already', async () => {
    box().focus();
    await page.type('yw-add-row input', 'pile');
    await page.key(box(), 'Enter');
    await arrive();
    expect(box().value).toMatch(/^Survey of piles/);
    expect(page.offered()).toEqual([]);
  });

  it('takes nobody back who has gone on, and drops what he has typed', async () => {
    box().focus();
    await page.type('yw-add-row input', 'pile');
    page.element.querySelector<HTMLElement>('[role=gridcell]')!.focus();
    await page.settle(20);
    expect(box().value).toBe('');
    await arrive();
    expect([box().value, (document.activeElement as HTMLElement).role]).toEqual(['', 'gridcell']);
  });
});

describe('the field that adds a row, as what finds work comes', () => {
  it('leaves no moment in which a key finds neither the one nor the other', async () => {
    const page = await open(WeekScreen, {
      url: '/f/f/record',
      roles: ['staff'],
      prepare: (server) => server.on('readTimesheet', () => weekOfEntries([entryOf(50, { date: TODAY })])),
    });
    const box = () => page.element.querySelector<HTMLInputElement>('yw-add-row input')!;
    const [before, seen] = [box(), [] as (Element | null)[]];
    // A key comes with a task of its own: by then focus has gone over.
    before.addEventListener('blur', () => queueMicrotask(() => seen.push(document.activeElement)));
    before.focus();
    await page.settle(30);
    expect(before.isConnected).toBeFalse();
    expect(seen).toEqual([box()]);
    page.element.remove();
  });
});
