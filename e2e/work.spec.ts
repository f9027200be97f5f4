import { expect, test } from '@playwright/test';
import { chooseOf, fits, signedIn } from './people';

/** Two projects and forty tasks, indented by tabs as they are pasted from elsewhere. */
const LIST = ['Mole repair 400:00', 'Parapet survey'].flatMap((project, index) => [
  project,
  ...Array.from({ length: 4 }, (_, phase) => [
    `\tStage ${index * 4 + phase + 1}`,
    ...Array.from(
      { length: 4 },
      (_, task) => `\t\tBay ${String.fromCharCode(65 + task)} of stage ${index * 4 + phase + 1}  12 h`,
    ),
  ]).flat(),
]);

test('owner: a client, two projects and forty tasks are added by a pasted list, by keyboard, and recorded on', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'owner', { permissions: ['clipboard-read', 'clipboard-write'] });
  await page.goto('/f/quillfeather/settings/work');
  const rows = page.getByRole('treegrid', { name: 'Clients and projects' }).locator('tbody tr');
  const find = page.getByRole('searchbox', { name: 'Find a client, project or task' });
  await find.fill('lantern room');
  await expect(rows.nth(1)).toContainText('Lantern room repair');
  await fits(page);
  await page.getByRole('button', { name: 'Add a list' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'Client' })).toBeFocused();
  await page.keyboard.type('Saltings Trust');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.evaluate((text) => navigator.clipboard.writeText(text), LIST.join('\n'));
  await page.keyboard.press('Control+V');
  await expect(page.getByRole('group', { name: 'As it is read' }).getByRole('listitem')).toHaveCount(42);
  await fits(page);
  const button = page.getByRole('button', { name: 'Add 2 projects and 40 tasks' });
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Mole repair, Parapet survey are added, with 40 tasks.')).toBeVisible();
  await find.fill('bay c of stage 7');
  await expect(rows).toHaveText([/Saltings Trust/, /Parapet survey/, /Stage 7/, /Bay C of stage 7/]);
  // It is there for whoever records, at once and after a fresh look.
  await page.goto('/f/quillfeather/record');
  await page.getByRole('combobox', { name: 'Add a row: project or task' }).fill('salt bay b stage 2');
  await page.getByRole('option', { name: /^Bay B of stage 2/ }).click();
  await chooseOf(page, 'Service of the new row', 'Bench conservation');
  const cell = page.getByRole('gridcell', { name: /Mole repair, Stage 2, Bay B of stage 2|Bay B of stage 2/ }).nth(2);
  await cell.focus();
  await page.keyboard.type('1:30');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/1:30 recorded. Saved/)).toBeVisible();
  await page.context().close();
});

test('owner: an outline grows and is put in order by keyboard, and a task moves to another project with what is priced anew', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/work');
  const row = (name: RegExp | string) => page.getByRole('row', { name }).first();
  const box = (name = 'Name of a task, then its time') => page.getByRole('textbox', { name });
  const type = async (text: string, key: string) => {
    await expect(box()).toBeFocused();
    await page.keyboard.type(text);
    await page.keyboard.press(key);
  };
  await row('Parapet survey').focus();
  await page.keyboard.press('ArrowRight');
  await row('Stage 8').focus();
  await page.keyboard.press('Enter');
  await type('Report 6 h', 'Enter');
  await type('Drawings', 'Tab');
  await type(' of the parapet', 'Enter');
  await type('', 'Escape');
  await expect(row('Report')).toHaveAttribute('aria-level', '3');
  await expect(row('Drawings of the parapet')).toHaveAttribute('aria-level', '4');
  await expect(row('Drawings of the parapet')).toBeFocused();
  await page.keyboard.press('Alt+ArrowLeft');
  await expect(row('Drawings of the parapet')).toHaveAttribute('aria-level', '3');
  await page.keyboard.press('F2');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Drawn parapet 4:30');
  await page.keyboard.press('Enter');
  await expect(row('Drawn parapet')).toContainText('4:30');
  await expect(row('Drawn parapet')).toBeFocused();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Taken back: Drawings of the parapet changed.')).toBeVisible();
  await fits(page);
  // Time of it goes along to a project whose client pays otherwise.
  await page.getByRole('searchbox', { name: 'Find a client, project or task' }).fill('bay b of stage 2');
  await row('Bay B of stage 2').focus();
  await page.keyboard.press('Alt+Enter');
  const target = page.getByRole('combobox', { name: 'Project or task that it goes below' });
  await target.fill('lantern room repair');
  await target.press('Enter');
  // It is looked for on the server first.
  await expect(target).toHaveValue(/^Lantern room repair/);
  await page.getByRole('button', { name: 'Move', exact: true }).press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 entry with 1:30 recorded goes along and is priced by what holds there.');
  await fits(page);
  await dialog.getByRole('button', { name: 'Move and price anew' }).click();
  await expect(dialog).toBeHidden();
  await page.goto('/f/quillfeather/record');
  await expect(page.getByRole('gridcell', { name: /Lantern room repair, Bay B of stage 2/ }).first()).toBeVisible();
  await page.goto('/f/quillfeather/settings/work');
  await page.getByRole('searchbox', { name: 'Find a client, project or task' }).fill('parapet');
  await expect(row('Report')).toBeHidden();
  await expect(row('Drawings of the parapet')).toHaveAttribute('aria-level', '3');
  await page.context().close();
});

test('owner: other terms are agreed from a day on, with what is priced anew seen before, by keyboard', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  const ready = async () => {
    await page.goto('/f/quillfeather/bill');
    return page
      .getByRole('table', { name: 'Projects' })
      .getByRole('row', { name: /Bell frame survey/ })
      .innerText();
  };
  const before = await ready();
  await page.goto('/f/quillfeather/settings/work');
  await page.getByRole('row', { name: 'Bell frame survey' }).first().focus();
  await page.keyboard.press('Alt+Enter');
  await page.getByRole('button', { name: 'Agree something else' }).press('Enter');
  const day = page.getByRole('textbox', { name: 'From this day on' });
  await expect(day).toBeFocused();
  await page.keyboard.type('1 Jun 2026');
  await page.getByRole('textbox', { name: 'Rate an hour' }).fill('123.45');
  await page.getByRole('textbox', { name: 'Limit' }).fill('900000');
  const reason = page.getByRole('textbox', { name: 'Reason' });
  await reason.fill('By letter of 28 May');
  await fits(page);
  await reason.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Agree this of “Bell frame survey”?' });
  await expect(dialog).toContainText('recorded from then on are priced by it.');
  await expect(dialog.getByRole('row').nth(1)).toContainText('GBP 123.45 an hour');
  await expect(dialog).toContainText('Together it is worth');
  await fits(page);
  await page.keyboard.press('Escape');
  await expect(page.getByText('Nothing else is agreed.')).toBeVisible();
  expect(await ready()).toBe(before);
  await page.goBack();
  await page.getByRole('row', { name: 'Bell frame survey' }).first().focus();
  await page.keyboard.press('Alt+Enter');
  await page.getByRole('button', { name: 'Agree something else' }).press('Enter');
  await expect(day).toBeFocused();
  await page.keyboard.type('1 Jun 2026');
  await page.getByRole('textbox', { name: 'Rate an hour' }).fill('123.45');
  await reason.fill('By letter of 28 May');
  await reason.press('Enter');
  await dialog.getByRole('button', { name: 'Agree and price anew' }).press('Enter');
  await expect(page.getByText(/^GBP 123.45 an hour from 1 Jun/)).toBeVisible();
  await expect(page.getByText('Anselm Rooke changed the agreement')).toBeVisible();
  await expect(page.getByText('Rate: 123.45')).toBeVisible();
  expect(await ready()).not.toBe(before);
  await page.context().close();
});

test('owner: some people of a list are shown alone, by keyboard, and the link shows the same', async ({ browser }) => {
  const page = await signedIn(browser, 'owner', { colorScheme: 'dark' });
  await page.goto('/f/quillfeather/settings/people');
  const rows = page.getByRole('table', { name: 'People' }).locator('tbody tr');
  await expect(rows.first()).toBeVisible();
  await page.getByRole('button', { name: 'Filter' }).focus();
  await page.keyboard.press('Enter');
  const teams = page.getByRole('combobox', { name: 'Teams' });
  await teams.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('Mas');
  // The letters lead there once they are known to be all.
  await expect(page.locator('.mat-mdc-option-active')).toContainText('Masons');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(rows).toHaveCount(6);
  await expect(page.getByText(/^6 of \d+ people$/)).toBeVisible();
  await fits(page);
  await page.reload();
  await expect(rows).toHaveCount(6);
  await page.goto('/f/quillfeather/settings/work');
  await page.getByRole('button', { name: 'Add a list' }).click();
  await fits(page);
  await page.context().close();
});

test('owner: a project is copied with its tasks and what is agreed, by keyboard, and made its own', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/work');
  const rows = page.getByRole('treegrid', { name: 'Clients and projects' }).locator('tbody tr');
  await page
    .getByRole('row', { name: /Bell frame survey/ })
    .first()
    .focus();
  await page.keyboard.press('Alt+Enter');
  const panel = page.locator('yw-project-panel');
  await panel.getByRole('button', { name: 'Copy …' }).press('Enter');
  await expect(panel.getByRole('textbox', { name: 'Name of the copy' })).toBeFocused();
  await fits(page);
  await page.keyboard.type('Bell frame, second season');
  await page.keyboard.press('Enter');
  await expect(panel.getByRole('heading', { name: 'Bell frame, second season' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Bell frame, second season/ })).toBeFocused();
  await expect(panel).toContainText('copied the project');
  await expect(panel).toContainText('it is charged by time in GBP');
  await page.getByRole('searchbox', { name: 'Find a client, project or task' }).fill('second season geometry');
  await expect(rows.last()).toContainText('Frame geometry');
  await fits(page);
  await page.context().close();
});
