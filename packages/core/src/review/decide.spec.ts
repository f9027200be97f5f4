import { decide } from './decide';

const entry = (id: string, names = {}) => ({
  id,
  version: 3,
  stage: 'submitted' as const,
  personId: 'staff',
  billedQuantity: 0,
  reserved: false,
  decidedBy: 'manager',
  ...names,
});
const seen = (...ids: string[]) => ids.map((id) => ({ id, version: 3 }));
const code = (result: ReturnType<typeof decide>) => (result.ok ? 'ok' : result.error.code);

describe('decide', () => {
  it('approves all or none', () => {
    expect(decide('approve', [entry('a'), entry('b')], seen('a', 'b'), 'manager', null)).toEqual({
      ok: true,
      value: [
        { id: 'a', stage: 'approved' },
        { id: 'b', stage: 'approved' },
      ],
    });
    expect(code(decide('approve', [entry('a'), entry('b', { version: 4 })], seen('a', 'b'), 'manager', null))).toBe(
      'entry-changed',
    );
    expect(code(decide('approve', [entry('a')], seen('a', 'b'), 'manager', null))).toBe('entry-missing');
    expect(code(decide('approve', [entry('a', { stage: 'recorded' })], seen('a'), 'manager', null))).toBe('stage-not-possible');
  });

  it('lets nobody decide on their own time', () => {
    expect(code(decide('approve', [entry('a')], seen('a'), 'staff', null))).toBe('own-time');
  });

  it('wants a reason for a return and a re-opening, and does not re-open what is billed', () => {
    expect(code(decide('return', [entry('a')], seen('a'), 'manager', ' '))).toBe('reason-missing');
    expect(decide('return', [entry('a')], seen('a'), 'manager', 'Split it')).toEqual({
      ok: true,
      value: [{ id: 'a', stage: 'recorded' }],
    });
    expect(code(decide('reopen', [entry('a', { stage: 'approved', billedQuantity: 60 })], seen('a'), 'manager', 'x'))).toBe(
      'entry-billed',
    );
    expect(code(decide('reopen', [entry('a', { stage: 'approved' })], seen('a'), 'manager', 'x'))).toBe('ok');
  });
});

describe('a recall', () => {
  const approved = (names = {}) => entry('a', { stage: 'approved', ...names });

  it('lets one’s own approval wait again, without a reason', () => {
    expect(decide('recall', [approved()], seen('a'), 'manager', null)).toEqual({
      ok: true,
      value: [{ id: 'a', stage: 'submitted' }],
    });
  });

  it('is of one’s own approvals alone, and of nothing that is billed, in a draft or not approved', () => {
    for (const [names, failure] of [
      [{ decidedBy: 'owner' }, 'decided-by-another'],
      [{ decidedBy: null }, 'decided-by-another'],
      [{ billedQuantity: 60 }, 'entry-billed'],
      [{ reserved: true }, 'entry-in-draft'],
      [{ stage: 'submitted', decidedBy: null }, 'stage-not-possible'],
      [{ version: 9 }, 'entry-changed'],
    ] as const)
      expect([names, code(decide('recall', [approved(names)], seen('a'), 'manager', null))]).toEqual([names, failure]);
  });
});

describe('what stands in the way of deciding', () => {
  it('names the entry', () => {
    for (const [outcome, names, code, data] of [
      ['approve', { personId: 'manager' }, 'own-time', { id: 'a' }],
      ['approve', { version: 9 }, 'entry-changed', { id: 'a' }],
      ['approve', { stage: 'recorded' }, 'stage-not-possible', { id: 'a', stage: 'recorded' }],
      ['reopen', { stage: 'approved', billedQuantity: 60 }, 'entry-billed', { id: 'a' }],
      ['reopen', { stage: 'approved', reserved: true }, 'entry-in-draft', { id: 'a' }],
    ] as const)
      expect(decide(outcome, [entry('a', names) as never], seen('a'), 'manager', 'Because')).toEqual({
        ok: false,
        error: { code, data },
      } as never);
    expect(decide('approve', [], seen('a'), 'manager', null)).toEqual({
      ok: false,
      error: { code: 'entry-missing', data: { id: 'a' } },
    });
    expect(code(decide('return', [entry('a')], seen('a'), 'manager', null))).toBe('reason-missing');
  });

  it('is nothing of documents where nothing is re-opened', () => {
    for (const names of [{ billedQuantity: 60 }, { reserved: true }])
      expect(code(decide('approve', [entry('a', names)], seen('a'), 'manager', null))).toBe('ok');
  });
});
