import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { Role } from '@yellowwood/core';
import { Refresh } from '../state/refresh';
import { workActions } from '../state/work';
import { FakeServer, Page, WORK, id, open, refusal } from '../testing/fake-server';
import { WorkNames } from './work-names';

@Component({
  template: `<p>{{ names.project(pier) }}</p>
    <p>{{ names.task(soundings) || 'nothing' }}</p>
    <p>{{ names.person(rosa) || 'nobody' }}</p>
    <p>{{ names.project(other) }}</p>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Names {
  readonly names = inject(WorkNames);
  readonly pier = id(20);
  readonly soundings = id(31);
  readonly rosa = id(3);
  readonly other = id(99);
}

describe('names of work and people', () => {
  let page: Page<Names>;

  async function start(roles: Role[], prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(Names, {
      ...{ url: '/f/f/record', roles, workless: true },
      prepare: (server) => {
        server.work = { ...WORK, people: [{ id: id(3), name: 'Rosa Vane', position: null }] };
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());
  const asked = () => page.server.to('readNames').map(({ query }) => query.of.split(',').sort());
  const again = async () => {
    TestBed.inject(Refresh).written();
    await page.settle(20);
  };

  it('are asked for together, once, and what one may not see is said to be so', async () => {
    await start(['owner']);
    await page.settle(20);
    expect(asked()).toEqual([[`person:${id(3)}`, `project:${id(20)}`, `project:${id(99)}`, `task:${id(31)}`]]);
    expect(page.texts('p')).toEqual(['Pier', 'Soundings', 'Rosa Vane', 'a project that you cannot see']);
    await again();
    expect(asked().length).toBe(1);
  });

  it('stand open while they are on their way, and are asked for again where they could not be told', async () => {
    let tries = 0;
    await start(['owner'], (server) => {
      const { work } = server;
      server.on('readNames', () => ((tries += 1) === 1 ? refusal(503, 'not-ready', 'The server is busy.') : work));
    });
    await page.settle(20);
    expect(page.texts('p')).toEqual(['…', '…', 'nobody', '…']);
    await again();
    expect([tries, page.texts('p')[0]]).toEqual([2, 'Pier']);
  });

  it('are nobody’s where only one’s own time is in reach', async () => {
    await start(['staff']);
    await page.settle(20);
    expect(asked().flat()).not.toContain(`person:${id(3)}`);
    expect(page.texts('p')[2]).toBe('nobody');
  });

  it('are read anew once work was changed, and forgotten with the firm', async () => {
    await start(['owner']);
    await page.settle(20);
    page.server.work = { ...WORK, projects: [{ ...WORK.projects[0]!, shown: 'Pier head' }] };
    TestBed.inject(Store).dispatch(workActions.workOutdated());
    await page.settle(1050);
    expect(page.texts('p')[0]).toBe('Pier head');
    // What is gone is not told any more.
    page.server.work = { ...WORK, projects: [], tasks: [] };
    TestBed.inject(Store).dispatch(workActions.workOutdated());
    await page.settle(1050);
    expect(page.texts('p').slice(0, 2)).toEqual(['a project that you cannot see', 'nothing']);
    page.server.work = WORK;
    TestBed.inject(Store).dispatch(workActions.firmOpened());
    await page.settle(20);
    expect(page.texts('p')[0]).toBe('Pier');
  });
});
