import { pageProviders } from '../testing/fake-server';
import { TestBed } from '@angular/core/testing';
import { DayStrip } from './day-strip';
import { GrowthMark } from './growth-mark';
import { StageBar } from './stage-bar';

describe('our marks', () => {
  beforeEach(() => TestBed.configureTestingModule({ providers: pageProviders() }));

  it('grow one ring a stage, and break when returned', async () => {
    const fixture = TestBed.createComponent(GrowthMark);
    const element = fixture.nativeElement as HTMLElement;
    for (const [stage, rings] of [
      ['recorded', 1],
      ['submitted', 2],
      ['approved', 3],
      ['billed', 4],
      ['paid', 5],
    ] as const) {
      fixture.componentRef.setInput('stage', stage);
      await fixture.whenStable();
      expect(element.querySelectorAll('circle').length).withContext(stage).toBe(rings);
      expect(element.querySelector('svg')!.getAttribute('aria-label')).toBe(stage);
    }
    fixture.componentRef.setInput('returned', true);
    await fixture.whenStable();
    expect(element.querySelectorAll('circle').length).toBe(1);
    expect(element.querySelector('svg')!.getAttribute('aria-label')).toBe('returned');
  });

  it('split a bar by stage, hatched where work ends at approved, and say it in words', async () => {
    const fixture = TestBed.createComponent(StageBar);
    fixture.componentRef.setInput('bar', {
      id: 'x',
      stages: { recorded: 3600, submitted: 0, approved: 10_800, billed: 0, paid: 7200 },
      ended: 3600,
    });
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    expect(
      [...element.querySelectorAll('i')].map((part) => [part.className, Number((part as HTMLElement).style.flexGrow)]),
    ).toEqual([
      ['recorded', 3600],
      ['approved', 7200],
      ['ended', 3600],
      ['paid', 7200],
    ]);
    expect(element.getAttribute('aria-label')).toBe('1:00 recorded, 2:00 approved, 1:00 approved, not billed, 2:00 paid');
  });

  it('lay spans and gaps along the day', async () => {
    const fixture = TestBed.createComponent(DayStrip);
    fixture.componentRef.setInput('spans', [
      { id: 'a', from: 8 * 3600, to: 12 * 3600, tone: 1, label: 'Survey 4:00', doubled: false, quiet: false },
    ]);
    fixture.componentRef.setInput('gaps', [{ from: 12 * 3600, to: 13 * 3600, label: '1:00' }]);
    let picked = '';
    fixture.componentInstance.picked.subscribe((id) => (picked = id));
    await fixture.whenStable();
    const span = (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>('.span')!;
    // From 7:00 to 18:00: an hour is an eleventh of the band.
    expect(parseFloat(span.style.left)).toBeCloseTo(100 / 11, 3);
    expect(parseFloat(span.style.width)).toBeCloseTo(400 / 11, 3);
    expect((fixture.nativeElement as HTMLElement).querySelectorAll('.gap').length).toBe(1);
    span.click();
    expect(picked).toBe('a');
  });
});
