import { TestBed } from '@angular/core/testing';
import type { ProjectFacts, Repricing } from '@yellowwood/contracts';
import { Store } from '@ngrx/store';
import { Refresh } from '../../state/refresh';
import { workActions } from '../../state/work';
import { FakeServer, NO_DAYS, Page, UNDER_WAY, WORK, id, open, refusal } from '../../testing/fake-server';
import { KeptOutline } from '../../testing/kept-outline';
import { WorkScreen } from './work';

/** The project that was just sent, as the server has it. */
const ABUTMENT = (page: Page<WorkScreen>) => {
  const { id: own, name } = page.server.to('layDown')[0]!.body.lines[0]!;
  return { ...WORK.projects[0]!, id: own, name, shown: name };
};

/** What is said of the project that stands in the work of these tests. */
const PIER = { name: 'Pier', code: 'P1', orderReference: '', stateId: id(71), archived: false, tone: 3, notes: '', ...NO_DAYS };

describe('the outline of clients, projects and tasks', () => {
  let page: Page<WorkScreen>;
  let kept: KeptOutline;
  afterEach(() => page.element.remove());

  async function opened(
    prepare: (server: FakeServer) => void = () => undefined,
    roles: 'owner' | 'auditor' | 'project manager' = 'owner',
  ) {
    kept = new KeptOutline();
    page = await open(WorkScreen, {
      ...{ url: '/f/f/settings/work', roles: [roles] },
      prepare: (server) => {
        kept.serve(server);
        prepare(server);
      },
    });
    await page.settle(20);
  }
  const rows = () => [...page.element.querySelectorAll<HTMLTableRowElement>('tbody tr')];
  const named = (name: string) => rows().find((one) => one.cells[0]!.textContent!.replace(/[›\s]+/g, ' ').trim() === name)!;
  /** Each name after as many dots as it is deep. */
  const drawn = () =>
    rows().map((one) => {
      const name = one.cells[0]!.querySelector('input')?.value ?? one.cells[0]!.textContent!.replace(/[›\s]+/g, ' ').trim();
      return `${'.'.repeat(Number(one.getAttribute('aria-level')) - 1)}${one.querySelector('input') ? '*' : ''}${name}`;
    });
  const box = () => page.element.querySelector<HTMLInputElement>('yw-name-box input')!;
  const sent = () => page.server.sent.map(({ name }) => name).filter((name) => /Task|layDown/.test(name) && name !== 'listTasks');

  async function unfolded(): Promise<void> {
    await press('Pier', 'ArrowRight');
  }
  async function press(name: string, key: string, modifiers: KeyboardEventInit = {}): Promise<void> {
    named(name).focus();
    await page.key(named(name), key, modifiers);
    await page.settle(20);
  }
  async function typed(text: string, key: string, modifiers: KeyboardEventInit = {}): Promise<void> {
    box().value = text;
    await page.key(box(), key, modifiers);
    await page.settle(20);
  }
  async function pasted(name: string, text: string): Promise<void> {
    named(name).focus();
    const data = new DataTransfer();
    data.setData('text/plain', text);
    named(name).dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    await page.settle(30);
  }

  it('is a grid of rows that unfold and fold by arrows; a project is read when it is unfolded', async () => {
    await opened();
    expect(page.element.querySelector('table')!.getAttribute('role')).toBe('treegrid');
    expect(named('Pier').cells[0]!.getAttribute('role')).toBe('gridcell');
    expect(drawn()).toEqual(['Harbour Trust', '.Pier', 'Practice (internal)', '.Running the office']);
    expect([named('Pier').ariaExpanded, named('Harbour Trust').ariaExpanded, named('Running the office').ariaExpanded]).toEqual([
      'false',
      'true',
      null,
    ]);
    expect(page.server.to('listTasks').length).toBe(0);
    await unfolded();
    expect(drawn().slice(0, 5)).toEqual(['Harbour Trust', '.Pier', '..Survey of piles', '...Soundings', '..Report']);
    expect(named('Soundings').textContent).toContain('10:00');
    await press('Pier', 'ArrowRight');
    expect(document.activeElement).toBe(named('Survey of piles'));
    await press('Survey of piles', 'ArrowLeft');
    expect(drawn()).not.toContain('...Soundings');
    await press('Survey of piles', 'ArrowLeft');
    expect(document.activeElement).toBe(named('Pier'));
    await press('Pier', 'ArrowLeft');
    await press('Pier', 'ArrowRight');
    expect([drawn().length, page.server.to('listTasks').length]).toEqual([6, 1]);
  });

  it('grows by Enter, a level further in by Tab and out by Shift and Tab', async () => {
    await opened();
    await unfolded();
    await press('Report', 'Enter');
    await typed('Plan 12 h', 'Enter');
    await typed('Section', 'Tab');
    expect(drawn().slice(4, 8)).toEqual(['..Report', '..Plan', '...*Section', 'Practice (internal)']);
    expect(document.activeElement).toBe(box());
    await typed('Section', 'Enter');
    await typed('Elevation', 'Tab', { shiftKey: true });
    await typed('Elevation', 'Enter');
    await typed('', 'Enter');
    expect(drawn().slice(4, 8)).toEqual(['..Report', '..Plan', '...Section', '..Elevation']);
    expect(document.activeElement).toBe(named('Elevation'));
    expect([...kept.kept.values()].slice(-3).map(({ name, estimate }) => [name, estimate])).toEqual([
      ['Plan', 43_200],
      ['Section', 0],
      ['Elevation', 0],
    ]);
    const [plan, section] = page.server.to('addTasks').map(({ body }) => body);
    expect([plan!.place, section!.place]).toEqual([
      { parentId: null, beforeId: null },
      { parentId: plan!.lines[0]!.id, beforeId: null },
    ]);
  });

  it('does not wait for one line to be stored before the next', async () => {
    await opened();
    await unfolded();
    const soon = () => new Promise((resolve) => setTimeout(resolve, 60));
    const waiting: (() => void)[] = [];
    page.server.onTheWay = () => new Promise((resolve) => waiting.push(() => resolve(undefined)));
    named('Survey of piles').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
    await soon();
    for (const name of ['One', 'Two', 'Three']) {
      box().value = name;
      box().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
      await soon();
    }
    expect(drawn().slice(2, 8)).toEqual(['..Survey of piles', '...Soundings', '..One', '..Two', '..Three', '..*']);
    page.server.onTheWay = () => Promise.resolve();
    for (const go of waiting) go();
    await page.key(box(), 'Escape');
    await page.settle(30);
    expect(drawn().slice(4, 8)).toEqual(['..One', '..Two', '..Three', '..Report']);
    const places = [...kept.kept.values()].filter(({ parentId }) => parentId === null).sort((a, b) => a.place - b.place);
    expect(places.map(({ name }) => name)).toEqual(['Survey of piles', 'One', 'Two', 'Three', 'Report']);
  });

  it('does not wait for a project either: the next line goes below it, wherever its name has put it', async () => {
    const answers: (() => void)[] = [];
    await opened((server) =>
      server.on('layDown', async ({ body }) => {
        await new Promise<void>((resolve) => answers.push(resolve));
        const { id: own, name } = body.lines[0]!;
        const usual = { departmentId: null, orderReference: '', tone: 1, ...UNDER_WAY, billable: true, managerId: id(1) };
        return { client: null, tasks: [], projects: [{ id: own, clientId: id(10), name, shown: name, code: 'A', ...usual }] };
      }),
    );
    const keys = async (text: string, key: string) => {
      box().value = text;
      box().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await new Promise((resolve) => setTimeout(resolve, 60));
    };
    await press('Harbour Trust', 'Enter');
    await keys('Abutment', 'Enter');
    expect(drawn().slice(0, 4)).toEqual(['Harbour Trust', '.Pier', '.Abutment', '.*']);
    // Read again meanwhile, it stands in its order: before what was there.
    page.server.work = { ...WORK, projects: [ABUTMENT(page), ...WORK.projects] };
    TestBed.inject(Refresh).written();
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(drawn().slice(0, 4)).toEqual(['Harbour Trust', '.Abutment', '.*', '.Pier']);
    expect(document.activeElement).withContext('whoever types in a row that moves goes on there').toBe(box());
    await keys('Footing', 'Tab');
    expect([box().selectionStart, box().selectionEnd]).toEqual([7, 7]);
    await keys('Footing', 'Enter');
    expect(drawn().slice(1, 4)).toEqual(['.Abutment', '..Footing', '..*']);
    answers.forEach((go) => go());
    await page.key(box(), 'Escape');
    await page.settle(40);
    const { body } = page.server.to('layDown')[0]!;
    expect(page.server.to('addTasks').map((one) => [one.params['id'], one.body.lines[0]!.name])).toEqual([
      [body.lines[0]!.id, 'Footing'],
    ]);
  });

  it('moves by Alt and arrows, is renamed by F2, done by Space, taken away by Delete, and all of it taken back', async () => {
    await opened();
    await unfolded();
    await press('Report', 'ArrowUp', { altKey: true });
    expect([drawn()[2], document.activeElement]).toEqual(['..Report', named('Report')]);
    await press('Survey of piles', 'ArrowRight', { altKey: true });
    expect(drawn().slice(2, 5)).toEqual(['..Report', '...Survey of piles', '....Soundings']);
    await press('Soundings', 'ArrowLeft', { altKey: true });
    await press('Soundings', 'ArrowDown', { altKey: true });
    await press('Report', 'ArrowUp', { altKey: true });
    expect(drawn().slice(2, 5)).toEqual(['..Report', '...Survey of piles', '...Soundings']);
    await press('Soundings', 'F2');
    expect([box().selectionStart, box().selectionEnd]).toEqual([0, 9]);
    // What is taken back in a name is what was typed in it.
    const reached = jasmine.createSpy();
    page.element.querySelector('table')!.addEventListener('keydown', reached);
    await page.key(box(), 'z', { ctrlKey: true });
    await typed('Soundings', 'Enter');
    expect([reached.calls.count(), sent().length])
      .withContext('none of its keys reaches the rows, and what is as it was is not sent')
      .toEqual([0, 3]);
    await press('Soundings', 'F2');
    expect(drawn()).toContain('...*Soundings');
    await typed('Soundings by boat 9:30', 'Enter');
    await press('Soundings by boat', ' ');
    expect(named('Soundings by boat').classList).toContain('dim');
    await press('Survey of piles', 'Delete');
    expect(drawn().slice(2, 5)).toEqual(['..Report', '...Soundings by boat', 'Practice (internal)']);
    expect(sent().length).withContext('two of the moves lead nowhere').toBe(6);
    for (let count = 0; count < 6; count += 1) await press('Report', 'z', { ctrlKey: true });
    expect(drawn().slice(2, 5)).toEqual(['..Survey of piles', '...Soundings', '..Report']);
    expect([kept.kept.get(id(31))!.estimate, kept.kept.get(id(31))!.open, kept.kept.get(id(30))!.kind]).toEqual([
      36_000,
      true,
      'phase',
    ]);
    expect(page.text('.told')).toBe('Taken back: Report moved.');
    await press('Report', 'z', { ctrlKey: true });
    expect(sent().length).toBe(12);
  });

  it('shows what is being named also below what is folded', async () => {
    await opened();
    await press('Harbour Trust', 'ArrowLeft');
    expect(drawn()[1]).toBe('Practice (internal)');
    await press('Harbour Trust', 'Enter');
    expect(drawn().slice(0, 3)).toEqual(['Harbour Trust', '.Pier', '.*']);
    await page.key(box(), 'Escape');
    await press('Harbour Trust', 'ArrowRight');
    await unfolded();
    await press('Survey of piles', 'ArrowLeft');
    await press('Survey of piles', 'Enter');
    await typed('Echo', 'Tab');
    expect(drawn().slice(2, 5)).toEqual(['..Survey of piles', '...Soundings', '...*Echo']);
  });

  it('loses no letter that is typed while a new row goes one level in', async () => {
    await opened();
    await unfolded();
    await press('Survey of piles', 'Enter');
    const typedIn = box();
    typedIn.value = 'Echo';
    typedIn.dispatchEvent(new KeyboardEvent('keydown', { key: 'Tab', bubbles: true, cancelable: true }));
    typedIn.value = 'Echo so';
    await page.settle(30);
    expect([box() === typedIn, box().value]).toEqual([true, 'Echo so']);
    expect(drawn()[4]).toBe('...*Echo so');
  });

  it('has the work read again that others find it by', async () => {
    await opened();
    await unfolded();
    const dispatched = spyOn(TestBed.inject(Store), 'dispatch').and.callThrough();
    await press('Soundings', ' ');
    expect(dispatched.calls.allArgs().map(([action]) => (action as unknown as { type: string }).type)).toEqual([
      workActions.workOutdated.type,
    ]);
  });

  it('takes back what was done last, also while that is still being stored', async () => {
    await opened();
    await unfolded();
    await press('Report', 'F2');
    await typed('Findings', 'Enter');
    const waiting: (() => void)[] = [];
    page.server.onTheWay = () => new Promise((resolve) => waiting.push(() => resolve(undefined)));
    const now = (name: string, key: string, ctrlKey = false) => {
      named(name).focus();
      named(name).dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey, bubbles: true, cancelable: true }));
    };
    now('Soundings', ' ');
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(named('Soundings').classList).withContext('done at once').toContain('dim');
    // Twice, and faster than the first is answered.
    now('Soundings', 'z', true);
    now('Soundings', 'z', true);
    page.server.onTheWay = () => Promise.resolve();
    for (const go of waiting) go();
    await page.settle(60);
    const changes = page.server.to('changeTask').map(({ body }) => body);
    expect(changes).toEqual([{ name: 'Findings' }, { open: false }, { open: true }, { name: 'Report' }]);
    expect(page.text('.told')).toBe('Taken back: Report changed.');
  });

  for (const [what, key, modifiers] of [
    ['moved', 'ArrowUp', { altKey: true }],
    ['taken away', 'Delete', {}],
  ] as const)
    it(`takes back what was ${what} last, also while that is still being stored`, async () => {
      await opened();
      await unfolded();
      await press('Soundings', 'F2');
      await typed('Echo', 'Enter');
      const waiting: (() => void)[] = [];
      page.server.onTheWay = () => new Promise((resolve) => waiting.push(() => resolve(undefined)));
      const now = (name: string, pressed: string, held: KeyboardEventInit) => {
        named(name).focus();
        named(name).dispatchEvent(new KeyboardEvent('keydown', { key: pressed, ...held, bubbles: true, cancelable: true }));
      };
      now('Report', key, modifiers);
      now('Survey of piles', 'z', { ctrlKey: true });
      await new Promise((resolve) => setTimeout(resolve, 60));
      page.server.onTheWay = () => Promise.resolve();
      for (const go of waiting) go();
      await page.settle(60);
      expect(page.text('.told')).toBe(`Taken back: Report ${what}.`);
      expect(drawn().slice(2, 5)).toEqual(['..Survey of piles', '...Echo', '..Report']);
    });

  it('takes back a list that was pasted last, also while it is still being stored', async () => {
    await opened();
    await unfolded();
    await press('Soundings', 'F2');
    await typed('Echo', 'Enter');
    const waiting: (() => void)[] = [];
    page.server.onTheWay = () => new Promise((resolve) => waiting.push(() => resolve(undefined)));
    const data = new DataTransfer();
    data.setData('text/plain', 'Alpha\nBeta');
    named('Report').focus();
    named('Report').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    await new Promise((resolve) => setTimeout(resolve, 60));
    named('Report').dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true, cancelable: true }));
    await new Promise((resolve) => setTimeout(resolve, 60));
    page.server.onTheWay = () => Promise.resolve();
    for (const go of waiting) go();
    await page.settle(60);
    expect(page.text('.told')).toBe('Taken back: 2 added.');
    expect(drawn()).toContain('...Echo');
  });

  it('begins with a client, and goes on with its first project', async () => {
    await opened((server) =>
      server.on('createClient', ({ body }) => ({
        ...{ id: body.id, currency: 'GBP', version: 1 },
        facts: { name: body.name, address: [], country: 'GB', email: '', taxId: '', paymentDays: 30, archived: false },
      })),
    );
    await page.press('Add client');
    await page.settle(20);
    expect([drawn()[0], box().placeholder]).toEqual(['*', 'Name of a client']);
    await typed('Mole Trust', 'Enter');
    await page.settle(20);
    const at = drawn().indexOf('Mole Trust');
    expect([at > -1, drawn()[at + 1]]).toEqual([true, '.*']);
    await page.key(box(), 'Escape');
    await page.settle(20);
    expect([drawn().length, document.activeElement]).toEqual([5, named('Mole Trust')]);
  });

  it('takes a name that one leaves by a press elsewhere, and drops one that is empty or given up', async () => {
    await opened();
    await unfolded();
    const away = async (text: string) => {
      box().value = text;
      named('Pier').dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }));
      box().blur();
      await page.settle(30);
    };
    await press('Report', 'Enter');
    await away('Plan');
    expect([drawn().slice(4, 6), box()]).toEqual([['..Report', '..Plan'], null] as never);
    await press('Plan', 'Enter');
    await away(' ');
    await press('Plan', 'F2');
    await away('Plans');
    await press('Plans', 'F2');
    await typed('Something', 'Escape');
    expect([drawn().slice(4, 7), document.activeElement]).toEqual([
      ['..Report', '..Plans', 'Practice (internal)'],
      named('Plans'),
    ] as never);
    // A window that is left and come back to has the name as it was.
    await press('Plans', 'Enter');
    box().value = 'Half a na';
    box().dispatchEvent(new FocusEvent('blur'));
    await page.settle(30);
    expect([document.activeElement, box().value]).toEqual([box(), 'Half a na']);
    expect(sent()).toEqual(['addTasks', 'changeTask']);
  });

  it('leads from the first tasks out to a new project, goes nowhere where there is nothing, and moves what is renamed', async () => {
    await opened();
    await unfolded();
    await press('Survey of piles', 'Enter');
    await typed('Dolphin', 'Tab', { shiftKey: true });
    expect(drawn().slice(1, 7)).toEqual([
      '.Pier',
      '..Survey of piles',
      '...Soundings',
      '..Report',
      '.*Dolphin',
      'Practice (internal)',
    ]);
    await typed('Dolphin', 'Tab', { shiftKey: true });
    expect(drawn()[5]).toBe('.*Dolphin');
    await typed('Dolphin', 'Escape');
    await press('Report', 'F2');
    await typed('Reports', 'Tab');
    expect([drawn().slice(3, 5), document.activeElement]).toEqual([['...Soundings', '...*Reports'], box()] as never);
    await typed('Reports', 'Tab', { shiftKey: true });
    expect(drawn().slice(3, 5)).toEqual(['...Soundings', '..*Reports']);
    await typed('Reports', 'Enter');
    expect(document.activeElement).toBe(named('Reports'));
  });

  it('is put in order by dragging: before a task by its upper half, below it by its lower one, last below a project', async () => {
    await opened();
    await unfolded();
    const handle = (name: string) => (named(name) ?? fail(`${name} of ${drawn().join()}`)).querySelector<HTMLElement>('.name')!;
    const drag = async (name: string, onto: string, part: number) => {
      handle(name).dispatchEvent(new DragEvent('dragstart', { bubbles: true }));
      const { top, height } = handle(onto).getBoundingClientRect();
      const at = { bubbles: true, cancelable: true, clientY: top + height * part };
      handle(onto).dispatchEvent(new DragEvent('dragover', at));
      await page.settle(10);
      const marked = handle(onto).classList.contains('over');
      handle(onto).dispatchEvent(new DragEvent('drop', at));
      await page.settle(30);
      return marked;
    };
    expect(await drag('Report', 'Survey of piles', 0.2)).toBeTrue();
    expect(drawn().slice(2, 5)).toEqual(['..Report', '..Survey of piles', '...Soundings']);
    await drag('Soundings', 'Report', 0.8);
    expect(drawn().slice(2, 5)).toEqual(['..Report', '...Soundings', '..Survey of piles']);
    await drag('Soundings', 'Pier', 0.5);
    expect(drawn().slice(2, 5)).toEqual(['..Report', '..Survey of piles', '..Soundings']);
    expect(await drag('Soundings', 'Harbour Trust', 0.5)).toBeFalse();
    await drag('Soundings', 'Soundings', 0.8);
    expect(sent().length).toBe(3);
    expect(handle('Pier').draggable).toBeFalse();
  });

  it('keeps what could not be taken back, to be taken back again', async () => {
    await opened();
    await unfolded();
    await press('Report', 'Enter');
    await typed('Plan', 'Enter');
    await typed('', 'Escape');
    page.server.on('removeTask', () => refusal(409, 'task-used', '“Plan” has time.'));
    await press('Plan', 'z', { ctrlKey: true });
    expect([page.refused(), page.text('.told'), drawn()[5]]).toEqual(['“Plan” has time.', '', '..Plan']);
    kept.serve(page.server);
    await press('Plan', 'z', { ctrlKey: true });
    expect([page.text('.told'), drawn()[5]]).toEqual(['Taken back: Plan added.', 'Practice (internal)']);
  });

  it('takes a pasted list below the row that it is pasted on', async () => {
    await opened((server) => server.on('layDown', () => refusal(409, 'project-exists', 'The project “Slip” is open already.')));
    await unfolded();
    await pasted('Report', '- Draft 2 h\n  - Figures\n- Final');
    expect(drawn().slice(4, 8)).toEqual(['..Report', '...Draft', '....Figures', '...Final']);
    await press('Report', 'z', { ctrlKey: true });
    expect(drawn().slice(4, 6)).toEqual(['..Report', 'Practice (internal)']);
    await pasted('Harbour Trust', 'Slip\n\tPlan');
    const { body } = page.server.to('layDown')[0]!;
    expect<unknown>([body.client, body.lines.map(({ name }) => name)]).toEqual([{ id: id(10) }, ['Slip', 'Plan']]);
    expect(page.refused()).toBe('The project “Slip” is open already.');
    await press('Survey of piles', 'Enter');
    const data = new DataTransfer();
    data.setData('text/plain', 'Alpha\nBeta');
    box().dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    await page.settle(30);
    expect(drawn().slice(3, 7)).toEqual(['...Soundings', '..Alpha', '..Beta', '..Report']);
  });

  it('shows what is priced anew before a task goes to another project, and asks once more where that is another by then', async () => {
    const effect: Repricing = {
      ...{ seen: 'first', entries: 3, seconds: 21_600, lost: 1, gained: 0 },
      moves: [
        {
          ...{ rateNow: 900_000, currencyNow: 'GBP', chargedNow: true, valueNow: 18_000 },
          ...{ rateThen: null, currencyThen: 'GBP', chargedThen: false, valueThen: 0, entries: 2, seconds: 7200 },
        },
      ],
    };
    const refused = (code: string, seen: string) =>
      ({ ...refusal(409, code, 'Look at what changes, then confirm.'), current: { ...effect, seen } }) as never;
    await opened();
    await unfolded();
    page.server.on('moveTask', ({ body }) =>
      body.seen === null ? refused('effect-unseen', 'first') : refused('effect-changed', 'second'),
    );
    await press('Report', 'Enter', { altKey: true });
    await page.find('running', 'yw-work-field input');
    await page.key(page.element.querySelector('yw-work-field input')!, 'Enter');
    await page.press('Move');
    await page.settle(50);
    const dialog = () => document.querySelector('mat-dialog-container')!.textContent!.replace(/\s+/g, ' ');
    expect(dialog()).toContain('3 entries with 6:00 recorded go along and are priced by what holds there.');
    expect(dialog()).toContain('1 entry would have no rate then');
    expect(dialog()).toContain('GBP 90.00 an hournot charged2:00£180.00£0.00');
    await page.answer('Move and price anew');
    await page.settle(100);
    expect(dialog()).toContain('Somebody changed time or rates after you looked.');
    await page.answer('Cancel');
    expect(page.server.to('moveTask').map(({ body }) => [body.projectId, body.seen])).toEqual([
      [id(21), null],
      [id(21), 'first'],
    ]);
    expect(page.text('yw-task-panel')).toContain('“Report” stays where it was.');
    kept.serve(page.server);
    const there = { ...kept.kept.get(id(31))!, id: id(48), projectId: id(21), parentId: null, name: 'Invoices', place: 0 };
    kept.kept.set(there.id, there);
    await page.press('Move');
    await page.settle(30);
    expect(drawn().slice(4)).toEqual(['Practice (internal)', '.Running the office', '..Invoices', '..Report']);
  });

  it('is changed beside it, and tells there what was refused', async () => {
    await opened();
    await unfolded();
    named('Soundings').click();
    await page.settle(50);
    await page.fill('Name', 'Lead line');
    await page.fill('Estimate', '4.5');
    await page.choose('Kind', 'deliverable');
    await page.press('Save');
    await page.settle(20);
    expect(page.server.to('changeTask')[0]!.body).toEqual({
      name: 'Lead line',
      kind: 'deliverable',
      estimate: 16_200,
      open: true,
    });
    expect(drawn()).toContain('...Lead line');
    kept.kept.set(id(31), { ...kept.kept.get(id(31))!, name: 'Echo', version: 9 });
    await page.choose('State', 'done');
    await page.press('Save');
    await page.settle(30);
    expect(page.text('yw-task-panel [role=alert]')).toContain('Somebody changed this');
    expect(drawn()).withContext('read anew').toContain('...Echo');
    await page.press('Close');
    expect(document.activeElement).toBe(named('Echo'));
  });

  it('finds tasks of projects that were not read yet', async () => {
    await opened();
    await page.type('input[type=search]', 'sound');
    await page.settle(20);
    expect(drawn()).toEqual(['Harbour Trust', '.Pier', '..Survey of piles', '...Soundings']);
    await page.type('input[type=search]', '');
    expect(drawn()[2]).toBe('Practice (internal)');
  });

  it('is only read by those who may not change it', async () => {
    await opened(undefined, 'auditor');
    await unfolded();
    await press('Report', 'Enter');
    await press('Report', 'Delete');
    await pasted('Report', 'One\nTwo');
    expect([box(), sent()]).toEqual([null, []] as never);
    expect(page.texts('button')).not.toContain('Add a list');
  });

  it('has beside it what is agreed of a project, for those who see its money', async () => {
    const project = { ...PIER, managerId: id(2), estimate: 0 };
    let saves = false;
    const asked = async (roles: 'owner' | 'project manager', client: string | null, managerId: string) => {
      await opened(
        (server) =>
          server
            .on('readProject', () => ({ id: id(20), client, state: 'Open', facts: { ...project, managerId }, version: 1 }))
            .on('readAgreements', () => ({ agreements: [], rates: [] }))
            .on('readHistory', () => ({ events: [] })),
        roles,
      );
      named('Pier').click();
      await page.settle(60);
      const count = page.server.to('readAgreements').length;
      saves = page.texts('yw-project-panel button').includes('Save');
      page.element.remove();
      TestBed.resetTestingModule();
      return count > 0;
    };
    expect(await asked('owner', 'Harbour Trust', id(2))).toBeTrue();
    expect(await asked('owner', null, id(2))).toBeFalse();
    expect(saves).toBeTrue();
    expect(await asked('project manager', 'Harbour Trust', id(2))).toBeFalse();
    // What one does not look after is only read.
    expect(saves).toBeFalse();
    expect(await asked('project manager', 'Harbour Trust', id(1))).toBeTrue();
    expect(saves).toBeTrue();
  });

  it('says of projects what the firm says of them, and lists what is in the archive when asked', async () => {
    await opened((server) => {
      const [pier, office] = WORK.projects;
      server.work = {
        ...WORK,
        clients: [...WORK.clients, { id: id(12), name: 'Old Quay', currency: 'GBP', archived: true }],
        projects: [
          { ...pier!, state: 'On hold', named: { teams: 1, people: 2 } },
          { ...office!, archived: true, open: false, named: { teams: 0, people: 0 } },
        ],
      };
    });
    const states = () =>
      [...page.element.querySelectorAll('tr[data-key]')].map((row) => [
        row.querySelector('.name')!.textContent!.trim().replace(/^› ?/, ''),
        row.querySelector('td:last-child')!.textContent!.trim(),
        row.classList.contains('dim'),
      ]);
    expect(states().slice(0, 3)).toEqual([
      ['Harbour Trust', '', false],
      ['Pier', 'On hold', false],
      ['Old Quay', 'in the archive', true],
    ]);
    expect(states().at(-1)).toEqual(['Running the office', 'in the archive', true]);
    expect(page.server.to('listWork').at(-1)!.query).toEqual({});
    await page.press('With archive');
    await page.settle(20);
    expect(page.server.to('listWork').at(-1)!.query).toEqual({ also: 'archived' });
    await page.press('Without archive');
    await page.settle(20);
    expect(page.server.to('listWork').at(-1)!.query).toEqual({});
    // Who records stands in a column of its own, for those who want it.
    await page.press('Columns and files');
    [...document.querySelectorAll<HTMLElement>('[mat-menu-item]')]
      .find((one) => one.textContent!.includes('Who records'))!
      .click();
    await page.settle(100);
    const place = page.texts('thead th').findIndex((head) => head.startsWith('Who records'));
    const cells = [...page.element.querySelectorAll('tr[data-key]')].map((row) => row.children[place]!.textContent!.trim());
    expect(cells).toEqual(['', '1 team, 2 people', '', '', 'its manager']);
  });

  it('shows the copy of a project beside it at once', async () => {
    const facts = { ...PIER, managerId: id(2), estimate: 0 };
    await opened((server) =>
      server
        .on('readProject', ({ params }) => ({ id: params['id']!, client: 'Harbour Trust', state: 'Open', facts, version: 4 }))
        .on('readAgreements', () => ({ agreements: [], rates: [] }))
        .on('readHistory', () => ({ events: [] }))
        .on('copyProject', ({ body }) => {
          const copy = { ...WORK.projects[0]!, id: body.id, name: body.name, shown: body.name };
          server.work = { ...server.work, projects: [...server.work.projects, copy] };
          return { client: null, projects: [copy], tasks: [] };
        }),
    );
    await press('Pier', 'Enter', { altKey: true });
    await page.settle(60);
    await page.press('Copy …');
    await page.settle(20);
    await page.press('Cancel');
    await page.settle(20);
    expect(document.activeElement!.textContent!.trim()).toBe('Copy …');
    await page.press('Copy …');
    await page.settle(20);
    await page.fill('Name of the copy', 'Pier again');
    await page.press('Make the copy');
    await page.settle(100);
    const { id: made } = page.server.to('copyProject')[0]!.body;
    expect(page.server.to('readProject').at(-1)!.params['id']).toBe(made);
    expect([page.text('.told'), document.activeElement]).toEqual(['Pier again is added.', named('Pier again')] as never);
  });

  it('is rid of a project and of a client that nothing refers to, and of neither unless one is sure', async () => {
    const facts = { ...PIER, managerId: id(2), estimate: 0 };
    const mole = { name: 'Mole Trust', address: [], country: 'GB', email: '', taxId: '', paymentDays: 30, archived: false };
    await opened((server) => {
      server.work = { ...WORK, clients: [...WORK.clients, { id: id(12), name: 'Mole Trust', currency: 'GBP', archived: false }] };
      server
        .on('readProject', () => ({ id: id(20), client: 'Harbour Trust', state: 'Open', facts, version: 4 }))
        .on('readClient', () => ({ id: id(12), currency: 'GBP', facts: mole, version: 2 }))
        .on('readAgreements', () => ({ agreements: [], rates: [] }))
        .on('readHistory', () => ({ events: [] }))
        .on('removeProject', () => refusal(409, 'project-used', '“Pier” has time.'))
        .on('removeClient', () => {
          server.work = WORK;
          return null;
        });
    });
    await press('Pier', 'Enter', { altKey: true });
    await page.settle(60);
    await page.press('Delete …');
    await page.answer('Cancel');
    expect(page.server.to('removeProject')).toEqual([]);
    await page.press('Delete …');
    await page.answer('Delete Pier');
    expect(page.server.to('removeProject').map(({ params, version }) => [params['id'], version])).toEqual([[id(20), '"4"']]);
    expect(page.refused()).toBe('“Pier” has time.');
    expect(page.element.querySelector('yw-project-panel')).not.toBeNull();
    // With it goes what stood in sight.
    page.server.on('removeProject', () => {
      page.server.work = { ...page.server.work, projects: WORK.projects.slice(1), tasks: [] };
      return null;
    });
    await page.press('Delete …');
    await page.answer('Delete Pier');
    await page.settle(600);
    expect([page.element.querySelector('.beside'), document.activeElement, drawn().includes('.Pier')]).toEqual([
      null,
      named('Harbour Trust'),
      false,
    ] as never);
    await press('Mole Trust', 'Enter', { altKey: true });
    await page.settle(60);
    await page.press('Delete …');
    await page.answer('Delete Mole Trust');
    await page.settle(600);
    expect(page.server.to('removeClient').map(({ params, version }) => [params['id'], version])).toEqual([[id(12), '"2"']]);
    expect([drawn().includes('Mole Trust'), document.activeElement!.tagName]).toEqual([false, 'TR']);
  });

  it('has beside it what is said of a project and of a client, with their history', async () => {
    const project = { ...PIER, managerId: id(2), estimate: 3600 };
    const client = {
      name: 'Harbour Trust',
      address: ['Quay 1'],
      country: 'GB',
      email: '',
      taxId: '',
      paymentDays: 30,
      archived: false,
    };
    const event = { id: id(900), at: '2026-06-01T09:00:00.000Z', by: 'Rosa Vane', reason: '' };
    await opened((server) =>
      server
        .on('readProject', () => ({ id: id(20), client: 'Harbour Trust', state: 'Open', facts: project, version: 4 }))
        .on('changeProject', ({ body }) => ({ id: id(20), client: 'Harbour Trust', state: 'Finished', facts: body, version: 5 }))
        .on('readClient', () => ({ id: id(10), currency: 'GBP', facts: client, version: 2 }))
        .on('changeClient', () => refusal(409, 'client-exists', 'A client of this name is there already.'))
        .on('readHistory', () => ({
          events: [
            {
              ...event,
              action: 'task changed',
              before: { taskName: null, estimate: 3600 },
              after: { taskName: 'Report', estimate: 7200 },
            },
          ],
        })),
    );
    named('Pier').click();
    await page.settle(60);
    expect(page.text('yw-history')).toContain('Rosa Vane changed the task Task: ReportEstimate 2:00, was 1:00');
    await page.fill('Order reference', 'HT-9');
    // Escape in a list that is open closes the list alone.
    const list = page.element.querySelector<HTMLElement>('yw-project-panel mat-select')!;
    list.querySelector<HTMLElement>('.mat-mdc-select-trigger')!.click();
    await page.settle(20);
    expect(list.getAttribute('aria-expanded')).toBe('true');
    await page.key(list, 'Escape');
    expect(page.element.querySelector('yw-project-panel')).not.toBeNull();
    await page.choose('State', 'Finished');
    expect(page.text('yw-project-panel')).toContain('It takes no time; what is not decided on yet wants another project.');
    page.element.querySelector<HTMLElement>('yw-project-panel yw-tick-field input')!.click();
    await page.fill('Ends', '30 Sep');
    await page.fill('Complete, percent', '101');
    const links = () => page.texts('yw-project-panel form a');
    expect(links()).toEqual([]);
    await page.fill('Notes', 'Keys: https://plans.example/pier, or ask keys@harbour.example. Not ftp://plans.example');
    expect(links()).toEqual(['https://plans.example/pier']);
    page.element.querySelector<HTMLElement>('yw-project-panel input[aria-label=heather]')!.click();
    await page.press('Save');
    expect(page.text('yw-project-panel')).toContain('Type whole percent, from 0 to 100, or nothing.');
    await page.fill('Complete, percent', '40');
    await page.press('Save');
    await page.settle(20);
    const [sent] = page.server.to('changeProject');
    expect([sent!.version, sent!.body]).toEqual([
      '"4"',
      {
        ...{ ...project, orderReference: 'HT-9', stateId: id(72), archived: true, endsOn: '2026-09-30', complete: 40, tone: 8 },
        notes: 'Keys: https://plans.example/pier, or ask keys@harbour.example. Not ftp://plans.example',
      },
    ]);
    // A day that was thought of is taken away again.
    await page.fill('Ends', '');
    await page.press('Save');
    await page.settle(20);
    expect((page.server.to('changeProject')[1]!.body as ProjectFacts).endsOn).toBeNull();
    await page.fill('Code', '');
    await page.press('Save');
    expect(page.text('yw-project-panel')).toContain('Type a code, such as LANTERN.');
    await press('Harbour Trust', 'Enter', { altKey: true });
    await page.settle(60);
    await page.fill('Address, a line each', 'Quay 2\nPort');
    await page.fill('Days in which they pay', '999');
    await page.press('Save');
    expect(page.text('yw-client-panel')).toContain('Type whole days, from 0 to 365.');
    await page.fill('Days in which they pay', '14');
    page.element.querySelector<HTMLElement>('yw-client-panel yw-tick-field input')!.click();
    await page.press('Save');
    await page.settle(20);
    expect(page.server.to('changeClient')[0]!.body).toEqual({
      ...client,
      ...{ address: ['Quay 2', 'Port'], paymentDays: 14, archived: true },
    });
    expect(page.refused()).toBe('A client of this name is there already.');
    await page.key(page.element.querySelector('yw-client-panel input')!, 'Escape');
    await page.settle(20);
    expect(document.activeElement).toBe(named('Harbour Trust'));
  });
});
