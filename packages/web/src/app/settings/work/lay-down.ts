import { ChangeDetectionStrategy, Component, afterNextRender, computed, inject, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { DEEPEST, LONGEST_WORK_NAME, MOST_LINES, parentsOf, readOutline } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { Api } from '../../api/api';
import { Formats } from '../../state/formats';
import { OwnWords } from '../../state/own-words';
import { WorkAdded, workActions } from '../../state/work';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ClientField, MeantClient } from '../../ui/form/client-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';

/** Lays down projects and their tasks from an indented list, with what was read shown before. */
@Component({
  selector: 'yw-lay-down',
  imports: [ClientField, Failure, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './lay-down.html',
  styleUrl: './lay-down.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LayDown {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly formats = inject(Formats);
  private readonly say = inject(OwnWords).say;
  /** What was laid down. */
  readonly done = output<WorkAdded>();
  protected readonly command = command();
  protected readonly form = new FormGroup({
    client: new FormControl<MeantClient | null>(null),
    text: new FormControl('', { nonNullable: true, validators: needed('Type or paste a line for each project and task.') }),
  });
  protected readonly values = valuesOf(this.form);
  private readonly first = viewChild.required(ClientField);
  private readonly lines = computed(() => readOutline(this.values().text));
  /** The list as it was read: its first level projects, all below them tasks. */
  protected readonly read = computed(() =>
    this.lines().map(({ line, name, depth, estimate }) => ({
      ...{ line, name, depth },
      time: estimate === null ? '' : this.formats.hours(estimate),
    })),
  );
  /** What cannot be laid down, a sentence for each line. */
  protected readonly wrong = computed(() =>
    this.lines().flatMap(({ line, name, depth }) => {
      if (name.length > LONGEST_WORK_NAME) return [`Line ${line} is longer than ${LONGEST_WORK_NAME} letters. Shorten it.`];
      return depth > DEEPEST ? [`Line ${line} lies deeper than ${DEEPEST + 1} levels. Take it further out.`] : [];
    }),
  );
  protected readonly counted = computed(() => {
    const projects = this.lines().filter(({ depth }) => depth === 0).length;
    const tasks = this.lines().length - projects;
    const count = (number: number, word: string) => `${number} ${this.say(number === 1 ? word : `${word}s`)}`;
    return tasks > 0 ? `${count(projects, 'project')} and ${count(tasks, 'task')}` : count(projects, 'project');
  });
  /** The ids of a list as it was sent: sent again, it is the same list. */
  private sent: { readonly text: string; readonly ids: readonly string[] } = { text: '', ids: [] };

  constructor() {
    afterNextRender({ read: () => this.first().focus() });
  }

  protected async send(): Promise<void> {
    const lines = this.lines();
    if (this.wrong().length > 0) return this.command.refuse('Mend the lines that are named above.');
    if (lines.length > MOST_LINES)
      return this.command.refuse(`That is more than ${MOST_LINES} lines at once. Add them in parts.`);
    if (lines.length === 0) return this.command.refuse('There is no name in it. Type or paste a line for each project and task.');
    const { client, text } = this.form.getRawValue();
    if (this.sent.text !== text) this.sent = { text, ids: lines.map(() => newId()) };
    const { ids } = this.sent;
    const parents = parentsOf(lines);
    const body = {
      client,
      lines: lines.map(({ name, estimate }, index) => ({
        ...{ id: ids[index]!, parentId: parents[index] === null ? null : ids[parents[index]!]!, name, estimate: estimate ?? 0 },
      })),
    };
    const made = await this.command.run((key) => this.api.call('layDown', { body, key }), { about: JSON.stringify(body) });
    if (!made) return;
    this.store.dispatch(workActions.workAdded(made));
    this.form.reset({ client: null, text: '' });
    this.first().focus();
    this.done.emit(made);
  }
}
