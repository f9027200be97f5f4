import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ROLES, Role } from '@yellowwood/core';
import type { Staff } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ToggleField } from '../../ui/form/toggle-field';
import { ROLE_WORDS } from './roles';

type Person = Staff['people'][number];

/** Gives many people roles at once; who gains and who loses what is said before. */
@Component({
  selector: 'yw-many-roles',
  imports: [Failure, MatButton, ToggleField],
  templateUrl: './many-roles.html',
  styleUrl: './many-roles.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ManyRoles {
  private readonly api = inject(Api);
  readonly people = input.required<readonly Person[]>();
  /** The roles that one may give. */
  readonly roles = input.required<readonly Role[]>();
  readonly done = output();
  protected readonly command = command();
  /** Whether the roles come instead of what they have. */
  protected readonly replaces = signal(false);
  protected readonly given = signal<readonly Role[]>([]);
  protected readonly hows = [
    { value: 'add', word: 'Beside what they have' },
    { value: 'replace', word: 'Instead of it' },
  ];
  protected readonly choices = computed(() =>
    ROLES.filter((role) => this.roles().includes(role)).map((role) => ({ role, word: ROLE_WORDS[role].word })),
  );
  /** Each person with what they would have. */
  private readonly others = computed(() => {
    const given = this.given();
    if (given.length === 0) return [];
    return this.people()
      .map(({ name, roles }) => ({
        name,
        gains: given.filter((role) => !roles.includes(role)),
        loses: this.replaces() ? roles.filter((role) => !given.includes(role)) : [],
      }))
      .filter(({ gains, loses }) => gains.length + loses.length > 0);
  });
  /** What would change, a role a line: who gains it, and who loses it. */
  protected readonly effects = computed(() =>
    ROLES.flatMap((role) => {
      const of = (which: 'gains' | 'loses') =>
        this.others()
          .filter((one) => one[which].includes(role))
          .map(({ name }) => name);
      const { word } = ROLE_WORDS[role];
      return [
        { sign: 'gain', role, word: `${word}:`, who: of('gains') },
        { sign: 'lose', role, word: `no longer ${word.toLowerCase()}:`, who: of('loses') },
      ].filter(({ who }) => who.length > 0);
    }),
  );
  /** Who holds what is not one's own to change: nothing is changed of anybody then. */
  protected readonly foreign = computed(() => {
    const names = new Set(this.others().map(({ name }) => name));
    return this.people()
      .filter(({ name, roles }) => names.has(name) && !roles.every((role) => this.roles().includes(role)))
      .map(({ name }) => name);
  });
  protected readonly count = computed(() => this.others().length);

  protected turn(role: Role, on: boolean): void {
    this.given.update((all) => (on ? [...all, role] : all.filter((one) => one !== role)));
  }

  protected async give(): Promise<void> {
    const people = this.people().map(({ id, version }) => ({ id, version }));
    const body = { people, roles: [...this.given()], how: this.replaces() ? ('replace' as const) : ('add' as const) };
    const given = await this.command.run((key) => this.api.call('changeManyRoles', { body, key }), {
      done: ({ changed }) => `${changed} ${changed === 1 ? 'person has' : 'people have'} other roles from now on`,
      about: JSON.stringify(body),
    });
    if (given) this.done.emit();
  }
}
