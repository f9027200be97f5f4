import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { toTheWork } from '../sign-in/to-the-work';
import { FirmForm } from './firm-form';
import { FirstPeople } from './first-people';
import { FirstWork } from './first-work';
import { SignUp } from './sign-up';
import { Walk, WalkStep } from './walk';

/**
 * Founding a firm, step by step: oneself, the firm, first work, people. The address holds firm and step, so that one goes on
 * where one left off.
 */
@Component({
  selector: 'yw-found',
  imports: [Brand, FirmForm, FirstPeople, FirstWork, RouterLink, SignUp, Walk],
  templateUrl: './found.html',
  styles: '.closed { padding: 40px; display: grid; gap: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Found {
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly api = inject(Api);
  private readonly enter = toTheWork();
  private readonly command = command();
  /** From the address: the firm that was founded, and what comes next. */
  readonly firm = input<string>();
  readonly step = input<string>();
  protected readonly session = this.store.selectSignal(sessionFeature.selectSession);
  protected readonly unreachable = this.store.selectSignal(sessionFeature.selectSentence);
  private readonly account = this.store.selectSignal(sessionFeature.selectAccount);
  protected readonly own = computed(() => this.session()?.firms.find(({ slug }) => slug === this.firm()));
  protected readonly at = computed(() => {
    if (!this.account()) return 'you';
    if (!this.own()) return 'firm';
    return this.step() === 'people' ? 'people' : 'work';
  });
  protected readonly closed = computed(() => this.at() === 'you' && this.session()?.founding === 'closed');
  protected readonly steps = computed((): WalkStep[] => [
    { id: 'you', word: 'You', small: this.account()?.name ?? 'your account' },
    { id: 'firm', word: 'The firm', small: this.own()?.name ?? 'name and country' },
    { id: 'work', word: 'First work', small: 'a client, a project' },
    { id: 'people', word: 'People', small: 'or nobody yet' },
  ]);

  constructor() {
    this.store.dispatch(sessionActions.read());
  }

  protected go(step: string, firm = this.firm()): void {
    void this.router.navigate(['/found'], { queryParams: { firm, step } });
  }

  protected async founded(firm: string): Promise<void> {
    // Whoever is signed in belongs to it now.
    const session = await this.command.run(() => this.api.call('readSession'));
    if (session) this.store.dispatch(sessionActions.known({ session }));
    this.go('work', firm);
  }

  protected toWeek(): void {
    void this.enter(`/f/${this.firm()}/record`);
  }
}
