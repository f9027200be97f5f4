import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { sessionActions } from '../../state/session';
import { workActions } from '../../state/work';
import { Page, WORK, id, me, open, refusal, workOf } from '../../testing/fake-server';
import { PickedWork, WorkField } from './work-field';

/** While something is on its way, the page is not settled: a moment passes all the same. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 60));

describe('the work field', () => {
  let page: Page<WorkField>;
  let picked: PickedWork[];

  beforeEach(async () => {
    page = await open(WorkField, { url: '/f/f/record', roles: ['staff'], inputs: { label: 'Project or task' } });
    picked = [];
    page.fixture.componentInstance.picked.subscribe((work) => picked.push(work));
  });
  afterEach(() => page.element.remove());

  const box = () => page.element.querySelector('input')!;
  it('finds by any part of the name of project, task or client, or by the code', async () => {
    await page.find('sound');
    expect(page.offered()).toEqual(['SoundingsPier, Survey of piles']);
    await page.find('harbour pile');
    expect(page.offered()).toEqual(['Survey of pilesPier', 'SoundingsPier, Survey of piles']);
    await page.find('p2');
    expect(page.offered()).toEqual(['Running the officePractice']);
  });

  it('picks what is marked, by Enter', async () => {
    await page.find('soundings');
    await page.key(box(), 'Enter');
    await page.settle(30);
    expect(picked).toEqual([{ projectId: id(20), taskId: id(31) }]);
  });

  it('takes the first line also where Enter comes before the list is drawn', async () => {
    box().focus();
    box().value = 'soundings';
    box().dispatchEvent(new Event('input', { bubbles: true }));
    const enter = new KeyboardEvent('keydown', { key: 'Enter', keyCode: 13, bubbles: true, cancelable: true });
    box().dispatchEvent(enter);
    await page.settle(30);
    expect([picked, page.offered(), enter.defaultPrevented]).toEqual([
      [{ projectId: id(20), taskId: id(31) }],
      [],
      true,
    ] as never);
    // Of nothing it takes nothing.
    box().value = 'cathedral';
    box().dispatchEvent(new Event('input', { bubbles: true }));
    await page.key(box(), 'Enter');
    expect(picked.length).toBe(1);
  });

  it('shows first what one worked on lately, the newest first, also among what was found', async () => {
    const lately = [
      { projectId: id(21), taskId: null },
      { projectId: id(20), taskId: id(31) },
    ];
    TestBed.inject(Store).dispatch(workActions.workKnown({ work: workOf({ ...WORK, lately }) }));
    await page.find(' ');
    expect(page.offered()).toEqual([
      'Running the officePractice',
      'SoundingsPier, Survey of piles',
      'PierHarbour Trust',
      'Survey of pilesPier',
    ]);
    await page.find('pile');
    expect(page.offered()[0]).toBe('SoundingsPier, Survey of piles');
    await page.find('survey pier');
    await page.key(box(), 'ArrowDown');
    await page.key(box(), 'Enter');
    await page.settle(30);
    expect(picked).toEqual([{ projectId: id(20), taskId: id(30) }]);
    await page.find(' ');
    expect(page.offered()[0]).toBe('Survey of pilesPier');
  });

  it('offers nothing that takes no time', async () => {
    const [pier, office] = WORK.projects;
    const projects = [{ ...pier!, takesTime: false }, office!];
    TestBed.inject(Store).dispatch(workActions.workKnown({ work: workOf({ ...WORK, projects }) }));
    expect(await page.find(' ')).toEqual(['Running the officePractice']);
  });

  it('finds any part in any order among many hundreds', async () => {
    const many = Array.from({ length: 600 }, (_, number) => ({
      ...WORK.projects[0]!,
      id: id(1000 + number),
      ...{ name: `Bridge ${number}`, shown: `B${number}`, code: `B${number}`, orderReference: `PO ${number}` },
    }));
    page.server.work = { ...WORK, projects: [...WORK.projects, ...many] };
    await page.find('599 har bri');
    // By its name too where another text names it, and by the reference of its order.
    expect(page.offered()).toEqual(['B599Harbour Trust']);
    await page.find('po 599');
    expect(page.offered()).toEqual(['B599Harbour Trust']);
    await page.find('bridge');
    expect(page.offered().length).toBe(40);
  });

  it('makes a project that is not there yet, for a new client, by those who may', async () => {
    expect(await page.find('boat house')).toEqual(['Nothing of that name. Type another part of it.']);
    TestBed.inject(Store).dispatch(sessionActions.meRead({ me: me('owner') }));
    const made = { ...WORK.projects[0]!, id: id(22), clientId: id(12), name: 'Boat house', shown: 'Boat house' };
    const client = { id: id(12), name: 'Quay Trust', currency: 'GBP', archived: false };
    page.server.on('createProject', () => {
      page.server.work = { ...WORK, clients: [...WORK.clients, client], projects: [...WORK.projects, made] };
      return { project: made, client };
    });
    expect(await page.find('boat house')).toEqual(['New project “boat house” …']);
    await page.key(box(), 'Enter');
    await page.settle(300);
    const dialog = document.querySelector('mat-dialog-container')!;
    // It takes the focus in its own time.
    for (let tries = 0; tries < 50 && !dialog.contains(document.activeElement); tries += 1) await page.settle(20);
    const [name, whom] = [...dialog.querySelectorAll('input')];
    expect([name!.value, dialog.textContent]).toEqual(['boat house', jasmine.stringContaining('never billed')]);
    name!.value = 'Boat house';
    name!.dispatchEvent(new Event('input', { bubbles: true }));
    whom!.focus();
    whom!.value = 'harbour trust';
    whom!.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle(30);
    // One that is there is not made again.
    expect(page.offered()).toEqual(['Harbour Trust']);
    whom!.value = 'Quay Trust';
    whom!.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle(30);
    expect(page.offered()).toEqual(['New client “Quay Trust”']);
    await page.key(whom!, 'Enter');
    await page.settle(30);
    await page.answer('Make the project');
    const [{ body }] = page.server.to('createProject') as unknown as [{ body: { client: object } }];
    expect(body).toEqual(
      jasmine.objectContaining({ name: 'Boat house', client: jasmine.objectContaining({ name: 'Quay Trust' }) }),
    );
    expect(picked).toEqual([{ projectId: id(22), taskId: null }]);
    expect([box().value, page.offered()]).toEqual(['Boat house', []]);
    expect((await page.find('quay'))[0]).toBe('Boat houseQuay Trust');
  });

  it('says that nothing has that name', async () => {
    await page.find('cathedral');
    expect(page.offered()).toEqual(['Nothing of that name. Type another part of it.']);
  });

  it('shows again what is chosen when something was typed and nothing picked', async () => {
    page.fixture.componentRef.setInput('value', { projectId: id(20), taskId: null });
    await page.settle();
    expect(box().value).toBe('Pier');
    await page.find('sou');
    // Tab closes the list on the way out.
    await page.key(box(), 'Tab');
    expect([box().value, picked]).toEqual(['Pier', []]);
    // So does going elsewhere by any other way.
    await page.find('sou');
    const elsewhere = page.element.appendChild(document.createElement('input'));
    elsewhere.focus();
    await page.settle(30);
    expect([box().value, page.offered(), picked]).toEqual(['Pier', [], []]);
    elsewhere.remove();
    // On the way to a choice, by the mouse, what lies behind the list may have the focus for a moment.
    await page.find('sou');
    const behind = page.element.appendChild(document.createElement('div'));
    behind.tabIndex = -1;
    behind.focus();
    await page.settle(30);
    expect(page.offered().length).toBe(1);
    document.querySelector<HTMLElement>('mat-option')!.click();
    await page.settle(30);
    expect(picked.splice(0)).toEqual([{ projectId: id(20), taskId: id(31) }]);
    behind.remove();
    page.fixture.componentRef.setInput('value', { projectId: id(20), taskId: null });
    await page.settle();
    await page.find('sou');
    await page.key(box(), 'Escape');
    box().value = 'sou';
    box().blur();
    await page.settle();
    expect([box().value, picked]).toEqual(['Pier', []]);
  });

  it('waits for what is found where Enter comes first, and finds among what is known where nobody answers', async () => {
    // What may not be there is offered to be made once it is known not to be.
    TestBed.inject(Store).dispatch(sessionActions.meRead({ me: me('owner') }));
    const waiting: (() => void)[] = [];
    page.server.on('findWork', async () => {
      await new Promise<void>((resolve) => waiting.push(resolve));
      return { found: [`project:${id(21)}`], known: page.server.work };
    });
    box().focus();
    box().value = 'office';
    box().dispatchEvent(new Event('input', { bubbles: true }));
    await pause();
    expect(page.offered()).toEqual(['Looking for it …']);
    const enter = () => box().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', keyCode: 13, bubbles: true }));
    // Pressed again out of impatience, it is the same wish.
    enter();
    enter();
    await pause();
    expect([picked, waiting.length]).toEqual([[], 2]);
    for (const go of waiting) go();
    await page.settle(30);
    expect(picked).toEqual([{ projectId: id(21), taskId: null }]);
    expect([box().value, page.offered()]).toEqual(['Running the office', []]);
    page.server.on('findWork', () => refusal(503, 'not-ready', 'The server is busy.'));
    await page.find('sound');
    expect(page.offered()).toEqual(['SoundingsPier, Survey of piles', 'New project “sound” …']);
  });
});
