import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Session } from '@yellowwood/contracts';
import { sessionActions, sessionFeature } from '../state/session';
import { FakeServer, ME, Page, id, open, refusal } from '../testing/fake-server';
import { PersonMenu } from './person-menu';

const SESSION: Session = {
  account: {
    id: ME,
    email: 'anna@firm.example',
    name: 'Anna Test',
    theme: 'light',
    durationForm: 'clock',
    forms: { dates: null, clock: null, numbers: null },
  },
  firms: [{ slug: 'f', name: 'Firm' }],
  founding: 'open',
  mailPage: null,
  demo: [],
};

describe("the person's menu", () => {
  let page: Page<PersonMenu>;

  async function menu(prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(PersonMenu, { url: '/f/f/record', roles: ['staff'], prepare });
    TestBed.inject(Store).dispatch(sessionActions.known({ session: SESSION }));
    await page.settle();
    await page.press('AT, menu of Anna Test');
    await page.settle(30);
  }
  afterEach(() => {
    page.element.remove();
    delete document.documentElement.dataset['theme'];
  });
  const items = () =>
    [...document.querySelectorAll('.cdk-overlay-container [mat-menu-item]')].map((one) => one.textContent!.trim());

  it('shows what is chosen, and changes one preference without the other', async () => {
    await menu((server) =>
      server.on('changePreferences', ({ body }) => ({ ...SESSION, account: { ...SESSION.account!, ...body } })),
    );
    expect(items()).toEqual([
      'Found another firm',
      'Light',
      'Dark',
      'As the system',
      'Hours as 4:30',
      'Hours as 4.50',
      'Settings',
      'First steps',
      'Keys',
      'Change password',
      'Sign out',
    ]);
    const chosen = [...document.querySelectorAll('[role="menuitemradio"][aria-checked="true"]')];
    expect(chosen.map((one) => one.textContent!.trim())).toEqual(['Light', 'Hours as 4:30']);
    await page.press('Dark');
    expect(page.server.to('changePreferences')[0]!.body).toEqual({
      theme: 'dark',
      durationForm: 'clock',
    });
    expect(document.documentElement.dataset['theme']).toBe('dark');
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectAccount)()!.theme).toBe('dark');
  });

  it('leads to the other firms that one belongs to, and to settings', async () => {
    await menu();
    const firms = [...SESSION.firms, { slug: 'other', name: 'Other firm' }];
    TestBed.inject(Store).dispatch(sessionActions.known({ session: { ...SESSION, firms, founding: 'closed' } }));
    await page.settle();
    expect(items()).toContain('To Other firm');
    expect(items()).not.toContain('Found another firm');
    const links = [...document.querySelectorAll<HTMLElement>('.cdk-overlay-container a')];
    links.find((link) => link.textContent!.includes('Other firm'))!.click();
    await page.settle(20);
    expect(TestBed.inject(Router).url).toBe('/f/other/record');
  });

  it('keeps both of two preferences that are chosen one right after the other', async () => {
    await menu((server) => {
      server.onTheWay = () => new Promise((resolve) => setTimeout(resolve, 20));
      server.on('changePreferences', ({ body }) => ({ ...SESSION, account: { ...SESSION.account!, ...body } }));
    });
    const item = (word: string) =>
      [...document.querySelectorAll<HTMLElement>('.cdk-overlay-container [mat-menu-item]')].find((one) =>
        one.textContent!.includes(word),
      )!;
    const [dark, decimal] = [item('Dark'), item('Hours as 4.50')];
    dark.click();
    decimal.click();
    await page.settle(200);
    const bodies = page.server.to('changePreferences').map((sent) => sent.body);
    expect(bodies).toEqual([
      { theme: 'dark', durationForm: 'clock' },
      { theme: 'dark', durationForm: 'decimal' },
    ]);
    expect(document.documentElement.dataset['theme']).toBe('dark');
  });

  it('looks as before where a choice is not kept', async () => {
    await menu((server) => server.on('changePreferences', () => refusal(503, 'not-ready', 'The server is busy.')));
    await page.press('Dark');
    await page.settle(30);
    expect([document.documentElement.dataset['theme'], page.notice()]).toEqual(['light', jasmine.stringContaining('busy')]);
  });

  it('signs out, forgets who was here, and goes to the sign-in page', async () => {
    await menu((server) =>
      server.on('signOut', () => ({ account: null, firms: [], founding: 'open', mailPage: null, demo: [] })),
    );
    await page.press('Sign out');
    await page.settle(20);
    expect(TestBed.inject(Router).url).toBe('/sign-in');
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()).toBeNull();
  });

  it('changes the password after the present one, and says what is wrong', async () => {
    let refused = true;
    await menu((server) =>
      server.on('changePassword', () => (refused ? refusal(422, 'password-wrong', 'The present password is another.') : null)),
    );
    await page.press('Change password');
    await page.settle(300);
    const boxes = () => [...document.querySelectorAll<HTMLInputElement>('mat-dialog-container input')];
    const type = async (index: number, text: string) => {
      boxes()[index]!.value = text;
      boxes()[index]!.dispatchEvent(new Event('input', { bubbles: true }));
      await page.settle();
    };
    const send = async () => {
      [...document.querySelectorAll<HTMLButtonElement>('mat-dialog-container button')].at(-1)!.click();
      await page.settle(30);
    };
    const alert = () => document.querySelector('mat-dialog-container [role=alert]')?.textContent ?? '';
    await type(0, 'the old password');
    await type(1, 'short');
    await send();
    expect(alert()).toContain('at least 12 characters');
    expect(page.server.to('changePassword').length).toBe(0);
    await type(1, 'a longer password');
    await send();
    expect(alert()).toContain('The present password is another.');
    refused = false;
    await send();
    await page.settle(200);
    expect(page.server.to('changePassword').at(-1)!.body).toEqual({ current: 'the old password', next: 'a longer password' });
    expect(page.notice()).toContain('Password changed.');
  });

  it('shows pay to those who may know it, and to nobody else', async () => {
    await menu();
    expect(items()).not.toContain('Pay and overhead');
    page.element.remove();
    TestBed.resetTestingModule();
    document.querySelector('.cdk-overlay-container')?.replaceChildren();
    page = await open(PersonMenu, {
      url: '/f/f/record',
      roles: ['owner'],
      prepare: (server) =>
        server.on('listPay', () => ({
          on: '2026-06-10',
          currency: 'GBP',
          people: [
            {
              id: ME,
              name: 'Anna Test',
              position: 'Surveyor',
              pay: { rate: 200_000, validFrom: '2026-01-01' },
              overhead: 100_000,
              overheadPercent: 500_000,
              cost: 300_000,
              standard: 300_000,
            },
            {
              id: id(3),
              name: 'Cara Pym',
              position: 'Surveyor',
              pay: { rate: 200_000, validFrom: '2026-01-01' },
              overhead: 50_000,
              overheadPercent: null,
              cost: 250_000,
              standard: 300_000,
            },
            {
              id: ME.replace('1', '2'),
              name: 'Ben Holt',
              position: null,
              pay: null,
              overhead: null,
              overheadPercent: null,
              cost: null,
              standard: null,
            },
          ],
        })),
    });
    await page.press('AT, menu of Anna Test');
    await page.settle(30);
    await page.without('cost');
    expect(items()).not.toContain('Pay and overhead');
    await page.without();
    await page.press('Pay and overhead');
    await page.settle(300);
    const rows = [...document.querySelectorAll('mat-dialog-container tbody tr')].map((row) =>
      row.textContent!.replace(/\s+/g, ' ').trim(),
    );
    expect(rows[0]).toContain('Anna TestSurveyor20.0010.0050.0% of pay');
    expect(rows[0]).toContain('30.00');
    // Overhead in money is no share of pay.
    expect(rows[1]).toContain('Cara PymSurveyor20.005.0025.00');
    expect(rows[2]).toContain('no pay rate today');
    await page.answer('Close');
  });

  it('has no first steps for who records no time', async () => {
    page = await open(PersonMenu, { url: '/f/f/results', roles: ['auditor'] });
    await page.press('AT, menu of Anna Test');
    await page.settle(30);
    expect(items()).toContain('Keys');
    expect(items()).not.toContain('First steps');
  });

  it('shows the first steps again, in one’s week', async () => {
    await menu();
    page.server.on('changeGuide', () => null);
    await page.press('First steps');
    await page.settle(30);
    expect(page.server.to('changeGuide').map(({ body }) => body)).toEqual([{ shown: true }]);
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!.guide).toBeTrue();
    expect(TestBed.inject(Router).url).toBe('/f/f/record');
  });

  it('lists the keys', async () => {
    await menu();
    await page.press('Keys');
    await page.settle(300);
    expect(document.querySelector('mat-dialog-container')!.textContent).toContain('F2');
    [...document.querySelectorAll<HTMLButtonElement>('mat-dialog-container button')].at(-1)!.click();
    await page.settle(200);
  });
});
