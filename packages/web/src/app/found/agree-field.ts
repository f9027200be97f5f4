import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { TickField } from '../ui/form/tick-field';

/** Agreeing to the texts, which are a press away. */
@Component({
  selector: 'yw-agree-field',
  imports: [ReactiveFormsModule, RouterLink, TickField],
  template: `
    <yw-tick-field label="I agree to the terms of use, and to what is done with my data." [formControl]="control()" />
    <p class="quiet">Read <a routerLink="/texts" target="_blank">the terms, and what happens to your data</a>. They are short.</p>
  `,
  styles: ':host { display: grid; gap: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AgreeField {
  readonly control = input.required<FormControl<boolean>>();
}
