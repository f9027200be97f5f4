import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import { RecordWay, inOrderOfWays } from '@yellowwood/core';
import { WAY_WORDS } from '../../state/ways';
import { Field } from './field';
import { FieldWords } from './field-words';
import { SayPipe } from '../../state/own-words';

/** The ways in which time is recorded: at least one of them. */
@Component({
  selector: 'yw-ways-field',
  imports: [FieldWords, SayPipe],
  template: `
    <fieldset [attr.aria-describedby]="describedBy()">
      <legend [class.cdk-visually-hidden]="bare()">{{ label() | say }}</legend>
      @for (one of all; track one.value) {
        <label>
          <input
            #box
            type="checkbox"
            [checked]="value().includes(one.value)"
            [disabled]="off()"
            (change)="turn(one.value, box.checked)"
          />
          {{ one.word }}
        </label>
      }
    </fieldset>
    <yw-field-words [of]="id" [hint]="hint()" [wrong]="wrong()" />
  `,
  styleUrl: './field.scss',
  styles: `
    fieldset {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 16px;
      border: 0;
      margin: 0;
      padding: 0;
    }
    label {
      display: flex;
      gap: 8px;
      align-items: center;
      font-size: 15px;
      color: var(--ink);
    }
    input {
      width: 18px;
      height: 18px;
      margin: 0;
      accent-color: var(--heart);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WaysField extends Field<readonly RecordWay[]> {
  readonly value = model<readonly RecordWay[]>([]);
  /** Whether it only shows what holds. */
  readonly off = input(false);
  protected readonly empty = [];
  protected readonly all = WAY_WORDS;

  protected turn(way: RecordWay, on: boolean): void {
    this.give(inOrderOfWays([...this.value().filter((one) => one !== way), ...(on ? [way] : [])]));
    this.check();
  }

  protected override unread(): string {
    return this.value().length === 0 ? 'Leave at least one way to record.' : '';
  }
}
