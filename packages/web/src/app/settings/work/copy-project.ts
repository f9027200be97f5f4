import { ChangeDetectionStrategy, Component, afterNextRender, computed, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { LONGEST_WORK_NAME } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { Api } from '../../api/api';
import { WorkAdded, workActions } from '../../state/work';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ClientField, MeantClient } from '../../ui/form/client-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { TickField } from '../../ui/form/tick-field';
import { WorkNames } from '../../ui/work-names';

const tick = (so = true) => new FormControl(so, { nonNullable: true });

/** Makes a project like another, with what one chooses of it. */
@Component({
  selector: 'yw-copy-project',
  imports: [ClientField, Failure, MatButton, ReactiveFormsModule, SendsForm, TextField, TickField],
  templateUrl: './copy-project.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CopyProject {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly names = inject(WorkNames);
  readonly id = input.required<string>();
  /** Whether its agreement, and whoever records on it, is theirs to take along. */
  readonly money = input.required<boolean>();
  readonly looksAfter = input.required<boolean>();
  readonly done = output<WorkAdded>();
  readonly closed = output();
  protected readonly longest = LONGEST_WORK_NAME;
  protected readonly command = command();
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type a name.') }),
    client: new FormControl<MeantClient | null>(null),
    ...{ tasks: tick(), estimates: tick(), agreement: tick(), whoRecords: tick(), notes: tick(false) },
  });
  private readonly values = valuesOf(this.form);
  /** Without a client nothing is agreed. */
  protected readonly takesMoney = computed(() => this.money() && this.values().client !== null);
  private readonly first = viewChild.required(TextField);
  /** Sent again, it is the same copy. */
  private readonly copy = newId();

  constructor() {
    afterNextRender({
      read: () => {
        const clientId = this.names.projectOf(this.id())?.clientId;
        if (clientId) this.form.controls.client.setValue({ id: clientId });
        this.first().focus();
      },
    });
  }

  protected async send(): Promise<void> {
    const { name, client, agreement, whoRecords, ...rest } = this.form.getRawValue();
    const along = { ...rest, agreement: agreement && this.takesMoney(), whoRecords: whoRecords && this.looksAfter() };
    const body = { id: this.copy, name, client, along };
    const made = await this.command.run(() => this.api.call('copyProject', { params: { id: this.id() }, body }));
    if (!made) return;
    this.store.dispatch(workActions.workAdded(made));
    this.done.emit(made);
  }
}
