import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { KnownShape } from '@yellowwood/contracts';
import { FIRM_FUNCTIONS, FirmFunction } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Formats } from '../../state/formats';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { SwitchField } from '../../ui/form/switch-field';
import { FUNCTION_WORDS } from '../../words/functions';

const on = () => new FormControl(true, { nonNullable: true });

/** What the firm uses, each function on its own; what is off stays out of everybody's sight. */
@Component({
  selector: 'yw-functions-form',
  imports: [Failure, MatButton, ReactiveFormsModule, SendsForm, SwitchField],
  template: `
    <form [formGroup]="form" (ywSend)="save()">
      <div class="all">
        @for (one of all; track one.id) {
          <yw-switch-field [label]="one.word" [hint]="one.about" [formControlName]="one.id" />
        }
      </div>
      @if (waits(); as sentence) {
        <p role="status">{{ sentence }}</p>
      }
      <yw-failure [of]="command" />
      <div class="row">
        <button mat-flat-button data-main type="submit">{{ button() }}</button>
        <ng-content />
      </div>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 14px;
    }
    .all {
      border-top: 1px solid var(--line);
    }
    .row {
      display: flex;
      gap: 12px;
      flex-wrap: wrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FunctionsForm {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  readonly firm = input.required<string>();
  readonly known = input.required<KnownShape>();
  readonly button = input('Save');
  /** What is known by now, also where nothing was to be changed. */
  readonly done = output<KnownShape>();
  /** What would be off, as the switches stand. */
  readonly wished = output<readonly FirmFunction[]>();
  protected readonly command = command();
  protected readonly all = FIRM_FUNCTIONS.map((id) => ({ id, ...FUNCTION_WORDS[id] }));
  protected readonly form = new FormGroup({
    ...{ review: on(), invoices: on(), cost: on(), people: on(), grid: on(), instruction: on() },
  } satisfies Record<FirmFunction, FormControl<boolean>>);
  private readonly values = valuesOf(this.form);
  /** What waits for review where that is about to go out of sight. */
  protected readonly waits = computed(() => {
    const { duration, people } = this.known().waiting;
    if (this.values().review || this.known().off.includes('review') || people === 0) return '';
    const of = people === 1 ? 'one person' : `${people} people`;
    return `${this.formats.hours(duration)} of ${of} wait for a decision. Review stays in sight until that is decided.`;
  });
  private readonly off = computed(() => FIRM_FUNCTIONS.filter((one) => !this.values()[one]));

  constructor() {
    fillFor(
      this.form,
      () => this.known().version,
      () => Object.fromEntries(FIRM_FUNCTIONS.map((one) => [one, !this.known().off.includes(one)])),
    );
    effect(() => this.wished.emit(this.off()));
  }

  protected async save(): Promise<void> {
    const { version, off: before } = this.known();
    const off = [...this.off()];
    if (off.join() === before.join()) return this.done.emit(this.known());
    const saved = await this.command.run(() =>
      this.api.call('changeFunctions', { params: { firm: this.firm() }, body: { off }, version }),
    );
    if (saved) this.done.emit(saved);
  }
}
