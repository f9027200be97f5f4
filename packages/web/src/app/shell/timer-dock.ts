import { ChangeDetectionStrategy, Component, DestroyRef, computed, inject, signal } from '@angular/core';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Store } from '@ngrx/store';
import { clockText, dateIn, durationText, instantOf, readClock, seconds, shortDate } from '@yellowwood/core';
import type { Timer, Timers } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { timerActions, timersFeature } from '../state/timers';
import { workFeature } from '../state/work';
import { Ask } from '../ui/ask';
import { Notices } from '../ui/notices';
import { PickedWork, WorkPicker } from '../ui/work-picker';
import { WorkNames } from '../ui/work-names';

/** The foot of every screen of a person who records: what runs, what is paused, and starting anew. */
@Component({
  selector: 'yw-timer-dock',
  imports: [MatMenu, MatMenuItem, MatMenuTrigger, WorkPicker],
  templateUrl: './timer-dock.html',
  styleUrl: './timer-dock.scss',
  host: { '[class.running]': '!!running()', role: 'region', 'aria-label': 'Timer' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerDock {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly refresh = inject(Refresh);
  private readonly notices = inject(Notices);
  private readonly asking = inject(Ask);
  protected readonly names = inject(WorkNames);
  protected readonly running = this.store.selectSignal(timersFeature.selectRunning);
  protected readonly paused = this.store.selectSignal(timersFeature.selectPaused);
  private readonly all = this.store.selectSignal(timersFeature.selectTimers);
  private readonly offset = this.store.selectSignal(timersFeature.selectOffset);
  protected readonly today = this.store.selectSignal(timersFeature.selectToday);
  protected readonly services = this.store.selectSignal(workFeature.selectServiceList);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  /** Milliseconds of the machine's clock, by the second. */
  private readonly clock = signal(Date.now());
  /** The timer whose facts are being edited. */
  protected readonly editing = signal<string | null>(null);
  protected readonly edited = computed(() => this.all().find((timer) => timer.id === this.editing()) ?? null);
  protected readonly startText = signal('');
  protected readonly sentence = signal('');

  protected readonly elapsed = computed(() => {
    const timer = this.running();
    return timer ? clockText(seconds(this.secondsOf(timer))) : '';
  });

  /** Today's total with what runs, against the most that the person should work. */
  protected readonly todayText = computed(() => {
    const today = this.today();
    if (!today) return '';
    const open = this.all()
      .filter((timer) => dateIn(this.me()?.person.zone ?? 'UTC', timer.startedAt) === today.date)
      .reduce((sum, timer) => sum + this.secondsOf(timer), 0);
    return `${durationText(seconds(today.recorded + open))} today, at most ${durationText(seconds(today.maximum))}`;
  });
  protected readonly overMaximum = computed(() => {
    const today = this.today();
    return !!today && today.recorded + (this.running() ? this.secondsOf(this.running()!) : 0) > today.maximum;
  });

  constructor() {
    const ticking = setInterval(() => this.clock.set(Date.now()), 1000);
    inject(DestroyRef).onDestroy(() => clearInterval(ticking));
  }

  private secondsOf(timer: Timer): number {
    const since = timer.since ? Math.max(0, Math.floor((this.clock() + this.offset() - Date.parse(timer.since)) / 1000)) : 0;
    return timer.elapsed + since;
  }

  protected lengthOf(timer: Timer): string {
    return durationText(seconds(this.secondsOf(timer)));
  }

  protected nameOf(timer: Timer): string {
    return timer.projectId
      ? this.names.task(timer.taskId) || this.names.project(timer.projectId)
      : timer.note.split('\n')[0] || 'Not classified yet';
  }

  protected contextOf(timer: Timer): string {
    if (!timer.projectId) return 'say later what it is';
    const service = this.names.service(timer.serviceId);
    return [timer.taskId ? this.names.project(timer.projectId) : '', service.toLowerCase()].filter(Boolean).join(', ');
  }

  /** Starts with nothing filled in; what runs is stopped or paused at the same moment. */
  protected start(others: 'pause' | 'stop'): void {
    const id = newId();
    void this.send(
      () => this.api.call('startTimer', { body: { id, projectId: null, taskId: null, serviceId: null, note: '', others } }),
      () => this.edit(id),
    );
  }

  protected pause(timer: Timer): void {
    void this.send(() => this.api.call('pauseTimer', { params: { id: timer.id } }));
  }

  protected resume(timer: Timer): void {
    void this.send(() => this.api.call('resumeTimer', { params: { id: timer.id }, body: { others: 'pause' } }));
  }

  protected stop(timer: Timer): void {
    void this.send(async () => {
      const { timers, entries } = await this.api.call('stopTimer', { params: { id: timer.id } });
      const kept = entries.reduce((sum, entry) => sum + entry.quantity, 0);
      const open = entries.some((entry) => !entry.projectId || !entry.serviceId);
      this.notices.done(
        entries.length === 0
          ? 'It ran for less than a second; nothing is kept.'
          : `${durationText(seconds(kept))} kept${open ? '; say what it was before you submit' : ''}.`,
      );
      return timers;
    });
    this.editing.set(null);
  }

  protected async discard(timer: Timer): Promise<void> {
    const sure = await this.asking.ask({
      title: 'Throw this timer away?',
      text: `${this.nameOf(timer)}, ${this.lengthOf(timer)}. No entry is kept of it.`,
      button: 'Throw it away',
    });
    if (sure === undefined) return;
    this.editing.set(null);
    await this.send(() => this.api.call('discardTimer', { params: { id: timer.id } }));
  }

  protected edit(id: string | null): void {
    this.editing.set(this.editing() === id ? null : id);
    this.sentence.set('');
    const timer = this.edited();
    if (timer)
      this.startText.set(
        new Date(timer.startedAt).toLocaleTimeString('en-GB', {
          hour: '2-digit',
          minute: '2-digit',
          timeZone: this.me()?.person.zone,
        }),
      );
  }

  protected classify(timer: Timer, work: PickedWork): void {
    void this.change(timer, work);
  }

  protected change(
    timer: Timer,
    body: Partial<Pick<Timer, 'projectId' | 'taskId' | 'serviceId' | 'note'>> & { billable?: boolean; startedAt?: string },
  ): Promise<void> {
    return this.send(() => this.api.call('changeTimer', { params: { id: timer.id }, version: timer.version, body }));
  }

  /** Another start, on the day on which it started: earlier than it was, since somebody forgot to press. */
  protected setStart(timer: Timer): void {
    const read = readClock(this.startText());
    if (!read.ok) return this.sentence.set('Type the time at which it started, such as 8:30.');
    const zone = this.me()!.person.zone;
    const date = new Date(timer.startedAt).toLocaleDateString('sv-SE', { timeZone: zone });
    const instant = instantOf(date, read.value, zone, 'earlier');
    if (!instant.ok) return this.sentence.set(`That time does not exist on ${shortDate(date)}: the clocks go forward.`);
    this.sentence.set('');
    void this.change(timer, { startedAt: instant.value });
  }

  private async send(call: () => Promise<Timers>, then?: () => void): Promise<void> {
    try {
      const timers = await call();
      this.sentence.set('');
      this.store.dispatch(timerActions.known({ timers, readAt: Date.now() }));
      this.refresh.written();
      then?.();
    } catch (error) {
      if (this.editing()) this.sentence.set(sentenceOf(error));
      else this.notices.failed(error);
      this.store.dispatch(timerActions.read());
    }
  }
}
