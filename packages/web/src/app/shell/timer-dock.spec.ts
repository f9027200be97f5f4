import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { Timer, Timers } from '@yellowwood/contracts';
import { timerActions } from '../state/timers';
import { FakeServer, ME, Page, TODAY, id, open, refusal } from '../testing/fake-server';
import { TimerDock } from './timer-dock';

const NOW = `${TODAY}T09:30:02.000Z`;

function timer(number: number, names: Partial<Timer> = {}): Timer {
  return {
    id: id(number),
    projectId: null,
    taskId: null,
    serviceId: null,
    billable: null,
    note: '',
    running: true,
    startedAt: `${TODAY}T08:00:00.000Z`,
    since: `${TODAY}T08:00:00.000Z`,
    elapsed: 0,
    version: 1,
    ...names,
  };
}

const timers = (...all: Timer[]): Timers => ({
  timers: all,
  now: NOW,
  today: { date: TODAY, recorded: 3600, maximum: 36_000, planned: 27_000 },
});

describe('the timer dock', () => {
  let page: Page<TimerDock>;

  async function dock(known: Timers, prepare: (server: FakeServer) => void = () => undefined): Promise<void> {
    page = await open(TimerDock, { url: '/f/f/record', roles: ['staff'], prepare });
    TestBed.inject(Store).dispatch(timerActions.known({ timers: known, readAt: Date.now() }));
    await page.settle();
  }
  afterEach(() => page.element.remove());

  it('starts with nothing filled in, and offers at once to say what it is', async () => {
    await dock(timers(), (server) => server.on('startTimer', ({ body }) => timers(timer(1, { id: body.id }))));
    expect(page.text('.hint')).toBe('Start now, say later what it is.');
    await page.press('Start timer');
    expect(page.server.to('startTimer')[0]!.body).toEqual(
      jasmine.objectContaining({ projectId: null, taskId: null, serviceId: null, note: '', others: 'pause' }),
    );
    expect(page.text('.what span')).toBe('Not classified yet');
    expect(page.element.querySelector('section[aria-label="What the timer is for: Not classified yet"]')).not.toBeNull();
    await page.settle(30);
    expect(document.activeElement).toBe(page.element.querySelector('yw-work-field input'));
  });

  it('shows the time from the stored start by the server’s clock, and the day against its maximum', async () => {
    await dock(timers(timer(1)));
    expect(page.text('[role=timer]')).toMatch(/^1:30:0\d$/);
    expect(page.text('.today')).toBe('2:30 today, at most 10:00');
    expect(page.element.querySelector('.today.over')).toBeNull();
  });

  it('warns when the day goes over what the person should work', async () => {
    await dock({ ...timers(timer(1)), today: { date: TODAY, recorded: 35_000, maximum: 36_000, planned: 27_000 } });
    expect(page.element.querySelector('.today.over')).not.toBeNull();
  });

  it('keeps what ran when it is stopped, and says that it is not classified', async () => {
    await dock(timers(timer(1)), (server) =>
      server.on('stopTimer', () => ({
        timers: timers(),
        entries: [{ id: id(9), personId: ME, quantity: 5400, projectId: null, serviceId: null } as never],
      })),
    );
    await page.press('Stop');
    expect(page.notice()).toContain('1:30 kept; say what it was before you submit');
    expect(page.button('Start timer')).toBeTruthy();
  });

  it('says that nothing is kept of a timer that ran for less than a second', async () => {
    await dock(timers(timer(1)), (server) => server.on('stopTimer', () => ({ timers: timers(), entries: [] })));
    await page.press('Stop');
    expect(page.notice()).toContain('nothing is kept');
  });

  it('names a classified timer by its task, with project and service', async () => {
    await dock(timers(timer(1, { projectId: id(20), taskId: id(30), serviceId: id(40) })));
    expect(page.text('.what span')).toBe('Survey of piles');
    expect(page.text('.what small')).toBe('Pier, survey');
  });

  it('classifies while it runs, with the version that was seen', async () => {
    await dock(timers(timer(1, { version: 4 })), (server) =>
      server.on('changeTimer', ({ body }) => timers(timer(1, { version: 5, ...(body as Partial<Timer>) }))),
    );
    await page.press(/Not classified/);
    await page.choose('Service', 'Survey');
    const [sent] = page.server.to('changeTimer');
    expect([sent!.params['id'], sent!.version, sent!.body]).toEqual([id(1), '"4"', { serviceId: id(40) }]);
    await page.type('section yw-text-field:not(.short) input', 'Low tide', 'change');
    expect(page.server.to('changeTimer')[1]!.version).toBe('"5"');
  });

  it('sends one fact after the other, each on what the one before has made', async () => {
    let version = 4;
    await dock(timers(timer(1, { version })), (server) => {
      server.onTheWay = () => new Promise((resolve) => setTimeout(resolve, 10));
      server.on('changeTimer', ({ body }) => timers(timer(1, { version: (version += 1), ...(body as Partial<Timer>) })));
    });
    await page.press(/Not classified/);
    const note = page.element.querySelector<HTMLInputElement>('section yw-text-field:not(.short) input')!;
    for (const text of ['Low tide', 'Low tide, wind']) {
      note.value = text;
      note.dispatchEvent(new Event('change', { bubbles: true }));
    }
    await page.settle(100);
    expect(page.server.to('changeTimer').map((sent) => sent.version)).toEqual(['"4"', '"5"']);
  });

  it('leaves the focus to whoever goes elsewhere while the timer is on its way', async () => {
    await dock(timers(), (server) => {
      server.onTheWay = () => new Promise((resolve) => setTimeout(resolve, 20));
      server.on('startTimer', ({ body }) => timers(timer(1, { id: body.id })));
    });
    const elsewhere = page.element.appendChild(document.createElement('button'));
    elsewhere.textContent = 'Elsewhere';
    page.button('Start timer').focus();
    page.button('Start timer').click();
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Tab' }));
    elsewhere.focus();
    await page.settle(120);
    expect(page.element.querySelector('yw-timer-facts')).not.toBeNull();
    expect(document.activeElement).toBe(elsewhere);
  });

  it('brings up no pad of keys on a screen that is touched', async () => {
    const real = window.matchMedia.bind(window);
    spyOn(window, 'matchMedia').and.callFake((query) =>
      query === '(pointer: coarse)' ? ({ ...real(query), matches: true } as MediaQueryList) : real(query),
    );
    await dock(timers(), (server) => server.on('startTimer', ({ body }) => timers(timer(1, { id: body.id }))));
    await page.press('Start timer');
    await page.settle(100);
    expect(page.element.querySelector('yw-timer-facts')).not.toBeNull();
    expect(document.activeElement!.closest('yw-timer-facts')).toBeNull();
  });

  it('leaves the focus where it is when the facts are only looked at, also of a timer that was started here', async () => {
    await dock(timers(), (server) => server.on('startTimer', ({ body }) => timers(timer(1, { id: body.id }))));
    await page.press('Start timer');
    await page.settle(30);
    await page.press('Done');
    page.button(/Not classified/).focus();
    await page.press(/Not classified/);
    await page.settle(30);
    expect(page.element.querySelector('yw-timer-facts')).not.toBeNull();
    expect(document.activeElement).toBe(page.button(/Not classified/));
  });

  it('takes an earlier start on its own day, and refuses what is no time', async () => {
    await dock(timers(timer(1)), (server) =>
      server.on('changeTimer', () => timers(timer(1, { startedAt: `${TODAY}T06:45:00.000Z` }))),
    );
    await page.press(/Not classified/);
    const box = 'section .short input';
    expect((page.element.querySelector(box) as HTMLInputElement).value).toBe('09:00');
    // Going through it sends nothing: it began at some second of that minute.
    await page.type(box, '09:00', 'change');
    expect(page.server.to('changeTimer').length).toBe(0);
    await page.type(box, 'early');
    await page.type(box, 'early', 'change');
    expect(page.text('section .field-error')).toContain('8:30');
    expect(page.server.to('changeTimer').length).toBe(0);
    await page.type(box, '7:45');
    await page.type(box, '7:45', 'change');
    // 7:45 in London's summer is 6:45 in UTC.
    expect(page.server.to('changeTimer')[0]!.body).toEqual({ startedAt: `${TODAY}T06:45:00.000Z` });
  });

  it('pauses what runs when another one goes on, and lists several paused ones', async () => {
    const paused = (number: number, note: string) => timer(number, { running: false, since: null, elapsed: 600 * number, note });
    await dock(timers(paused(1, 'Telephone'), paused(2, 'Tide tables')), (server) =>
      server.on('resumeTimer', () => timers(timer(2, { note: 'Tide tables' }), paused(1, 'Telephone'))),
    );
    await page.press('2 paused');
    const choices = [...document.querySelectorAll('.cdk-overlay-container .choice > span')].map((one) => one.textContent);
    expect(choices).toEqual(['Telephone, 0:10', 'Tide tables, 0:20']);
    document.querySelectorAll<HTMLButtonElement>('.cdk-overlay-container .choice button')[3]!.click();
    await page.settle(50);
    expect(page.server.to('resumeTimer')[0]!.params['id']).toBe(id(2));
    expect(page.server.to('resumeTimer')[0]!.body).toEqual({ others: 'pause' });
    expect(page.text('.paused-name')).toBe('Paused: Telephone 0:10');
  });

  it('asks before it throws a timer away', async () => {
    await dock(timers(timer(1)), (server) => server.on('discardTimer', () => timers()));
    await page.press(/Not classified/);
    await page.press('Throw away');
    await page.answer('Cancel');
    expect(page.server.to('discardTimer').length).toBe(0);
    await page.press('Throw away');
    await page.answer('Throw it away');
    expect(page.server.to('discardTimer').length).toBe(1);
  });

  it('shows what is there now when somebody else was faster', async () => {
    await dock(timers(timer(1)), (server) =>
      server.on('pauseTimer', () => refusal(409, 'timer-not-running', 'This timer does not run any more.')),
    );
    const asked = spyOn(TestBed.inject(Store), 'dispatch').and.callThrough();
    await page.press('Pause');
    expect(page.refused()).toContain('This timer does not run any more.');
    expect(asked.calls.allArgs()).toContain([timerActions.read()]);
  });

  it('says nothing of timers that there are not', async () => {
    await dock(timers());
    expect(page.text()).toBe('Start timerStart now, say later what it is.1:00 today, at most 10:00');
  });
});
