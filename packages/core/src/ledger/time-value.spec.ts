import { minor, rate, seconds } from '../firm/units';
import { timeValue } from './time-value';

describe('the value of time', () => {
  it('is minutes times rate, divided last: 1:20 at 90.00 is 120.00', () => {
    expect(timeValue(seconds(4800), rate(900_000), 'GBP')).toBe(minor(12_000));
    expect(timeValue(seconds(65 * 60), rate(671_400), 'GBP')).toBe(minor(7274));
  });

  it('has as many minor units as the currency (ISO 4217: yen none, dinar three)', () => {
    expect(timeValue(seconds(3600), rate(900_000), 'JPY')).toBe(minor(90));
    expect(timeValue(seconds(3600), rate(15_000), 'KWD')).toBe(minor(1500));
  });

  it('rounds half a minor unit away from zero, corrections too', () => {
    // 1 minute at 0.30 is half a penny.
    expect(timeValue(seconds(60), rate(3000), 'GBP')).toBe(minor(1));
    expect(timeValue(seconds(-60), rate(3000), 'GBP')).toBe(minor(-1));
    expect(timeValue(seconds(60), rate(2999), 'GBP')).toBe(minor(0));
  });
});
