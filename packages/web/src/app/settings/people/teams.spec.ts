import type { Teams } from '@yellowwood/contracts';
import { Page, id, open, refusal } from '../../testing/fake-server';
import { TeamsScreen } from './teams';

const [ANNA, BEA, CEM] = [id(1), id(2), id(3)];
const TEAMS: Teams = {
  teams: [
    { id: id(50), name: 'Bench', leadId: ANNA, people: [BEA], version: 2, mine: true },
    { id: id(51), name: 'Lime', leadId: BEA, people: [ANNA, CEM], version: 1, mine: true },
    { id: id(52), name: 'Masons', leadId: CEM, people: [], version: 1, mine: false },
  ],
  people: [
    { id: ANNA, name: 'Anna Test', position: null },
    { id: BEA, name: 'Bea Other', position: 'Mason' },
    { id: CEM, name: 'Cem Third', position: null },
  ],
};

describe('the teams', () => {
  let page: Page<TeamsScreen>;
  let known: Teams;
  beforeEach(async () => {
    known = TEAMS;
    page = await open(TeamsScreen, {
      ...{ url: '/f/f/settings/teams', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('listTeams', () => known)
          .on('readHistory', () => ({ events: [] }))
          .on('createTeam', () => null)
          .on('changeTeam', () => null)
          .on('endTeam', () => null),
    });
    await page.settle(30);
  });
  afterEach(() => page.element.remove());

  const row = (name: string) =>
    [...page.element.querySelectorAll<HTMLElement>('tbody tr')].find((one) => one.textContent!.includes(name))!;
  const panel = () => page.element.querySelector('yw-team-panel')!;
  const field = (label: string) =>
    [...panel().querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!.control as HTMLInputElement;
  async function choose(label: string, text: string) {
    field(label).focus();
    field(label).value = text;
    field(label).dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle(30);
    document.querySelector<HTMLElement>('mat-option')!.click();
    await page.settle(20);
  }
  async function send() {
    panel().querySelector('form')!.requestSubmit();
    await page.settle(30);
  }

  it('are listed with who leads them and how many belong to them', () => {
    expect(page.text('.head')).toContain('3 teams');
    expect(page.texts('tbody tr')).toEqual([
      jasmine.stringMatching(/Bench.*Anna Test.*1/),
      jasmine.stringMatching(/Lime.*Bea Other.*2/),
      jasmine.stringMatching(/Masons.*Cem Third.*0/),
    ] as never);
  });

  it('are made with a lead and people, found by typing', async () => {
    await page.press('New team');
    expect(document.activeElement).toBe(field('Name'));
    await send();
    expect(page.texts('yw-team-panel [role=alert]')).toEqual(['Type the name of the team.', 'Choose who leads it.']);
    await page.type('yw-team-panel input', 'Survey');
    await choose('Lead', 'bea');
    await choose('Put somebody in', 'cem');
    expect(field('Put somebody in').value).toBe('');
    await choose('Put somebody in', 'anna');
    expect(page.texts('yw-names-list li').map((text) => text.replace('take out', '').trim())).toEqual(['Anna Test', 'Cem Third']);
    await page.press('Take Cem Third out');
    expect(document.activeElement).toBe(field('Put somebody in'));
    await send();
    const { id: made, ...body } = page.server.to('createTeam')[0]!.body;
    expect(body).toEqual({ name: 'Survey', leadId: BEA, people: [ANNA] });
    expect(made).toMatch(/^[0-9a-f-]{36}$/);
    expect(page.notice()).toContain('Saved');
  });

  it('are changed as they were seen', async () => {
    row('Bench').click();
    await page.settle(20);
    expect(field('Lead').value).toBe('Anna Test');
    page.server.on('changeTeam', () => refusal(409, 'team-exists', 'Take another name.'));
    await page.type('yw-team-panel input', 'Lime');
    await send();
    expect(page.refused()).toBe('Take another name.');
    page.server.on('changeTeam', () => null);
    await page.type('yw-team-panel input', 'Bench and lime');
    await send();
    const [, sent] = page.server.to('changeTeam');
    expect([sent!.version, sent!.body]).toEqual(['"2"', { name: 'Bench and lime', leadId: ANNA, people: [BEA] }]);
  });

  it('are ended, and their people go where one says', async () => {
    row('Bench').click();
    await page.settle(20);
    await page.choose('When it ends, its people go', 'to Lime');
    await page.press('End the team …');
    await page.answer('End Bench');
    expect(page.server.to('endTeam').map(({ version, body }) => [version, body])).toEqual([['"2"', { into: id(51) }]]);
    expect(page.element.querySelector('yw-team-panel')).toBeNull();
    expect(page.notice()).toContain('Bench went into Lime');
  });

  it('are only looked at where their lead sees more', async () => {
    row('Masons').click();
    await page.settle(20);
    expect(panel().textContent).toContain('Its lead sees more than you');
    expect(page.button('Save').disabled).toBeTrue();
    expect(panel().textContent).not.toContain('End the team');
  });
});
