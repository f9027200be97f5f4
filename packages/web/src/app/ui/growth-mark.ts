import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Stage } from '@yellowwood/core';

const RINGS: Readonly<Record<Stage, number>> = { recorded: 1, submitted: 2, approved: 3, billed: 4, paid: 5 };

/**
 * A trunk cut across: one to five off-centre rings for the five stages. Returned: the outer ring is
 * broken and clay.
 */
@Component({
  selector: 'yw-growth-mark',
  template: `
    <svg width="14" height="14" viewBox="0 0 14 14" role="img" [attr.aria-label]="label()">
      @if (returned()) {
        <circle
          cx="7"
          cy="7"
          r="6.2"
          fill="none"
          stroke="var(--clay)"
          stroke-width="1.6"
          stroke-dasharray="26 13"
          transform="rotate(-50 7 7)"
        />
      } @else {
        @for (ring of rings(); track ring.r) {
          <circle [attr.cx]="ring.x" [attr.cy]="ring.y" [attr.r]="ring.r" fill="none" stroke="var(--mark)" stroke-width="1.15" />
        }
      }
    </svg>
  `,
  styles: ':host { display: inline-block; line-height: 0; vertical-align: -2px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GrowthMark {
  readonly stage = input.required<Stage>();
  readonly returned = input(false);
  protected readonly label = computed(() => (this.returned() ? 'returned' : this.stage()));
  protected readonly rings = computed(() =>
    Array.from({ length: RINGS[this.stage()] }, (_, index) => ({
      x: 7 - 0.35 * index,
      y: 7 + 0.25 * index,
      r: index === 4 ? 1 : 6.2 - 1.3 * index,
    })),
  );
}
