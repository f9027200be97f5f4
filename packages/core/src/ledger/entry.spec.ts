import { CHANGED, DERIVED, KEPT, KEPT_MONEY, LedgerEntry, MOVED, READ_COLUMNS, STORED, differs, pick } from './entry';
import { FACT_NAMES } from './facts';

describe('what is stored of an entry', () => {
  it('is read whole, each column once', () => {
    expect(new Set(READ_COLUMNS).size).toBe(READ_COLUMNS.length);
    for (const name of [...FACT_NAMES, ...DERIVED, ...MOVED]) expect(READ_COLUMNS).toContain(name);
    for (const name of [...STORED, ...CHANGED]) expect(READ_COLUMNS).toContain(name);
  });

  it('leaves where it comes from, and what moves in a way of its own, to those ways', () => {
    for (const name of ['id', 'kind', 'personId', 'origin', 'enteredBy', 'enteredAt', 'late', 'lagDays', 'stage'])
      expect(CHANGED as readonly string[]).not.toContain(name);
    for (const name of ['billedQuantity', 'holdReason', 'writeOffReason'])
      for (const list of [STORED, CHANGED]) expect(list as readonly string[]).not.toContain(name);
  });

  it('keeps money and its notes apart in the history', () => {
    expect(KEPT.filter((name) => (KEPT_MONEY as readonly string[]).includes(name))).toEqual([]);
    for (const name of ['rate', 'rateReason', 'valueMinor', 'costMinor', 'holdReason', 'writeOffReason'] as const)
      expect(KEPT).not.toContain(name);
    // Enough to bring a deleted entry back: what was stated, what only its kind has, and its version.
    for (const name of [...FACT_NAMES, 'startAt', 'zone', 'absenceCode', 'overLimitLineId', 'version'] as const)
      expect(KEPT).toContain(name);
  });

  it('is compared and taken by names', () => {
    const one = { note: 'a', quantity: 60, problems: ['no-rate'] } as unknown as LedgerEntry;
    const other = { ...one, quantity: 120, problems: [...one.problems] };
    expect(differs(one, other, ['note', 'problems'])).toBeFalse();
    expect(differs(one, other, ['note', 'quantity'])).toBeTrue();
    expect(differs(one, { ...other, problems: [] }, ['problems'])).toBeTrue();
    expect(pick(one, ['note', 'quantity'])).toEqual({ note: 'a', quantity: 60 });
  });
});
