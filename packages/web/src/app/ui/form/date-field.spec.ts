import { TestBed } from '@angular/core/testing';
import { Formats } from '../../state/formats';
import { Page, TODAY, open } from '../../testing/fake-server';
import { DateField } from './date-field';

describe('a date field', () => {
  let page: Page<DateField>;
  let changed: string[];

  async function field(inputs: Record<string, unknown>) {
    page = await open(DateField, { url: '/f/f/record', roles: ['staff'], inputs: { label: 'Received', ...inputs } });
    changed = [];
    page.fixture.componentInstance.changed.subscribe((date) => changed.push(date));
  }
  afterEach(() => page.element.remove());

  const box = () => page.element.querySelector<HTMLInputElement>('input')!;
  const said = () => page.text('[role=alert]');
  async function type(text: string) {
    box().focus();
    box().value = text;
    box().dispatchEvent(new Event('change'));
    await page.settle(150);
  }

  it('reads what is typed back with its weekday and year', async () => {
    await field({ value: TODAY });
    expect(box().value).toBe(TestBed.inject(Formats).whole(TODAY));
    expect(box().labels![0]!.textContent).toBe('Received');
    await type('yesterday');
    expect(changed).toEqual(['2026-06-09']);
    expect(box().value).toBe(TestBed.inject(Formats).whole('2026-06-09'));
    expect(box().value).toContain('Tue');
  });

  it('keeps what cannot be read, with a sentence, and changes nothing', async () => {
    await field({ value: TODAY });
    await type('when it came');
    expect([box().value, said(), changed.length]).toEqual(['when it came', 'Type a date such as 9 Jun, 9/6 or yesterday.', 0]);
    expect(box().getAttribute('aria-describedby')).toBe(page.element.querySelector('[role=alert]')!.id);
    await type('today');
    expect([said(), changed]).toEqual(['', []]);
  });

  it('takes no day after the last that may be chosen', async () => {
    await field({ value: TODAY, max: TODAY });
    await type('tomorrow');
    expect(said()).toContain('Choose a day up to');
    expect(changed).toEqual([]);
  });

  it('reads first and sends later by Enter', async () => {
    await field({ value: TODAY });
    const enter = () => {
      const event = new KeyboardEvent('keydown', { key: 'Enter', cancelable: true, bubbles: true });
      box().dispatchEvent(event);
      return event.defaultPrevented;
    };
    box().value = '8 Jun';
    expect(enter()).toBeTrue();
    await page.settle(100);
    expect(changed).toEqual(['2026-06-08']);
    page.fixture.componentRef.setInput('value', '2026-06-08');
    await page.settle();
    expect(enter()).toBeFalse();
  });

  it('is picked from a calendar, and has the focus again after it', async () => {
    await field({ value: TODAY, max: TODAY });
    await page.press('Received: calendar');
    await page.settle(400);
    const days = [...document.querySelectorAll<HTMLButtonElement>('.month .mat-calendar-body-cell')];
    expect(days.find((day) => day.textContent.trim() === '11')!.getAttribute('aria-disabled')).toBe('true');
    days.find((day) => day.textContent.trim() === '9')!.click();
    await page.settle(50);
    expect(changed).toEqual(['2026-06-09']);
    expect(document.querySelector('.month')).toBeNull();
    expect(document.activeElement).toBe(box());
  });

  it('opens its calendar by Alt and the down arrow, and closes it by Escape', async () => {
    await field({ value: TODAY });
    await page.key(box(), 'ArrowDown', { altKey: true });
    await page.settle(300);
    const month = document.querySelector('.month')!;
    expect(month.getAttribute('aria-label')).toBe('Received');
    month.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    await page.settle(50);
    expect([document.querySelector('.month'), document.activeElement]).toEqual([null, box()]);
  });
});
