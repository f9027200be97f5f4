import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { PeriodRule, WEEKS } from '@yellowwood/core';
import { Page, open } from '../testing/fake-server';
import { Periods } from './periods';

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Nothing {}

describe('the firm’s periods on the page', () => {
  let page: Page<Nothing>;

  async function periods(names: Partial<PeriodRule>, url = '/f/f/record'): Promise<Periods> {
    page = await open(Nothing, { url, roles: ['staff'], period: { ...WEEKS, ...names } });
    return TestBed.inject(Periods);
  }
  afterEach(() => page.element.remove());

  const told = (of: Periods, date: string) => [
    of.word(),
    of.of(date).from,
    of.text(date),
    of.name(date),
    of.beside(date, -1).from,
  ];

  it('are weeks by their number', async () => {
    expect(told(await periods({}), '2026-06-10')).toEqual(['week', '2026-06-08', '2026-W24', 'week 24', '2026-06-01']);
  });

  it('are weeks from another day, by their dates', async () => {
    const found = told(await periods({ weekStart: 7 }), '2026-06-10');
    expect(found).toEqual(['week', '2026-06-07', '2026-06-07..2026-06-13', '7 Jun to 13 Jun', '2026-05-31']);
  });

  it('are months by their name', async () => {
    const found = told(await periods({ kind: 'month' }), '2026-06-10');
    expect(found).toEqual(['month', '2026-06-01', '2026-06', 'June 2026', '2026-05-01']);
  });

  it('are halves of months and so many days by their dates', async () => {
    const half = await periods({ kind: 'half-month' });
    expect(told(half, '2026-06-16')).toEqual([
      'period',
      '2026-06-16',
      '2026-06-16..2026-06-30',
      '16 Jun to 30 Jun',
      '2026-06-01',
    ]);
    expect(half.title('2026-06-16')).toBe('16 Jun to 30 Jun');
  });

  it('are found in the address, also where it names another length', async () => {
    const found = await periods({ kind: 'month' }, '/f/f/record?period=2026-W24');
    expect(found.named()).toEqual({ from: '2026-06-01', to: '2026-06-30' });
    expect(found.title('2026-06-10')).toBe('June 2026');
  });

  it('are begun with a capital letter where a line begins with them', async () => {
    expect((await periods({})).title('2026-06-10')).toBe('Week 24');
  });
});
