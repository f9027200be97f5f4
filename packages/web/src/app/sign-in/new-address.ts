import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { codeOf } from '../api/problem-error';
import { sessionActions } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { tokenOfLink } from './token-of-link';

/** Shows by the link of a message that another address is one's own; from then on one signs in with it. */
@Component({
  selector: 'yw-new-address',
  imports: [Brand, Failure, MatButton, RouterLink],
  templateUrl: './new-address.html',
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewAddress {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  protected readonly token = tokenOfLink('/address');
  protected readonly command = command();
  /** The address, once it is the account's. */
  protected readonly email = signal('');
  /** Whether nobody is signed in here. */
  protected readonly stranger = signal(false);

  constructor() {
    effect(() => {
      if (this.token()) untracked(() => void this.confirm());
    });
  }

  private async confirm(): Promise<void> {
    this.email.set('');
    this.stranger.set(false);
    const session = await this.command.run(() =>
      this.api.call('confirmAddress', { body: { token: this.token() } }).catch((error: unknown) => {
        if (codeOf(error) !== 'not-signed-in') throw error;
        this.stranger.set(true);
        return undefined;
      }),
    );
    if (!session) return;
    this.store.dispatch(sessionActions.known({ session }));
    this.email.set(session.account!.email);
  }
}
