import { DOCUMENT, DestroyRef, Injectable, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { filter, fromEvent, interval, merge } from 'rxjs';

const SECONDS = 15;

/**
 * When screens read again: every 15 seconds while the page is looked at, when it is looked at again,
 * after an own write, and when another window of this browser has written.
 */
@Injectable({ providedIn: 'root' })
export class Refresh {
  private readonly document = inject(DOCUMENT);
  private readonly channel = new BroadcastChannel('yellowwood');
  private readonly count = signal(0);
  private ended = false;
  /** Changes whenever what is shown may be old. */
  readonly tick = this.count.asReadonly();

  constructor() {
    merge(
      interval(SECONDS * 1000).pipe(filter(() => this.document.visibilityState === 'visible')),
      fromEvent(this.document.defaultView!, 'focus'),
      fromEvent(this.channel, 'message'),
    )
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.again());
    inject(DestroyRef).onDestroy(() => {
      this.ended = true;
      this.channel.close();
    });
  }

  /** Something was written here: read again, and let the other windows read again. */
  written(): void {
    this.again();
    // What was on its way when the page was left is told to nobody: a closed channel refuses it.
    if (!this.ended) this.channel.postMessage('written');
  }

  private again(): void {
    this.count.update((count) => count + 1);
  }
}
