import { minor, rate, seconds } from '../firm/units';
import { lineAmount, printedHours } from './amount';
import { printedLine } from './document-text';

describe('amounts of lines', () => {
  it('computes decimal hours from the printed quantity: 1.33 × 90.00 = 119.70', () => {
    expect(printedHours(seconds(4800), 2)).toBe(133);
    expect(lineAmount(seconds(4800), rate(900_000), 'GBP', { kind: 'decimal', places: 2 })).toBe(minor(11_970));
    expect(lineAmount(seconds(4800), rate(900_000), 'GBP', { kind: 'minutes' })).toBe(minor(12_000));
  });

  it('prints reductions as −1 at a positive price', () => {
    const line = { quantity: seconds(4800), rate: rate(900_000), net: 12_000, display: { kind: 'minutes' as const } };
    expect(printedLine({ ...line, kind: 'time' }, 'GBP')).toEqual({ quantity: '1:20', price: '90.00' });
    expect(printedLine({ ...line, kind: 'time', display: { kind: 'decimal', places: 3 } }, 'GBP')).toEqual({
      quantity: '1.333',
      price: '90.00',
    });
    expect(printedLine({ ...line, kind: 'over-limit', net: -7500 }, 'GBP')).toEqual({ quantity: '−1', price: '75.00' });
    expect(printedLine({ ...line, kind: 'write-down', net: 7500 }, 'GBP')).toEqual({ quantity: '1', price: '75.00' });
  });
});
