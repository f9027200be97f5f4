/** The levels of work that a firm may call otherwise. */
export const LEVELS = ['client', 'project', 'task', 'service'] as const;
export type Level = (typeof LEVELS)[number];

/** What one of them is called, and several. */
export interface OwnWord {
  readonly one: string;
  readonly many: string;
}

/** What a firm calls the levels of work, where it is not as we do. */
export type OwnWords = Readonly<Partial<Record<Level, OwnWord>>>;

const WORDS = /\b(?:(an?) )?(client|project|task|service)(s?)\b/gi;
/** Begins with a sound that “an” stands before: by the letter, but for a “u” or “eu” as in “unit”. */
const VOWEL = /^(?!(?:u(?:ni|s)|eu|one))[aeiou]/i;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * A sentence of ours in the words of the firm: every “client”, “project”, “task” and “service”, one or many, at the
 * beginning of a sentence or within. Only for words of ours: what people have named stays as they named it.
 */
export function inOwnWords(text: string, words: OwnWords): string {
  return text.replace(WORDS, (whole, article: string | undefined, level: string, many: string) => {
    const own = words[level.toLowerCase() as Level];
    if (!own) return whole;
    const word = many ? own.many : own.one;
    const isCapital = level.charAt(0) !== level.charAt(0).toLowerCase();
    const said = isCapital ? capital(word) : word;
    if (!article) return said;
    const before = VOWEL.test(word) ? 'an' : 'a';
    return `${article.charAt(0) === 'A' ? capital(before) : before} ${said}`;
  });
}

/** Which text names a piece of work on the page. */
export const WORK_TEXTS = ['name', 'code', 'order reference'] as const;
export type WorkText = (typeof WORK_TEXTS)[number];
