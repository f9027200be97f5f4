import { Directive, output } from '@angular/core';

/** Tells of Escape inside something that closes by it; what only closes a list that is open there is not told. */
@Directive({ selector: '[ywEscaped]', host: { '(keydown.escape)': 'tell($event.target)' } })
export class Escaped {
  readonly ywEscaped = output();

  // The list itself hears of the key last, at the foot of the page.
  protected tell(target: EventTarget | null): void {
    if ((target as Element).getAttribute('aria-expanded') !== 'true') this.ywEscaped.emit();
  }
}
