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
}

const KEYS = 40;

/** Opens the built page in Chromium, signs in, and types into the week's grid. */
export async function measurePage(base: string): Promise<PageFigures> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM_BIN']!,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    const seen = await countBytes(page);
    await page.goto(`${base}/sign-in`);
    await page.getByLabel('E-mail address').fill('person3@measured.example');
    await page.getByLabel('Password').fill(PASSWORD);
    await page.keyboard.press('Enter');
    await page.waitForURL(`**/f/${SLUG}/record**`);
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
    return {
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
  await page.evaluate(readFileSync(path.join(import.meta.dirname, 'watch-keys.js'), 'utf8'));
  const painted = () => page.evaluate('window.painted') as Promise<Painted[]>;
  for (let key = 0; key < KEYS; key += 1) {
    await page.keyboard.press(String(1 + (key % 9)));
    while ((await painted()).length <= key);
    if (escape) await page.keyboard.press('Escape');
  }
  return painted();
}
