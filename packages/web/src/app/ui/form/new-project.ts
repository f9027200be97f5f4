import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { Store } from '@ngrx/store';
import { Api } from '../../api/api';
import { workActions } from '../../state/work';
import { command } from '../command';
import { Failure } from '../failure';
import { ClientField, MeantClient } from './client-field';
import { SendsForm, valuesOf } from './drafts';
import { needed } from './field';
import { TextField } from './text-field';
import { SayPipe } from '../../state/own-words';

/** Makes a project while somebody records; closes with its id. */
@Component({
  selector: 'yw-new-project',
  imports: [ClientField, Failure, MatButton, MatDialogModule, ReactiveFormsModule, SendsForm, TextField, SayPipe],
  template: `
    <h2 mat-dialog-title>{{ 'New project' | say }}</h2>
    <form [formGroup]="form" (ywSend)="make()">
      <mat-dialog-content class="fields">
        <yw-text-field label="Project" [longest]="200" formControlName="name" />
        <yw-client-field
          label="Client"
          [hint]="values().client ? '' : 'Without a client it is the firm’s own work, and never billed.'"
          formControlName="client"
        />
        <yw-failure [of]="command" />
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button mat-button type="button" mat-dialog-close>Cancel</button>
        <button mat-flat-button type="submit">{{ 'Make the project' | say }}</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: '.fields { display: grid; gap: 12px; min-width: min(380px, 80vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewProjectDialog {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly dialog = inject<MatDialogRef<NewProjectDialog, string>>(MatDialogRef);
  protected readonly form = new FormGroup({
    name: new FormControl(inject<string>(MAT_DIALOG_DATA), {
      nonNullable: true,
      validators: needed('Type the name of the project.'),
    }),
    client: new FormControl<MeantClient | null>(null),
  });
  protected readonly values = valuesOf(this.form);
  protected readonly command = command();

  protected async make(): Promise<void> {
    const { name, client } = this.form.getRawValue();
    const body = { name, client };
    const made = await this.command.run((id) => this.api.call('createProject', { body: { id, ...body } }), {
      about: JSON.stringify(body),
    });
    if (!made) return;
    this.store.dispatch(workActions.workAdded({ client: made.client, projects: [made.project], tasks: [] }));
    this.dialog.close(made.project.id);
  }
}
