import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { TickField } from '../../ui/form/tick-field';
import { History } from '../../ui/history';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';

/** What the firm asks of its people when they sign in. */
@Component({
  selector: 'yw-sign-in-rule',
  imports: [Failure, History, Loading, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TickField],
  templateUrl: './sign-in-rule.html',
  styleUrl: '../setting.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignInRuleScreen {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  protected readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readSignInRule'),
  );
  protected readonly form = new FormGroup({ factorForMoney: new FormControl(false, { nonNullable: true }) });
  private readonly values = valuesOf(this.form);
  /** Whom the rule as it is ticked asks for something at their next step. */
  protected readonly asked = computed(() => {
    const without = (this.known.value()?.people ?? []).filter(({ factor }) => !factor);
    if (!this.values().factorForMoney) return '';
    if (without.length === 0) return 'All who see money have one.';
    if (without.some(({ id }) => id === this.me()?.person.id)) return 'You see money too: set up your own second factor first.';
    return `Asked to set one up at their next step: ${without.map(({ name }) => name).join(', ')}.`;
  });

  constructor() {
    fillFor(
      this.form,
      () => this.known.value()?.version,
      () => this.known.value()!.rule,
    );
  }

  protected async save(): Promise<void> {
    const { version } = this.known.value()!;
    const saved = await this.command.run(() => this.api.call('changeSignInRule', { body: this.form.getRawValue(), version }), {
      done: 'Saved',
      apart: true,
    });
    if (saved) this.known.set(saved);
  }
}
