import { TestBed } from '@angular/core/testing';
import { ActivatedRoute, Router, convertToParamMap } from '@angular/router';
import type { Session } from '@yellowwood/contracts';
import { withWork } from '../testing/with-work';
import { FakeServer, ME, Page, open, refusal } from '../testing/fake-server';
import { SignIn } from './sign-in';

const NOBODY: Session = {
  account: null,
  firms: [],
  founding: 'open',
  mailPage: 'http://127.0.0.1:9/',
  demo: [{ role: 'owner', name: 'Anselm Rooke', email: 'anselm@firm.example', password: 'oak' }] as Session['demo'],
};
const SOMEBODY: Session = {
  account: {
    id: ME,
    email: 'anna@firm.example',
    name: 'Anna Test',
    theme: 'system',
    durationForm: 'clock',
    forms: { dates: null, clock: null, numbers: null },
  },
  firms: [{ slug: 'f', name: 'Firm' }],
  founding: 'open',
  mailPage: null,
  demo: [],
};

describe('signing in', () => {
  withWork();
  let page: Page<SignIn>;

  async function screen(query: Record<string, string> = {}, prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(SignIn, {
      url: '/sign-in',
      roles: [],
      prepare: (server) => {
        server.on('readSession', () => NOBODY).on('signIn', () => SOMEBODY);
        prepare(server);
      },
      providers: [{ provide: ActivatedRoute, useValue: { snapshot: { queryParamMap: convertToParamMap(query) } } }],
    });
    const { Store } = await import('@ngrx/store');
    const { sessionActions } = await import('../state/session');
    TestBed.inject(Store).dispatch(sessionActions.known({ session: NOBODY }));
    await page.settle();
  }
  afterEach(() => page.element.remove());

  async function fill(email: string, password: string) {
    await page.type('input[name=email]', email);
    await page.type('input[type=password]', password);
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
  }

  it('leads to where the person wanted to go', async () => {
    await screen({ back: '/f/f/collect?show=all' });
    await fill('anna@firm.example', 'secret words');
    expect(page.server.to('signIn')[0]!.body).toEqual({ email: 'anna@firm.example', password: 'secret words' });
    expect(TestBed.inject(Router).url).toBe('/f/f/collect?show=all');
  });

  it('follows no way out of the page', async () => {
    for (const back of ['https://elsewhere.example/f/f', '//elsewhere.example', '/sign-in']) {
      await screen({ back });
      await fill('anna@firm.example', 'secret words');
      expect(TestBed.inject(Router).url).withContext(back).toBe('/');
      page.element.remove();
      TestBed.resetTestingModule();
    }
    await screen();
  });

  it('asks for what is missing before it asks the server', async () => {
    await screen();
    await fill('anna', '');
    expect(page.texts('[role=alert]')).toEqual([
      'Type your e-mail address, or your telephone number with its country, such as +44 7700 900123.',
      'Type your password.',
    ]);
    expect(page.server.to('signIn').length).toBe(0);
  });

  it('tells a refusal, keeps what was typed, and can be tried again', async () => {
    await screen({}, (server) =>
      server.on('signIn', () => refusal(401, 'sign-in-refused', 'This address and this password do not belong together.')),
    );
    await fill('anna@firm.example', 'wrong');
    expect(page.text('[role=alert]')).toBe('This address and this password do not belong together.');
    expect(page.element.querySelector<HTMLInputElement>('input[name=email]')!.value).toBe('anna@firm.example');
    expect(page.button('Sign in').disabled).toBeFalse();
  });

  it('asks for a code where there is a second factor, and sends it with the password', async () => {
    await screen({}, (server) =>
      server.on('signIn', ({ body }) => (body.code === '123456' ? SOMEBODY : refusal(401, 'code-needed', 'Type the code.'))),
    );
    expect(page.element.querySelector('input[name=code]')).toBeNull();
    await fill('anna@firm.example', 'secret words');
    const code = page.element.querySelector<HTMLInputElement>('input[name=code]')!;
    expect(document.activeElement).toBe(code);
    // That it is asked for is no refusal; that it is missing then is one.
    expect(page.element.querySelector('[role=alert]')).toBeNull();
    await fill('anna@firm.example', 'secret words');
    expect(page.text('[role=alert]')).toBe('Type the code.');
    await page.type('input[name=code]', '123456');
    await fill('anna@firm.example', 'secret words');
    expect(page.server.to('signIn').at(-1)!.body).toEqual({
      ...{ email: 'anna@firm.example', password: 'secret words', code: '123456' },
    });
    expect(TestBed.inject(Router).url).toBe('/');
  });

  it('says when the firm of an address is none of theirs', async () => {
    await screen({ unknown: 'other' });
    expect(page.text('[role=alert]')).toContain('no firm of this name');
  });

  it('signs in as one of the demo firm by one press', async () => {
    await screen();
    await page.press(/Anselm Rooke/);
    expect(page.server.to('signIn')[0]!.body).toEqual({ email: 'anselm@firm.example', password: 'oak' });
  });
});
