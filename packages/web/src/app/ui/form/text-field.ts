import { CdkTextareaAutosize } from '@angular/cdk/text-field';
import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  booleanAttribute,
  computed,
  input,
  model,
  output,
  viewChild,
} from '@angular/core';

let count = 0;

/**
 * Words, a number, a time or a length, typed as one likes: with its label, what it was read as, and its error where it
 * stands. What is typed stays as it is typed; whoever has the field reads it.
 */
@Component({
  selector: 'yw-text-field',
  imports: [CdkTextareaAutosize],
  templateUrl: './text-field.html',
  styles: `
    :host {
      display: grid;
      gap: 3px;
      align-content: start;
      min-width: 0;
    }
    label,
    .hint {
      font-size: 13px;
      color: var(--field-label, var(--ink-2));
    }
    textarea {
      resize: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextField {
  private readonly box = viewChild.required<ElementRef<HTMLInputElement | HTMLTextAreaElement>>('box');
  protected readonly id = `text-${(count += 1)}`;
  readonly value = model.required<string>();
  readonly label = input.required<string>();
  /** Whether the label is for those alone who do not see the field. */
  readonly bare = input(false, { transform: booleanAttribute });
  readonly type = input<'text' | 'email' | 'password'>('text');
  readonly name = input('');
  readonly autocomplete = input('off');
  /** Whether a pad of figures is brought up where there are no keys. */
  readonly figures = input(false, { transform: booleanAttribute });
  readonly longest = input<number | null>(null);
  /** How many lines it shows at least. */
  readonly lines = input(1);
  readonly placeholder = input('');
  /** What it was read as, or what will happen. */
  readonly hint = input('');
  readonly error = input('');
  /** Whether a dialog that holds it begins here. */
  readonly initial = input(false, { transform: booleanAttribute });
  /** What was typed, once one goes elsewhere. */
  readonly settled = output<string>();
  readonly entered = output<Event>();
  protected readonly describedBy = computed(
    () => [this.hint() ? `${this.id}-hint` : '', this.error() ? `${this.id}-wrong` : ''].filter(Boolean).join(' ') || null,
  );

  focus(): void {
    this.box().nativeElement.focus();
  }

  select(): void {
    this.box().nativeElement.select();
  }
}
