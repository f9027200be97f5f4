import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { KnownShape } from '@yellowwood/contracts';
import type { FirmFunction, Shape } from '@yellowwood/core';
import { Api } from '../api/api';
import { OwnWords } from '../state/own-words';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { FunctionsForm } from '../settings/firm/functions-form';
import { ShapeForm } from '../settings/firm/shape-form';
import { WhatIsThere } from '../settings/firm/what-is-there';
import { toTheWork } from '../sign-in/to-the-work';
import { FirmForm } from './firm-form';
import { FirstPeople } from './first-people';
import { FirstWork } from './first-work';
import { SignUp } from './sign-up';
import { Walk, WalkStep } from './walk';

/** The steps once the firm is there, in their order. Each may be skipped, and comes again where one likes. */
const LATER = ['place', 'functions', 'work', 'people'] as const;
type Later = (typeof LATER)[number];

/**
 * Founding a firm, step by step: oneself, the firm, where people work, what is used, first work, people. The address holds
 * firm and step, so that one goes on where one left off; the first steps in one's week lead back here.
 */
@Component({
  selector: 'yw-found',
  imports: [
    ...[Brand, FirmForm, FirstPeople, FirstWork, FunctionsForm, Loading, MatButton, RouterLink, ShapeForm, SignUp, Walk],
    ...[WhatIsThere],
  ],
  templateUrl: './found.html',
  styles: '.closed { padding: 40px; display: grid; gap: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Found {
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly api = inject(Api);
  private readonly say = inject(OwnWords).say;
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
    return LATER.find((one) => one === this.step()) ?? 'place';
  });
  protected readonly closed = computed(() => this.at() === 'you' && this.session()?.founding === 'closed');
  /** What the firm says of itself and uses, once it is there. */
  protected readonly known = loaded(
    () => this.own()?.slug,
    (firm) => this.api.call('readShape', { params: { firm } }),
    () => true,
  );
  /** As the switches stand. */
  protected readonly wished = signal<readonly FirmFunction[] | null>(null);
  /** What is chosen until something else is: most firms are so. */
  protected readonly usual: Shape = { place: 'office', size: 'few', trade: 'general' };
  protected readonly steps = computed((): WalkStep[] => [
    { id: 'you', word: 'You', small: this.account()?.name ?? 'your account' },
    { id: 'firm', word: 'The firm', small: this.own()?.name ?? 'name and country' },
    { id: 'place', word: 'Where people work', small: 'and what they do', open: !!this.own() },
    { id: 'functions', word: 'What you use', small: 'and what not', open: !!this.own() },
    { id: 'work', word: 'First work', small: this.say('a client, a project'), open: !!this.own() },
    { id: 'people', word: 'People', small: 'or nobody yet', open: !!this.own() },
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
    this.go('place', firm);
  }

  protected take(known: KnownShape, next: Later): void {
    this.known.set(known);
    this.go(next);
  }

  /** Who is alone has nobody to invite. */
  protected afterWork(): void {
    if (this.known.value()?.shape.size === 'one') this.toWeek();
    else this.go('people');
  }

  protected toWeek(): void {
    void this.enter(`/f/${this.firm()}/record`);
  }
}
