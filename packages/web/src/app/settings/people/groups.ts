import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChildren } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { Group, GroupKind } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

const named = () => new FormGroup({ name: new FormControl('', { nonNullable: true, validators: needed('Type the name.') }) });

/** The positions and departments of the firm, each list edited in its place. */
@Component({
  selector: 'yw-groups',
  imports: [Failure, Loading, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './groups.html',
  styleUrls: ['../setting.scss', './groups.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GroupsScreen {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  protected readonly command = command();
  protected readonly all = loaded(
    () => this.address.firm(),
    () => this.api.call('listGroups'),
  );
  protected readonly renaming = signal<string | null>(null);
  protected readonly form = named();
  private readonly fields = viewChildren(TextField);
  private readonly kinds = [
    { kind: 'position' as const, word: 'Positions', add: 'New position', form: named() },
    { kind: 'department' as const, word: 'Departments', add: 'New department', form: named() },
  ];
  protected readonly parts = computed(() => {
    const groups = this.all.value()?.groups;
    if (!groups) return [];
    return this.kinds.map((part) => ({ ...part, groups: groups.filter(({ kind }) => kind === part.kind) }));
  });

  protected wordOf({ ended, people }: Group): string {
    if (ended) return 'ended';
    return people === 0 ? 'nobody' : `${people} ${people === 1 ? 'person' : 'people'}`;
  }

  protected begin({ id, name }: Group): void {
    this.form.setValue({ name });
    this.renaming.set(id);
    setTimeout(() =>
      this.fields()
        .find((field) => field.bare())
        ?.select(),
    );
  }

  protected async rename(group: Group): Promise<void> {
    if (await this.change(group, this.form.getRawValue().name, group.ended)) this.renaming.set(null);
  }

  protected async change({ id, version, ended: was }: Group, name: string, ended: boolean): Promise<boolean> {
    const done = await this.command.run(
      async () => {
        await this.api.call('changeGroup', { params: { id }, version, body: { name, ended } });
        return true;
      },
      { done: ended === was ? 'Saved' : `${name} is ${ended ? 'ended' : 'there again'}` },
    );
    return done ?? false;
  }

  protected async add(kind: GroupKind): Promise<void> {
    const { form } = this.kinds.find((part) => part.kind === kind)!;
    const { name } = form.getRawValue();
    const done = await this.command.run(
      async (id) => {
        await this.api.call('createGroup', { body: { id, kind, name } });
        return true;
      },
      { done: `${name} is there`, about: `${kind} ${name}` },
    );
    if (done) form.reset();
  }
}
