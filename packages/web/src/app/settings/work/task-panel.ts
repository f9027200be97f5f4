import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { OutlineTask } from '@yellowwood/contracts';
import { OwnWords, SayPipe } from '../../state/own-words';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm } from '../../ui/form/drafts';
import { DurationField } from '../../ui/form/duration-field';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { PickedWork, WorkField } from '../../ui/form/work-field';
import { OutlineState } from './outline-state';

const KINDS = ['task', 'phase', 'deliverable', 'work order'] as const;

/** One task beside the outline: what it is, how long it may take, whether it is done, and where else it may go. */
@Component({
  selector: 'yw-task-panel',
  imports: [ChoiceField, DurationField, Failure, MatButton, ReactiveFormsModule, SayPipe, SendsForm, TextField, WorkField],
  templateUrl: './task-panel.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TaskPanel {
  protected readonly state = inject(OutlineState);
  private readonly say = inject(OwnWords).say;
  readonly task = input.required<OutlineTask>();
  readonly closed = output();
  protected readonly kinds = KINDS.map((value) => ({ value, word: this.say(value) }));
  protected readonly states = [
    { value: 'open', word: 'open' },
    { value: 'done', word: 'done' },
  ];
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type a name.') }),
    kind: new FormControl<string>('task', { nonNullable: true }),
    estimate: new FormControl<number | null>(null),
    state: new FormControl('open', { nonNullable: true }),
  });
  private readonly id = computed(() => this.task().id);
  /** Where it is to go: asked anew of another task. */
  protected readonly target = linkedSignal<string, PickedWork | null>({ source: this.id, computation: () => null });
  private readonly seen = computed(() => `${this.task().id} ${this.task().version}`);

  constructor() {
    effect(() => {
      this.seen();
      const { name, kind, estimate, open } = untracked(this.task);
      this.form.reset({ name, kind, estimate: estimate || null, state: open ? 'open' : 'done' });
    });
  }

  /** Whether it was to be moved last: then what was refused stands there. */
  protected readonly moving = signal(false);

  protected async save(): Promise<void> {
    this.moving.set(false);
    const { name, kind, estimate, state } = this.form.getRawValue();
    await this.state.change(this.task().id, {
      ...{ name: name.trim(), kind: kind as OutlineTask['kind'], estimate: estimate ?? 0, open: state === 'open' },
    });
  }

  protected async move(): Promise<void> {
    this.moving.set(true);
    const target = this.target();
    if (!target) return this.state.command.refuse('Choose where it goes.');
    const { projectId, taskId } = target;
    if (!(await this.state.move(this.task().id, { projectId, parentId: taskId, beforeId: null }))) return;
    this.target.set(null);
    await this.state.unfold(projectId, 'project');
  }
}
