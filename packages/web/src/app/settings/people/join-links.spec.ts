import type { JoinLink } from '@yellowwood/contracts';
import { ROLE_RIGHTS } from '@yellowwood/core';
import { Page, id, open } from '../../testing/fake-server';
import { JoinLinks } from './join-links';
import { roleChoices } from './roles';

const LINK: JoinLink = {
  ...{
    id: id(5),
    role: 'staff',
    ownRole: null,
    team: 'Masons',
    uses: 5,
    used: 2,
    expiresAt: '2026-06-19T12:00:00.000Z',
    by: 'Anna Test',
  },
};

const CHOICES = roleChoices([{ id: id(9), name: 'Clerk', rights: { 'time.record': 'own' } }], ROLE_RIGHTS.owner, (text) => text);

describe('links to join', () => {
  let page: Page<JoinLinks>;
  let links: JoinLink[];
  beforeEach(async () => {
    links = [LINK];
    page = await open(JoinLinks, {
      ...{ url: '/f/f/settings/people', roles: ['owner'], inputs: { roles: CHOICES } },
      prepare: (server) =>
        server
          .on('listLinks', () => ({ links }))
          .on('listTeams', () => ({
            teams: [
              { id: id(7), name: 'Masons', leadId: id(2), people: [], version: 1, mine: true },
              { id: id(8), name: 'Office', leadId: id(2), people: [], version: 1, mine: false },
            ],
            people: [],
          }))
          .on('createLink', () => null)
          .on('endLink', () => null),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());

  it('are made with a token that only whoever made it ever sees', async () => {
    await page.choose('Team', 'Masons');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    const [sent] = page.server.to('createLink');
    expect(sent!.body).toEqual(jasmine.objectContaining({ role: 'staff', teamId: id(7), uses: 1, days: 7 }));
    expect(sent!.body.token).toMatch(/^[\w-]{43}$/);
    await page.choose('Role', 'Clerk');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    expect(page.server.to('createLink')[1]!.body.role).toBe(id(9));
    expect(page.text('code')).toBe(`${location.origin}/link#${page.server.to('createLink')[1]!.body.token}`);
    await page.type('yw-text-field input', '0');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
    expect(page.server.to('createLink').length).toBe(2);
    expect(page.text()).toContain('Type how many may join by it: 1 to 200.');
  });

  it('are listed while they live, and ended', async () => {
    expect(page.text('ul li')).toMatch(/^Staff, Masons: 3 of 5 uses left, until Fri 19 Jun, 13:00, by Anna Test end it$/);
    links = [];
    await page.press(/^End the link/);
    await page.settle(20);
    expect(page.server.to('endLink')[0]!.params['id']).toBe(id(5));
    expect(page.element.querySelector('ul')).toBeNull();
  });
});
