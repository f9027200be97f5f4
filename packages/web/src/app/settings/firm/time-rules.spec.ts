import type { KnownTimeRules, TimeRulesEffect } from '@yellowwood/contracts';
import { Page, id, open, refusal } from '../../testing/fake-server';
import { TimeRulesScreen } from './time-rules';

const KNOWN: KnownTimeRules = {
  ...{ id: id(99), version: 4 },
  rules: {
    ...{ dayMaximum: 36_000, weekMaximum: 172_800, gapTolerance: 900, lockedUntil: null, review: true, unreviewed: [] },
    ways: ['timer', 'length', 'span'],
    planned: { hours: [28_800, 28_800, 28_800, 28_800, 28_800, 0, 0], dayStart: '09:00', dayEnd: '17:30' },
  },
  periods: { kind: 'week', weekStart: 1, days: 14, anchor: '2024-01-01', from: null, earlier: [] },
};

describe('the rules of time', () => {
  let page: Page<TimeRulesScreen>;
  let effect: TimeRulesEffect;
  let known: KnownTimeRules;
  beforeEach(async () => {
    known = KNOWN;
    effect = {
      ...{ since: '2026-05-11', days: { now: 2, then: 2 }, weeks: { now: 1, then: 1 } },
      locked: { recorded: 0, submitted: 0, people: 0 },
    };
    page = await open(TimeRulesScreen, {
      ...{ url: '/f/f/settings/time', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('readTimeRules', () => known)
          .on('previewTimeRules', () => effect)
          .on('readHistory', () => ({ events: [] })),
    });
    await page.settle(30);
  });
  afterEach(() => page.element.remove());
  async function send() {
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
  }

  it('are sentences, with what a change would have pointed out before it is saved', async () => {
    expect(page.text('section')).toContain('Since 11 May that is 2 days and 1 week of anybody.');
    expect(page.texts('h2, h3').slice(-1)).toEqual(['What was changed']);
    effect = { ...effect, days: { now: 2, then: 5 }, weeks: { now: 1, then: 0 } };
    await page.fill('The most of a day', '8:00');
    await page.fill('The most of a week', '40:00');
    expect(page.server.to('previewTimeRules').at(-1)!.query).toEqual({ dayMaximum: '28800', weekMaximum: '144000' });
    expect(page.text('section')).toContain('5 days instead of 2 and 0 weeks instead of 1');
    await page.fill('Not yet a gap', '0:05');
    page.server.on('changeTimeRules', () => refusal(422, 'week-below-day', 'A week holds its days.'));
    await send();
    expect(page.refused()).toBe('A week holds its days.');
    page.server.on('changeTimeRules', ({ body }) => (known = { ...known, rules: body, version: known.version + 1 }));
    await send();
    const [sent] = page.server.to('changeTimeRules');
    expect([sent!.version, sent!.body]).toEqual([
      '"4"',
      { ...KNOWN.rules, dayMaximum: 28_800, weekMaximum: 144_000, gapTolerance: 300 },
    ] as never);
  });

  it('say how people record, at least in one way, and what is planned for whoever comes new', async () => {
    page.server.on('changeTimeRules', ({ body }) => (known = { ...known, rules: body, version: known.version + 1 }));
    const box = (i: number) => page.element.querySelectorAll<HTMLInputElement>('yw-ways-field input')[i]!;
    box(0).click();
    box(1).click();
    box(2).click();
    await send();
    expect(page.server.to('changeTimeRules')).toEqual([]);
    expect(page.text('yw-ways-field')).toContain('Leave at least one way to record.');
    box(2).click();
    await page.fill('Friday', '4:00');
    await page.fill('and ends', '8');
    await send();
    expect(page.text('yw-planned-week')).toContain('type a later end');
    await page.fill('and ends', '16');
    await send();
    const [sent] = page.server.to('changeTimeRules');
    expect(sent!.body.ways).toEqual(['span']);
    expect(sent!.body.planned).toEqual({
      ...{ hours: [28_800, 28_800, 28_800, 28_800, 14_400, 0, 0], dayStart: '09:00', dayEnd: '16:00' },
    });
    expect(page.text('yw-planned-week .sum')).toBe('36:00 a week');
  });

  it('say what is submitted at once, from a day on, and what becomes of what is open', async () => {
    expect(page.text('form + form')).toContain('Now people submit a week that begins on a Monday.');
    await page.choose('People submit', 'half a month');
    await page.fill('From this day on', '18 Jun');
    expect(page.text('form + form [role=status]')).toBe(
      'Then 18 Jun to 30 Jun, 1 Jul to 15 Jul and so on. What is open from 15 Jun on ends on the day before, and is submitted by itself.',
    );
    page.server.on('changePeriods', ({ body: { from, ...length } }) => {
      const periods = { ...length, anchor: from, from, earlier: [{ ...length, kind: 'week', anchor: from, from: null }] };
      return (known = { ...known, periods: periods as never, version: known.version + 1 });
    });
    page.element.querySelector<HTMLFormElement>('form + form')!.requestSubmit();
    await page.settle(30);
    expect(page.server.to('changePeriods')[0]!.body).toEqual({ from: '2026-06-18', kind: 'half-month', weekStart: 1, days: 14 });
    expect(page.text('form + form')).toContain('From Thu 18 Jun on they submit half a month.');
  });

  it('lock days, and tell before what is left undone by it', async () => {
    effect = { ...effect, locked: { recorded: 28_800, submitted: 3600, people: 3 } };
    await page.fill('Locked up to', '31 May');
    expect(page.server.to('previewTimeRules').at(-1)!.query.lockedUntil).toBe('2026-05-31');
    expect(page.text()).toContain(
      'It would leave undone 8:00 that is not submitted and 1:00 that waits for a decision, of 3 people, until the day is moved.',
    );
    page.server.on('changeTimeRules', ({ body }) => (known = { ...known, rules: body, version: known.version + 1 }));
    await send();
    expect(page.server.to('changeTimeRules')[0]!.body.lockedUntil).toBe('2026-05-31');
    effect = { ...effect, locked: { recorded: 0, submitted: 0, people: 0 } };
    await page.fill('Locked up to', '1 May');
    expect(page.text()).toContain('All time up to then is decided.');
    await page.press('Lock nothing');
    await send();
    expect(page.server.to('changeTimeRules')[1]!.body.lockedUntil).toBeNull();
  });

  it('say what waits for a decision, project by project', async () => {
    const finder = page.element.querySelector<HTMLInputElement>('yw-project-field input')!;
    finder.focus();
    finder.value = 'pier';
    finder.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle(30);
    document.querySelector<HTMLElement>('mat-option')!.click();
    await page.settle(30);
    const listed = () => page.texts('ul[aria-label="Approved at once"] li');
    expect(listed().length).toBe(1);
    // It is not offered twice.
    await page.find('pier', 'yw-project-field input');
    expect(page.offered()).toEqual(['Nothing of that name. Type another part of it.']);
    await page.key(finder, 'Escape');
    page.server.on('changeTimeRules', ({ body }) => (known = { ...known, rules: body, version: known.version + 1 }));
    await send();
    expect(page.server.to('changeTimeRules')[0]!.body.unreviewed.length).toBe(1);
    page.element.querySelector<HTMLElement>('ul[aria-label="Approved at once"] button')!.click();
    await page.settle();
    expect(listed()).toEqual([]);
    await page.press('is approved at once');
    expect(page.text()).not.toContain('but on these projects');
    await send();
    expect(page.server.to('changeTimeRules')[1]!.body.review).toBeFalse();
  });
});
