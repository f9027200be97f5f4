import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { toTheWork } from '../sign-in/to-the-work';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';

/** Where somebody who joined by a link waits for somebody of the firm to say that it is them. */
@Component({
  selector: 'yw-waiting',
  imports: [Brand, Failure, MatButton, RouterLink],
  template: `
    <main class="alone">
      <section class="form">
        <yw-brand />
        <h1>You have joined</h1>
        <p>Somebody of the firm says that it is you; then your week opens. Tell whoever gave you the link that you are here.</p>
        <yw-failure [of]="command" />
        <button mat-flat-button type="button" (click)="look()">Look again</button>
        @for (firm of others(); track firm.slug) {
          <p>
            <a [routerLink]="['/f', firm.slug, 'record']">Go to {{ firm.name }} meanwhile</a>
          </p>
        }
        <p><button class="link" type="button" (click)="signOut()">Sign out</button></p>
      </section>
    </main>
  `,
  styleUrl: '../sign-in/sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Waiting {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly route = inject(ActivatedRoute);
  private readonly enter = toTheWork();
  protected readonly command = command();
  private readonly session = this.store.selectSignal(sessionFeature.selectSession);
  private readonly back = this.route.snapshot.queryParamMap.get('back') ?? '';
  private readonly firm = /^\/f\/([a-z0-9-]+)/.exec(this.back)?.[1];
  /** The other firms that one belongs to. */
  protected readonly others = computed(() => (this.session()?.firms ?? []).filter(({ slug }) => slug !== this.firm));

  protected async look(): Promise<void> {
    const [back, firm] = [this.back, this.firm];
    if (!firm) return void (await this.router.navigateByUrl('/'));
    const me = await this.command.run(() => this.api.call('readMe', { params: { firm } }), { apart: true });
    if (me) await this.enter(back, { replaceUrl: true });
  }

  protected async signOut(): Promise<void> {
    const session = await this.command.run(() => this.api.call('signOut'), { apart: true });
    if (!session) return;
    this.store.dispatch(sessionActions.signedOut({ session }));
    await this.router.navigateByUrl('/sign-in');
  }
}
