import { codeOf, slugOf } from './names';

describe('the address of a firm', () => {
  it('is its name in plain letters', () => {
    expect(slugOf('Quillfeather Conservation')).toBe('quillfeather-conservation');
    expect(slugOf('Łódka & Söhne, Straße 3')).toBe('lodka-sohne-strasse-3');
    expect(slugOf('Ærø Đuro')).toBe('aero-duro');
  });

  it('begins with a letter, is not too long and never empty', () => {
    expect(slugOf('3 Bridges')).toBe('bridges');
    for (const name of ['株式会社', '...', 'X', '42', '']) expect(slugOf(name)).toBe('firm');
    const long = slugOf(`${'long '.repeat(6)}a very`);
    expect(long).toBe('long-long-long-long-long-long-a');
    for (const name of ['Quill', '3 B', 'a'.repeat(60)]) expect(slugOf(name)).toMatch(/^[a-z][a-z0-9-]{1,32}$/);
  });
});

describe('the code of a project', () => {
  it('is its first word, with a number where that is taken', () => {
    expect(codeOf('Boat house', new Set())).toBe('BOAT');
    expect(codeOf('Boat house', new Set(['BOAT', 'BOAT2']))).toBe('BOAT3');
    expect(codeOf('Rehabilitation', new Set())).toBe('REHABILITA');
    expect(codeOf('株', new Set(['P']))).toBe('P2');
  });
});
