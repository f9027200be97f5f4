import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { WordFacts } from '@yellowwood/contracts';
import { LEVELS, Level, inOwnWords } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionActions, sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

const word = () => new FormControl('', { nonNullable: true, validators: needed('Type the word.') });
const pair = () => new FormGroup({ one: word(), many: word() });

/** What the firm calls the levels of work, and which text names a piece of it. */
@Component({
  selector: 'yw-words',
  imports: [ChoiceField, Failure, History, Loading, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './words.html',
  styleUrls: ['../setting.scss', './words.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WordsScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly address = inject(Address);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readWords'),
  );
  protected readonly levels = LEVELS;
  protected readonly form = new FormGroup({
    ...{ client: pair(), project: pair(), task: pair(), service: pair() },
    workText: new FormControl<WordFacts['workText']>('name', { nonNullable: true }),
  });
  private readonly values = valuesOf(this.form);
  protected readonly texts = [
    { value: 'name', word: 'its name' },
    { value: 'code', word: 'its code' },
    { value: 'order reference', word: 'the reference of its order' },
  ];
  /** A sentence of the page as it would read. */
  protected readonly example = computed(() => {
    const { workText: _, ...words } = this.values();
    return inOwnWords('Clients have projects, a project has tasks, and time on a task is of a service.', words);
  });

  constructor() {
    fillFor(
      this.form,
      () => this.known.value()?.version,
      () => {
        const { words, workText } = this.known.value()!.facts;
        const of = (level: Level) => words[level] ?? { one: level, many: `${level}s` };
        return { ...{ client: of('client'), project: of('project'), task: of('task'), service: of('service') }, workText };
      },
    );
  }

  protected async save(): Promise<void> {
    const { workText, ...words } = this.form.getRawValue();
    const { version } = this.known.value()!;
    const saved = await this.command.run(() => this.api.call('changeWords', { body: { words, workText }, version }), {
      done: 'Saved. The page says it so from now on',
    });
    if (!saved) return;
    this.known.set(saved);
    const me = this.me()!;
    this.store.dispatch(sessionActions.meRead({ me: { ...me, firm: { ...me.firm, ...saved.facts } } }));
  }
}
