import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** Those who were chosen, by name, each to be taken out again. */
@Component({
  selector: 'yw-names-list',
  template: `
    <ul [attr.aria-label]="label()">
      @for (one of people(); track one.id) {
        <li>
          {{ one.name }}
          <button class="link" type="button" [attr.aria-label]="'Take ' + one.name + ' out'" (click)="taken.emit(one.id)">
            take out
          </button>
        </li>
      } @empty {
        <li class="quiet">{{ empty() }}</li>
      }
    </ul>
  `,
  styles: `
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      max-height: 220px;
      overflow: auto;
    }
    li {
      display: flex;
      justify-content: space-between;
      gap: 10px;
      padding: 4px 0;
      border-bottom: 1px solid var(--hair);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NamesList {
  readonly label = input.required<string>();
  readonly people = input.required<readonly { readonly id: string; readonly name: string }[]>();
  /** What is told where there is nobody. */
  readonly empty = input.required<string>();
  readonly taken = output<string>();
}
