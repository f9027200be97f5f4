import { Page, expect, test } from '@playwright/test';
import { Role, asItCame, signedIn } from './people';

/**
 * How many keys everyday work takes for somebody who never touches the mouse, from where signing in leads; letters and
 * figures that are typed count, those of a reason do not. A number that grows fails. The last key, which would change the
 * demo firm for good, is counted and not pressed.
 */
class Keys {
  count = 0;

  constructor(readonly page: Page) {}

  async press(...keys: string[]): Promise<void> {
    for (const key of keys) {
      this.count += 1;
      await this.page.keyboard.press(key);
    }
  }

  /** Into the list or grid of the step where one is. */
  async work(work: string): Promise<void> {
    await expect(this.page.locator(`main ${work}`).first()).toBeVisible();
    await this.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await this.press('F6');
    await expect(this.page.locator(`main ${work}:focus`)).toBeVisible();
  }

  /** To a step, and into its list or grid. */
  async step(number: number, work: string): Promise<void> {
    await this.press(`Control+Shift+${number}`);
    await expect(this.page.locator(`main ${work}:focus`)).toBeVisible();
  }
}

const GRID = '[role=gridcell]';
const ROW = 'tr';

async function by(browser: Parameters<typeof signedIn>[0], role: Role): Promise<Keys> {
  const page = await signedIn(browser, role);
  await expect(page.locator('yw-step-rail nav a').first()).toBeVisible();
  return new Keys(page);
}

const panel = (page: Page) => page.getByRole('complementary', { name: 'Why' });

test('a timer on known work: three keys', async ({ browser }) => {
  const keys = await by(browser, 'staff');
  await keys.press('F9');
  await expect(keys.page.getByRole('combobox', { name: 'Project or task', exact: true })).toBeFocused();
  await keys.press('ArrowDown', 'Enter');
  await expect(keys.page.getByRole('region', { name: /^What the timer is for/ })).not.toContainText('Not classified yet');
  expect(keys.count).toBeLessThanOrEqual(4);
  await keys.page.getByRole('button', { name: 'Throw away' }).click();
  await keys.page.getByRole('dialog').getByRole('button', { name: 'Throw it away' }).click();
  // While the question stands, nothing behind it is there for anybody.
  await expect(keys.page.getByRole('button', { name: 'Start timer' })).toBeVisible();
  await keys.page.context().close();
});

test('1:30 on yesterday, in a row that is there: six keys', async ({ browser }) => {
  const keys = await by(browser, 'staff');
  await keys.work(GRID);
  await keys.press('ArrowLeft');
  const cell = keys.page.locator('main [role=gridcell]:focus');
  await expect(cell).toHaveAttribute('aria-readonly', 'false');
  const [place, before] = [await cell.getAttribute('data-place'), await cell.innerText()];
  await keys.press('9', '0', 'm', 'Enter');
  await expect(keys.page.locator(`[data-place="${place}"]`)).toHaveText('1:30');
  expect(keys.count).toBeLessThanOrEqual(8);
  await keys.page.keyboard.press('Control+z');
  await expect(keys.page.locator(`[data-place="${place}"]`)).toHaveText(before.trim());
  await keys.page.context().close();
});

test('a week of rows like last week’s, with their hours: six keys', async ({ browser }) => {
  const keys = await by(browser, 'staff');
  await keys.work(GRID);
  await keys.press('Shift+Tab', 'Shift+Tab');
  await expect(keys.page.getByRole('button', { name: /^Bring last/ })).toBeFocused();
  await keys.press('Enter');
  await expect(keys.page.getByRole('menuitem', { name: 'Rows only' })).toBeFocused();
  await keys.press('ArrowDown');
  await expect(keys.page.getByRole('menuitem', { name: 'Rows with their hours, to today' })).toBeFocused();
  // Enter would bring them.
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(10);
  await keys.page.context().close();
});

test('twenty-five figures of a week typed anew: 52 keys', async ({ browser }) => {
  const keys = await by(browser, 'manager');
  await keys.page.goto('/f/quillfeather/record?period=2026-W25');
  await keys.page.getByRole('button', { name: /^Bring last/ }).click();
  await keys.page.getByRole('menuitem', { name: 'Rows only' }).click();
  const cell = (row: number, column: number) => keys.page.locator(`[data-cell="${row}-${column}"]`);
  await expect(cell(4, 0)).toBeVisible();
  for (let place = 0; place < 25; place += 1) {
    const empty = cell(Math.floor(place / 5), place % 5);
    await expect(empty).toHaveAttribute('aria-readonly', 'false');
    await expect(empty).toHaveAttribute('aria-label', /, empty/);
  }
  await keys.work(GRID);
  await keys.press('Home');
  for (let row = 0; row < 5; row += 1)
    for (let column = 0; column < 5; column += 1) await keys.press('1', column < 4 ? 'Tab' : 'Enter');
  for (let place = 0; place < 25; place += 1) await expect(cell(Math.floor(place / 5), place % 5)).toContainText(/^\s*1:00\s*$/);
  expect(keys.count).toBeLessThanOrEqual(55);
  await keys.page.context().close();
});

test('submit a week: two keys', async ({ browser }) => {
  const keys = await by(browser, 'bookkeeper');
  await expect(keys.page.getByRole('button', { name: /^Submit \d/ })).toBeVisible();
  await keys.press('Control+Enter');
  await expect(keys.page.getByRole('dialog').getByRole('button', { name: 'Submit week' })).toBeVisible();
  // Ctrl+Enter would submit it.
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(3);
  await keys.page.context().close();
});

test('mend what was returned and submit again: nine keys', async ({ browser }) => {
  const keys = await by(browser, 'staff');
  await expect(keys.page.getByRole('link', { name: /^Record/ })).toContainText('returned');
  await keys.step(1, GRID);
  await expect(keys.page.locator('main [role=gridcell]:focus')).toHaveAttribute('aria-label', /returned/);
  await keys.press('Enter');
  const form = keys.page.locator('yw-entry-form');
  const first = form.locator('.time input, .length input').first();
  await expect(first).toBeFocused();
  const before = await first.inputValue();
  // Begun some minutes later than was said, so that it lies on nothing else.
  const [hour, minute] = before.split(':').map(Number) as [number, number];
  const later = `${hour}:${String(minute + 5).padStart(2, '0')}`;
  await keys.press(...later, 'Enter');
  await expect(form).toBeHidden();
  await keys.press('Control+Enter');
  await expect(keys.page.getByRole('dialog')).toBeVisible();
  // Ctrl+Enter would submit it.
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(15);
  await keys.page.keyboard.press('Escape');
  await keys.page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(keys.page.getByText(new RegExp(`${before} to`)).first()).toBeVisible();
  await keys.page.context().close();
});

test('approve the clean weeks: two keys', async ({ browser }) => {
  const keys = await by(browser, 'manager');
  await keys.step(2, ROW);
  await expect(keys.page.getByRole('button', { name: /^Approve \d+ clean/ })).toBeVisible();
  // In the list Ctrl+Enter approves the week of the row.
  await expect(keys.page.locator('main tr:focus')).toBeVisible();
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(3);
  await keys.page.context().close();
});

test('return one entry with a reason: eight keys', async ({ browser }) => {
  const keys = await by(browser, 'manager');
  await keys.step(2, ROW);
  await keys.press('F8');
  await expect(panel(keys.page).locator('[data-first]')).toBeVisible();
  await keys.press('F6');
  await expect(panel(keys.page).locator('[data-first]:focus')).toBeVisible();
  await keys.press('Enter');
  const back = panel(keys.page).getByRole('button', { name: 'Return', exact: true }).nth(1);
  await expect(back).toBeVisible();
  await keys.press('Tab', 'Tab');
  await expect(back).toBeFocused();
  await keys.press('Enter');
  await expect(keys.page.getByRole('dialog').getByRole('textbox')).toBeFocused();
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(9);
  await keys.page.context().close();
});

test('bill a project: four keys', async ({ browser }) => {
  const keys = await by(browser, 'bookkeeper');
  await keys.step(3, ROW);
  await keys.press('Enter');
  await expect(keys.page.getByRole('button', { name: /^Issue for/ })).toBeEnabled();
  await keys.press('Control+Enter');
  await expect(keys.page.getByRole('dialog').getByRole('button', { name: 'Issue invoice' })).toBeVisible();
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(9);
  await keys.page.context().close();
});

test('a part payment: seven keys', async ({ browser }) => {
  const keys = await by(browser, 'bookkeeper');
  await keys.step(4, ROW);
  await keys.press('Enter');
  await expect(panel(keys.page).getByLabel('Amount')).toBeVisible();
  await keys.press('F6');
  await expect(panel(keys.page).getByLabel('Amount')).toBeFocused();
  await keys.press('1', '0', '0');
  await expect(panel(keys.page).getByRole('button', { name: /^Record .*100\.00/ })).toBeVisible();
  keys.count += 1;
  expect(keys.count).toBeLessThanOrEqual(9);
  await keys.page.context().close();
});

test('why this amount: two keys', async ({ browser }) => {
  const keys = await by(browser, 'staff');
  await keys.page.goto('/f/quillfeather/record?period=2026-W20');
  await keys.work(GRID);
  // The caret begins on the first day; some cell of its row or column has hours.
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowDown', 'ArrowDown'])
    if (!(await panel(keys.page).getByRole('heading', { name: 'History' }).isVisible())) {
      await keys.press(key);
      await keys.page.waitForTimeout(300);
    }
  await expect(panel(keys.page).getByRole('heading', { name: 'History' })).toBeVisible();
  expect(keys.count).toBeLessThanOrEqual(6);
  await keys.page.context().close();
});

test('the worst margin and what is behind its cost: nine keys', async ({ browser }) => {
  const keys = await by(browser, 'owner');
  await keys.step(5, ROW);
  await keys.press('ArrowUp', 'm', 'Enter', 'ArrowDown');
  await expect(keys.page.locator('main tr:focus')).toContainText('−');
  await keys.press('Enter');
  await expect(keys.page.getByRole('heading', { level: 1 })).not.toHaveText('All work');
  await expect(keys.page.locator('.figs button').first()).toBeFocused();
  await keys.press('Tab', 'Tab', 'Enter');
  await expect(panel(keys.page).locator('.entries li').first()).toBeVisible();
  expect(keys.count).toBeLessThanOrEqual(10);
  await asItCame(keys.page, /^Margin(, GBP)?$/);
  await keys.page.context().close();
});
