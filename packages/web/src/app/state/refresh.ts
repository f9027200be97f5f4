import { DOCUMENT, Injectable, inject, signal } from '@angular/core';

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
  /** Changes whenever what is shown may be old. */
  readonly tick = this.count.asReadonly();

  constructor() {
    const again = () => this.count.update((count) => count + 1);
    setInterval(() => this.document.visibilityState === 'visible' && again(), SECONDS * 1000);
    this.document.defaultView?.addEventListener('focus', again);
    this.channel.addEventListener('message', again);
  }

  /** Something was written here: read again, and let the other windows read again. */
  written(): void {
    this.count.update((count) => count + 1);
    this.channel.postMessage('written');
  }
}
