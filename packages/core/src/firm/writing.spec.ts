import { WRITTEN_BEFORE, documentDate, writingFor } from './writing';

const UNCHOSEN = { dates: null, numbers: null } as const;

describe('how dates and figures are written', () => {
  it('is as in the country, where nothing is chosen', () => {
    // Orders of day and month and separators as in the Unicode CLDR, by Intl.
    expect(writingFor(UNCHOSEN, 'GB')).toEqual({ dates: 'en-GB', numbers: 'en-GB', yearFirst: false });
    expect(writingFor(UNCHOSEN, 'US')).toEqual({ dates: 'en-US', numbers: 'en-US', yearFirst: false });
    expect(writingFor(UNCHOSEN, 'AT')).toEqual({ dates: 'en-AT', numbers: 'de-AT', yearFirst: false });
  });

  it('is as it is chosen, each by itself', () => {
    const chosen = writingFor({ dates: 'month first', numbers: 'point comma' }, 'GB');
    expect(chosen).toEqual({ dates: 'en-US', numbers: 'de-DE', yearFirst: false });
    expect(writingFor({ ...UNCHOSEN, dates: 'year first' }, 'US')).toEqual({ dates: 'en-GB', numbers: 'en-US', yearFirst: true });
  });

  it('writes a date on a document with its year', () => {
    const on = (dates: 'day first' | 'month first' | 'year first') =>
      documentDate('2026-06-09', writingFor({ dates, numbers: null }, 'GB'));
    expect([on('day first'), on('month first'), on('year first')]).toEqual(['9 June 2026', 'June 9, 2026', '2026-06-09']);
    expect(documentDate('2026-06-09', WRITTEN_BEFORE)).toBe('2026-06-09');
  });
});
