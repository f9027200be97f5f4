import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { sessionFeature } from '../state/session';
import { WhoseWeek } from './whose-week';
import { CellDraft } from './week-model';

/** What was typed into cells and is not stored, while its person looks at something else. */
@Injectable({ providedIn: 'root' })
export class ParkedCells {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  private readonly week = inject(WhoseWeek);
  private readonly kept = new Map<string, readonly CellDraft[]>();

  /** Takes what was kept of the week that is shown now, and @returns how what is left of it is kept later. */
  open(take: (drafts: readonly CellDraft[]) => void): (drafts: readonly CellDraft[]) => void {
    const whose = this.whose();
    take(this.kept.get(whose) ?? []);
    this.kept.delete(whose);
    return (drafts) => this.kept.set(whose, drafts);
  }

  private whose(): string {
    const me = this.me();
    return me ? `${me.firm.slug} ${me.person.id} ${this.week.looked() ?? ''}` : '';
  }
}
