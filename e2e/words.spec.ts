import { Page, expect, test } from '@playwright/test';
import { chooseOf, fits, signedIn } from './people';

const WORDS = ['customer', 'customers', 'order', 'orders', 'work item', 'work items', 'trade', 'trades'];

/** What stands on the page, or is told of it, in words that the firm no longer uses. */
function oldWords(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const old = /\b(client|project|task|service)s?\b/i;
    const found: string[] = [];
    for (const element of document.querySelectorAll('body *')) {
      // A history tells what was.
      if (element.closest('script, style, yw-history')) continue;
      // A component's own attribute is never shown; what it draws is.
      const told = element.localName.includes('-') ? ['aria-label', 'title'] : ['aria-label', 'title', 'placeholder', 'alt'];
      for (const name of told)
        if (old.test(element.getAttribute(name) ?? '')) found.push(`${name}: ${element.getAttribute(name)}`);
      for (const node of element.childNodes)
        if (node.nodeType === Node.TEXT_NODE && old.test(node.textContent ?? '')) found.push(node.textContent!.trim());
    }
    return [...new Set(found)];
  });
}

test('owner: four words are renamed, and the old ones stand nowhere', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  const firm = '/f/quillfeather';
  await page.goto(`${firm}/settings/words`);
  const boxes = page.locator('fieldset input');
  for (const [index, word] of WORDS.entries()) await boxes.nth(index).fill(word);
  await expect(page.getByText('Customers have orders, an order has work items')).toBeVisible();
  await fits(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The page says it so from now on')).toBeVisible();
  await expect(page.getByText('Word for project: order, orders')).toBeVisible();

  const look = async () => expect.poll(() => oldWords(page)).toEqual([]);
  for (const step of ['record', 'review', 'bill', 'collect', 'results']) {
    await page.goto(`${firm}/${step}`);
    await expect(page.getByRole('treeitem').nth(3)).toBeVisible();
    await look();
    for (const line of [2, 3, 4]) {
      await page.getByRole('treeitem').nth(line).click();
      await expect(page.locator('yw-loading [role=status]')).toHaveCount(0);
      await look();
    }
  }
  await page.goto(`${firm}/record`);
  await page.getByPlaceholder('Add a row: type an order or work item').fill('nothing of that name');
  await expect(page.getByText('New order “nothing of that name” …')).toBeVisible();
  await look();
  await page.getByText('New order “nothing of that name” …').click();
  await expect(page.getByRole('heading', { name: 'New order' })).toBeVisible();
  await look();
  await page.keyboard.press('Escape');
  for (const setting of [
    'work',
    'states',
    'people',
    'roles',
    'teams',
    'groups',
    'instruction',
    'firm',
    'time',
    'signing-in',
    'account',
  ]) {
    await page.goto(`${firm}/settings/${setting}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await look();
  }
  await page.goto(`${firm}/settings/people`);
  await page.getByRole('row', { name: /Tomas Okafor/ }).click();
  await expect(page.getByText('Order manager').first()).toBeVisible();
  await look();

  // What was exported says them too.
  await page.goto(`${firm}/results`);
  await page.getByRole('button', { name: /files/i }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Save as CSV' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toMatch(/^results-by-order-/);
  const text = await (await file.createReadStream()).reduce((all: string, part: Buffer) => all + part.toString(), '');
  expect(text.split('\r\n')[0]).toContain('Order');
  expect(text).not.toMatch(/\b(client|project|task|service)s?\b/i);

  // And names work by its code, where that is wished for.
  await page.goto(`${firm}/settings/words`);
  await chooseOf(page, 'Orders are shown by', 'its code');
  for (const [index, level] of ['client', 'project', 'task', 'service'].entries()) {
    await boxes.nth(index * 2).fill(level);
    await boxes.nth(index * 2 + 1).fill(`${level}s`);
  }
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The page says it so from now on')).toBeVisible();
  await expect(page.getByText(/What names work code/i)).toBeVisible();
  await page.goto(`${firm}/record`);
  await expect(page.getByRole('treeitem', { name: /^[A-Z]{2,5}\d*\b/ }).first()).toBeVisible();
  await page.goto(`${firm}/settings/words`);
  await chooseOf(page, 'Projects are shown by', 'its name');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The page says it so from now on')).toBeVisible();
  await page.context().close();
});
