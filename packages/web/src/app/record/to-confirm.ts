import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sessionActions, sessionFeature } from '../state/session';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { loaded } from '../ui/loaded';

/** Asks whoever has not to read and confirm how their firm has time recorded. */
@Component({
  selector: 'yw-to-confirm',
  imports: [Failure, MatButton],
  template: `
    @if (known.value()?.instruction; as text) {
      <section aria-label="How time is recorded here">
        @if (read()) {
          <p class="wording">{{ text.wording }}</p>
          <yw-failure [of]="command" />
          <button mat-flat-button type="button" (click)="confirm(text.version)">I have read this and record my time so</button>
        } @else {
          <p>
            <b>Your firm says how time is recorded, and asks you to confirm it.</b>
            <button class="link" type="button" (click)="read.set(true)">Read it</button>
          </p>
        }
      </section>
    }
  `,
  styles: `
    section {
      border: 1px solid var(--wood);
      border-left-width: 6px;
      background: var(--rule-soft);
      padding: 8px 12px;
      margin-bottom: 12px;
    }
    p {
      margin: 0;
    }
    .wording {
      white-space: pre-line;
      max-width: 70ch;
      margin-bottom: 10px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToConfirm {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly command = command();
  protected readonly read = signal(false);
  protected readonly known = loaded(
    () => this.me()?.toConfirm ?? undefined,
    () => this.api.call('readInstruction'),
  );

  protected async confirm(version: number): Promise<void> {
    const done = await this.command.run(
      async (key) => {
        await this.api.call('confirmInstruction', { body: { version }, key });
        return true;
      },
      { done: 'Confirmed', about: String(version) },
    );
    if (done) this.store.dispatch(sessionActions.meRead({ me: { ...this.me()!, toConfirm: null } }));
  }
}
