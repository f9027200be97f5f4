import { EntryFacts, FACTS, FACT_NAMES, NO_FACTS, wireFacts, wireName, withFacts } from './facts';

const ENTRY: EntryFacts = {
  workDate: '2026-06-08',
  projectId: 'p',
  taskId: 't',
  serviceId: 's',
  quantity: 3600,
  billable: true,
  note: 'as found',
  explanation: '',
};

describe('the changeable facts of an entry', () => {
  it('have one name on the wire each, their own unless said otherwise', () => {
    expect(wireName('workDate')).toBe('date');
    expect(wireName('note')).toBe('note');
    expect(new Set(FACT_NAMES.map(wireName)).size).toBe(FACT_NAMES.length);
    const { workDate, ...rest } = ENTRY;
    expect(wireFacts(ENTRY)).toEqual({ date: workDate, ...rest });
  });

  it('are taken over as a change names them; what it leaves out stays', () => {
    expect(withFacts(ENTRY, { date: '2026-06-09' })).toEqual({ ...ENTRY, workDate: '2026-06-09' });
    expect(withFacts(ENTRY, {})).toEqual(ENTRY);
    // Nothing, false and empty are values like others.
    expect(withFacts(ENTRY, { serviceId: null, billable: false, note: '' })).toEqual({
      ...ENTRY,
      serviceId: null,
      billable: false,
      note: '',
    });
    // What is no fact is not taken over.
    expect(withFacts(ENTRY, { stage: 'approved' } as never)).toEqual(ENTRY);
  });

  it('lose their task with another project, and only then', () => {
    expect(withFacts(ENTRY, { projectId: 'q' }).taskId).toBeNull();
    expect(withFacts(ENTRY, { projectId: 'q', taskId: 'u' }).taskId).toBe('u');
    expect(withFacts(ENTRY, { projectId: 'p' }).taskId).toBe('t');
    expect(withFacts(ENTRY, { projectId: null }).taskId).toBeNull();
  });
});

describe('an entry of which nothing is stated', () => {
  it('has every fact, each empty in its own way, and may be billed', () => {
    expect(Object.keys(NO_FACTS)).toEqual(FACT_NAMES);
    for (const fact of FACT_NAMES)
      expect(NO_FACTS[fact])
        .withContext(fact)
        .toBe({ date: '', reference: null, seconds: 0, flag: true, text: '' }[FACTS[fact].of] as never);
  });
});
