import { TestBed } from '@angular/core/testing';
import { ActivatedRoute } from '@angular/router';
import { Store } from '@ngrx/store';
import { BehaviorSubject } from 'rxjs';
import { sessionActions } from '../state/session';
import { FakeServer, Page, open, refusal } from '../testing/fake-server';
import { Forgotten } from './forgotten';
import { Reset } from './reset';

describe('a forgotten password', () => {
  let page: Page<Forgotten>;
  afterEach(() => page.element.remove());

  async function screen(mailPage: string | null, prepare: (server: FakeServer) => void) {
    page = await open(Forgotten, { url: '/forgotten', roles: [], prepare });
    const session = { account: null, firms: [], founding: 'open' as const, mailPage, demo: [] };
    TestBed.inject(Store).dispatch(sessionActions.known({ session }));
    await page.settle();
  }
  async function ask(email: string) {
    await page.type('input', email);
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
  }

  it('is answered by a message, and can be asked for again', async () => {
    await screen(null, (server) => server.on('forgotPassword', () => null));
    expect(document.activeElement).toBe(page.element.querySelector('input'));
    await ask('anna');
    expect(page.text('[role=alert]')).toContain('your telephone number with its country');
    expect(page.server.to('forgotPassword').length).toBe(0);
    await ask('anna@firm.example');
    expect(page.server.to('forgotPassword')[0]!.body).toEqual({ email: 'anna@firm.example' });
    expect(page.text('[role=status]')).toContain('If anna@firm.example has an account here');
    expect(page.element.querySelector('a[target=_blank]')).toBeNull();
    await page.press('ask again');
    expect(page.element.querySelector<HTMLInputElement>('input')!.value).toBe('anna@firm.example');
  });

  it('leads to the messages of the demo', async () => {
    await screen('http://127.0.0.1:9/', (server) => server.on('forgotPassword', () => null));
    await ask('anna@firm.example');
    expect(page.element.querySelector<HTMLAnchorElement>('a[target=_blank]')!.href).toBe('http://127.0.0.1:9/');
  });

  it('says why it could not be asked for', async () => {
    await screen(null, (server) => server.on('forgotPassword', () => refusal(429, 'too-many-attempts', 'Wait 4 seconds.')));
    await ask('anna@firm.example');
    expect(page.text('[role=alert]')).toContain('Wait 4 seconds.');
    expect(page.element.querySelector('form')).not.toBeNull();
  });
});

describe('a new password', () => {
  let page: Page<Reset>;
  afterEach(() => page.element.remove());

  let fragments: BehaviorSubject<string | null>;

  async function screen(fragment: string | null, prepare: (server: FakeServer) => void = () => undefined) {
    spyOn(window.history, 'replaceState');
    fragments = new BehaviorSubject(fragment);
    page = await open(Reset, {
      url: '/reset',
      roles: [],
      prepare,
      providers: [{ provide: ActivatedRoute, useValue: { fragment: fragments } }],
    });
  }
  async function set(password: string) {
    await page.type('input', password);
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
  }

  it('is set by the link, whose token leaves the address', async () => {
    await screen('token-1', (server) => server.on('resetPassword', () => null));
    expect(window.history.replaceState).toHaveBeenCalledWith(null, '', '/reset');
    expect(document.activeElement).toBe(page.element.querySelector('input'));
    await set('short');
    expect(page.text('[role=alert]')).toContain('at least 12 characters');
    await set('long enough words');
    expect(page.server.to('resetPassword').map((sent) => sent.body)).toEqual([
      { token: 'token-1', password: 'long enough words' },
    ]);
    expect(page.text('[role=status]')).toContain('signed out everywhere');
    expect(page.element.querySelector('a[href="/sign-in"]')).not.toBeNull();
  });

  it('says that a link works no more, and where to get another', async () => {
    await screen('token-1', (server) =>
      server.on('resetPassword', () => refusal(410, 'link-ended', 'It was used. Ask for a new one.')),
    );
    await set('long enough words');
    expect(page.text('[role=alert]')).toContain('Ask for a new one');
    expect(page.element.querySelector('a[href="/forgotten"]')).not.toBeNull();
  });

  it('says that a link was cut off, until the whole one comes', async () => {
    await screen(null);
    expect(page.text('[role=alert]')).toContain('not whole');
    expect(page.element.querySelector('form')).toBeNull();
    fragments.next('whole');
    await page.settle();
    expect(page.element.querySelector('form')).not.toBeNull();
  });
});
