import type { Group } from '@yellowwood/contracts';
import { Page, id, open, refusal } from '../../testing/fake-server';
import { GroupsScreen } from './groups';

const [SURVEYOR, FITTER, YARD] = [id(70), id(71), id(72)];
const GROUPS: Group[] = [
  { id: FITTER, kind: 'position', name: 'Fitter', ended: true, version: 3, people: 0 },
  { id: SURVEYOR, kind: 'position', name: 'Surveyor', ended: false, version: 1, people: 2 },
  { id: YARD, kind: 'department', name: 'Yard', ended: false, version: 1, people: 0 },
];

describe('positions and departments', () => {
  let page: Page<GroupsScreen>;
  let groups: Group[];
  beforeEach(async () => {
    groups = GROUPS;
    page = await open(GroupsScreen, {
      ...{ url: '/f/f/settings/groups', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('listGroups', () => ({ groups }))
          .on('createGroup', () => null)
          .on('changeGroup', () => null),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  async function fill(label: string, text: string) {
    const field = [...page.element.querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!
      .control as HTMLInputElement;
    field.value = text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle();
    field.form!.requestSubmit();
    await page.settle(20);
    return field;
  }

  it('stand there with how many have them, and are added', async () => {
    expect(page.texts('li')).toEqual(['Fitterendedrename take up again', 'Surveyor2 peoplerename end', 'Yardnobodyrename end']);
    const field = await fill('New department', 'Stores');
    const { id: made, ...sent } = page.server.to('createGroup')[0]!.body;
    expect([sent, Boolean(made), field.value]).toEqual([{ kind: 'department', name: 'Stores' }, true, ''] as never);
    page.server.on('createGroup', () => refusal(409, 'group-exists', 'One is there.'));
    await fill('New position', 'Surveyor');
    expect(page.refused()).toBe('One is there.');
    expect(page.server.to('createGroup')[1]!.body.kind).toBe('position');
  });

  it('are renamed in their place, ended and taken up again', async () => {
    await page.press('Rename Surveyor');
    await page.settle(10);
    expect(document.activeElement).toBe(page.element.querySelector('li input'));
    await fill('Name', 'Measurer');
    const [sent] = page.server.to('changeGroup');
    expect([sent!.params['id'], sent!.version, sent!.body]).toEqual([
      SURVEYOR,
      '"1"',
      { name: 'Measurer', ended: false },
    ] as never);
    expect(page.element.querySelector('li form')).toBeNull();
    await page.press('End Yard');
    await page.press('Take up Fitter');
    expect(
      page.server
        .to('changeGroup')
        .slice(1)
        .map(({ body }) => body),
    ).toEqual([
      { name: 'Yard', ended: true },
      { name: 'Fitter', ended: false },
    ]);
    page.server.on('changeGroup', () => refusal(409, 'group-held', '2 still have it.'));
    await page.press('End Surveyor');
    expect(page.refused()).toBe('2 still have it.');
    await page.press('Rename Yard');
    await page.settle(10);
    await page.key(page.element.querySelector('li input')!, 'Escape');
    expect(page.element.querySelector('li form')).toBeNull();
  });
});
