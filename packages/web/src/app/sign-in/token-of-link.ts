import { DOCUMENT, Signal, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { ActivatedRoute } from '@angular/router';
import { filter } from 'rxjs';

/**
 * The token of a message's link, which leaves the address at once: the address stays in the history of the browser, its
 * token not. Also where a whole link follows one that was cut off, which moves only within the page. Use in an injection context.
 * @param page the address without it
 */
export function tokenOfLink(page: string): Signal<string> {
  const token = signal('');
  const { history } = inject(DOCUMENT).defaultView!;
  inject(ActivatedRoute)
    .fragment.pipe(
      filter((fragment) => fragment !== null),
      takeUntilDestroyed(),
    )
    .subscribe((fragment) => {
      token.set(fragment);
      history.replaceState(null, '', page);
    });
  return token.asReadonly();
}
