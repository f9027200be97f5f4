import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { answer, chooseOf, chooseScope, signedIn } from './people';

test.describe.configure({ mode: 'serial' });

test('staff: adds time by the clock, divides it, starts it again, and takes each step back', async ({ browser }) => {
  const page = await signedIn(browser, 'staff');
  await page.goto('/f/quillfeather/record?period=2026-W25');
  await page.getByRole('combobox', { name: 'Add a row: project or task' }).fill('running the practice');
  await page.getByRole('option', { name: /^Running the practice/ }).click();
  await chooseOf(page, 'Service of the new row', 'Office');
  const day = page.getByRole('region', { name: 'Day 2026-06-15' });
  await day.getByRole('button', { name: 'Add time' }).click();
  const form = page.locator('yw-entry-form');
  await form.getByRole('combobox', { name: 'Project or task' }).fill('running the practice');
  await page.getByRole('option', { name: /^Running the practice/ }).click();
  await chooseOf(form, 'Service', 'Office');
  await form.getByRole('radio', { name: 'Start and end' }).click();
  await form.getByLabel('Start', { exact: true }).fill('8');
  await form.getByLabel('End', { exact: true }).fill('12:15');
  await form.getByLabel('Break').fill('0:15');
  await expect(form.getByRole('status').first()).toHaveText('= 4:00');
  await form.getByRole('button', { name: 'Record entry' }).click();
  await expect(day.getByText('4:00 recorded')).toBeVisible();

  await day.getByRole('button', { name: 'Divide Running the practice' }).click();
  await day.getByLabel('Divide at the time').fill('13:00');
  await page.keyboard.press('Enter');
  await expect(day.getByRole('alert')).toContainText('between 08:00 and 12:15');
  await day.getByLabel('Divide at the time').fill('9:30');
  await page.keyboard.press('Enter');
  await expect(day.getByText('08:00 to 09:30, break 0:15')).toBeVisible();
  await expect(day.getByText('09:30 to 12:15')).toBeVisible();
  await expect(day.getByText('4:00 recorded')).toBeVisible();

  await page
    .getByRole('gridcell', { name: /Running the practice/ })
    .first()
    .focus();
  await page.keyboard.press('Control+z');
  await expect(day.getByText('08:00 to 12:15, break 0:15')).toBeVisible();
  await day.getByRole('button', { name: 'Delete Running the practice' }).click();
  await expect(day.getByText('Nothing recorded on this day.')).toBeVisible();
  // The same step back stands in the notice at the foot.
  await page.getByRole('main').getByRole('button', { name: 'Undo' }).click();
  await expect(day.getByText('08:00 to 12:15, break 0:15')).toBeVisible();

  await day.getByRole('button', { name: 'Start again: Running the practice' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Timer' })).toContainText('Running the practice');
  await page.context().close();
});

test('staff: two windows share the timer; it is paused, another one starts, both are kept', async ({ browser }) => {
  const page = await signedIn(browser, 'staff');
  const second = await page.context().newPage();
  await second.goto('/f/quillfeather/record');
  await expect(second.getByRole('timer')).toBeVisible();
  await page.getByRole('button', { name: 'Pause', exact: true }).click();
  await expect(second.getByText(/Paused: Running the practice/)).toBeVisible();
  await second.getByRole('button', { name: 'Start timer' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('menuitem', { name: 'Stop this and start another' }).click();
  await expect(second.getByText(/Not classified yet/).first()).toBeVisible();
  await second
    .getByRole('button', { name: 'Throw away' })
    .or(second.getByText(/Not classified yet/))
    .first()
    .click();
  await page.getByRole('button', { name: 'Throw away' }).click();
  await answer(page, 'Cancel');
  await expect(page.getByRole('timer')).toBeVisible();
  await page.getByRole('button', { name: 'Throw away' }).click();
  await answer(page, 'Throw it away');
  await expect(page.getByRole('timer')).toBeHidden();
  await expect(second.getByRole('timer')).toBeHidden();
  await page.context().close();
});

test('manager: corrects an entry with a reason, re-opens one that was approved; the history says both', async ({ browser }) => {
  const page = await signedIn(browser, 'manager');
  await page.goto('/f/quillfeather/review?period=2026-W23');
  const panel = page.getByRole('complementary', { name: 'Why' });
  await page.getByRole('button', { name: 'Only what needs a look' }).click();
  const waiting = page.getByRole('row').filter({ hasText: 'to look at' }).first();
  await expect(waiting).toBeVisible();
  await waiting.click();
  await panel
    .locator('.entries > li > button')
    .filter({ has: page.getByRole('img', { name: 'submitted' }) })
    .first()
    .click();
  await panel.getByRole('button', { name: 'Correct', exact: true }).click();
  const form = panel.locator('yw-entry-form');
  await form.getByLabel('Note').fill('As agreed on site');
  await form.getByRole('button', { name: 'Correct entry' }).click();
  await expect(form.getByRole('alert')).toContainText(/reason|why/i);
  await form.getByLabel('Reason of the correction').fill('the note was on paper');
  await form.getByRole('button', { name: 'Correct entry' }).click();
  await expect(page.getByText('Entry corrected')).toBeVisible();
  await expect(panel.locator('yw-history')).toContainText('the note was on paper');

  await page.goto('/f/quillfeather/review?period=2026-W22');
  await page.getByRole('row').filter({ hasText: 'decided' }).first().click();
  await panel
    .locator('.entries > li > button')
    .filter({ has: page.getByRole('img', { name: 'approved' }) })
    .first()
    .click();
  await panel.getByRole('button', { name: 'Re-open' }).click();
  await answer(page, 'Re-open entry', 'the wrong bay');
  await expect(page.getByText('Entry re-opened')).toBeVisible();
  await expect(panel.getByText('returned: the wrong bay')).toBeVisible();
  await page.context().close();
});

test('bookkeeper: holds back, releases, reduces, keeps a draft and discards it', async ({ browser }) => {
  const page = await signedIn(browser, 'bookkeeper');
  await page.getByRole('link', { name: /^Bill/ }).click();
  await page
    .getByRole('table', { name: 'Projects to bill' })
    .getByRole('row', { name: /^Bell frame survey/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Invoice', exact: true })).toBeVisible();
  const net = () => page.locator('yw-paper tfoot tr').first().locator('td').last().textContent();
  const before = await net();
  const group = page.locator('.card .grp:not(.top) button.open').first();
  await group.click();
  await page.locator('.sub').first().getByRole('button', { name: 'Hold back' }).click();
  await answer(page, 'Hold back', 'the client asked to wait');
  await expect(page.getByText('Held back', { exact: false }).first()).toBeVisible();
  await expect.poll(net).not.toBe(before);
  await page.getByRole('button', { name: /^Held back/ }).click();
  await expect(page.getByText('Held: the client asked to wait')).toBeVisible();
  await page.getByRole('button', { name: 'Release' }).first().click();
  await expect.poll(net).toBe(before);

  await page.locator('.sub').first().getByRole('button', { name: 'Reduce' }).click();
  await answer(page, 'Go on', '10');
  await answer(page, 'Reduce', 'agreed by telephone');
  await expect(page.locator('yw-paper')).toContainText('−110.00−10.00');
  await page.getByRole('button', { name: 'Keep draft' }).click();
  await expect(page.getByText(/A draft of £.* kept by Yuki Farrow/)).toBeVisible();
  await expect(page.getByText(/in drafts/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it up again' }).click();
  await expect(page.getByText(/kept by Yuki Farrow/)).toBeHidden();
  await expect(page.locator('yw-paper')).toContainText('−110.00−10.00');
  await page.getByRole('button', { name: 'Keep draft' }).click();
  await expect(page.getByText(/A draft of £.* kept by Yuki Farrow/)).toBeVisible();
  await page.getByRole('button', { name: 'Discard it' }).click();
  await answer(page, 'Cancel');
  await expect(page.getByText(/A draft of £.* kept by Yuki Farrow/)).toBeVisible();
  await page.getByRole('button', { name: 'Discard it' }).click();
  await answer(page, 'Discard draft');
  await expect(page.getByText(/kept by Yuki Farrow/)).toBeHidden();
  await expect.poll(net).toBe(before);
  await page.context().close();
});

test('bookkeeper: prices by hand, with a reason, what no rule prices', async ({ browser }) => {
  const page = await signedIn(browser, 'bookkeeper');
  await page.getByRole('link', { name: /^Bill/ }).click();
  const heading = page.getByRole('heading', { name: /^Without a rate: \d+/ });
  const count = Number(/\d+/.exec((await heading.textContent())!)![0]);
  await page.getByRole('table', { name: 'Entries without a rate' }).locator('tbody tr').first().click();
  const panel = page.getByRole('complementary', { name: 'Why' });
  await expect(panel.getByRole('heading', { name: 'No rate applies' })).toBeVisible();
  await panel.getByRole('button', { name: 'Type a rate' }).click();
  await panel.getByLabel('Rate an hour').fill('88.50');
  await panel.getByLabel('Reason').fill('letter of 2 June');
  await panel.getByRole('button', { name: 'Price this entry' }).click();
  await expect(panel.getByText('Typed on this entry')).toBeVisible();
  await expect(page.getByRole('heading', { name: `Without a rate: ${count - 1}` })).toBeVisible();
  await page.context().close();
});

test('owner: the time of one person as a scope; pay as a list', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.getByRole('link', { name: /^Results/ }).click();
  await page.getByRole('radio', { name: 'To date' }).click();
  const hours = page
    .locator('.figs button')
    .filter({ hasText: /^[\d,]+:\d\dhours/ })
    .locator('b');
  const all = await hours.textContent();
  await chooseScope(page, 'Ines Marchetti');
  await expect(page.getByRole('heading', { level: 1, name: 'Ines Marchetti' })).toBeVisible();
  await expect(hours).not.toHaveText(all!);
  await page.getByRole('link', { name: /^Review/ }).click();
  await expect(page.getByRole('table', { name: 'People and days' }).locator('tbody tr')).toHaveCount(1);
  await page.getByRole('button', { name: /, menu of / }).click();
  await page.getByRole('menuitem', { name: 'Pay and overhead' }).click();
  const pay = page.getByRole('table', { name: 'Pay and overhead' });
  // The auditor and who has left are not among them.
  await expect(pay.locator('tbody tr')).toHaveCount(25);
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.context().close();
});

test('staff: the day is the one where the person works, wherever the browser stands', async ({ browser }) => {
  // It is two at night on Thursday in Auckland, and Wednesday afternoon where the person works.
  const page = await signedIn(browser, 'staff', { timezoneId: 'Pacific/Auckland' });
  await expect(page.getByRole('region', { name: 'Day 2026-06-10' })).toBeVisible();
  await expect(page.locator('yw-week-grid th.today')).toHaveText(/Wed.*10/);
  await page.context().close();
});

test('anybody: theme and form of hours are kept from window to window', async ({ browser }) => {
  const page = await signedIn(browser, 'manager');
  const choose = async (name: string) => {
    await page.getByRole('button', { name: /, menu of / }).click();
    await page.getByRole('menuitemradio', { name }).click();
  };
  await choose('Dark');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await choose('Hours as 4.50');
  await expect(page.getByRole('link', { name: /^Record/ })).toContainText(/\d+\.\d\d of \d+\.\d\d|\d+\.\d\d open/);
  const other = await signedIn(browser, 'manager');
  await expect(other.locator('html')).toHaveAttribute('data-theme', 'dark');
  await expect(other.getByRole('link', { name: /^Record/ })).toContainText(/\d+\.\d\d/);
  await choose('As the system');
  await choose('Hours as 4:30');
  await page.getByRole('button', { name: /, menu of / }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: /Sign in|Yellowwood/ }).first()).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.context().close();
  await other.context().close();
});

test('owner: takes a list away as it is shown, sorted and in groups: as CSV, as XLSX, on paper', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/bill');
  const table = page.getByRole('table', { name: 'Projects to bill' });
  await table.getByRole('button', { name: 'Ready' }).click();
  const menu = page.getByRole('button', { name: 'Columns and files' }).first();
  const choose = async (role: 'menuitem' | 'menuitemcheckbox' | 'menuitemradio', name: string) => {
    if ((await menu.getAttribute('aria-expanded')) !== 'true') await menu.click();
    await page.getByRole(role, { name }).click();
  };
  await choose('menuitemcheckbox', 'Hours');
  await choose('menuitemradio', 'By client');
  await expect(table.getByRole('button', { name: 'Hours' })).toHaveCount(0);
  await expect(table.getByRole('columnheader', { name: 'Ready' })).toHaveAttribute('aria-sort', 'ascending');
  const names = await table.locator('tbody tr:not(.group) td:first-child > span').allTextContents();
  const clients = await table
    .locator('tbody tr.group td:first-child')
    .evaluateAll((cells) => cells.map((one) => one.firstChild!.textContent!.trim()));
  expect([names.length > 1, clients.length > 1]).toEqual([true, true]);

  const saved = async (name: string) => {
    const coming = page.waitForEvent('download');
    await choose('menuitem', name);
    const file = await coming;
    return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
  };
  const csv = await saved('Save as CSV');
  expect(csv.name).toBe('projects-to-bill-2026-06-10.csv');
  const lines = csv.bytes.toString('utf8').trim().split('\r\n');
  expect(lines[0]).toContain('Ready');
  expect(lines[0]).not.toContain('Hours');
  // The same order: each client, and its projects below it.
  const firsts = lines.map((line) => line.split(',')[0]!.replaceAll('"', ''));
  expect(firsts.filter((first) => names.includes(first))).toEqual(names);
  expect(firsts.filter((first) => clients.includes(first))).toEqual(clients);
  // Written by a worker of its own, which only the page as it is served can start; its cells are checked where it is made.
  const xlsx = await saved('Save as XLSX');
  expect(xlsx.name).toBe('projects-to-bill-2026-06-10.xlsx');
  expect(xlsx.bytes.subarray(0, 2).toString()).toBe('PK');

  // What is printed is there only as long as it is being printed.
  await page.evaluate(() => {
    window.print = () => (document.title = document.querySelector('.print-sheet')!.innerHTML);
  });
  await choose('menuitem', 'Print');
  const paper = await page.title();
  for (const name of ['Project', 'Ready', ...clients, ...names]) expect(paper).toContain(name.replace('&', '&amp;'));
  await expect(page.locator('.print-sheet')).toHaveCount(0);
  await page.context().close();
});

for (const role of ['staff', 'manager'] as const) {
  test(`${role} on a phone: every screen fits, and is accessible`, async ({ browser }) => {
    const page = await signedIn(browser, role, { viewport: { width: 390, height: 844 } });
    for (const step of ['record', 'review', 'results']) {
      await page.goto(`/f/quillfeather/${step}`);
      await page.waitForLoadState('networkidle');
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(wide, `${step} scrolls sideways by ${wide} px`).toBeLessThanOrEqual(0);
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      expect(
        violations
          .filter((one) => one.impact === 'serious' || one.impact === 'critical')
          .map((one) => `${step}: ${one.id} ${one.nodes[0]!.html.slice(0, 160)}`),
      ).toEqual([]);
    }
    await page.context().close();
  });
}
