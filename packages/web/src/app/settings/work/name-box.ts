import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterNextRender,
  booleanAttribute,
  input,
  output,
  viewChild,
} from '@angular/core';

/** A name that is typed in its row. Every way out gives it up or takes it: none of its keys reaches the rows. */
@Component({
  selector: 'yw-name-box',
  template: `
    <input
      #box
      class="plain-field"
      type="text"
      maxlength="220"
      autocomplete="off"
      [attr.aria-label]="label()"
      [placeholder]="placeholder()"
      (keydown)="key($event)"
      (click)="$event.stopPropagation()"
      (paste)="paste($event)"
      (blur)="leave($event)"
    />
  `,
  styles: `
    :host {
      flex: 1;
    }
    input {
      box-sizing: border-box;
      width: 100%;
      min-width: 140px;
      min-height: 27px;
      padding: 2px 6px;
      border-color: var(--ink);
      outline: none;
    }
  `,
  host: { '(document:pointerdown)': 'pressed($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NameBox {
  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');
  readonly label = input.required<string>();
  /** What stands in it at first: whatever is read meanwhile, what is typed stays. */
  readonly value = input('');
  readonly placeholder = input('');
  /** Whether typing goes on after what is in it, instead of in place of it. */
  readonly goesOn = input(false, { transform: booleanAttribute });
  /** It was typed, and Enter pressed. */
  readonly entered = output<string>();
  /** One went elsewhere. */
  readonly left = output<string>();
  /** Given up. */
  readonly dropped = output();
  /** One level further in, or out. */
  readonly turned = output<{ readonly inwards: boolean; readonly text: string }>();
  /** A list of several lines. */
  readonly pasted = output<string>();
  private done = false;
  private isPressedElsewhere = false;

  constructor() {
    afterNextRender({
      read: () => {
        const box = this.box().nativeElement;
        box.value = this.value();
        box.focus();
        if (this.goesOn()) box.setSelectionRange(box.value.length, box.value.length);
        else box.select();
      },
    });
  }

  protected key(event: KeyboardEvent): void {
    event.stopPropagation();
    if (event.key === 'Enter' && !event.isComposing) this.give(this.entered);
    else if (event.key === 'Escape') {
      this.done = true;
      this.dropped.emit();
    } else if (event.key === 'Tab') this.turned.emit({ inwards: !event.shiftKey, text: this.box().nativeElement.value });
    else return;
    event.preventDefault();
  }

  protected paste(event: ClipboardEvent): void {
    event.stopPropagation();
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!/\S[^\S\n\r]*[\r\n]+\s*\S/.test(text)) return;
    event.preventDefault();
    this.done = true;
    this.pasted.emit(text);
  }

  protected pressed({ target }: Event): void {
    this.isPressedElsewhere = target !== this.box().nativeElement;
  }

  /** Whoever presses elsewhere or goes there has left. A row that only finds another place takes its box along, with who is in it. */
  protected leave({ relatedTarget }: FocusEvent): void {
    if (relatedTarget !== null || this.isPressedElsewhere) return this.give(this.left);
    setTimeout(() => !this.done && this.box().nativeElement.focus());
  }

  protected give(to: { emit(text: string): void }): void {
    if (this.done) return;
    this.done = true;
    to.emit(this.box().nativeElement.value);
  }
}
