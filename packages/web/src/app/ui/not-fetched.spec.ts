import { Type } from '@angular/core';
import { DeferBlockState, TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { WeekScreen } from '../record/week';
import { TimerDock } from '../shell/timer-dock';
import { WhyPanel } from '../shell/why-panel';
import { timerActions } from '../state/timers';
import { Page, TODAY, id, open } from '../testing/fake-server';
import { entryOf, weekOfEntries } from '../testing/fixtures';

const SAYS = 'This part of the page could not be loaded. Reload the page once there is a connection.';

describe('a part of the page that cannot be fetched', () => {
  let page: Page<unknown>;
  afterEach(() => page.element.remove());

  async function opened(screen: Type<unknown>, url = '/f/f/record'): Promise<void> {
    page = await open(screen, {
      url,
      roles: ['staff'],
      waiting: true,
      prepare: (server) => server.on('readTimesheet', () => weekOfEntries([entryOf(50, { date: TODAY })])),
    });
  }
  /** The last part that is waited for does not come. */
  async function fail(): Promise<string[]> {
    const blocks = await page.fixture.getDeferBlocks();
    await blocks.at(-1)!.render(DeferBlockState.Error);
    await page.settle();
    return page.texts('yw-not-fetched [role=alert]');
  }

  it('says so where it should stand: the form of an entry, and of dividing it', async () => {
    await opened(WeekScreen);
    await page.press('Add time');
    expect(await fail()).toEqual([SAYS]);
    page.element.remove();
    TestBed.resetTestingModule();
    await opened(WeekScreen);
    await page.press(/^Divide/);
    expect(await fail()).toEqual([SAYS]);
  });

  it('says so in the place of the service of a new row', async () => {
    await opened(WeekScreen);
    const [picker] = await page.fixture.getDeferBlocks();
    await picker!.render(DeferBlockState.Complete);
    await page.find('pile', 'yw-add-row input');
    document.querySelector<HTMLElement>('mat-option')!.click();
    await page.settle();
    const row = page.element.querySelector('yw-add-row')!;
    for (const block of (await page.fixture.getDeferBlocks()).slice(1)) await block.render(DeferBlockState.Error);
    await page.settle();
    expect(row.querySelector('[role=alert]')!.textContent).toBe(SAYS);
  });

  it('says so in the place of a timer’s facts', async () => {
    await opened(TimerDock);
    const timer = {
      ...{ id: id(1), projectId: null, taskId: null, serviceId: null, billable: null, note: '', running: true, version: 1 },
      ...{ startedAt: `${TODAY}T08:00:00.000Z`, since: `${TODAY}T08:00:00.000Z`, elapsed: 0 },
    };
    const today = { date: TODAY, recorded: 0, maximum: 36_000, planned: 27_000 };
    TestBed.inject(Store).dispatch(
      timerActions.known({ timers: { timers: [timer], now: `${TODAY}T09:00:00.000Z`, today }, readAt: Date.now() }),
    );
    await page.settle();
    await page.press(/Not classified/);
    expect(await fail()).toEqual([SAYS]);
  });

  it('says so beside the work, whatever was to stand there', async () => {
    for (const sel of ['', ...['entry', 'person', 'invoice', 'figure'].map((kind) => `?sel=${kind}:${id(50)}`)]) {
      await opened(WhyPanel, `/f/f/record${sel}`);
      expect(await fail())
        .withContext(sel)
        .toEqual([SAYS]);
      page.element.remove();
      TestBed.resetTestingModule();
    }
  });
});
