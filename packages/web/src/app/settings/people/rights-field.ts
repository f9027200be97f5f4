import { ChangeDetectionStrategy, Component, computed, inject, input, model } from '@angular/core';
import { Exceptions, PERMISSIONS, Permission, Reach, Rights, mayGiveRights, reachesOf } from '@yellowwood/core';
import { Choice, ChoiceField } from '../../ui/form/choice-field';
import { RIGHT_WORDS, reachWords } from '../../words/rights';
import { OwnWords } from '../../state/own-words';

const NONE = 'none';
const AS_GIVEN = '';

/** Rights, each with how far it reaches; also those that stand instead of what roles give. */
@Component({
  selector: 'yw-rights-field',
  imports: [ChoiceField],
  template: `
    @for (one of rows(); track one.permission) {
      <yw-choice-field [label]="one.word" [choices]="one.choices" [value]="one.value" (chosen)="choose(one.permission, $event)" />
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
      gap: 10px 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RightsField {
  private readonly say = inject(OwnWords).say;
  readonly value = model.required<Exceptions>();
  /** What roles give, where these stand instead of it; null where they are all that there is. */
  readonly given = input<Rights | null>(null);
  /** What one may oneself: nobody gives more. */
  readonly mine = input.required<Rights>();
  protected readonly rows = computed(() =>
    PERMISSIONS.map((permission) => {
      const value = this.value()[permission];
      const given = this.given();
      const reaches = reachesOf(permission).filter(
        (reach) => reach === value || mayGiveRights(this.mine(), { [permission]: reach }),
      );
      const choices: Choice[] = [
        ...(given ? [{ value: AS_GIVEN, word: this.say(`by roles: ${reachWords(permission, given[permission])}`) }] : []),
        { value: NONE, word: reachWords(permission, null) },
        ...reaches.map((reach) => ({ value: reach, word: this.say(reachWords(permission, reach)) })),
      ];
      return {
        permission,
        word: this.say(RIGHT_WORDS[permission]),
        choices,
        value: value ?? (given && value === undefined ? AS_GIVEN : NONE),
      };
    }),
  );

  protected choose(permission: Permission, chosen: string): void {
    const { [permission]: _, ...others } = this.value();
    if (chosen === AS_GIVEN || (chosen === NONE && !this.given())) this.value.set(others);
    else this.value.set({ ...others, [permission]: chosen === NONE ? null : (chosen as Reach) });
  }
}
