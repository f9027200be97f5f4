import { AxeBuilder } from '@axe-core/playwright';
import { Page, expect, test } from '@playwright/test';
import { answer, chooseOf, chooseScope, signedIn } from './people';
import { startServer, stopServer } from './server';

test.describe.configure({ mode: 'serial' });

const money = (text: string) => Number(text.replace(/[^0-9.-]/g, ''));

type Figures = Readonly<Record<string, string>>;

/** The figures of a project's results as the owner sees them, by what stands below them. */
async function resultsOf(owner: Page, project: string): Promise<Figures> {
  await owner.goto('/f/quillfeather/results');
  await chooseScope(owner, project);
  await expect(owner.getByRole('heading', { level: 1, name: project })).toBeVisible();
  await owner.waitForLoadState('networkidle');
  const figures: Record<string, string> = {};
  for (const button of await owner.locator('.figs button').all()) {
    const name = /^(billable|hours|cost|margin|standard value|billed|unbilled|revenue earned|realisation)/;
    const words = (await button.locator('span').textContent())!.trim();
    figures[name.exec(words)![0]] = (await button.locator('b').textContent())!.trim();
  }
  return figures;
}

/** Asks why of every figure of the results, and works each out again from the sums that the answer gives. */
async function askEach(owner: Page, figures: Figures): Promise<void> {
  const why = owner.getByRole('complementary', { name: 'Why' });
  const asked: Record<string, Record<string, string>> = {};
  for (const [name, shown] of Object.entries(figures)) {
    await owner
      .locator('.figs button')
      .filter({ has: owner.locator('span').getByText(new RegExp(`^${name}`)) })
      .click();
    const title: Record<string, string> = { billable: 'Billable hours', cost: 'Labour cost' };
    await expect(why.getByRole('heading').first()).toHaveText(new RegExp(`^${title[name] ?? name}$`, 'i'));
    // What was asked before is gone when the heading changes; the answer comes after it.
    if (shown !== '£0.00') await expect(why.locator('.entries li').first(), name).toBeVisible();
    const terms = await why.locator('dl dt').allTextContents();
    const amounts = await why.locator('dl dd').allTextContents();
    asked[name] = Object.fromEntries(terms.map((term, index) => [term.trim().toLowerCase(), amounts[index]!.trim()]));
  }
  const sum = (name: string, ...parts: string[]) =>
    parts.reduce((total, part) => total + money(asked[name]![part]?.replace('−', '-') ?? '0'), 0);
  const entries = (name: string) => Object.entries(asked[name]!).find(([term]) => /^\d+ entr/.test(term))![1];
  expect(entries('hours')).toBe(figures['hours']);
  expect(entries('billable')).toBe(figures['billable']);
  const revenue = (name: string) => sum(name, 'billed', 'unbilled', 'over the limit');
  for (const name of ['cost', 'standard value', 'billed', 'unbilled'])
    expect(sum(name, name)).toBeCloseTo(money(figures[name]!), 2);
  expect(revenue('revenue earned')).toBeCloseTo(money(figures['revenue earned']!), 2);
  const margin = 100 - (100 * sum('margin', 'cost')) / revenue('margin');
  expect(margin).toBeCloseTo(money(figures['margin']!.replace('−', '-')), 0);
  if (/\d/.test(figures['realisation']!))
    expect((100 * sum('realisation', 'billed')) / sum('realisation', 'standard value')).toBeCloseTo(
      money(figures['realisation']!),
      0,
    );
}

/** The figures of the project before anything of it was billed here. */
let atFirst: Figures;
let whenBilled: Figures;

test('staff: a timer with nothing filled in, classified later; the week filled by keys and submitted', async ({ browser }) => {
  const page = await signedIn(browser, 'staff');
  await expect(page.getByRole('heading', { level: 1, name: 'Week 24' })).toBeVisible();
  await page.getByRole('button', { name: 'Start timer' }).click();
  await expect(page.getByRole('timer')).toHaveText(/0:0\d:(0[2-9]|[1-5]\d)/);
  // It goes on over a reload, and stops from anywhere.
  await page.reload();
  await expect(page.getByRole('timer')).toHaveText(/0:0\d:\d\d/);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('say what it was before you submit')).toBeVisible();

  // What stands in the way is named, and submitting leads to it instead of failing.
  await expect(page.getByText('1 entry stands in the way of submitting.')).toBeVisible();
  await page.getByRole('button', { name: /^Submit / }).click();
  const form = page.locator('yw-entry-form');
  await form.getByRole('combobox', { name: 'Project or task' }).fill('lower tier');
  await page.getByRole('option', { name: /Lower tier/ }).click();
  await chooseOf(form, 'Service', 'Bench conservation');
  await form.getByRole('button', { name: 'Save entry' }).click();
  await expect(page.getByText('stands in the way')).toBeHidden();

  // A new row, then hours by keyboard alone.
  await page.getByRole('combobox', { name: 'Add a row: project or task' }).fill('dunmarrow corn');
  await page.getByRole('option', { name: /^Cornice/ }).click();
  await chooseOf(page, 'Service of the new row', 'Plastering');
  const cell = page.getByRole('gridcell', { name: /Reading room plaster, Cornice, plastering, 2026-06-10/ });
  await expect(cell).toBeFocused();
  await page.keyboard.type('1,5');
  await expect(page.locator('#cell-reading')).toHaveText('read as 1:30');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('1:30');
  await expect(page.getByText(/1:30 recorded. Saved/)).toBeVisible();
  await cell.focus();
  await page.keyboard.press('F2');
  await page.keyboard.type('99');
  await page.keyboard.press('Enter');
  await expect(page.getByText('More than 24 is not read as hours')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(cell).toContainText('1:30');
  await page.keyboard.press('Control+z');
  await expect(cell).not.toContainText('1:30');
  // From a spreadsheet: the day before and the day itself.
  await page.keyboard.press('ArrowLeft');
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', '0:45\t1.25');
    document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  });
  await expect(cell).toContainText('1:15');

  await page.getByRole('button', { name: /^Submit / }).click();
  await answer(page, 'Submit week', 'Short week');
  await expect(page.getByText(/Submitted .*“Short week”/)).toBeVisible();
  await expect(cell.getByRole('img', { name: 'submitted' })).toBeVisible();
  await page.context().close();
});

test('manager: approves the clean weeks, returns one entry; staff mends it and submits again', async ({ browser }) => {
  const manager = await signedIn(browser, 'manager');
  await manager.getByRole('link', { name: /^Review/ }).click();
  await expect(manager.getByRole('heading', { level: 1, name: 'Week 23' })).toBeVisible();
  const approve = manager.getByRole('button', { name: /^Approve \d+ clean weeks?/ });
  await expect(approve).toBeEnabled();
  const count = Number(/\d+/.exec((await approve.textContent())!)![0]);
  expect(count).toBeGreaterThan(0);
  await approve.click();
  await expect(manager.getByText(`${count} clean ${count === 1 ? 'week' : 'weeks'} approved`)).toBeVisible();
  await expect(approve).toBeHidden();

  await manager.goto('/f/quillfeather/review?period=2026-W24');
  const row = manager.getByRole('row', { name: /^Ines Marchetti/ });
  await row.focus();
  await manager.keyboard.press('Enter');
  const panel = manager.getByRole('complementary', { name: 'Why' });
  await expect(panel.getByRole('heading', { name: 'Ines Marchetti' })).toBeVisible();
  await expect(panel.getByText('“Short week”')).toBeVisible();
  await panel.getByRole('button', { name: /Cornice.*1:15/ }).click();
  await panel.locator('.opened').getByRole('button', { name: 'Return', exact: true }).click();
  await answer(manager, 'Return entry', 'Which cornice?');
  await expect(manager.getByText('Entry returned')).toBeVisible();
  await expect(panel.getByText('returned: Which cornice?')).toBeVisible();
  await panel.getByRole('button', { name: /^Approve \d/ }).click();
  await expect(manager.getByText('Week 24 approved')).toBeVisible();
  await manager.context().close();

  const staff = await signedIn(browser, 'staff');
  await expect(staff.getByRole('link', { name: /Record/ })).toContainText('2 returned');
  await expect(staff.getByText('returned: “Which cornice?”')).toBeVisible();
  await staff.getByRole('button', { name: 'Edit Reading room plaster' }).first().click();
  await staff.locator('yw-entry-form').getByLabel('Note').fill('The one for the vestry');
  await staff.locator('yw-entry-form').getByRole('button', { name: 'Save entry' }).click();
  await staff.getByRole('button', { name: 'Submit 1:15 again' }).click();
  await answer(staff, 'Submit week');
  await expect(staff.getByText(/Submitted Wed 10 Jun/)).toBeVisible();
  await staff.context().close();
});

test('owner, bookkeeper: bill by task, issue, open the PDF; the same hours are not billed from a second window', async ({
  browser,
  request,
}) => {
  const owner = await signedIn(browser, 'owner');
  atFirst = await resultsOf(owner, 'Roadside marker survey');

  const page = await signedIn(browser, 'bookkeeper');
  await page.getByRole('link', { name: /^Bill/ }).click();
  await page
    .getByRole('table', { name: 'Projects to bill' })
    .getByRole('row', { name: /^Roadside marker survey/ })
    .click();
  await page.waitForURL(/scope=project/);
  // Another machine, which from now on reads nothing new: it shows the list as it was.
  const second = await signedIn(browser, 'bookkeeper');
  await second.goto(page.url());
  await expect(second.getByRole('heading', { name: 'Invoice', exact: true })).toBeVisible();
  await second.route('**/billing/desk**', (route) => route.abort());
  await expect(page.getByRole('heading', { name: 'Invoice', exact: true })).toBeVisible();
  const net = money((await page.locator('yw-paper tfoot tr').first().locator('td').last().textContent())!);
  expect(net).toBeGreaterThan(0);
  const total = (await page.locator('yw-paper .due td').last().textContent())!.trim();
  await page.getByRole('button', { name: /^Issue for/ }).click();
  await expect(page.getByRole('dialog')).toContainText(`£${total} to pay`);
  await answer(page, 'Issue invoice');
  await page.waitForURL('**/collect**');
  const number = (await page.getByRole('complementary', { name: 'Why' }).getByRole('heading').first().textContent())!;
  expect(number).toMatch(/^QC-\d{4}$/);
  const href = await page.getByRole('link', { name: 'Open the PDF' }).getAttribute('href');
  const cookies = (await page.context().cookies()).map((cookie) => `${cookie.name}=${cookie.value}`).join('; ');
  const pdf = await request.get(href!, { headers: { Cookie: cookies } });
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

  // Billing the same hours from there is refused, in a sentence.
  await second.getByRole('button', { name: /^Issue for/ }).click();
  await second.getByRole('dialog').getByRole('button', { name: 'Issue invoice' }).click();
  await expect(second.getByText(/already on another invoice or draft/)).toBeVisible();
  await second.context().close();

  // What was unbilled is billed; what was earned stays what it was.
  whenBilled = await resultsOf(owner, 'Roadside marker survey');
  const grown = (name: string) => Math.round(100 * (money(whenBilled[name]!) - money(atFirst[name]!)));
  expect([grown('billed'), grown('unbilled')]).toEqual([Math.round(net * 100), -Math.round(net * 100)]);
  for (const name of ['hours', 'cost', 'revenue earned', 'margin']) expect(whenBilled[name], name).toBe(atFirst[name]);
  await askEach(owner, whenBilled);
  await owner.context().close();
  await page.context().close();
});

test('bookkeeper: part payment, full payment; a credit brings the hours back', async ({ browser }) => {
  const page = await signedIn(browser, 'bookkeeper');
  await page.getByRole('link', { name: /^Collect/ }).click();
  const row = page.getByRole('row').filter({ hasText: 'Roadside marker survey' }).filter({ hasText: 'due in' }).last();
  await row.click();
  const panel = page.getByRole('complementary', { name: 'Why' });
  const number = (await panel.getByRole('heading').first().textContent())!.trim();
  await panel.getByRole('button', { name: 'Mark as sent' }).click();
  await expect(page.getByText(`${number} marked as sent`)).toBeVisible();
  const amount = panel.getByLabel('Amount');
  const whole = money(await amount.inputValue());
  await amount.fill('100');
  await panel.getByLabel('Reference').fill('Transfer 1');
  await panel.getByRole('button', { name: 'Record £100.00' }).click();
  await expect(panel.locator('dl')).toContainText('part paid');
  await expect.poll(async () => money(await amount.inputValue())).toBeCloseTo(whole - 100, 2);
  await panel.getByRole('button', { name: /^Record £/ }).click();
  await expect(panel.locator('dl')).toContainText(/State\s*paid/);
  // A payment earns nothing: the result is as it was when it was billed.
  const owner = await signedIn(browser, 'owner');
  expect(await resultsOf(owner, 'Roadside marker survey')).toEqual(whenBilled);
  await panel.getByRole('button', { name: 'Credit in full' }).click();
  await answer(page, 'Credit invoice', 'Wrong order');
  await expect(panel.locator('dl')).toContainText('credited');
  await expect(panel.getByText('credited the invoice')).toBeVisible();
  expect(await resultsOf(owner, 'Roadside marker survey')).toEqual(atFirst);
  await askEach(owner, atFirst);
  await owner.context().close();
  await chooseScope(page, 'Roadside marker survey');
  await page.getByRole('link', { name: /^Bill/ }).click();
  await expect(page.getByRole('heading', { name: 'Invoice', exact: true })).toBeVisible();
  await page.context().close();
});

test('staff sees no money, the manager no pay', async ({ browser }) => {
  const staff = await signedIn(browser, 'staff');
  await expect(staff.getByRole('link', { name: /^Bill/ })).toBeHidden();
  await staff.getByRole('link', { name: /^Results/ }).click();
  await expect(staff.getByRole('heading', { name: 'Your hours by project' })).toBeVisible();
  for (const step of ['record', 'review', 'results', 'bill', 'collect']) {
    await staff.goto(`/f/quillfeather/${step}`);
    await expect(staff.getByRole('navigation', { name: 'Steps' })).toBeVisible();
    await expect(staff.locator('body')).not.toContainText(/[£€]\d/);
  }
  const manager = await signedIn(browser, 'manager');
  await manager.goto('/f/quillfeather/review?period=2026-W22');
  await manager.getByRole('row', { name: /^Priya Lindqvist/ }).click();
  await expect(
    manager.getByRole('complementary', { name: 'Why' }).getByRole('heading', { name: 'Priya Lindqvist' }),
  ).toBeVisible();
  await expect(manager.locator('body')).not.toContainText(/Cost from pay/);
  await staff.context().close();
  await manager.context().close();
});

test('every step can be linked, reloaded and gone back to', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await chooseScope(page, 'Bell frame survey');
  const scope = new URL(page.url()).searchParams.get('scope')!;
  const places: [string, RegExp][] = [
    ['record', /Week 24/],
    ['review', /Week 23/],
    ['bill', /Bell frame survey/],
    ['collect', /Open invoices/],
    ['results', /Bell frame survey/],
  ];
  for (const [step, heading] of places) {
    await page.goto(`/f/quillfeather/${step}?scope=${scope}`);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    await expect(page.locator('yw-scope-tree .on')).toContainText('Bell frame survey');
  }
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1, name: /Open invoices/ })).toBeVisible();
  await page.goto('/f/quillfeather/record?period=2026-W20');
  await expect(page.getByRole('heading', { level: 1, name: 'Week 20' })).toBeVisible();
  await page.goto('/f/no-such-firm/record');
  await expect(page.getByText('There is no firm of this name')).toBeVisible();
  await page.context().close();
});

test('the server restarts while a timer runs and a cell is being edited: nothing is lost', async ({ browser }) => {
  const page = await signedIn(browser, 'owner');
  await page.getByRole('button', { name: 'Start timer' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  // The timer asks what it is for, and unfolds over the page for it: only then does the page stand still.
  await expect(page.getByRole('combobox', { name: 'Project or task', exact: true })).toBeFocused();
  await page.getByRole('combobox', { name: 'Add a row: project or task' }).fill('accounts');
  await page.getByRole('option', { name: /^Accounts/ }).click();
  await chooseOf(page, 'Service of the new row', 'Office');
  const cell = page.getByRole('gridcell', { name: /Running the practice, Accounts, office, 2026-06-10/ });
  await expect(cell).toBeFocused();
  await page.keyboard.type('0:25');
  const asked = await page.request.get('/api/f/quillfeather/timers');
  const { timers } = (await asked.json()) as { timers: { startedAt: string }[] };
  await stopServer('SIGKILL');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/The server does not answer/).first()).toBeVisible();
  await startServer(new Date(Date.parse(timers[0]!.startedAt) + 7_200_000).toISOString());
  await cell.focus();
  await page.keyboard.type('0:25');
  await page.keyboard.press('Enter');
  await expect(cell).toContainText('0:25');
  await expect(page.getByRole('timer')).toHaveText(/^[0-2]:\d\d:\d\d$/);
  await page.reload();
  // As long as it takes until the server is there again.
  await expect(page.getByRole('timer')).toHaveText(/^2:0\d:\d\d$/);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/2:0\d kept/)).toBeVisible();
  await page.context().close();
});

for (const theme of ['light', 'dark'] as const) {
  test(`the main screens are accessible, ${theme}`, async ({ browser }) => {
    const page = await signedIn(browser, 'owner', { colorScheme: theme });
    const found: string[] = [];
    for (const place of ['record', 'review', 'bill', 'collect', 'results']) {
      await page.goto(`/f/quillfeather/${place}`);
      await page.waitForLoadState('networkidle');
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      for (const one of violations.filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')) {
        const where = one.nodes.slice(0, 3).map((node) => `${node.html.slice(0, 140)} ${node.any[0]?.message ?? ''}`);
        found.push(`${place}: ${one.id}: ${where.join(' | ')}`);
      }
    }
    expect(found).toEqual([]);
    await page.context().close();
  });
}
