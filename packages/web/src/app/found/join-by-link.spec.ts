import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Session } from '@yellowwood/contracts';
import { sessionActions } from '../state/session';
import { FakeServer, ME, Page, me, open, refusal } from '../testing/fake-server';
import { JoinByLink } from './join-by-link';
import { Waiting } from './waiting';

const NOBODY: Session = { account: null, firms: [], founding: 'open', mailPage: null, demo: [] };
const SOMEBODY: Session = {
  ...NOBODY,
  account: {
    ...{ id: ME, email: '+447700900123', name: 'Pip Farr', theme: 'light', durationForm: 'clock' },
    forms: { dates: null, clock: null, numbers: null },
  },
};

describe('the page of a link to join', () => {
  let page: Page<JoinByLink>;
  async function screen(session: Session, url = '/link#made', prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(JoinByLink, {
      ...{ url, roles: [] },
      prepare: (server) => {
        server
          .on('readLink', () => ({ firm: 'Quay Works', sender: 'Maud Ellery', role: 'staff', ownRole: null, team: 'Masons' }))
          .on('readTexts', () => ({
            texts: (['terms', 'data'] as const).map((document) => ({ document, version: '1', title: document, paragraphs: [] })),
          }))
          .on('joinByLink', () => ({ slug: 'f', session: SOMEBODY }));
        prepare(server);
      },
    });
    TestBed.inject(Store).dispatch(sessionActions.known({ session }));
    await page.settle(20);
  }
  afterEach(() => page.element.remove());

  it('asks a stranger for a name, a number with its country and a password', async () => {
    await screen(NOBODY);
    expect(page.text()).toContain(
      'Maud Ellery made this link for those who join Quay Works, in the team Masons, with the role Staff.',
    );
    const [name, number, password] = [...page.element.querySelectorAll<HTMLInputElement>('form input')];
    const type = async (box: HTMLInputElement, text: string) => {
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
      await page.settle();
    };
    await type(name!, 'Pip Farr');
    await type(number!, '07700 900123');
    await type(password!, 'nine umber kettles sing');
    page.element.querySelector<HTMLInputElement>('yw-agree-field input')!.click();
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
    expect(page.server.to('joinByLink')).toEqual([]);
    expect(page.text()).toContain('such as +44 7700 900123');
    await type(number!, ' +44 7700 900123 ');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    const account = { name: 'Pip Farr', number: '+44 7700 900123', password: 'nine umber kettles sing' };
    expect(page.server.to('joinByLink')[0]!.body).toEqual({
      ...{ token: 'made', account: { ...account, consents: { terms: '1', data: '1' } } },
    });
  });

  it('joins as who is signed in, and says what is wrong with a link', async () => {
    await screen(SOMEBODY, '/link#made', (server) => server.on('joinByLink', () => refusal(410, 'link-ended', 'It was used.')));
    await page.press('Join as Pip Farr');
    expect(page.server.to('joinByLink')[0]!.body).toEqual({ token: 'made', account: null });
    expect(page.refused()).toBe('It was used.');
    page.element.remove();
    TestBed.resetTestingModule();
    await screen(NOBODY, '/link');
    expect(page.text()).toContain('This link is not whole.');
  });
});

describe('whoever waits to be confirmed', () => {
  it('looks again, and goes on once somebody has said that it is them', async () => {
    const page = await open(Waiting, {
      ...{ url: '/waiting?back=%2Ff%2Ff%2Frecord', roles: [] },
      prepare: (server) => server.on('readMe', () => refusal(403, 'not-confirmed', 'You have joined Firm.')),
    });
    TestBed.inject(Store).dispatch(
      sessionActions.known({
        session: {
          ...SOMEBODY,
          firms: [
            { slug: 'f', name: 'Firm' },
            { slug: 'g', name: 'Quay Works' },
          ],
        },
      }),
    );
    await page.press('Look again');
    expect(page.refused()).toBe('You have joined Firm.');
    expect(page.texts('a')).toEqual(['Go to Quay Works meanwhile']);
    const go = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    page.server.on('readMe', () => me('staff'));
    await page.press('Look again');
    await page.settle(20);
    expect(String(go.calls.mostRecent()?.args[0])).toContain('/f/f/record');
    page.element.remove();
  });
});
