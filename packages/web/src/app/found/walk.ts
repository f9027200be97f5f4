import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { Brand } from '../ui/brand';

export interface WalkStep {
  readonly id: string;
  readonly word: string;
  /** What was said there, or what is asked. */
  readonly small: string;
}

/** The frame of founding: how far one has come, ring by ring, and what is asked now. */
@Component({
  selector: 'yw-walk',
  imports: [Brand],
  template: `
    <aside>
      <yw-brand />
      <ol>
        @for (step of steps(); track step.id; let index = $index) {
          <li
            [class.done]="index < now()"
            [class.now]="index === now()"
            [attr.aria-current]="index === now() ? 'step' : null"
            [style.--rings]="index + 2"
          >
            <i aria-hidden="true"></i>
            <span
              ><b>{{ step.word }}</b
              ><small>{{ step.small }}</small></span
            >
          </li>
        }
      </ol>
      <p>First work and people can wait: both are done as well later, once the firm is there.</p>
    </aside>
    <main>
      <p class="quiet">Step {{ now() + 1 }} of {{ steps().length }}</p>
      <ng-content />
    </main>
  `,
  styleUrl: './walk.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Walk {
  readonly steps = input.required<readonly WalkStep[]>();
  readonly at = input.required<string>();
  protected readonly now = computed(() => this.steps().findIndex(({ id }) => id === this.at()));
}
