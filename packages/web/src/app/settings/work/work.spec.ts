import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { workFeature } from '../../state/work';
import { Page, UNDER_WAY, id, open, refusal } from '../../testing/fake-server';
import { KeptOutline } from '../../testing/kept-outline';
import { WorkScreen } from './work';

describe('clients and projects, in settings', () => {
  let page: Page<WorkScreen>;
  beforeEach(async () => {
    page = await open(WorkScreen, {
      ...{ url: '/f/f/settings/work', roles: ['owner'] },
      prepare: (server) => {
        const kept = new KeptOutline();
        kept.serve(server);
        server.on('layDown', ({ body }) => {
          const made = (line: (typeof body.lines)[number], index: number) => ({
            ...{ id: line.id, clientId: body.client?.id ?? null, departmentId: null, name: line.name, shown: line.name },
            ...{ code: `C${index}`, orderReference: '', tone: 1, ...UNDER_WAY, billable: true, managerId: id(1) },
          });
          const project = (line: (typeof body.lines)[number]): string =>
            line.parentId === null ? line.id : project(body.lines.find((one) => one.id === line.parentId)!);
          const tasks = body.lines.flatMap((line, place) => {
            if (line.parentId === null) return [];
            const projectId = project(line);
            const parentId = line.parentId === projectId ? null : line.parentId;
            const { name, estimate } = line;
            kept.kept.set(line.id, {
              id: line.id,
              projectId,
              parentId,
              kind: 'task',
              name,
              place,
              open: true,
              estimate,
              version: 1,
            });
            return [{ id: line.id, projectId, parentId, name, kind: 'task', open: true }];
          });
          const client = body.client && {
            id: body.client.id,
            name: body.client.name ?? 'Known',
            currency: 'GBP',
            archived: false,
          };
          const projects = body.lines.filter(({ parentId }) => parentId === null).map(made);
          const { work } = server;
          server.work = {
            ...work,
            ...{ clients: [...work.clients, ...(client ? [client] : [])], projects: [...work.projects, ...projects] },
            tasks: [...work.tasks, ...tasks],
          };
          return { client, projects, tasks };
        });
      },
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  const names = () => page.texts('tbody td:first-child').map((text) => text.replace('›', '').trim());
  const read = () => page.texts('.read li');
  const send = async () => {
    page.element.querySelector<HTMLFormElement>('yw-lay-down form')!.requestSubmit();
    await page.settle(30);
  };
  const sent = () => page.server.to('layDown');

  async function client(name: string) {
    await page.type('yw-client-field input', name);
    await page.key(page.element.querySelector('yw-client-field input')!, 'Enter');
  }

  it('lays a pasted list down as it was read, and it stands there at once', async () => {
    await page.press('Add a list');
    expect(document.activeElement).toBe(page.element.querySelector('yw-client-field input'));
    await client('Mole Trust');
    await page.type('yw-lay-down textarea', 'Mole repair 100:00\n\tGlazing\n\t\tUpper tier 10 h\n\tRail\nSurvey');
    expect(read()).toEqual(['Mole repair100:00', 'Glazing', 'Upper tier10:00', 'Rail', 'Survey']);
    expect(page.button(/^Add 2/).textContent!.trim()).toBe('Add 2 projects and 3 tasks');
    page.server.onTheWay = () => Promise.reject(new Error('gone'));
    await send();
    page.server.onTheWay = () => Promise.resolve();
    await send();
    const { body } = sent().at(-1)!;
    // The same list is the same work, also when it is sent once more.
    expect(sent().map((one) => one.body)).toEqual([body, body]);
    expect(body.client!.name).toBe('Mole Trust');
    const at = new Map(body.lines.map((one) => [one.id, one.name]));
    expect(body.lines.map(({ name, parentId, estimate }) => [name, at.get(parentId ?? ''), estimate])).toEqual([
      ['Mole repair', undefined, 360_000],
      ['Glazing', 'Mole repair', 0],
      ['Upper tier', 'Glazing', 36_000],
      ['Rail', 'Mole repair', 0],
      ['Survey', undefined, 0],
    ]);
    expect(page.text('.told')).toBe('Mole repair, Survey are added, with 3 tasks.');
    const start = names().indexOf('Mole Trust');
    expect(names().slice(start, start + 6)).toEqual(['Mole Trust', 'Mole repair', 'Glazing', 'Upper tier', 'Rail', 'Survey']);
    expect(
      TestBed.inject(Store)
        .selectSignal(workFeature.selectTaskList)()
        .some(({ name }) => name === 'Upper tier'),
    ).toBeTrue();
    expect(page.element.querySelector<HTMLTextAreaElement>('yw-lay-down textarea')!.value).toBe('');
    // The client is offered once, as one that is there.
    await page.type('yw-client-field input', 'mole');
    expect([...document.querySelectorAll('mat-option')].map((one) => one.textContent!.trim())).toEqual([
      jasmine.stringMatching(/^Mole Trust$/),
      jasmine.stringContaining('New client'),
    ] as never);
    // Those that are looked after by one, and what is done.
    await TestBed.inject(Router).navigateByUrl('/f/f/settings/work?only=work;state=open');
    await page.settle(20);
    expect(names()).not.toContain('Mole Trust');
    expect(names()).toContain('Upper tier');
    await page.press('Show all');
    await page.settle(20);
    // What lies below is found with what it lies below.
    await page.type('input[type=search]', 'upper');
    expect(names()).toEqual(['Mole Trust', 'Mole repair', 'Glazing', 'Upper tier']);
    await page.type('input[type=search]', 'nothing of the kind');
    expect(page.text('tbody')).toBe('Nothing of that name.');
  });

  it('says which lines cannot be laid down, and sends none of them', async () => {
    await page.press('Add a list');
    await send();
    expect(page.text('yw-lay-down')).toContain('Type or paste a line for each project and task.');
    await page.type('yw-lay-down textarea', `Repair\n${'x'.repeat(201)}`);
    await send();
    expect(page.texts('yw-lay-down p.wrong')[0]).toContain('Line 2 is longer than 200 letters');
    await page.type('yw-lay-down textarea', Array.from({ length: 12 }, (_, depth) => `${' '.repeat(depth)}T${depth}`).join('\n'));
    expect(page.texts('yw-lay-down p.wrong').slice(0, 2)).toEqual([
      'Line 11 lies deeper than 10 levels. Take it further out.',
      'Line 12 lies deeper than 10 levels. Take it further out.',
    ]);
    await page.type('yw-lay-down textarea', Array.from({ length: 1001 }, (_, line) => `T${line}`).join('\n'));
    await send();
    expect(page.refused()).toContain('more than 1000 lines');
    await page.type('yw-lay-down textarea', ' - \n * ');
    await send();
    expect(page.refused()).toContain('There is no name in it.');
    expect(sent().length).toBe(0);
    page.server.on('layDown', () => refusal(409, 'project-exists', 'The project “Repair” is open already.'));
    await page.type('yw-lay-down textarea', 'Repair');
    await send();
    expect([page.refused(), page.element.querySelector<HTMLTextAreaElement>('yw-lay-down textarea')!.value]).toEqual([
      'The project “Repair” is open already.',
      'Repair',
    ]);
  });
});
