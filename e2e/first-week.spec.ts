import { Browser, Page, expect, test } from '@playwright/test';
import { answer, chooseOf, fits, followLink, opened } from './people';

/** A firm of this run alone. */
const RUN = Date.now().toString(36);
const someone = (name: string, password: string) => ({
  ...{ name, password, email: `${name.toLowerCase().replace(' ', '.')}@firstweek-${RUN}.example` },
});
const owner = someone('Hester Dunn', 'seven copper herons wade');
const manager = someone('Basil Troy', 'three woollen lamps hum');
const staff = [someone('Petra Lund', 'nine paper anchors turn'), someone('Owen Sharp', 'five velvet hinges creak')] as const;
const FIRM = `Dunn Survey ${RUN}`;

const options: Parameters<Browser['newContext']>[0] = { locale: 'en-GB', timezoneId: 'Europe/London' };

async function joins(browser: Browser, who: typeof owner): Promise<Page> {
  const page = await opened(browser, options);
  await followLink(page, who.email, /Hester Dunn invites you/);
  await page.getByLabel(/^Password/).fill(who.password);
  await page.getByLabel(/I agree/).check();
  await page.getByRole('button', { name: 'Join' }).click();
  await page.waitForURL('**/record');
  return page;
}

/** Records a length of time on the first project by the form of the day. */
async function records(page: Page, from: string, to: string): Promise<void> {
  await page.getByRole('button', { name: 'Add time' }).click();
  const form = page.locator('yw-entry-form');
  await form.getByLabel('Project or task').fill('sound');
  await page.getByRole('option', { name: /Soundings/ }).click();
  await chooseOf(form, 'Service', 'Site survey');
  await form.getByLabel('Start', { exact: true }).fill(from);
  await form.getByLabel('End', { exact: true }).fill(to);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/recorded, /).first()).toBeVisible();
}

test('a firm is founded, people join, and their first week is recorded, submitted, approved and billed', async ({ browser }) => {
  const page = await opened(browser, options);
  await page.goto('/found');
  await page.getByLabel('Your name').fill(owner.name);
  await page.getByLabel('E-mail address').fill(owner.email);
  await page.getByLabel(/^Password/).fill(owner.password);
  await page.getByLabel(/I agree/).check();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('status')).toContainText(owner.email);
  await followLink(page, owner.email, 'Is this your address?');
  await page.getByLabel('Name', { exact: true }).fill(FIRM);
  await page.keyboard.press('Enter');

  // Where people work and what they do: its services and projects come with it.
  await page.getByRole('radio', { name: 'In both' }).click();
  await chooseOf(page, 'What do you do?', 'Surveying and engineering');
  await expect(page.getByLabel('What follows from it')).toContainText('Site survey, Drawing, Calculation');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('heading', { name: 'What you use', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Survey');
  await page.getByLabel('Client').fill('Quay Trust');
  await page.getByLabel('Project', { exact: true }).fill('Soundings');
  await page.getByRole('button', { name: 'Leave out Report' }).click();
  await fits(page);
  await page.getByRole('button', { name: 'Go on' }).click();

  // Whoever is invited while founding joins by the message.
  await expect(page.getByRole('heading', { name: 'People', exact: true })).toBeVisible();
  for (const [who, role] of [
    [manager, 'Manager'],
    [staff[0], 'Staff'],
    [staff[1], 'Staff'],
  ] as const) {
    await page.getByLabel('Name', { exact: true }).fill(who.name);
    await page.getByLabel('E-mail address or number').fill(who.email);
    await chooseOf(page, 'Role', role);
    await page.getByRole('button', { name: /^Invite/ }).click();
    await expect(page.getByRole('status').filter({ hasText: who.name })).toBeVisible();
  }
  await page.getByRole('button', { name: 'To my week' }).click();
  await page.waitForURL('**/record');
  const steps = page.getByRole('region', { name: 'First steps' }).getByRole('listitem').filter({ hasText: ', done' });
  await expect(steps).toHaveText([/where people work/, /a client and a project/, /Invite somebody/]);

  const submits = async (one: Page) => {
    await one.getByRole('button', { name: /^Submit / }).click();
    await answer(one, 'Submit week');
    await expect(one.getByText(/Submitted .*waits for a decision/)).toBeVisible();
  };
  for (const [index, who] of staff.entries()) {
    const one = await joins(browser, who);
    await expect(one.getByRole('region', { name: 'First steps' })).toContainText('Start a timer, or type hours');
    await records(one, '8', index === 0 ? '10' : '11');
    await submits(one);
    await expect(one.getByRole('region', { name: 'First steps' }).getByRole('button', { name: 'All done, close' })).toBeVisible();
    await one.getByRole('button', { name: 'All done, close' }).click();
    await expect(one.getByRole('region', { name: 'First steps' })).toBeHidden();
    await one.context().close();
  }

  // Who manages decides on the time of a team: it is made, and led by them.
  const boss = await joins(browser, manager);
  await page.goto(page.url().replace('/record', '/settings/teams').replace(/\?.*/, ''));
  await page.getByRole('button', { name: 'New team' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Field');
  for (const [label, who] of [
    ['Lead', manager],
    ['Put somebody in', staff[0]],
  ] as const) {
    await page.getByLabel(label).fill(who.name.split(' ')[0]!.toLowerCase());
    await page.getByRole('option', { name: who.name }).click();
  }
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('table', { name: 'Teams' }).getByRole('row', { name: /^Field/ })).toBeVisible();
  await boss.goto(boss.url().replace('/record', '/review?period=2026-W24'));
  await boss.getByRole('row', { name: /^Petra Lund/ }).click();
  const panel = boss.getByRole('complementary', { name: 'Why' });
  await panel.getByRole('button', { name: /^Approve \d/ }).click();
  await expect(boss.getByText(/approved/).first()).toBeVisible();
  // The owner decides on the rest.
  await page.goto(boss.url().replace(/&.*/, ''));
  await boss.context().close();
  await page.getByRole('row', { name: /^Owen Sharp/ }).click();
  await page
    .getByRole('complementary', { name: 'Why' })
    .getByRole('button', { name: /^Approve \d/ })
    .click();
  await expect(page.getByText(/approved/).first()).toBeVisible();

  // Nothing has a rate yet: it is typed, and the time billed.
  await page.getByRole('link', { name: /^Bill/ }).click();
  await expect(page.getByRole('heading', { name: 'Without a rate: 2 entries' })).toBeVisible();
  await page.getByRole('button', { name: 'Choose all 2' }).click();
  await page.getByLabel('Rate an hour').fill('80');
  await page.getByLabel('Reason').fill('As agreed with the client');
  await page.getByRole('button', { name: 'Price 2 entries' }).click();
  await page
    .getByRole('table', { name: 'Projects to bill' })
    .getByRole('row', { name: /^Soundings/ })
    .click();
  await expect(page.locator('yw-paper tfoot tr').first().locator('td').last()).toHaveText('400.00');
  await fits(page);
  await page.getByRole('button', { name: /^Issue for/ }).click();
  await answer(page, 'Issue invoice');
  await page.waitForURL('**/collect**');
  await expect(page.getByRole('complementary', { name: 'Why' }).getByRole('heading').first()).toHaveText('0001');
  await page.context().close();
});
