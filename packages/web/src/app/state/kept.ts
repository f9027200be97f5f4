import { DOCUMENT, WritableSignal, effect, inject, linkedSignal } from '@angular/core';
import { Address } from './address';

/**
 * How something is shown: outlives a reload of the page and coming back to it, for this tab and this firm. Use in an
 * injection context.
 * @param name of what is shown; another name has a choice of its own
 * @param initial until somebody chooses
 */
export function kept<T>(name: () => string, initial: () => T): WritableSignal<T> {
  const address = inject(Address);
  const storage = inject(DOCUMENT).defaultView!.sessionStorage;
  const key = () => `${address.firm()} ${name()}`;
  const choice = linkedSignal({
    source: key,
    computation: (at): T => {
      const text = storage.getItem(at);
      return text === null ? initial() : (JSON.parse(text) as T);
    },
  });
  let before: { at: string; text: string } | null = null;
  effect(() => {
    const now = { at: key(), text: JSON.stringify(choice()) };
    // What was only read is not written: what comes with the screen may come otherwise next time.
    if (before?.at === now.at && before.text !== now.text) storage.setItem(now.at, now.text);
    before = now;
  });
  return choice;
}
