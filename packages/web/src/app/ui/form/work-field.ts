import { ChangeDetectionStrategy, Component, computed, effect, inject, input, model, output, signal } from '@angular/core';
import { viewChild } from '@angular/core';
import { MatAutocomplete, MatAutocompleteSelectedEvent, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { group } from 'd3-array';
import { workActions, workFeature } from '../../state/work';
import { Field } from './field';
import { FieldWords } from './field-words';

/** A project or a task of it, as it is picked. */
export interface PickedWork {
  readonly projectId: string;
  readonly taskId: string | null;
}

interface Choice extends PickedWork {
  readonly key: string;
  readonly name: string;
  readonly context: string;
  readonly search: string;
}

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

/** Finds a project or task by typing any part of its name, its client's, or its code. */
@Component({
  selector: 'yw-work-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption],
  templateUrl: './work-field.html',
  styleUrl: './field.scss',
  styles: 'small { margin-left: 8px; } .name { font-size: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkField extends Field<PickedWork | null> {
  private readonly store = inject(Store);
  readonly value = model<PickedWork | null>(null);
  protected readonly empty = null;
  readonly placeholder = input('Type a project or task');
  readonly picked = output<PickedWork>();
  protected readonly typed = signal<string | null>(null);
  private readonly trigger = viewChild.required(MatAutocompleteTrigger);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectList);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskList);
  private readonly lately = this.store.selectSignal(workFeature.selectLately);
  private readonly clients = this.store.selectSignal(workFeature.selectClients);
  private readonly departments = this.store.selectSignal(workFeature.selectDepartments);

  private readonly choices = computed((): Choice[] => {
    const homes = new Map([...this.clients(), ...this.departments()].map((home) => [home.id, home.name]));
    const names = new Map(this.tasks().map((task) => [task.id, task]));
    const open = group(
      this.tasks().filter((task) => task.open),
      (task) => task.projectId,
    );
    const pathOf = (id: string | null): string[] => {
      const task = id === null ? undefined : names.get(id);
      return task ? [...pathOf(task.parentId), task.name] : [];
    };
    return this.projects()
      .filter((project) => project.open)
      .flatMap((project) => {
        const home = homes.get(project.clientId ?? project.departmentId ?? '') ?? '';
        const make = (taskId: string | null, path: string[]): Choice => ({
          projectId: project.id,
          taskId,
          key: `${project.id} ${taskId ?? ''}`,
          name: path.length > 0 ? path.at(-1)! : project.name,
          context: path.length > 0 ? [project.name, ...path.slice(0, -1)].join(', ') : home,
          search: plain([project.name, project.code, home, ...path].join(' ')),
        });
        return [make(null, []), ...(open.get(project.id) ?? []).map((task) => make(task.id, pathOf(task.id)))];
      });
  });

  /** What one worked on lately stands first, the newest first. */
  private readonly inOrder = computed(() => {
    const place = new Map(this.lately().map((one, index) => [`${one.projectId} ${one.taskId ?? ''}`, index]));
    const rest = place.size;
    return [...this.choices()].sort((a, b) => (place.get(a.key) ?? rest) - (place.get(b.key) ?? rest));
  });

  protected readonly found = computed(() => {
    const words = plain(this.typed() ?? '')
      .split(/\s+/)
      .filter(Boolean);
    return this.inOrder()
      .filter((choice) => words.every((word) => choice.search.includes(word)))
      .slice(0, 40);
  });

  protected readonly shown = computed(() => {
    const value = this.value();
    const choice = value && this.choices().find((one) => one.projectId === value.projectId && one.taskId === value.taskId);
    return choice ? this.display(choice) : '';
  });

  constructor() {
    super();
    effect(() => (this.box()!.nativeElement.value = this.shown()));
  }

  protected readonly display = (choice: Choice | null): string =>
    choice ? (choice.taskId ? `${choice.name}, ${choice.context}` : choice.name) : '';

  protected pick(event: MatAutocompleteSelectedEvent): void {
    const { projectId, taskId } = event.option.value as Choice;
    this.typed.set(null);
    this.store.dispatch(workActions.workUsed({ projectId, taskId }));
    this.give({ projectId, taskId });
    this.picked.emit({ projectId, taskId });
  }

  /** What was typed and not chosen is no choice: the field shows again what is. */
  protected restore(): void {
    this.typed.set(null);
    this.box()!.nativeElement.value = this.shown();
  }

  /**
   * While the list is open, one may be on the way to a choice in it, which takes no focus; its closing restores.
   * @param to what has the focus now
   */
  protected left(to: EventTarget | null): void {
    this.leave();
    if (to) this.trigger().closePanel();
    if (!this.trigger().panelOpen) this.restore();
  }

  clear(): void {
    this.value.set(null);
    this.restore();
  }
}
