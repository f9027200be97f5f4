import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { v7 as newId } from 'uuid';
import { MONDAY, World, bill, differencesOf, inOrder, makeWorld, record, submitAndApprove } from './testing';

/**
 * Worked by hand, to the cent. Agreement: nearest quarter hour, limit 1,000.00 without tax.
 *
 * Staff (surveyor, 90.00 to 9 June, 96.00 from 10 June):
 *   8 June  4:00 site survey                         4.00 × 90 = 360.00
 *   9 June  2:07 → 2:00 site survey                  2.00 × 90 = 180.00
 *   10 June 1:08 → 1:15 site survey                  1.25 × 96 = 120.00
 *   11 June 1:00 teaching (exempt)                   1.00 × 96 =  96.00
 *   11 June 2:00 site survey, not billable                        0
 * Mate (60.00 on this project): 8 June 3:20 → 3:15   3.25 × 60 = 195.00
 * Owner (surveyor): 12 June 2:00                     2.00 × 96 = 192.00
 *
 * Cost: pay 20.00 and half of it as overhead, 30.00 an hour of recorded time.
 */
describe('the hour’s way, worked by hand', () => {
  const it = inOrder();
  let world: World;
  const entries: Record<string, string> = {};

  beforeAll(async () => {
    world = await makeWorld({ limit: 100_000 });
    const { ids } = world;
    entries['a'] = (await record(world, 'staff', '2026-06-08', 4, { taskId: ids.task })).id;
    entries['b'] = (await record(world, 'staff', '2026-06-09', 2 + 7 / 60, { taskId: ids.subtask })).id;
    entries['c'] = (await record(world, 'staff', '2026-06-10', 1 + 8 / 60)).id;
    entries['d'] = (await record(world, 'staff', '2026-06-11', 1, { serviceId: ids.exempt })).id;
    entries['e'] = (await record(world, 'staff', '2026-06-11', 2, { billable: false })).id;
    entries['m'] = (await record(world, 'mate', '2026-06-08', 3 + 20 / 60, { taskId: ids.task })).id;
    entries['o'] = (await record(world, 'owner', '2026-06-12', 2)).id;
  });
  afterAll(() => world.close());

  const results = () => world.as('owner').done('readResults', { query: { scope: `project:${world.ids.project}` } });

  it('says what a limit keeps from being earned', async () => {
    const query = { scope: `project:${world.ids.project}`, figure: 'revenue' as const };
    const { sums } = await world.as('owner').done('readBehind', { query });
    expect(sums).toEqual([
      { part: 'unbilled', currency: 'GBP', minor: 114_300 },
      { part: 'over the limit', currency: 'GBP', minor: -14_300 },
    ]);
  });

  it('goes from the recorded hour to the invoice, the payment and the result', async () => {
    // Recorded: everything is unbilled. Hours 4:00 + 2:07 + 1:08 + 1:00 + 2:00 + 3:20 + 2:00 = 15:35.
    const before = await results();
    expect(before.hours).toEqual(jasmine.objectContaining({ total: 56_100, own: 22_080, below: 34_020 }));
    // The value is 1,143.00; the limit of 1,000.00 caps what is earned.
    expect(before.money).toEqual([
      {
        currency: 'GBP',
        standardValue: 114_300,
        billed: 0,
        unbilled: 114_300,
        over: 14_300,
        revenue: 100_000,
        realisation: null,
        ownRealisation: null,
      },
    ]);
    // Costs round per entry: 120.00 + 63.50 + 34.00 + 30.00 + 60.00 + 100.00 + 60.00.
    expect(before.cost).toEqual(jasmine.objectContaining({ cost: 46_750, revenue: 100_000, margin: 532_500, markUp: 1_139_037 }));

    await submitAndApprove(world, 'mate');
    await submitAndApprove(world, 'owner');
    const week = await world.as('staff').done('submitPeriod', { params: { from: MONDAY }, body: { note: 'Rain on Tuesday' } });
    const waiting = week.entries.map(({ id, version }) => ({ id, version }));
    const returned = waiting.find((entry) => entry.id === entries['b'])!;
    await world.as('manager').done('returnEntries', { body: { entries: [returned], reason: 'Was it not longer?' } });
    await world.as('manager').done('approveEntries', { body: { entries: waiting.filter((entry) => entry !== returned) } });

    // The returned entry says who and why; mended, it goes on.
    const again = await world.as('staff').done('readTimesheet', { params: { from: MONDAY } });
    const back = again.entries.find((entry) => entry.id === entries['b'])!;
    expect(back.returned).toEqual(jasmine.objectContaining({ by: 'Manager Person', reason: 'Was it not longer?' }));
    await world
      .as('staff')
      .done('changeEntry', { params: { id: back.id }, version: back.version, body: { note: 'No, measured' } });
    await submitAndApprove(world, 'staff');

    // First invoice: a, b and the mate's: 360.00 + 180.00 + 195.00 = 735.00, VAT 147.00.
    const first = await bill(world, [entries['a']!, entries['b']!, entries['m']!]);
    expect(first.document.lines.map((line) => [line.text, line.quantity, line.price, line.minor])).toEqual([
      ['Glazing, site survey, Mate Person', '3:15', '60.00', 19_500],
      ['Glazing, site survey, Staff Person', '4:00', '90.00', 36_000],
      ['Upper tier, site survey', '2:00', '90.00', 18_000],
    ]);
    expect([first.row.net, first.document.tax, first.row.gross]).toEqual([73_500, 14_700, 88_200]);

    // Second: c 120.00 + d 96.00 (exempt) + o 192.00 = 408.00; 265.00 are left, so 143.00 are over:
    // split over 312.00 at 20 % and 96.00 exempt: 109.35 and 33.65.
    const second = await bill(world, [entries['c']!, entries['d']!, entries['o']!]);
    expect(
      second.document.lines
        .filter((line) => line.kind === 'over-limit')
        .map((line) => [line.quantity, line.price, line.minor, line.category]),
    ).toEqual([
      ['−1', '109.35', -10_935, 'S'],
      ['−1', '33.65', -3365, 'E'],
    ]);
    expect(second.document.taxes.map((row) => [row.category, row.base, row.minor])).toEqual([
      ['S', 20_265, 4053],
      ['E', 6235, 0],
    ]);
    expect([second.row.net, second.row.gross, second.row.number]).toEqual([26_500, 30_553, 'T-0002']);

    // Realisation: 1,000.00 billed of 1,143.00.
    const billed = await results();
    expect(billed.money).toEqual([
      {
        currency: 'GBP',
        standardValue: 114_300,
        billed: 100_000,
        // What stands over the limit on the invoice waits to be decided on.
        unbilled: 14_300,
        over: 14_300,
        revenue: 100_000,
        realisation: 874_891,
        ownRealisation: 874_891,
      },
    ]);
    expect(billed.limit).toEqual({ currency: 'GBP', limit: 100_000, used: 1_000_000 });
    expect(billed.rows.map((row) => [row.name, row.hours.own, row.hours.below, row.hours.total, row.money![0]!.billed])).toEqual([
      ['Glazing', 26_400, 7620, 34_020, 73_500],
      ['Upper tier', 7620, 0, 7620, 18_000],
    ]);

    // Part payment, full payment with 5.00 too much, and what that makes of the entries.
    const pay = (minor: number) =>
      world.as('bookkeeper').done('recordPayment', {
        body: { id: newId(), invoiceId: first.row.id, minor, receivedOn: '2026-06-12', reference: 'bank' },
      });
    expect((await pay(80_000)).row).toEqual(jasmine.objectContaining({ state: 'part paid', open: 8200 }));
    expect((await pay(8700)).row).toEqual(jasmine.objectContaining({ state: 'paid', open: 0 }));
    const list = await world.as('bookkeeper').done('listInvoices', { query: { show: 'open' } });
    expect(list.credit).toEqual([jasmine.objectContaining({ minor: 500, currency: 'GBP' })]);
    expect(list.ageing).toEqual([jasmine.objectContaining({ currency: 'GBP', open: 30_553, count: 1 })]);
    const stages = await world.sql<{ id: string; stage: string }>('select id, stage from entry');
    expect(
      Object.fromEntries(stages.map((row) => [Object.keys(entries).find((name) => entries[name] === row.id), row.stage])),
    ).toEqual({ a: 'paid', b: 'paid', c: 'billed', d: 'billed', e: 'approved', m: 'paid', o: 'billed' });

    // Credit the second: its hours are to bill again, the limit has its sum back, the money is as before.
    const credited = await world
      .as('bookkeeper')
      .done('creditInvoice', { params: { id: second.row.id }, body: { id: newId(), reason: 'Wrong order' } });
    expect(credited.row.state).toBe('credited');
    const desk = await world
      .as('bookkeeper')
      .done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } });
    expect(desk.entries.map((entry) => entry.id).sort()).toEqual([entries['c']!, entries['d']!, entries['o']!].sort());
    expect((await results()).money).toEqual([
      {
        currency: 'GBP',
        standardValue: 114_300,
        billed: 73_500,
        unbilled: 40_800,
        over: 14_300,
        revenue: 100_000,
        realisation: 1_000_000,
        ownRealisation: 1_000_000,
      },
    ]);
    expect((await bill(world, [entries['c']!, entries['d']!, entries['o']!])).row).toEqual(
      jasmine.objectContaining({ net: 26_500, number: 'T-0003' }),
    );
  });

  it('answers for every figure with what stands behind it', async () => {
    const shown = await results();
    for (const [figure, expected] of [
      ['cost', shown.cost!.cost],
      ['standard-value', shown.money![0]!.standardValue],
      ['billed', shown.money![0]!.billed],
      ['unbilled', shown.money![0]!.unbilled],
    ] as const) {
      const behind = await world.as('owner').done('readBehind', { query: { scope: `project:${world.ids.project}`, figure } });
      expect(behind.sums.map((sum) => sum.minor))
        .withContext(figure)
        .toEqual(expected === 0 ? (figure === 'cost' ? [0] : []) : [expected]);
    }
    const hours = await world
      .as('owner')
      .done('readBehind', { query: { scope: `project:${world.ids.project}`, figure: 'hours' } });
    expect(hours.entries.reduce((sum, entry) => sum + entry.quantity, 0)).toBe(shown.hours.total);
  });

  it('takes revenue, margin and realisation apart into the sums that they come from', async () => {
    const shown = await results();
    const scope = `project:${world.ids.project}`;
    const parts = async (figure: 'revenue' | 'margin' | 'realisation') =>
      (await world.as('owner').done('readBehind', { query: { scope, figure } })).sums.map((sum) => [
        sum.part as string,
        sum.minor,
      ]);
    const money = shown.money![0]!;
    const earned = [
      ['billed', money.billed],
      ['unbilled', 14_300],
      ['over the limit', -14_300],
    ];
    expect(await parts('revenue')).toEqual(earned);
    expect(await parts('margin')).toEqual([...earned, ['cost', shown.cost!.cost]]);
    // 1,000.00 billed of a standard value of 1,143.00: 87.49 %.
    expect(await parts('realisation')).toEqual([
      ['billed', 100_000],
      ['standard value', 114_300],
      ['at own rates', 114_300],
    ]);
    const behind = await world.as('owner').done('readBehind', { query: { scope, figure: 'billed' } });
    // Two invoices, one of them written anew after its credit note.
    expect([behind.documentCount, behind.documents.length, behind.count]).toEqual([4, 4, 0]);
    expect(behind.documents.reduce((sum, one) => sum + one.minor, 0)).toBe(money.billed);
  });

  const everySpan = () => {
    const { ids } = world;
    const scopes = ['all', `project:${ids.project}`, `client:${ids.client}`, `task:${ids.task}`, `person:${ids.staff}`];
    const spans = [
      {},
      { from: '2026-06-09', to: '2026-06-12' },
      { from: '2026-06-12', to: '2026-06-30' },
      // By weeks.
      { from: '2026-05-01', to: '2026-06-30' },
    ];
    return scopes.flatMap((scope) => spans.map((span) => [scope, span] as const));
  };

  it('ends the chart at the figures above it, whatever the span and however the limit cuts', async () => {
    for (const [scope, span] of everySpan()) {
      const shown = await world.as('owner').done('readResults', { query: { scope, ...span } });
      const last = shown.series!.points.at(-1) ?? { cost: 0, earned: 0, billed: 0 };
      const where = `${scope} ${JSON.stringify(span)}`;
      expect([last.cost, last.earned]).withContext(where).toEqual([shown.cost!.cost, shown.cost!.revenue]);
      const own = shown.money!.find((money) => money.currency === 'GBP');
      expect(last.billed)
        .withContext(where)
        .toBe(own?.billed ?? 0);
    }
  });

  it('takes revenue apart into sums that add up to it, whatever the span and however the limit cuts', async () => {
    for (const [scope, span] of everySpan()) {
      const { money } = await world.as('owner').done('readResults', { query: { scope, ...span } });
      const { sums } = await world.as('owner').done('readBehind', { query: { scope, ...span, figure: 'revenue' } });
      for (const { currency, revenue } of money!)
        expect(sums.reduce((all, part) => all + (part.currency === currency ? part.minor : 0), 0))
          .withContext(`${scope} ${JSON.stringify(span)}`)
          .toBe(revenue);
    }
  });

  it('tells why an entry has its rate: the winner, the losers, the rounding, the history', async () => {
    const why = await world.as('owner').done('readEntryWhy', { params: { id: entries['m']! } });
    expect(why.rate).toEqual(jasmine.objectContaining({ rate: 600_000, source: 'rule' }));
    expect(why.winner?.names).toBe('Mate Person on Lantern room');
    expect(why.rounding).toEqual({ increment: 15, mode: 'nearest', unit: 'entry', minimum: 0, byMinimum: false, day: null });
    expect(why.billed.map((share) => share.number)).toEqual(['T-0001']);
    const other = await world.as('owner').done('readEntryWhy', { params: { id: entries['a']! } });
    expect(other.losers.map((loser) => [loser.rule.rate, loser.reason])).toEqual([[960_000, 'not-yet-valid']]);
    const history = await world.as('owner').done('readHistory', { params: { id: entries['b']! } });
    expect(history.events.map((event) => event.action)).toEqual([
      'entry recorded',
      'period submitted',
      'entries returned',
      'entry changed',
      'period submitted',
      'entries approved',
      'invoice issued',
    ]);
    expect(history.events[2]).toEqual(jasmine.objectContaining({ by: 'Manager Person', reason: 'Was it not longer?' }));
  });

  it('makes a PDF that another reader reads figure for figure, with all fonts embedded', async () => {
    const euro = await record(world, 'bookkeeper', '2026-06-12', 3, {
      projectId: world.ids.euroProject,
      note: 'Zażółć gęślą jaźń, Ștefan',
    });
    await submitAndApprove(world, 'bookkeeper');
    const invoices = [
      await bill(world, [euro.id], 'entry', world.ids.euroClient),
      ...(await Promise.all(
        (await world.as('owner').done('listInvoices', { query: { show: 'all' } })).invoices
          .filter((row) => row.number === 'T-0002' || row.kind === 'credit note')
          .map((row) => world.as('owner').done('readInvoice', { params: { id: row.id } })),
      )),
    ];
    const folder = mkdtempSync(path.join(tmpdir(), 'yellowwood-pdf-'));
    for (const invoice of invoices) {
      const url = `/api/f/${world.slug}/invoices/${invoice.row.id}/pdf`;
      const pdf = (await world.as('bookkeeper').request('GET', url)).body as Buffer;
      expect(((await world.as('bookkeeper').request('GET', url)).body as Buffer).equals(pdf))
        .withContext('rendered once')
        .toBeTrue();
      const file = path.join(folder, 'one.pdf');
      writeFileSync(file, pdf);
      // poppler-utils: another implementation than the one that wrote it.
      const text = execFileSync('pdftotext', ['-layout', file, '-']).toString().normalize('NFKC');
      const rows = text.split('\n').map((row) => row.replace(/\s+/g, ' ').trim());
      const amount = (minor: number) =>
        `${minor < 0 ? '−' : ''}${(Math.abs(minor) / 100).toFixed(2).replace(/\B(?=(\d{3})+(?!\d))/g, ',')}`;
      for (const line of invoice.document.lines)
        expect(rows.filter((row) => row.includes(`${line.quantity} ${line.price} `) && row.endsWith(amount(line.minor))).length)
          .withContext(line.text)
          .toBe(1);
      for (const tax of invoice.document.taxes)
        expect(rows.filter((row) => row.includes(`on ${amount(tax.base)}`) && row.endsWith(amount(tax.minor))).length).toBe(1);
      expect(rows.filter((row) => row.startsWith('Total without tax') && row.endsWith(amount(invoice.document.net))).length).toBe(
        1,
      );
      expect(rows.filter((row) => /^(To pay|Credited), /.test(row) && row.endsWith(amount(invoice.document.gross))).length).toBe(
        1,
      );
      expect(text).toContain(invoice.document.number!);
      expect(text).toContain(invoice.document.buyer.name);
      const fonts = execFileSync('pdffonts', [file]).toString().trim().split('\n').slice(2);
      expect(fonts.length).toBeGreaterThan(1);
      for (const font of fonts)
        expect(font.slice(-40))
          .withContext(font)
          .toMatch(/yes\s+(yes|no)\s+yes/);
    }
    expect(invoices[0]!.document.taxInFirmCurrency).toEqual({ currency: 'GBP', minor: 0, exchangeRate: 8500 });
    expect(invoices[0]!.row).toEqual(jasmine.objectContaining({ currency: 'EUR', net: 30_000, gross: 30_000 }));
  });

  it('sets what is billed against the firm’s own rates as well, in the firm’s currency', async () => {
    const { money } = await world.as('owner').done('readResults', { query: { scope: `project:${world.ids.euroProject}` } });
    // 3.00 × 100.00 EUR as agreed; at 0.85 that is 255.00 GBP, where the firm's own 96.00 make 288.00: 88.54 %.
    expect(money).toEqual([
      {
        currency: 'EUR',
        standardValue: 30_000,
        billed: 30_000,
        unbilled: 0,
        over: 0,
        revenue: 30_000,
        realisation: 1_000_000,
        ownRealisation: 885_417,
      },
    ]);
    const behind = await world.as('owner').done('readBehind', { query: { scope: 'all', figure: 'realisation' } });
    // Currency by currency, the firm's own first; own rates are always in the firm's currency.
    expect(behind.sums.map((sum) => [sum.part, sum.currency])).toEqual([
      ['billed', 'GBP'],
      ['standard value', 'GBP'],
      ['at own rates', 'GBP'],
      ['billed', 'EUR'],
      ['standard value', 'EUR'],
      ['at own rates', 'GBP'],
    ]);
    expect(behind.sums.at(-1)!.minor).toBe(28_800);
    expect(await differencesOf(world)).toEqual([]);
  });
});
