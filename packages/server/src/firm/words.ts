import { KnownWords, WordFacts } from '@yellowwood/contracts';
import { LEVELS, OwnWords } from '@yellowwood/core';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import { setWords, wordsOfFirm } from '../generated/firm/words.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';

/** What the page calls work. */
export async function readWords({ tx, firm }: Context): Promise<KnownWords> {
  const [row] = await wordsOfFirm.run(undefined, tx);
  const { words, workText, version } = row!;
  return { id: firm.id, facts: { words: words as OwnWords, workText: workText as WordFacts['workText'] }, version };
}

/** The words that are not ours, without blanks around them, in one order. */
function own(words: OwnWords): OwnWords {
  const given = LEVELS.flatMap((level) => {
    const [one, many] = [words[level]?.one.trim() ?? level, words[level]?.many.trim() ?? `${level}s`];
    return one === level && many === `${level}s` ? [] : [[level, { one, many }] as const];
  });
  return Object.fromEntries(given);
}

/** What the history says of them: one fact each. */
const told = ({ words, workText }: WordFacts) => ({
  ...Object.fromEntries(
    LEVELS.map((level) => [`word for ${level}`, words[level] ? `${words[level].one}, ${words[level].many}` : null]),
  ),
  workText,
});

/**
 * Has the page call work as the firm does.
 * @throws the problems `version-stale`, `words-alike`, `nothing-to-change`
 */
export async function changeWords(context: Context, wish: WordFacts, version: number): Promise<KnownWords> {
  const { tx, firm } = context;
  await lockFirm.run(undefined, tx);
  const before = await readWords(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after = { words: own(wish.words), workText: wish.workText };
  const ones = LEVELS.map((level) => (after.words[level]?.one ?? level).toLowerCase());
  const manys = LEVELS.map((level) => (after.words[level]?.many ?? `${level}s`).toLowerCase());
  if ([ones, manys].some((all) => new Set(all).size < all.length)) throw problem('words-alike');
  const [was, is] = [told({ ...before.facts, words: own(before.facts.words) }), told(after)];
  if (JSON.stringify(was) === JSON.stringify(is)) throw problem('nothing-to-change');
  await setWords.run({ words: json(after.words), workText: after.workText }, tx);
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: was, after: is }]);
  return readWords(context);
}
