import { KINDS, KIND_NAMES, NO_SIDE } from './kinds';

describe('the kinds of entries', () => {
  it('are named as they are listed, and have what no other kind has', () => {
    for (const name of KIND_NAMES) {
      expect(KINDS[name].name).toBe(name);
      expect([...KINDS[name].side].sort()).toEqual(Object.keys(KINDS[name].noSide).sort() as never);
    }
    const all = KIND_NAMES.flatMap((name) => [...KINDS[name].side] as string[]);
    expect(new Set(all).size).toBe(all.length);
    expect(Object.keys(NO_SIDE).sort()).toEqual(all.sort());
  });

  it('are working time, and recorded by hand, only where they are time', () => {
    expect(KIND_NAMES.filter((name) => KINDS[name].isTime)).toEqual(['time']);
    expect(KIND_NAMES.filter((name) => KINDS[name].byHand)).toEqual(['time']);
  });
});
