import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';

/** Signing in; in demo mode with the demo firm's sign-ins beside it. */
@Component({
  selector: 'yw-sign-in',
  imports: [MatButton, Brand],
  template: `
    <main>
      <section class="form">
        <yw-brand />
        <h1>Sign in</h1>
        <form (submit)="signIn($event)" novalidate>
          <label class="field"
            >E-mail address
            <input
              class="plain-field"
              type="email"
              name="email"
              autocomplete="username"
              [value]="email()"
              (input)="email.set($any($event.target).value)"
          /></label>
          <label class="field"
            >Password
            <input
              class="plain-field"
              type="password"
              name="password"
              autocomplete="current-password"
              [value]="password()"
              (input)="password.set($any($event.target).value)"
          /></label>
          @if (sentence() || unreachable()) {
            <p class="field-error" role="alert">{{ sentence() || unreachable() }}</p>
          }
          <button mat-flat-button type="submit" [disabled]="busy()">Sign in</button>
        </form>
      </section>
      @if (demo().length > 0) {
        <section class="demo">
          <h2>The demo firm</h2>
          <p class="quiet">Quillfeather Conservation is made up, and so is everything in it. Choose who you are:</p>
          <ul>
            @for (one of demo(); track one.email) {
              <li>
                <button class="who" type="button" (click)="take(one)">
                  <b>{{ one.name }}</b><span class="quiet">{{ one.role }}</span>
                </button>
              </li>
            }
          </ul>
        </section>
      }
    </main>
  `,
  styles: `
    :host {
      display: grid;
      min-height: 100%;
      place-items: center;
      padding: 24px;
      background: radial-gradient(circle at 30% 130%, var(--wood-soft), var(--paper) 60%);
    }
    main {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
      gap: 40px;
      width: min(760px, 100%);
    }
    .form {
      display: grid;
      gap: 16px;
      align-content: start;
    }
    form {
      display: grid;
      gap: 14px;
    }
    .demo {
      border-left: 1px solid var(--line);
      padding-left: 32px;
      display: grid;
      gap: 10px;
      align-content: start;
      padding-top: 56px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      display: grid;
      gap: 6px;
    }
    .who {
      width: 100%;
      display: flex;
      justify-content: space-between;
      gap: 12px;
      padding: 10px 14px;
      text-align: left;
      border: 1px solid var(--line);
      border-radius: 6px;
      background: var(--surface);
      cursor: pointer;
    }
    .who:hover {
      background: var(--wood-soft);
    }
    @media (max-width: 700px) {
      .demo {
        border: 0;
        padding: 0;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignIn {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly route = inject(ActivatedRoute);
  protected readonly email = signal('');
  protected readonly password = signal('');
  protected readonly busy = signal(false);
  private readonly session = this.store.selectSignal(sessionFeature.selectSession);
  protected readonly unreachable = this.store.selectSignal(sessionFeature.selectSentence);
  protected readonly demo = computed(() => this.session()?.demo ?? []);
  protected readonly sentence = signal(
    this.route.snapshot.queryParamMap.has('unknown') ? 'There is no firm of this name that you belong to.' : '',
  );

  constructor() {
    this.store.dispatch(sessionActions.read());
  }

  protected take(one: { email: string; password: string }): void {
    this.email.set(one.email);
    this.password.set(one.password);
    void this.submit();
  }

  protected signIn(event: Event): void {
    event.preventDefault();
    if (!this.email().includes('@') || this.password() === '') this.sentence.set('Type your e-mail address and your password.');
    else void this.submit();
  }

  private async submit(): Promise<void> {
    this.busy.set(true);
    this.sentence.set('');
    try {
      const session = await this.api.call('signIn', { body: { email: this.email(), password: this.password() } });
      this.store.dispatch(sessionActions.known({ session }));
      const back = this.route.snapshot.queryParamMap.get('back');
      // Only a way within this page is followed.
      await this.router.navigateByUrl(back?.startsWith('/f/') ? back : '/');
    } catch (error) {
      this.sentence.set(sentenceOf(error));
    } finally {
      this.busy.set(false);
    }
  }
}
