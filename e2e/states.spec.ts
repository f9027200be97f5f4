import { Page, expect, test } from '@playwright/test';
import { answer, chooseOf, fits, signedIn } from './people';

const WORK = '/f/quillfeather/settings/work';

/** What the field for a new row offers of some words, in a week that nobody has submitted. */
async function offered(page: Page, words: string): Promise<string[]> {
  await page.goto('/f/quillfeather/record?period=2026-W26');
  const field = page.getByRole('combobox', { name: 'Add a row: project or task' });
  await field.fill(words);
  const answer = page.getByRole('option').or(page.getByText('Nothing of that name.')).first();
  await expect(answer).toBeVisible();
  await expect(page.getByText('Looking for it')).toBeHidden();
  await expect(answer).toBeVisible();
  const options = await page.getByRole('option').allInnerTexts();
  return options.filter((one) => !one.startsWith('New project') && !one.startsWith('Nothing'));
}

/** The panel of a project, opened by keyboard. */
async function opened(page: Page, name: string) {
  await page.goto(WORK);
  const row = page.getByRole('row', { name }).first();
  await row.focus();
  await page.keyboard.press('Alt+Enter');
  const panel = page.locator('yw-project-panel');
  await expect(panel.getByRole('heading', { name })).toBeVisible();
  return { panel, row };
}

test('owner: a project is proposed, opened, put on hold and archived, and takes time only while it is open', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'owner');
  const staff = await signedIn(browser, 'staff');
  // The firm's own list has one state more.
  await page.goto('/f/quillfeather/settings/states');
  await expect(page.locator('yw-states li')).toHaveCount(4);
  const name = page.getByRole('textbox', { name: 'Another state' });
  await name.fill('Waiting for listed building consent');
  await page.locator('form.add').getByRole('checkbox', { name: 'takes time' }).press('Space');
  await name.press('Enter');
  await expect(page.locator('yw-states li').last()).toContainText('takes no time, counts as open');
  await page.getByRole('button', { name: 'Waiting for listed building consent earlier' }).press('Enter');
  await expect(page.locator('yw-states li').nth(3)).toContainText('Waiting');
  await expect(page.getByRole('button', { name: 'Waiting for listed building consent earlier' })).toBeFocused();
  await fits(page);

  await page.goto(WORK);
  await page.getByRole('row', { name: 'Tidewell Chapel Friends' }).first().focus();
  await page.keyboard.press('Enter');
  const box = page.getByRole('textbox', { name: 'Name of a project' });
  await box.fill('Vestry floor');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('row', { name: 'Vestry floor' })).toContainText('Open');
  const { panel, row } = await opened(page, 'Vestry floor');
  const save = async (state: string) => {
    await chooseOf(panel, 'State', state);
    await panel.getByRole('button', { name: 'Save', exact: true }).press('Enter');
    await expect(row).toContainText(state);
  };
  await save('Proposed');
  await fits(page);
  expect(await offered(staff, 'vestry')).toEqual([]);
  await save('Open');
  expect(await offered(staff, 'vestry')).toEqual([expect.stringContaining('Vestry floor')]);
  await save('Waiting for listed building consent');
  expect(await offered(staff, 'vestry')).toEqual([]);
  await panel.getByRole('checkbox', { name: 'in the archive' }).press('Space');
  await panel.getByRole('button', { name: 'Save', exact: true }).press('Enter');
  await expect(row).toBeHidden();
  await page.getByRole('button', { name: 'With archive' }).press('Enter');
  await expect(row).toContainText('in the archive');
  // All that was said of it is told, and it is found in the tree of work.
  await row.focus();
  await page.keyboard.press('Alt+Enter');
  await expect(panel).toContainText('Now in the archive');
  await expect(panel).toContainText('State Open, was Proposed');
  await fits(page);
  await staff.getByRole('searchbox', { name: /Find/ }).first().fill('vestry');
  await expect(staff.getByRole('treeitem', { name: /Vestry floor/ })).toBeVisible();
  // What else is said of it is kept, and since nothing refers to it, it may go.
  await panel.getByRole('textbox', { name: 'Notes' }).fill('Drawings: https://plans.quillfeather.example/vestry');
  await panel.getByRole('textbox', { name: 'Ends' }).fill('30 Sep');
  await panel.getByRole('radio', { name: 'heather' }).press('Space');
  await panel.getByRole('button', { name: 'Save', exact: true }).press('Enter');
  await expect(panel).toContainText('Tone 8, was');
  await expect(panel.getByRole('link', { name: /plans/ })).toHaveAttribute('rel', /noopener/);
  await fits(page);
  await panel.getByRole('button', { name: 'Delete …' }).press('Enter');
  await answer(page, 'Delete Vestry floor');
  await expect(row).toBeHidden();
  await expect(page.getByRole('row', { name: 'Tidewell Chapel Friends' }).first()).toBeFocused();
  await page.context().close();
  await staff.context().close();
});

test('owner: a project takes time of one team alone, which alone sees it', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  const staff = await signedIn(browser, 'staff');
  expect((await offered(staff, 'wheel and sluice')).length).toBeGreaterThan(0);
  const { panel } = await opened(page, 'Wheel and sluice');
  const section = panel.locator('yw-who-records');
  await section.getByRole('radio', { name: 'those named' }).press('Space');
  const say = section.getByRole('button', { name: 'Say so' });
  await section.getByRole('combobox', { name: /^Teams/ }).click();
  await page.getByRole('option', { name: /^Masons/ }).click();
  await page.keyboard.press('Escape');
  await say.press('Enter');
  await expect(panel).toContainText('Who records Masons, was everyone');
  await fits(page);
  expect(await offered(staff, 'wheel and sluice')).toEqual([]);
  await section.getByRole('combobox', { name: 'Name somebody' }).fill('ines');
  await page.getByRole('option', { name: /Ines Marchetti/ }).click();
  await say.press('Enter');
  await expect(panel).toContainText('Masons, Ines Marchetti');
  expect((await offered(staff, 'wheel and sluice')).length).toBeGreaterThan(0);
  await section.getByRole('radio', { name: 'everyone' }).press('Space');
  await say.press('Enter');
  await expect(panel).toContainText('Who records everyone');
  await page.context().close();
  await staff.context().close();
});
