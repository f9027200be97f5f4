import { Injectable, computed, inject, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';

/** Whose week is shown on Record: as a rule one's own, else that of somebody who is looked at. */
@Injectable({ providedIn: 'root' })
export class WhoseWeek {
  private readonly address = inject(Address);
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  /** Who is looked at; null for the own week. */
  readonly looked = computed(() => (this.address.as() === this.me()?.person.id ? null : this.address.as()));
  /** What a reading is asked with. */
  readonly query = computed(() => ({ ...(this.looked() && { person: this.looked()! }) }));
  /** Why somebody else's time is changed: nothing of it is, before it is said. */
  readonly reason = linkedSignal({ source: this.looked, computation: () => '' });

  /** Back to the own week. */
  leave(): void {
    void this.address.set({ as: null, sel: null });
  }
}
