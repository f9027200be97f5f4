import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sessionActions, sessionFeature } from './session';

/** Whether one is shown the first steps: kept with the person, and found again in their menu. */
@Injectable({ providedIn: 'root' })
export class GuideShown {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);

  async show(shown: boolean): Promise<void> {
    await this.api.call('changeGuide', { body: { shown } });
    this.store.dispatch(sessionActions.meRead({ me: { ...this.me()!, guide: shown } }));
  }
}
