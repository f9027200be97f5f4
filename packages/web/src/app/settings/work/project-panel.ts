import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { Api } from '../../api/api';
import { sessionFeature } from '../../state/session';
import { OwnWords, SayPipe } from '../../state/own-words';
import { WorkAdded, workActions } from '../../state/work';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { DurationField } from '../../ui/form/duration-field';
import { needed, says } from '../../ui/form/field';
import { KnownPersonField } from '../../ui/form/known-person-field';
import { TextField } from '../../ui/form/text-field';
import { TickField } from '../../ui/form/tick-field';
import { ToneField } from '../../ui/form/tone-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { NotFetched } from '../../ui/not-fetched';
import { AgreementSection } from './agreement';
import { CopyProject } from './copy-project';
import { linksOf } from './links';
import { seenOf } from './seen';
import { WhoRecordsSection } from './who-records';

const text = (sentence?: string) => new FormControl('', { nonNullable: true, validators: sentence ? needed(sentence) : null });

/** One project beside the outline: what it is called, who looks after it, whether it takes time, and what became of it. */
@Component({
  selector: 'yw-project-panel',
  imports: [
    ...[
      AgreementSection,
      ChoiceField,
      CopyProject,
      DurationField,
      Failure,
      History,
      Loading,
      MatButton,
      KnownPersonField,
      NotFetched,
    ],
    ...[DateField, ReactiveFormsModule, SayPipe, SendsForm, TextField, TickField, ToneField, WhoRecordsSection],
  ],
  templateUrl: './project-panel.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProjectPanel {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly ask = inject(Ask);
  private readonly say = inject(OwnWords).say;
  readonly id = input.required<string>();
  readonly closed = output();
  /** It is there no more. */
  readonly gone = output();
  /** Another like it was made. */
  readonly copied = output<WorkAdded>();
  /** Whether it is being copied; another project is not. */
  protected readonly copying = linkedSignal({ source: () => this.id(), computation: () => false });
  private readonly injector = inject(Injector);
  private readonly copyButton = viewChild('copy', { read: ElementRef<HTMLElement> });
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  /** How often something else was agreed here: its history tells it. */
  protected readonly times = signal(0);
  /** Money of a project is for those who see the firm's, or look after it; the firm's own work has no agreement. */
  protected readonly seesMoney = computed(() => {
    return this.known.value()!.client !== null && this.reaches('values.read');
  });
  /** Whether one lays out work at all. */
  protected readonly lays = computed(() => this.rights()['work.change'] !== undefined);
  /** Whether one agrees anything of it. */
  protected readonly agrees = computed(() => this.seesMoney() && this.reaches('agreements.change'));
  /** Whether one changes it: all of the firm's, or those that one looks after. */
  protected readonly looksAfter = computed(() => this.reaches('work.change'));
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.id(),
    (id) => this.api.call('readProject', { params: { id } }),
  );
  private readonly states = loaded(
    () => 'states',
    () => this.api.call('listProjectStates'),
  );
  protected readonly choices = computed(() => {
    const states = this.states.value()?.states;
    // Until they are read, its own stands there.
    if (states) return states.map(({ id, name }) => ({ value: id, word: name }));
    const known = this.known.value();
    return known ? [{ value: known.facts.stateId, word: known.state }] : [];
  });
  protected readonly form = new FormGroup({
    name: text('Type a name.'),
    code: text('Type a code, such as LANTERN.'),
    orderReference: text(),
    managerId: new FormControl<string | null>(null, { validators: needed('Choose who looks after it.') }),
    estimate: new FormControl<number | null>(null),
    startsOn: text(),
    endsOn: text(),
    complete: new FormControl('', {
      nonNullable: true,
      validators: ({ value }) =>
        /^(\d{1,2}|100)?$/.test(String(value).trim()) ? null : says('Type whole percent, from 0 to 100, or nothing.'),
    }),
    tone: new FormControl(1, { nonNullable: true }),
    notes: text(),
    stateId: text(),
    archived: new FormControl(false, { nonNullable: true }),
  });
  private readonly values = valuesOf(this.form);
  protected readonly links = computed(() => linksOf(this.values().notes ?? ''));
  /** What the chosen state means, said where it is chosen. */
  protected readonly meaning = computed(() => {
    const state = this.states.value()?.states.find(({ id }) => id === this.values().stateId);
    return !state || state.records ? '' : 'It takes no time; what is not decided on yet wants another project.';
  });

  private reaches(right: 'agreements.change' | 'values.read' | 'work.change'): boolean {
    const reach = this.rights()[right];
    return reach === 'firm' || (reach !== undefined && this.known.value()!.facts.managerId === this.me()!.person.id);
  }

  constructor() {
    fillFor(
      this.form,
      () => seenOf(this.known.value()),
      () => {
        const { estimate, startsOn, endsOn, complete, ...facts } = this.known.value()!.facts;
        return {
          ...{ ...facts, estimate: estimate || null, startsOn: startsOn ?? '', endsOn: endsOn ?? '' },
          complete: complete === null ? '' : String(complete),
        };
      },
    );
  }

  /** The focus goes back to what the copy began with. */
  protected leaveCopy(): void {
    this.copying.set(false);
    afterNextRender({ read: () => this.copyButton()?.nativeElement.focus() }, { injector: this.injector });
  }

  protected async save(): Promise<void> {
    const { id, version } = this.known.value()!;
    const { estimate, managerId, startsOn, endsOn, complete, ...facts } = this.form.getRawValue();
    const body = {
      ...{ ...facts, estimate: estimate ?? 0, managerId: managerId!, startsOn: startsOn || null, endsOn: endsOn || null },
      complete: complete.trim() === '' ? null : Number(complete),
    };
    const saved = await this.command.run(() => this.api.call('changeProject', { params: { id }, body, version }), {
      done: 'Saved',
    });
    if (!saved) return;
    this.known.set(saved);
    this.store.dispatch(workActions.workOutdated());
  }

  protected async remove(): Promise<void> {
    const { id, version, facts } = this.known.value()!;
    const sure = await this.ask.ask({
      title: `Delete ${facts.name}?`,
      text: this.say('Its tasks, and what was agreed and said of it, go with it. This cannot be taken back.'),
      button: `Delete ${facts.name}`,
    });
    if (sure === undefined) return;
    const done = await this.command.run(
      async () => {
        await this.api.call('removeProject', { params: { id }, version });
        return true;
      },
      { done: `${facts.name} is deleted` },
    );
    if (!done) return;
    this.gone.emit();
    this.store.dispatch(workActions.workOutdated());
  }
}
