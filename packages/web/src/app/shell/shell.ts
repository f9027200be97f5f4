import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  signal,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { CdkTrapFocus } from '@angular/cdk/a11y';
import { BreakpointObserver } from '@angular/cdk/layout';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { map } from 'rxjs';
import { Address } from '../state/address';
import { kept } from '../state/kept';
import { KeepFocus } from '../ui/keep-focus';
import { sessionFeature } from '../state/session';
import { Keys } from './keys';
import { ScopeTree } from './scope-tree';
import { StepRail } from './step-rail';
import { SettingsList } from '../settings/settings-list';
import { NotFetched } from '../ui/not-fetched';
import { TimerDock } from './timer-dock';
import { WhyPanel } from './why-panel';

/**
 * The frame of every screen: steps across, scope down, the work surface, why beside it, and the timer
 * dock at the foot.
 */
@Component({
  selector: 'yw-shell',
  imports: [CdkTrapFocus, NotFetched, RouterOutlet, SettingsList, StepRail, ScopeTree, WhyPanel, TimerDock],
  templateUrl: './shell.html',
  styleUrl: './shell.scss',
  host: {
    '(document:keydown)': 'keys.pressed($event)',
    '[class.with-why]': 'whyShown() && !over()',
    '[class.with-dock]': 'records()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Shell {
  private readonly address = inject(Address);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly keys = inject(Keys);
  protected readonly scopeOpen = signal(false);
  protected readonly over = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 1279px)')
      .pipe(map((state) => state.matches)),
    { initialValue: false },
  );
  /** Settings stand apart from the steps: no scope narrows them. */
  protected readonly inSettings = computed(() => this.address.part() === 'settings');
  protected readonly records = computed(() => !!this.rights()['time.record']);
  /**
   * What the person chose, by step; until then the steps whose work is done with it open with it, where there
   * is room, and so does a link to a figure: it was asked why.
   */
  private readonly choice = kept(
    () => 'why',
    (): Readonly<Record<string, boolean>> => ({}),
  );
  protected readonly whyShown = computed(() => {
    const step = this.address.step() ?? '';
    if (this.inSettings()) return false;
    const beside = ['record', 'review', 'collect'].includes(step) || this.address.selection()?.kind === 'figure';
    return this.choice()[step] ?? (beside && !this.over());
  });

  constructor() {
    inject(KeepFocus);
    // Asking "why" of a figure opens the panel wherever it was folded.
    this.address.asked.subscribe(() => this.unfold());
  }

  /** The scope where it has no place of its own: over the work, until something is chosen or one turns away from it. */
  protected drawer(open: boolean): void {
    if (open === this.scopeOpen()) return;
    this.scopeOpen.set(open);
    const into = () => this.host.nativeElement.querySelector<HTMLElement>(open ? '.side input' : '.scope-button')?.focus();
    afterNextRender(into, { injector: this.injector });
  }

  protected fold(): void {
    this.set(false);
  }

  protected unfold(): void {
    this.set(true);
  }

  private set(open: boolean): void {
    this.choice.update((choice) => ({ ...choice, [this.address.step() ?? '']: open }));
  }

  protected skip(event: Event, to: 'work' | 'timer'): void {
    event.preventDefault();
    document.getElementById(to)?.focus();
  }
}
