import { seconds } from '../firm/units';
import { roundedTotal } from './terms';

describe('what many lengths come to', () => {
  const lengths = [
    { recorded: seconds(7 * 60), times: 3 },
    { recorded: seconds(8 * 60), times: 2 },
  ];

  it('is what each comes to by itself, as often as it came', () => {
    // By hand: 3 × 0:07 and 2 × 0:08, to the nearest quarter 0 and 2 × 0:15, up 5 × 0:15.
    const quarter = { increment: 15, mode: 'nearest', unit: 'entry', minimum: 0 } as const;
    expect(roundedTotal(lengths, quarter)).toBe(seconds(2 * 900));
    expect(roundedTotal(lengths, { ...quarter, mode: 'up' })).toBe(seconds(5 * 900));
    expect(roundedTotal(lengths, { ...quarter, mode: 'down' })).toBe(seconds(0));
    expect(roundedTotal(lengths, { ...quarter, mode: 'down', minimum: 10 })).toBe(seconds(5 * 600));
    expect(roundedTotal([], quarter)).toBe(seconds(0));
  });
});
