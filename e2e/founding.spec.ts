import { Browser, Page, expect, test } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { answer, chooseOf, fits, followLink, opened } from './people';

/** A firm of this run alone. */
const RUN = Date.now().toString(36);
const nora = { name: 'Nora Quist', email: `nora@quist-${RUN}.example`, password: 'nine umber kettles sing' };
const piers = { name: 'Piers Stell', email: `piers@quist-${RUN}.example`, password: 'plum ladder seven geese' };
const FIRM = `Quist Boatyard ${RUN}`;

const options: Parameters<Browser['newContext']>[0] = { locale: 'en-IE', timezoneId: 'Europe/Dublin' };

async function enter(browser: Browser, who: { email: string; password: string }): Promise<Page> {
  const page = await opened(browser, options);
  await page.goto('/sign-in');
  await page.getByLabel('E-mail address').fill(who.email);
  await page.getByLabel('Password').fill(who.password);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/record');
  return page;
}

async function openSettings(page: Page): Promise<void> {
  await page.getByRole('button', { name: /, menu of / }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Settings' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'People', level: 1 })).toBeVisible();
}

test.describe.serial('a firm of one’s own', () => {
  test('a stranger founds a firm and starts the first timer, in at most fifteen interactions', async ({ browser }) => {
    const page = await opened(browser, options);
    let count = 0;
    const did = async (what: Promise<unknown>) => {
      count += 1;
      await what;
    };
    await page.goto('/');
    await did(page.getByRole('link', { name: 'Found a firm' }).click());
    await expect(page.getByRole('heading', { name: 'You', exact: true })).toBeVisible();
    await fits(page);
    await did(page.getByLabel('Your name').fill(nora.name));
    await did(page.getByLabel('E-mail address').fill(nora.email));
    await did(page.getByLabel(/^Password/).fill(nora.password));
    await did(page.getByLabel(/I agree/).check());
    await did(page.getByRole('button', { name: 'Go on' }).click());
    await expect(page.getByRole('status')).toContainText(nora.email);
    await fits(page);

    // The mailbox is left out of the count.
    await followLink(page, nora.email, 'Is this your address?');
    await expect(page.getByRole('heading', { name: 'The firm', exact: true })).toBeVisible();
    await expect(page.getByLabel('Currency')).toHaveValue(/^EUR/);
    await fits(page);
    await did(page.getByLabel('Name').fill(FIRM));
    await did(page.keyboard.press('Enter'));
    await expect(page.getByRole('heading', { name: 'Where people work', exact: true })).toBeVisible();
    await expect(page.getByLabel('What follows from it')).toContainText('Out of sight: instruction.');
    await fits(page);
    await did(page.getByRole('button', { name: 'Go on' }).click());
    await expect(page.getByRole('heading', { name: 'What you use', exact: true })).toBeVisible();
    await expect(page.getByRole('switch', { name: 'Instruction' })).not.toBeChecked();
    await fits(page);
    await did(page.getByRole('button', { name: 'Go on' }).click());
    await expect(page.getByRole('heading', { name: 'First work', exact: true })).toBeVisible();
    await fits(page);
    await did(page.getByLabel('Client').fill('Quay Trust'));
    await did(page.getByLabel('Project').fill('Boat house'));
    await did(page.keyboard.press('Enter'));
    await expect(page.getByRole('heading', { name: 'People', exact: true })).toBeVisible();
    await fits(page);
    await did(page.getByRole('button', { name: 'Nobody yet, to my week' }).click());
    await page.waitForURL('**/record');
    await did(page.getByRole('button', { name: 'Start timer' }).click());
    await expect(page.getByRole('timer')).toBeVisible();
    expect(count).toBeLessThanOrEqual(15);
    // What is done says so; what is left leads there.
    const first = page.getByRole('region', { name: 'First steps' });
    await expect(first.getByRole('listitem').filter({ hasText: ', done' })).toHaveText([
      ...[/where people work/, /a client and a project/, /Start a timer/],
    ]);
    await expect(first.getByRole('link', { name: 'Invite somebody' })).toBeVisible();
    test.info().annotations.push({ type: 'interactions', description: String(count) });

    // What it is for is made on the spot: a client and a project that were not there yet.
    const work = page.locator('yw-timer-facts').getByLabel('Project or task');
    await work.fill('Slipway');
    await expect(page.getByRole('option', { name: 'New project “Slipway” …' })).toBeVisible();
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByLabel('Project')).toHaveValue('Slipway');
    await fits(page);
    await dialog.getByLabel('Client').fill('Mole Trust');
    await expect(page.getByRole('option', { name: 'New client “Mole Trust”' })).toBeVisible();
    await page.keyboard.press('Enter');
    await dialog.getByRole('button', { name: 'Make the project' }).click();
    await expect(work).toHaveValue('Slipway');
    await expect(page.locator('yw-timer-dock').getByRole('button', { name: /^Slipway/ })).toBeVisible();
    await expect(page.getByRole('treeitem', { name: /Mole Trust/ })).toBeVisible();
    await page.context().close();
  });

  test('invites somebody by keyboard alone, who joins by the message and records, and sees no more than staff do', async ({
    browser,
  }) => {
    const owner = await enter(browser, nora);
    await openSettings(owner);
    await expect(owner.getByRole('row', { name: /Nora Quist/ })).toContainText('Owner');
    await fits(owner);
    await owner.getByRole('button', { name: 'Invite somebody' }).focus();
    await owner.keyboard.press('Enter');
    await expect(owner.getByLabel('Name', { exact: true })).toBeFocused();
    await owner.keyboard.type(piers.name);
    await owner.keyboard.press('Tab');
    await owner.keyboard.type(piers.email);
    await fits(owner);
    await owner.keyboard.press('Enter');
    await expect(owner.getByRole('row', { name: /Piers Stell/ })).toContainText('invited');
    // A list as it comes out of a mail program.
    await owner.getByRole('button', { name: 'Paste several' }).click();
    await owner.getByLabel('A person a line').fill(`Ida Ostrander <ida@quist-${RUN}.example>\neli.grant@quist-${RUN}.example`);
    await fits(owner);
    await owner.getByRole('button', { name: 'Invite 2 people' }).click();
    await expect(owner.getByRole('row', { name: /Eli Grant/ })).toContainText('invited');

    const page = await opened(browser, options);
    await followLink(page, piers.email, /Nora Quist invites you/);
    await expect(page.getByRole('heading', { name: `Join ${FIRM}` })).toBeVisible();
    await expect(page).toHaveURL(/\/join$/);
    await fits(page);
    await page.getByLabel(/^Password/).focus();
    await page.keyboard.type(piers.password);
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Join' }).focus();
    await page.keyboard.press('Enter');
    await page.waitForURL('**/record');
    await expect(page.getByRole('navigation', { name: 'Steps' }).getByRole('link')).toContainText(['Record', 'Results']);
    await expect(page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: /Bill/ })).toBeHidden();

    await page.getByRole('button', { name: 'Add time' }).click();
    const form = page.locator('yw-entry-form');
    await form.getByLabel('Project or task').fill('boat');
    await page.getByRole('option', { name: /Boat house/ }).click();
    await chooseOf(form, 'Service', 'Project work');
    await form.getByLabel('Start', { exact: true }).fill('8');
    await form.getByLabel('End', { exact: true }).fill('9:30');
    await page.keyboard.press('Enter');
    await expect(page.getByText('1:30 recorded', { exact: false }).first()).toBeVisible();

    // Of the settings only their own are offered.
    await page.getByRole('button', { name: /, menu of / }).click();
    await page.getByRole('menuitem', { name: 'Settings' }).click();
    await expect(page.getByRole('heading', { name: 'Account', exact: true })).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Settings' }).getByRole('listitem')).toHaveText(['Account']);

    await expect(async () => {
      await owner.reload();
      await expect(owner.getByRole('row', { name: /Piers Stell/ })).toContainText('active', { timeout: 1000 });
    }).toPass();
    for (const one of [owner, page]) await one.context().close();
  });

  test('gives a role and takes it, sees off and brings back; the screens follow, and so does a second firm', async ({
    browser,
  }) => {
    const owner = await enter(browser, nora);
    const page = await enter(browser, piers);
    const steps = page.getByRole('navigation', { name: 'Steps' });
    await openSettings(owner);
    await owner.getByRole('row', { name: /Piers Stell/ }).click();
    const panel = owner.locator('yw-person-panel');
    await expect(panel.getByRole('heading', { name: piers.name })).toBeVisible();
    await fits(owner);
    await panel.getByRole('checkbox', { name: /^Bookkeeper/ }).check();
    await expect(panel.getByText(/changed the roles/)).toBeVisible();
    await page.reload();
    await expect(steps.getByRole('link', { name: /Bill/ })).toBeVisible();
    await panel.getByRole('checkbox', { name: /^Bookkeeper/ }).uncheck();
    await expect(panel.getByText(/changed the roles/)).toHaveCount(2);
    await page.reload();
    await expect(steps.getByRole('link', { name: /Record/ })).toBeVisible();
    await expect(steps.getByRole('link', { name: /Bill/ })).toBeHidden();

    await panel.getByRole('button', { name: 'Has left …' }).click();
    await answer(owner, `End the access of ${piers.name}`);
    await expect(owner.getByRole('row', { name: /Piers Stell/ })).toContainText('left');
    await page.reload();
    await expect(page.getByRole('alert')).toContainText('no firm of this name');
    await panel.getByRole('button', { name: 'Bring back' }).click();
    await expect(owner.getByRole('row', { name: /Piers Stell/ })).toContainText('active');
    await page.goto('/');
    await expect(steps.getByRole('link', { name: /Record/ })).toBeVisible();

    // What the firm says of itself, by keyboard.
    await owner.getByRole('searchbox', { name: 'Find a setting' }).fill('bank');
    await owner.getByRole('link', { name: 'Facts and numbers' }).click();
    await owner.getByLabel('Address, a line each').fill('Mole 3\nHarbour');
    await owner.getByLabel('How to pay').fill('IBAN 12 of the made-up bank');
    await owner.getByLabel('Invoice numbers begin with').fill('Q-');
    await expect(owner.getByText('The next invoice is Q-0001.')).toBeVisible();
    await fits(owner);
    await owner.keyboard.press('Enter');
    await expect(owner.getByText(/changed the firm/)).toBeVisible();

    await owner.getByRole('searchbox', { name: 'Find a setting' }).fill('');
    await owner.getByRole('link', { name: 'Account' }).click();
    await expect(owner.getByRole('listitem').filter({ hasText: ', here' })).toBeVisible();
    await fits(owner);

    await owner.getByRole('button', { name: /, menu of / }).click();
    await owner.getByRole('menuitem', { name: 'Found another firm' }).click();
    await expect(owner.getByRole('heading', { name: 'The firm', exact: true })).toBeVisible();
    await owner.getByLabel('Name').fill(`Second ${RUN}`);
    await owner.keyboard.press('Enter');
    await owner.getByRole('button', { name: 'Go straight to the first timer' }).click();
    await owner.waitForURL(`**/f/second-${RUN}/record`);
    await expect(owner.getByRole('treeitem', { name: /Quay Trust/ })).toBeHidden();
    await owner.getByRole('button', { name: /, menu of / }).click();
    await owner.getByRole('menuitem', { name: `To ${FIRM}` }).click();
    await owner.waitForURL(`**/f/quist-boatyard-${RUN}/record`);
    await expect(owner.getByRole('treeitem', { name: /Quay Trust/ })).toBeVisible();
    for (const one of [owner, page]) await one.context().close();
  });

  test('asks who sees money for a second factor; an address is changed; somebody leaves by himself', async ({ browser }) => {
    const owner = await enter(browser, nora);
    await openSettings(owner);
    const find = owner.getByRole('searchbox', { name: 'Find a setting' });
    await find.fill('security');
    await owner.getByRole('link', { name: 'Signing in' }).click();
    await owner.getByRole('checkbox', { name: /second factor/ }).check();
    await expect(owner.getByText('You see money too')).toBeVisible();
    await fits(owner);
    await owner.getByRole('button', { name: 'Save' }).click();
    await expect(owner.getByRole('alert')).toContainText('Set up a second factor for your account');
    await owner.getByRole('link', { name: 'Your own second factor' }).click();
    const codes = await setUp(owner, nora.password);
    await expect(owner.getByText(`${codes.length} recovery codes are left.`)).toBeVisible();
    await fits(owner);
    await owner.getByRole('link', { name: 'Signing in' }).click();
    await owner.getByRole('checkbox', { name: /second factor/ }).check();
    await owner.getByRole('button', { name: 'Save' }).click();
    await expect(owner.getByText('Now asking who sees money for a second factor')).toBeVisible();

    // Signing in asks for a code; a recovery code does as well.
    await owner.getByRole('button', { name: /, menu of / }).click();
    await owner.getByRole('menuitem', { name: 'Sign out' }).click();
    await owner.getByLabel('E-mail address').fill(nora.email);
    await owner.getByLabel('Password').fill(nora.password);
    await owner.keyboard.press('Enter');
    await expect(owner.getByLabel('Code')).toBeFocused();
    await fits(owner);
    await owner.keyboard.type('000000');
    await owner.keyboard.press('Enter');
    await expect(owner.getByRole('alert')).toContainText('Take the code that your device shows now');
    await owner.getByLabel('Code').fill(codes[0]!);
    await owner.keyboard.press('Enter');
    await owner.waitForURL('**/record');

    // Who begins to see money is asked at the next step, and goes on where he was.
    const page = await enter(browser, piers);
    await openSettings(owner);
    await owner.getByRole('row', { name: /Piers Stell/ }).click();
    const panel = owner.locator('yw-person-panel');
    await panel.getByRole('checkbox', { name: /^Bookkeeper/ }).check();
    await expect(panel.getByText(/changed the roles/).nth(2)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'A second factor, please' })).toBeVisible();
    await fits(page);
    await setUp(page, piers.password, owner);
    await page.waitForURL('**/record');
    await expect(page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: /Bill/ })).toBeVisible();

    // He leaves by himself.
    await page.getByRole('button', { name: /, menu of / }).click();
    await page.getByRole('menuitem', { name: 'Settings' }).click();
    await page.getByRole('button', { name: `Leave ${FIRM}` }).click();
    await answer(page, `Leave ${FIRM}`);
    await page.waitForURL('**/found');
    await expect(owner.getByRole('row', { name: /Piers Stell/ })).toContainText('left');

    // Another address, by keyboard, shown to be hers by the message there.
    const other = `nora.${RUN}@elsewhere.example`;
    await owner.getByRole('link', { name: 'Account' }).click();
    await owner.getByRole('button', { name: 'Change address' }).focus();
    await owner.keyboard.press('Enter');
    await expect(owner.getByLabel('New e-mail address')).toBeFocused();
    await fits(owner);
    await owner.keyboard.type(other);
    await owner.keyboard.press('Tab');
    await owner.keyboard.type(nora.password);
    await owner.keyboard.press('Enter');
    await expect(owner.getByText(`A message goes to ${other}`)).toBeVisible();
    await followLink(owner, other, 'Is this your new address?');
    await expect(owner.getByRole('status')).toContainText(`you sign in with ${other}`);
    await fits(owner);
    await owner.getByRole('link', { name: 'Go on' }).click();
    await owner.waitForURL('**/record');
    for (const one of [owner, page]) await one.context().close();
  });
});

/** Sets a second factor up as the page asks for it. @param inside a window that is in a firm @returns the recovery codes */
async function setUp(page: Page, password: string, inside = page): Promise<string[]> {
  await page.getByRole('button', { name: 'Set up a second factor' }).click();
  await expect(page.getByLabel('Your password')).toBeFocused();
  await page.keyboard.type(password);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Code')).toBeFocused();
  await fits(page);
  await page.getByText('Cannot scan?').click();
  const secret = (await page.locator('details code').textContent())!.trim();
  // By the clock of the server, which is not the one of the day.
  const timers = await inside.request.get(`/api/f/quist-boatyard-${RUN}/timers`);
  const { now } = (await timers.json()) as { now: string };
  const code = new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.parse(now) });
  await page.getByLabel('Code').fill(code);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Keep these codes')).toBeVisible();
  await fits(page);
  const codes = await page.getByRole('group', { name: 'Recovery codes' }).getByRole('listitem').allTextContents();
  await page.getByRole('button', { name: 'I have kept them' }).click();
  return codes.map((code) => code.trim());
}
