import { expect, test } from '@playwright/test';
import { fits, signedIn } from './people';

const MASONS = ['Bram Tuazon', 'Idris Quarrie', 'Dov Tresillian', 'Emeka Strand', 'Kitty Ormerod-Szabó', 'Callum Dietz'];

test('owner: the rights of six people at once, added and replaced; who is there is chosen by finding', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/people');
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('masons');
  const rows = page.getByRole('table', { name: 'People' }).locator('tbody tr');
  await expect(rows).toHaveCount(MASONS.length);
  await page.getByRole('button', { name: 'Roles of several' }).click();
  await page.getByRole('button', { name: 'Choose all shown' }).click();
  await expect(page.getByText(`Roles for ${MASONS.length} people`)).toBeVisible();
  await page.getByRole('checkbox', { name: 'Project manager' }).check();
  const effect = page.locator('yw-many-roles').getByRole('status');
  for (const name of MASONS) await expect(effect).toContainText(name);
  await fits(page);
  await page.getByRole('button', { name: 'Change the roles of 6 people' }).click();
  await expect(rows.filter({ hasText: 'Project manager, Staff' })).toHaveCount(MASONS.length);

  // Instead of what they have, by keyboard.
  await page.getByRole('button', { name: 'Roles of several' }).focus();
  await page.keyboard.press('Enter');
  await rows.first().focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Space');
  await expect(page.getByText('Roles for 2 people')).toBeVisible();
  await page.getByRole('button', { name: 'Choose all shown' }).click();
  await page.getByRole('radio', { name: 'Instead of it' }).click();
  await page.getByRole('checkbox', { name: 'Staff', exact: true }).check();
  await expect(effect).toContainText('no longer project manager:');
  await page.getByRole('button', { name: 'Change the roles of 6 people' }).click();
  await expect(rows.filter({ hasText: 'Project manager' })).toHaveCount(0);
  await page.context().close();
});

test('owner: a team is made, led and filled by typing; it goes into another', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/teams');
  const table = page.getByRole('table', { name: 'Teams' });
  await expect(table.getByRole('row', { name: /Masons/ })).toBeVisible();
  await page.getByRole('button', { name: 'New team' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Scaffold');
  await page.keyboard.press('Tab');
  await page.keyboard.type('ines');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Lead')).toHaveValue('Ines Marchetti');
  await page.keyboard.press('Tab');
  await page.keyboard.type('wren');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'In the team' })).toContainText('Wren Abara');
  await fits(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(table.getByRole('row', { name: /Scaffold/ })).toContainText('Ines Marchetti');
  await expect(page.getByText(/made the team/)).toBeVisible();
  await page.getByRole('button', { name: 'End the team …' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End Scaffold' }).click();
  await expect(table.getByRole('row', { name: /Scaffold/ })).toBeHidden();
  await page.context().close();
});
