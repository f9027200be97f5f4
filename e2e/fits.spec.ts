import { Page, expect, test } from '@playwright/test';
import { Role, signedIn } from './people';

/** Widths in pixels, and what windows of 1280, 1440 and 1920 pixels have left at a zoom of 200 %. */
const SIZES: readonly (readonly [width: number, height: number])[] = [
  [320, 640],
  [390, 844],
  [640, 400],
  [720, 450],
  [768, 1024],
  [960, 600],
  [1280, 800],
  [1440, 900],
  [1920, 1080],
];

const VIEWS: Readonly<Record<Role, readonly string[]>> = {
  owner: ['record', 'review', 'bill', 'collect?show=all', 'results', 'results?show=to-date', 'settings/work', 'settings/people'],
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
      // The columns of a week keep in view.
      ['the grid', document.querySelector('yw-week-grid .scroll')],
    ] as const)
      if (!element) continue;
      else if (wide(element) > 1) found.push(`${name} is ${wide(element)} px wider than its room`);
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
  for (const view of VIEWS[role])
    test(`${role}: ${view} fits at every width, at twice the size, and with names as long as they may be`, async ({
      browser,
    }) => {
      const page = await signedIn(browser, role);
      await withLongNames(page);
      const wrong: string[] = [];
      for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        await page.goto(`/f/quillfeather/${view}`);
        await expect(page.locator('main h1').first()).toBeVisible();
        await page.waitForLoadState('networkidle');
        const found = await misfits(page);
        // The work keeps at least half of the height.
        const room = await page.locator('main').evaluate((main) => main.clientHeight / window.innerHeight);
        if (room < 0.5) found.push(`the work has ${Math.round(100 * room)} % of the height`);
        wrong.push(...found.map((what) => `at ${width}: ${what}`));
      }
      expect(wrong).toEqual([]);
      await page.context().close();
    });

/** A firm of four hundred projects and four hundred people: what the server lists is there so often, under other names. */
async function withHundreds(page: Page): Promise<void> {
  const many = <T extends Record<string, unknown>>(list: readonly T[], key: 'id' | 'personId'): T[] =>
    Array.from({ length: 400 }, (_, index) => {
      const one = list[index % list.length]!;
      if (index < list.length) return one;
      return {
        ...one,
        [key]: `${String(one[key]).slice(0, -6)}${index.toString(16).padStart(6, 'f')}`,
        name: `${String(one['name'])} ${index}`,
      };
    });
  await page.route('**/api/f/**', async (route) => {
    const answer = await route.fetch();
    if (!answer.headers()['content-type']?.includes('json')) return route.fulfill({ response: answer });
    const body = (await answer.json()) as Record<string, unknown>;
    for (const [name, key] of [
      ['projects', 'id'],
      ['rows', 'id'],
      ['people', 'id' in ((body['people'] as Record<string, unknown>[] | undefined)?.[0] ?? {}) ? 'id' : 'personId'],
    ] as const) {
      const list = body[name];
      if (Array.isArray(list) && list.length > 0 && (list[0] as Record<string, unknown>)['name'])
        body[name] = many(list as Record<string, unknown>[], key);
    }
    return route.fulfill({ response: answer, json: body });
  });
}

test('owner: main views fit with four hundred projects and people', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await withHundreds(page);
  const wrong: string[] = [];
  for (const view of ['record', 'review?period=2026-W22', 'results'])
    for (const [width, height] of [
      [390, 844],
      [1280, 800],
    ] as const) {
      await page.setViewportSize({ width, height });
      await page.goto(`/f/quillfeather/${view}`);
      await expect(page.locator('main h1').first()).toBeVisible();
      await page.waitForLoadState('networkidle');
      wrong.push(...(await misfits(page)).map((what) => `${view} at ${width}: ${what}`));
    }
  expect(wrong).toEqual([]);
  // Four hundred rows are more than are drawn at once; what is looked for is found on the server.
  await expect(page.locator('main tbody tr').first()).toBeVisible();
  expect(await page.locator('main tbody tr').count()).toBeLessThan(150);
  await page.getByRole('searchbox', { name: 'Find client, project, task' }).fill('laster');
  await expect(page.getByRole('treeitem', { name: /plaster/ }).first()).toBeVisible();
  // What is still asked while the page is left has no answer to change.
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.context().close();
});

/** What has the focus and does not show it by a ring of three to one against what lies around. */
function unseen(page: Page): Promise<string | null> {
  return page.evaluate(() => {
    const element = document.activeElement as HTMLElement | null;
    if (!element || element === document.body) return null;
    const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
    const rgba = (colour: string): [number, number, number, number] => {
      canvas.clearRect(0, 0, 1, 1);
      canvas.fillStyle = colour;
      canvas.fillRect(0, 0, 1, 1);
      const [r, g, b, a] = canvas.getImageData(0, 0, 1, 1).data;
      return [r!, g!, b!, a!];
    };
    const behind = (from: Element | null): [number, number, number, number] => {
      for (let one = from; one; one = one.parentElement) {
        const colour = rgba(getComputedStyle(one).backgroundColor);
        if (colour[3] > 200) return colour;
      }
      return rgba(getComputedStyle(document.documentElement).backgroundColor);
    };
    // WCAG 2.2, relative luminance and contrast ratio.
    const light = ([r, g, b]: readonly number[]) => {
      const [x, y, z] = [r!, g!, b!].map((value) =>
        value / 255 <= 0.04045 ? value / 255 / 12.92 : ((value / 255 + 0.055) / 1.055) ** 2.4,
      );
      return 0.2126 * x! + 0.7152 * y! + 0.0722 * z!;
    };
    const ratio = (a: readonly number[], b: readonly number[]) => {
      const [high, low] = [light(a), light(b)].sort((x, y) => y - x);
      return (high! + 0.05) / (low! + 0.05);
    };
    // A box of Material's draws its ring around what is drawn of it.
    const shown = element.closest('mat-checkbox, mat-button-toggle') ?? element;
    const rings = [element, shown, ...shown.querySelectorAll('*')].flatMap((one) => {
      const styles = [getComputedStyle(one), getComputedStyle(one, '::before'), getComputedStyle(one, '::after')];
      return styles.flatMap((style) => {
        const outline = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2 ? [style.outlineColor] : [];
        const shadow = /^(rgba?\([^)]*\)|color\([^)]*\)|oklch\([^)]*\)).* [2-9]\d*px(?: inset)?$/.exec(style.boxShadow);
        return [...outline, ...(shadow ? [shadow[1]!] : [])];
      });
    });
    const around = [behind(shown.parentElement), behind(shown)];
    const best = Math.max(0, ...rings.map((ring) => Math.max(...around.map((colour) => ratio(rgba(ring), colour)))));
    const name = element.getAttribute('aria-label') ?? element.textContent!.trim().slice(0, 40);
    return best >= 3 ? null : `${element.tagName}.${element.className} “${name}”: ${best.toFixed(1)}`;
  });
}

for (const colorScheme of ['light', 'dark'] as const)
  test(`the focus is seen on every stop, ${colorScheme}`, async ({ browser }) => {
    const page = await signedIn(browser, 'owner', { colorScheme });
    const wrong = new Set<string>();
    for (const view of ['record', 'review?period=2026-W22', 'bill', 'collect?show=all', 'results']) {
      await page.goto(`/f/quillfeather/${view}`);
      await expect(page.locator('main h1').first()).toBeVisible();
      await page.waitForLoadState('networkidle');
      for (let stop = 0; stop < 60; stop += 1) {
        await page.keyboard.press('Tab');
        const found = await unseen(page);
        if (found) wrong.add(`${view}: ${found}`);
      }
    }
    expect([...wrong]).toEqual([]);
    await page.context().close();
  });

test('names of buttons and links begin with the words that are seen on them', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  const wrong: string[] = [];
  for (const view of ['record', 'review?period=2026-W22', 'bill', 'collect?show=all', 'results']) {
    await page.goto(`/f/quillfeather/${view}`);
    await expect(page.locator('main h1').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    const found = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('button[aria-label], a[aria-label]')].flatMap((one) => {
        const words = (text: string) =>
          text
            .toLowerCase()
            .replace(/[^\p{L}\p{N}]+/gu, ' ')
            .trim();
        const [seen, name] = [words(one.innerText), words(one.getAttribute('aria-label')!)];
        return name.startsWith(seen) ? [] : [`“${seen}” is called “${name}”`];
      }),
    );
    wrong.push(...found.map((what) => `${view}: ${what}`));
  }
  expect(wrong).toEqual([]);
  await page.context().close();
});
