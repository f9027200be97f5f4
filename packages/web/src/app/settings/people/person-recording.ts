import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { RECORD_WAYS, RecordWay } from '@yellowwood/core';
import type { PersonFacts, PlannedWeek } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Formats } from '../../state/formats';
import { sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { DurationField } from '../../ui/form/duration-field';
import { PlannedWeekField } from '../../ui/form/planned-week';
import { ToggleField } from '../../ui/form/toggle-field';
import { WaysField } from '../../ui/form/ways-field';

/** How one person records, how much at most, and what is planned of their week; what is not said is as the firm has it. */
@Component({
  selector: 'yw-person-recording',
  imports: [
    DateField,
    DurationField,
    Failure,
    MatButton,
    PlannedWeekField,
    ReactiveFormsModule,
    SendsForm,
    ToggleField,
    WaysField,
  ],
  templateUrl: './person-recording.html',
  styles: `
    form {
      display: grid;
      gap: 10px;
      grid-template-columns: minmax(0, 1fr);
    }
    .most {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 10px;
    }
    h3 {
      margin: 4px 0 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonRecording {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  readonly person = input.required<PersonFacts>();
  protected readonly command = command();
  protected readonly hows = [
    { value: 'firm', word: 'as the firm has it' },
    { value: 'own', word: 'in ways of their own' },
  ];
  protected readonly form = new FormGroup({
    how: new FormControl('firm', { nonNullable: true }),
    ways: new FormControl<readonly RecordWay[]>(RECORD_WAYS, { nonNullable: true }),
    dayMaximum: new FormControl<number | null>(null),
    weekMaximum: new FormControl<number | null>(null),
    planned: new FormControl<PlannedWeek | null>(null),
    from: new FormControl('', { nonNullable: true }),
  });
  protected readonly values = valuesOf(this.form);
  /** Whether another week is planned than the one that is. */
  protected readonly replanned = computed(() => planText(this.values().planned) !== planText(this.person().planned));
  protected readonly since = computed(() => {
    const { planned } = this.person();
    return planned ? `Planned since ${this.formats.day(planned.from, 'full')}.` : 'Nothing is planned of their week yet.';
  });

  constructor() {
    fillFor(
      this.form,
      () => `${this.person().id} ${this.person().version}`,
      () => {
        const { recording, planned } = this.person();
        const { dayMaximum, weekMaximum, ways } = recording;
        return {
          ...{ how: ways ? 'own' : 'firm', ways: ways ?? RECORD_WAYS, dayMaximum, weekMaximum, from: this.today() },
          planned: planned && { hours: planned.hours, dayStart: planned.dayStart, dayEnd: planned.dayEnd },
        };
      },
    );
  }

  protected async save(): Promise<void> {
    const { how, ways, dayMaximum, weekMaximum, planned, from } = this.form.getRawValue();
    if (this.replanned() && !from) return this.command.refuse('Type from which day on the week is planned like this.');
    const { id, version } = this.person();
    const body = {
      ...{ ways: how === 'own' ? [...ways] : null, dayMaximum, weekMaximum },
      ...(this.replanned() && planned && { planned: { ...planned, from } }),
    };
    await this.command.run(() => this.api.call('changeRecording', { params: { id }, version, body }), { done: 'Saved' });
  }
}

const planText = (plan: PlannedWeek | null): string => (plan ? JSON.stringify([plan.hours, plan.dayStart, plan.dayEnd]) : '');
