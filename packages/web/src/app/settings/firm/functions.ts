import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { KnownShape } from '@yellowwood/contracts';
import type { FirmFunction } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionActions, sessionFeature } from '../../state/session';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { Notices } from '../../ui/notices';
import { FunctionsForm } from './functions-form';
import { ShapeForm } from './shape-form';
import { WhatIsThere } from './what-is-there';

/** What the firm uses, and what it says of itself. */
@Component({
  selector: 'yw-functions',
  imports: [FunctionsForm, History, Loading, ShapeForm, WhatIsThere],
  templateUrl: './functions.html',
  styleUrls: ['../setting.scss', './functions.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FunctionsScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly notices = inject(Notices);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly address = inject(Address);
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readShape'),
  );
  /** As the switches stand; what is seen small beside them. */
  protected readonly wished = signal<readonly FirmFunction[] | null>(null);

  protected take(saved: KnownShape): void {
    this.notices.done(saved.version === this.known.value()?.version ? 'Nothing to change' : 'Saved');
    this.known.set(saved);
    const me = this.me()!;
    this.store.dispatch(sessionActions.meRead({ me: { ...me, firm: { ...me.firm, off: saved.off } } }));
  }
}
