import { FocusableOption } from '@angular/cdk/a11y';
import { Directive, ElementRef, inject, input } from '@angular/core';

/** A line of a tree, as arrows and letters lead to it. */
@Directive({ selector: '[ywTreeLine]', host: { role: 'treeitem' } })
export class TreeLine implements FocusableOption {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly ywTreeLine = input.required<string>();
  /** What letters lead to: the name without accents. */
  readonly letters = input.required<string>();

  focus(): void {
    this.host.nativeElement.focus();
  }

  intoView(): void {
    this.host.nativeElement.scrollIntoView({ block: 'nearest' });
  }

  getLabel(): string {
    return this.letters();
  }
}
