import { Signal, effect, inject, signal, untracked } from '@angular/core';
import { sentenceOf } from '../api/problem-error';
import { Refresh } from '../state/refresh';

/** Something that is read from the server: the newest answer, or why there is none. */
export interface Loaded<T> {
  readonly value: Signal<T | null>;
  readonly sentence: Signal<string>;
  /** Whether the question has changed and its answer is not here yet. */
  readonly busy: Signal<boolean>;
  reload(): Promise<void>;
  set(value: T): void;
}

/**
 * Reads again whenever the question changes and at every refresh; a late answer to an old question is
 * dropped. Use in an injection context.
 * @param question undefined asks nothing
 * @param keeps    whether the answer to one question stands until the answer to the next is there: a choice of the same
 *   thing; otherwise there is nothing in between
 */
export function loaded<Q, T>(
  question: () => Q | undefined,
  read: (question: Q) => Promise<T>,
  keeps: (before: Q, now: Q) => boolean = () => false,
): Loaded<T> {
  const refresh = inject(Refresh);
  const value = signal<T | null>(null);
  const sentence = signal('');
  const busy = signal(false);
  let asked = '';
  let before: Q | undefined;
  let turn = 0;

  async function load(current: Q | undefined): Promise<void> {
    const key = JSON.stringify(current);
    if (key !== asked) {
      asked = key;
      const kept = before !== undefined && current !== undefined && keeps(before, current);
      if (!kept) value.set(null);
      before = current;
    }
    turn += 1;
    if (current === undefined) return;
    const own = turn;
    busy.set(true);
    try {
      const answer = await read(current);
      if (own !== turn) return;
      value.set(answer);
      sentence.set('');
    } catch (error) {
      if (own === turn) sentence.set(sentenceOf(error));
    } finally {
      if (own === turn) busy.set(false);
    }
  }

  /** Shows something newer than all that is being read. */
  function set(next: T): void {
    turn += 1;
    busy.set(false);
    value.set(next);
  }

  effect(() => {
    refresh.tick();
    const current = question();
    untracked(() => void load(current));
  });

  return { value, sentence, busy, reload: () => load(untracked(question)), set };
}
