import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Guide } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { GuideShown } from '../state/guide-shown';
import { SayPipe } from '../state/own-words';
import { command } from '../ui/command';
import { loaded } from '../ui/loaded';

type Step = Guide['steps'][number]['step'];

const WORDS: Readonly<Record<Step, string>> = {
  place: 'Say where people work',
  work: 'Name a client and a project',
  people: 'Invite somebody',
  recorded: 'Start a timer, or type hours',
  facts: 'Fill what stands on invoices',
  submitted: 'Submit the first time',
};

/** A short guide through the first hour: what is done, and where the rest is. It can be closed, and found again in the menu. */
@Component({
  selector: 'yw-first-steps',
  imports: [RouterLink, SayPipe],
  templateUrl: './first-steps.html',
  styleUrl: './first-steps.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstSteps {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  private readonly guide = inject(GuideShown);
  private readonly command = command();
  protected readonly known = loaded(
    () => this.address.firm(),
    () => this.api.call('readGuide'),
    () => true,
  );
  protected readonly steps = computed(() =>
    (this.known.value()?.steps ?? []).map(({ step, done }) => ({ step, done, word: WORDS[step], ...this.placeOf(step) })),
  );
  protected readonly left = computed(() => this.steps().filter(({ done }) => !done).length);

  /** Where a step is done; what is done here needs no way. */
  private placeOf(step: Step): { readonly to?: readonly string[]; readonly query?: Record<string, string> } {
    const firm = this.address.firm();
    if (step === 'recorded' || step === 'submitted') return {};
    return step === 'facts' ? { to: ['/f', firm, 'settings', 'firm'] } : { to: ['/found'], query: { firm, step } };
  }

  protected async close(): Promise<void> {
    await this.command.run(() => this.guide.show(false), { apart: true });
  }
}
