import { Signal, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Endpoints, QueryOf } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { workActions } from '../state/work';

type Sought = QueryOf<Endpoints['findWork']>['sought'];

interface Answer {
  readonly words: string;
  /** Null where it could not be asked. */
  readonly found: readonly string[] | null;
}

/** Finds work and people on the server while somebody types. */
export interface WorkFinder {
  /** What was found of what is typed, or of what was typed before while that is looked for; null where nothing is. */
  readonly answer: Signal<Answer | null>;
  /** Whether nothing has been found of what is typed now, and nothing can be said of it yet. */
  readonly busy: Signal<boolean>;
  /** Looks for words, as soon as those before have been looked for. */
  look(words: string): void;
  /** The scopes found of some words; waits for them. Null where they could not be looked for. */
  of(words: string): Promise<readonly string[] | null>;
}

/** Use in an injection context. */
export function workFinder(sought: Sought): WorkFinder {
  const api = inject(Api);
  const store = inject(Store);
  const wanted = signal('');
  const last = signal<Answer | null>(null);
  const answer = computed(() => (wanted() === '' ? null : last()));
  let looking = false;

  async function ask(words: string): Promise<Answer> {
    try {
      const { found, known } = await api.call('findWork', { query: { words, sought } });
      store.dispatch(workActions.workLearned({ known }));
      return { words, found };
    } catch {
      return { words, found: null };
    }
  }

  async function go(): Promise<void> {
    if (looking) return;
    looking = true;
    // Whoever types faster than is answered is answered of what stands there last.
    while (wanted() !== '' && last()?.words !== wanted()) last.set(await ask(wanted()));
    looking = false;
  }

  return {
    answer,
    busy: computed(() => wanted() !== '' && last()?.words !== wanted()),
    look(words) {
      wanted.set(words.trim());
      if (wanted() === '') last.set(null);
      void go();
    },
    async of(words) {
      const typed = words.trim();
      const known = last();
      return known?.words === typed ? known.found : (await ask(typed)).found;
    },
  };
}
