import { Injectable, Pipe, PipeTransform, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { inOwnWords } from '@yellowwood/core';
import { sessionFeature } from './session';

/** Says a sentence of ours in somebody's words. */
export type Say = (text: string) => string;

/** The words of the firm that is open. */
@Injectable({ providedIn: 'root' })
export class OwnWords {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  private readonly words = computed(() => this.me()?.firm.words ?? {});
  /** What was said in these words already: the same sentences are drawn again and again. */
  private readonly said = computed(() => (this.words(), new Map<string, string>()));

  /**
   * A sentence of ours in the words of the firm. What people have named does not go through here: it comes into the
   * sentence afterwards.
   */
  readonly say: Say = (text) => {
    const said = this.said();
    const known = said.get(text);
    if (known !== undefined) return known;
    const own = inOwnWords(text, this.words());
    said.set(text, own);
    return own;
  };
}

/** A sentence of ours in the words of the firm: `{{ 'Clients, projects and tasks' | say }}`. Impure: it is drawn anew with the words. */
@Pipe({ name: 'say', pure: false })
export class SayPipe implements PipeTransform {
  private readonly words = inject(OwnWords);

  transform(text: string): string {
    return this.words.say(text);
  }
}
