import { Directive, output } from '@angular/core';

/** What is left by Escape, a form or what opened; a list that is open in it is closed first, and nothing typed is lost with it. */
@Directive({ selector: '[ywLeave]', host: { '(keydown.escape)': 'leave($event.target)' } })
export class Leaves {
  readonly ywLeave = output();

  protected leave(from: EventTarget | null): void {
    // The list closes itself, after this.
    if (!(from as Element).closest('[role="combobox"][aria-expanded="true"]')) this.ywLeave.emit();
  }
}
