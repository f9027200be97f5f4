import { TestBed } from '@angular/core/testing';
import { Component, ChangeDetectionStrategy } from '@angular/core';
import { Router } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { Role } from '@yellowwood/core';
import type { Overview, Session } from '@yellowwood/contracts';
import { FakeServer, Page, TODAY, id, open, refusal, workOf } from '../testing/fake-server';
import * as effects from './effects';
import { Refresh } from './refresh';
import { sessionActions, sessionFeature } from './session';
import { timersFeature } from './timers';
import { workFeature } from './work';

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Nothing {}

const OVERVIEW: Overview = {
  ...{ scope: 'all', today: TODAY, record: null, review: null, bill: null, collect: null, results: null },
};
const TIMERS = {
  timers: [],
  now: '2026-06-10T09:00:05.000Z',
  today: { date: '2026-06-10', recorded: 0, planned: 0, maximum: 36_000 },
};

describe('what the page reads by itself', () => {
  let page: Page<Nothing>;

  async function start(roles: Role[] = ['staff'], prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(Nothing, {
      url: '/f/f/record',
      roles,
      providers: [provideEffects(effects) as never],
      prepare: (server) => {
        server
          .on('readWork', () => workOf())
          .on('readOverview', ({ query }) => ({ ...OVERVIEW, scope: query.scope ?? 'all' }))
          .on('readTimers', () => TIMERS);
        prepare(server);
      },
    });
    await page.settle(20);
  }
  afterEach(() => page.element.remove());
  const names = () => page.server.sent.map((sent) => sent.name);
  const store = () => TestBed.inject(Store);

  it('is the work once, and figures and timers for the firm that was opened', async () => {
    await start();
    expect(names().sort()).toEqual(['readOverview', 'readTimers', 'readWork']);
    expect(store().selectSignal(workFeature.selectKnown)()).toBeTrue();
    expect(store().selectSignal(timersFeature.selectToday)()!.maximum).toBe(36_000);
  });

  it('reads the work again at the next refresh where it could not be read, and says until then why', async () => {
    let asked = 0;
    await start(['staff'], (server) =>
      server.on('readWork', () => ((asked += 1) < 3 ? refusal(503, 'not-ready', 'The server is busy.') : workOf())),
    );
    const sentence = store().selectSignal(workFeature.selectSentence);
    expect(sentence()).toBe('The server is busy.');
    for (const count of [2, 3, 3]) {
      TestBed.inject(Refresh).written();
      await page.settle(20);
      expect(asked).toBe(count);
    }
    expect(sentence()).toBe('');
  });

  it('goes on to the next day while the page stays open', async () => {
    await start();
    const today = store().selectSignal(sessionFeature.selectToday);
    expect(today()).toBe(TODAY);
    page.server.on('readOverview', () => ({ ...OVERVIEW, today: '2026-06-11' }));
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect(today()).toBe('2026-06-11');
  });

  it('is figures and timers again at every refresh, the work not', async () => {
    await start();
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect(names().filter((name) => name === 'readOverview').length).toBe(2);
    expect(names().filter((name) => name === 'readTimers').length).toBe(2);
    expect(names().filter((name) => name === 'readWork').length).toBe(1);
  });

  it('leads to a second factor where the firm begins to ask for one', async () => {
    await start();
    page.server.on('readOverview', () => refusal(403, 'second-factor-needed', 'Set it up.'));
    TestBed.inject(Refresh).written();
    await page.settle(30);
    expect(TestBed.inject(Router).url).toMatch(/^\/second-factor\?back=%2Ff%2Ff%2Frecord/);
  });

  it('is the figures of the new scope when the scope changes', async () => {
    await start();
    await TestBed.inject(Router).navigateByUrl(`/f/f/record?scope=project:${id(20)}`);
    await page.settle(20);
    expect(page.server.to('readOverview').at(-1)!.query).toEqual({ scope: `project:${id(20)}` });
    expect(store().selectSignal(workFeature.selectOverview)()!.scope).toBe(`project:${id(20)}`);
  });

  it('goes on reading after a failure', async () => {
    await start(['staff'], (server) => server.on('readOverview', () => refusal(503, 'busy', 'Later.')));
    expect(store().selectSignal(workFeature.selectOverview)()).toBeNull();
    page.server.on('readOverview', () => OVERVIEW);
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect(store().selectSignal(workFeature.selectOverview)()).toEqual(OVERVIEW);
  });

  it('is nothing while the firm of the address is another than the one that was opened', async () => {
    await start();
    const before = page.server.sent.length;
    await TestBed.inject(Router).navigateByUrl('/f/other/record');
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect(page.server.to('readWork').length).toBe(1);
    expect(
      page.server.sent.slice(before).every((sent) => sent.params['firm'] === 'other' || sent.name !== 'readWork'),
    ).toBeTrue();
  });

  it('is who is signed in, or why that cannot be known', async () => {
    const session: Session = { account: null, firms: [], founding: 'open', mailPage: null, demo: [] };
    await start(['staff'], (server) => server.on('readSession', () => session));
    store().dispatch(sessionActions.read());
    await page.settle(20);
    expect(store().selectSignal(sessionFeature.selectSession)()).toEqual(session);
    page.server.on('readSession', () => refusal(503, 'not-ready', 'The database does not answer.'));
    store().dispatch(sessionActions.read());
    await page.settle(20);
    expect(store().selectSignal(sessionFeature.selectSentence)()).toBe('The database does not answer.');
  });

  it('is heard from other windows of the browser', async () => {
    await start();
    const other = new BroadcastChannel('yellowwood');
    other.postMessage('written');
    await page.settle(60);
    other.close();
    expect(names().filter((name) => name === 'readOverview').length).toBe(2);
  });
});
