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

test('owner: takes a right from a manager, who sees the screens shrink, and is told why; a role of one’s own', async ({
  browser,
}) => {
  const [page, theirs] = [await signedIn(browser, 'owner'), await signedIn(browser, 'manager')];
  const bill = theirs.getByRole('navigation').getByRole('link', { name: /^Bill/ });
  await expect(bill).toBeVisible();
  await page.goto('/f/quillfeather/settings/people');
  await page.getByRole('row', { name: /Maud Ellery/ }).click();
  const panel = page.locator('yw-person-panel');
  await panel.getByRole('button', { name: 'Exceptions …' }).click();
  const right = panel.getByRole('combobox', { name: 'Sees rates and values' });
  await right.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: 'not at all' }).click();
  await fits(page);
  await panel.getByRole('button', { name: 'Save the exceptions' }).click();
  await expect(panel.getByText('held back by “Sees rates and values”').first()).toBeVisible();
  await theirs.reload();
  await expect(theirs.getByRole('navigation').getByRole('link', { name: /^Review/ })).toBeVisible();
  await expect(bill).toBeHidden();

  // Why, by keyboard.
  await panel.getByLabel('Whose time').focus();
  await page.keyboard.type('ines', { delay: 30 });
  await page.keyboard.press('Enter');
  await expect(panel.getByText('Maud Ellery leads Survey and drawing, and Ines Marchetti is in it.')).toBeVisible();
  await panel.getByRole('button', { name: 'Exceptions …' }).click();
  await right.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: /^by roles/ }).click();
  await panel.getByRole('button', { name: 'Save the exceptions' }).click();
  await theirs.reload();
  await expect(bill).toBeVisible();
  await theirs.context().close();

  await page.goto('/f/quillfeather/settings/roles');
  await page.getByRole('row', { name: /^Staff/ }).click();
  await page.getByRole('button', { name: 'Make one like it' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Night shift');
  await fits(page);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /^Night shift/ })).toBeVisible();
  await page.getByRole('button', { name: 'End the role …' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End Night shift' }).click();
  await expect(page.getByRole('row', { name: /^Night shift/ })).toBeHidden();
  await page.context().close();
});

test('owner: locks time up to a day, which the week of everybody says; positions are added and ended', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.goto('/f/quillfeather/settings/time');
  const day = page.getByRole('textbox', { name: 'Locked up to' });
  await expect(page.getByText(/^Since .* of anybody\.$/)).toBeVisible();
  await day.focus();
  await page.keyboard.type('31 Jan');
  await page.keyboard.press('Tab');
  await expect(page.getByText(/It would leave undone|All time up to then is decided/)).toBeVisible();
  await fits(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/Locked up to/).last()).toBeVisible();
  const staff = await signedIn(browser, 'staff');
  await staff.goto('/f/quillfeather/record?period=2026-W03');
  await expect(staff.getByText('The firm has locked its time up to')).toBeVisible();
  await expect(staff.getByRole('button', { name: /^Submit/ })).toBeHidden();
  await staff.context().close();
  await page.getByRole('button', { name: 'Lock nothing' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/Locked up to taken away/)).toBeVisible();

  await page.goto('/f/quillfeather/settings/groups');
  await page.getByLabel('New position').fill('Gilder');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Gilder', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'End Gilder' }).click();
  await expect(page.getByRole('button', { name: 'Take up Gilder' })).toBeVisible();
  await fits(page);
  await page.context().close();
});
