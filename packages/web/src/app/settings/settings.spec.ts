import type { KnownFirm, KnownSignInRule, Session } from '@yellowwood/contracts';
import { TestBed } from '@angular/core/testing';
import { MatDialogRef } from '@angular/material/dialog';
import { Store } from '@ngrx/store';
import { sessionActions, sessionFeature } from '../state/session';
import { ME, Page, id, me, open, refusal } from '../testing/fake-server';
import { AccountScreen } from './account/account';
import { browserOf } from './account/browser-of';
import { AddressDialog } from './account/address-dialog';
import { Formats } from '../state/formats';
import { FirmScreen } from './firm/firm';
import { SignInRuleScreen } from './firm/sign-in-rule';

const FIRM: KnownFirm = {
  id: id(99),
  facts: {
    ...{
      name: 'Firm',
      address: ['Quay 1', 'Harbour'],
      taxId: 'GB 1',
      email: 'office@firm.example',
      paymentDetails: 'Bank 1',
      opening: '',
      closing: '',
    },
    ...{ invoicePrefix: 'F-', creditPrefix: 'FC-', nextInvoice: 1 },
    forms: { dates: null, clock: null, numbers: null },
  },
  version: 2,
  numbered: false,
  logo: null,
};
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
  ...{ founding: 'open', mailPage: null, demo: [] },
};

async function fill(page: Page<unknown>, label: string, text: string) {
  const field = [...page.element.querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!
    .control as HTMLInputElement;
  field.value = text;
  field.dispatchEvent(new Event('input', { bubbles: true }));
  await page.settle();
}
async function send(page: Page<unknown>) {
  page.element.querySelector('form')!.requestSubmit();
  await page.settle(30);
}

describe('the facts of the firm', () => {
  let page: Page<FirmScreen>;
  let firm: KnownFirm;
  beforeEach(async () => {
    firm = FIRM;
    page = await open(FirmScreen, {
      ...{ url: '/f/f/settings/firm', roles: ['owner'] },
      prepare: (server) => server.on('readFirm', () => firm).on('readHistory', () => ({ events: [] })),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());

  it('are saved as they were seen, and the firm has its new name at once', async () => {
    await fill(page, 'Name', 'Quay Works');
    await fill(page, 'Address, a line each', 'Mole 3\nHarbour');
    await page.choose('Times', '5:40 pm');
    await fill(page, 'Invoice numbers begin with', 'Q-');
    await fill(page, 'Next invoice', '400');
    expect(page.text()).toContain('The next invoice is Q-0400.');
    page.server.on('changeFirm', ({ body }) => ({ ...FIRM, facts: body, version: 3 }));
    await send(page);
    const [sent] = page.server.to('changeFirm');
    expect(sent!.version).toBe('"2"');
    expect(sent!.body).toEqual({
      ...FIRM.facts,
      ...{ name: 'Quay Works', address: ['Mole 3', 'Harbour'], invoicePrefix: 'Q-', nextInvoice: 400 },
      forms: { dates: null, clock: '12 hours', numbers: null },
    });
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!.firm.forms.clock).toBe('12 hours');
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!.firm.name).toBe('Quay Works');
    expect(page.notice()).toContain('Saved');
  });

  it('are without what stands on invoices, where the firm has none', async () => {
    const labels = () => page.texts('label, h2');
    expect(labels().filter((text) => /pay|lines|numbers|Next|Logo/.test(text)).length).toBeGreaterThan(5);
    await page.without('invoices');
    expect(labels().filter((text) => /pay|lines|numbers|Next|Logo/.test(text))).toEqual([]);
  });

  it('have a logo, of a file that is not too large, and lose it again', async () => {
    page.server.on('changeLogo', ({ body }) => {
      firm = { ...firm, version: firm.version + 1, logo: body.picture ? { id: id(77), width: 1200, height: 480 } : null };
      return firm;
    });
    const choose = async (size: number) => {
      const files = new DataTransfer();
      files.items.add(new File([new Uint8Array(size)], 'logo.png', { type: 'image/png' }));
      const box = page.element.querySelector<HTMLInputElement>('input[type=file]')!;
      box.files = files.files;
      box.dispatchEvent(new Event('change'));
      await page.settle(30);
    };
    await choose(200_001);
    expect([page.refused(), page.server.to('changeLogo').length]).toEqual([
      jasmine.stringContaining('larger than 200 kB'),
      0,
    ] as never);
    await fill(page, 'Name', 'Half typed');
    await choose(3);
    expect(page.server.to('changeLogo')[0]!.body).toEqual({ picture: 'AAAA' });
    const picture = page.element.querySelector('img')!;
    expect([picture.getAttribute('src'), picture.alt]).toEqual([`/api/f/f/logos/${id(77)}`, 'Logo of Firm']);
    // What is being typed stays, and is saved on what there is now.
    page.server.on('changeFirm', ({ body }) => ({ ...firm, facts: body, version: 9 }));
    await send(page);
    const [saved] = page.server.to('changeFirm');
    expect([saved!.version, saved!.body.name]).toEqual(['"3"', 'Half typed'] as never);
    await page.press('Take it off');
    await page.settle(20);
    expect([page.server.to('changeLogo')[1]!.body.picture, page.element.querySelector('img')]).toEqual([null, null]);
  });

  it('say what is wrong, and keep what was typed', async () => {
    await fill(page, 'Next invoice', '0');
    await send(page);
    expect(page.refused()).toContain('whole number');
    await fill(page, 'Next invoice', '7');
    page.server.on('changeFirm', () => refusal(409, 'number-taken', 'The numbers have begun.'));
    await send(page);
    expect(page.refused()).toBe('The numbers have begun.');
    expect(page.text()).toContain('The next invoice is F-0007.');
  });
});

describe('what is asked at signing in', () => {
  const RULE: KnownSignInRule = {
    ...{ id: id(99), rule: { factorForMoney: false }, version: 2 },
    people: [
      { id: ME, name: 'Anna Test', factor: true },
      { id: id(2), name: 'Bea Other', factor: false },
    ],
  };

  it('is told with whom it meets, before it is saved', async () => {
    const page = await open(SignInRuleScreen, {
      ...{ url: '/f/f/settings/signing-in', roles: ['owner'] },
      prepare: (server) => server.on('readSignInRule', () => RULE).on('readHistory', () => ({ events: [] })),
    });
    await page.settle(20);
    expect(page.texts('ul li')).toEqual(['Anna Testwith a second factor', 'Bea Otherpassword alone']);
    expect(page.text()).not.toContain('at their next step');
    page.element.querySelector<HTMLInputElement>('input[type=checkbox]')!.click();
    await page.settle();
    expect(page.text()).toContain('Asked to set one up at their next step: Bea Other.');
    TestBed.inject(Store).dispatch(
      sessionActions.meRead({ me: { ...me('owner'), person: { ...me('owner').person, id: id(2) } } }),
    );
    await page.settle();
    expect(page.text()).toContain('set up your own second factor first');
    page.server.on('changeSignInRule', () => refusal(409, 'own-factor-first', 'You see money too.'));
    await send(page);
    expect(page.refused()).toBe('You see money too.');
    page.server.on('changeSignInRule', ({ body }) => ({
      ...{ ...RULE, rule: body, version: 3 },
      people: RULE.people.map((one) => ({ ...one, factor: true })),
    }));
    await send(page);
    expect(page.server.to('changeSignInRule').map(({ version, body }) => [version, body])).toEqual([
      ['"2"', { factorForMoney: true }],
      ['"2"', { factorForMoney: true }],
    ]);
    expect(page.text()).toContain('All who see money have one.');
    page.element.remove();
  });
});

describe('one’s own account', () => {
  it('has a name, and says where it is signed in', async () => {
    const one = { beganAt: '2026-06-10T08:00:00.000Z', agent: 'Mozilla/5.0 (X11; Linux x86_64) Chrome/150.0' };
    const page = await open(AccountScreen, {
      ...{ url: '/f/f/settings/account', roles: ['staff'] },
      prepare: (server) =>
        server
          .on('listSessions', () => ({
            sessions: [
              { ...one, id: 'a', own: true },
              { ...one, id: 'b', own: false, agent: '' },
            ],
          }))
          .on('endSessions', () => ({ sessions: [{ ...one, id: 'a', own: true }] }))
          .on('readSecondFactor', () => ({ set: false, codes: 0 }))
          .on('leaveFirm', () => null)
          .on('readSession', () => ({ ...SESSION, firms: [] }))
          .on('changeName', ({ body }) => ({ ...SESSION, account: { ...SESSION.account!, name: body.name } })),
    });
    TestBed.inject(Store).dispatch(sessionActions.known({ session: SESSION }));
    await page.settle(20);
    expect(page.texts('li').map((text) => text.replace(/ since.*/, ''))).toEqual([
      jasmine.stringContaining('Chrome or Chromium on Linux, here'),
      jasmine.stringContaining('a program'),
    ] as never);
    await fill(page, 'Your name', 'Anna Other');
    await send(page);
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectAccount)()!.name).toBe('Anna Other');
    await page.press('Sign out everywhere else');
    await page.settle(20);
    expect([page.texts('li').length, page.text()]).toEqual([1, jasmine.stringContaining('Nowhere else.')] as never);
    await page.press('Leave Firm');
    await page.answer('Leave Firm');
    expect(page.server.to('leaveFirm').map(({ version }) => version)).toEqual(['"3"']);
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectSession)()!.firms).toEqual([]);
    page.element.remove();
  });

  it('has forms of dates, times and figures of its own', async () => {
    const page = await open(AccountScreen, {
      ...{ url: '/f/f/settings/account', roles: ['staff'] },
      prepare: (server) =>
        server
          .on('readSecondFactor', () => ({ set: false, codes: 0 }))
          .on('listSessions', () => ({ sessions: [] }))
          .on('changePreferences', ({ body }) => ({ ...SESSION, account: { ...SESSION.account!, forms: body.forms! } })),
    });
    TestBed.inject(Store).dispatch(sessionActions.known({ session: SESSION }));
    await page.settle(20);
    await page.choose('Dates', '2026-06-09');
    page.element.querySelectorAll('form')[1]!.requestSubmit();
    await page.settle(30);
    const forms = { dates: 'year first' as const, clock: null, numbers: null };
    expect(page.server.to('changePreferences')[0]!.body).toEqual({ theme: 'light', durationForm: 'clock', forms });
    expect(TestBed.inject(Formats).day('2026-06-09')).toBe('2026-06-09');
    page.element.remove();
  });

  it('has another address by a message there', async () => {
    const closed = jasmine.createSpyObj<MatDialogRef<unknown>>('dialog', ['close']);
    const page = await open(AddressDialog, {
      ...{ url: '/f/f/settings/account', roles: ['staff'] },
      providers: [{ provide: MatDialogRef, useValue: closed }],
      prepare: (server) => server.on('changeAddress', () => refusal(422, 'password-wrong', 'Type the password.')),
    });
    await fill(page, 'New e-mail address', 'anna@new.example');
    await fill(page, 'Your password', 'secret words');
    await send(page);
    expect([page.refused(), closed.close.calls.count()]).toEqual(['Type the password.', 0]);
    page.server.on('changeAddress', () => null);
    await send(page);
    expect(page.server.to('changeAddress')[1]!.body).toEqual({ email: 'anna@new.example', password: 'secret words' });
    expect(closed.close).toHaveBeenCalled();
    expect(page.notice()).toContain('A message goes to anna@new.example');
    page.element.remove();
  });

  it('tells browsers apart as far as they say', () => {
    expect(browserOf('Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Version/18.0 Safari/604.1')).toBe('Safari on iOS');
    expect(browserOf('Mozilla/5.0 (Windows NT 10.0) Gecko/20100101 Firefox/140.0')).toBe('Firefox on Windows');
    expect(browserOf('curl/8')).toBe('a program');
  });
});
