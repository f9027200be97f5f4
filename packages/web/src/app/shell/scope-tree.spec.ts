import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { Role } from '@yellowwood/core';
import { workActions } from '../state/work';
import { FakeServer, Page, WORK, open, refusal } from '../testing/fake-server';
import { ScopeTree } from './scope-tree';

const project = (id: string, name: string, clientId: string) => ({
  ...WORK.projects[0]!,
  id,
  clientId,
  departmentId: null,
  name,
  shown: name,
});
const SMALL: FakeServer['work'] = {
  clients: [
    { id: 'c1', name: 'Saltmere Harbour Trust', currency: 'GBP', archived: false },
    { id: 'c2', name: 'Parish of St Osric', currency: 'GBP', archived: false },
  ],
  departments: [],
  people: [],
  projects: [project('p1', 'Lantern room repair', 'c1'), project('p2', 'Bell frame survey', 'c2')],
  tasks: [
    { id: 't1', projectId: 'p1', parentId: null, name: 'Glazing bars', kind: 'phase', open: true },
    { id: 't2', projectId: 'p1', parentId: 't1', name: 'Žlutá tier', kind: 'task', open: true },
  ],
  services: [],
  lately: [],
};
const FOUR = ['Saltmere Harbour Trust', 'Lantern room repair', 'Parish of St Osric', 'Bell frame survey'];

/** While something is on its way, the page is not settled: a moment passes all the same. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 60));

describe('the scope tree', () => {
  let page: Page<ScopeTree>;

  async function tree(work = SMALL, { roles = ['owner'] as Role[], again = false } = {}): Promise<void> {
    page = await open(ScopeTree, {
      ...{ url: '/f/f/record', roles, again },
      prepare: (server) => {
        server.work = work;
        const bar = { id: 'p1', stages: { recorded: 60, submitted: 0, approved: 0, billed: 0, paid: 0 }, ended: 0 };
        server.on('readBars', ({ query }) => ({ bars: query.of?.includes('project:p1') ? [bar] : [] }));
      },
    });
    await page.settle(30);
  }
  afterEach(() => page.element.remove());

  const lines = () => [...page.element.querySelectorAll<HTMLElement>('[role=treeitem]')];
  const nameOf = (line: Element) => line.querySelector('.node > span')!.firstChild!.textContent!.trim();
  /** Without the line of all work. */
  const names = () => lines().slice(1).map(nameOf);
  const line = (name: string) => lines().find((one) => nameOf(one) === name)!;
  const here = () => nameOf(document.activeElement!);
  const press = (key: string) => page.key(document.activeElement!, key);
  const url = () => TestBed.inject(Router).url;

  it('has no people where the firm does not look at time person by person', async () => {
    await tree();
    await page.knows({ id: 'x0', name: 'Rosa Vane' }, { id: 'x1', name: 'Ben Holt' });
    expect(names()).toContain('People');
    await page.without('people');
    expect(names()).toEqual(FOUR);
    expect(page.text('[role=treeitem] .node')).toBe('All work 2 projects');
    await page.type('input', 'rosa');
    expect(names()).toEqual([]);
  });

  it('says of all work what it holds, and whose it is', async () => {
    await tree();
    await page.knows({ id: 'x0', name: 'Rosa Vane' }, { id: 'x1', name: 'Ben Holt' });
    expect(page.text('[role=treeitem] .node')).toBe('All work 2 projects, 2 people');
    page.element.remove();
    TestBed.resetTestingModule();
    await tree({ ...SMALL, projects: SMALL.projects.slice(0, 1), tasks: [] }, { roles: ['manager'] });
    expect(page.text('[role=treeitem] .node')).toBe('All your work 1 project');
  });

  it('opens by hand and stays so after a reload; shows a bar where hours are', async () => {
    await tree();
    expect(names()).toEqual(FOUR);
    line('Lantern room repair').querySelector<HTMLElement>('.turn')!.click();
    await page.settle();
    expect(names()).toContain('Glazing bars');
    expect(names()).not.toContain('Žlutá tier');
    expect(url()).not.toContain('scope=');
    expect(page.element.querySelectorAll('yw-stage-bar').length).toBe(1);
    page.element.remove();
    TestBed.resetTestingModule();
    await tree(SMALL, { again: true });
    expect(names()).toContain('Glazing bars');
  });

  it('folds clients; they stand folded where there are very many projects, but for the way to what is chosen', async () => {
    await tree();
    line('Saltmere Harbour Trust').querySelector<HTMLElement>('.turn')!.click();
    await page.settle();
    expect(names()).toEqual(['Saltmere Harbour Trust', 'Parish of St Osric', 'Bell frame survey']);
    page.element.remove();
    TestBed.resetTestingModule();
    const many = Array.from({ length: 41 }, (_, index) => project(`q${index}`, `Job ${index}`, 'c1'));
    await tree({ ...SMALL, projects: [...many, SMALL.projects[1]!], tasks: [] });
    expect(names()).toEqual(['Saltmere Harbour Trust', 'Parish of St Osric']);
    await TestBed.inject(Router).navigateByUrl('/f/f/record?scope=project:q7');
    await page.settle();
    expect(names()).toContain('Job 7');
    expect(line('Job 7').getAttribute('aria-selected')).toBe('true');
  });

  it('brings what is chosen into view', async () => {
    await tree();
    const seen = spyOn(Element.prototype, 'scrollIntoView');
    await TestBed.inject(Router).navigateByUrl('/f/f/record?scope=project:p2');
    await page.settle();
    expect(seen.calls.mostRecent().object).toBe(line('Bell frame survey'));
    expect(page.text('.on')).toBe('Bell frame survey');
  });

  it('is one stop of Tab, with arrows, Home, End and letters inside', async () => {
    await tree();
    const stops = () =>
      lines()
        .filter((one) => one.tabIndex === 0)
        .map(nameOf);
    expect(stops()).toEqual(['All work']);
    lines()[0]!.focus();
    await press('ArrowDown');
    await press('ArrowDown');
    expect([here(), stops()]).toEqual(['Lantern room repair', ['Lantern room repair']]);
    await press('ArrowRight');
    expect([here(), line('Lantern room repair').getAttribute('aria-expanded')]).toEqual(['Lantern room repair', 'true']);
    await press('ArrowRight');
    expect(here()).toBe('Glazing bars');
    await press('ArrowLeft');
    expect(here()).toBe('Lantern room repair');
    await press('ArrowLeft');
    expect(names()).not.toContain('Glazing bars');
    await press('ArrowLeft');
    expect(here()).toBe('Saltmere Harbour Trust');
    await press('End');
    expect(here()).toBe('Bell frame survey');
    await press('ArrowDown');
    await press('ArrowUp');
    expect(here()).toBe('Parish of St Osric');
    await press('Home');
    await press('b');
    // Letters are taken together for a moment.
    await page.settle(260);
    expect(here()).toBe('Bell frame survey');
    expect(lines().map((one) => one.getAttribute('aria-level'))).toEqual(['1', '1', '2', '1', '2']);
    await press('Enter');
    await page.settle(20);
    expect(url()).toContain('scope=project:p2');
  });

  it('holds the people whose time one may read, folded until they are wanted', async () => {
    await tree();
    expect(names()).not.toContain('People');
    await page.knows({ id: 'x0', name: 'Rosa Vane' }, { id: 'x1', name: 'Ben Holt' });
    expect(names().at(-1)).toBe('People');
    line('People').click();
    await page.settle();
    expect(names().slice(-2)).toEqual(['Rosa Vane', 'Ben Holt']);
    line('Rosa Vane').click();
    await page.settle(20);
    expect(url()).toContain('scope=person:x0');
  });

  it('finds by any part of a name, with or without accents, shows the way to it, and leads on by arrow or Enter', async () => {
    await tree();
    await page.type('.find', 'ŽLUTA');
    expect(names()).toEqual(['Saltmere Harbour Trust', 'Lantern room repair', 'Glazing bars', 'Žlutá tier']);
    const find = page.element.querySelector<HTMLInputElement>('.find')!;
    find.focus();
    await page.key(find, 'ArrowDown');
    expect(here()).toBe('Žlutá tier');
    await page.key(find, 'Enter');
    await page.settle(20);
    expect(url()).toContain('scope=task:t2');
    await page.type('.find', 'nothing like it');
    expect(page.text('.empty')).toBe('Nothing of that name.');
    await page.key(find, 'Escape');
    expect(names().length).toBeGreaterThan(3);
    lines()[0]!.focus();
    await press('z');
    await page.settle(260);
    expect(here()).toBe('Žlutá tier');
  });

  it('reads what is unfolded, and goes on where a list is longer than a page', async () => {
    const many = Array.from({ length: 130 }, (_, index) => project(`q${index}`, `Job ${index}`, 'c1'));
    await tree({ ...SMALL, projects: [...many, SMALL.projects[1]!], tasks: [] });
    expect(names()).toEqual(['Saltmere Harbour Trust', 'Parish of St Osric']);
    line('Saltmere Harbour Trust').querySelector<HTMLElement>('.turn')!.click();
    await page.settle(30);
    expect([names().length, names()[101]]).toEqual([103, 'Show more']);
    expect(page.server.to('listWork').at(-1)!.query).toEqual({ unfolded: 'client:c1' });
    // Bars are asked of what is on screen alone.
    expect(page.server.to('readBars').at(-1)!.query.of!.split(',').length).toBe(100);
    line('Show more').focus();
    await press('Enter');
    await page.settle(30);
    expect([names().length, names().includes('Show more'), names()[130]]).toEqual([132, false, 'Job 129']);
    expect(page.server.to('listWork').at(-1)!.query).toEqual({ unfolded: 'client:c1*2' });
    expect(url()).not.toContain('scope=');
  });

  it('says where it cannot be looked for, and takes by Enter what is found of all letters', async () => {
    await tree();
    page.server.on('findWork', () => refusal(503, 'not-ready', 'The server is busy.'));
    await page.type('.find', 'glaz');
    await page.settle(30);
    expect(page.text('.empty')).toBe('This cannot be looked for now. Try again in a moment.');
    const waiting: (() => void)[] = [];
    page.server.on('findWork', async ({ query }) => {
      await new Promise<void>((resolve) => waiting.push(resolve));
      return { found: [query.words === 'bell' ? 'project:p2' : 'task:t1'], known: SMALL };
    });
    const find = page.element.querySelector<HTMLInputElement>('.find')!;
    find.value = 'bell';
    find.dispatchEvent(new Event('input', { bubbles: true }));
    find.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    await pause();
    expect([page.texts('.empty'), url().includes('scope')]).toEqual([[], false]);
    // Once for the list, once for Enter.
    for (const go of waiting) go();
    await page.settle(30);
    expect(url()).toContain('scope=project:p2');
  });

  it('shows what was just added, below what it belongs to, until it is read', async () => {
    await tree();
    const made = { ...project('p3', 'Vestry roof', 'c2') };
    // Told before it is sent, and once more when it is answered.
    for (let times = 0; times < 2; times += 1)
      TestBed.inject(Store).dispatch(workActions.workAdded({ client: null, projects: [made], tasks: [] }));
    await page.settle();
    expect(names()).toEqual([...FOUR, 'Vestry roof']);
    // It was refused: the lists are read as they are.
    TestBed.inject(Store).dispatch(workActions.workOutdated());
    await page.settle(1050);
    expect(names()).toEqual(FOUR);
  });

  it('leads to a person who is chosen', async () => {
    await tree({ ...SMALL, people: ['x0', 'x1'].map((id, n) => ({ id, name: `Person ${n}`, position: null })) });
    expect(names().at(-1)).toBe('People');
    await TestBed.inject(Router).navigateByUrl('/f/f/record?scope=person:x1');
    await page.settle(30);
    expect(names().slice(-2)).toEqual(['Person 0', 'Person 1']);
    expect(line('Person 1').getAttribute('aria-selected')).toBe('true');
  });
});
