import { minor, rate, seconds } from '../firm/units';
import { lineAmount, lineRounding, printedHours } from './amount';
import { printedLine } from './document-text';

describe('amounts of lines', () => {
  it('computes decimal hours from the printed quantity: 1.33 × 90.00 = 119.70', () => {
    expect(printedHours(seconds(4800), 2)).toBe(133);
    expect(lineAmount(seconds(4800), rate(900_000), 'GBP', { kind: 'decimal', places: 2 })).toBe(minor(11_970));
    expect(lineAmount(seconds(4800), rate(900_000), 'GBP', { kind: 'minutes' })).toBe(minor(12_000));
  });

  it('prints reductions as −1 at a positive price', () => {
    const line = { quantity: seconds(4800), rate: rate(900_000), net: 12_000, display: { kind: 'minutes' as const } };
    expect(printedLine({ ...line, kind: 'time' }, 'GBP', 'en-GB')).toEqual({ quantity: '1:20', price: '90.00' });
    expect(printedLine({ ...line, kind: 'time', display: { kind: 'decimal', places: 3 } }, 'GBP', 'en-GB')).toEqual({
      quantity: '1.333',
      price: '90.00',
    });
    expect(printedLine({ ...line, kind: 'over-limit', net: -7500 }, 'GBP', 'en-GB')).toEqual({ quantity: '−1', price: '75.00' });
    expect(printedLine({ ...line, kind: 'write-down', net: 7500 }, 'GBP', 'en-GB')).toEqual({ quantity: '1', price: '75.00' });
  });
});

describe('lineRounding', () => {
  const hour = (minutes: number) => seconds(minutes * 60);

  it('is what a line is more or less than its entries one by one', () => {
    // Worked by hand: 3 × 33.33 = 99.99 against 100.00; 3 × 25.01 = 75.03 against 75.02.
    expect(Number(lineRounding([hour(20), hour(20), hour(20)], rate(1_000_000), 'GBP', { kind: 'minutes' }))).toBe(1);
    expect(Number(lineRounding([hour(15), hour(15), hour(15)], rate(1_000_300), 'GBP', { kind: 'minutes' }))).toBe(-1);
    expect(Number(lineRounding([hour(60)], rate(900_000), 'GBP', { kind: 'minutes' }))).toBe(0);
  });

  it('holds what printed decimal hours do as well: 1.33 hours for 1:20 are 30 pence less', () => {
    expect(Number(lineRounding([hour(80)], rate(900_000), 'GBP', { kind: 'decimal', places: 2 }))).toBe(-30);
  });
});
