import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Loaded } from './loaded';

/**
 * What stands where something is read from the server: shapes until it is there, so that nothing looks like none, and
 * the sentence that says why it could not be read.
 */
@Component({
  selector: 'yw-loading',
  template: `
    @if (of().sentence()) {
      <p class="wrong" role="alert">{{ of().sentence() }}</p>
    } @else if (of().value() === null) {
      @for (width of widths(); track $index) {
        <i [style.width.%]="width"></i>
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    i {
      display: block;
      height: 15px;
      margin: 10px 0;
      border-radius: 4px;
      background: var(--hair);
      opacity: 0;
      /* Not before a moment has gone: what is there at once does not flicker. */
      animation: shape 0.2s 0.2s forwards;
    }
    @keyframes shape {
      to {
        opacity: 1;
      }
    }
  `,
  host: { '[attr.aria-busy]': 'lines() > 0 && of().value() === null && !of().sentence()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Loading {
  readonly of = input.required<Pick<Loaded<unknown>, 'value' | 'sentence'>>();
  /** How many lines it will have about; none where a table has shapes of its own. */
  readonly lines = input(0);
  protected readonly widths = computed(() => Array.from({ length: this.lines() }, (_, line) => [38, 92, 74, 86, 55][line % 5]));
}
