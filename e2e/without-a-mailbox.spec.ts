import { expect, test } from '@playwright/test';
import { fits, signedIn } from './people';

test('owner: a link is copied, a stranger joins by it with a number, is confirmed, confirms the rules and is looked at', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/instruction');
  await page.getByLabel('What they confirm').fill('I record my time on the day itself, with breaks.');
  await page.getByRole('button', { name: 'Ask everybody to confirm it' }).click();
  await expect(page.getByText('Version 1, by Anselm Rooke')).toBeVisible();
  await fits(page);
  await page.goto('/f/quillfeather/settings/people');
  await page.getByRole('button', { name: 'Invite somebody' }).click();
  await page.getByRole('button', { name: 'A link to copy' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = new URL(await page.locator('yw-join-links code').innerText());
  await fits(page);

  const stranger = await (await browser.newContext({ baseURL: link.origin })).newPage();
  await stranger.goto(`/link${link.hash}`);
  await expect(stranger.getByText('Anselm Rooke made this link')).toBeVisible();
  // The token leaves the address at once.
  expect(new URL(stranger.url()).hash).toBe('');
  await fits(stranger);
  await stranger.getByLabel('Your name').focus();
  await stranger.keyboard.type('Pip Farr');
  await stranger.keyboard.press('Tab');
  await stranger.keyboard.type('+44 7700 900123');
  await stranger.keyboard.press('Tab');
  await stranger.keyboard.type('nine umber kettles sing');
  await stranger.getByRole('checkbox').check();
  await stranger.getByRole('button', { name: 'Join' }).click();
  await expect(stranger.getByRole('heading', { name: 'You have joined' })).toBeVisible();
  await stranger.getByRole('button', { name: 'Look again' }).click();
  await expect(stranger.getByText('Somebody there says that it is you')).toBeVisible();

  await page.reload();
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('pip');
  await page.getByRole('button', { name: 'Confirm Pip Farr' }).click();
  await expect(page.getByRole('row', { name: /Pip Farr/ })).toContainText('active');
  await stranger.getByRole('button', { name: 'Look again' }).click();
  await expect(stranger.getByText('Your firm says how time is recorded')).toBeVisible();
  await stranger.getByRole('button', { name: 'Read it' }).click();
  await stranger.getByRole('button', { name: 'I have read this and record my time so' }).click();
  await expect(stranger.getByText('Your firm says how time is recorded')).toBeHidden();

  await page.getByRole('row', { name: /Pip Farr/ }).click();
  await page.getByRole('button', { name: 'Look at their week as they see it' }).click();
  await expect(page.getByText('You look at the week of Pip Farr.')).toBeVisible();
  await fits(page);
  await page.getByLabel('Why you change it').fill('By telephone');
  await page.getByRole('button', { name: 'Add time' }).click();
  await expect(page.locator('yw-entry-form')).toBeVisible();
  await page.getByRole('button', { name: 'Back to your own' }).click();
  await expect(page.getByText('You look at the week of')).toBeHidden();
  await stranger.context().close();
  await page.context().close();
});
