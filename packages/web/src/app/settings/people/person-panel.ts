import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { GroupKind, OwnRole, PersonFacts, Staff } from '@yellowwood/contracts';
import { mayGiveRights, rightsHeld } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionFeature } from '../../state/session';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { Choice, ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { handleLike, needed } from '../../ui/form/field';
import { PickField } from '../../ui/form/pick-field';
import { TextField } from '../../ui/form/text-field';
import { DayPipe } from '../../ui/formats';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { zoneChoices } from '../../found/places';
import { PersonRecording } from './person-recording';
import { PersonRights } from './person-rights';
import { PersonWork } from './person-work';
import { givenRoles, heldOf, keysOf, roleChoices } from './roles';
import { OwnWords } from '../../state/own-words';

type Person = Staff['people'][number];

/** One person of the firm: facts, roles, leaving and coming back, and what became of all that. */
@Component({
  selector: 'yw-person-panel',
  imports: [
    ChoiceField,
    DateField,
    DayPipe,
    Failure,
    History,
    Loading,
    MatButton,
    PersonRecording,
    PersonRights,
    PersonWork,
    PickField,
    ReactiveFormsModule,
    SendsForm,
    TextField,
  ],
  templateUrl: './person-panel.html',
  styleUrl: './person-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonPanel {
  private readonly api = inject(Api);
  private readonly say = inject(OwnWords).say;
  private readonly ask = inject(Ask);
  readonly person = input.required<Person>();
  readonly people = input.required<readonly Person[]>();
  /** The roles that the firm has made for itself. */
  readonly ownRoles = input.required<readonly OwnRole[]>();
  private readonly address = inject(Address);
  protected readonly mine = inject(Store).selectSignal(sessionFeature.selectRights);
  /** Whether it is oneself. */
  readonly own = input.required<boolean>();
  readonly closed = output();
  protected readonly command = command();
  protected readonly giving = command({ inTurn: true });
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name.') }),
    email: new FormControl('', { nonNullable: true, validators: handleLike('their') }),
    staffNumber: new FormControl('', { nonNullable: true, validators: needed('Type the staff number.') }),
    kind: new FormControl<PersonFacts['kind']>('employee', { nonNullable: true }),
    positionId: new FormControl('', { nonNullable: true }),
    positionFrom: new FormControl('', { nonNullable: true }),
    departmentId: new FormControl('', { nonNullable: true }),
    zone: new FormControl<string | null>(null, { validators: needed('Choose a time zone.') }),
    startedOn: new FormControl('', { nonNullable: true, validators: needed('Type the first day.') }),
  });
  protected readonly values = valuesOf(this.form);
  protected readonly kinds = [
    { value: 'employee', word: 'Employee' },
    { value: 'subcontractor', word: 'Subcontractor' },
    { value: 'other', word: 'Other' },
  ];
  protected readonly zones = zoneChoices();
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly groups = loaded(
    () => this.person().id,
    () => this.api.call('listGroups'),
    () => true,
  );
  /** What is known of them beyond the list, read with each version of theirs. */
  protected readonly facts = loaded(
    () => ({ id: this.person().id, version: this.person().version }),
    ({ id }) => this.api.call('readPerson', { params: { id } }),
    (before, now) => before.id === now.id,
  );
  protected readonly positions = computed(() => this.choicesOf('position', this.facts.value()?.positionId ?? null));
  protected readonly departments = computed(() => this.choicesOf('department', this.facts.value()?.departmentId ?? null));
  /** Every role, whether they have it, and whether one may give and take it. */
  protected readonly choices = computed(() =>
    roleChoices(this.ownRoles(), this.mine(), this.say).map((one) => ({ ...one, has: keysOf(this.person()).includes(one.key) })),
  );
  /** Whether all that they hold is one's own to give: only then is anything of it changed. */
  protected readonly may = computed(
    () =>
      this.choices().every(({ has, mine }) => !has || mine) &&
      mayGiveRights(this.mine(), rightsHeld(heldOf(this.person(), this.ownRoles()))),
  );

  constructor() {
    fillFor(
      this.form,
      () => {
        const facts = this.facts.value();
        return facts ? `${facts.id} ${facts.version}` : undefined;
      },
      () => {
        const { name, email, staffNumber, kind, positionId, departmentId, zone, startedOn } = this.facts.value()!;
        return {
          ...{ name, email, staffNumber, kind, zone, startedOn },
          ...{ positionId: positionId ?? '', departmentId: departmentId ?? '', positionFrom: this.today() },
        };
      },
    );
  }

  protected look(): void {
    void this.address.go('record', { as: this.person().id });
  }

  private seen() {
    const { id, version } = this.person();
    return { params: { id }, version };
  }

  /** What may be given: nothing, what is not ended, and what they have. */
  private choicesOf(kind: GroupKind, own: string | null): Choice[] {
    const groups = this.groups.value()?.groups ?? [];
    return [
      { value: '', word: 'none' },
      ...groups
        .filter((one) => one.kind === kind && (!one.ended || one.id === own))
        .map(({ id, name }) => ({ value: id, word: name })),
    ];
  }

  protected async save(): Promise<void> {
    const { positionId, positionFrom, departmentId, zone, ...facts } = this.form.getRawValue();
    const { id, version, positionId: before } = this.facts.value()!;
    facts.email = facts.email.trim();
    const other = positionId !== (before ?? '');
    const body = {
      ...{ ...facts, zone: zone!, departmentId: departmentId || null },
      ...(other && { position: { id: positionId || null, from: positionFrom } }),
    };
    await this.command.run(() => this.api.call('changePerson', { params: { id }, version, body }), { done: 'Saved' });
  }

  /** Gives a role or takes it; where that is refused, the box is as it was. */
  protected async turn(key: string, box: HTMLInputElement): Promise<void> {
    if (!(await this.give(key, box.checked))) box.checked = !box.checked;
  }

  private async give(key: string, on: boolean): Promise<boolean> {
    const { name } = this.person();
    const before = keysOf(this.person());
    const next = on ? [...before, key] : before.filter((one) => one !== key);
    if (next.length === 0) {
      this.giving.refuse('Everybody has at least one role. Give another first.');
      return false;
    }
    const words = this.choices()
      .filter((one) => next.includes(one.key))
      .map(({ word }) => word.toLowerCase())
      .join(' and ');
    const given = this.giving.run(
      async () => {
        await this.api.call('changeRoles', { ...this.seen(), body: givenRoles(next) });
        return true;
      },
      { done: `${name} is ${words} from now on` },
    );
    return (await given) ?? false;
  }

  protected async leave(): Promise<void> {
    const { name } = this.person();
    const sure = await this.ask.ask({
      title: `${name} leaves?`,
      text: 'Access ends at once, a running timer is stopped and kept. What was recorded stays, and coming back restores all of it. What they look after and have not submitted is listed here then.',
      button: `End the access of ${name}`,
    });
    if (sure === undefined) return;
    await this.giving.run(() => this.api.call('personLeaves', this.seen()), { done: `${name} has left` });
  }

  protected async comeBack(): Promise<void> {
    const { name } = this.person();
    await this.giving.run(() => this.api.call('personReturns', this.seen()), { done: `${name} is back` });
  }
}
