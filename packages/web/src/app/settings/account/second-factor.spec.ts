import type { NewSecret } from '@yellowwood/contracts';
import { Page, open, refusal } from '../../testing/fake-server';
import { SecondFactorSetting } from './second-factor';

const SECRET: NewSecret = {
  secret: 'GEZDGNBVGY3TQOJQ',
  uri: 'otpauth://totp/Yellowwood:anna?secret=GEZDGNBVGY3TQOJQ',
  picture: { size: 21, path: 'M0 0h1v1h-1z' },
};
const CODES = ['aaaa-bbbb-cccc-dddd', 'eeee-ffff-gggg-hhhh'];

describe('a second factor', () => {
  let page: Page<SecondFactorSetting>;
  let kept: number;
  afterEach(() => page.element.remove());

  async function screen(set: boolean, codes = 0) {
    page = await open(SecondFactorSetting, {
      ...{ url: '/f/f/settings/account', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('readSecondFactor', () => ({ set, codes }))
          .on('beginSecondFactor', () => SECRET)
          .on('confirmSecondFactor', () => ({ codes: CODES }))
          .on('renewRecoveryCodes', () => ({ codes: CODES }))
          .on('endSecondFactor', () => null),
    });
    kept = 0;
    page.fixture.componentInstance.kept.subscribe(() => (kept += 1));
    await page.settle(20);
  }
  async function send(values: Record<string, string>) {
    for (const [name, text] of Object.entries(values)) await page.type(`input[name=${name}]`, text);
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
  }

  it('is set up with the password, a picture to scan and the first code; its recovery codes are shown once', async () => {
    await screen(false);
    await page.press('Set up a second factor');
    expect(document.activeElement).toBe(page.element.querySelector('input[name=password]'));
    await send({ password: '' });
    expect(page.text('[role=alert]')).toContain('Type the password');
    await send({ password: 'secret words' });
    expect(page.server.to('beginSecondFactor')[0]!.body).toEqual({ password: 'secret words' });
    expect(page.element.querySelector('svg')!.getAttribute('viewBox')).toBe('-4 -4 29 29');
    expect(page.element.querySelector('svg path')!.getAttribute('d')).toBe(SECRET.picture.path);
    expect(page.text('details')).toContain(SECRET.secret);
    expect(document.activeElement).toBe(page.element.querySelector('input[name=code]'));
    page.server.on('confirmSecondFactor', () => refusal(422, 'code-wrong', 'Take the code that your device shows now.'));
    await send({ code: '000000' });
    expect(page.refused()).toContain('Take the code');
    page.server.on('confirmSecondFactor', () => ({ codes: CODES }));
    await send({ code: '123456' });
    expect(page.server.to('confirmSecondFactor').at(-1)!.body).toEqual({ code: '123456' });
    expect(page.texts('.codes code')).toEqual(CODES);
    expect(kept).toBe(0);
    await page.press('I have kept them');
    expect(kept).toBe(1);
    expect(page.text()).toContain('2 recovery codes are left');
    expect(page.text()).not.toContain(CODES[0]!);
  });

  it('is copied with its codes, or says that the browser does not', async () => {
    await screen(true, 1);
    expect(page.text()).toContain('One recovery code is left.');
    await page.press('New recovery codes');
    await send({ code: '123456' });
    const written = spyOn(navigator.clipboard, 'writeText').and.resolveTo();
    await page.press('Copy them');
    expect(written).toHaveBeenCalledWith(CODES.join('\n'));
    expect(page.notice()).toContain('Copied');
    written.and.rejectWith(new Error('no'));
    await page.press('Copy them');
    expect(page.refused()).toContain('copy them yourself');
  });

  it('is ended with the password and a code', async () => {
    await screen(true, 0);
    expect(page.text()).toContain('No recovery codes are left.');
    await page.press('End it');
    await send({ password: 'secret words', code: '123 456' });
    expect(page.server.to('endSecondFactor')[0]!.body).toEqual({ password: 'secret words', code: '123 456' });
    expect(page.button('Set up a second factor')).toBeDefined();
  });

  it('is let be by Escape, and what was typed is forgotten', async () => {
    await screen(true, 3);
    await page.press('End it');
    await page.type('input[name=password]', 'secret words');
    await page.key(page.element.querySelector('input[name=code]')!, 'Escape');
    expect(page.element.querySelector('form')).toBeNull();
    await page.press('End it');
    expect(page.element.querySelector<HTMLInputElement>('input[name=password]')!.value).toBe('');
  });
});
