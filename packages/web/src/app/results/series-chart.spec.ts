import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { SeriesChart } from './series-chart';

describe('the chart of cost, earned and billed', () => {
  async function chart(last: { cost: number; earned: number; billed: number }) {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const fixture = TestBed.createComponent(SeriesChart);
    fixture.componentRef.setInput('series', [
      { month: '2026-05', cost: 100_000, earned: 150_000, billed: 0 },
      { month: '2026-06', ...last },
    ]);
    fixture.componentRef.setInput('currency', 'GBP');
    await fixture.whenStable();
    return fixture;
  }

  it('labels each line at its end, none over another', async () => {
    const fixture = await chart({ cost: 500_000, earned: 501_000, billed: 502_000 });
    const labels = [...(fixture.nativeElement as HTMLElement).querySelectorAll('text.label')];
    expect(labels.map((label) => label.textContent).sort()).toEqual(['billed £5k', 'cost £5k', 'earned £5k']);
    const heights = labels.map((label) => Number(label.getAttribute('y'))).sort((a, b) => a - b);
    expect(heights[1]! - heights[0]!).toBeGreaterThanOrEqual(16);
    expect(heights[2]! - heights[1]!).toBeGreaterThanOrEqual(16);
  });

  it('draws a higher figure higher, and has the same figures in its table', async () => {
    const fixture = await chart({ cost: 200_000, earned: 800_000, billed: 400_000 });
    const element = fixture.nativeElement as HTMLElement;
    const end = (name: string) => Number(element.querySelector(`path.${name}`)!.getAttribute('d')!.split(',').at(-1));
    expect(end('earned')).toBeLessThan(end('billed'));
    expect(end('billed')).toBeLessThan(end('cost'));
    element.querySelector<HTMLElement>('.tools button')!.click();
    await fixture.whenStable();
    expect([...element.querySelectorAll('tbody tr')].at(-1)!.textContent).toContain('£8,000.00');
  });
});
