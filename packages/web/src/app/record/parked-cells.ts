import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { sessionFeature } from '../state/session';
import { CellDraft } from './week-model';

/** What was typed into cells and is not stored, while its person looks at something else. */
@Injectable({ providedIn: 'root' })
export class ParkedCells {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  private readonly kept = new Map<string, readonly CellDraft[]>();

  keep(drafts: readonly CellDraft[]): void {
    this.kept.set(this.whose(), drafts);
  }

  take(): readonly CellDraft[] {
    const drafts = this.kept.get(this.whose()) ?? [];
    this.kept.delete(this.whose());
    return drafts;
  }

  private whose(): string {
    const me = this.me();
    return me ? `${me.firm.slug} ${me.person.id}` : '';
  }
}
