/** Words as they are found by: small letters, without accents. */
export function plainText(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');
}

/** The words that somebody types to find something, as `plainText` has them. */
export function wordsOf(typed: string): string[] {
  return plainText(typed).split(/\s+/).filter(Boolean);
}

/** Whether a text has every one of these words, as parts of its own and in any order. */
export function hasWords(text: string, words: readonly string[]): boolean {
  const plain = plainText(text);
  return words.every((word) => plain.includes(word));
}

/** As many letters of a word as it is found by, where words are kept to be found. */
const LETTERS = 40;

/** The words that somebody types, each once, as they are looked up where words are kept. */
export function foundBy(typed: string): string[] {
  return [...new Set(wordsOf(typed).map((word) => [...word].slice(0, LETTERS).join('')))];
}
