import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Page, chromium } from 'playwright';
import { PASSWORD, SLUG } from './firm';

/** What the page costs: bytes and requests up to the usable week, and frames from a key to its paint. */
export interface PageFigures {
  readonly scriptBytes: number;
  readonly requests: number;
  readonly frames: readonly number[];
  /** Milliseconds from a key to the end of the frame that shows it: in the grid, and in a page with one box. */
  readonly keyTimes: readonly number[];
  readonly bareTimes: readonly number[];
  /** Milliseconds from an answer to its first row, of a list of very many rows and of one of few. */
  readonly firstRowTimes: readonly number[];
  readonly fewRowTimes: readonly number[];
  /** Milliseconds of a step of scrolling to its paint: in the list of very many rows, and in a page of nothing but height. */
  readonly scrollTimes: readonly number[];
  readonly bareScrollTimes: readonly number[];
}

const KEYS = 40;
const MANY_ROWS = 5000;
const FEW_ROWS = 50;
const LISTS = 8;
const STEPS = 40;

/** Opens the built page in Chromium, signs in, and types into the week's grid. */
export async function measurePage(base: string): Promise<PageFigures> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM_BIN']!,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    const seen = await countBytes(page);
    await signIn(page, base, 'person3');
    await page.getByRole('grid').waitFor();
    await page.waitForLoadState('networkidle');
    const { scriptBytes, requests } = seen();
    await page.getByRole('gridcell').filter({ hasText: /^\s*$/ }).first().click();
    // The first key opens the cell's box and is the one that has most to draw.
    const grid = await typed(page, true);
    const empty = await page.context().newPage();
    await empty.setContent('<input />');
    await empty.locator('input').focus();
    const bare = await typed(empty, false);
    const owner = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await signIn(owner, base, 'person0');
    const lists = await measureLists(owner, base);
    return {
      ...lists,
      scriptBytes,
      requests,
      frames: grid.map((one) => one.frames),
      keyTimes: grid.map((one) => one.time),
      bareTimes: bare.map((one) => one.time),
    };
  } finally {
    await browser.close();
  }
}

async function signIn(page: Page, base: string, who: string): Promise<void> {
  await page.goto(`${base}/sign-in`);
  await page.getByLabel('E-mail address').fill(`${who}@measured.example`);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.keyboard.press('Enter');
  await page.waitForURL(`**/f/${SLUG}/record**`);
}

const watch = (name: string) => readFileSync(path.join(import.meta.dirname, name), 'utf8');

/** The list of results with very many rows, and with few: what the server lists, so often. */
async function measureLists(
  page: Page,
  base: string,
): Promise<Pick<PageFigures, 'firstRowTimes' | 'fewRowTimes' | 'scrollTimes' | 'bareScrollTimes'>> {
  await page.addInitScript(watch('watch-list.js'));
  let rows = MANY_ROWS;
  await page.route('**/api/**/results?*', async (route) => {
    const answer = await route.fetch();
    const body = (await answer.json()) as { rows: { id: string; name: string }[] };
    const row = (index: number) => {
      const one = body.rows[index % body.rows.length]!;
      return { ...one, id: `${one.id.slice(0, -6)}${String(index).padStart(6, '0')}`, name: `${one.name} ${index}` };
    };
    await route.fulfill({ response: answer, json: { ...body, rows: Array.from({ length: rows }, (_, index) => row(index)) } });
  });
  const list = async (length: number) => {
    rows = length;
    await page.goto(`${base}/f/${SLUG}/results?show=to-date`);
    return page.evaluate('window.firstRow') as Promise<number>;
  };
  const [firstRowTimes, fewRowTimes]: [number[], number[]] = [[], []];
  for (let turn = 0; turn < LISTS; turn += 1) {
    fewRowTimes.push(await list(FEW_ROWS));
    firstRowTimes.push(await list(MANY_ROWS));
  }
  await page.waitForLoadState('networkidle');
  const scrollTimes = await scrolled(page, '.cdk-virtual-scroll-viewport', 'tr[data-key]');
  const empty = await page.context().newPage();
  await empty.setContent(
    '<div id="list" style="height: 500px; overflow: auto"><div class="row" style="height: 200000px"></div></div>',
  );
  await empty.evaluate(watch('watch-list.js'));
  return { firstRowTimes, fewRowTimes, scrollTimes, bareScrollTimes: await scrolled(empty, '#list', '.row') };
}

async function scrolled(page: Page, list: string, row: string): Promise<number[]> {
  const times: number[] = [];
  for (let step = 0; step < STEPS; step += 1)
    times.push((await page.evaluate(`window.scrollStep(${JSON.stringify(list)}, ${JSON.stringify(row)})`)) as number);
  return times;
}

async function countBytes(page: Page): Promise<() => { scriptBytes: number; requests: number }> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const scripts = new Set<string>();
  let scriptBytes = 0;
  let requests = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    requests += 1;
    if (scripts.has(requestId)) scriptBytes += encodedDataLength;
  });
  return () => ({ scriptBytes, requests });
}

interface Painted {
  readonly frames: number;
  readonly time: number;
}

/** Types digits, each into an empty box, and waits for the frame that shows it. */
async function typed(page: Page, escape: boolean): Promise<Painted[]> {
  await page.evaluate(watch('watch-keys.js'));
  const painted = () => page.evaluate('window.painted') as Promise<Painted[]>;
  for (let key = 0; key < KEYS; key += 1) {
    await page.keyboard.press(String(1 + (key % 9)));
    while ((await painted()).length <= key);
    if (escape) await page.keyboard.press('Escape');
  }
  return painted();
}
