import { ChangeDetectionStrategy, Component, DOCUMENT, computed, inject } from '@angular/core';
import { MatDivider } from '@angular/material/divider';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Session } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Functions } from '../state/functions';
import { GuideShown } from '../state/guide-shown';
import { sessionActions, sessionFeature } from '../state/session';
import { command } from '../ui/command';
import { Dialogs } from '../ui/dialogs';
import { Keys } from './keys';

type Account = NonNullable<Session['account']>;

/** The person's own menu: theme, form of durations, password, sign out. */
@Component({
  selector: 'yw-person-menu',
  imports: [MatDivider, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink],
  templateUrl: './person-menu.html',
  styles: `
    :host {
      display: flex;
      align-items: center;
      padding: 0 18px;
    }
    .who {
      width: 34px;
      height: 34px;
      border-radius: 50%;
      border: 0;
      background: var(--wood);
      color: var(--on-wood);
      font-weight: 700;
      font-size: 13px;
      cursor: pointer;
    }
    .head {
      padding: 8px 16px;
      display: grid;
    }
    @media (max-width: 1079px) {
      :host {
        padding: 0 6px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonMenu {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly command = command({ inTurn: true });
  protected readonly functions = inject(Functions);
  private readonly keys = inject(Keys);
  private readonly guide = inject(GuideShown);
  private readonly router = inject(Router);
  private readonly dialogs = inject(Dialogs);
  private readonly document = inject(DOCUMENT);
  protected readonly account = this.store.selectSignal(sessionFeature.selectAccount);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  protected readonly name = computed(() => this.me()?.person.name ?? this.account()?.name ?? '');
  protected readonly firm = computed(() => this.me()?.firm.name ?? '');
  protected readonly slug = computed(() => this.me()?.firm.slug ?? '');
  private readonly session = this.store.selectSignal(sessionFeature.selectSession);
  /** The other firms that one belongs to. */
  protected readonly others = computed(() => (this.session()?.firms ?? []).filter(({ slug }) => slug !== this.slug()));
  protected readonly founding = computed(() => (this.session()?.founding ?? 'closed') !== 'closed');
  protected readonly initials = computed(() =>
    this.name()
      .split(/\s+/)
      .map((part) => part[0])
      .join('')
      .slice(0, 2),
  );
  protected readonly themes = [
    { value: 'light', word: 'Light' },
    { value: 'dark', word: 'Dark' },
    { value: 'system', word: 'As the system' },
  ] as const;
  protected readonly forms = [
    { value: 'clock', word: 'Hours as 4:30' },
    { value: 'decimal', word: 'Hours as 4.50' },
  ] as const;

  protected async prefer(change: Partial<Pick<Account, 'theme' | 'durationForm'>>): Promise<void> {
    if (change.theme) this.document.documentElement.dataset['theme'] = change.theme;
    // On what the choice before has made of them.
    const session = await this.command.run(() => {
      const { theme, durationForm } = { ...this.account()!, ...change };
      return this.api.call('changePreferences', { body: { theme, durationForm } });
    });
    if (session) this.store.dispatch(sessionActions.known({ session }));
    else this.document.documentElement.dataset['theme'] = this.account()!.theme;
  }

  protected async showPay(): Promise<void> {
    await this.dialogs.open(() => import('./pay-dialog').then(({ PayDialog }) => PayDialog), { maxWidth: '92vw' });
  }

  protected async showFirstSteps(): Promise<void> {
    await this.command.run(() => this.guide.show(true));
    await this.router.navigate(['/f', this.slug(), 'record']);
  }

  protected async showKeys(): Promise<void> {
    await this.keys.show();
  }

  protected async changePassword(): Promise<void> {
    await this.dialogs.open(() => import('./password-dialog').then(({ PasswordDialog }) => PasswordDialog));
  }

  protected async signOut(): Promise<void> {
    const session = await this.api.call('signOut');
    this.store.dispatch(sessionActions.signedOut({ session }));
    await this.router.navigateByUrl('/sign-in');
  }
}
