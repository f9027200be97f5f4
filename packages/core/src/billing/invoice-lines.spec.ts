import * as fc from 'fast-check';
import { millionths, minor, rate, seconds } from '../firm/units';
import { QuantityDisplay, lineAmount } from './amount';
import { BillableEntry, BillingTerms, invoiceLines } from './invoice-lines';

const entry = (id: string, minutes: number, names: Partial<BillableEntry> = {}): BillableEntry => ({
  id,
  kind: 'time',
  workDate: '2026-06-09',
  projectId: 'p',
  agreementId: 'a',
  projectName: 'Lantern room repair',
  taskId: 't',
  taskName: 'Glazing bars',
  serviceName: 'Bench conservation',
  personName: 'Saoirse Vane',
  note: '',
  quantity: seconds(minutes * 60),
  rate: rate(840_000),
  taxCategory: 'S',
  taxRate: millionths(200_000),
  ...names,
});
const agreement = { agreementId: 'a', display: { kind: 'minutes' } } as const;
const terms: BillingTerms = { projectId: 'p', agreements: [agreement], limit: null };
const limited = (limit: number, usedBefore = 0): BillingTerms => ({
  ...terms,
  limit: { agreementId: 'a', limit: minor(limit), usedBefore: minor(usedBefore) },
});

describe('invoiceLines', () => {
  it('never mixes rates, taxes, tasks or agreements on a line', () => {
    const entries = [
      entry('1', 60),
      entry('2', 30),
      entry('3', 60, { rate: rate(610_000) }),
      entry('4', 60, { taxRate: millionths(50_000) }),
      entry('5', 60, { taskId: 'u', taskName: 'Lower tier' }),
    ];
    const { lines } = invoiceLines(entries, [terms], 'task', 'GBP');
    expect(lines.map((line) => [line.quantity / 60, Number(line.net)])).toEqual([
      [60, 6100],
      [90, 12_600],
      [60, 8400],
      [60, 8400],
    ]);
    expect(lines[0]!.text).toBe('Glazing bars, bench conservation, 9 Jun');
    expect(invoiceLines(entries, [terms], 'entry', 'GBP').lines.length).toBe(5);
  });

  it('keeps the lines of a task together, by service and rate, the tasks in the order of their work', () => {
    const drawing = { serviceName: 'Measured drawing' };
    const lower = { taskId: 'u', taskName: 'Lower tier' };
    const entries = [
      entry('1', 60, { ...drawing, rate: rate(610_000) }),
      entry('2', 60, lower),
      entry('3', 60, { rate: rate(900_000) }),
      entry('4', 60, { rate: rate(840_000), personName: 'Idris Quarrie' }),
      entry('4b', 60, { personName: 'Ines Vale' }),
      entry('5', 60, { ...lower, ...drawing }),
      entry('6', 60, { taskId: null, taskName: null }),
    ];
    const { lines } = invoiceLines(entries, [terms], 'task', 'GBP');
    expect(lines.map((line) => [line.text, line.rate / 10_000])).toEqual([
      // The same work at two prices: whose it is.
      ['Glazing bars, bench conservation, Idris Quarrie and Ines Vale', 84],
      ['Glazing bars, bench conservation, Saoirse Vane', 90],
      ['Glazing bars, measured drawing', 61],
      ['Lower tier, bench conservation', 84],
      ['Lower tier, measured drawing', 84],
      ['Lantern room repair, bench conservation', 84],
    ]);
    const crowd = ['Ada', 'Bo', 'Cy', 'Di'].map((personName, index) =>
      entry(personName, 60, { personName, rate: rate(index === 0 ? 900_000 : 840_000) }),
    );
    expect(invoiceLines(crowd, [terms], 'task', 'GBP').lines.map((line) => line.text)).toEqual([
      'Glazing bars, bench conservation, Bo, Cy and 1 more',
      'Glazing bars, bench conservation, Ada',
    ]);
    // One person's work before and after a rise: of which days.
    const risen = [
      entry('a', 60, { workDate: '2026-06-02' }),
      entry('b', 60),
      entry('c', 60, { workDate: '2026-06-12', rate: rate(900_000) }),
    ];
    expect(invoiceLines(risen, [terms], 'task', 'GBP').lines.map((line) => line.text)).toEqual([
      'Glazing bars, bench conservation, 2 Jun to 9 Jun',
      'Glazing bars, bench conservation, 12 Jun',
    ]);
    // By entry they stay in the order of the days.
    const byEntry = invoiceLines(entries, [terms], 'entry', 'GBP').lines;
    expect(byEntry.map((line) => line.shares[0]!.entryId)).toEqual(['1', '2', '3', '4', '4b', '5', '6']);
  });

  it('takes edited texts by key, and notes where lines are entries', () => {
    const noted = entry('1', 60, { note: 'Second coat' });
    const key = invoiceLines([noted], [terms], 'entry', 'GBP').lines[0]!;
    expect(key.text).toBe('9 Jun Saoirse Vane: Second coat');
    expect(invoiceLines([noted], [terms], 'entry', 'GBP', { [key.key]: 'As agreed' }).lines[0]!.text).toBe('As agreed');
  });

  it('writes down as a line of its own, with its reason, and leaves the quantity', () => {
    const { lines } = invoiceLines(
      [entry('1', 60, { writeDown: { amount: minor(2000), reason: 'Learning time' } })],
      [terms],
      'task',
      'GBP',
    );
    expect(lines.map((line) => [line.kind, Number(line.net)])).toEqual([
      ['time', 8400],
      ['write-down', -2000],
    ]);
    expect(lines[1]!.shares).toEqual([{ entryId: '1', quantity: seconds(0), amount: minor(-2000) }]);
  });

  it('bills the work in full and takes off what is over the limit, by combination of taxes, to the minor unit', () => {
    const entries = [
      entry('1', 100),
      entry('2', 50, { taxRate: millionths(50_000) }),
      entry('3', 50, { taxCategory: 'E', taxRate: millionths(0) }),
    ];
    const { lines, limits } = invoiceLines(entries, [limited(20_000, 1001)], 'task', 'GBP');
    expect(limits[0]).toEqual(jasmine.objectContaining({ net: minor(28_000), over: minor(9001) }));
    const over = lines.filter((line) => line.kind === 'over-limit');
    expect(over.map((line) => Number(line.net))).toEqual([-4501, -2250, -2250]);
    expect(lines.reduce((sum, line) => sum + line.net, 0)).toBe(18_999);
  });

  it('counts one limit over all agreements of a project', () => {
    const later = { agreementId: 'b', display: { kind: 'decimal', places: 2 } } as const;
    const both = { ...limited(20_000, 1001), agreements: [agreement, later] };
    const entries = [entry('1', 100), entry('2', 100, { agreementId: 'b' })];
    const { lines, limits } = invoiceLines(entries, [both], 'task', 'GBP');
    // By hand: 100 minutes at 84.00 are 140.00; 1.67 hours are 140.28. Limit 200.00, 10.01 used.
    expect(limits).toEqual([jasmine.objectContaining({ net: minor(28_028), over: minor(9029) })]);
    expect(lines.map((line) => [line.kind, line.agreementId, Number(line.net)])).toEqual([
      ['time', 'a', 14_000],
      ['time', 'b', 14_028],
      ['over-limit', 'a', -9029],
    ]);
  });

  it('bills a fee as a line of its own that counts towards the limit', () => {
    const fee = entry('f', 0, { kind: 'fee', quantity: seconds(45_000), rate: rate(0), note: 'Released' });
    const { lines } = invoiceLines([entry('1', 60), fee], [limited(50_000)], 'task', 'GBP');
    expect(lines.map((line) => [line.kind, line.text, Number(line.quantity), Number(line.net)])).toEqual([
      ['time', 'Glazing bars, bench conservation', 3600, 8400],
      ['fee', 'Released', 45_000, 45_000],
      ['over-limit', 'Over the agreed limit, not charged', 0, -3400],
    ]);
    expect(lines[1]!.shares).toEqual([{ entryId: 'f', quantity: seconds(45_000), amount: minor(45_000) }]);
  });

  it('has shares that add up to every line, and bills every second once, for every random document', () => {
    const some = fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 600 }),
        rate: fc.constantFrom(671_400, 840_000, 610_050, 333_333),
        tax: fc.constantFrom(0, 50_000, 200_000),
        task: fc.constantFrom('t', 'u', 'v'),
        down: fc.integer({ min: 0, max: 300 }),
      }),
      { minLength: 1, maxLength: 40 },
    );
    const display = fc.constantFrom<QuantityDisplay[]>(
      { kind: 'minutes' },
      { kind: 'decimal', places: 2 },
      { kind: 'decimal', places: 4 },
    );
    fc.assert(
      fc.property(
        some,
        display,
        fc.constantFrom('task' as const, 'entry' as const),
        fc.option(fc.integer({ min: 0, max: 500_000 })),
        (list, shown, grouping, limit) => {
          const entries = list.map((one, index) =>
            entry(String(index), one.minutes, {
              rate: rate(one.rate),
              taxRate: millionths(one.tax),
              taskId: one.task,
              ...(one.down > 250 ? { writeDown: { amount: minor(one.down), reason: 'r' } } : {}),
            }),
          );
          const { lines, limits } = invoiceLines(
            entries,
            [{ ...(limit === null ? terms : limited(limit)), agreements: [{ agreementId: 'a', display: shown }] }],
            grouping,
            'GBP',
          );
          const billed = new Map<string, number>();
          for (const line of lines) {
            expect(line.shares.reduce((sum, share) => sum + share.amount, 0)).toBe(Number(line.net));
            expect(line.shares.reduce((sum, share) => sum + share.quantity, 0)).toBe(Number(line.quantity));
            if (line.kind === 'time') expect(line.net).toBe(lineAmount(line.quantity, line.rate, 'GBP', line.display));
            for (const share of line.shares) billed.set(share.entryId, (billed.get(share.entryId) ?? 0) + share.quantity);
          }
          entries.forEach((one) => expect(billed.get(one.id)).toBe(Number(one.quantity)));
          const net = lines.reduce((sum, line) => sum + line.net, 0);
          if (limit !== null) expect(net).toBeLessThanOrEqual(Math.max(limit, 0));
          if (limits[0] && limits[0].over === 0) expect(lines.some((line) => line.kind === 'over-limit')).toBeFalse();
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('lines that are no work', () => {
  const taxed = (percent: number) => ({ taxRate: millionths(percent * 10_000) });

  it('are a reduction for each reason and tax, with the words that somebody gave it', () => {
    const writeDown = (amount: number, reason: string) => ({ writeDown: { amount: minor(amount), reason } });
    const entries = [
      entry('1', 60, writeDown(100, 'Late')),
      entry('2', 60, writeDown(200, 'Late')),
      entry('3', 60, writeDown(300, 'Goodwill')),
      entry('4', 60, { ...taxed(5), ...writeDown(400, 'Late') }),
      entry('5', 60, writeDown(0, 'Late')),
    ];
    const of = (texts = {}) =>
      invoiceLines(entries, [terms], 'task', 'GBP', texts).lines.filter((line) => line.kind === 'write-down');
    expect(of().map((line) => [line.text, Number(line.net), line.shares.length])).toEqual([
      ['Reduction: Late', -300, 2],
      ['Reduction: Goodwill', -300, 1],
      ['Reduction: Late', -400, 1],
    ]);
    const [first] = of();
    expect(new Set(of().map((line) => line.key)).size).toBe(3);
    expect(of({ [first!.key]: 'As agreed' })[0]!.text).toBe('As agreed');
  });

  it('take what is over a limit off the entries of its own tax alone', () => {
    const entries = [entry('1', 60), entry('2', 60, taxed(5)), entry('3', 60, { ...taxed(20), taxCategory: 'E' })];
    // 3 × 84.00 = 252.00 under a limit of 126.00: half of each is over.
    const over = invoiceLines(entries, [limited(12_600)], 'task', 'GBP').lines.filter((line) => line.kind === 'over-limit');
    expect(
      over.map((line) => [
        line.category,
        line.taxRate / 10_000,
        line.shares.map((share) => [share.entryId, Number(share.amount)]),
      ]),
    ).toEqual(
      jasmine.arrayWithExactContents([
        ['S', 20, [['1', -4200]]],
        ['S', 5, [['2', -4200]]],
        ['E', 20, [['3', -4200]]],
      ]) as never,
    );
    expect(new Set(over.map((line) => line.key)).size).toBe(3);
  });

  it('name a fee by its note, else by its project, and each apart', () => {
    const fee = (id: string, note: string) => entry(id, 0, { kind: 'fee', quantity: seconds(500), rate: rate(0), note });
    const { lines } = invoiceLines([fee('1', '  '), fee('2', ' As agreed ')], [terms], 'task', 'GBP');
    expect(lines.map((line) => line.text)).toEqual(['Lantern room repair, released over the former limit', 'As agreed']);
    expect(lines[0]!.key).not.toBe(lines[1]!.key);
    const timed = invoiceLines([entry('1', 60, { note: '  ' })], [terms], 'entry', 'GBP').lines[0]!;
    expect(timed.text).toBe('9 Jun Saoirse Vane: Glazing bars, bench conservation');
  });

  it('are none, and no limit is used, where a project has no work on the document', () => {
    expect(invoiceLines([], [limited(100)], 'task', 'GBP')).toEqual({ lines: [], limits: [] });
  });
});
