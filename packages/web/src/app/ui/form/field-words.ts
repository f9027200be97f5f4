import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { SayPipe } from '../../state/own-words';

/** What stands below a field: what it was read as, and what is wrong with it. */
@Component({
  selector: 'yw-field-words',
  imports: [SayPipe],
  template: `
    @if (hint()) {
      <p class="hint" role="status" [id]="of() + '-hint'">{{ hint() | say }}</p>
    }
    @if (wrong()) {
      <p class="field-error" role="alert" [id]="of() + '-wrong'">{{ wrong() | say }}</p>
    }
  `,
  styles: `
    :host {
      display: contents;
    }
    .hint {
      font-size: 13px;
      color: var(--field-label, var(--ink-2));
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FieldWords {
  /** The field's id. */
  readonly of = input.required<string>();
  readonly hint = input.required<string>();
  readonly wrong = input.required<string>();
}
