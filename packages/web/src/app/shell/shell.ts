import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BreakpointObserver } from '@angular/cdk/layout';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { map } from 'rxjs';
import { Address } from '../state/address';
import { KeepFocus } from '../ui/keep-focus';
import { sessionFeature } from '../state/session';
import { Keys } from './keys';
import { ScopeTree } from './scope-tree';
import { StepRail } from './step-rail';
import { TimerDock } from './timer-dock';
import { WhyPanel } from './why-panel';

/**
 * The frame of every screen: steps across, scope down, the work surface, why beside it, and the timer
 * dock at the foot.
 */
@Component({
  selector: 'yw-shell',
  imports: [RouterOutlet, StepRail, ScopeTree, WhyPanel, TimerDock],
  template: `
    <a class="skip" href="#work" (click)="skip($event)">Skip to the work</a>
    <yw-step-rail (scopeToggled)="scopeOpen.set(!scopeOpen())" [scopeOpen]="scopeOpen()" />
    <yw-scope-tree [class.open]="scopeOpen()" (chosen)="scopeOpen.set(false)" />
    <main id="work" tabindex="-1"><router-outlet /></main>
    @if (whyShown()) {
      <yw-why-panel [class.over]="over()" (folded)="fold()" />
    } @else {
      <button class="handle" type="button" (click)="unfold()" aria-expanded="false">Why</button>
    }
    @if (records()) {
      <yw-timer-dock />
    }
  `,
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
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly keys = inject(Keys);
  protected readonly scopeOpen = signal(false);
  protected readonly over = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 1279px)')
      .pipe(map((state) => state.matches)),
    { initialValue: false },
  );
  protected readonly records = computed(() => !!this.rights()['time.record']);
  /**
   * What the person chose, by step; until then the steps whose work is done with it open with it, where there
   * is room, and so does a link to a figure: it was asked why.
   */
  private readonly choice = signal<Readonly<Record<string, boolean>>>({});
  protected readonly whyShown = computed(() => {
    const step = this.address.step() ?? '';
    const beside = ['record', 'review', 'collect'].includes(step) || this.address.selection()?.kind === 'figure';
    return this.choice()[step] ?? (beside && !this.over());
  });

  constructor() {
    inject(KeepFocus);
    // Asking "why" of a figure opens the panel wherever it was folded.
    this.address.asked.subscribe(() => this.unfold());
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

  protected skip(event: Event): void {
    event.preventDefault();
    document.getElementById('work')?.focus();
  }
}
