import { DOCUMENT, Injectable, afterEveryRender, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { InteractivityChecker } from '@angular/cdk/a11y';
import { delay, filter, fromEvent } from 'rxjs';

/** An element, and which child of its parent leads to what had the focus. */
interface Step {
  readonly element: Element;
  readonly index: number;
}

/**
 * Keeps the focus in the page. When what had it is gone (a row that was approved, a form that closed, a dialog over
 * what is gone), whoever works by keyboard or hears the page would start again at its top; so it goes to what took
 * its place, or else to what is nearest.
 */
@Injectable({ providedIn: 'root' })
export class KeepFocus {
  private readonly document = inject(DOCUMENT);
  private readonly checker = inject(InteractivityChecker);
  /** From what had the focus outwards. */
  private way: Step[] = [];
  /** What has the focus over the page: in a notice, a menu, a dialog. */
  private over: Element | null = null;

  constructor() {
    fromEvent<FocusEvent>(this.document, 'focusin')
      .pipe(takeUntilDestroyed())
      .subscribe(({ target }) => this.remember(target as Element));
    fromEvent<FocusEvent>(this.document, 'focusout')
      .pipe(
        filter(({ relatedTarget }) => relatedTarget === null),
        delay(0),
        takeUntilDestroyed(),
      )
      .subscribe(({ target }) => this.letGo(target as Element));
    // After all else that is done once it is drawn: what opened may take the focus itself.
    afterEveryRender({ read: () => queueMicrotask(() => this.check()) });
  }

  private remember(target: Element): void {
    // What opens over the page gives the focus back to the page.
    this.over = target.closest('.cdk-overlay-container') ? target : null;
    if (this.over) return;
    this.way = [];
    for (let element: Element | null = target; element && element !== this.document.body; element = element.parentElement) {
      const index = element.parentElement ? [...element.parentElement.children].indexOf(element) : 0;
      this.way.push({ element, index });
    }
  }

  /** Somebody who presses beside everything has let go of what had the focus, and it is not brought back. */
  private letGo(target: Element): void {
    if (this.lost() && target === this.way[0]?.element && target.isConnected && this.holds(target)) this.way = [];
  }

  private lost(): boolean {
    const { activeElement, body } = this.document;
    return !activeElement || activeElement === body;
  }

  private check(): void {
    if (this.way.length === 0 || !this.lost()) return;
    if (this.document.querySelector('.cdk-overlay-container [aria-modal="true"]')) return;
    const { element } = this.way[0]!;
    const there = element.isConnected && this.holds(element);
    if (there && this.over && !this.over.isConnected) (element as HTMLElement).focus();
    else if (!there) this.nearest()?.focus({ preventScroll: this.scrolls() });
  }

  /** Whether what had the focus stood in what scrolls by itself. */
  private scrolls(): boolean {
    return this.way.some(({ element }) => element.classList.contains('cdk-virtual-scrollable'));
  }

  private nearest(): HTMLElement | null {
    const at = this.way.findIndex(({ element }) => element.isConnected);
    if (at < 0) return this.document.getElementById('work');
    // What scrolls draws only what is in sight: a row that was scrolled away is not gone, and nothing is brought back for it.
    const scroller = this.way[at]!.element.closest<HTMLElement>('.cdk-virtual-scrollable');
    if (scroller) return scroller;
    for (let step = at; step < this.way.length; step += 1) {
      const { element } = this.way[step]!;
      const children = [...element.children];
      // What stands where the way went on now, what comes after it, and then what came before it.
      const place = step === 0 ? 0 : this.way[step - 1]!.index;
      for (const child of [...children.slice(place), ...children.slice(0, place).reverse()]) {
        const found = this.firstIn(child);
        if (found) return found;
      }
      if (this.takes(element)) return element as HTMLElement;
    }
    return this.document.getElementById('work');
  }

  private firstIn(element: Element): HTMLElement | null {
    if (this.takes(element)) return element as HTMLElement;
    const stops = element.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, [tabindex]');
    return [...stops].find((one) => this.takes(one)) ?? null;
  }

  /** Whether one comes to it by keys. */
  private takes(element: Element): boolean {
    return (element as HTMLElement).tabIndex >= 0 && this.holds(element);
  }

  /** Whether it can have the focus: what one is only led to, the work itself or a cell beside the caret, can as well. */
  private holds(element: Element): boolean {
    const one = element as HTMLElement;
    return (
      one.matches('a[href], button, input, select, textarea, [tabindex]') &&
      this.checker.isVisible(one) &&
      !this.checker.isDisabled(one)
    );
  }
}
