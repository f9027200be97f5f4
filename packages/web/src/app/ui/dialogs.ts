import { Injectable, Injector, Type, inject } from '@angular/core';
import type { MatDialogConfig } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import { fetchAhead, once } from './fetch-ahead';
import { Notices } from './notices';

export const loadDialogs = once(() => import('@angular/material/dialog'));

/** Opens what stands over the page until it is answered; dialogs come to the browser only when one is wanted, or some seconds in. */
@Injectable({ providedIn: 'root' })
export class Dialogs {
  private readonly injector = inject(Injector);
  private readonly notices = inject(Notices);
  private isComing = false;

  constructor() {
    fetchAhead(loadDialogs);
  }

  /**
   * @param component fetched when it is wanted
   * @returns what the dialog was closed with; undefined where it was let go of, or where another one was on its way or open already
   */
  async open<R, D = unknown>(component: () => Promise<Type<unknown>>, config: MatDialogConfig<D> = {}): Promise<R | undefined> {
    // A second press while the first one's dialog is being fetched opens none over it.
    if (this.isComing) return undefined;
    this.isComing = true;
    const parts = await Promise.all([loadDialogs(), component()])
      .catch((error: unknown) => this.notices.failed(error))
      .finally(() => (this.isComing = false));
    if (!parts) return undefined;
    const [{ MatDialog }, content] = parts;
    const dialog = this.injector.get(MatDialog);
    if (config.id && dialog.getDialogById(config.id)) return undefined;
    return firstValueFrom(dialog.open<unknown, D, R>(content, config).afterClosed());
  }
}
