import currencyCodes from 'currency-codes';
import {
  amountText,
  decimalText,
  isCurrency,
  minorDigits,
  moneyText,
  percentText,
  plainAmountText,
  rateText,
  readAmount,
  readRate,
  sumByCurrency,
  wholeMoneyText,
} from './currency';
import { minor, rate } from './units';

describe('currencies', () => {
  it('takes minor units from ISO 4217: none, two, three', () => {
    expect(minorDigits('JPY')).toBe(0);
    expect(minorDigits('GBP')).toBe(2);
    expect(minorDigits('KWD')).toBe(3);
    expect(() => minorDigits('XQQ')).toThrowError(RangeError);
    expect(isCurrency('eur')).toBeFalse();
  });

  it('has every code of ISO 4217’s list one with its minor unit, by the package that follows the maintenance agency', () => {
    const listed = Object.fromEntries(currencyCodes.codes().map((code) => [code, currencyCodes.code(code)!.digits]));
    expect(Object.keys(listed).length).toBe(179);
    expect(Object.fromEntries(Object.keys(listed).map((code) => [code, minorDigits(code)]))).toEqual(listed);
    // Nor does it have any other: all that three letters can say.
    const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
    const all = letters.flatMap((a) => letters.flatMap((b) => letters.map((c) => a + b + c)));
    expect(all.filter(isCurrency).sort()).toEqual(Object.keys(listed).sort());
  });

  it('agrees with a second list of ISO 4217, the one in the browser, but for the known differences', () => {
    // Intl follows what people pay with (CLDR), ISO 4217 what is on the books: these are the currencies
    // whose smaller unit has gone out of use, or, for the last two, has changed lately.
    const explained = [
      'AFN',
      'ALL',
      'COP',
      'HUF',
      'IDR',
      'IQD',
      'IRR',
      'KPW',
      'LAK',
      'LBP',
      'MMK',
      'PKR',
      'RSD',
      'SOS',
      'SYP',
      'YER',
      'MGA',
      'MRU',
      'UYW',
      'CLF',
      'UYI',
      'BOV',
      'CHE',
      'CHW',
      'COU',
      'MXV',
      'USN',
    ];
    let compared = 0;
    for (const code of Intl.supportedValuesOf('currency')) {
      // Codes in X are no money of a country: ISO 4217 gives them no minor unit.
      if (!isCurrency(code) || /^X(DR|SU|UA)$/.test(code) || explained.includes(code)) continue;
      compared += 1;
      const browser = new Intl.NumberFormat('en', { style: 'currency', currency: code }).resolvedOptions().maximumFractionDigits;
      expect(minorDigits(code)).withContext(code).toBe(browser!);
    }
    expect(compared).toBeGreaterThan(120);
  });

  it('writes amounts exactly, with the separators of the locale', () => {
    expect(moneyText(minor(368_334), 'GBP')).toBe('£3,683.34');
    expect(moneyText(minor(-2000), 'EUR')).toBe('−€20.00');
    expect(moneyText(minor(1500), 'KWD')).toBe('KWD 1.500');
    // CLDR has the currency behind the figure in German, before it in English and Japanese.
    expect(moneyText(minor(-368_334), 'EUR', 'de-DE')).toBe('−3.683,34\u00a0€');
    expect(moneyText(minor(368_334), 'CHF', 'de-DE')).toBe('3.683,34\u00a0CHF');
    expect(amountText(minor(1_234_567), 'JPY')).toBe('1,234,567');
    expect(amountText(minor(123_456), 'EUR', 'de-DE')).toBe('1.234,56');
    expect(amountText(minor(9_007_199_254_740_991), 'GBP')).toBe('90,071,992,547,409.91');
    expect(rateText(rate(920_000), 'GBP')).toBe('92.00');
    expect(rateText(rate(612_550), 'GBP')).toBe('61.2550');
    expect(wholeMoneyText(minor(368_350), 'GBP')).toBe('£3,684');
    expect(wholeMoneyText(minor(-49), 'GBP')).toBe('£0');
    expect(wholeMoneyText(minor(-4900), 'KWD', 'de-DE')).toBe('−5\u00a0KWD');
    expect(percentText(953_000)).toBe('95.3%');
    expect([plainAmountText(minor(-368_334), 'GBP'), plainAmountText(minor(5), 'KWD'), plainAmountText(minor(5), 'JPY')]).toEqual(
      ['-3683.34', '0.005', '5'],
    );
    expect(percentText(953_000, 'de-DE')).toBe('95,3\u00a0%');
  });

  it('reads typed amounts in both ways of writing and refuses what would be cut off', () => {
    for (const text of ['1400', '1,400.00', '1.400,00', '1 400', '£1,400', '1400.0 GBP'])
      expect(readAmount(text, 'GBP'))
        .withContext(text)
        .toEqual({ ok: true, value: minor(140_000) });
    for (const text of ['', '12.345', 'abc', '1,2,3', '1.2.3', '--4'])
      expect(readAmount(text, 'GBP').ok).withContext(text).toBeFalse();
    expect(readAmount('-3', 'GBP')).toEqual({ ok: true, value: minor(-300) });
    expect(readAmount('1.5', 'KWD')).toEqual({ ok: true, value: minor(1500) });
    expect(readAmount('1,500', 'KWD')).toEqual({ ok: true, value: minor(1500) });
    expect(readAmount('1.234.567,89', 'EUR')).toEqual({ ok: true, value: minor(123_456_789) });
    expect(readRate('61.255')).toEqual({ ok: true, value: rate(612_550) });
    expect(readRate('0')).toEqual({ ok: true, value: rate(0) });
    expect(readRate('').ok).toBeFalse();
    expect(readRate('-5').ok).toBeFalse();
  });
});

describe('amounts as people write them', () => {
  const amount = (text: string, currency = 'GBP') => readAmount(text, currency);
  const code = (result: { ok: boolean; error?: { code: string } }) => result.error?.code ?? 'ok';

  it('writes groups and decimals as each country does', () => {
    expect(amountText(minor(123_456_789), 'EUR', 'de-DE')).toBe('1.234.567,89');
    expect(amountText(minor(123_456_789), 'EUR', 'en-IE')).toBe('1,234,567.89');
    expect(amountText(minor(-5), 'GBP')).toBe('−0.05');
    expect(amountText(minor(-123_456), 'GBP')).toBe('−1,234.56');
    expect([moneyText(minor(0), 'GBP'), moneyText(minor(-1), 'CHF')]).toEqual(['£0.00', '−CHF 0.01']);
    expect(decimalText(7, 0)).toBe('7');
  });

  it('says which code is no currency, and takes none that only holds one', () => {
    expect(() => minorDigits('XQQ')).toThrowError('XQQ is not an ISO 4217 currency');
    expect(['GBP', 'AGBP', 'GBPX', 'gbp', ''].map(isCurrency)).toEqual([true, false, false, false, false]);
  });

  it('tells an empty field from one that cannot be read, with what was typed and how many decimals there are', () => {
    for (const text of ['', '  ', '£', 'GBP', ' £ '])
      expect(code(amount(text)))
        .withContext(text)
        .toBe('amount-empty');
    expect(amount('12.345')).toEqual({ ok: false, error: { code: 'amount-unreadable', data: { typed: '12.345', decimals: 2 } } });
    expect(amount('4.5', 'JPY')).toEqual({
      ok: false,
      error: { code: 'amount-unreadable', data: { typed: '4.5', decimals: 0 } },
    });
    for (const text of ['', ' ', '€', ' € '])
      expect(code(readRate(text)))
        .withContext(text)
        .toBe('rate-empty');
    for (const text of ['abc', '1.23456', '-1', '1,2,3'])
      expect(readRate(text))
        .withContext(text)
        .toEqual({ ok: false, error: { code: 'rate-unreadable', data: { typed: text } } });
  });

  it('takes a currency’s code in any case and any of the minus signs, and no minus but in front', () => {
    expect(amount('gbp 12')).toEqual({ ok: true, value: minor(1200) });
    expect(amount(' 12 Gbp ')).toEqual({ ok: true, value: minor(1200) });
    expect(amount('−12')).toEqual({ ok: true, value: minor(-1200) });
    for (const text of ['1−2', '12-', '12−', '-', '.', ',']) expect(amount(text).ok).withContext(text).toBeFalse();
    const zero = amount('-0');
    expect(zero.ok && Object.is(zero.value, 0)).toBeTrue();
    expect(readRate(' € 61.255 ')).toEqual({ ok: true, value: rate(612_550) });
  });

  it('knows groups from decimals by their place, and refuses what could be both', () => {
    const read = (text: string, currency = 'EUR') => {
      const found = amount(text, currency);
      return found.ok ? Number(found.value) : null;
    };
    expect(['1,500', '12,500', '1.500.000', '1,500,000', '.5', ',5', '0,50'].map((text) => read(text))).toEqual([
      ...[150_000, 1_250_000, 150_000_000, 150_000_000, 50, 50, 50],
    ]);
    expect(
      ['1234,567', ',500', '1,50,000', '1.500,000,00', '1,500.000.00', '1.500.00', '1,23.456,78'].map((text) => read(text)),
    ).toEqual([null, null, null, null, null, null, null]);
    // Seventeen figures cannot be kept exactly.
    expect(read('123456789012345678')).toBeNull();
    expect(read('1.5000', 'KWD')).toBeNull();
  });

  it('are summed each for itself', () => {
    const figures = [
      { currency: 'GBP', minor: 100 },
      { currency: 'EUR', minor: 7 },
      { currency: 'GBP', minor: -30 },
    ];
    expect(sumByCurrency(figures)).toEqual([
      { currency: 'EUR', minor: minor(7) },
      { currency: 'GBP', minor: minor(70) },
    ]);
    expect(sumByCurrency([])).toEqual([]);
  });
});
