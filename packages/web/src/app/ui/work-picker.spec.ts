import { Page, id, open } from '../testing/fake-server';
import { PickedWork, WorkPicker } from './work-picker';

describe('the work picker', () => {
  let page: Page<WorkPicker>;
  let picked: PickedWork[];

  beforeEach(async () => {
    page = await open(WorkPicker, { url: '/f/f/record', roles: ['staff'] });
    picked = [];
    page.fixture.componentInstance.picked.subscribe((work) => picked.push(work));
  });
  afterEach(() => page.element.remove());

  const box = () => page.element.querySelector('input')!;
  const options = () => [...document.querySelectorAll('mat-option')].map((one) => one.textContent!.replace(/\s+/g, ' ').trim());
  async function find(text: string) {
    box().focus();
    await page.type('input', text);
    await page.settle(30);
  }

  it('finds by any part of the name of project, task or client, or by the code', async () => {
    await find('sound');
    expect(options()).toEqual(['SoundingsPier, Survey of piles']);
    await find('harbour pile');
    expect(options()).toEqual(['Survey of pilesPier', 'SoundingsPier, Survey of piles']);
    await find('p2');
    expect(options()).toEqual(['Running the officePractice']);
  });

  it('picks what is marked, by Enter', async () => {
    await find('soundings');
    await page.key(box(), 'Enter', { keyCode: 13 } as KeyboardEventInit);
    await page.settle(30);
    expect(picked).toEqual([{ projectId: id(20), taskId: id(31) }]);
  });

  it('says that nothing has that name', async () => {
    await find('cathedral');
    expect(options()).toEqual(['Nothing of that name. Type another part of it.']);
  });

  it('shows again what is chosen when something was typed and nothing picked', async () => {
    page.fixture.componentRef.setInput('value', { projectId: id(20), taskId: null });
    await page.settle();
    expect(box().value).toBe('Pier');
    await find('sou');
    box().dispatchEvent(new FocusEvent('blur'));
    await page.settle(260);
    expect([box().value, picked]).toEqual(['Pier', []]);
  });
});
