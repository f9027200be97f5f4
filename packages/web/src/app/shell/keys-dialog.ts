import { ChangeDetectionStrategy, Component } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogModule } from '@angular/material/dialog';

/** Every key of the product, in one place. They act only while their list or grid has the focus. */
const KEYS: readonly { readonly place: string; readonly keys: readonly (readonly [key: string, does: string])[] }[] = [
  {
    place: 'In the week grid',
    keys: [
      ['Arrows, Home, End', 'move'],
      ['a figure', 'replaces what is in the cell'],
      ['F2 or Enter', 'edits the cell, or opens its entries'],
      ['Enter, Tab', 'keep and go down, go right; Enter after Tab goes on below where the row began'],
      ['Escape', 'leaves the cell as it was, or lets go of what was refused'],
      ['Delete', 'empties the cell, or the block in one step'],
      ['Shift with arrows', 'marks a block'],
      ['Ctrl+C, Ctrl+V', 'copy from and to a spreadsheet'],
      ['Ctrl+Z', 'undoes'],
    ],
  },
  {
    place: 'In every list',
    keys: [
      ['Arrows, Page, Home, End', 'move'],
      ['Up from the first row', 'to the heads; letters lead to one, Enter sorts by it'],
      ['Enter', 'opens what the row is'],
    ],
  },
  {
    place: 'In the review list',
    keys: [
      ['F8', 'next that needs a look'],
      ['Ctrl+Enter', 'approves the week'],
      ['Ctrl+Backspace', 'returns the week, with a reason'],
    ],
  },
  {
    place: 'In the list of entries without a rate',
    keys: [['Space', 'chooses an entry, to price many together']],
  },
  {
    place: 'In the tree',
    keys: [
      ['Arrows, Home, End, letters', 'move'],
      ['Right, Left', 'open and close'],
      ['Enter', 'narrows every step to it'],
    ],
  },
  {
    place: 'Everywhere',
    keys: [
      ['Ctrl+Shift+1 to 5', 'to a step, and into its list or grid'],
      ['F6, Shift+F6', 'to the next part of the page, to the one before'],
      ['Ctrl+Enter', 'the main button of the step: submits, approves what is clean, issues'],
      ['F9', 'starts the timer, or stops it'],
      ['?', 'shows the keys, where no text is typed'],
    ],
  },
  {
    place: 'In a form',
    keys: [
      ['Enter', 'saves'],
      ['Escape', 'leaves it'],
    ],
  },
];

@Component({
  selector: 'yw-keys-dialog',
  imports: [MatButton, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Keys</h2>
    <mat-dialog-content>
      @for (group of groups; track group.place) {
        <h3>{{ group.place }}</h3>
        <dl>
          @for (key of group.keys; track key[0]) {
            <dt>{{ key[0] }}</dt>
            <dd>{{ key[1] }}</dd>
          }
        </dl>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end"><button mat-flat-button mat-dialog-close>Close</button></mat-dialog-actions>
  `,
  styles: `
    h3 {
      margin-top: 10px;
    }
    dl {
      display: grid;
      grid-template-columns: 170px 1fr;
      gap: 2px 16px;
      margin: 4px 0;
    }
    dt {
      color: var(--ink-2);
    }
    dd {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeysDialog {
  protected readonly groups = KEYS;
}
