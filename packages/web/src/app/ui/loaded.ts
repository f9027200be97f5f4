import { DestroyRef, Signal, effect, inject, signal, untracked } from '@angular/core';
import { Subject, catchError, defer, lastValueFrom, of, takeUntil, tap } from 'rxjs';
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
  /** An answer that is still on its way is too late. */
  const newer = new Subject<void>();
  inject(DestroyRef).onDestroy(() => newer.next());

  async function load(current: Q | undefined): Promise<void> {
    const key = JSON.stringify(current);
    if (key !== asked) {
      asked = key;
      const kept = before !== undefined && current !== undefined && keeps(before, current);
      if (!kept) value.set(null);
      before = current;
    }
    newer.next();
    busy.set(current !== undefined);
    if (current === undefined) return;
    const answer = defer(() => read(current)).pipe(
      tap((answer) => (value.set(answer), sentence.set(''))),
      catchError((error: unknown) => of(sentence.set(sentenceOf(error)))),
      tap(() => busy.set(false)),
      takeUntil(newer),
    );
    await lastValueFrom(answer, { defaultValue: undefined });
  }

  /** Shows something newer than all that is being read. */
  function set(next: T): void {
    newer.next();
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
