import currencyData from 'cldr-core/supplemental/currencyData.json';
import weekData from 'cldr-core/supplemental/weekData.json';
import { COUNTRIES, countryDefaults } from './countries';
import { isCurrency } from './currency';

type Used = Record<string, { _from?: string; _to?: string; _tender?: string }>;
const region = currencyData.supplemental.currencyData.region as unknown as Readonly<Record<string, Used[]>>;
const week: Readonly<Record<'firstDay' | 'weekendStart' | 'weekendEnd', Record<string, string>>> = weekData.supplemental.weekData;
const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

describe('what is usual in a country', () => {
  it('has the currency, the week and the days of rest of Unicode’s CLDR', () => {
    for (const country of COUNTRIES) {
      const { currency, weekStart, workingDays } = countryDefaults(country);
      const now = region[country]!.map((one) => Object.entries(one)[0]!)
        .filter(([, use]) => !use._to && use._tender !== 'false')
        .map(([code]) => code);
      // Since March 2025 the guilder of these two is another one, which the list of ISO 4217 at hand does not have yet.
      if (!['CW', 'SX'].includes(country)) expect(now).withContext(country).toContain(currency);
      expect(isCurrency(currency)).withContext(currency).toBeTrue();
      expect(DAYS[weekStart - 1])
        .withContext(country)
        .toBe(week.firstDay[country] ?? week.firstDay['001']);
      const day = (of: 'weekendStart' | 'weekendEnd') => DAYS.indexOf(week[of][country] ?? week[of]['001']!) + 1;
      const [from, to] = [day('weekendStart'), day('weekendEnd')];
      expect(workingDays)
        .withContext(country)
        .toEqual([1, 2, 3, 4, 5, 6, 7].filter((one) => one < from || one > to));
    }
  });

  it('leaves no country out that has a currency of its own and a name', () => {
    const names = new Intl.DisplayNames('en', { type: 'region', fallback: 'none' });
    // Not countries of ISO 3166-1, or without people who found firms.
    const apart = new Set('AC AN AQ BU CP CS DD DG EA EU IC SU TA TP UK XK YD YU ZR ZZ'.split(' '));
    const all = Object.entries(region)
      .filter(([code, uses]) => /^[A-Z]{2}$/.test(code) && !apart.has(code) && names.of(code) && uses.some(isUsed))
      .map(([code]) => code);
    expect(COUNTRIES).toEqual(all.sort());
  });

  it('knows the usual tax of some, and none for the others', () => {
    expect(countryDefaults('GB').tax).toEqual({ name: 'VAT', rate: 200_000 });
    expect(countryDefaults('CH').tax!.rate).toBe(81_000);
    expect(countryDefaults('US').tax).toBeNull();
  });

  it('refuses what is no country', () => {
    expect(() => countryDefaults('XX')).toThrowError(RangeError);
  });
});

function isUsed(use: Used): boolean {
  const [one] = Object.values(use);
  return !one!._to && one!._tender !== 'false';
}
