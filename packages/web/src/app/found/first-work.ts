import { ChangeDetectionStrategy, Component, afterRenderEffect, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { v7 as newId } from 'uuid';
import { Api } from '../api/api';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';

/** The first client and project of a firm, or neither. */
@Component({
  selector: 'yw-first-work',
  imports: [Failure, MatButton, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <h1>First work</h1>
    <p class="quiet">
      A project “General” is there already, for what is done for no client. Name a client and a project, or do it later, while you
      record.
    </p>
    <form [formGroup]="form" (ywSend)="make()">
      <yw-text-field label="Client" [longest]="200" formControlName="client" />
      <yw-text-field label="Project" [longest]="200" formControlName="project" />
      <yw-failure [of]="command" />
      <div class="row">
        <button mat-flat-button type="submit">Go on</button>
        <button mat-button type="button" (click)="done.emit()">Later</button>
      </div>
    </form>
  `,
  styleUrl: './step.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstWork {
  private readonly api = inject(Api);
  readonly firm = input.required<string>();
  readonly done = output();
  protected readonly form = new FormGroup({
    client: new FormControl('', { nonNullable: true, validators: needed('Type a client, or choose Later.') }),
    project: new FormControl('', { nonNullable: true, validators: needed('Type what you do for them, or choose Later.') }),
  });
  protected readonly command = command();
  private readonly first = viewChild(TextField);
  private readonly client = newId();

  constructor() {
    afterRenderEffect({ read: () => this.first()?.focus() });
  }

  protected async make(): Promise<void> {
    const { client, project } = this.form.getRawValue();
    const body = { name: project, client: { id: this.client, name: client } };
    const made = await this.command.run(
      (id) => this.api.call('createProject', { params: { firm: this.firm() }, body: { id, ...body } }),
      { about: JSON.stringify(body) },
    );
    if (made) this.done.emit();
  }
}
