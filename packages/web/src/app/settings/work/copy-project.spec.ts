import { Page, WORK, id, open, refusal } from '../../testing/fake-server';
import { CopyProject } from './copy-project';

describe('a copy of a project', () => {
  let page: Page<CopyProject>;
  let made: unknown[];
  const opened = async (inputs: { money: boolean; looksAfter: boolean } = { money: true, looksAfter: true }) => {
    page = await open(CopyProject, {
      ...{ url: '/f/f/settings/work', roles: ['owner'], inputs: { id: id(20), ...inputs } },
      prepare: (server) =>
        server.on('copyProject', ({ body }) => ({
          ...{ client: null, tasks: [] },
          projects: [{ ...WORK.projects[0]!, id: body.id, name: body.name, shown: body.name }],
        })),
    });
    await page.settle(20);
    made = [];
    page.fixture.componentInstance.done.subscribe((work) => made.push(work));
  };
  afterEach(() => page.element.remove());
  const labels = () => page.texts('yw-tick-field label');
  const tick = (label: string) =>
    [...page.element.querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!.control!.click();
  const send = async () => {
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
  };
  const sent = () => page.server.to('copyProject').map(({ body }) => body);

  it('is of the same client, with what one leaves ticked', async () => {
    await opened();
    expect(document.activeElement).toBe(page.element.querySelector('input'));
    await send();
    expect([page.text('form').includes('Type a name.'), sent()]).toEqual([true, []]);
    await page.fill('Name of the copy', 'Pier, second season');
    tick('estimates');
    await send();
    expect(sent()).toEqual([
      {
        ...{ id: jasmine.any(String) as unknown as string, name: 'Pier, second season', client: { id: id(10) } },
        along: { tasks: true, estimates: false, agreement: true, whoRecords: true, notes: false },
      },
    ]);
    expect(page.server.to('copyProject')[0]!.params['id']).toBe(id(20));
    expect(made.length).toBe(1);
  });

  it('takes along what is theirs alone', async () => {
    await opened({ money: false, looksAfter: false });
    expect(labels()).toEqual(['its tasks, as open ones', 'estimates', 'notes']);
    await page.fill('Name of the copy', 'Mole');
    await send();
    expect(sent()[0]!.along).toEqual({ tasks: true, estimates: true, agreement: false, whoRecords: false, notes: false });
  });

  it('is the same one where it is sent again', async () => {
    await opened();
    page.server.on('copyProject', () => refusal(409, 'project-exists', 'There is one.'));
    await page.fill('Name of the copy', 'Mole');
    await send();
    expect([page.refused(), made]).toEqual(['There is one.', []]);
    await send();
    const [first, again] = sent();
    expect(again).toEqual(first!);
  });
});
