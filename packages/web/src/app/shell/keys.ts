import { DOCUMENT, Injectable, inject } from '@angular/core';
import { NavigationEnd, NavigationSkipped, Router } from '@angular/router';
import { filter, switchMap, take } from 'rxjs';
import { Dialogs } from '../ui/dialogs';
import { focusWhenThere } from '../ui/focus-when-there';

const ID = 'keys';

/** What is worked on at a step: its grid or its list. */
const WORK = 'main [role="gridcell"][tabindex="0"], main tr[tabindex="0"]';

/** The parts of the page, and where one comes into each: the first of these that is there. */
const REGIONS: readonly { readonly of: string; readonly to: readonly string[] }[] = [
  { of: 'yw-step-rail', to: ['[aria-current]', 'a'] },
  { of: 'yw-scope-tree', to: ['[role="treeitem"][tabindex="0"]'] },
  { of: 'main', to: ['[role="gridcell"][tabindex="0"]', 'tr[tabindex="0"]', 'button, a[href], input'] },
  { of: 'yw-why-panel', to: ['[data-first] input', '[data-first]', 'button:not(.fold), a[href], input', '.fold'] },
  { of: 'yw-timer-dock', to: ['.main'] },
];

/** The keys that act from everywhere: they have a modifier or are function keys, but for `?`, which shows all keys where no text is typed. */
@Injectable({ providedIn: 'root' })
export class Keys {
  private readonly dialogs = inject(Dialogs);
  private readonly document = inject(DOCUMENT);
  private readonly router = inject(Router);

  async show(): Promise<void> {
    await this.dialogs.open(() => import('./keys-dialog').then(({ KeysDialog }) => KeysDialog), { id: ID });
  }

  pressed(event: KeyboardEvent): void {
    if (event.defaultPrevented || this.document.querySelector('.cdk-overlay-container [aria-modal="true"]')) return;
    if (this.act(event)) event.preventDefault();
  }

  /** @returns whether it is one of the keys that act from everywhere */
  private act(event: KeyboardEvent): boolean {
    const { key, code, shiftKey, altKey, target } = event;
    const control = event.ctrlKey || event.metaKey;
    const typing = target instanceof Element && target.closest('input, textarea, select, [contenteditable="true"]') !== null;
    if (altKey) return false;
    if (control && shiftKey && /^Digit[1-5]$/.test(code)) return this.goTo(Number(code.slice(5)) - 1);
    if (control && key === 'Enter' && !typing) return this.press('main [data-main]');
    if (control) return false;
    if (key === 'F6') return this.region(shiftKey ? -1 : 1);
    if (key === 'F9') return this.press('yw-timer-dock .main');
    if (key !== '?' || typing) return false;
    void this.show();
    return true;
  }

  private press(selector: string): boolean {
    const button = this.document.querySelector<HTMLButtonElement>(`${selector}:not(:disabled)`);
    button?.click();
    return button !== null;
  }

  /** To a step, and on to what is worked on there. */
  private goTo(step: number): boolean {
    const link = this.document.querySelectorAll<HTMLElement>('yw-step-rail nav a')[step];
    if (!link) return false;
    this.router.events
      .pipe(
        filter((event) => event instanceof NavigationEnd || event instanceof NavigationSkipped),
        take(1),
        // The list may still be on its way.
        switchMap(() => focusWhenThere(() => this.document.querySelector<HTMLElement>(WORK), 600)),
      )
      .subscribe();
    link.click();
    return true;
  }

  /** The next part of the page, or the one before. */
  private region(by: 1 | -1): boolean {
    const parts = REGIONS.flatMap(({ of, to }) => {
      const region = this.document.querySelector(of);
      const stop = to.map((one) => region?.querySelector<HTMLElement>(one)).find((one) => !!one && one.offsetParent !== null);
      return region && stop ? [{ region, stop }] : [];
    });
    const here = this.document.activeElement;
    // Who stands at the door of a part comes into it first.
    const door = parts.findIndex(({ region }) => region === here);
    const at = door < 0 ? parts.findIndex(({ region }) => region.contains(here)) : door - by;
    // From nowhere one comes to the work.
    const work = parts.findIndex(({ region }) => region.tagName === 'MAIN');
    const next = parts[at < 0 && door < 0 ? work : (at + by + parts.length) % parts.length];
    next?.stop.focus();
    if (next?.stop instanceof HTMLInputElement) next.stop.select();
    return next !== undefined;
  }
}
