import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, OwnRole, Staff } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ToggleField } from '../../ui/form/toggle-field';
import { givenRoles, keysOf, roleChoices } from './roles';
import { OwnWords } from '../../state/own-words';

type Person = Staff['people'][number];
type How = BodyOf<Endpoints['changeManyRoles']>['how'];

/** Gives many people roles at once, or takes them away; who gains and who loses what is said before. */
@Component({
  selector: 'yw-many-roles',
  imports: [Failure, MatButton, ToggleField],
  templateUrl: './many-roles.html',
  styleUrl: './many-roles.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ManyRoles {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  readonly people = input.required<readonly Person[]>();
  /** The roles that the firm has made for itself. */
  readonly ownRoles = input.required<readonly OwnRole[]>();
  private readonly mine = inject(Store).selectSignal(sessionFeature.selectRights);
  readonly done = output();
  protected readonly command = command();
  /** Whether the roles come beside what they have or instead of it, or are taken away. */
  protected readonly how = signal<How>('add');
  protected readonly given = signal<readonly string[]>([]);
  protected readonly hows = [
    { value: 'add', word: 'Beside what they have' },
    { value: 'replace', word: 'Instead of it' },
    { value: 'take', word: 'Taken away' },
  ] as const;
  private readonly all = computed(() => roleChoices(this.ownRoles(), this.mine(), this.say));
  protected readonly choices = computed(() => this.all().filter(({ mine }) => mine));
  /** Each person with what they would have. */
  private readonly others = computed(() => {
    const [given, how] = [this.given(), this.how()];
    if (given.length === 0) return [];
    return this.people()
      .map((person) => ({
        ...{ id: person.id, name: person.name },
        gains: how === 'take' ? [] : given.filter((key) => !keysOf(person).includes(key)),
        loses: how === 'add' ? [] : keysOf(person).filter((key) => given.includes(key) === (how === 'take')),
      }))
      .filter(({ gains, loses }) => gains.length + loses.length > 0);
  });
  /** What would change, a role a line: who gains it, and who loses it. */
  protected readonly effects = computed(() =>
    this.all().flatMap(({ key, word }) => {
      const of = (which: 'gains' | 'loses') =>
        this.others()
          .filter((one) => one[which].includes(key))
          .map(({ name }) => name);
      return [
        { sign: 'gain', key, word: `${word}:`, who: of('gains') },
        { sign: 'lose', key, word: `no longer ${word.toLowerCase()}:`, who: of('loses') },
      ].filter(({ who }) => who.length > 0);
    }),
  );
  /** Who holds what is not one's own to change: nothing is changed of anybody then. */
  protected readonly foreign = computed(() => {
    const changed = new Set(this.others().map(({ id }) => id));
    return this.people()
      .filter((person) => changed.has(person.id) && this.all().some(({ key, mine }) => !mine && keysOf(person).includes(key)))
      .map(({ name }) => name);
  });
  protected readonly count = computed(() => this.others().length);
  /** What becomes of what single people have for themselves: it is easily lost, and is said. */
  protected readonly exceptions = computed(() => {
    const changed = new Set(this.others().map(({ id }) => id));
    const names = this.people()
      .filter(({ id, exceptions }) => changed.has(id) && Object.keys(exceptions).length > 0)
      .map(({ name }) => name)
      .join(', ');
    if (!names) return '';
    const owners = this.given().includes('owner') && this.how() !== 'take';
    return `The exceptions of ${names} ${owners ? 'go: an owner may do everything' : 'stay as they are'}.`;
  });

  protected choose(how: string): void {
    this.how.set(how as How);
  }

  protected turn(key: string, on: boolean): void {
    this.given.update((all) => (on ? [...all, key] : all.filter((one) => one !== key)));
  }

  protected async give(): Promise<void> {
    const people = this.people().map(({ id, version }) => ({ id, version }));
    const body = { people, ...givenRoles(this.given()), how: this.how() };
    const given = await this.command.run((key) => this.api.call('changeManyRoles', { body, key }), {
      done: ({ changed }) => `${changed} ${changed === 1 ? 'person has' : 'people have'} other roles from now on`,
      about: JSON.stringify(body),
    });
    if (given) this.done.emit();
  }
}
