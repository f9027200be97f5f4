import { Page, open } from '../../testing/fake-server';
import { PersonField } from './person-field';

describe('the person field', () => {
  let page: Page<PersonField>;
  let picked: string[];
  const people = [
    { id: 'a', name: 'Zoë Marchetti', position: 'Surveyor' },
    { id: 'b', name: 'Ben Holt', position: 'Mason' },
    { id: 'c', name: 'Rosa Vane', position: null },
  ];

  beforeEach(async () => {
    page = await open(PersonField, { url: '/f/f/review', roles: ['manager'], inputs: { label: 'Find a person', people } });
    picked = [];
    page.fixture.componentInstance.picked.subscribe((id) => picked.push(id));
  });
  afterEach(() => page.element.remove());

  const box = () => page.element.querySelector('input')!;
  it('finds by any part of a name or a position, with or without accents', async () => {
    expect(await page.find('')).toEqual(['Zoë MarchettiSurveyor', 'Ben HoltMason', 'Rosa Vane']);
    expect(await page.find('marchetti zoe')).toEqual(['Zoë MarchettiSurveyor']);
    expect(await page.find('mas')).toEqual(['Ben HoltMason']);
    expect(await page.find('nell')).toEqual(['Nobody of that name. Type another part of it.']);
  });

  it('gives the one that was picked, shows who it is, and forgets what was typed', async () => {
    await page.find('holt');
    await page.key(box(), 'Enter');
    await page.settle(30);
    expect([picked, page.fixture.componentInstance.value(), box().value]).toEqual([['b'], 'b', 'Ben Holt']);
    page.fixture.componentRef.setInput('value', 'a');
    await page.settle();
    expect(box().value).toBe('Zoë Marchetti');
    await page.find('ros');
    await page.key(box(), 'Tab');
    expect(box().value).toBe('Zoë Marchetti');
    page.fixture.componentRef.setInput('value', 'gone');
    await page.settle();
    expect(box().value).toBe('');
  });

  it('takes what the letters find where Enter comes while the list shows what was found before', async () => {
    await page.find('');
    box().value = 'ros';
    box().dispatchEvent(new Event('input', { bubbles: true }));
    const enter = new KeyboardEvent('keydown', { key: 'Enter', keyCode: 13, bubbles: true, cancelable: true });
    box().dispatchEvent(enter);
    await page.settle(30);
    expect([picked, box().value, enter.defaultPrevented]).toEqual([['c'], 'Rosa Vane', true]);
    expect(document.querySelector('mat-option')).toBeNull();
    // The one that was gone to by arrow is taken, not the first.
    await page.find('m');
    await page.key(box(), 'ArrowDown');
    await page.key(box(), 'Enter');
    await page.settle(30);
    expect(picked.at(-1)).toBe('b');
  });
});
