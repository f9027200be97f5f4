import { Page, expect, test } from '@playwright/test';
import { Role, signedIn } from './people';

/** Widths in pixels, and what a window of 1280 × 800 has left at a zoom of 200 %. */
const SIZES: readonly (readonly [width: number, height: number])[] = [
  [320, 640],
  [390, 844],
  [640, 400],
  [768, 1024],
  [1280, 800],
  [1440, 900],
  [1920, 1080],
];

const VIEWS: Readonly<Record<Role, readonly string[]>> = {
  owner: ['record', 'review', 'bill', 'collect?show=all', 'results', 'results?show=to-date'],
  manager: ['review?period=2026-W22', 'results'],
  bookkeeper: ['bill', 'collect'],
  staff: ['record?show=day', 'review', 'results'],
};

/** A client of 60 letters and a task of 90: whatever the server sends, its names are as long as they may be here. */
async function withLongNames(page: Page): Promise<void> {
  await page.route('**/api/f/**', async (route) => {
    const answer = await route.fetch();
    if (!answer.headers()['content-type']?.includes('json')) return route.fulfill({ response: answer });
    const long = (name: string, letters: number) =>
      `${name} and the surroundings of the old weighing house `.repeat(3).slice(0, letters).trim();
    const text = await answer.text();
    const renamed = text
      .replaceAll('Corvane County Grants', long('Corvane County Grants', 60))
      .replaceAll('Roadside marker survey', long('Roadside marker survey', 90));
    return route.fulfill({ response: answer, body: renamed });
  });
}

/** What does not fit: the page or the work wider than the window, and figures of which a part is cut off. */
function misfits(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const found: string[] = [];
    const wide = (element: Element) => element.scrollWidth - element.clientWidth;
    for (const [name, element] of [
      ['the page', document.scrollingElement!],
      ['the work', document.querySelector('main')!],
    ] as const)
      if (wide(element) > 1) found.push(`${name} is ${wide(element)} px wider than its room`);
    const figures = 'td:not(.words), dd, .num, .figs b, .clock, yw-step-rail a span, button, h1';
    for (const element of document.querySelectorAll<HTMLElement>(figures)) {
      const box = element.getBoundingClientRect();
      if (box.width === 0 || getComputedStyle(element).visibility === 'hidden') continue;
      // A span in the strip of the day is as wide as it is long; its words stand in the list below it.
      if (element.closest('yw-day-strip')) continue;
      const clips = getComputedStyle(element).overflowX !== 'visible';
      if (clips && wide(element) > 1)
        found.push(`cut off: ${element.tagName} ${element.className} “${element.textContent!.trim().slice(0, 40)}”`);
    }
    // Fields and buttons of the work do not lie over each other.
    const parts = [...document.querySelectorAll<HTMLElement>('main button, main input, main mat-select')].filter(
      (one) => one.offsetParent !== null && !one.closest('[role=grid], .many, mat-checkbox, mat-button-toggle-group'),
    );
    const boxes = parts.map((one) => one.getBoundingClientRect());
    boxes.forEach((a, first) =>
      boxes.slice(first + 1).forEach((b, next) => {
        const [one, other] = [parts[first]!, parts[first + 1 + next]!];
        if (one.contains(other) || other.contains(one) || one.parentElement === other.parentElement?.parentElement) return;
        const over = Math.min(a.right, b.right) - Math.max(a.left, b.left);
        const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
        if (over > 3 && down > 3 && one.closest('.box') !== other.closest('.box'))
          found.push(
            `one over another: “${one.textContent!.trim().slice(0, 30)}” and “${other.textContent!.trim().slice(0, 30)}”`,
          );
      }),
    );
    return [...new Set(found)].slice(0, 6);
  });
}

for (const role of Object.keys(VIEWS) as Role[])
  test(`${role}: every main view fits at every width, at twice the size, and with names as long as they may be`, async ({
    browser,
  }) => {
    const page = await signedIn(browser, role);
    await withLongNames(page);
    const wrong: string[] = [];
    for (const view of VIEWS[role])
      for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        await page.goto(`/f/quillfeather/${view}`);
        await expect(page.locator('main h1').first()).toBeVisible();
        await page.waitForLoadState('networkidle');
        const found = await misfits(page);
        // The work keeps at least half of the height.
        const room = await page.locator('main').evaluate((main) => main.clientHeight / window.innerHeight);
        if (room < 0.5) found.push(`the work has ${Math.round(100 * room)} % of the height`);
        wrong.push(...found.map((what) => `${view} at ${width}: ${what}`));
      }
    expect(wrong).toEqual([]);
    await page.context().close();
  });
