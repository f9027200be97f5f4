import { Locator, Page, expect, test } from '@playwright/test';
import { asItCame, signedIn } from './people';

/**
 * How many presses of the mouse everyday work takes, from the step where one is; each letter that is typed is one of the
 * keyboard. A number that grows fails. The last press, which would change the demo firm, is counted and not made.
 */
class Presses {
  mouse = 0;
  keys = 0;

  constructor(readonly page: Page) {}

  async press(place: Locator): Promise<void> {
    this.mouse += 1;
    await place.click();
  }

  async type(place: Locator, text: string): Promise<void> {
    this.keys += text.length;
    await place.pressSequentially(text);
  }

  async key(name: string): Promise<void> {
    this.keys += 1;
    await this.page.keyboard.press(name);
  }

  /** What would be pressed last: there, and ready. */
  async last(place: Locator): Promise<void> {
    this.mouse += 1;
    await expect(place).toBeEnabled();
  }
}

const step = (page: Page, name: string) => page.getByRole('link', { name: new RegExp(`^${name}`) });
const panel = (page: Page) => page.getByRole('complementary', { name: 'Why' });

test('approve the clean weeks: two presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'manager'));
  await by.press(step(by.page, 'Review'));
  await by.last(by.page.getByRole('button', { name: /^Approve \d+ clean/ }));
  expect(by.mouse).toBeLessThanOrEqual(2);
  await by.page.context().close();
});

test('return one entry with a reason: five presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'manager'));
  await by.press(step(by.page, 'Review'));
  await by.press(by.page.getByRole('row').filter({ hasText: 'to look at' }).first());
  await by.press(panel(by.page).locator('.entries > li > button').first());
  await by.press(panel(by.page).locator('.entries').getByRole('button', { name: 'Return', exact: true }).first());
  await by.last(by.page.getByRole('dialog').getByRole('button', { name: /^Return/ }));
  expect(by.mouse).toBeLessThanOrEqual(5);
  await by.page.context().close();
});

test('submit a week: two presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'bookkeeper'));
  await by.press(by.page.getByRole('button', { name: /^Submit \d/ }));
  await by.last(by.page.getByRole('dialog').getByRole('button', { name: 'Submit week' }));
  expect(by.mouse).toBeLessThanOrEqual(2);
  await by.page.context().close();
});

test('bill a month of a project: four presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'bookkeeper'));
  await by.press(step(by.page, 'Bill'));
  await by.press(by.page.getByRole('table', { name: 'Projects to bill' }).getByRole('row', { name: /^Bell frame survey/ }));
  await by.press(by.page.getByRole('button', { name: /^Issue for/ }));
  await by.last(by.page.getByRole('dialog').getByRole('button', { name: 'Issue invoice' }));
  expect(by.mouse).toBeLessThanOrEqual(4);
  await by.page.context().close();
});

test('record a part payment: four presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'bookkeeper'));
  await by.press(step(by.page, 'Collect'));
  await by.press(by.page.getByRole('table', { name: 'Invoices' }).locator('tbody tr[data-key]').first());
  const amount = panel(by.page).getByLabel('Amount');
  by.mouse += 1;
  await amount.click({ clickCount: 3 });
  await by.type(amount, '100');
  await by.last(panel(by.page).getByRole('button', { name: 'Record £100.00' }));
  expect([by.mouse, by.keys].map((count, index) => count <= [4, 3][index]!)).toEqual([true, true]);
  await by.page.context().close();
});

test('why an issued invoice has a line: two presses to its entries, one more to why; and six keys', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'bookkeeper'));
  await by.page.goto('/f/quillfeather/collect');
  await by.page.waitForLoadState('networkidle');
  await by.press(by.page.getByRole('table', { name: 'Invoices' }).locator('tbody tr[data-key]').first());
  await by.press(by.page.locator('yw-paper tbody button').first());
  const entries = by.page.getByRole('table', { name: /^Entries of/ });
  await expect(entries.locator('tbody tr[data-key]').first()).toBeVisible();
  expect(by.mouse).toBe(2);
  // On from there by keyboard: the entries have the focus.
  await by.key('Tab');
  await by.key('Tab');
  await by.key('Enter');
  await expect(panel(by.page).getByRole('heading', { name: 'History' })).toBeVisible();
  await expect(entries).toBeVisible();
  expect(by.keys).toBeLessThanOrEqual(6);
  await by.page.context().close();
});

test('the worst margin and what is behind it: four presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'owner'));
  await by.press(step(by.page, 'Results'));
  await by.press(by.page.getByRole('button', { name: /^Margin(, GBP)?$/ }));
  const rows = by.page.getByRole('table', { name: 'Results by project' }).locator('tbody tr[data-key]');
  await expect(rows.first()).toContainText('−');
  await by.press(rows.first());
  await by.press(by.page.locator('.figs button').filter({ hasText: /cost/ }).first());
  await expect(panel(by.page).locator('.entries li').first()).toBeVisible();
  expect(by.mouse).toBeLessThanOrEqual(4);
  await asItCame(by.page, /^Margin(, GBP)?$/);
  await by.page.context().close();
});

test('start a timer on known work: one press starts it, two letters and Enter say what it is', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'bookkeeper'));
  await by.press(by.page.getByRole('button', { name: 'Start timer' }));
  const facts = by.page.getByRole('region', { name: /^What the timer is for/ });
  await by.press(facts.getByRole('combobox', { name: 'Project or task' }));
  await by.key('ArrowDown');
  await by.key('Enter');
  await expect(by.page.getByRole('timer')).toBeVisible();
  expect([by.mouse, by.keys]).toEqual([2, 2]);
  await by.page.getByRole('button', { name: 'Throw away' }).click();
  await by.page.getByRole('dialog').getByRole('button', { name: 'Throw it away' }).click();
  // While the question stands, nothing behind it is there for anybody.
  await expect(by.page.getByRole('button', { name: 'Start timer' })).toBeVisible();
  await by.page.context().close();
});

test('a week of rows like last week’s, with their hours: two presses', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'staff'));
  await by.press(by.page.getByRole('button', { name: /^Bring last/ }));
  await by.last(by.page.getByRole('menuitem', { name: 'Rows with their hours, to today' }));
  expect(by.mouse).toBeLessThanOrEqual(2);
  await by.page.context().close();
});

test('1:30 on yesterday, in a row that is there: one press and four keys; why an amount: one press', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'staff'));
  // Tuesday of the week in which it is Wednesday.
  const cell = by.page.locator('td[data-place$="2026-06-09"][aria-readonly="false"][aria-label$=", empty"]').first();
  const place = await cell.getAttribute('data-place');
  await by.press(cell);
  for (const key of ['9', '0', 'm', 'Enter']) await by.key(key);
  const typed = by.page.locator(`td[data-place="${place}"]`);
  await expect(typed).toContainText('1:30');
  await expect(by.page.getByText(/1:30 recorded. Saved/)).toBeVisible();
  expect([by.mouse, by.keys]).toEqual([1, 4]);
  const why = new Presses(by.page);
  await why.press(typed);
  await expect(panel(by.page).getByRole('heading', { name: 'History' })).toBeVisible();
  expect(why.mouse).toBe(1);
  await by.page.keyboard.press('Control+z');
  await expect(typed).toHaveText('');
  await by.page.context().close();
});

test('mend what was returned and submit again: five presses and the time', async ({ browser }) => {
  const by = new Presses(await signedIn(browser, 'staff'));
  const record = step(by.page, 'Record');
  await expect(record).toContainText('returned');
  await by.press(record);
  const returned = by.page.locator('td[aria-label*="returned"]').first();
  by.mouse += 2;
  await returned.dblclick();
  const form = by.page.locator('yw-entry-form');
  const start = form.locator('.time input').first();
  await expect(start).toBeFocused();
  const before = await start.inputValue();
  const [hour, minute] = before.split(':').map(Number) as [number, number];
  for (const key of `${hour}:${String(minute + 5).padStart(2, '0')}`) await by.key(key);
  await by.key('Enter');
  await expect(form).toBeHidden();
  await by.press(by.page.getByRole('button', { name: /^Submit \d.* again$/ }));
  await by.last(by.page.getByRole('dialog').getByRole('button', { name: 'Submit week' }));
  expect(by.mouse).toBeLessThanOrEqual(5);
  expect(by.keys).toBeLessThanOrEqual(6);
  await by.page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
  await by.page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(by.page.getByText(new RegExp(`${before} to`)).first()).toBeVisible();
  await by.page.context().close();
});
