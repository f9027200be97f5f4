import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, DOCUMENT, computed, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { JoinLink } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { says } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { MomentPipe } from '../../ui/formats';
import { loaded } from '../../ui/loaded';
import { ROLE_WORDS, RoleChoice, oneRole } from './roles';
import { OwnWords } from '../../state/own-words';

const whole = (from: number, to: number, sentence: string) => ({
  nonNullable: true as const,
  validators: ({ value }: { value: unknown }) => {
    const count = Number(value);
    return Number.isInteger(count) && count >= from && count <= to ? null : says(sentence);
  },
});

/** Links that are pasted into any messenger: who follows one joins, and is confirmed in the list of people. */
@Component({
  selector: 'yw-join-links',
  imports: [ChoiceField, Failure, MatButton, MomentPipe, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './join-links.html',
  styleUrl: './join-links.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JoinLinks {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  private readonly clipboard = inject(Clipboard);
  private readonly document = inject(DOCUMENT);
  /** The roles that one may give. */
  readonly roles = input.required<readonly RoleChoice[]>();
  protected readonly command = command();
  protected readonly ending = command();
  protected readonly form = new FormGroup({
    role: new FormControl('staff', { nonNullable: true }),
    team: new FormControl('', { nonNullable: true }),
    uses: new FormControl('1', whole(1, 200, 'Type how many may join by it: 1 to 200.')),
    days: new FormControl('7', whole(1, 30, 'Type how many days it lives: 1 to 30.')),
  });
  private readonly values = valuesOf(this.form);
  protected readonly role = oneRole(this.roles, () => this.values().role);
  protected readonly known = loaded(
    () => true,
    () => this.api.call('listLinks'),
  );
  private readonly allTeams = loaded(
    () => true,
    () => this.api.call('listTeams'),
  );
  protected readonly teams = computed(() => [
    { value: '', word: 'no team' },
    ...(this.allTeams.value()?.teams ?? []).filter(({ mine }) => mine).map(({ id, name }) => ({ value: id, word: name })),
  ]);
  /** The link that was made just now: only here is it ever shown. */
  protected readonly made = signal('');
  protected readonly told = signal('');

  protected wordOf({ role, ownRole, team, uses, used }: JoinLink): string {
    const left = uses - used;
    const name = role ? this.say(ROLE_WORDS[role].word) : ownRole;
    return `${name}${team ? `, ${team}` : ''}: ${left} of ${uses} ${uses === 1 ? 'use' : 'uses'} left`;
  }

  protected async make(): Promise<void> {
    const { role, team, uses, days } = this.form.getRawValue();
    const token = newToken();
    const body = { token, role, teamId: team || null, uses: Number(uses), days: Number(days) };
    const done = await this.command.run(async (id) => {
      await this.api.call('createLink', { body: { id, ...body } });
      return true;
    });
    if (!done) return;
    this.made.set(`${this.document.location.origin}/link#${token}`);
    this.copy();
    await this.known.reload();
  }

  protected copy(): void {
    this.told.set(this.clipboard.copy(this.made()) ? 'Copied. Paste it where they read it.' : 'Copy it from here.');
  }

  protected async end({ id }: JoinLink): Promise<void> {
    await this.ending.run((key) => this.api.call('endLink', { params: { id }, key }), {
      done: 'Nobody joins by it any more',
      about: id,
    });
    await this.known.reload();
  }
}

/** 32 random bytes, base64url. */
function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(32));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
}
