import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { Staff, Team } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Periods } from '../../state/periods';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { PersonField } from '../../ui/form/person-field';
import { DayPipe, HoursPipe } from '../../ui/formats';
import { loaded } from '../../ui/loaded';
import { OwnWords } from '../../state/own-words';

type Person = Staff['people'][number];

/** The teams of a person, and what they look after: given to somebody else when they leave, or before. */
@Component({
  selector: 'yw-person-work',
  imports: [ChoiceField, DayPipe, Failure, HoursPipe, MatButton, PersonField, RouterLink],
  templateUrl: './person-work.html',
  styleUrl: './person-work.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonWork {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  private readonly periods = inject(Periods);
  readonly person = input.required<Person>();
  readonly people = input.required<readonly Person[]>();
  protected readonly joining = command({ inTurn: true });
  protected readonly giving = command();
  protected readonly after = loaded(
    () => this.person().id,
    (id) => this.api.call('readLooksAfter', { params: { id } }),
    () => true,
  );
  private readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('listTeams'),
  );
  protected readonly teams = computed(() => this.known.value()?.teams.filter(({ people }) => people.includes(this.person().id)));
  protected readonly others = computed(() => [
    { value: '', word: 'into no other team' },
    ...(this.known.value()?.teams ?? [])
      .filter(({ mine, people }) => mine && !people.includes(this.person().id))
      .map(({ id, name }) => ({ value: id, word: name })),
  ]);
  protected readonly into = signal('');
  /** What is not handed over though it could be. */
  private readonly kept = signal<readonly string[]>([]);
  /** All that they look after, by what it is. */
  protected readonly things = computed(() => {
    const { projects, teams } = this.after.value() ?? { projects: [], teams: [] };
    const of = (kind: 'project' | 'team', id: string, mine: boolean, words: string) => ({
      ...{ kind, id, mine, words, given: mine && !this.kept().includes(id) },
    });
    return [
      ...projects.map(({ id, name, client, mine }) => of('project', id, mine, client ? `${name}, ${client}` : name)),
      ...teams.map(({ id, name, mine }) => of('team', id, mine, `the team ${name}`)),
    ];
  });
  protected readonly given = computed(() => this.things().filter(({ given }) => given));
  /** Who may take it over. */
  protected readonly next = computed(() => this.people().filter(({ id, leftOn }) => id !== this.person().id && leftOn === null));
  protected readonly to = signal<string | null>(null);
  protected readonly words = computed(() => {
    const count = (kind: 'project' | 'team') => this.given().filter((one) => one.kind === kind).length;
    const told = (number: number, word: string) =>
      number > 0 ? [`${number} ${this.say(`${word}${number === 1 ? '' : 's'}`)}`] : [];
    const name = this.next().find(({ id }) => id === this.to())?.name;
    return `Hand ${[...told(count('project'), 'project'), ...told(count('team'), 'team')].join(' and ')} over to ${name ?? '…'}`;
  });
  /** Where somebody with the right submits what is open. */
  protected readonly weeks = computed(() =>
    (this.after.value()?.open ?? []).map((one) => ({
      ...one,
      link: ['/f', this.address.firm(), 'record'],
      at: { as: this.person().id, period: this.periods.text(one.from) },
    })),
  );

  protected turn(id: string, on: boolean): void {
    this.kept.update((all) => (on ? all.filter((one) => one !== id) : [...all, id]));
  }

  protected async join(id: string): Promise<void> {
    const team = this.known.value()!.teams.find((one) => one.id === id);
    if (!team) return;
    await this.change(team, [...team.people, this.person().id], `${this.person().name} is in ${team.name}`);
    this.into.set('');
  }

  protected async leave(team: Team): Promise<void> {
    const { id, name } = this.person();
    await this.change(
      team,
      team.people.filter((one) => one !== id),
      `${name} is no longer in ${team.name}`,
    );
  }

  private async change({ id, version, name, leadId }: Team, people: readonly string[], done: string): Promise<void> {
    const body = { name, leadId, people: [...people] };
    await this.joining.run(() => this.api.call('changeTeam', { params: { id }, version, body }), { done });
  }

  protected async handOver(): Promise<void> {
    const to = this.to();
    if (!to) return this.giving.refuse('Choose who takes it over.');
    const given = this.given();
    const chosen = (kind: 'project' | 'team') => given.filter((one) => one.kind === kind).map(({ id }) => id);
    const teams = chosen('team');
    const body = {
      ...{ to, projects: chosen('project') },
      teams: this.after
        .value()!
        .teams.filter(({ id }) => teams.includes(id))
        .map(({ id, version }) => ({ id, version })),
    };
    const { id } = this.person();
    await this.giving.run((key) => this.api.call('handOver', { params: { id }, key, body }), {
      done: 'Handed over',
      about: JSON.stringify(body),
    });
  }
}
