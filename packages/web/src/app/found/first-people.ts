import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ROLE_RIGHTS } from '@yellowwood/core';
import { roleChoices } from '../settings/people/roles';
import { InviteForm } from '../settings/people/invite-form';
import { OwnWords } from '../state/own-words';

/** The first people of a firm besides its founder, or nobody yet. */
@Component({
  selector: 'yw-first-people',
  imports: [InviteForm, MatButton],
  template: `
    <h1>People</h1>
    <p class="quiet">
      Whoever is invited gets a message, and joins by its link. You may do this at any time in Settings, People.
    </p>
    @if (invited().length > 0) {
      <p role="status">{{ invited().length === 1 ? 'Invited' : 'Invited so far' }}: {{ invited().join(', ') }}.</p>
    }
    <yw-invite-form [firm]="firm()" [roles]="roles" (invited)="add($event)" />
    <div class="row">
      <button mat-stroked-button type="button" (click)="done.emit()">
        {{ invited().length > 0 ? 'To my week' : 'Nobody yet, to my week' }}
      </button>
    </div>
  `,
  styleUrl: './step.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstPeople {
  readonly firm = input.required<string>();
  readonly done = output();
  /** Who founds a firm holds every right, and so may give every role. */
  protected readonly roles = roleChoices([], ROLE_RIGHTS.owner, inject(OwnWords).say);
  protected readonly invited = signal<readonly string[]>([]);

  protected add(name: string): void {
    this.invited.update((all) => [...all, name]);
  }
}
