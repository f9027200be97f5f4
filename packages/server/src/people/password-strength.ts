import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary as common } from '@zxcvbn-ts/language-common';
import { dictionary as english, translations } from '@zxcvbn-ts/language-en';
import { problem } from '../platform/problem';

const judge = new ZxcvbnFactory({ dictionary: { ...common, ...english }, graphs: adjacencyGraphs, translations });

/** Of nought to four: withstands guessing at a hash that was stolen for a while (ten to the eighth guesses and more). */
const ENOUGH = 3;

/** How much of a password is judged: what is longer costs time and says nothing new. */
const JUDGED = 100;

/**
 * Refuses a password that is easily guessed, also by who knows the person.
 * @param own what others know of the person: name, address
 * @throws the problem `password-weak`, with what makes it weak
 */
export function refuseWeak(password: string, own: readonly string[]): void {
  const known = own.flatMap((text) => [text, ...text.split(/[^\p{L}\p{N}]+/u)]).filter((word) => word.length > 2);
  const { score, feedback } = judge.check(password.slice(0, JUDGED), [...known, 'yellowwood']);
  if (score < ENOUGH) throw problem('password-weak', { why: feedback.warning ?? 'A machine that guesses would soon find it.' });
}
