import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { Guide } from '@yellowwood/contracts';
import { sessionActions, sessionFeature } from '../state/session';
import { Page, me, open, refusal } from '../testing/fake-server';
import { FirstSteps } from './first-steps';

const STEPS: Guide['steps'] = [
  { step: 'place', done: true },
  { step: 'work', done: false },
  { step: 'facts', done: false },
  { step: 'recorded', done: false },
];

describe('the first steps', () => {
  let page: Page<FirstSteps>;
  async function steps(all: Guide['steps'], refused = false) {
    page = await open(FirstSteps, {
      ...{ url: '/f/f/record', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('readGuide', () => ({ steps: all }))
          .on('changeGuide', () => (refused ? refusal(503, 'database-unreachable', 'Try again.') : null)),
    });
    TestBed.inject(Store).dispatch(sessionActions.meRead({ me: { ...me('owner'), guide: true } }));
    await page.settle(20);
  }
  const shown = () => TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!.guide;
  afterEach(() => page.element.remove());

  it('say what is done, and lead to the rest', async () => {
    await steps(STEPS);
    expect(page.texts('li')).toEqual([
      'Say where people work, done',
      'Name a client and a project',
      'Fill what stands on invoices',
      'Start a timer, or type hours',
    ]);
    expect([...page.element.querySelectorAll('a')].map((one) => one.getAttribute('href'))).toEqual([
      '/found?firm=f&step=work',
      '/f/f/settings/firm',
    ]);
  });

  it('are closed, for good', async () => {
    await steps(STEPS);
    await page.press('Close');
    await page.settle(20);
    expect(page.server.to('changeGuide').map(({ body }) => body)).toEqual([{ shown: false }]);
    expect(shown()).toBeFalse();
  });

  it('say when all is done, and stay where closing fails', async () => {
    await steps([{ step: 'recorded', done: true }], true);
    await page.press('All done, close');
    await page.settle(20);
    expect(shown()).toBeTrue();
  });
});
