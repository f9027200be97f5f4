import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, Instructed } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { PickField } from '../../ui/form/pick-field';
import { TextField } from '../../ui/form/text-field';
import { MomentPipe } from '../../ui/formats';
import { fileText } from '../../ui/file-text';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { CellTemplate } from '../../ui/table/cell-template';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';

type Person = Instructed['people'][number];
type How = BodyOf<Endpoints['noteInstructed']>['how'];

const HOW_WORDS = {
  'read here': 'read here',
  'on paper': 'on paper',
  'in person': 'shown in person',
  film: 'by a film',
} as const;

/** What the firm has its people confirm about recording time, who has, and how: the evidence that they were instructed. */
@Component({
  selector: 'yw-instruction-screen',
  imports: [
    ...[
      CellTemplate,
      ChoiceField,
      DateField,
      Failure,
      Loading,
      MatButton,
      MomentPipe,
      PickField,
      ReactiveFormsModule,
      SendsForm,
      Table,
    ],
    TextField,
  ],
  templateUrl: './instruction.html',
  styleUrls: ['../setting.scss', './instruction.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InstructionScreen {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  private readonly formats = inject(Formats);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly mayWrite = computed(() => this.rights()['firm.change'] !== undefined);
  protected readonly command = command();
  protected readonly noting = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('listInstructed'),
  );
  protected readonly newest = computed(() => this.known.value()?.versions[0] ?? null);
  protected readonly form = new FormGroup({
    wording: new FormControl('', { nonNullable: true, validators: needed('Write what your people confirm.') }),
  });
  protected readonly note = new FormGroup({
    person: new FormControl<string | null>(null, { validators: needed('Choose who was instructed.') }),
    how: new FormControl<How>('on paper', { nonNullable: true }),
    day: new FormControl('', { nonNullable: true, validators: needed('Type on which day.') }),
  });
  protected readonly hows = (['on paper', 'in person', 'film'] as const).map((value) => ({ value, word: HOW_WORDS[value] }));
  protected readonly paper = signal<{ name: string; bytes: string } | null>(null);
  protected readonly open = computed(() => {
    const version = this.newest()?.version;
    return (this.known.value()?.people ?? []).filter(({ instructed }) => instructed[0]?.version !== version);
  });
  protected readonly choices = computed(() => this.open().map(({ id, name }) => ({ value: id, word: name })));
  protected readonly summary = computed(() => {
    const [all, open] = [this.known.value()?.people.length ?? 0, this.open().length];
    return this.newest() ? `${all - open} of ${all} people are instructed` : 'Nothing is asked of anybody yet';
  });
  protected readonly columns = computed((): Column<Person>[] => [
    { id: 'name', head: 'Name', kind: 'text', value: ({ name }) => name },
    { id: 'state', head: 'Instructed', kind: 'text', value: (person) => this.stateOf(person) },
    { id: 'how', head: 'How', kind: 'text', value: ({ instructed: [last] }) => (last ? HOW_WORDS[last.how] : '') },
    { id: 'by', head: 'Noted by', kind: 'text', value: ({ instructed: [last] }) => last?.by ?? '' },
    { id: 'paper', head: 'Paper', kind: 'text', value: (person) => this.paperOf(person) },
  ]);
  protected readonly idOf = ({ id }: Person) => id;

  constructor() {
    fillFor(
      this.form,
      () => this.newest()?.version ?? (this.known.value() ? 0 : undefined),
      () => ({ wording: this.newest()?.wording ?? '' }),
    );
    fillFor(
      this.note,
      () => this.today() || undefined,
      () => ({ person: null, how: 'on paper' as const, day: this.today() }),
    );
  }

  private stateOf({ instructed: [last] }: Person): string {
    if (!last) return 'not yet';
    const day = this.formats.day(last.day, 'full');
    return last.version === this.newest()?.version ? day : `not in this version, before on ${day}`;
  }

  /** The name of the paper that they signed; empty for none. */
  protected paperOf({ instructed }: Person): string {
    return instructed.find(({ paper }) => paper)?.paper ?? '';
  }

  protected paperLink({ id }: Person): string {
    return `/api/f/${this.address.firm()}/instructed/${id}/paper`;
  }

  protected async publish(): Promise<void> {
    const body = this.form.getRawValue();
    const done = await this.command.run((key) => this.api.call('changeInstruction', { body, key }), {
      ...{ done: 'Everybody is asked to confirm it', about: body.wording },
    });
    if (done) this.known.set(done);
  }

  /** Reads the file that was chosen. */
  protected async attach(box: HTMLInputElement): Promise<void> {
    const file = box.files?.[0];
    if (!file) return this.paper.set(null);
    if (file.size > 1_000_000) {
      box.value = '';
      this.paper.set(null);
      return this.noting.refuse('The file is larger than a megabyte. Attach a smaller one.');
    }
    this.paper.set({ name: file.name.slice(-120), bytes: await fileText(file) });
  }

  protected async keep(box: HTMLInputElement): Promise<void> {
    const { person, how, day } = this.note.getRawValue();
    const paper = how === 'on paper' ? this.paper() : null;
    const body = { version: this.newest()!.version, people: [person!], how, day, ...(paper && { paper }) };
    const done = await this.noting.run((key) => this.api.call('noteInstructed', { body, key }), {
      ...{ done: 'Noted', about: JSON.stringify(body) },
    });
    if (!done) return;
    this.known.set(done);
    this.paper.set(null);
    box.value = '';
    this.note.reset({ person: null, how, day });
  }
}
