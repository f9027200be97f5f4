import { expect, test } from '@playwright/test';
import { fits, signedIn } from './people';

const ADDRESS = 'ines.marchetti@quillfeather.example';
const [HER_OWN, ANOTHER] = ['yew-lantern-demo', 'yew lantern again'] as const;

test('somebody who has forgotten his password comes back in by the link of a message, by keyboard alone', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto('/sign-in');
  await page.getByRole('link', { name: 'Forgotten password?' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Forgotten password' })).toBeVisible();
  await fits(page);
  await page.getByLabel('E-mail address').focus();
  await page.keyboard.type(ADDRESS);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toContainText(`If ${ADDRESS} has an account here`);
  await fits(page);

  // Messages of the demo stand on a page of their own.
  await expect(page.getByRole('link', { name: 'read its messages' })).toHaveAttribute('href', process.env['MAIL_PAGE']!);
  const messages = await context.newPage();
  await messages.goto(process.env['MAIL_PAGE']!);
  await expect(async () => {
    await messages.reload();
    await expect(messages.getByRole('listitem').filter({ hasText: ADDRESS })).toBeVisible({ timeout: 500 });
  }).toPass();
  await messages.getByRole('link', { name: 'Set a new password' }).first().click();
  await expect(messages.getByRole('heading', { level: 1 })).toHaveText('Set a new password');
  await fits(messages);
  await messages.getByRole('link', { name: /\/reset#/ }).click();

  await expect(messages.getByRole('heading', { name: 'A new password' })).toBeVisible();
  await expect(messages).toHaveURL(/\/reset$/);
  await fits(messages);
  await messages.getByLabel(/^New password/).fill(ANOTHER);
  await messages.keyboard.press('Enter');
  await expect(messages.getByRole('status')).toContainText('Your password is changed');
  await messages.getByRole('link', { name: 'Sign in' }).click();
  await messages.getByLabel('E-mail address').fill(ADDRESS);
  await messages.getByLabel('Password').fill(ANOTHER);
  await messages.keyboard.press('Enter');
  await messages.waitForURL('**/f/quillfeather/record');

  // As it was, for those who come after; of which she is told as well.
  await messages.getByRole('button', { name: /, menu of / }).click();
  await messages.getByRole('menuitem', { name: 'Change password' }).click();
  await messages.getByLabel('Present password').fill(ANOTHER);
  await messages.getByLabel(/^New password/).fill(HER_OWN);
  await messages.keyboard.press('Enter');
  await expect(messages.getByRole('dialog')).toBeHidden();
  await page.goto(process.env['MAIL_PAGE']!);
  await expect(async () => {
    await page.reload();
    await expect(page.getByRole('link', { name: 'Your password was changed' })).toHaveCount(2, { timeout: 500 });
  }).toPass();
  await context.close();
});

test('a link that was cut off, or made up, leads on to another', async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await page.goto('/reset');
  await expect(page.getByRole('alert')).toContainText('not whole');
  await page.goto('/reset#made-up');
  await page.getByLabel(/^New password/).fill('long enough words');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Ask for a new one');
  await page.getByRole('link', { name: 'Ask for a new link' }).click();
  await expect(page.getByLabel('E-mail address')).toBeVisible();
  await page.context().close();
});

test('whoever is signed in is not sent away by the page of a new password', async ({ browser }) => {
  const page = await signedIn(browser, 'staff');
  await page.goto('/forgotten');
  await expect(page.getByRole('heading', { name: 'Forgotten password' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to signing in' }).click();
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.context().close();
});
