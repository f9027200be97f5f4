import { minor } from '../firm/units';
import { ageBucket, ageing } from './ageing';
import { allocate, invoiceState } from './settlement';

describe('ageing', () => {
  it('sorts by days past due on the report’s date, the due date itself not late', () => {
    const on = '2026-06-30';
    for (const [due, bucket] of [
      ['2026-07-01', 'not-due'],
      ['2026-06-30', 'not-due'],
      ['2026-06-29', '1-30'],
      ['2026-05-31', '1-30'],
      ['2026-05-30', '31-60'],
      ['2026-05-01', '31-60'],
      ['2026-04-30', '61-90'],
      ['2026-04-01', '61-90'],
      ['2026-03-31', 'over-90'],
    ] as const)
      expect(ageBucket(due, on)).withContext(due).toBe(bucket);
    const sums = ageing(
      [
        { due: '2026-06-01', open: minor(100) },
        { due: '2026-06-02', open: minor(50) },
        { due: '2026-08-01', open: minor(7) },
      ],
      on,
    );
    expect(sums['1-30']).toBe(minor(150));
    expect(sums['not-due']).toBe(minor(7));
  });
});

describe('settlement', () => {
  const facts = {
    status: 'issued' as const,
    gross: minor(1000),
    settled: minor(0),
    credited: minor(0),
    sent: true,
    due: '2026-06-30',
  };

  it('names the state from the facts', () => {
    expect(invoiceState(facts, '2026-06-30')).toBe('open');
    expect(invoiceState({ ...facts, sent: false }, '2026-06-30')).toBe('not sent');
    expect(invoiceState(facts, '2026-07-01')).toBe('late');
    expect(invoiceState({ ...facts, settled: minor(400) }, '2026-06-01')).toBe('part paid');
    expect(invoiceState({ ...facts, settled: minor(1000) }, '2026-12-01')).toBe('paid');
    expect(invoiceState({ ...facts, settled: minor(1000), credited: minor(1000) }, '2026-12-01')).toBe('credited');
    expect(invoiceState({ ...facts, status: 'void' }, '2026-12-01')).toBe('void');
  });

  it('settles what is open and turns the rest into credit', () => {
    expect(allocate(minor(700), minor(1000), minor(400))).toEqual({
      ok: true,
      value: { toInvoice: minor(600), toCredit: minor(100) },
    });
    expect(allocate(minor(0), minor(1000), minor(0)).ok).toBeFalse();
    expect(allocate(minor(1), minor(1000), minor(1000)).ok).toBeFalse();
  });
});
