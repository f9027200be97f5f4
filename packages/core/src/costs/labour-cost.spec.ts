import { millionths, minor, rate, seconds } from '../firm/units';
import { labourCost, loadedRate } from './labour-cost';

describe('labour cost', () => {
  it('is payable time × (pay + overhead), divided last', () => {
    const loaded = loadedRate(rate(250_000), { kind: 'percent', percent: millionths(385_000) });
    expect(loaded.cost).toBe(rate(346_250));
    expect(labourCost(seconds(4 * 3600), loaded, 'GBP')).toBe(minor(13_850));
    expect(labourCost(seconds(3661), loadedRate(rate(280_000), { kind: 'per-hour', rate: rate(35_000) }), 'GBP')).toBe(
      minor(3203),
    );
    expect(labourCost(seconds(3600), loadedRate(rate(200_000), null), 'JPY')).toBe(minor(20));
  });
});
