import { ChangeDetectionStrategy, Component, effect, input } from '@angular/core';
import { Command } from './command';

/** Where a command tells why it was not done: beside what was pressed, until another one begins. */
@Component({
  selector: 'yw-failure',
  template: `
    @if (of().sentence()) {
      <p class="field-error" role="alert">{{ of().sentence() }}</p>
    }
  `,
  styles: ':host { display: block; } .field-error { color: var(--failure, var(--clay)); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Failure {
  readonly of = input.required<Command>();

  constructor() {
    effect((onCleanup) => onCleanup(this.of().placed()));
  }
}
