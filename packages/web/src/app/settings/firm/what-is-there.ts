import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { FIRM_FUNCTIONS, FirmFunction, ROLE_RIGHTS, Role } from '@yellowwood/core';
import { stepsFor } from '../../state/functions';
import { STEP_WORDS } from '../../state/words';
import { ToggleField } from '../../ui/form/toggle-field';
import { FUNCTION_WORDS } from '../../words/functions';

/** What people will see of the product, drawn small, and told: for the owner, a manager, and staff. */
@Component({
  selector: 'yw-what-is-there',
  imports: [ToggleField],
  templateUrl: './what-is-there.html',
  styleUrl: './what-is-there.scss',
  host: { role: 'region', 'aria-label': 'What will be there' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhatIsThere {
  readonly off = input.required<readonly FirmFunction[]>();
  protected readonly people = [
    { value: 'owner', word: 'You' },
    { value: 'manager', word: 'A manager' },
    { value: 'staff', word: 'Staff' },
  ];
  protected readonly who = signal('owner');
  protected readonly rights = computed(() => ROLE_RIGHTS[this.who() as Role]);
  protected readonly steps = computed(() => stepsFor(this.rights(), new Set(this.off())).map((step) => STEP_WORDS[step]!));
  protected readonly outOfSight = computed(() =>
    FIRM_FUNCTIONS.filter((one) => this.off().includes(one)).map((one) => FUNCTION_WORDS[one].word.toLowerCase()),
  );
  protected readonly figures = computed(() => {
    const rights = this.rights();
    return [
      'hours',
      ...(rights['cost.read'] && this.has('cost') ? ['cost and margin'] : []),
      ...(rights['values.read'] && this.has('invoices') ? ['billed and unbilled'] : []),
    ].join(', ');
  });
  /** How far in each line of the tree stands; people stand out. */
  protected readonly tree = computed(() => [
    ...[0, 6, 12, 6, 0, 6],
    ...(this.has('people') && this.rights()['time.read'] !== 'own' ? [-1, -1] : []),
  ]);

  protected has(one: FirmFunction): boolean {
    return !this.off().includes(one);
  }
}
