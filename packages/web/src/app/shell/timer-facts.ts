import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output } from '@angular/core';
import { Store } from '@ngrx/store';
import { dateIn, instantOf, readClock } from '@yellowwood/core';
import type { BodyOf, Endpoints, Timer } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { timersFeature } from '../state/timers';
import { selectServiceChoices } from '../state/work';
import { Failure } from '../ui/failure';
import { ChoiceField } from '../ui/form/choice-field';
import { TextField } from '../ui/form/text-field';
import { PickedWork, WorkField } from '../ui/form/work-field';
import { timerSends } from './timer-sends';

/** What a timer is for: each fact is stored as soon as it is given. */
@Component({
  selector: 'yw-timer-facts',
  imports: [ChoiceField, Failure, TextField, WorkField],
  templateUrl: './timer-facts.html',
  styleUrls: ['./timer-facts.scss', './dock.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerFacts {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  readonly timer = input.required<Timer>();
  readonly discarded = output();
  readonly closed = output();
  protected readonly services = this.store.selectSignal(selectServiceChoices);
  private readonly all = this.store.selectSignal(timersFeature.selectTimers);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  private readonly sends = timerSends({ inTurn: true });
  protected readonly command = this.sends.command;
  protected readonly work = computed((): PickedWork | null => {
    const { projectId, taskId } = this.timer();
    return projectId ? { projectId, taskId } : null;
  });
  /** What is typed stays until another start is known. */
  protected readonly startText = linkedSignal(() => this.startShown());

  protected classify(work: PickedWork): void {
    this.change(work);
  }

  protected change(body: BodyOf<Endpoints['changeTimer']>): void {
    const { id, version } = this.timer();
    const newest = () => this.all().find((one) => one.id === id)?.version ?? version;
    void this.sends.send(() => this.api.call('changeTimer', { params: { id }, version: newest(), body }));
  }

  /** Another start, on the day on which it started: earlier than it was, since somebody forgot to press. */
  protected setStart(): void {
    // What shows no seconds is not cut off by going through it.
    if (this.startText().trim() === this.startShown()) return this.command.forget();
    const read = readClock(this.startText());
    if (!read.ok) return this.command.refuse('Type the time at which it started, such as 8:30.');
    const zone = this.me()!.person.zone;
    const date = dateIn(zone, this.timer().startedAt);
    const instant = instantOf(date, read.value, zone, 'earlier');
    if (!instant.ok) return this.command.refuse(`That time does not exist on ${this.formats.day(date)}: the clocks go forward.`);
    this.change({ startedAt: instant.value });
  }

  private startShown(): string {
    return this.formats.clock(this.timer().startedAt);
  }
}
