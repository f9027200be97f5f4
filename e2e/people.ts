import { AxeBuilder } from '@axe-core/playwright';
import { Browser, Locator, Page, expect } from '@playwright/test';

export type Role = 'owner' | 'manager' | 'bookkeeper' | 'staff';

const SIGN_INS: Readonly<Record<Role, readonly [email: string, password: string]>> = {
  owner: ['anselm.rooke', 'oak-lantern-demo'],
  manager: ['maud.ellery', 'elm-lantern-demo'],
  bookkeeper: ['yuki.farrow', 'ash-lantern-demo'],
  staff: ['ines.marchetti', 'yew-lantern-demo'],
};

/** Milliseconds by which every request is held up, half of it to one and a half of it, so that answers overtake each other. */
const SLOW = Number(process.env['SLOW'] ?? 0);

/** A window of its own, in which nothing may go wrong unseen and no focus may be lost. */
export async function opened(browser: Browser, options: Parameters<Browser['newContext']>[0] = {}): Promise<Page> {
  const context = await browser.newContext(options);
  if (SLOW > 0)
    await context.route('**/api/**', async (route) => {
      await new Promise((resolve) => setTimeout(resolve, SLOW * (0.5 + Math.random())));
      await route.continue();
    });
  const page = await context.newPage();
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('response', (response) => response.status() >= 500 && faults.push(`${response.status()} ${response.url()}`));
  page.on('close', () => expect(faults).toEqual([]));
  await noFocusLost(page, (what) => faults.push(what));
  return page;
}

/** Signs in with keyboard alone, in a window of its own. */
export async function signedIn(browser: Browser, role: Role, options: Parameters<Browser['newContext']>[0] = {}): Promise<Page> {
  const page = await opened(browser, options);
  await page.goto('/sign-in');
  await page.getByLabel('E-mail address').fill(`${SIGN_INS[role][0]}@quillfeather.example`);
  await page.getByLabel('Password').fill(SIGN_INS[role][1]);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/f/quillfeather/record');
  return page;
}

/** Whoever works by keyboard is nowhere on the body: after no key and no press of a button may the focus be left there. */
async function noFocusLost(page: Page, tell: (what: string) => void): Promise<void> {
  await page.exposeFunction('focusWasLost', tell);
  await page.addInitScript(() => {
    const lost = () => document.activeElement === document.body && document.hasFocus();
    const watch = (event: Event) => {
      const from = event.target as Element;
      if (from === document.body || !from.closest('button, a, input, textarea, [tabindex]')) return;
      const what = `${event.type} ${(event as KeyboardEvent).key ?? ''} on ${from.tagName} “${from.textContent!.trim().slice(0, 40)}”`;
      const tell = (window as unknown as { focusWasLost(what: string): void }).focusWasLost;
      // What closes and what is read take their time; only what stays lost is.
      setTimeout(() => lost() && setTimeout(() => lost() && tell(`focus on the body after ${what}`), 2500), 700);
    };
    document.addEventListener('keydown', watch, true);
    document.addEventListener('click', watch, true);
  });
}

/** Holds what is shown to axe's rules, all of them. A message as HTML stands in a frame without scripts, where nothing can look. */
export async function fits(page: Page): Promise<void> {
  // What is still fading in has the colours of what shines through it.
  await page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter(({ effect }) => effect?.getComputedTiming().endTime !== Infinity)
        .map(({ finished }) => finished),
    ),
  );
  const { violations } = await new AxeBuilder({ page }).exclude('iframe').analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([]);
}

/** Opens the link of the newest message to somebody, once it has come. */
export async function followLink(page: Page, address: string, subject: string | RegExp): Promise<void> {
  await page.goto(process.env['MAIL_PAGE']!);
  const message = page.getByRole('listitem').filter({ hasText: address }).getByRole('link', { name: subject }).first();
  await expect(async () => {
    await page.reload();
    await expect(message).toBeVisible({ timeout: 500 });
  }).toPass();
  await message.click();
  await page.getByRole('link', { name: /#/ }).click();
}

/** Answers a question of the page: writes the words, presses the button. */
export async function answer(page: Page, button: string, words?: string): Promise<void> {
  const dialog = page.getByRole('dialog');
  if (words !== undefined) await dialog.getByRole('textbox').fill(words);
  await dialog.getByRole('button', { name: button }).click();
  // Another question may follow at once.
  await expect(dialog.getByRole('button', { name: button })).toBeHidden();
}

/** Chooses a scope in the tree by finding it. */
export async function chooseScope(page: Page, name: string): Promise<void> {
  const find = page.getByRole('searchbox', { name: 'Find client, project, task' });
  await find.fill(name);
  // The tree may still be on its way.
  await expect(page.getByRole('treeitem', { name }).first()).toBeVisible();
  await find.press('Enter');
  await page.waitForURL(/scope=/);
  await find.fill('');
}

/** Takes a word from a choice; one that was opened already is not opened again. */
export async function chooseOf(within: Page | Locator, label: string, word: string): Promise<void> {
  const page = 'page' in within ? within.page() : within;
  const option = page.getByRole('option', { name: word, exact: true });
  const field = within.getByRole('combobox', { name: label });
  await expect(field).toBeVisible();
  if ((await field.getAttribute('aria-expanded')) !== 'true') await field.click();
  await option.click();
  await expect(option).toBeHidden();
}

/**
 * Gives the list of results, which somebody has sorted by a head, the order in which it came: that is kept with the person, and
 * others come after.
 */
export async function asItCame(page: Page, head: RegExp): Promise<void> {
  await page.goto('/f/quillfeather/results');
  for (const order of ['descending', null]) {
    const kept = page.waitForResponse((response) => response.url().includes('/views/'));
    await page.getByRole('button', { name: head }).click();
    await kept;
    const sorted = page.getByRole('columnheader', { name: head });
    await (order
      ? expect(sorted).toHaveAttribute('aria-sort', order)
      : expect(sorted).not.toHaveAttribute('aria-sort', /cending/));
  }
}
