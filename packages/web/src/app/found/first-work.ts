import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, effect, inject, input, output } from '@angular/core';
import { signal, untracked, viewChild } from '@angular/core';
import { FormArray, FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Trade, firstProjects } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { Api } from '../api/api';
import { OwnWords, SayPipe } from '../state/own-words';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm, valuesOf } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';
import { ToggleField } from '../ui/form/toggle-field';

const named = (name: string) =>
  new FormControl(name, { nonNullable: true, validators: needed('Type what is done, or choose Later.') });

/** The first client and projects of a firm, suggested by its trade; or none yet. */
@Component({
  selector: 'yw-first-work',
  imports: [Failure, MatButton, ReactiveFormsModule, SayPipe, SendsForm, TextField, ToggleField],
  templateUrl: './first-work.html',
  styleUrls: ['./step.scss', './first-work.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstWork {
  private readonly api = inject(Api);
  readonly firm = input.required<string>();
  readonly trade = input<Trade | null>(null);
  readonly done = output();
  private readonly say = inject(OwnWords).say;
  protected readonly uses = computed(() => [
    { value: 'client', word: this.say('For a client, by the hour') },
    { value: 'own', word: 'For the firm itself' },
  ]);
  protected readonly form = new FormGroup({
    use: new FormControl('client', { nonNullable: true }),
    client: new FormControl('', { nonNullable: true, validators: needed('Type a client, or choose Later.') }),
    projects: new FormArray([named('')]),
  });
  private readonly values = valuesOf(this.form);
  protected readonly forClient = computed(() => this.values().use === 'client');
  protected readonly command = command();
  private readonly first = viewChild(TextField);
  private readonly client = newId();
  /** An id for each project, which stays its own however often it is sent; and those that are made. */
  private readonly ids = new Map<FormControl<string>, string>();
  protected readonly made = signal<ReadonlySet<FormControl<string>>>(new Set());

  constructor() {
    effect(() => {
      const suggested = firstProjects(this.trade());
      untracked(() => {
        this.form.controls.projects.clear();
        for (const name of suggested.length > 0 ? suggested : ['']) this.add(name);
      });
    });
    effect(() => {
      const { client } = this.form.controls;
      if (this.forClient()) client.enable();
      else client.disable();
    });
    afterRenderEffect({ read: () => this.first()?.focus() });
  }

  protected add(name: string): void {
    this.form.controls.projects.push(named(name));
  }

  protected drop(index: number): void {
    this.form.controls.projects.removeAt(index);
  }

  /** One after the other; what is made already is not made again by another try. */
  protected async make(): Promise<void> {
    const name = this.form.controls.client.value;
    const rows = this.form.controls.projects.controls;
    const all = await this.command.run(async () => {
      for (const row of rows.filter((one) => !this.made().has(one))) {
        const id = this.ids.get(row) ?? newId();
        this.ids.set(row, id);
        const known = this.made().size > 0;
        const client = this.forClient() ? { id: this.client, ...(!known && { name }) } : null;
        await this.api.call('createProject', { params: { firm: this.firm() }, body: { id, name: row.value, client } });
        this.made.update((made) => new Set([...made, row]));
        row.disable();
      }
      return true;
    });
    if (all) this.done.emit();
  }
}
