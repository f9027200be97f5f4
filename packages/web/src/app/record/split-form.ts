import { ChangeDetectionStrategy, Component, afterNextRender, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { SplitFailure } from '@yellowwood/core';
import type { Entry } from '@yellowwood/contracts';
import { SendsForm } from '../ui/form/drafts';
import { says } from '../ui/form/field';
import { Leaves } from '../ui/leaves';
import { TextField } from '../ui/form/text-field';
import { Formats } from '../state/formats';
import { ClockPipe, HoursPipe } from '../ui/formats';
import { WeekStore } from './week-store';

/** Divides an entry in two, at a time of the clock or after a length. */
@Component({
  selector: 'yw-split-form',
  imports: [ClockPipe, HoursPipe, Leaves, MatButton, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <form [formGroup]="form" (ywSend)="split()" (ywLeave)="closed.emit()">
      <yw-text-field
        [label]="entry().startClock ? 'Divide at the time' : 'Length of the first part'"
        [hint]="
          entry().startClock
            ? 'between ' + (entry().startClock | clock) + ' and ' + (entry().endClock | clock)
            : 'shorter than ' + (entry().quantity | hours)
        "
        formControlName="at"
      />
      <button mat-stroked-button type="submit">Divide entry</button>
      <button mat-button type="button" (click)="closed.emit()">Cancel</button>
    </form>
  `,
  styles: `
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 8px 12px;
      padding: 6px 0;
      font-style: normal;
      color: var(--ink);
    }
    yw-text-field {
      width: 210px;
    }
    button {
      /* Beside the box, whatever stands below it. */
      margin-top: 23px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SplitForm {
  private readonly store = inject(WeekStore);
  private readonly field = viewChild.required(TextField);
  readonly entry = input.required<Entry>();
  readonly closed = output();
  protected readonly form = new FormGroup({ at: new FormControl('', { nonNullable: true }) });

  constructor() {
    afterNextRender({ read: () => this.field().focus() });
  }

  private readonly formats = inject(Formats);

  protected async split(): Promise<void> {
    const { at } = this.form.controls;
    const failure = await this.store.split(this.entry(), at.value);
    if (failure) at.setErrors(says(splitWords(failure, this.entry(), this.formats)));
    else this.closed.emit();
  }
}

function splitWords(failure: SplitFailure, entry: Entry, formats: Formats): string {
  if (failure === 'split-in-break') return 'The first part would be no longer than the break. Choose a later time.';
  return entry.startClock
    ? `Type a time between ${formats.time(entry.startClock)} and ${formats.time(entry.endClock)}, such as ${failure === 'split-unreadable' ? '10:15' : 'the one at which the work changed'}.`
    : 'Type a length shorter than the whole, such as 1:30.';
}
