import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { OwnRole, Staff, WhyMay } from '@yellowwood/contracts';
import {
  Exceptions,
  PERMISSIONS,
  aboutOf,
  Permission,
  Source,
  mayGiveRights,
  reachAndSources,
  rightsHeld,
} from '@yellowwood/core';
import { Api } from '../../api/api';
import { sessionFeature } from '../../state/session';
import { WorkNames } from '../../ui/work-names';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { valuesOf } from '../../ui/form/drafts';
import { PersonField } from '../../ui/form/person-field';
import { ProjectField } from '../../ui/form/project-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { RIGHT_WORDS, reachWords } from '../../words/rights';
import { RightsField } from './rights-field';
import { ROLE_WORDS, heldOf } from './roles';
import { OwnWords, Say } from '../../state/own-words';

type Person = Staff['people'][number];

/** Where a right comes from: `as Manager`. */
function sourceWords(source: Source, say: Say): string {
  if (source.kind === 'role') return `as ${say(ROLE_WORDS[source.name].word)}`;
  if (source.kind === 'own role') return `as ${source.name}`;
  return source.kind === 'exception' ? 'an exception' : `held back by “${say(RIGHT_WORDS[source.name])}”`;
}

/** What somebody may, from what, and what is an exception for them alone. */
@Component({
  selector: 'yw-person-rights',
  imports: [ChoiceField, Failure, Loading, MatButton, PersonField, ProjectField, ReactiveFormsModule, RightsField],
  templateUrl: './person-rights.html',
  styleUrls: ['./rights.scss', './person-rights.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonRights {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  readonly person = input.required<Person>();
  readonly people = input.required<readonly Person[]>();
  readonly ownRoles = input.required<readonly OwnRole[]>();
  protected readonly mine = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly command = command();
  private readonly held = computed(() => heldOf(this.person(), this.ownRoles()));
  protected readonly may = computed(() => mayGiveRights(this.mine(), rightsHeld(this.held())));
  protected readonly byRoles = computed(() => rightsHeld({ ...this.held(), exceptions: {} }));
  protected readonly listed = computed(() =>
    PERMISSIONS.map((permission) => {
      const { reach, sources } = reachAndSources(this.held(), permission);
      const from = sources.map((source) => sourceWords(source, this.say)).join(', ');
      const exception = sources.some(({ kind }) => kind === 'exception');
      return {
        permission,
        word: this.say(RIGHT_WORDS[permission]),
        reach: this.say(reachWords(permission, reach)),
        from,
        exception,
        shown: reach || from,
      };
    }).filter(({ shown }) => shown),
  );
  /** Who it is, as they are stored: what is read again unchanged changes nothing of what is being chosen. */
  private readonly stored = computed(() => `${this.person().id} ${this.person().version}`);
  protected readonly changing = linkedSignal({ source: () => this.stored(), computation: () => false });
  protected readonly exceptions = linkedSignal<string, Exceptions>({
    source: () => `${this.stored()} ${this.changing()}`,
    computation: () => untracked(() => this.person().exceptions),
  });

  protected readonly rights = PERMISSIONS.map((value) => ({ value, word: this.say(RIGHT_WORDS[value]) }));
  private readonly names = inject(WorkNames);
  protected readonly asked = new FormGroup({
    right: new FormControl<Permission>('time.read', { nonNullable: true }),
    person: new FormControl<string | null>(null),
    project: new FormControl<string | null>(null),
  });
  private readonly values = valuesOf(this.asked);
  /** What the right is asked about: somebody's time, a project, or nothing more. */
  protected readonly about = computed(() => aboutOf(this.values().right));
  protected readonly why = loaded(
    () => {
      const { right, person, project } = this.values();
      const about = this.about();
      const whose = about === 'time' ? person : this.person().id;
      const on = about === 'firm' ? null : project;
      const asked = about === 'work' ? on : whose;
      return asked && whose ? { id: this.person().id, right, whose, on, version: this.person().version } : undefined;
    },
    ({ id, right, whose, on }) =>
      this.api.call('readWhyMay', { params: { id }, query: { right, person: whose, ...(on && { project: on }) } }),
  );
  protected readonly answer = computed(() => {
    const why = this.why.value();
    return why ? this.sentences(why) : [];
  });

  private sentences({ may, reach, sources, ways }: WhyMay): string[] {
    const { right, person, project } = this.values();
    const about = this.about();
    const name = this.person().name;
    const whose = about === 'time' ? (this.people().find(({ id }) => id === person)?.name ?? '') : '';
    const of = about === 'work' ? (this.names.projectOf(project)?.name ?? '') : whose;
    const words = {
      everybody: about === 'firm' ? 'it is a right over the firm' : 'it reaches all',
      oneself: 'it is their own time',
      project: `${name} ${this.say('manages the project')}`,
      open: this.say('everybody may record on the project'),
      named: `${name} ${this.say('is named on the project')}`,
    };
    const because = ways.map((way) =>
      way.kind === 'team' ? `${name} leads ${way.name}, and ${whose} is in it` : words[way.kind],
    );
    return [
      `${name} ${may ? 'may' : 'may not'}: ${this.say(RIGHT_WORDS[right].toLowerCase())}${of ? `, of ${of}` : ''}.`,
      sources.length === 0
        ? 'No role and no exception gives it.'
        : `${sources.map((source) => `${sourceWords(source, this.say)} (${this.say(reachWords(right, source.reach))})`).join('; ')}.`,
      ...(may
        ? [`${because.join('; ')}.`]
        : reach
          ? [`It reaches “${this.say(reachWords(right, reach))}”, and that does not hold ${of}.`]
          : []),
    ].map((sentence) => sentence.charAt(0).toUpperCase() + sentence.slice(1));
  }

  protected async save(): Promise<void> {
    const { id, version, name } = this.person();
    await this.command.run(() => this.api.call('changeExceptions', { params: { id }, version, body: this.exceptions() }), {
      done: `${name} has other rights from now on`,
    });
  }
}
