import { minor } from '../firm/units';
import { allocate, invoiceState } from './settlement';

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

describe('refusals and states at their edges', () => {
  it('say why a payment settles nothing', () => {
    expect(allocate(minor(0), minor(100), minor(0))).toEqual({ ok: false, error: { code: 'payment-not-positive' } });
    expect(allocate(minor(1), minor(100), minor(100))).toEqual({ ok: false, error: { code: 'invoice-settled' } });
    expect(allocate(minor(150), minor(100), minor(40))).toEqual({
      ok: true,
      value: { toInvoice: minor(60), toCredit: minor(90) },
    });
  });

  it('call credited what is credited in full, and nothing else', () => {
    const state = (names: object) =>
      invoiceState(
        { status: 'issued', gross: minor(100), settled: minor(100), credited: minor(0), sent: true, due: '2026-06-10', ...names },
        '2026-06-10',
      );
    expect([state({ credited: minor(100) }), state({ credited: minor(40) }), state({})]).toEqual(['credited', 'paid', 'paid']);
    expect(state({ gross: minor(0), settled: minor(0) })).toBe('paid');
  });
});
