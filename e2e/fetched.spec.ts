import { Page, expect, test } from '@playwright/test';
import { answer, signedIn } from './people';

const scripts = (page: Page) =>
  page.evaluate(() => performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js')).length);

test('what forms, questions and notices need comes some seconds in, and is at hand when no script comes any more', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'staff');
  await expect(page.getByRole('complementary', { name: 'Why' })).toContainText('Choose a cell');
  // Nothing more comes for longer than it is put off.
  const first = await scripts(page);
  let known = 0;
  const moreCame = async () => known !== (known = await scripts(page));
  await expect.poll(moreCame, { intervals: [5000] }).toBe(false);
  expect(known).toBeGreaterThan(first);
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

for (const role of ['owner', 'staff'] as const)
  test(`${role}: while answers are on their way every step shows shapes, and nothing that is not so`, async ({ browser }) => {
    // Whoever wants nothing to move sees the shapes all the same.
    const page = await signedIn(browser, role, { reducedMotion: 'reduce' });
    const links = page.getByRole('navigation', { name: 'Steps' }).getByRole('link');
    await expect(links.first()).toHaveAttribute('aria-current', 'page');
    await page.waitForLoadState('networkidle');
    let answer: () => void = () => undefined;
    let answered = Promise.resolve();
    await page.route('**/api/**', async (route) => {
      await answered;
      await route.continue();
    });
    for (const step of role === 'owner' ? ['Review', 'Bill', 'Collect', 'Results'] : ['Review', 'Results']) {
      answered = new Promise((resolve) => (answer = resolve));
      await links.filter({ hasText: step }).click();
      const shape = page.locator('main [aria-busy="true"] i').first();
      await expect(shape).toBeVisible();
      await expect(shape).toHaveCSS('opacity', '1');
      // The screen that was there before is gone, and of this one nothing is known yet.
      await expect(page.locator('main')).not.toContainText(/\b0\b|nobody|nothing|no (time|invoice|entr|project)/i);
      answer();
      await expect(shape).toBeHidden();
    }
    await page.context().close();
  });
