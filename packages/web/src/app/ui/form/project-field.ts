import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { SayPipe } from '../../state/own-words';
import { Project, workFeature } from '../../state/work';
import { workFinder } from '../work-finder';
import { AskingField } from './asking-field';
import { FieldWords } from './field-words';
import { Findable } from './find-field';

/** Finds a project, also one that is done; its value is the project's id. */
@Component({
  selector: 'yw-project-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProjectField extends AskingField<string> {
  override readonly placeholder = input('Type a project');
  /** Projects that are not offered. */
  readonly without = input<readonly string[]>([]);
  protected readonly nothing = 'Nothing of that name. Type another part of it.';
  protected readonly finder = workFinder('project');
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectList);
  protected readonly all = computed(() =>
    this.offered(
      this.projects()
        .filter(({ archived }) => !archived)
        .map((project) => this.made(project)),
    ),
  );

  private offered(list: readonly Findable<string>[]): readonly Findable<string>[] {
    return list.filter(({ key }) => !this.without().includes(key));
  }

  private made(project: Project): Findable<string> {
    const shown = `${project.name}, ${project.code}`;
    const context = this.names.homeOf(project);
    return { key: project.id, name: shown, context, shown, words: `${project.called} ${context}`, value: project.id };
  }

  protected findable(scope: string): Findable<string> | null {
    const project = this.names.projectOf(scope.split(':')[1]);
    return project ? this.made(project) : null;
  }

  protected override inOrder(scopes: readonly string[]): readonly Findable<string>[] {
    return this.offered(super.inOrder(scopes));
  }

  protected keyOf(id: string): string {
    return id;
  }

  protected override shownOf(id: string): string {
    return this.findable(`project:${id}`)?.shown ?? '';
  }
}
