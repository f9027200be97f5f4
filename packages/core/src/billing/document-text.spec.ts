import { writingFor } from '../firm/writing';
import { seconds, rate } from '../firm/units';
import { documentTexts, printedLine } from './document-text';

describe('what a document writes', () => {
  const german = writingFor({ dates: null, numbers: 'point comma' }, 'GB');

  it('is as the firm writes it, and as ever on documents from before it could choose', () => {
    const write = documentTexts(german);
    expect([write.date('2026-06-09'), write.amount(368_334, 'EUR'), write.percent(55_000), write.percent(200_000)]).toEqual([
      ...['9 June 2026', '3.683,34', '5,5%', '20%'],
    ]);
    expect([write.money(368_334, 'EUR').replace(/\s/g, ' '), write.factor(11_712)]).toEqual(['3.683,34 €', '1,1712']);
    const before = documentTexts(undefined);
    expect([before.date('2026-06-09'), before.amount(368_334, 'EUR'), before.percent(55_000)]).toEqual([
      ...['2026-06-09', '3,683.34', '5.5%'],
    ]);
  });

  it('writes quantity and price of a line likewise', () => {
    const line = { kind: 'time', quantity: seconds(5400), rate: rate(1_234_5000), net: 185_175 } as const;
    const printed = (locale: string) => printedLine({ ...line, display: { kind: 'decimal', places: 2 } }, 'EUR', locale);
    expect(printed('de-DE')).toEqual({ quantity: '1,50', price: '1.234,50' });
    expect(printed('en-GB')).toEqual({ quantity: '1.50', price: '1,234.50' });
    const off = { ...line, kind: 'write-down', net: -100_000, display: { kind: 'minutes' } } as const;
    expect(printedLine(off, 'EUR', 'de-DE')).toEqual({ quantity: '−1', price: '1.000,00' });
  });
});
