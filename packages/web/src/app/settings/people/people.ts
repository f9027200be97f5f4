import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import type { Staff } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Store } from '@ngrx/store';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Escaped } from '../../ui/escaped';
import { Failure } from '../../ui/failure';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { hasWords, wordsOf } from '@yellowwood/core';
import { CellTemplate } from '../../ui/table/cell-template';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';
import { InviteForm } from './invite-form';
import { InviteSeveral } from './invite-several';
import { JoinLinks } from './join-links';
import { ManyRoles } from './many-roles';
import { PersonPanel } from './person-panel';
import { ROLE_WORDS, roleChoices } from './roles';
import { OwnWords } from '../../state/own-words';

type Person = Staff['people'][number];

const ACCOUNT_WORDS = { active: 'active', waiting: 'waits', invited: 'invited', none: 'no account' } as const;

/** Everybody of the firm: found, invited, and invited again. */
@Component({
  selector: 'yw-people',
  imports: [
    CellTemplate,
    Escaped,
    Failure,
    InviteForm,
    InviteSeveral,
    JoinLinks,
    Loading,
    ManyRoles,
    MatButton,
    MatCheckbox,
    PersonPanel,
    Table,
  ],
  templateUrl: './people.html',
  styleUrl: './people.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PeopleScreen {
  private readonly api = inject(Api);
  private readonly say = inject(OwnWords).say;
  private readonly formats = inject(Formats);
  protected readonly address = inject(Address);
  protected readonly command = command();
  protected readonly staff = loaded(
    () => this.address.firm(),
    () => this.api.call('listStaff'),
  );
  protected readonly find = signal('');
  /** Whether people are being chosen for other roles, and who is. */
  protected readonly choosing = signal(false);
  protected readonly ticked = signal<readonly string[]>([]);
  protected readonly tickedPeople = computed(
    () => this.staff.value()?.people.filter(({ id }) => this.ticked().includes(id)) ?? [],
  );
  /** Whether somebody is being invited. */
  protected readonly inviting = signal(false);
  protected readonly told = signal('');
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  /** Who is open below the list. */
  protected readonly chosen = computed(() => {
    const selection = this.address.selection();
    return selection?.kind === 'person' ? selection.id : null;
  });
  protected readonly opened = computed(() => this.staff.value()?.people.find(({ id }) => id === this.chosen()) ?? null);
  protected readonly isOwn = computed(() => this.chosen() === this.me()?.person.id);
  private readonly mine = inject(Store).selectSignal(sessionFeature.selectRights);
  /** The roles that one may give. */
  protected readonly given = computed(() =>
    roleChoices(this.staff.value()?.ownRoles ?? [], this.mine(), this.say).filter(({ mine }) => mine),
  );
  protected readonly hasLeft = ({ leftOn }: Person) => leftOn !== null;
  protected readonly idOf = ({ id }: Person) => id;
  protected readonly found = computed(() => {
    const words = wordsOf(this.find());
    const textOf = (person: Person) =>
      [
        ...[person.name, person.email, person.position ?? '', person.department ?? '', this.wordOf(person)],
        ...[...person.teams, ...this.rolesOf(person)],
      ].join(' ');
    return this.staff.value()?.people.filter((person) => hasWords(textOf(person), words)) ?? null;
  });
  protected readonly summary = computed(() => {
    const [all, found] = [this.staff.value()?.people.length ?? 0, this.found()?.length ?? 0];
    if (!this.staff.value()) return '';
    return found === all ? `${all} ${all === 1 ? 'person' : 'people'}` : `${found} of ${all}`;
  });
  protected readonly columns = computed((): readonly Column<Person>[] => [
    ...(this.choosing()
      ? [{ id: 'tick', head: 'Choose', kind: 'text' as const, unsorted: true as const, width: 76, value: () => null }]
      : []),
    { id: 'name', head: 'Name', kind: 'text', value: ({ name }) => name, small: ({ email }) => email },
    {
      id: 'position',
      head: 'Position',
      kind: 'text',
      value: ({ position }) => position,
      choice: 'hidden',
      groups: true,
      width: 110,
    },
    {
      ...{ id: 'department', head: 'Department', kind: 'text', choice: 'hidden', groups: true, width: 110 },
      value: ({ department }) => department,
    },
    {
      ...{ id: 'teams', head: 'Teams', kind: 'text', choice: 'shown', groups: true, width: 124 },
      value: ({ teams }) => teams.join(', ') || null,
      values: ({ teams }) => teams,
    },
    {
      ...{ id: 'roles', head: 'Roles', kind: 'text', choice: 'shown', groups: true, width: 100 },
      value: (person) => this.rolesOf(person).join(', ') || null,
      values: (person) => this.rolesOf(person),
    },
    {
      ...{ id: 'account', head: 'Account', kind: 'text', groups: true, width: 128 },
      value: (person) => this.wordOf(person),
      values: ({ account, leftOn }) => [leftOn ? 'left' : ACCOUNT_WORDS[account]],
      tone: ({ account }) => (account === 'active' ? '' : 'quiet'),
    },
  ]);

  private rolesOf({ roles, ownRoles, exceptions }: Person): string[] {
    const own = this.staff.value()?.ownRoles.filter(({ id }) => ownRoles.includes(id)) ?? [];
    const more = Object.keys(exceptions).length > 0 ? ['exceptions'] : [];
    return [...roles.map((role) => this.say(ROLE_WORDS[role].word)), ...own.map(({ name }) => name), ...more];
  }

  /** Begins to choose, or ends it. */
  protected choose(on: boolean): void {
    this.ticked.set([]);
    this.choosing.set(on);
    if (on) this.inviting.set(false);
  }

  protected tick(id: string, on: boolean): void {
    this.ticked.update((all) => (on ? [...all, id] : all.filter((one) => one !== id)));
  }

  /** Chooses by Space in the list. */
  protected tickByKey({ row, event }: { row: Person; event: KeyboardEvent }): void {
    if (!this.choosing() || event.key !== ' ' || row.leftOn !== null || event.target !== event.currentTarget) return;
    event.preventDefault();
    this.tick(row.id, !this.ticked().includes(row.id));
  }

  /** Chooses everybody who is shown and has not left. */
  protected tickAll(people: readonly Person[]): void {
    const shown = people.filter(({ leftOn }) => leftOn === null).map(({ id }) => id);
    this.ticked.update((all) => [...new Set([...all, ...shown])]);
  }

  protected open({ id }: Person): void {
    void this.address.set({ sel: `person:${id}` }, true);
  }

  protected close(): void {
    void this.address.set({ sel: null }, true);
  }

  protected wordOf({ account, invitedOn, leftOn }: Person): string {
    if (leftOn) return `left ${this.formats.day(leftOn)}`;
    return [ACCOUNT_WORDS[account], invitedOn ? this.formats.day(invitedOn) : ''].join(' ').trim();
  }

  /** How people are invited: one after the other, from a pasted list, by a link that is copied. */
  protected readonly way = signal<'one' | 'several' | 'link'>('one');
  protected readonly ways = [
    { value: 'one', word: 'One after the other' },
    { value: 'several', word: 'Paste several' },
    { value: 'link', word: 'A link to copy' },
  ] as const;

  protected invitedMany(count: number): void {
    this.told.set(`${count} ${count === 1 ? 'person is' : 'people are'} invited, and join by the links of their messages.`);
  }

  protected invited(name: string): void {
    this.told.set(`${name} is invited, and joins by the link of the message.`);
  }

  protected async confirm({ id, name }: Person): Promise<void> {
    await this.command.run((key) => this.api.call('confirmPerson', { params: { id }, key }), {
      done: `${name} is confirmed`,
      about: id,
    });
  }

  protected async again({ id, name, account }: Person): Promise<void> {
    const done = account === 'invited' ? 'is invited once more; the link before works no longer' : 'is invited';
    await this.command.run((key) => this.api.call('sendInvitation', { params: { id }, key }), {
      done: `${name} ${done}`,
      about: id,
    });
  }
}
