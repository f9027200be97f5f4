import { TestBed } from '@angular/core/testing';
import { ActivatedRoute } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Session } from '@yellowwood/contracts';
import { BehaviorSubject } from 'rxjs';
import { sessionFeature } from '../state/session';
import { FakeServer, ME, Page, open, refusal } from '../testing/fake-server';
import { NewAddress } from './new-address';

const SESSION: Session = {
  account: {
    id: ME,
    email: 'anna@new.example',
    name: 'Anna Test',
    theme: 'light',
    durationForm: 'clock',
    forms: { dates: null, clock: null, numbers: null },
  },
  firms: [],
  ...{ founding: 'open', mailPage: null, demo: [] },
};

describe('a new address', () => {
  let page: Page<NewAddress>;
  afterEach(() => page.element.remove());

  async function screen(fragment: string | null, prepare: (server: FakeServer) => void = () => undefined) {
    spyOn(window.history, 'replaceState');
    page = await open(NewAddress, {
      ...{ url: '/address', roles: [], prepare },
      providers: [{ provide: ActivatedRoute, useValue: { fragment: new BehaviorSubject(fragment) } }],
    });
    await page.settle(20);
  }

  it('is taken by the link, whose token leaves the address', async () => {
    await screen('token-1', (server) => server.on('confirmAddress', () => SESSION));
    expect(window.history.replaceState).toHaveBeenCalledWith(null, '', '/address');
    expect(page.server.to('confirmAddress').map(({ body }) => body)).toEqual([{ token: 'token-1' }]);
    expect(page.text('[role=status]')).toContain('sign in with anna@new.example');
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectAccount)()!.email).toBe('anna@new.example');
  });

  it('asks a stranger to sign in first', async () => {
    await screen('token-1', (server) => server.on('confirmAddress', () => refusal(401, 'not-signed-in', 'Sign in.')));
    expect(page.text('[role=alert]')).toContain('works where you are signed in');
    expect(page.element.querySelector('a[href="/sign-in"]')).not.toBeNull();
  });

  it('says that a link works no more, or was cut off', async () => {
    await screen('token-1', (server) => server.on('confirmAddress', () => refusal(410, 'link-ended', 'It was used.')));
    expect(page.text('[role=alert]')).toBe('It was used.');
    page.element.remove();
    TestBed.resetTestingModule();
    (window.history.replaceState as jasmine.Spy).and.callThrough();
    page = await open(NewAddress, {
      ...{ url: '/address', roles: [] },
      providers: [{ provide: ActivatedRoute, useValue: { fragment: new BehaviorSubject(null) } }],
    });
    expect(page.text('[role=alert]')).toContain('not whole');
  });
});
