import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { ProjectState } from '@yellowwood/contracts';
import { workActions } from '../../state/work';
import { Page, open as opened, refusal } from '../../testing/fake-server';
import { STATES } from '../../testing/firms-work';
import { StatesScreen } from './states';

describe('the states of projects', () => {
  let page: Page<StatesScreen>;
  beforeEach(async () => {
    page = await opened(StatesScreen, {
      ...{ url: '/f/f/settings/states', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('createProjectState', () => null)
          .on('changeProjectState', () => null)
          .on('removeProjectState', () => null),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  const ticks = (form: string) => [...page.element.querySelectorAll<HTMLInputElement>(`${form} [type=checkbox]`)];
  const fill = async (form: string, name: string) => {
    const field = page.element.querySelector<HTMLInputElement>(`${form} input:not([type=checkbox])`)!;
    field.value = name;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle();
    return field;
  };
  const send = async (field: HTMLInputElement) => {
    field.form!.requestSubmit();
    await page.settle(20);
  };

  it('stand there in their order, with what each means and how many projects have it', () => {
    expect(page.texts('li > span:not(.acts)')).toEqual([
      ...['Proposed', 'takes no time, counts as open', 'no project'],
      ...['Open', 'takes time, counts as open', '2 projects'],
      ...['Finished', 'takes no time, counts as done', '1 project'],
    ]);
  });

  it('are added with what they mean', async () => {
    await page.press('Add');
    expect([page.server.to('createProjectState').length, page.text('.add')]).toEqual([
      0,
      jasmine.stringContaining('Type the name.'),
    ]);
    ticks('.add')[1]!.click();
    const field = await fill('.add', 'Snagging');
    await send(field);
    const { id: made, ...sent } = page.server.to('createProjectState')[0]!.body;
    expect([sent, Boolean(made), field.value, ticks('.add').map(({ checked }) => checked)]).toEqual([
      { name: 'Snagging', records: true, open: false },
      true,
      '',
      [true, true],
    ] as never);
    page.server.on('createProjectState', () => refusal(409, 'state-exists', 'One is there.'));
    await send(await fill('.add', 'Finished'));
    expect([page.refused(), field.value]).toEqual(['One is there.', 'Finished']);
  });

  it('are changed in their place, and stay open where that is refused', async () => {
    await page.press('Change Open');
    await page.settle(10);
    const field = page.element.querySelector<HTMLInputElement>('li input')!;
    expect([document.activeElement, field.value, ticks('li').map(({ checked }) => checked)]).toEqual([
      field,
      'Open',
      [true, true],
    ] as never);
    ticks('li')[0]!.click();
    page.server.on('changeProjectState', () => refusal(409, 'state-last', 'Make another first.'));
    await send(await fill('li', 'Going on'));
    expect([page.refused(), field.isConnected]).toEqual(['Make another first.', true]);
    page.server.on('changeProjectState', () => null);
    const dispatched = spyOn(TestBed.inject(Store), 'dispatch').and.callThrough();
    await send(field);
    // What is known of projects tells their state.
    expect(dispatched).toHaveBeenCalledWith(workActions.workOutdated());
    const [sent] = page.server.to('changeProjectState');
    expect([sent!.params['id'], sent!.version, sent!.body]).toEqual([
      STATES[1]!.id,
      '"4"',
      { name: 'Going on', records: false, open: true, place: 1 },
    ] as never);
    expect(page.element.querySelector('li form')).toBeNull();
    await page.press('Change Proposed');
    await page.settle(10);
    await page.key(page.element.querySelector('li input')!, 'Escape');
    expect(page.element.querySelector('li form')).toBeNull();
  });

  it('come earlier, and go where no project has them', async () => {
    const has = (label: string) => page.element.querySelector(`[aria-label='${label}']`) !== null;
    expect(['Proposed earlier', 'Finished earlier', 'Take away Proposed', 'Take away Finished'].map(has)).toEqual([
      false,
      true,
      true,
      false,
    ]);
    const [proposed, open, finished] = STATES as [ProjectState, ProjectState, ProjectState];
    page.server.on('listProjectStates', () => ({ states: [proposed, { ...finished, version: 2 }, open] }));
    const earlier = () => page.element.querySelector<HTMLElement>("[aria-label='Finished earlier']")!;
    earlier().focus();
    earlier().click();
    await page.settle(40);
    expect(page.texts('.name')).toEqual(['Proposed', 'Finished', 'Open']);
    expect(document.activeElement).toBe(earlier());
    page.server.on('listProjectStates', () => ({ states: [{ ...finished, version: 3 }, proposed, open] }));
    earlier().click();
    await page.settle(40);
    expect(document.activeElement).toBe(page.element.querySelector("[aria-label='Change Finished']"));
    expect(page.server.to('changeProjectState')[0]!.body).toEqual({ name: 'Finished', records: false, open: false, place: 1 });
    await page.press('Take away Proposed');
    await page.settle(20);
    const [sent] = page.server.to('removeProjectState');
    expect([sent!.params['id'], sent!.version]).toEqual([STATES[0]!.id, '"1"']);
  });
});
