import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Page, open } from '../testing/fake-server';
import { Dialogs } from './dialogs';
import { once } from './fetch-ahead';

@Component({ template: 'Shown.', changeDetection: ChangeDetectionStrategy.OnPush })
class Content {}

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Nothing {}

describe('what opens over the page', () => {
  let page: Page<Nothing>;
  beforeEach(async () => (page = await open(Nothing, { url: '/f/f/record', roles: ['staff'] })));
  afterEach(() => page.element.remove());
  const shown = () => document.querySelectorAll('mat-dialog-container').length;

  it('says that it could not be fetched, and is tried again at the next press', async () => {
    const dialogs = TestBed.inject(Dialogs);
    expect(await dialogs.open(() => Promise.reject(new Error('no connection')))).toBeUndefined();
    await page.settle(30);
    expect([shown(), page.notice()]).toEqual([0, jasmine.stringMatching(/The server does not answer/)]);
    void dialogs.open(() => Promise.resolve(Content));
    await page.settle(30);
    expect(shown()).toBe(1);
  });

  it('is there once of what has a name', async () => {
    const dialogs = TestBed.inject(Dialogs);
    for (let press = 0; press < 2; press += 1) {
      void dialogs.open(() => Promise.resolve(Content), { id: 'content' });
      await page.settle(30);
    }
    expect(shown()).toBe(1);
  });
});

describe('what is fetched once', () => {
  it('is the same for everybody, and tried again by the next after it failed', async () => {
    let tries = 0;
    const load = once(() => ((tries += 1) === 1 ? Promise.reject(new Error('no connection')) : Promise.resolve({ tries })));
    await expectAsync(load()).toBeRejected();
    const [one, other] = await Promise.all([load(), load()]);
    expect([one, other === one]).toEqual([{ tries: 2 }, true]);
  });
});
