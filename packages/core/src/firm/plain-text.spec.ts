import { foundBy, hasWords, plainText, wordsOf } from './plain-text';

describe('words that things are found by', () => {
  it('are small letters without accents', () => {
    expect(plainText('Čajovna Ørsted, ÉTÉ')).toBe('cajovna ørsted, ete');
  });

  it('are the words that somebody types', () => {
    expect(wordsOf('  Marsh   survey ')).toEqual(['marsh', 'survey']);
    expect(wordsOf('   ')).toEqual([]);
  });

  it('are parts of a text, in any order', () => {
    expect(hasWords('Condition survey, Käthe’s yard', wordsOf('kathe urv'))).toBeTrue();
    expect(hasWords('Condition survey', wordsOf('survey roof'))).toBeFalse();
  });

  it('are looked up each once, and by their first forty letters', () => {
    expect(foundBy('roof Roof röof survey')).toEqual(['roof', 'survey']);
    expect(foundBy(`${'x'.repeat(60)}`)).toEqual(['x'.repeat(40)]);
  });
});
