import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { group } from 'd3-array';
import { sessionFeature } from '../../state/session';
import { Project, workActions, workFeature } from '../../state/work';
import { Dialogs } from '../dialogs';
import { workFinder } from '../work-finder';
import { AskingField } from './asking-field';
import { FieldWords } from './field-words';
import { Findable } from './find-field';
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
export class WorkField extends AskingField<PickedWork> {
  private readonly store = inject(Store);
  override readonly placeholder = input('Type a project or task');
  protected readonly nothing = 'Nothing of that name. Type another part of it.';
  protected readonly finder = workFinder('work');
  private readonly projects = this.store.selectSignal(workFeature.selectProjectList);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskList);
  private readonly lately = this.store.selectSignal(workFeature.selectLately);

  /** What one worked on lately, then what else is known here. */
  protected readonly all = computed(() => {
    const open = group(
      this.tasks().filter((task) => task.open),
      (task) => task.projectId,
    );
    const known = this.projects()
      .filter((project) => project.takesTime)
      .flatMap((project) => [
        this.made(project, null),
        ...(open.get(project.id) ?? []).map((task) => this.made(project, task.id)),
      ]);
    return this.latelyFirst(known);
  });

  private latelyFirst(list: readonly Findable<PickedWork>[]): readonly Findable<PickedWork>[] {
    const place = new Map(this.lately().map((one, index) => [this.keyOf(one), index]));
    const rest = place.size;
    return [...list].sort((a, b) => (place.get(a.key) ?? rest) - (place.get(b.key) ?? rest));
  }

  private made(project: Project, taskId: string | null): Findable<PickedWork> {
    const value = { projectId: project.id, taskId };
    const path = this.names.pathOf(taskId);
    const home = this.names.homeOf(project);
    const name = path.at(-1) ?? project.name;
    const context = path.length > 0 ? [project.name, ...path.slice(0, -1)].join(', ') : home;
    const shown = taskId ? `${name}, ${context}` : name;
    return { key: this.keyOf(value), name, context, shown, words: [project.called, home, ...path].join(' '), value };
  }

  protected findable(scope: string): Findable<PickedWork> | null {
    const [kind, id] = scope.split(':') as [string, string];
    const taskId = kind === 'task' ? id : null;
    const project = this.names.projectOf(taskId ? this.names.taskOf(taskId)?.projectId : id);
    return project ? this.made(project, taskId) : null;
  }

  protected override inOrder(scopes: readonly string[]): readonly Findable<PickedWork>[] {
    return this.latelyFirst(super.inOrder(scopes));
  }

  protected keyOf({ projectId, taskId }: PickedWork): string {
    return `${projectId} ${taskId ?? ''}`;
  }

  protected override shownOf({ projectId, taskId }: PickedWork): string {
    const project = this.names.projectOf(projectId);
    // What is not told yet is not shown by half.
    return project && (!taskId || this.names.taskOf(taskId)) ? this.made(project, taskId).shown : '';
  }

  private readonly say = inject(OwnWords).say;
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly dialogs = inject(Dialogs);

  /** Work that is not there yet is made on the spot, by those who may. */
  protected override offers(typed: string): string {
    return this.rights()['work.change'] ? `${this.say('New project')} “${typed}” …` : '';
  }

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
