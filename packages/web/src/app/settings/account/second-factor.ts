import { ChangeDetectionStrategy, Component, afterRenderEffect, inject, output, signal, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { NewSecret, SecondFactor } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { Leaves } from '../../ui/leaves';
import { TextField } from '../../ui/form/text-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { Notices } from '../../ui/notices';

/** What is being done: nothing, beginning it with the password, scanning, new recovery codes, ending it. */
type Step = 'rest' | 'begin' | 'scan' | 'renew' | 'end';

const passwordField = () =>
  new FormControl('', { nonNullable: true, validators: needed('Type the password that you sign in with.') });
const codeField = () => new FormControl('', { nonNullable: true, validators: needed('Type the code that your device shows.') });

/** One's second factor: set up with a device that makes codes, kept with recovery codes, ended. */
@Component({
  selector: 'yw-second-factor',
  imports: [Failure, Leaves, Loading, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './second-factor.html',
  styleUrl: './second-factor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SecondFactorSetting {
  private readonly api = inject(Api);
  private readonly notices = inject(Notices);
  /** The codes are kept, and whoever asked for a second factor has it. */
  readonly kept = output();
  protected readonly command = command();
  protected readonly step = signal<Step>('rest');
  protected readonly secret = signal<NewSecret | null>(null);
  /** Recovery codes, as long as they are shown. */
  protected readonly codes = signal<readonly string[]>([]);
  protected readonly factor = loaded(
    () => true,
    (): Promise<SecondFactor> => this.api.call('readSecondFactor'),
  );
  protected readonly password = new FormGroup({ password: passwordField() });
  protected readonly code = new FormGroup({ code: codeField() });
  protected readonly both = new FormGroup({ password: passwordField(), code: codeField() });
  private readonly field = viewChild(TextField);

  constructor() {
    afterRenderEffect({
      read: () => {
        if (this.step() !== 'rest') this.field()?.focus();
      },
    });
  }

  protected go(step: Step): void {
    this.command.forget();
    for (const form of [this.password, this.code, this.both]) form.reset();
    this.secret.set(null);
    this.step.set(step);
  }

  protected async begin(): Promise<void> {
    const secret = await this.command.run(() => this.api.call('beginSecondFactor', { body: this.password.getRawValue() }), {
      apart: true,
    });
    if (!secret) return;
    this.go('scan');
    this.secret.set(secret);
  }

  /** Types the first code, or one for new recovery codes: both end with codes to keep. */
  protected async take(name: 'confirmSecondFactor' | 'renewRecoveryCodes'): Promise<void> {
    const made = await this.command.run(() => this.api.call(name, { body: this.code.getRawValue() }), { apart: true });
    if (!made) return;
    this.go('rest');
    this.codes.set(made.codes);
    this.factor.set({ set: true, codes: made.codes.length });
  }

  protected async end(): Promise<void> {
    const ended = await this.command.run(
      async () => {
        await this.api.call('endSecondFactor', { body: this.both.getRawValue() });
        return true;
      },
      { done: 'You sign in with the password alone again', apart: true },
    );
    if (!ended) return;
    this.go('rest');
    this.factor.set({ set: false, codes: 0 });
  }

  protected async copy(): Promise<void> {
    await navigator.clipboard.writeText(this.codes().join('\n')).then(
      () => this.notices.done('Copied'),
      () => this.command.refuse('The browser does not let them be copied. Mark the codes and copy them yourself.'),
    );
  }

  protected keep(): void {
    this.codes.set([]);
    this.kept.emit();
  }
}
