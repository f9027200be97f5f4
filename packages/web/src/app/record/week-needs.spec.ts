import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { Timesheet } from '@yellowwood/contracts';
import { MONDAY, entryOf, weekOfEntries } from '../testing/fixtures';
import { Page, id, open } from '../testing/fake-server';
import { beforeSubmitting, emptyDays } from './week-state';
import { WeekNeeds } from './week-needs';

const day = (date: string, planned: number, recorded = 0) => ({
  ...{ date, planned, recorded, dayStart: '08:00', dayEnd: '17:00', gaps: [], overlaps: [] },
});
const DAYS = [
  day(MONDAY, 27_000, 5400),
  day('2026-06-09', 27_000),
  day('2026-06-10', 27_000, 3600),
  day('2026-06-11', 27_000),
  day('2026-06-13', 0),
];

describe('what a week needs', () => {
  let page: Page<WeekNeeds>;
  async function needs(week: Timesheet) {
    page = await open(WeekNeeds, {
      url: '/f/f/record',
      roles: ['staff'],
      prepare: (server) => server.on('readTimesheet', () => week),
    });
    await page.settle(30);
  }
  afterEach(() => page?.element.remove());

  it('says what stands in its way, how today stands, and which days are empty, and leads there', async () => {
    await needs(
      weekOfEntries(
        [
          entryOf(50, { problems: ['no-service', 'no-rate'] }),
          entryOf(51, { returned: { by: 'Maud', at: '2026-06-09T10:00:00.000Z', reason: 'which pier?' } }),
          entryOf(52, { date: '2026-06-10', quantity: 3600, problems: ['no-rate'] }),
        ],
        { days: DAYS },
      ),
    );
    expect(page.text('dl')).toBe('Today1:00 of 7:30Recorded4:00 of 30:00');
    expect(page.texts('h3')).toEqual(['Week 24', 'Returned to you', 'In the way of submitting', 'Days with nothing on them']);
    expect(page.texts('.entries li')).toEqual([
      'Mon 8, Survey of piles“which pier?”, Maud1:30',
      // A missing rate is somebody else's to mend.
      'Mon 8, Survey of pilesno service1:30',
      'Tue 9 Jun',
    ]);
    page.element.querySelectorAll<HTMLButtonElement>('.entries button')[1]!.click();
    await page.settle(20);
    expect(TestBed.inject(Router).url).toContain(`day=${MONDAY}&sel=entry:${id(50)}`);
    page.element.querySelectorAll<HTMLButtonElement>('.entries button')[2]!.click();
    await page.settle(20);
    expect(TestBed.inject(Router).url).toContain('day=2026-06-09');
  });

  it('holds nothing against what is submitted already, nor against today before it is over', async () => {
    const submitted = entryOf(50, { stage: 'submitted', problems: ['no-service'] });
    await needs(weekOfEntries([submitted, entryOf(51, { date: '2026-06-09' })], { days: DAYS.map((one) => ({ ...one })) }));
    expect(page.text()).toContain('Nothing stands in the way of submitting.');
    expect(page.text()).not.toContain('Days with nothing on them');
  });

  it('says that nothing stands in the way, or that it is submitted', async () => {
    await needs(weekOfEntries([entryOf(50)], { days: [day(MONDAY, 27_000, 5400)] }));
    expect(page.text()).toContain('Nothing stands in the way of submitting.');
    page.element.remove();
    TestBed.resetTestingModule();
    await needs(weekOfEntries([entryOf(50, { stage: 'submitted' })], { state: 'submitted', days: DAYS }));
    expect(page.text()).toContain('Submitted: it waits for others now.');
    expect(page.text()).not.toContain('nothing on them');
  });

  it('is told before a week is submitted too early or with empty days', () => {
    const name = (date: string) => date.slice(8);
    const week = weekOfEntries([entryOf(50), entryOf(51, { date: '2026-06-10', kind: 'absence' })], { days: DAYS });
    // No day that is still to come, none that is free, none with an absence.
    expect(emptyDays(week, '2026-06-10')).toEqual(['2026-06-09']);
    expect(beforeSubmitting(week, '2026-06-10', name)).toEqual([
      'It ends on 14: to record more on it after this, withdraw it first.',
      'Nothing stands on 09.',
    ]);
    expect(beforeSubmitting({ ...week, days: [] }, '2026-06-14', name)).toEqual([]);
  });
});
