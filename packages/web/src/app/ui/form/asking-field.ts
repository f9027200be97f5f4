import { Directive, Signal, computed, effect, inject, untracked } from '@angular/core';
import { WorkFinder } from '../work-finder';
import { WorkNames } from '../work-names';
import { FindField, Findable } from './find-field';

/**
 * Finds one of as many things as a firm may have: it is looked for on the server. Before anything is typed it lists what is
 * known here; where the server cannot be asked, it finds among that.
 */
@Directive()
export abstract class AskingField<T> extends FindField<T> {
  protected readonly names = inject(WorkNames);
  protected abstract readonly finder: WorkFinder;
  /** One thing as it is found; null where it is not known. */
  protected abstract findable(scope: string): Findable<T> | null;

  protected override readonly found: Signal<readonly Findable<T>[]> = computed(() => {
    const answer = this.finder.answer();
    // While nothing is known of it yet, what was listed before stands.
    if ((this.typed() ?? '').trim() === '') return this.foundHere();
    return answer?.found ? this.inOrder(answer.found) : answer ? this.foundHere() : [];
  });
  protected override readonly busy = computed(() => {
    const typed = (this.typed() ?? '').trim();
    return typed !== '' && this.finder.answer()?.words !== typed;
  });

  constructor() {
    super();
    effect(() => {
      const typed = this.typed() ?? '';
      untracked(() => this.finder.look(typed));
    });
  }

  protected override async foundOf(typed: string): Promise<readonly Findable<T>[]> {
    const found = await this.finder.of(typed);
    return found ? this.inOrder(found) : this.foundHere();
  }

  /** What was found as it is listed, in its order. */
  protected inOrder(scopes: readonly string[]): readonly Findable<T>[] {
    return scopes.map((scope) => this.findable(scope)).filter((one) => one !== null);
  }
}
