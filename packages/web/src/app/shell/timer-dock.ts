import { ChangeDetectionStrategy, Component, DOCUMENT, ElementRef, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Store } from '@ngrx/store';
import { clockText, dateIn, seconds } from '@yellowwood/core';
import type { Entry, Timer } from '@yellowwood/contracts';
import { sum } from 'd3-array';
import { interval, map } from 'rxjs';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { sessionFeature } from '../state/session';
import { timersFeature } from '../state/timers';
import { Ask } from '../ui/ask';
import { Failure } from '../ui/failure';
import { fetchAhead } from '../ui/fetch-ahead';
import { focusWhenThere } from '../ui/focus-when-there';
import { Leaves } from '../ui/leaves';
import { NotFetched } from '../ui/not-fetched';
import { WorkNames } from '../ui/work-names';
import { TimerFacts } from './timer-facts';
import { timerSends } from './timer-sends';

/** The foot of every screen of a person who records: what runs, what is paused, and starting anew. */
@Component({
  selector: 'yw-timer-dock',
  imports: [Failure, Leaves, MatMenu, MatMenuItem, MatMenuTrigger, NotFetched, TimerFacts],
  templateUrl: './timer-dock.html',
  styleUrls: ['./timer-dock.scss', './dock.scss'],
  host: { '[class.running]': '!!running()', role: 'region', 'aria-label': 'Timer' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerDock {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly asking = inject(Ask);
  private readonly formats = inject(Formats);
  protected readonly names = inject(WorkNames);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly mayType = !inject(DOCUMENT).defaultView!.matchMedia('(pointer: coarse)').matches;
  protected readonly running = this.store.selectSignal(timersFeature.selectRunning);
  protected readonly paused = this.store.selectSignal(timersFeature.selectPaused);
  private readonly all = this.store.selectSignal(timersFeature.selectTimers);
  private readonly offset = this.store.selectSignal(timersFeature.selectOffset);
  protected readonly today = this.store.selectSignal(timersFeature.selectToday);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  /** Whether timers are how one records. */
  protected readonly timed = computed(() => this.me()?.ways.includes('timer') ?? true);
  /** Milliseconds of the machine's clock, by the second. */
  private readonly clock = toSignal(interval(1000).pipe(map(() => Date.now())), { initialValue: Date.now() });
  /** The timer whose facts are being edited. */
  protected readonly editing = signal<string | null>(null);
  protected readonly edited = computed(() => this.all().filter((timer) => timer.id === this.editing()));
  private readonly sends = timerSends();
  protected readonly command = this.sends.command;
  private readonly send = this.sends.send;

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
    return `${this.formats.hours(today.recorded + open)} today, at most ${this.formats.hours(today.maximum)}`;
  });
  protected readonly overMaximum = computed(() => {
    const today = this.today();
    return !!today && today.recorded + (this.running() ? this.secondsOf(this.running()!) : 0) > today.maximum;
  });

  constructor() {
    fetchAhead(() => import('./timer-facts'));
  }

  private secondsOf(timer: Timer): number {
    const since = timer.since ? Math.max(0, Math.floor((this.clock() + this.offset() - Date.parse(timer.since)) / 1000)) : 0;
    return timer.elapsed + since;
  }

  protected lengthOf(timer: Timer): string {
    return this.formats.hours(this.secondsOf(timer));
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
  protected async start(others: 'pause' | 'stop'): Promise<void> {
    let started = '';
    // What it is for may be said at once, unless somebody goes elsewhere before that is there; a pad of keys is not brought
    // up over a small screen for it.
    const work = () => this.host.nativeElement.querySelector<HTMLElement>(`[data-timer="${started}"] yw-work-field input`);
    if (this.mayType) focusWhenThere(work, 600).subscribe();
    const timers = await this.send((id) => {
      started = id;
      return this.api.call('startTimer', { body: { id, projectId: null, taskId: null, serviceId: null, note: '', others } });
    });
    if (timers) this.edit(started);
  }

  protected pause(timer: Timer): void {
    void this.send((key) => this.api.call('pauseTimer', { params: { id: timer.id }, key }));
  }

  protected resume(timer: Timer): void {
    void this.send((key) => this.api.call('resumeTimer', { params: { id: timer.id }, body: { others: 'pause' }, key }));
  }

  protected stop(timer: Timer): void {
    let kept: readonly Entry[] = [];
    void this.send(
      async (key) => {
        const { timers, entries } = await this.api.call('stopTimer', { params: { id: timer.id }, key });
        kept = entries;
        return timers;
      },
      () => keptText(kept, this.formats),
    );
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
    await this.send((key) => this.api.call('discardTimer', { params: { id: timer.id }, key }));
  }

  protected edit(id: string | null): void {
    this.editing.set(this.editing() === id ? null : id);
  }
}

function keptText(entries: readonly Entry[], formats: Formats): string {
  if (entries.length === 0) return 'It ran for less than a second; nothing is kept';
  const kept = sum(entries, (entry) => entry.quantity);
  const open = entries.some((entry) => !entry.projectId || !entry.serviceId);
  return `${formats.hours(kept)} kept${open ? '; say what it was before you submit' : ''}`;
}
