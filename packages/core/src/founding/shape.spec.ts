import { GIVEN_SERVICES, Shape, TRADES, consequences, firstProjects, firstServices } from './shape';

const UNSAID: Shape = { place: null, size: null, trade: null };

describe('what a firm says of itself', () => {
  it('has people in the field read times off a clock, without a grid, and all else in an office', () => {
    const field = consequences(UNSAID, { ...UNSAID, place: 'field' });
    expect([field.ways, field.shown, field.hidden]).toEqual([['timer', 'span'], [], ['grid']]);
    for (const place of ['office', 'both'] as const) {
      const other = consequences({ ...UNSAID, place: 'field' }, { ...UNSAID, place });
      expect([other.ways, other.shown, other.hidden]).toEqual([['timer', 'length', 'span'], ['grid'], []]);
    }
  });

  it('leaves out of sight what nobody is there for', () => {
    const one = consequences(UNSAID, { ...UNSAID, size: 'one' });
    expect([one.shown, one.hidden]).toEqual([[], ['review', 'people', 'instruction']]);
    const few = consequences({ ...UNSAID, size: 'one' }, { ...UNSAID, size: 'few' });
    expect([few.shown, few.hidden]).toEqual([['review', 'people'], ['instruction']]);
    const more = consequences(UNSAID, { ...UNSAID, size: 'more' });
    expect([more.shown, more.hidden]).toEqual([['review', 'people', 'instruction'], []]);
  });

  it('has a consequence only where it is said anew', () => {
    const said: Shape = { place: 'field', size: 'one', trade: 'survey' };
    const nothing = { ways: null, shown: [], hidden: [], services: null };
    expect(consequences(said, said)).toEqual(nothing);
    expect(consequences(said, UNSAID)).toEqual(nothing);
    const trade = consequences(said, { ...said, trade: 'building' });
    expect(trade).toEqual({ ...nothing, services: firstServices('building') });
    const both = consequences(UNSAID, { place: 'field', size: 'one', trade: null });
    expect(both.hidden).toEqual(['review', 'people', 'grid', 'instruction']);
  });

  it('begins with services that can be told apart, one of them for no client', () => {
    expect(firstServices(null)).toEqual(firstServices('general'));
    for (const trade of TRADES) {
      const services = firstServices(trade);
      for (const of of [({ code }: { code: string }) => code, ({ name }: { name: string }) => name.toLowerCase()])
        expect(new Set(services.map(of)).size)
          .withContext(trade)
          .toBe(services.length);
      expect(services.filter(({ billable }) => !billable).map(({ code, kind }) => [code, kind])).toEqual([
        ['OFFICE', 'indirect'],
      ]);
      expect(services.every(({ code, name }) => GIVEN_SERVICES.get(code)?.has(name))).toBeTrue();
      expect(firstProjects(trade).length > 0).toBe(trade !== 'general');
    }
    expect(GIVEN_SERVICES.get('FIELD')?.has('Site survey') ?? false).toBeFalse();
  });
});
