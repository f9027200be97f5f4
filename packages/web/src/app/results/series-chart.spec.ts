import { ComponentFixture, TestBed } from '@angular/core/testing';
import { pageProviders } from '../testing/fake-server';
import { SeriesChart } from './series-chart';

const SERIES = {
  step: 'month',
  points: [
    { from: '2026-05-01', cost: 900_000, earned: 1_000_000, billed: 0 },
    { from: '2026-06-01', cost: 2_390_000, earned: 2_400_000, billed: 2_400_000 },
  ],
};

describe('the chart of results', () => {
  let fixture: ComponentFixture<SeriesChart>;
  let element: HTMLElement;

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: pageProviders() });
    fixture = TestBed.createComponent(SeriesChart);
    fixture.componentRef.setInput('series', SERIES);
    fixture.componentRef.setInput('currency', 'GBP');
    element = fixture.nativeElement as HTMLElement;
    document.body.append(element);
    await fixture.whenStable();
  });
  afterEach(() => element.remove());

  const button = (name: string) => [...element.querySelectorAll('button')].find((one) => one.textContent.trim() === name)!;

  /** The next file that is saved, by its name, and what is in it. */
  function saved(): Promise<{ name: string; blob: Blob }> {
    let made: Blob;
    spyOn(URL, 'createObjectURL').and.callFake((blob) => {
      made = blob as Blob;
      return 'blob:made';
    });
    return new Promise((resolve) => {
      spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
        resolve({ name: this.download, blob: made });
      });
    });
  }

  it('is saved as SVG that stands alone, as it is drawn', async () => {
    const file = saved();
    button('Save as SVG').click();
    const { name, blob } = await file;
    expect([name, blob.type]).toEqual(['results.svg', 'image/svg+xml']);
    const picture = new DOMParser().parseFromString(await blob.text(), 'image/svg+xml');
    expect(picture.querySelector('parsererror')).toBeNull();
    const drawn = element.querySelectorAll('svg path');
    expect(picture.querySelectorAll('path').length).toBe(drawn.length);
    expect(picture.querySelector('path')!.getAttribute('stroke')).toBe(getComputedStyle(drawn[0]!).stroke);
  });

  it('is saved as PNG of twice its size', async () => {
    const file = saved();
    button('Save as PNG').click();
    const { name, blob } = await file;
    expect([name, blob.type]).toEqual(['results.png', 'image/png']);
    const drawn = await createImageBitmap(blob);
    const [, , width, height] = element.querySelector('svg')!.getAttribute('viewBox')!.split(' ').map(Number);
    expect([drawn.width, drawn.height]).toEqual([2 * width!, 2 * height!]);
  });

  it('labels its lines with what they come to, apart from each other', () => {
    const labels = [...element.querySelectorAll('svg text')].filter((one) =>
      /^(cost|earned|billed) /.test(one.textContent.trim()),
    );
    expect(labels.map((one) => one.textContent.trim())).toEqual(['earned £24k', 'billed £24k', 'cost £24k']);
    const places = labels.map((one) => Number(one.getAttribute('y')));
    expect(places[1]! - places[0]!).toBeGreaterThanOrEqual(16);
    expect(places[2]! - places[1]!).toBeGreaterThanOrEqual(16);
  });

  it('has a table behind it', async () => {
    button('Show as a table').click();
    await fixture.whenStable();
    const rows = [...element.querySelectorAll('tbody tr')];
    expect(rows.map((row) => [...row.querySelectorAll('td')].map((cell) => cell.textContent.trim()))).toEqual([
      ['May 2026', '9,000.00', '10,000.00', '0.00'],
      ['June 2026', '23,900.00', '24,000.00', '24,000.00'],
    ]);
  });

  it('has its days as far apart as they are, names them where there is room, and says what they are', async () => {
    const days = ['2026-06-01', '2026-06-02', '2026-06-10', '2026-06-30'];
    const points = days.map((from) => ({ from, cost: 100, earned: 200, billed: 0 }));
    fixture.componentRef.setInput('series', { step: 'day', points });
    await fixture.whenStable();
    const named = [...element.querySelectorAll('text.axis[text-anchor]')].map((one) => one.textContent.trim());
    expect(named).toEqual(['1 Jun', '10 Jun', '30 Jun']);
    const [first, second, third] = /^M([\d.]+),[\d.]+L([\d.]+),[\d.]+L([\d.]+),/
      .exec(element.querySelector('path.cost')!.getAttribute('d')!)!
      .slice(1)
      .map(Number);
    expect((third! - first!) / (second! - first!)).toBeCloseTo(9, 1);
    expect(element.querySelector('svg')!.getAttribute('aria-label')).toContain('by day');
    button('Show as a table').click();
    await fixture.whenStable();
    expect(element.querySelector('th')!.textContent).toContain('To the end of');
    expect(element.querySelector('tbody td')!.textContent.trim()).toBe('1 Jun');
  });
});
