import { Page, expect, test } from '@playwright/test';
import { answer, signedIn } from './people';

const scripts = (page: Page) =>
  page.evaluate(() => performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js')).length);

test('what forms, questions and notices need comes some seconds in, and is at hand when no script comes any more', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'staff');
  await expect(page.getByRole('complementary', { name: 'Why' })).toContainText('Choose a cell');
  const first = await scripts(page);
  await expect.poll(() => scripts(page)).toBeGreaterThan(first);
  await page.waitForLoadState('networkidle');
  // Another version was installed, or the connection carries no more than answers.
  await page.route(/\.js$/, (route) => route.abort());

  // A cell is checked before it is sent.
  const cell = page.getByRole('gridcell', { name: /, 2026-06-10, empty/ }).first();
  const place = await cell.getAttribute('data-place');
  await cell.click();
  await page.keyboard.type('0:20');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/0:20 recorded. Saved/)).toBeVisible();

  const day = page.getByRole('region', { name: 'Day 2026-06-10' });
  await day.getByRole('button', { name: 'Add time' }).click();
  const form = page.locator('yw-entry-form');
  await form.getByRole('combobox', { name: 'Service' }).click();
  await expect(page.getByRole('option').nth(1)).toBeVisible();
  await page.keyboard.press('Escape');
  await form.getByRole('button', { name: 'Cancel' }).click();
  const line = day.getByRole('listitem').filter({ hasText: '0:20' });
  await line.getByRole('button', { name: /^Divide/ }).click();
  await expect(line.getByLabel('Length of the first part')).toBeFocused();
  await page.keyboard.press('Escape');
  await line.getByRole('button', { name: /^Delete/ }).click();
  // At the foot.
  await expect(page.locator('mat-snack-bar-container')).toContainText('0:20 deleted');
  await expect(page.locator(`[data-place="${place}"]`)).toHaveText('');

  await page.getByRole('button', { name: 'Start timer' }).click();
  await page
    .getByRole('region', { name: /^What the timer is for/ })
    .getByRole('button', { name: 'Throw away' })
    .click();
  await answer(page, 'Throw it away');
  await expect(page.getByRole('button', { name: 'Start timer' })).toBeVisible();
  await page.context().close();
});
