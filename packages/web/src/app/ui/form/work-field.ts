import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { group } from 'd3-array';
import { sessionFeature } from '../../state/session';
import { workActions, workFeature } from '../../state/work';
import { Dialogs } from '../dialogs';
import { FieldWords } from './field-words';
import { FindField, Findable } from './find-field';
import { SayPipe } from '../../state/own-words';
import { OwnWords } from '../../state/own-words';

/** A project or a task of it, as it is picked. */
export interface PickedWork {
  readonly projectId: string;
  readonly taskId: string | null;
}

/** Finds a project or task by its name, its client's, or its code; what one worked on lately stands first. */
@Component({
  selector: 'yw-work-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkField extends FindField<PickedWork> {
  private readonly store = inject(Store);
  override readonly placeholder = input('Type a project or task');
  protected readonly nothing = 'Nothing of that name. Type another part of it.';
  private readonly projects = this.store.selectSignal(workFeature.selectProjectList);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskList);
  private readonly lately = this.store.selectSignal(workFeature.selectLately);
  private readonly clients = this.store.selectSignal(workFeature.selectClients);
  private readonly departments = this.store.selectSignal(workFeature.selectDepartments);

  private readonly choices = computed((): Findable<PickedWork>[] => {
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
        const make = (taskId: string | null, path: string[]): Findable<PickedWork> => {
          const value = { projectId: project.id, taskId };
          const name = path.at(-1) ?? project.name;
          const context = path.length > 0 ? [project.name, ...path.slice(0, -1)].join(', ') : home;
          const shown = taskId ? `${name}, ${context}` : name;
          return {
            key: this.keyOf(value),
            name,
            context,
            shown,
            words: [project.called, home, ...path].join(' '),
            value,
          };
        };
        return [make(null, []), ...(open.get(project.id) ?? []).map((task) => make(task.id, pathOf(task.id)))];
      });
  });

  /** What one worked on lately stands first, the newest first. */
  protected readonly all = computed(() => {
    const place = new Map(this.lately().map((one, index) => [this.keyOf(one), index]));
    const rest = place.size;
    return [...this.choices()].sort((a, b) => (place.get(a.key) ?? rest) - (place.get(b.key) ?? rest));
  });

  protected keyOf({ projectId, taskId }: PickedWork): string {
    return `${projectId} ${taskId ?? ''}`;
  }

  private readonly say = inject(OwnWords).say;
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly dialogs = inject(Dialogs);
  /** Work that is not there yet is made on the spot, by those who may. */
  protected override readonly offer = computed(() => {
    const typed = (this.typed() ?? '').trim();
    return typed && this.rights()['work.change'] ? `${this.say('New project')} “${typed}” …` : '';
  });

  protected override take(value: PickedWork): void {
    super.take(value);
    this.store.dispatch(workActions.workUsed(value));
  }

  protected override make(name: string): void {
    void this.dialogs
      .open<string>(() => import('./new-project').then((m) => m.NewProjectDialog), { data: name })
      .then((projectId) => {
        // The focus comes back to the field; its list is not wanted again.
        this.close();
        if (projectId) this.take({ projectId, taskId: null });
      });
  }
}
