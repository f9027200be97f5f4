import { LedgerEntry } from './entry';
import { repricingEffect } from './repricing';

const entry = (names: Partial<LedgerEntry>): LedgerEntry =>
  ({ quantity: 3600, rate: 900_000, valueMinor: 9000, valueCurrency: 'GBP', billingState: 'to bill', ...names }) as LedgerEntry;
const effect = (...pairs: readonly (readonly [Partial<LedgerEntry>, Partial<LedgerEntry>])[]) =>
  repricingEffect(
    pairs.map(([now]) => entry(now)),
    pairs.map(([now, then]) => entry({ ...now, ...then })),
  );

describe('repricingEffect', () => {
  it('sums time by the prices that it goes between, the most of it first', () => {
    const dearer = { rate: 1_000_000, valueMinor: 10_000 };
    const { moves, entries, seconds } = effect(
      [{ rate: 600_000, valueMinor: 6000 }, dearer],
      [{}, dearer],
      [
        { quantity: 1800, valueMinor: 4500 },
        { rate: 1_000_000, valueMinor: 5000 },
      ],
      [{}, {}],
    );
    expect([entries, seconds]).toEqual([4, 12_600]);
    expect(moves.map((one) => [one.rateNow, one.rateThen, one.entries, one.seconds, one.valueNow, one.valueThen])).toEqual([
      [900_000, 1_000_000, 2, 5400, 13_500, 15_000],
      [600_000, 1_000_000, 1, 3600, 6000, 10_000],
    ]);
  });

  it('keeps currencies apart, and what is not charged from what costs nothing', () => {
    const { moves } = effect(
      [{}, { valueCurrency: 'EUR' }],
      [{}, { rate: null, valueMinor: 0, billingState: 'nothing to bill' }],
      [{}, { rate: 0, valueMinor: 0 }],
    );
    expect(moves.map((one) => [one.currencyThen, one.rateThen, one.chargedThen])).toEqual([
      ['EUR', 900_000, true],
      ['GBP', null, false],
      ['GBP', 0, true],
    ]);
  });

  it('counts what loses its rate and what gets one', () => {
    const none = { rate: null, valueMinor: null, billingState: 'to bill' } as const;
    const free = { rate: null, valueMinor: 0, billingState: 'nothing to bill' } as const;
    const { lost, gained, moves } = effect(
      [{}, none],
      [free, none],
      [none, { rate: 1, valueMinor: 1 }],
      [none, free],
      [none, none],
    );
    expect([lost, gained]).toEqual([2, 1]);
    expect(moves.map(({ valueNow, valueThen }) => [valueNow, valueThen])).toEqual([
      [9000, null],
      [0, null],
      [null, 1],
      [null, 0],
    ]);
  });
});
