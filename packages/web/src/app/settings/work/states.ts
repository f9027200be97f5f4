import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  effect,
  inject,
  signal,
  viewChildren,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, ProjectState } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { OwnWords, SayPipe } from '../../state/own-words';
import { workActions } from '../../state/work';
import { command } from '../../ui/command';
import { Escaped } from '../../ui/escaped';
import { Failure } from '../../ui/failure';
import { SendsForm } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { TickField } from '../../ui/form/tick-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

type Facts = Omit<BodyOf<Endpoints['createProjectState']>, 'id'>;

const facts = () =>
  new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name.') }),
    records: new FormControl(true, { nonNullable: true }),
    open: new FormControl(true, { nonNullable: true }),
  });

/** What the firm says of its projects: a list of its own, each with what it means, edited in its place. */
@Component({
  selector: 'yw-states',
  imports: [Escaped, Failure, Loading, MatButton, ReactiveFormsModule, SayPipe, SendsForm, TextField, TickField],
  templateUrl: './states.html',
  styleUrls: ['../setting.scss', './states.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StatesScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly address = inject(Address);
  private readonly say = inject(OwnWords).say;
  protected readonly command = command();
  protected readonly all = loaded(
    () => this.address.firm(),
    () => this.api.call('listProjectStates'),
  );
  protected readonly changing = signal<string | null>(null);
  protected readonly form = facts();
  protected readonly added = facts();
  private readonly fields = viewChildren(TextField);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  /** What was put earlier, and is not drawn there yet. */
  private moved: string | null = null;

  constructor() {
    // A row that is drawn elsewhere loses the focus.
    effect(() => {
      this.all.value();
      const id = this.moved;
      this.moved = null;
      if (id) afterNextRender({ read: () => this.focusOn(id) }, { injector: this.injector });
    });
  }

  /** Puts the focus on what was pressed last of a row, or where the row is the first now, on what it still has. */
  private focusOn(id: string): void {
    const row = this.host.nativeElement.querySelector(`[data-key="${id}"]`);
    const button = row?.querySelector<HTMLElement>('.earlier') ?? row?.querySelector('button');
    if (document.activeElement === document.body || row?.contains(document.activeElement)) button?.focus();
  }

  protected meaningOf({ records, open }: Facts): string {
    return `${records ? 'takes time' : 'takes no time'}, ${open ? 'counts as open' : 'counts as done'}`;
  }

  protected countOf({ projects }: ProjectState): string {
    return projects === 0 ? this.say('no project') : `${projects} ${this.say(projects === 1 ? 'project' : 'projects')}`;
  }

  protected begin({ id, name, records, open }: ProjectState): void {
    this.form.setValue({ name, records, open });
    this.changing.set(id);
    setTimeout(() =>
      this.fields()
        .find((field) => field.bare())
        ?.select(),
    );
  }

  protected async save(state: ProjectState, place: number): Promise<void> {
    if (await this.change(state, this.form.getRawValue(), place, 'Saved')) this.changing.set(null);
  }

  protected async moveUp(state: ProjectState, place: number): Promise<void> {
    const { name, records, open } = state;
    this.moved = state.id;
    if (!(await this.change(state, { name, records, open }, place - 1, `${name} stands earlier`))) this.moved = null;
  }

  private async change({ id, version }: ProjectState, wish: Facts, place: number, done: string): Promise<boolean> {
    const saved = await this.command.run(
      async () => {
        await this.api.call('changeProjectState', { params: { id }, version, body: { ...wish, place } });
        return true;
      },
      { done },
    );
    // What is known of projects tells their state.
    if (saved) this.store.dispatch(workActions.workOutdated());
    return saved ?? false;
  }

  protected async remove({ id, version, name }: ProjectState): Promise<void> {
    await this.command.run(
      async () => {
        await this.api.call('removeProjectState', { params: { id }, version });
        return true;
      },
      { done: `${name} is taken away` },
    );
  }

  protected async add(): Promise<void> {
    const body = this.added.getRawValue();
    const done = await this.command.run(
      async (id) => {
        await this.api.call('createProjectState', { body: { id, ...body } });
        return true;
      },
      { done: `${body.name} is there`, about: JSON.stringify(body) },
    );
    if (done) this.added.reset();
  }
}
