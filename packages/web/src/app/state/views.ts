import { Injectable, Signal, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { View } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { sessionActions, sessionFeature } from './session';

const AS_IT_COMES: View = { columns: null, sort: null, group: null };

/** How the person has each table, kept with the person. */
@Injectable({ providedIn: 'root' })
export class Views {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);

  of(name: () => string): Signal<View> {
    return computed(() => this.me()?.views[name()] ?? AS_IT_COMES);
  }

  /** Shows a table so from now on. */
  show(name: string, view: View): void {
    this.store.dispatch(sessionActions.viewKept({ name, view }));
  }

  /** Keeps it for next time, here and everywhere. */
  async keep(name: string, view: View): Promise<void> {
    await this.api.call('keepView', { params: { name }, body: view });
  }
}
