import { Injectable, inject } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';

const ID = 'keys';

/** Shows every key of the product: from the menu, and by `?` from wherever no text is typed. */
@Injectable({ providedIn: 'root' })
export class Keys {
  private readonly dialog = inject(MatDialog);

  async show(): Promise<void> {
    const { KeysDialog } = await import('./keys-dialog');
    if (!this.dialog.getDialogById(ID)) this.dialog.open(KeysDialog, { id: ID });
  }

  pressed(event: KeyboardEvent): void {
    const { key, ctrlKey, metaKey, altKey, target } = event;
    if (key !== '?' || ctrlKey || metaKey || altKey || event.defaultPrevented) return;
    if (target instanceof Element && target.closest('input, textarea, select, [contenteditable="true"]')) return;
    event.preventDefault();
    void this.show();
  }
}
