import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import type { Choice } from './choice-field';
import { Field } from './field';
import { SayPipe } from '../../state/own-words';

/** A choice of one of two or three that all stand there: one stop of Tab, arrows inside. */
@Component({
  selector: 'yw-toggle-field',
  imports: [MatButtonToggle, MatButtonToggleGroup, SayPipe],
  template: `
    @if (!bare()) {
      <span class="label" [id]="id">{{ label() | say }}</span>
    }
    <mat-button-toggle-group
      hideSingleSelectionIndicator
      [value]="value()"
      [attr.aria-label]="bare() ? (label() | say) : null"
      [attr.aria-labelledby]="bare() ? null : id"
      (change)="choose($event.value)"
    >
      @for (one of choices(); track one.value) {
        <mat-button-toggle [value]="one.value">{{ one.word }}</mat-button-toggle>
      }
    </mat-button-toggle-group>
  `,
  styles: `
    :host {
      display: flex;
      align-items: center;
      gap: 8px;
    }
    .label {
      font-size: 13px;
      color: var(--ink-2);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToggleField extends Field<string> {
  readonly value = model('');
  protected readonly empty = '';
  readonly choices = input.required<readonly Choice[]>();
  readonly chosen = output<string>();

  protected choose(value: string): void {
    this.give(value);
    this.chosen.emit(value);
  }
}
