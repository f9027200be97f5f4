import type { LooksAfter, Staff, Team } from '@yellowwood/contracts';
import { Page, id, open, refusal } from '../../testing/fake-server';
import { PersonWork } from './person-work';

const PERSON = {
  ...{ id: id(2), name: 'Ben Holt', email: 'ben@firm.example', version: 3, position: null, department: null },
  ...{ account: 'active', leftOn: null, invitedOn: null, teams: ['Masons'] },
  ...{ roles: ['staff'], ownRoles: [], exceptions: {} },
} as Staff['people'][number];
const OTHER = { ...PERSON, id: id(3), name: 'Cara Pym' };
const GONE = { ...PERSON, id: id(4), name: 'Old Hand', leftOn: '2026-01-31' };

const team = (number: number, name: string, people: string[], mine = true): Team => ({
  ...{ id: id(number), name, people, mine, leadId: id(3), version: 4 },
});

describe('the teams of a person, and what they look after', () => {
  let page: Page<PersonWork>;
  async function screen(person: Staff['people'][number], after: LooksAfter) {
    page = await open(PersonWork, {
      ...{ url: '/f/f/settings/people', roles: ['owner'], inputs: { person, people: [person, OTHER, GONE] } },
      prepare: (server) =>
        server
          .on('readLooksAfter', () => after)
          .on('listTeams', () => ({
            teams: [team(10, 'Masons', [id(2), id(3)]), team(11, 'Office', []), team(12, 'Board', [id(2)], false)],
            people: [],
          }))
          .on('changeTeam', () => null)
          .on('handOver', () => null),
    });
    await page.settle(20);
  }
  afterEach(() => page.element.remove());
  const LOOKS: LooksAfter = {
    projects: [
      { id: id(20), name: 'Weir', client: 'Quay Trust', mine: true },
      { id: id(21), name: 'Yard', client: null, mine: true },
    ],
    teams: [
      { id: id(10), version: 4, name: 'Masons', mine: true },
      { id: id(13), version: 2, name: 'Board', mine: false },
    ],
    open: [{ from: '2026-06-01', to: '2026-06-07', duration: 12_600 }],
  };

  it('are changed here: in, and out of those that one may change', async () => {
    await screen(PERSON, { projects: [], teams: [], open: [] });
    expect(page.texts('ul[aria-label=Teams] li')).toEqual(['Masons take out', 'Board']);
    expect(page.text()).not.toContain('Looks after');
    await page.choose('Put into', 'Office');
    await page.settle(20);
    const sent = () => page.server.to('changeTeam').map(({ params, version, body }) => [params['id'], version, body.people]);
    expect(sent()).toEqual([[id(11), '"4"', [id(2)]]]);
    expect(page.notice()).toContain('Ben Holt is in Office');
    await page.press('Take out of Masons');
    await page.settle(20);
    expect(sent()[1]).toEqual([id(10), '"4"', [id(3)]]);
  });

  it('is handed over, but what one keeps back or may not give', async () => {
    await screen(PERSON, LOOKS);
    expect(page.texts('ul[aria-label="Looks after"] li')).toEqual([
      'Weir, Quay Trust',
      'Yard',
      'the team Masons',
      'the team Board',
    ]);
    const boxes = [...page.element.querySelectorAll<HTMLInputElement>('.ticks input')];
    expect(boxes.map(({ checked, disabled }) => [checked, disabled])).toEqual([
      [true, false],
      [true, false],
      [true, false],
      [false, true],
    ]);
    await page.press(/^Hand 2 projects and 1 team over to/);
    expect(page.server.to('handOver').length).toBe(0);
    expect(page.text('[role=alert]')).toContain('Choose who takes it over.');
    boxes[1]!.click();
    await page.settle();
    // Who has left takes nothing over, nor the person themselves.
    expect(await page.find('', 'yw-person-field input')).toEqual(['Cara Pym']);
    await page.find('pym', 'yw-person-field input');
    await page.key(page.element.querySelector('yw-person-field input')!, 'Enter');
    await page.press('Hand 1 project and 1 team over to Cara Pym');
    await page.settle(20);
    expect(page.server.to('handOver')[0]!.body).toEqual({
      ...{ to: id(3), projects: [id(20)], teams: [{ id: id(10), version: 4 }] },
    });
    expect(page.notice()).toContain('Handed over');
    page.server.on('handOver', () => refusal(409, 'handed-over-already', 'Look at it again.'));
    await page.press(/^Hand 1 project/);
    await page.settle(20);
    expect(page.text('[role=alert]')).toContain('Look at it again.');
  });

  it('leaves weeks to the person while they are there', async () => {
    await screen(PERSON, LOOKS);
    expect(page.text()).not.toContain('Not submitted');
  });

  it('leaves weeks to be submitted by somebody else, once they have left', async () => {
    await screen({ ...PERSON, leftOn: '2026-06-05' }, LOOKS);
    const link = page.element.querySelector<HTMLAnchorElement>('ul[aria-label="Not submitted"] a')!;
    expect(page.text('ul[aria-label="Not submitted"]')).toContain('3:30');
    expect(link.getAttribute('href')).toBe(`/f/f/record?as=${id(2)}&period=2026-W23`);
    // Nobody who has left is put into a team.
    expect(page.text()).not.toContain('Put into');
  });
});
